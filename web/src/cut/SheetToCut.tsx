import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { Lock, LockOpen } from 'lucide-react';
import { Link } from 'react-router';
import type { ArtView, SheetCut } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { PartNumber, SheetBox, SheetFigure } from '../map/SheetPrint';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

/** Alone on its row, or one of many. */
const LARGE = { widthPx: 360, tallestPx: 400 };
const SMALL = { widthPx: 210, tallestPx: 290 };
const TAG_PX = 17;

type Props = {
  readonly art: ArtView;
  readonly sheet: SheetCut;
  /** one of many, with little on each */
  readonly small: boolean;
  readonly isCut: boolean;
  /** parts that stay where they lie; nothing where that does not matter */
  readonly locked: ReadonlySet<number> | null;
  readonly onLock: (number: number) => void;
  readonly isKept: (rest: number) => boolean;
  readonly onKeep: (rest: number) => void;
};

/** One sheet: its picture with the parts outlined, and the cutting list beside it. */
export function SheetToCut(props: Props) {
  const { art, sheet, isKept, small } = props;
  return (
    <Flex gap={small ? '4' : '6'} align="flex-start" role="group" aria-label={sheet.title}>
      <Drawing art={art} sheet={sheet} isKept={isKept} small={small} />
      <Flex
        flex="1"
        minW="0"
        gap={small ? '3' : '6'}
        align={small ? 'stretch' : 'flex-start'}
        direction={small ? 'column' : 'row'}
      >
        <Box flex="1" minW="0">
          <Text fontWeight="600">{sheet.title}</Text>
          <Parts {...props} />
        </Box>
        <Box w={small ? undefined : '250px'} flexShrink={0}>
          {sheet.cuts.length > 0 && <Cuts cuts={sheet.cuts} />}
          <Rests {...props} />
        </Box>
      </Flex>
    </Flex>
  );
}

