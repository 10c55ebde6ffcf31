import { Box, Flex, Text } from '@chakra-ui/react';
import { Eye, EyeOff } from 'lucide-react';
import type { OutlineKind } from '../api/client';
import { useForms } from '../api/queries';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { Fig } from '../common/Fig';
import { Section } from '../common/Section';
import { AlsoHere } from '../live/Others';
import { newId } from '../plan/ids';
import { usePlan } from '../plan/PlanProvider';
import { toFace, useGoAfter } from '../plan/useGoAfter';

/** Every face: to step into, to show or leave out of the map; those taken off, to bring back. */
export function FaceList({ onFace }: { onFace: (faceId: string) => void }) {
  const plan = usePlan();
  const goAfter = useGoAfter();
  const look = () => goAfter(toFace(plan.piece.id));
  const forms = useForms().data;
  const { faces, totalText } = plan.piece.reading;
  const takenOff = plan.document.faces.filter((f) => f.standing === 'REMOVED');
  return (
    <Section title="Faces">
      {faces.map((face) => (
        <Flex key={face.id} align="center" gap="1" pl={face.setInto ? '4' : '0'}>
          <Flex
            as="button"
            flex="1"
            minW="0"
            onClick={() => onFace(face.id)}
            justify="space-between"
            gap="3"
            py="1"
            px="2"
            borderRadius="md"
            textAlign="left"
            _hover={{ bg: 'seaWash' }}
          >
            <Flex gap="2.5" align="center" minW="0">
              <Box
                w="14px"
                h="14px"
                flexShrink={0}
                borderRadius="3px"
                bg={face.shows}
                borderWidth="1px"
                borderColor="fold"
              />
              <Text
                fontWeight={face.shown ? '500' : '400'}
                color={face.shown ? 'ink' : 'soft'}
                truncate
              >
                {face.name}
              </Text>
              <AlsoHere pieceId={plan.piece.id} faceId={face.id} />
            </Flex>
            <Text color="soft" fontSize="13px" whiteSpace="nowrap">
              <Fig text={`${face.width.text} × ${face.height.text}`} />
            </Text>
          </Flex>
          <Button
            size="xs"
            look="plain"
            aria-label={face.shown ? `Leave ${face.name} out of the map` : `Show ${face.name}`}
            title={face.shown ? 'Leave it out of the map' : 'Show it on the map'}
            onClick={() => plan.edit({ kind: 'SHOW_FACE', faceId: face.id, shown: !face.shown })}
          >
            {face.shown ? <Eye size={14} aria-hidden /> : <EyeOff size={14} aria-hidden />}
          </Button>
        </Flex>
      ))}
      {takenOff.map((f) => (
        <Flex key={f.id} align="center" justify="space-between" px="2" py="1" color="soft">
          <Text>{f.name ?? f.id.replaceAll('-', ' ')}, taken off</Text>
          <Button
            size="xs"
            look="plain"
            onClick={() => plan.edit({ kind: 'BRING_FACE_BACK', faceId: f.id }, look())}
          >
            bring back
          </Button>
        </Flex>
      ))}
      <Text color="soft" fontSize="13px" px="2" mt="1">
        {totalText}
      </Text>
      <Box mt="2">
        <ChoiceField
          label="Add a face"
          value={'' as OutlineKind | ''}
          among={[
            ['', 'choose its outline…'],
            ...(forms?.outlines ?? []).map((o) => [o.kind, o.name] as const),
          ]}
          onChoice={(outline) => {
            if (outline !== '') {
              plan.edit({ kind: 'ADD_FACE', id: newId(), outline }, look());
            }
          }}
        />
      </Box>
    </Section>
  );
}
