import { Box, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { useDeferredValue, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { TrialView } from '../api/client';
import { usePots, useStudio, useTrials } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Pill } from '../common/Pill';
import { Empty, ErrorState, Loading } from '../common/States';
import { Net } from '../map/Net';
import { useFace } from '../map/useFace';
import { useStencilMap } from '../map/useStencilMap';
import { newId } from '../plan/ids';
import { usePlan } from '../plan/PlanProvider';
import { toLay, useGoAfter } from '../plan/useGoAfter';
import { SORTS } from '../shelf/sorts';
import { CLOSEST, fromSlider, toSlider, usualScale, wholeAt } from './looking';
import { TrialDetails, VERDICT_COLOUR } from './TrialDetails';
import { TrialDrawing } from './TrialDrawing';

const ALL = { name: 'all', kinds: [] } as const;
const TURNS = [ALL, ...SORTS];

const PAGE = 60;

/** How large one is drawn. */
const CARD = { width: 278, height: 150 };

type Wish = {
  readonly sort: (typeof TURNS)[number]['name'];
  readonly words: string;
  readonly fits: boolean;
  readonly enough: boolean;
  readonly sellable: boolean;
};

const EVERYTHING: Wish = { sort: 'all', words: '', fits: false, enough: false, sellable: false };

/** Every design of the shelf as it would look on a face, at true scale, before anything is decided. */
export function ChoosePage() {
  const { faceId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const goAfter = useGoAfter();
  const stencils = useStencilMap();
  const pots = usePots().data ?? [];
  const { face, next } = useFace(faceId);
  const [wish, setWish] = useState<Wish>(EVERYTHING);
  const [from, setFrom] = useState(0);
  const wanted = useDeferredValue(wish.words.trim());
  const kinds = TURNS.find((s) => s.name === wish.sort)?.kinds ?? [];
  const trials = useTrials(plan.piece.id, face.id, plan.piece.version, {
    kinds,
    words: wanted,
    from,
  });
  const [chosenId, choose] = useState<string | null>(null);
  const base = `/pieces/${plan.piece.id}`;
  const size = { width: face.width.mm, height: face.height.mm };
  const whole = wholeAt(size, CARD);
  // as somebody has set it for this face, else so that designs can be read
  const [near, setNear] = useState<{ readonly faceId: string; readonly scale: number } | null>(
    null,
  );
  const scale = near?.faceId === face.id ? near.scale : usualScale(size, CARD);
  useKeys({ f: () => go(`${base}/choose/${next.id}`) });

  if (trials.isPending) {
    return <Loading what="the shelf" />;
  }
  if (trials.isError) {
    return <ErrorState problem={trials.error} again={() => trials.refetch()} />;
  }
  const { all } = trials.data;
  const shown = trials.data.trials.filter(
    (t) =>
      (!wish.fits || t.verdict === 'FITS') &&
      (!wish.enough || t.stock !== 'SHORT') &&
      (!wish.sellable || t.maySell),
  );
  const chosen = shown.find((t) => t.designId === chosenId) ?? shown[0];
  const fits = trials.data.trials.filter((t) => t.verdict === 'FITS').length;

  const lay = (trial: TrialView) =>
    plan.edit(
      { kind: 'LAY_DESIGN', id: newId(), faceId: face.id, designId: trial.designId },
      goAfter(toLay(plan.piece.id)),
    );

  return (
    <Flex h="100%">
      <Box flex="1" minW="0" overflow="auto" px="6" py="4">
        <Flex align="flex-start" gap="5" mb="3">
          <Box flex="1">
            <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
              On the {face.name.toLowerCase()}
            </Heading>
            <Text color="soft" data-testid="trial-counts">
              {all} {all === 1 ? 'design' : 'designs'}
              {all <= PAGE ? `, ${fits} fit` : ''}. Each as it would look here, at true scale.
            </Text>
            {whole < CLOSEST && (
              <Scale
                whole={whole}
                scale={scale}
                onScale={(k) => setNear({ faceId: face.id, scale: k })}
              />
            )}
            <Filters
              faceName={face.name.toLowerCase()}
              wish={wish}
              onWish={(now) => {
                // what is looked through page by page begins anew with other designs
                if (now.sort !== wish.sort || now.words !== wish.words) {
                  setFrom(0);
                }
                setWish(now);
              }}
            />
          </Box>
          <Net
            reading={plan.piece.reading}
            stencils={stencils}
            width={190}
            height={108}
            chosen={face.id}
            onChoose={(id) => go(`${base}/choose/${id}`)}
          />
        </Flex>
        {shown.length === 0 && (
          <Empty title="No design like that">
            {all === 0 && wanted === '' && wish.sort === 'all'
              ? 'The shelf has no designs yet. Put one on it first.'
              : 'Take a filter off, or look for fewer words.'}
          </Empty>
        )}
        <Box
          display="grid"
          gridTemplateColumns="repeat(auto-fill, minmax(278px, 1fr))"
          columnGap="4"
          rowGap="4"
        >
          {shown.map((trial) => (
            <TrialOnShelf
              key={trial.designId}
              trial={trial}
              stencil={stencils.get(trial.designId)}
              chosen={trial === chosen}
              paint={paintFor(face.darkGround)}
              face={face}
              scale={scale}
              onChoose={() => choose(trial.designId)}
              onLay={() => lay(trial)}
            />
          ))}
        </Box>
        {all > PAGE && (
          <Flex gap="3" mt="4" align="center">
            <Button disabled={from === 0} onClick={() => setFrom(Math.max(0, from - PAGE))}>
              Before
            </Button>
            <Text color="soft">
              {from + 1} to {Math.min(all, from + PAGE)} of {all}
            </Text>
            <Button disabled={from + PAGE >= all} onClick={() => setFrom(from + PAGE)}>
              More
            </Button>
          </Flex>
        )}
      </Box>
      <Box
        as="aside"
        w="322px"
        flexShrink={0}
        bg="sheet"
        borderLeftWidth="1px"
        borderColor="hairline"
        overflow="auto"
        p="4"
      >
        {chosen && (
          <TrialDetails
            key={chosen.designId}
            trial={chosen}
            pieceId={plan.piece.id}
            faceName={face.name.toLowerCase()}
            onLay={() => lay(chosen)}
            canLay={pots.length > 0}
          />
        )}
      </Box>
    </Flex>
  );
}

/** How near all of them are looked at, at one scale, with a length to go by. */
function Scale({
  whole,
  scale,
  onScale,
}: {
  whole: number;
  scale: number;
  onScale: (scale: number) => void;
}) {
  const unit = useStudio().data?.tape.unit;
  const bar =
    unit === 'INCH'
      ? { mm: 101.6, text: '4"' }
      : { mm: 100, text: unit === 'CM' ? '10 cm' : '100 mm' };
  return (
    <Flex align="center" gap="2" mt="2" fontSize="13px" color="soft">
      the whole face
      <input
        type="range"
        min="0"
        max="100"
        value={Math.round(toSlider(scale, whole))}
        aria-label="How near the designs are looked at"
        aria-valuetext={`${bar.text} is ${Math.round(bar.mm * scale)} pixels wide`}
        onChange={(e) => onScale(fromSlider(Number(e.currentTarget.value), whole))}
        style={{ width: 170 }}
      />
      close
      <Box
        as="span"
        ml="3"
        h="7px"
        borderWidth="1.5px"
        borderTopWidth="0"
        borderColor="soft"
        style={{ width: `${bar.mm * scale}px` }}
        aria-hidden
      />
      <span>
        <Fig text={bar.text} /> on all of them
      </span>
    </Flex>
  );
}

/** Which of the trials are looked at. */
function Filters({
  faceName,
  wish,
  onWish,
}: {
  faceName: string;
  wish: Wish;
  onWish: (wish: Wish) => void;
}) {
  const flip = (what: 'fits' | 'enough' | 'sellable') => onWish({ ...wish, [what]: !wish[what] });
  return (
    <Flex mt="2" gap="2" wrap="wrap">
      {TURNS.map((s) => (
        <Pill
          key={s.name}
          on={wish.sort === s.name}
          onClick={() => onWish({ ...wish, sort: s.name })}
        >
          {s.name}
        </Pill>
      ))}
      <Pill on={wish.fits} onClick={() => flip('fits')}>
        fits the {faceName}
      </Pill>
      <Pill on={wish.enough} onClick={() => flip('enough')}>
        enough on hand
      </Pill>
      <Pill on={wish.sellable} onClick={() => flip('sellable')}>
        may be sold
      </Pill>
      <Input
        w="120px"
        size="xs"
        bg="card"
        borderColor="hairline"
        placeholder="Called"
        aria-label="Only designs called"
        value={wish.words}
        onChange={(e) => onWish({ ...wish, words: e.currentTarget.value })}
      />
    </Flex>
  );
}

/** Nothing is painted yet: the trial shows in chalk on dark grounds, in sea ink on light ones. */
const paintFor = (dark: boolean) =>
  dark ? 'var(--chakra-colors-glass)' : 'var(--chakra-colors-sea)';

type OnShelfProps = {
  readonly trial: TrialView;
  readonly stencil: Parameters<typeof TrialDrawing>[0]['stencil'];
  readonly chosen: boolean;
  readonly paint: string;
  readonly face: Parameters<typeof TrialDrawing>[0]['face'];
  readonly scale: number;
  readonly onChoose: () => void;
  readonly onLay: () => void;
};

function TrialOnShelf({
  trial,
  stencil,
  chosen,
  paint,
  face,
  scale,
  onChoose,
  onLay,
}: OnShelfProps) {
  return (
    <Box>
      <Box
        as="button"
        w="100%"
        onClick={onChoose}
        onDoubleClick={onLay}
        aria-pressed={chosen}
        aria-label={`${trial.name}: ${trial.verdictText}`}
        borderRadius="md"
        outline={chosen ? '3px solid' : undefined}
        outlineColor="ochre"
        outlineOffset="2px"
        lineHeight="0"
      >
        <TrialDrawing
          face={face}
          trial={trial}
          stencil={stencil}
          paint={paint}
          width={CARD.width}
          height={CARD.height}
          scale={scale}
        />
      </Box>
      <Box h="7px" bg="wood" borderBottomWidth="3px" borderColor="woodShade" aria-hidden />
      <Flex justify="space-between" mt="1" gap="3" align="baseline">
        <Text fontWeight="600" flexShrink={0}>
          {trial.name}
        </Text>
        <Text color={VERDICT_COLOUR[trial.verdict]} textAlign="right">
          <Fig text={trial.verdictText} />
        </Text>
      </Flex>
      <Text
        fontSize="12.5px"
        color={trial.stock === 'SHORT' ? 'rust' : 'soft'}
        textAlign="right"
        lineHeight="1.2"
      >
        <Fig text={trial.stockText} />
      </Text>
    </Box>
  );
}
