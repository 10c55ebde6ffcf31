import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import type { FaceView, LayView, StencilView } from '../api/client';
import { Fig } from '../common/Fig';
import type { Stencils } from '../map/FaceDrawing';
import { num } from '../map/viewport';

type Props = {
  readonly face: FaceView;
  readonly chosen: string | null;
  readonly stencils: Stencils;
  readonly onSelect: (layId: string) => void;
};

/** What is laid on a face, each with a swatch of itself on its ground. */
export function LayList({ face, chosen, stencils, onSelect }: Props) {
  return (
    <Box mt="4">
      <Heading as="h3" fontSize="12.5px" fontWeight="500" color="soft" mb="1.5">
        Laid on this face
      </Heading>
      {face.lays.length === 0 && <Text color="soft">Nothing yet.</Text>}
      <Flex direction="column" gap="1">
        {face.lays.map((lay) => (
          <Box
            as="button"
            key={lay.id}
            onClick={() => onSelect(lay.id)}
            aria-pressed={lay.id === chosen}
            textAlign="left"
            borderRadius="lg"
            p="2"
            bg={lay.id === chosen ? 'seaWash' : 'transparent'}
            _hover={{ bg: 'seaWash' }}
          >
            <Flex gap="2.5" align="center">
              <Swatch lay={lay} ground={face.ground} stencil={stencils.get(lay.designId)} />
              <Box minW="0">
                <Text fontWeight="600" fontSize="13.5px" lineHeight="1.25">
                  {lay.designName}
                </Text>
                <Text fontSize="12.5px" color={lay.laid ? 'soft' : 'rust'} lineHeight="1.3">
                  <Fig text={lay.where} />
                </Text>
              </Box>
            </Flex>
          </Box>
        ))}
      </Flex>
    </Box>
  );
}

function Swatch({
  lay,
  ground,
  stencil,
}: {
  lay: LayView;
  ground: string;
  stencil: StencilView | undefined;
}) {
  const w = stencil?.printWidth.mm ?? 1;
  const h = stencil?.printHeight.mm ?? 1;
  const k = 24 / Math.max(w, h);
  return (
    <svg width="32" height="32" aria-hidden style={{ flexShrink: 0 }}>
      <rect width="32" height="32" rx="7" fill={ground} />
      {stencil && (
        <path
          d={stencil.pathData}
          fill={lay.paintColour}
          transform={`translate(16 16) scale(${k}) translate(${num(-stencil.printLeftMm - w / 2)} ${num(-stencil.printTopMm - h / 2)})`}
        />
      )}
    </svg>
  );
}
