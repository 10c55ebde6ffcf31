import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useDeferredValue } from 'react';
import { Link } from 'react-router';
import { MeasureFields } from '../common/MeasureFields';
import { TextField } from '../common/TextField';
import { usePlan } from '../plan/PlanProvider';
import { FaceList } from './FaceList';
import { PartsAndPapers } from './PartsAndPapers';

/** The measures of the form, in the order one walks round it; then its faces, parts and papers. */
export function MeasuresPanel({
  onFace,
  focusFirst,
}: {
  onFace: (faceId: string) => void;
  focusFirst: boolean;
}) {
  const plan = usePlan();
  const { form } = plan.piece.reading;
  // the map is drawn first, the long lists right after it
  const listed = useDeferredValue(true, false);
  return (
    <Flex direction="column" gap="4">
      <Box>
        <Text fontSize="12.5px" color="soft">
          {form.kindText}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          Measures
        </Heading>
      </Box>
      <TextField
        label="Name"
        value={plan.document.name}
        most={80}
        onText={(name) => plan.edit({ kind: 'NAME_PIECE', name })}
      />
      <MeasureFields
        fields={form.fields}
        tellTypical
        focusFirst={focusFirst}
        onNumber={(key, value) =>
          plan.edit(
            { kind: 'MEASURE_PIECE', measures: { [key]: value } },
            { gesture: `form ${key}` },
          )
        }
        onChoice={(key, value) => plan.edit({ kind: 'MEASURE_PIECE', choices: { [key]: value } })}
      />
      <chakra.label display="flex" gap="2" alignItems="center" fontSize="14px">
        <input
          type="checkbox"
          checked={plan.document.forSale ?? false}
          onChange={(e) => plan.edit({ kind: 'PIECE_FOR_SALE', forSale: e.currentTarget.checked })}
        />
        It will be sold
      </chakra.label>
      {listed && (
        <>
          <FaceList onFace={onFace} />
          <PartsAndPapers />
        </>
      )}
      <Link to={`/pieces/${plan.piece.id}/choose`}>
        <Text as="span" color="sea" fontWeight="500">
          On to choosing a design →
        </Text>
      </Link>
    </Flex>
  );
}
