import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useCallback } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { usePots } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Empty } from '../common/States';
import { Net } from '../map/Net';
import { useFace } from '../map/useFace';
import { useStencilMap } from '../map/useStencilMap';
import { withLay, withoutLay } from '../plan/edits';
import { usePlan } from '../plan/PlanProvider';
import { LayList } from './LayList';
import { LayMap } from './LayMap';
import { LayPanel } from './LayPanel';
import { PrintLinks } from './PrintLinks';

export function LayOutPage() {
  const { faceId, layId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const stencils = useStencilMap();
  const pots = usePots().data ?? [];
  const { face, next } = useFace(faceId);
  const lay = face.lays.find((l) => l.id === layId) ?? face.lays[0] ?? null;
  const base = `/pieces/${plan.piece.id}`;

  const faceBase = `${base}/lay-out/${face.id}`;
  const select = useCallback(
    (id: string) => go(`${faceBase}/${id}`, { replace: true }),
    [go, faceBase],
  );
  const pick = (index: number) => {
    const option = lay?.laid?.options[index];
    if (lay && option) {
      plan.change(
        (now) =>
          withLay(now, lay.id, (l) => ({
            ...l,
            pick: { kind: option.kind, count: option.count },
          })),
        `${lay.designName}: ${option.title}`,
        `${lay.id} option`,
      );
    }
  };
  const step = (by: number) => {
    if (lay?.laid) {
      const { options, chosen } = lay.laid;
      pick((chosen + by + options.length) % options.length);
    }
  };
  const takeOff = () =>
    lay && plan.change((now) => withoutLay(now, lay.id), `Took ${lay.designName} off`);

  useKeys({
    f: () => go(`${base}/lay-out/${next.id}`),
    '[': () => step(-1),
    ']': () => step(1),
    delete: takeOff,
  });

  return (
    <Flex h="100%">
      <Box
        as="aside"
        w="230px"
        flexShrink={0}
        bg="sheet"
        borderRightWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        <Text fontSize="12.5px" color="soft">
          {plan.document.name}
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="18px" fontWeight="600" mb="2">
          {face.name}
        </Heading>
        <Net
          reading={plan.piece.reading}
          stencils={stencils}
          width={198}
          height={128}
          chosen={face.id}
          onChoose={(id) => go(`${base}/lay-out/${id}`)}
        />
        <LayList face={face} chosen={lay?.id ?? null} stencils={stencils} onSelect={select} />
        <Button look="sea" mt="3" onClick={() => go(`${base}/choose/${face.id}`)}>
          Lay a design…
        </Button>
        <PrintLinks pieceId={plan.piece.id} faceId={face.id} />
      </Box>

      <Flex direction="column" flex="1" minW="0">
        <Box px="7" pt="4">
          <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
            {face.name}, <Fig text={`${face.width.text} × ${face.height.text}`} />
          </Heading>
          <Text color="soft" fontSize="13.5px">
            {face.makeUpText} · {face.area.netText} ·{' '}
            {lay ? 'drag the line or its ends, or use the arrow keys' : 'nothing laid yet'}
          </Text>
        </Box>
        <Box flex="1" minH="0" position="relative">
          <LayMap face={face} stencils={stencils} lay={lay} onSelect={select} />
        </Box>
      </Flex>

      <Box
        as="aside"
        w="322px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
      >
        {lay ? (
          <LayPanel
            key={lay.id}
            face={face}
            lay={lay}
            pots={pots}
            onPick={pick}
            onTakeOff={takeOff}
          />
        ) : (
          <Box p="4">
            <Empty title="Nothing on this face yet">
              <Link to={`${base}/choose/${face.id}`}>
                Try the stencils of the shelf on it, each at true size.
              </Link>
            </Empty>
          </Box>
        )}
      </Box>
    </Flex>
  );
}
