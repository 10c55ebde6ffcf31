import { Box, Flex, Text } from '@chakra-ui/react';
import type { FaceOnPhoto, FacesOnPhoto } from '../../api/client';
import { Button } from '../../common/Button';
import { ChoiceField } from '../../common/ChoiceField';
import { Section } from '../../common/Section';

/** Which faces are on the photo, which one is worked on, and its places. */
export function FacesPanel({
  on,
  chosen,
  onChoose,
  onAdd,
  onTakeOff,
  onPlace,
  onForgetPlace,
  undo,
}: {
  on: FacesOnPhoto;
  chosen: FaceOnPhoto | null;
  onChoose: (faceId: string | null) => void;
  onAdd: (faceId: string) => void;
  onTakeOff: (faceId: string) => void;
  onPlace: (anchorId: string) => void;
  onForgetPlace: (anchorId: string) => void;
  undo: (() => void) | null;
}) {
  return (
    <Section
      title="Faces on it"
      right={
        undo && (
          <Button size="xs" onClick={undo}>
            Undo here
          </Button>
        )
      }
    >
      <Flex direction="column" gap="1.5">
        {on.faces.map((f) => (
          <Flex
            key={f.faceId}
            align="center"
            gap="2"
            bg={f === chosen ? 'seaWash' : 'sheet'}
            borderRadius="md"
            borderWidth="1px"
            borderColor={f === chosen ? 'sea' : 'hairline'}
            px="2"
            py="1"
          >
            <Button
              look="plain"
              size="xs"
              aria-pressed={f === chosen}
              onClick={() => onChoose(f === chosen ? null : f.faceId)}
            >
              {f.name}
            </Button>
            <Text flex="1" fontSize="12px" color={f.whyNot ? 'rust' : 'soft'}>
              {f.whyNot ?? f.lies?.agreesText ?? 'By its four places.'}
            </Text>
            <Button
              look="warn"
              size="xs"
              aria-label={`Take ${f.name} off the photo`}
              onClick={() => onTakeOff(f.faceId)}
            >
              take off
            </Button>
          </Flex>
        ))}
        {on.others.length > 0 && (
          <ChoiceField
            label={on.faces.length === 0 ? 'Put a face on it' : 'Put another face on it'}
            value=""
            among={[['', 'choose a face…'], ...on.others.map((o) => [o.faceId, o.name] as const)]}
            onChoice={(id) => id !== '' && onAdd(id)}
          />
        )}
      </Flex>
      {chosen && <Places face={chosen} onPlace={onPlace} onForget={onForgetPlace} />}
    </Section>
  );
}

function Places({
  face,
  onPlace,
  onForget,
}: {
  face: FaceOnPhoto;
  onPlace: (anchorId: string) => void;
  onForget: (anchorId: string) => void;
}) {
  const free = face.anchors.filter((a) => face.pins.every((p) => p.anchor !== a.id));
  return (
    <Box mt="3">
      <Text fontSize="13px" color="soft" mb="1">
        Drag its places to where they are seen. A fifth one tells how well they agree, and how the
        lens bows lines.
      </Text>
      <Box as="ul" listStyleType="none" fontSize="13px">
        {face.pins.map((p) => (
          <Flex as="li" key={p.anchor} gap="2" align="center" minH="26px">
            <Text flex="1">{p.name}</Text>
            {face.lies?.agreesText && (
              <Text color={p.offPx > 4 ? 'rust' : 'soft'}>{p.offPx} px off</Text>
            )}
            {face.pins.length > 4 && (
              <Button
                look="plain"
                size="xs"
                aria-label={`Do not go by: ${p.name}`}
                onClick={() => onForget(p.anchor)}
              >
                ×
              </Button>
            )}
          </Flex>
        ))}
      </Box>
      {free.length > 0 && face.lies && (
        <ChoiceField
          label="Point out another of its places"
          value=""
          among={[['', 'choose a place…'], ...free.map((a) => [a.id, a.name] as const)]}
          onChoice={(id) => id !== '' && onPlace(id)}
        />
      )}
    </Box>
  );
}
