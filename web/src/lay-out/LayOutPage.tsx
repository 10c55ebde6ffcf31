import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useCallback, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { usePots } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { PrintLinks } from '../common/PrintLinks';
import { Empty } from '../common/States';
import { AlsoHere } from '../live/Others';
import { Net } from '../map/Net';
import { useFace } from '../map/useFace';
import { useStencilMap } from '../map/useStencilMap';
import { newId } from '../plan/ids';
import { usePlan } from '../plan/PlanProvider';
import { toLay, useGoAfter } from '../plan/useGoAfter';
import { CompareDialog } from './CompareDialog';
import { LayList } from './LayList';
import { LayMap } from './LayMap';
import { LayPanel } from './LayPanel';

/** What the hand does on the map, by rule. */
const HOW = {
  RUN: 'drag the line or its ends, or use the arrow keys',
  LINE: 'drag the points of the line',
  RING: 'drag the ring in or out, or turn it',
  BORDER: 'drag the border in or out',
  GRID: 'pull the lozenges to widen the gaps',
  SINGLE: 'drag it where it shall go; the knob turns it',
  CORNERS: 'drag the corners in or out',
  SCATTER: 'step through the throws with [ and ]',
  ROLLER: 'step through the ways to begin with [ and ]',
  FRAME: 'drag the frame in or out',
  LETTERING: 'drag the words; pull their end to size them',
  ACROSS: 'drag the picture behind the faces, or step through its places with [ and ]',
  COVER: 'step through the ways to line the sheets up with [ and ]',
  WRAP: 'turn it round the wall, or lift it off the foot',
  COLLAGE: 'drag a piece where it shall hang; the others stay',
  STRIPS: 'drag the rim that stays bare',
  PAGES: 'drag the image; pull its edge to size it',
  WHOLE_FACE: 'drag the rim that stays as it is',
} as const;

export function LayOutPage() {
  const { faceId, layId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const goAfter = useGoAfter();
  const stencils = useStencilMap();
  const pots = usePots().data ?? [];
  const { face, next } = useFace(faceId);
  const lay = face.lays.find((l) => l.id === layId) ?? face.lays[0] ?? null;
  const base = `/pieces/${plan.piece.id}`;
  const [comparing, setComparing] = useState(false);

  const faceBase = `${base}/lay-out/${face.id}`;
  const toFace = useCallback((id: string) => go(`${base}/lay-out/${id}`), [go, base]);
  const select = useCallback(
    (id: string) => go(`${faceBase}/${id}`, { replace: true }),
    [go, faceBase],
  );
  const pick = (index: number) => {
    const option = lay?.laid?.options[index];
    if (lay && option) {
      const { way, count, across } = option;
      plan.edit(
        { kind: 'PICK_OPTION', layId: lay.id, pick: { way, count, across } },
        { gesture: `${lay.id} option` },
      );
    }
  };
  const step = (by: number) => {
    if (lay?.laid && !comparing) {
      const { options, chosen } = lay.laid;
      pick((chosen + by + options.length) % options.length);
    }
  };
  const takeOff = () => lay && plan.edit({ kind: 'TAKE_LAY_OFF', layId: lay.id });
  const layWords = () =>
    plan.edit({ kind: 'LAY_WORDS', id: newId(), faceId: face.id }, goAfter(toLay(plan.piece.id)));
  useKeys({
    c: () => lay?.laid && lay.laid.options.length > 1 && setComparing(true),
    l: () => go(`${base}/choose/${face.id}`),
    f: () => go(`${base}/lay-out/${next.id}`),
    '[': () => step(-1),
    ']': () => step(1),
    delete: () => !lay?.locked && takeOff(),
  });

  return (
    <Flex h="100%">
      <Box
        as="aside"
        aria-label="What lies on this face"
        w="230px"
        flexShrink={0}
        bg="sheet"
        borderRightWidth="1px"
        borderColor="hairline"
        position="relative"
        overflowX="hidden"
        overflowY="auto"
        p="4"
      >
        <Text fontSize="12.5px" color="soft">
          {plan.document.name}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600" mb="2">
          {face.name}
        </Heading>
        <AlsoHere pieceId={plan.piece.id} faceId={face.id} words />
        <Net
          reading={plan.piece.reading}
          stencils={stencils}
          width={198}
          height={128}
          chosen={face.id}
          onChoose={toFace}
        />
        <LayList face={face} chosen={lay?.id ?? null} stencils={stencils} onSelect={select} />
        <Flex gap="2" mt="3" wrap="wrap">
          <Button look="sea" onClick={() => go(`${base}/choose/${face.id}`)}>
            Lay a design…
          </Button>
          <Button onClick={layWords}>Words…</Button>
        </Flex>
        <PrintLinks
          title="Print this face"
          path={`/api/pieces/${plan.piece.id}/faces/${face.id}/print`}
        />
      </Box>

      <Flex direction="column" flex="1" minW="0">
        <Box px="7" pt="4">
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
            {face.name}, <Fig text={`${face.width.text} × ${face.height.text}`} />
          </Heading>
          <Text color="soft" fontSize="13.5px">
            {face.makeUpText} · {face.area.netText} · {lay ? HOW[lay.rule] : 'nothing laid yet'}
          </Text>
        </Box>
        <Box flex="1" minH="0" position="relative">
          <LayMap face={face} stencils={stencils} lay={lay} onSelect={select} onFace={toFace} />
        </Box>
      </Flex>

      <Box
        as="aside"
        aria-label="The lay that is chosen"
        w="322px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        position="relative"
        overflow="auto"
      >
        {lay ? (
          <LayPanel
            key={lay.id}
            face={face}
            lay={lay}
            pots={pots}
            stencils={stencils}
            onPick={pick}
            onTakeOff={takeOff}
            onCompare={() => setComparing(true)}
          />
        ) : (
          <Box p="4">
            <Empty title="Nothing on this face yet">
              <Link to={`${base}/choose/${face.id}`}>
                Try the designs of the shelf on it, each at true size.
              </Link>
            </Empty>
          </Box>
        )}
      </Box>
      {comparing && lay?.laid && (
        <CompareDialog
          face={face}
          lay={lay}
          stencils={stencils}
          onPick={pick}
          close={() => setComparing(false)}
        />
      )}
    </Flex>
  );
}
