import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { StencilView, TrialView } from '../api/client';
import { usePots, useTrials } from '../api/queries';
import { useKeys } from '../app/useKeys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Empty, ErrorState, Loading } from '../common/States';
import { Net } from '../map/Net';
import { useFace } from '../map/useFace';
import { useStencilMap } from '../map/useStencilMap';
import { newId } from '../plan/edits';
import { usePlan } from '../plan/PlanProvider';
import { SheetDrawing } from './SheetDrawing';
import { TrialDrawing } from './TrialDrawing';

export const VERDICT_COLOUR = {
  FITS: 'moss',
  FITS_PARTLY: 'soft',
  DOES_NOT_FIT: 'rust',
} as const;

export function ChoosePage() {
  const { faceId } = useParams();
  const plan = usePlan();
  const go = useNavigate();
  const stencils = useStencilMap();
  const pots = usePots().data ?? [];
  const { face, next } = useFace(faceId);
  const trials = useTrials(plan.piece.id, face.id, plan.piece.version);
  const [chosenId, choose] = useState<string | null>(null);
  const [fitsOnly, setFitsOnly] = useState(false);
  const base = `/pieces/${plan.piece.id}`;
  useKeys({ f: () => go(`${base}/choose/${next.id}`) });

  if (trials.isPending) {
    return <Loading what="the shelf" />;
  }
  if (trials.isError) {
    return <ErrorState problem={trials.error} again={() => trials.refetch()} />;
  }
  const shown = trials.data.filter((t) => !fitsOnly || t.verdict === 'FITS');
  const chosen = shown.find((t) => t.designId === chosenId) ?? shown[0];
  const fits = trials.data.filter((t) => t.verdict === 'FITS').length;

  const lay = (trial: TrialView) => {
    const id = newId();
    // A pot that shows on this ground: the first that is not the ground itself and is not empty.
    const pot = pots.find((p) => p.colour !== face.ground && p.levelMl > 5) ?? pots[0];
    if (!pot) {
      return;
    }
    plan.change(
      (now) => ({
        ...now,
        lays: [
          ...now.lays,
          {
            id,
            faceId: face.id,
            designId: trial.designId,
            run: trial.run,
            paintId: pot.id,
            coats: 2,
          },
        ],
      }),
      `Laid ${stencils.get(trial.designId)?.name ?? 'a stencil'} on the ${face.name.toLowerCase()}`,
    );
    go(`${base}/lay-out/${face.id}/${id}`);
  };

  return (
    <Flex h="100%">
      <Box flex="1" minW="0" overflow="auto" px="6" py="4">
        <Flex align="flex-start" gap="5" mb="2">
          <Box flex="1">
            <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
              On the {face.name.toLowerCase()}
            </Heading>
            <Text color="soft">
              {trials.data.length} stencils, {fits} fit. Each as it would sit here, everything at
              one scale.
            </Text>
            <Flex mt="2" gap="2">
              <Pill on={!fitsOnly} onClick={() => setFitsOnly(false)}>
                all stencils
              </Pill>
              <Pill on={fitsOnly} onClick={() => setFitsOnly(true)}>
                fits the {face.name.toLowerCase()}
              </Pill>
            </Flex>
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
        {trials.data.length === 0 && (
          <Empty title="No stencil on the shelf yet">
            Start with the demo data to try the stencils of Saltmarsh Studio.
          </Empty>
        )}
        <Box
          display="grid"
          gridTemplateColumns="repeat(auto-fill, minmax(278px, 1fr))"
          columnGap="4"
          rowGap="4"
        >
          {shown.map((trial) => {
            const stencil = stencils.get(trial.designId);
            return (
              stencil && (
                <TrialOnShelf
                  key={trial.designId}
                  trial={trial}
                  stencil={stencil}
                  chosen={trial === chosen}
                  paint={paintFor(face.darkGround)}
                  face={face}
                  onChoose={() => choose(trial.designId)}
                  onLay={() => lay(trial)}
                />
              )
            );
          })}
        </Box>
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
        {chosen && stencils.get(chosen.designId) && (
          <Details
            trial={chosen}
            stencil={stencils.get(chosen.designId) as StencilView}
            faceName={face.name.toLowerCase()}
            onLay={() => lay(chosen)}
            canLay={pots.length > 0}
          />
        )}
      </Box>
    </Flex>
  );
}

