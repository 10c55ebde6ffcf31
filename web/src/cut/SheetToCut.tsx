import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import type { ArtView, SheetCut } from '../api/client';
import { Fig } from '../common/Fig';
import { PartNumber, SheetBox, SheetFigure } from '../map/SheetPrint';
import { num } from '../map/viewport';
import { ink } from '../theme/theme';

const WIDTH_PX = 440;
const TALLEST_PX = 460;

type Props = {
  readonly art: ArtView;
  readonly sheet: SheetCut;
  readonly pieceId: string;
  readonly isCut: boolean;
  readonly isKept: (rest: number) => boolean;
  readonly onKeep: (rest: number, keep: boolean) => void;
};

/** One sheet: its picture with the parts outlined, and the cutting list beside it. */
export function SheetToCut({ art, sheet, pieceId, isCut, isKept, onKeep }: Props) {
  return (
    <Flex gap="6" align="flex-start">
      <Drawing art={art} sheet={sheet} isKept={isKept} />
      <Box flex="1" minW="0">
        <Text fontWeight="600">{sheet.title}</Text>
        <Box as="ol" listStyleType="none" mt="1">
          {sheet.pieces.map((p) => (
            <Flex
              as="li"
              key={p.number}
              gap="3"
              py="1.5"
              borderBottomWidth="1px"
              borderColor="hairline"
            >
              <Text as="span" color="rust" fontWeight="700" minW="5">
                {p.number}
              </Text>
              <Box>
                <Fig text={p.sizeText} />,{' '}
                <Link to={`/pieces/${pieceId}/lay-out/${p.faceId}/${p.layId}`}>{p.faceName}</Link>
                <Text fontSize="12.5px" color="soft">
                  <Fig text={p.placeText} />
                </Text>
              </Box>
            </Flex>
          ))}
        </Box>
        {sheet.rests.length > 0 && (
          <Box mt="3">
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
                  onChange={(e) => onKeep(i, e.currentTarget.checked)}
                />
                <Fig text={r.sizeText} />
              </chakra.label>
            ))}
          </Box>
        )}
        <Text fontSize="12.5px" color="soft" mt="2">
          Scrap: {sheet.scrapText}
        </Text>
      </Box>
    </Flex>
  );
}

/** The sheet: parts outlined and numbered, what is kept with a dashed line. */
function Drawing({ art, sheet, isKept }: Pick<Props, 'art' | 'sheet' | 'isKept'>) {
  return (
    <Box flexShrink={0}>
      <SheetFigure
        art={art}
        widthPx={WIDTH_PX}
        tallestPx={TALLEST_PX}
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
          </>
        )}
      />
    </Box>
  );
}

const pathOf = (b: SheetCut['pieces'][number]['box']) =>
  `M${num(b.leftMm)} ${num(b.topMm)}h${num(b.widthMm)}v${num(b.heightMm)}h${num(-b.widthMm)}z`;
