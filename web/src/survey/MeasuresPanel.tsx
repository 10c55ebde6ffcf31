import { Box, Field, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { Fig } from '../common/Fig';
import { LengthField } from '../common/LengthField';
import { usePlan } from '../plan/PlanProvider';

/** The few measures a chest needs, in the order one walks round it with the tape. */
export function MeasuresPanel({ onFace }: { onFace: (faceId: string) => void }) {
  const plan = usePlan();
  const { reading } = plan.piece;
  const measure = (what: string, form: Partial<(typeof plan.document)['form']>) =>
    plan.change(
      { ...plan.document, form: { ...plan.document.form, ...form } },
      `${what} of the chest`,
      `form ${what}`,
    );
  return (
    <Flex direction="column" gap="4">
      <Box>
        <Text fontSize="12.5px" color="soft">
          Chest with a flat lid
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          Measures
        </Heading>
      </Box>
      <NameField />
      <LengthField
        label="Width, along the front"
        name="Width"
        value={reading.width}
        kind="SIZE"
        onLength={(widthMm) => measure('Width', { widthMm })}
      />
      <LengthField
        label="Height, front edge to floor line"
        name="Height"
        value={reading.height}
        kind="SIZE"
        onLength={(heightMm) => measure('Height', { heightMm })}
      />
      <LengthField
        label="Depth, front to back"
        name="Depth"
        value={reading.depth}
        kind="SIZE"
        onLength={(depthMm) => measure('Depth', { depthMm })}
        hint={'Any way you write it: 34 1/4", 2\' 10", 870 mm, 87 cm'}
      />
      <Box>
        <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600" mb="1">
          Faces
        </Heading>
        {reading.faces.map((face) => (
          <Flex
            as="button"
            key={face.id}
            w="100%"
            onClick={() => onFace(face.id)}
            justify="space-between"
            gap="3"
            py="1.5"
            px="2"
            mx="-2"
            borderRadius="md"
            textAlign="left"
            _hover={{ bg: 'seaWash' }}
          >
            <Flex gap="2.5" align="center">
              <Box
                w="14px"
                h="14px"
                borderRadius="3px"
                bg={face.ground}
                borderWidth="1px"
                borderColor="fold"
              />
              <Text fontWeight="500">{face.name}</Text>
            </Flex>
            <Text color="soft">
              <Fig text={`${face.width.text} × ${face.height.text}`} /> · {face.areaText}
            </Text>
          </Flex>
        ))}
      </Box>
      <Link to={`/pieces/${plan.piece.id}/choose`}>
        <Text as="span" color="sea" fontWeight="500">
          On to choosing a design →
        </Text>
      </Link>
    </Flex>
  );
}

function NameField() {
  const plan = usePlan();
  const [text, setText] = useState<string | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a name from elsewhere shows anew
  useEffect(() => setText(null), [plan.document.name]);
  const shown = text ?? plan.document.name;
  const wrong = shown.trim() === '';
  const done = () => {
    if (!wrong && shown.trim() !== plan.document.name) {
      plan.change({ ...plan.document, name: shown.trim() }, `Named it ${shown.trim()}`);
    }
  };
  return (
    <Field.Root invalid={wrong}>
      <Field.Label color="soft" fontSize="13px" fontWeight="500">
        Name
      </Field.Label>
      <Input
        size="sm"
        bg="card"
        borderColor="hairline"
        maxLength={80}
        value={shown}
        onChange={(e) => setText(e.currentTarget.value)}
        onBlur={done}
        onKeyDown={(e) => e.key === 'Enter' && done()}
      />
      {wrong && (
        <Field.ErrorText color="rust">
          Name (empty) is not a name. Give 1 to 80 characters.
        </Field.ErrorText>
      )}
    </Field.Root>
  );
}
