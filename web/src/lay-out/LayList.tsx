import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import type { FaceView, LayView } from '../api/client';
import { Fig } from '../common/Fig';
import { Items, type Stencils } from '../map/Items';
import { num } from '../map/viewport';
import { usePlan } from '../plan/PlanProvider';

type Props = {
  readonly face: FaceView;
  readonly chosen: string | null;
  readonly stencils: Stencils;
  readonly onSelect: (layId: string) => void;
};

/** What is laid on a face, the lowest first, each with a swatch of itself on its ground. */
export function LayList({ face, chosen, stencils, onSelect }: Props) {
  return (
    <Box mt="4">
      <Heading as="h3" fontSize="12.5px" fontWeight="500" color="soft" mb="1.5">
        Laid on this face
      </Heading>
      {face.lays.length === 0 && <Text color="soft">Nothing yet.</Text>}
      <Flex direction="column" gap="1">
        {face.lays.map((lay, i) => (
          <Box
            key={lay.id}
            borderRadius="lg"
            bg={lay.id === chosen ? 'seaWash' : 'transparent'}
            _hover={{ bg: 'seaWash' }}
          >
            <Box
              as="button"
              w="100%"
              onClick={() => onSelect(lay.id)}
              aria-pressed={lay.id === chosen}
              textAlign="left"
              p="2"
              opacity={lay.hidden ? 0.55 : 1}
            >
              <Flex gap="2.5" align="center">
                <Swatch lay={lay} ground={face.shows} stencils={stencils} />
                <Box minW="0">
                  <Text fontWeight="600" fontSize="13.5px" lineHeight="1.25">
                    {lay.designName}
                  </Text>
                  <Text fontSize="12.5px" color={lay.laid ? 'soft' : 'rust'} lineHeight="1.3">
                    <Fig text={lay.where} />
                    {lay.hidden ? ' · put by' : ''}
                    {lay.locked ? ' · locked' : ''}
                  </Text>
                </Box>
              </Flex>
            </Box>
            {lay.id === chosen && (
              <Keep lay={lay} first={i === 0} last={i === face.lays.length - 1} />
            )}
          </Box>
        ))}
      </Flex>
    </Box>
  );
}

/** Put by for a while, lock, lay earlier or later. */
function Keep({ lay, first, last }: { lay: LayView; first: boolean; last: boolean }) {
  const plan = usePlan();
  const layId = lay.id;
  const move = (later: boolean) =>
    plan.edit({ kind: 'MOVE_LAY', layId, faceId: lay.faceId, later });
  return (
    <Flex px="2" pb="2" gap="3" fontSize="12.5px" color="sea">
      <Small
        on={lay.hidden}
        onClick={() => plan.edit({ kind: 'HIDE_LAY', layId, hidden: !lay.hidden })}
      >
        {lay.hidden ? 'Bring back' : 'Put by'}
      </Small>
      <Small
        on={lay.locked}
        onClick={() => plan.edit({ kind: 'LOCK_LAY', layId, locked: !lay.locked })}
      >
        {lay.locked ? 'Unlock' : 'Lock'}
      </Small>
      {!first && <Small onClick={() => move(false)}>Earlier</Small>}
      {!last && <Small onClick={() => move(true)}>Later</Small>}
    </Flex>
  );
}

function Small({
  on,
  onClick,
  children,
}: {
  on?: boolean;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <chakra.button
      type="button"
      aria-pressed={on}
      onClick={onClick}
      minH="24px"
      _hover={{ textDecoration: 'underline' }}
    >
      {children}
    </chakra.button>
  );
}

const SWATCH = 32;

/** The first copy by itself. */
function Swatch({ lay, ground, stencils }: { lay: LayView; ground: string; stencils: Stencils }) {
  const first = lay.laid?.items[0];
  const print = first && lay.laid?.arts[first.art]?.print;
  // what is long and narrow fills the swatch with its middle
  const k = print
    ? 24 /
      Math.min(Math.max(print.widthMm, print.heightMm), 3 * Math.min(print.widthMm, print.heightMm))
    : 1;
  return (
    <svg width={SWATCH} height={SWATCH} aria-hidden style={{ flexShrink: 0 }}>
      <rect width={SWATCH} height={SWATCH} rx="7" fill={ground} />
      {first && lay.laid && (
        <g transform={`translate(${SWATCH / 2} ${SWATCH / 2}) scale(${num(k)})`}>
          <Items
            items={[
              { ...first, xMm: 0, yMm: 0, turnDeg: 0, scale: 1, mirrored: false, clip: undefined },
            ]}
            arts={lay.laid.arts}
            stencils={stencils}
            colour={lay.shownIn}
          />
        </g>
      )}
    </svg>
  );
}
