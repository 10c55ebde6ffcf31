import { Box, Flex, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { LayDoc, LayView, PlanEdit } from '../api/client';
import { ChoiceField } from '../common/ChoiceField';
import { LengthField } from '../common/LengthField';
import { usePlan } from '../plan/PlanProvider';
import { SectionTitle } from './SectionTitle';

const ALL = '';

/** Enough to hold it by, and to lose the edge in the ground. */
const TYPICAL_BORDER_MM = 5;

type Part = NonNullable<Extract<PlanEdit, { kind: 'USE_PART' }>['part']>;

/** Whether all of the picture is laid, or one named part of it, cut or torn out with a border. */
export function PartSection({ lay, doc }: { lay: LayView; doc: LayDoc }) {
  const plan = usePlan();
  const { parts } = lay;
  if (!parts) {
    return null;
  }
  const use = (part: Part | undefined, gesture?: string) =>
    plan.edit(
      { kind: 'USE_PART', layId: lay.id, ...(part && { part }) },
      gesture ? { gesture } : undefined,
    );
  // as it was decided last, though what comes of it may not be there yet
  const part: Part = doc.part ?? { name: '', borderMm: TYPICAL_BORDER_MM, edge: 'CUT' };
  return (
    <Box>
      <SectionTitle>What of the picture</SectionTitle>
      {parts.names.length === 0 && (
        <Text fontSize="13px" color="soft">
          All of it. <Link to={`/shelf/designs/${lay.designId}`}>Name parts of it</Link> on its page
          to lay one alone.
        </Text>
      )}
      {parts.names.length > 0 && (
        <Flex wrap="wrap" gap="3" mt="2">
          <ChoiceField
            label="Laid of it"
            value={doc.part?.name ?? ALL}
            among={[[ALL, 'all of it'] as const, ...parts.names.map((n) => [n, n] as const)]}
            onChoice={(name) => use(name === ALL ? undefined : { ...part, name })}
          />
          {parts.chosen && parts.border && (
            <>
              <LengthField
                width="47%"
                label="Border round it"
                value={parts.border}
                kind="DISTANCE"
                onLength={(borderMm) => use({ ...part, borderMm }, `${lay.id} border`)}
              />
              <ChoiceField
                width="47%"
                label="Its edge is"
                value={part.edge}
                among={[['CUT', 'cut'] as const, ['TORN', 'torn wet'] as const]}
                onChoice={(edge) => use({ ...part, edge: edge as Part['edge'] })}
              />
            </>
          )}
        </Flex>
      )}
    </Box>
  );
}
