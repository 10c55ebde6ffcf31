import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type CoatGroup, type MixesView } from '../api/client';
import { allButStudio, keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { usePlan } from '../plan/PlanProvider';

type Mix = MixesView['mixes'][number];

const SHADES = [
  [-1, 'a shade darker'],
  [0, 'as it is'],
  [1, 'a shade lighter'],
] as const;

/** Which paints of the shelf come to this colour when they are mixed. */
export function Mixes({ group }: { group: CoatGroup }) {
  const plan = usePlan();
  const [asked, setAsked] = useState<number | null>(null);
  const { id, version } = plan.piece;
  const mixes = useQuery({
    queryKey: keys.mixes(id, version, group.id, asked),
    enabled: asked !== null,
    queryFn: () =>
      ask(
        api.GET('/api/pieces/{id}/coats/{groupId}/mixes', {
          params: { path: { id, groupId: group.id }, query: { step: asked ?? 0 } },
        }),
      ),
  });
  const found = mixes.data;
  return (
    <Box mt="3">
      <Section title="Mixed to match">
        <Flex gap="1.5" wrap="wrap">
          {SHADES.map(([step, name]) => (
            <Button
              key={name}
              size="xs"
              borderRadius="full"
              look={asked === step ? 'sea' : 'quiet'}
              aria-pressed={asked === step}
              onClick={() => setAsked(step)}
            >
              {name}
            </Button>
          ))}
        </Flex>
        {mixes.isFetching && !found && (
          <Text role="status" fontSize="13px" color="soft" mt="1">
            Every pair and triple is looked at…
          </Text>
        )}
        {mixes.isError && <Refusal of={mixes.error} />}
        {found && (
          <>
            {found.nearest && (
              <Text fontSize="13px" mt="2">
                {found.nearest.name} by itself is {found.nearest.differsText}.
              </Text>
            )}
            {found.mixes.length === 0 && (
              <Text fontSize="13px" mt="1">
                It takes two paints with water in them to mix from.
              </Text>
            )}
            <Flex direction="column" gap="2" mt="2">
              {found.mixes.map((m) => (
                <MixCard key={m.title} mix={m} found={found} group={group} />
              ))}
            </Flex>
            {found.mixes.length > 0 && (
              <Text fontSize="12.5px" color="soft" mt="1">
                Reckoned from colours, not from pigments: test a swatch.
              </Text>
            )}
          </>
        )}
      </Section>
    </Box>
  );
}

function MixCard({ mix, found, group }: { mix: Mix; found: MixesView; group: CoatGroup }) {
  const plan = usePlan();
  const client = useQueryClient();
  const [name, setName] = useState<string | null>(null);
  const made = useMutation({
    mutationFn: (called: string) =>
      ask(
        api.POST('/api/mixes', {
          body: {
            name: called,
            ml: found.ml,
            parts: mix.parts.map((p) => ({ potId: p.potId, parts: p.parts })),
          },
        }),
      ),
    onSuccess: async ({ potId }) => {
      setName(null);
      await allButStudio(client);
      plan.edit({ kind: 'PAINT_GROUND', groupId: group.id, product: { potId } });
    },
  });
  return (
    <Box p="2.5" bg="card" borderRadius="lg" borderWidth="1px" borderColor="hairline">
      <Flex h="20px" borderRadius="sm" overflow="hidden" aria-hidden>
        <Box flex="1" bg={found.wanted} title="wanted" />
        <Box flex="1" bg={mix.colour} title="mixed" />
      </Flex>
      <Text fontSize="12.5px" color="soft" mt="1">
        wanted, and mixed: {mix.differsText}
      </Text>
      {mix.parts.map((p) => (
        <Flex key={p.potId} justify="space-between" gap="2" fontSize="13px" align="center">
          <Flex gap="1.5" align="center">
            <Box
              w="12px"
              h="12px"
              borderRadius="full"
              bg={p.colour}
              borderWidth="1px"
              borderColor="fold"
            />
            {p.parts} {p.name}
          </Flex>
          <Text color="soft">
            {p.mlText} · {p.spoonText}
          </Text>
        </Flex>
      ))}
      {name === null ? (
        <Button size="xs" mt="1.5" onClick={() => setName('')}>
          Mixed: put it on the shelf…
        </Button>
      ) : (
        <Flex gap="1.5" mt="1.5">
          <Input
            size="xs"
            bg="sheet"
            aria-label="Name of the mix"
            placeholder="Name of the mix"
            maxLength={80}
            value={name}
            onChange={(e) => setName(e.currentTarget.value)}
          />
          <Button
            size="xs"
            look="sea"
            disabled={name.trim() === '' || made.isPending}
            onClick={() => made.mutate(name.trim())}
          >
            Put it there
          </Button>
        </Flex>
      )}
      {made.isError && <Refusal of={made.error} />}
    </Box>
  );
}
