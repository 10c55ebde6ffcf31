import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type CutWish, type DesignCut, type Measure } from '../api/client';
import { changed } from '../api/keys';
import { useJob } from '../api/useJob';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { JobLine } from '../common/JobLine';
import { LengthField } from '../common/LengthField';
import { Refusal } from '../common/Refusal';
import { usePlan } from '../plan/PlanProvider';

const PREFERENCES = [
  ['LARGEST_LEFTOVER', 'one large leftover'],
  ['FEWEST_CUTS', 'the fewest straight cuts'],
  ['LEFTOVERS_KEPT', 'whole sheets only, leftovers stay'],
] as const;

type Props = {
  readonly cut: DesignCut;
  readonly together: ReadonlyArray<string>;
  /** parts that stay where they lie */
  readonly locked: ReadonlySet<number>;
};

/** Looking longer for a better plan: what is preferred, room for the knife, parts that stay. */
export function SearchBar({ cut, together, locked }: Props) {
  const { piece } = usePlan();
  const client = useQueryClient();
  const [preference, setPreference] = useState(cut.wish.preference);
  const [knife, setKnife] = useState<Measure>(cut.knife);
  const params = {
    path: { id: piece.id, designId: cut.designId },
    query: { with: [...together] },
  };
  const fresh = () => changed(client, 'SHELF');
  const search = useJob(
    (wish: CutWish) =>
      ask(api.POST('/api/pieces/{id}/cuts/{designId}/searches', { params, body: wish })),
    () => void fresh(),
  );
  const forget = useMutation({
    mutationFn: () => ask(api.DELETE('/api/pieces/{id}/cuts/{designId}/searches', { params })),
    onSuccess: fresh,
  });
  const same = cut.isSearched && preference === cut.wish.preference && knife.mm === cut.knife.mm;
  return (
    <Box mt="3">
      <Flex gap="4" align="flex-end" wrap="wrap">
        <ChoiceField
          label="Prefer"
          width="240px"
          value={preference}
          among={PREFERENCES}
          onChoice={setPreference}
        />
        <LengthField
          label="Room for the knife"
          width="130px"
          kind="DISTANCE"
          mostMm={50}
          value={knife}
          onLength={(mm) => setKnife({ ...knife, mm })}
          keepText
        />
        <Button
          disabled={search.running}
          onClick={() =>
            search.start({
              preference,
              again: same ? cut.wish.again + 1 : 1,
              knifeMm: knife.mm,
              locked: [...locked],
            })
          }
        >
          {same ? 'Try once more' : 'Look for a better plan'}
        </Button>
        {cut.isSearched && !search.running && (
          <>
            <Text color="moss" fontSize="13px" role="status" pb="1.5">
              ✓ searched and kept
            </Text>
            <Button look="plain" disabled={forget.isPending} onClick={() => forget.mutate()}>
              Back to the first one
            </Button>
          </>
        )}
        {locked.size > 0 && (
          <Text color="soft" fontSize="13px" pb="1.5">
            {locked.size === 1
              ? 'One part stays where it lies.'
              : `${locked.size} parts stay where they lie.`}
          </Text>
        )}
      </Flex>
      <Box mt="2">
        <JobLine job={search.job} stop={search.stop} />
        <Refusal of={search.error ?? forget.error} />
      </Box>
    </Box>
  );
}
