import { Box } from '@chakra-ui/react';
import type { ArtView, SheetCut } from '../api/client';
import { PartNumber, SheetBox, SheetFigure } from '../map/SheetPrint';
import { boxesOn, lineOn, type Spread } from '../map/spread';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';
import { type Spot, tagPlaces } from './cutTags';

/** Alone on its row, or one of many. */
const LARGE = { widthPx: 400, tallestPx: 560 };
const SMALL = { widthPx: 210, tallestPx: 290 };
const TAG_PX = 17;
const RING_PX = 20;

type Props = {
  readonly art: ArtView;
  readonly sheet: SheetCut;
  readonly isKept: (rest: number) => boolean;
  /** one of many, with little on each */
  readonly small: boolean;
  /** the letters of the cut that is followed with a finger */
  readonly followed: string | null;
};

/** The sheet: parts outlined and numbered, what is kept with a dashed line. */
export function SheetDrawing({ art, sheet, isKept, small, followed }: Props) {
  return (
    // stays in sight while a long list of cuts is gone through
    <Box flexShrink={0} position="sticky" top="4">
      <SheetFigure
        art={art}
        {...(small ? SMALL : LARGE)}
        label={`${sheet.title}: ${sheet.pieces.length} parts`}
        shown={sheet.pieces.map((p) => pathOf(p.box)).join('')}
        sections={sheet.sections}
        over={(k, spread) => (
          <>
            {sheet.rests.flatMap((r, i) =>
              boxesOn(spread, r.box).map((box) => (
                <SheetBox
                  key={pathOf(box)}
                  box={box}
                  fill={ink('sheet')}
                  fillOpacity={isKept(i) ? 0.35 : 0}
                  stroke={ink('moss')}
                  strokeOpacity={isKept(i) ? 1 : 0.35}
                  strokeWidth="1.6"
                  strokeDasharray="7 5"
                />
              )),
            )}
            {sheet.pieces.flatMap((p) =>
              boxesOn(spread, p.box).map((box) => (
                <g key={`${p.number} ${pathOf(box)}`}>
                  <SheetBox box={box} stroke={ink('rust')} strokeWidth="1.8" />
                  <PartNumber number={p.number} box={box} k={k} />
                </g>
              )),
            )}
            <StraightCuts sheet={sheet} spread={spread} k={k} followed={followed} />
          </>
        )}
      />
    </Box>
  );
}

type CutsProps = Pick<Props, 'sheet' | 'followed'> & {
  readonly spread: Spread;
  /** pixels for a millimetre */
  readonly k: number;
};

/** Where the knife goes from edge to edge, and over all lines the letters. */
function StraightCuts({ sheet, spread, k, followed }: CutsProps) {
  const numbers = sheet.pieces
    .flatMap((p) => boxesOn(spread, p.box))
    .map((box) => ({
      xMm: box.leftMm + box.widthMm / 2,
      yMm: box.topMm + box.heightMm / 2,
      halfMm: RING_PX / 2 / k,
    }));
  const cuts = sheet.cuts.map((cut) => lineOn(spread, cut));
  const places = tagPlaces(cuts, numbers, spread, TAG_PX / k);
  // the one that is followed lies over all others
  const lines = [...cuts].sort(
    (a, b) => Number(a.letters === followed) - Number(b.letters === followed),
  );
  return (
    <>
      {lines.map((cut) => (
        <line
          key={cut.letters}
          data-followed={cut.letters === followed || undefined}
          x1={num(cut.fromXMm)}
          y1={num(cut.fromYMm)}
          x2={num(cut.toXMm)}
          y2={num(cut.toYMm)}
          stroke={ink(cut.letters === followed ? 'rust' : 'sea')}
          strokeWidth={cut.letters === followed ? 4 : 1.4}
          strokeDasharray={cut.letters === followed ? undefined : '2 3'}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {cuts.map((cut, i) => (
        <Letters
          key={cut.letters}
          letters={cut.letters}
          at={places[i] as Spot}
          k={k}
          isFollowed={cut.letters === followed}
        />
      ))}
    </>
  );
}

type LettersProps = {
  readonly letters: string;
  readonly at: Spot;
  readonly k: number;
  readonly isFollowed: boolean;
};

/** The letter of a cut, on its line. */
function Letters({ letters, at, k, isFollowed }: LettersProps) {
  return (
    <g data-letters={letters}>
      <rect
        x={num(at.xMm - at.halfMm)}
        y={num(at.yMm - at.halfMm)}
        width={num(2 * at.halfMm)}
        height={num(2 * at.halfMm)}
        rx={num(3 / k)}
        fill={ink(isFollowed ? 'rust' : 'sea')}
        stroke={ink('card')}
        strokeWidth={num(1 / k)}
      />
      <text
        x={num(at.xMm)}
        y={num(at.yMm + 4 / k)}
        textAnchor="middle"
        fill={ink('sheet')}
        style={{ fontSize: `${num(11 / k)}px`, fontWeight: 700 }}
      >
        {letters}
      </text>
    </g>
  );
}

const pathOf = (b: SheetCut['pieces'][number]['box']) =>
  `M${num(b.leftMm)} ${num(b.topMm)}h${num(b.widthMm)}v${num(b.heightMm)}h${num(-b.widthMm)}z`;
