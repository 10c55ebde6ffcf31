import { Box, Flex, Text } from '@chakra-ui/react';
import type { LayDoc, LayView } from '../api/client';
import { useDesignsOf } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

const KINDS = ['COLLAGE'];

/** The photos and cut-outs of a collage; later ones lie over earlier ones. */
export function PiecesSection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  const designs = useDesignsOf(KINDS).data ?? [];
  if (lay.rule !== 'COLLAGE') {
    return null;
  }
  const set = (designIds: string[]) => plan.edit({ kind: 'USE_PIECES', layId: lay.id, designIds });
  const ids = [doc.designId ?? '', ...(doc.moreDesignIds ?? [])];
  return (
    <Box>
      <SectionTitle note="Later ones lie over earlier ones.">Pieces</SectionTitle>
      <Box as="ol" listStyleType="none" mt="1">
        {lay.pieces.map((piece, i) => (
          <Flex
            as="li"
            // biome-ignore lint/suspicious/noArrayIndexKey: the same piece may be there twice
            key={i}
            justify="space-between"
            align="center"
            gap="2"
            minH="26px"
          >
            <Text fontSize="13px">
              <Text as="span" color="soft">
                {i + 1}
              </Text>{' '}
              {piece.name}
            </Text>
            {ids.length > 1 && (
              <Button
                size="xs"
                look="plain"
                disabled={lay.locked}
                aria-label={`Take out ${i + 1}, ${piece.name}`}
                onClick={() => set(ids.filter((_, k) => k !== i))}
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
    </Box>
  );
}
