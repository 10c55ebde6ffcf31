import { Box, Flex, Text } from '@chakra-ui/react';
import type { FaceView } from '../../api/client';
import { usePots } from '../../api/queries';
import { Fig } from '../../common/Fig';
import { usePlan } from '../../plan/PlanProvider';

/** The ground's colour: one of the pots on the shelf, or any other. */
export function GroundField({ face }: { face: FaceView }) {
  const plan = usePlan();
  const pots = (usePots().data ?? []).filter((p) => p.ground);
  const set = (ground: string, gesture?: string) =>
    plan.edit({ kind: 'CHANGE_GROUND', faceId: face.id, ground }, { gesture });
  return (
    <Box>
      <Text color="soft" fontSize="13px" fontWeight="500" mb="1.5">
        Ground colour
      </Text>
      <Flex gap="2" align="center">
        {pots.map((pot) => (
          <Box
            as="button"
            key={pot.id}
            aria-label={`Ground ${pot.name}`}
            aria-pressed={pot.colour.toUpperCase() === face.ground}
            title={pot.name}
            w="30px"
            h="30px"
            borderRadius="full"
            bg={pot.colour}
            borderWidth="2px"
            borderColor={pot.colour.toUpperCase() === face.ground ? 'ochre' : 'hairline'}
            onClick={() => set(pot.colour)}
          />
        ))}
        <label>
          <Box
            as="span"
            display="inline-block"
            px="2.5"
            py="1"
            borderWidth="1px"
            borderColor="hairline"
            borderRadius="md"
            fontSize="13px"
            cursor="pointer"
          >
            other
          </Box>
          <input
            type="color"
            aria-label="Another ground colour"
            value={face.ground.toLowerCase()}
            onChange={(e) => set(e.currentTarget.value.toUpperCase(), `${face.id} ground`)}
            style={{ width: 0, height: 0, opacity: 0, position: 'absolute' }}
          />
        </label>
      </Flex>
      <Text fontSize="12px" color="soft" mt="1">
        <Fig text={pots.find((p) => p.colour.toUpperCase() === face.ground)?.name ?? face.ground} />
      </Text>
    </Box>
  );
}
