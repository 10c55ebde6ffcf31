import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useId } from 'react';
import { Link } from 'react-router';
import type { ArtView, SheetCut } from '../api/client';
import { Fig } from '../common/Fig';
import { PartNumber, SheetPrint } from '../map/SheetPrint';
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

/** The sheet, what is cut in full colour, what is kept with a dashed line, scrap pale. */
function Drawing({ art, sheet, isKept }: Pick<Props, 'art' | 'sheet' | 'isKept'>) {
  const id = useId();
  const w = art.sheetWidthMm;
  const h = art.sheetHeightMm;
  const k = Math.min(WIDTH_PX / w, TALLEST_PX / h);
  return (
    <Box flexShrink={0}>
      <svg
        width={num(w * k)}
        height={num(h * k)}
        viewBox={`0 0 ${num(w)} ${num(h)}`}
        role="img"
        aria-label={`${sheet.title}: ${sheet.pieces.length} parts`}
      >
        <defs>
          <clipPath id={id}>
            {sheet.pieces.map((p) => (
              <rect
                key={p.number}
                x={p.box.leftMm}
                y={p.box.topMm}
                width={p.box.widthMm}
                height={p.box.heightMm}
              />
            ))}
          </clipPath>
        </defs>
        <rect width={w} height={h} fill={ink('card')} />
        <SheetPrint art={art} opacity={0.3} />
        <g clipPath={`url(#${id})`}>
          <rect width={w} height={h} fill={ink('card')} />
          <SheetPrint art={art} opacity={1} />
        </g>
        {sheet.rests.map((r, i) => (
          <rect
            key={`${r.box.leftMm} ${r.box.topMm}`}
            x={num(r.box.leftMm)}
            y={num(r.box.topMm)}
            width={num(r.box.widthMm)}
            height={num(r.box.heightMm)}
            fill={ink('sheet')}
            fillOpacity={isKept(i) ? 0.35 : 0}
            stroke={ink('moss')}
            strokeOpacity={isKept(i) ? 1 : 0.35}
            strokeWidth="1.6"
            strokeDasharray="7 5"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {sheet.pieces.map((p) => (
          <g key={p.number}>
            <rect
              x={num(p.box.leftMm)}
              y={num(p.box.topMm)}
              width={num(p.box.widthMm)}
              height={num(p.box.heightMm)}
              fill="none"
              stroke={ink('rust')}
              strokeWidth="1.8"
              vectorEffect="non-scaling-stroke"
            />
            <PartNumber
              number={p.number}
              xMm={p.box.leftMm + p.box.widthMm / 2}
              yMm={p.box.topMm + p.box.heightMm / 2}
              k={k}
            />
          </g>
        ))}
        <rect
          width={w}
          height={h}
          fill="none"
          stroke={ink('soft')}
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
    </Box>
  );
}
