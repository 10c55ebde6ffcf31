import { Box, Heading, Input } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type CoatGroup } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Refusal } from '../common/Refusal';
import { usePlan } from '../plan/PlanProvider';
import { CompareBuildUps } from './CompareBuildUps';
import { coatAs } from './coatAs';

/** Keeps the coats of a group by name, uses what was kept, copies from another group. */
export function SchemeLinks({
  groups,
  group,
}: {
  groups: ReadonlyArray<CoatGroup>;
  group: CoatGroup;
}) {
  const plan = usePlan();
  const client = useQueryClient();
  const [comparing, setComparing] = useState(false);
  const [naming, setNaming] = useState<string | null>(null);
  const schemes = useQuery({
    queryKey: keys.schemes(),
    queryFn: () => ask(api.GET('/api/schemes')),
  });
  const keep = useMutation({
    mutationFn: (name: string) =>
      ask(api.POST('/api/schemes', { body: { name, wishes: group.wishes } })),
    onSuccess: () => {
      setNaming(null);
      void client.invalidateQueries({ queryKey: keys.schemes() });
    },
  });
  const others = groups.filter((g) => g.id !== group.id && g.bands.length > 0);
  const kept = schemes.data ?? [];
  const among = [
    ['', 'as it is'] as const,
    ...kept.map((s) => [`scheme:${s.id}`, s.name] as const),
    ...others.map((g) => [`group:${g.id}`, `as ${g.name.toLowerCase()}`] as const),
  ];
  const take = (key: string) => {
    const edit = coatAs(key, group.id, kept);
    if (edit) {
      plan.edit(edit);
    }
  };
  return (
    <Box mt="4">
      <Heading as="h3" fontFamily="heading" fontSize="15px" color="soft" mb="1">
        Schemes
      </Heading>
      {among.length > 1 && (
        <>
          <ChoiceField label="Coat it as" value="" among={among} onChoice={take} />
          <Button
            mt="2"
            size="xs"
            look="plain"
            px="0"
            title="What each would come to, side by side"
            onClick={() => setComparing(true)}
          >
            Compare them first…
          </Button>
        </>
      )}
      {comparing && <CompareBuildUps group={group} take={take} close={() => setComparing(false)} />}
      {naming === null ? (
        <Button
          mt="2"
          size="xs"
          disabled={!group.changed}
          title={group.changed ? undefined : 'Nothing is decided here that could be kept'}
          onClick={() => setNaming('')}
        >
          Keep as a scheme…
        </Button>
      ) : (
        <Box mt="2">
          <Input
            size="sm"
            bg="card"
            aria-label="Name of the scheme"
            placeholder="Name of the scheme"
            maxLength={80}
            value={naming}
            onChange={(e) => setNaming(e.currentTarget.value)}
            onKeyDown={(e) => e.key === 'Enter' && naming.trim() && keep.mutate(naming)}
          />
          <Button
            mt="1"
            size="xs"
            look="sea"
            disabled={naming.trim() === '' || keep.isPending}
            onClick={() => keep.mutate(naming)}
          >
            Keep it
          </Button>
          {keep.isError && <Refusal of={keep.error} />}
        </Box>
      )}
    </Box>
  );
}
