import { Box, Flex, Text } from '@chakra-ui/react';
import type { LayDoc, LayView } from '../api/client';
import { useDesignsOf } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { CountField } from '../common/CountField';
import { usePlan } from '../plan/PlanProvider';
import { AddPhotos } from './AddPhotos';
import { pieceCounts, withCount } from './pieceCounts';
import { SectionTitle } from './SectionTitle';

const KINDS = ['COLLAGE'];
const MOST_PIECES = 120;

/** The photos and cut-outs of a collage by number; later ones lie over earlier ones. */
export function PiecesSection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  const designs = useDesignsOf(KINDS).data ?? [];
  if (lay.rule !== 'COLLAGE') {
    return null;
  }
  const set = (designIds: string[]) => plan.edit({ kind: 'USE_PIECES', layId: lay.id, designIds });
  const ids = [doc.designId ?? '', ...(doc.moreDesignIds ?? [])];
  const counts = pieceCounts(ids);
  const name = (id: string) => lay.pieces.find((p) => p.designId === id)?.name ?? '?';
  const total = `${ids.length} ${ids.length === 1 ? 'piece' : 'pieces'}`;
  return (
    <Box>
      <SectionTitle note={`${total}. Later ones lie over earlier ones.`}>Pieces</SectionTitle>
      <Box as="ol" listStyleType="none" mt="1" maxH="320px" overflow="auto">
        {counts.map(({ id, count }) => (
          <Flex as="li" key={id} justify="space-between" align="center" gap="2" minH="34px">
            <Text fontSize="13px" flex="1" minW="0">
              {name(id)}
            </Text>
            <CountField
              label={`How many of ${name(id)}`}
              quiet
              width="58px"
              value={count}
              least={1}
              most={MOST_PIECES - ids.length + count}
              disabled={lay.locked}
              onCount={(n) => set(withCount(ids, id, n))}
            />
            {counts.length > 1 && (
              <Button
                size="xs"
                look="plain"
                disabled={lay.locked}
                aria-label={`Take out ${name(id)}`}
                onClick={() => set(withCount(ids, id, 0))}
              >
                Take out
              </Button>
            )}
          </Flex>
        ))}
      </Box>
      <ChoiceField
        label="Add a piece"
        value=""
        among={[['', 'choose one'] as const, ...designs.map((d) => [d.id, d.name] as const)]}
        onChoice={(id) => {
          const chosen = designs.find((d) => d.id === id);
          if (chosen) {
            set([...ids, chosen.id]);
          }
        }}
      />
      {!lay.locked && (
        <AddPhotos most={MOST_PIECES - ids.length} onAdded={(added) => set([...ids, ...added])} />
      )}
    </Box>
  );
}
