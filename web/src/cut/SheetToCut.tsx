import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { Lock, LockOpen } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ArtView, SheetCut } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { CutsInOrder } from './CutsInOrder';
import { SheetDrawing } from './SheetDrawing';

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
  const [followed, setFollowed] = useState<string | null>(null);
  return (
    <Flex gap={small ? '4' : '6'} align="flex-start" role="group" aria-label={sheet.title}>
      <SheetDrawing art={art} sheet={sheet} isKept={isKept} small={small} followed={followed} />
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
        <Box w={small ? undefined : '290px'} flexShrink={0}>
          {sheet.cuts.length > 0 && (
            <CutsInOrder cuts={sheet.cuts} followed={followed} onFollow={setFollowed} />
          )}
          <Rests {...props} />
        </Box>
      </Flex>
    </Flex>
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
