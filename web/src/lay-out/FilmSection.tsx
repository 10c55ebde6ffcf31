import { Box, Flex, Text } from '@chakra-ui/react';
import type { LayDoc, LayView } from '../api/client';
import { useDesignsOf } from '../api/queries';
import { ChoiceField } from '../common/ChoiceField';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

const WHICHEVER = '';
const ROLLS = ['FILM'];

/** Off which roll letters and stencils are cut that are cut to size. */
export function FilmSection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  return lay.film ? <Rolls lay={lay} doc={doc} film={lay.film} /> : null;
}

type RollsProps = {
  readonly lay: LayView;
  readonly doc: LayDoc;
  readonly film: NonNullable<LayView['film']>;
};

function Rolls({ lay, doc, film }: RollsProps) {
  const plan = usePlan();
  const { data: rolls = [] } = useDesignsOf(ROLLS);
  const what = film.of === 'VINYL' ? 'vinyl' : 'film for stencils';
  return (
    <Box>
      <SectionTitle>Cut from</SectionTitle>
      <Flex direction="column" gap="2" mt="2">
        <ChoiceField
          label="Roll"
          value={doc.cutFromId ?? WHICHEVER}
          among={[
            [WHICHEVER, 'the one that it takes least of'] as const,
            ...rolls.map((r) => [r.id, r.name] as const),
          ]}
          onChoice={(rollId) =>
            plan.edit({
              kind: 'CUT_FROM',
              layId: lay.id,
              ...(rollId !== WHICHEVER && { rollId }),
            })
          }
        />
        <Text fontSize="13px" color={film.rollName ? 'soft' : 'rust'}>
          {film.rollName
            ? `Off ${film.rollName}.`
            : `No such roll of ${what} is wide enough: it is not counted.`}
        </Text>
      </Flex>
    </Box>
  );
}