/** From edge to edge, each under the letter it has on the drawing. */
function Cuts({ cuts }: { cuts: SheetCut['cuts'] }) {
  return (
    <Box mb="3">
      <Text fontSize="13px" color="soft">
        Cuts, in this order
      </Text>
      <Box as="ol" listStyleType="none" aria-label="Cuts, in this order">
        {cuts.map((cut) => (
          <Flex as="li" key={cut.text} gap="2" fontSize="13px" py="0.5">
            <Text as="span" color="sea" fontWeight="700" minW="5">
              {cut.letters}
            </Text>
            <Text as="span">
              <Fig text={cut.text} />
            </Text>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}

/** The cutting list: what, for where, and how far in from two edges. */
function Parts({ sheet, locked, onLock }: Props) {
  return (
    <Box as="ol" listStyleType="none" mt="1" aria-label={`Parts of ${sheet.title}`}>
      {sheet.pieces.map((p) => (
        <Flex
          as="li"
          key={p.number}
          gap="3"
          py="1.5"
          align="flex-start"
          borderBottomWidth="1px"
          borderColor="hairline"
        >
          <Text as="span" color="rust" fontWeight="700" minW="5">
            {p.number}
          </Text>
          <Box flex="1">
            <Text>
              <Fig text={p.sizeText} />,{' '}
              <Link to={`/pieces/${p.pieceId}/lay-out/${p.faceId}/${p.layId}`}>
                {p.pieceName ? `${p.pieceName}, ${p.faceName}` : p.faceName}
              </Link>
            </Text>
            <Text fontSize="12.5px" color="soft">
              <Fig text={p.placeText} />
            </Text>
          </Box>
          {locked !== null && (
            <Button
              size="xs"
              look="plain"
              aria-pressed={locked.has(p.number)}
              aria-label={`Part ${p.number} stays where it lies`}
              title={
                locked.has(p.number)
                  ? 'Stays where it lies when a better plan is looked for'
                  : 'May move when a better plan is looked for'
              }
              color={locked.has(p.number) ? 'rust' : 'fold'}
              onClick={() => onLock(p.number)}
            >
              {locked.has(p.number) ? (
                <Lock size={14} aria-hidden />
              ) : (
                <LockOpen size={14} aria-hidden />
              )}
            </Button>
          )}
        </Flex>
      ))}
    </Box>
  );
}

/** What goes back onto the shelf, and what of the sheet is lost. */
function Rests({ sheet, isCut, isKept, onKeep }: Props) {
  return (
    <>
      {sheet.rests.length > 0 && (
        <Box>
          <Text fontSize="13px" color="soft">
            {isCut ? 'Was left over' : 'Goes back onto the shelf'}
          </Text>
          {sheet.rests.map((r, i) => (
            <chakra.label
              key={`${r.box.leftMm} ${r.box.topMm}`}
              display="flex"
              gap="2"
              alignItems="center"
              minH="26px"
            >
              <input
                type="checkbox"
                checked={isKept(i)}
                disabled={isCut}
                onChange={() => onKeep(i)}
              />
              <Fig text={r.sizeText} />
            </chakra.label>
          ))}
        </Box>
      )}
      {sheet.keeps.map((k) => (
        <Text key={k.name} fontSize="13px" mt="1">
          {isCut ? 'Was kept' : 'Kept'}: {k.name}, <Fig text={k.sizeText} />
        </Text>
      ))}
      <Text fontSize="12.5px" color="soft" mt="2">
        Scrap: {sheet.scrapText}
      </Text>
    </>
  );
}

/** The sheet: parts outlined and numbered, what is kept with a dashed line. */
function Drawing({ art, sheet, isKept, small }: Pick<Props, 'art' | 'sheet' | 'isKept' | 'small'>) {
  return (
    <Box flexShrink={0}>
      <SheetFigure
        art={art}
        {...(small ? SMALL : LARGE)}
        label={`${sheet.title}: ${sheet.pieces.length} parts`}
        shown={sheet.pieces.map((p) => pathOf(p.box)).join('')}
        over={(k) => (
          <>
            {sheet.rests.map((r, i) => (
              <SheetBox
                key={pathOf(r.box)}
                box={r.box}
                fill={ink('sheet')}
                fillOpacity={isKept(i) ? 0.35 : 0}
                stroke={ink('moss')}
                strokeOpacity={isKept(i) ? 1 : 0.35}
                strokeWidth="1.6"
                strokeDasharray="7 5"
              />
            ))}
            {sheet.pieces.map((p) => (
              <g key={p.number}>
                <SheetBox box={p.box} stroke={ink('rust')} strokeWidth="1.8" />
                <PartNumber number={p.number} box={p.box} k={k} />
              </g>
            ))}
            {sheet.cuts.map((cut) => (
              <StraightCut key={cut.letters} cut={cut} k={k} />
            ))}
          </>
        )}
      />
    </Box>
  );
}

/** Where the knife goes from edge to edge, its letter at the end it begins at. */
function StraightCut({ cut, k }: { cut: SheetCut['cuts'][number]; k: number }) {
  const across = cut.fromYMm === cut.toYMm;
  return (
    <g>
      <line
        x1={num(cut.fromXMm)}
        y1={num(cut.fromYMm)}
        x2={num(cut.toXMm)}
        y2={num(cut.toYMm)}
        stroke={ink('sea')}
        strokeWidth="1.4"
        strokeDasharray="2 3"
        vectorEffect="non-scaling-stroke"
      />
      <rect
        x={num(cut.fromXMm - (across ? 0 : TAG_PX / 2 / k))}
        y={num(cut.fromYMm - (across ? TAG_PX / 2 / k : 0))}
        width={num(TAG_PX / k)}
        height={num(TAG_PX / k)}
        rx={num(3 / k)}
        fill={ink('sea')}
        stroke={ink('card')}
        strokeWidth={num(1 / k)}
      />
      <text
        x={num(cut.fromXMm + (across ? TAG_PX / 2 / k : 0))}
        y={num(cut.fromYMm + (across ? 4 : TAG_PX / 2 + 4) / k)}
        textAnchor="middle"
        fill={ink('sheet')}
        style={{ fontSize: `${num(11 / k)}px`, fontWeight: 700 }}
      >
        {cut.letters}
      </text>
    </g>
  );
}

const pathOf = (b: SheetCut['pieces'][number]['box']) =>
  `M${num(b.leftMm)} ${num(b.topMm)}h${num(b.widthMm)}v${num(b.heightMm)}h${num(-b.widthMm)}z`;