/** Nothing is painted yet: the trial shows in chalk on dark grounds, in sea ink on light ones. */
const paintFor = (dark: boolean) =>
  dark ? 'var(--chakra-colors-glass)' : 'var(--chakra-colors-sea)';

function Pill({
  on,
  onClick,
  children,
}: {
  on: boolean;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <Button look={on ? 'sea' : 'quiet'} borderRadius="full" aria-pressed={on} onClick={onClick}>
      {children}
    </Button>
  );
}

type OnShelfProps = {
  readonly trial: TrialView;
  readonly stencil: StencilView;
  readonly chosen: boolean;
  readonly paint: string;
  readonly face: Parameters<typeof TrialDrawing>[0]['face'];
  readonly onChoose: () => void;
  readonly onLay: () => void;
};

function TrialOnShelf({ trial, stencil, chosen, paint, face, onChoose, onLay }: OnShelfProps) {
  return (
    <Box>
      <Box
        as="button"
        w="100%"
        onClick={onChoose}
        onDoubleClick={onLay}
        aria-pressed={chosen}
        aria-label={`${stencil.name}: ${trial.verdictText}`}
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
          width={278}
          height={150}
        />
      </Box>
      <Box h="7px" bg="wood" borderBottomWidth="3px" borderColor="woodShade" aria-hidden />
      <Flex justify="space-between" mt="1" gap="2">
        <Text fontWeight="600">{stencil.name}</Text>
        <Text color={VERDICT_COLOUR[trial.verdict]}>
          <Fig text={trial.verdictText} />
        </Text>
      </Flex>
    </Box>
  );
}

function Details({
  trial,
  stencil,
  faceName,
  onLay,
  canLay,
}: {
  trial: TrialView;
  stencil: StencilView;
  faceName: string;
  onLay: () => void;
  canLay: boolean;
}) {
  return (
    <Flex direction="column" gap="3">
      <Box>
        <Text fontSize="12.5px" color="soft">
          Stencil
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {stencil.name}
        </Heading>
        <Text color="soft">{stencil.note}</Text>
      </Box>
      <SheetDrawing stencil={stencil} width={288} height={230} />
      <Box as="dl">
        <Row name="Sheet" value={`${stencil.sheetWidth.text} × ${stencil.sheetHeight.text}`} />
        <Row name="Prints" value={`${stencil.printWidth.text} × ${stencil.printHeight.text}`} />
        <Row
          name="Open, from its outline"
          value={`${stencil.openShareText}, ${stencil.openAreaText}`}
        />
        <Row name="Gap as drawn" value={stencil.naturalGap.text} />
        <Row name="Uses between washes" value={String(stencil.usesBetweenWashes)} />
      </Box>
      <Box>
        <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
          On the {faceName}
        </Heading>
        <Text color={VERDICT_COLOUR[trial.verdict]} fontWeight="600">
          <Fig text={trial.verdictText} />
        </Text>
        <Text color="soft" fontSize="13px">
          {trial.verdict === 'DOES_NOT_FIT'
            ? 'Try it on another face (F), or choose a smaller one.'
            : 'A first guess, clear of what is laid already. You can move it next.'}
        </Text>
      </Box>
      <Button
        look="sea"
        size="md"
        onClick={onLay}
        disabled={trial.verdict === 'DOES_NOT_FIT' || !canLay}
      >
        Lay it on the {faceName}
      </Button>
    </Flex>
  );
}

function Row({ name, value }: { name: string; value: string }) {
  return (
    <Flex justify="space-between" gap="3" py="1">
      <Text as="dt">{name}</Text>
      <Text as="dd">
        <Fig text={value} />
      </Text>
    </Flex>
  );
}
