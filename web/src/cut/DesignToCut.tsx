import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type DesignCut } from '../api/client';
import { changed } from '../api/keys';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Refusal } from '../common/Refusal';
import { usePlan } from '../plan/PlanProvider';
import { Remedies } from './Remedies';
import { SearchBar } from './SearchBar';
import { SheetToCut } from './SheetToCut';

type Props = {
  readonly cut: DesignCut;
  /** the pieces it is cut together with */
  readonly together: ReadonlyArray<string>;
  readonly onTogether: (pieceId: string) => void;
};

/** A sheet with no more parts than this is told on half the width. */
const MOST_SMALL = 3;

/** One design's sheets: whether they are enough, how they are cut, and booking it. */
export function DesignToCut({ cut, together, onTogether }: Props) {
  const [scraps, setScraps] = useState<ReadonlySet<string>>(new Set());
  const [locked, setLocked] = useState<ReadonlySet<number>>(new Set(cut.wish.locked));
  const kept = cut.sheets.flatMap((s, sheet) =>
    s.rests.map((_, rest) => ({ sheet, rest })).filter((k) => !scraps.has(key(k.sheet, k.rest))),
  );
  const book = useBooking(cut.designId, together);
  // a board to try things on: nothing is booked for it
  const onlyTried = usePlan().piece.practice;
  const short = cut.shortText !== undefined;
  const small = cut.sheets.length > 1 && cut.sheets.every((s) => s.pieces.length <= MOST_SMALL);
  return (
    <Box
      as="section"
      aria-label={cut.name}
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      px="5"
      py="4"
      data-testid={`cut-${cut.designId}`}
    >
      <Flex justify="space-between" align="flex-start" gap="5">
        <Box>
          <Heading as="h2" fontFamily="heading" fontSize="19px" fontWeight="600">
            {cut.name}
          </Heading>
          <Text color={short ? 'rust' : 'ink'} fontWeight="500">
            <Fig text={cut.shortText ?? cut.sheetsText} />
          </Text>
          {!cut.isCut && (
            <Text color="soft" fontSize="13px">
              <Fig text={cut.onHandText} />
            </Text>
          )}
        </Box>
        {cut.isCut ? (
          <Flex gap="3" align="center">
            <Text color="moss" fontWeight="600" role="status">
              ✓ cut and booked
            </Text>
            <Button look="plain" disabled={book.isPending} onClick={() => book.mutate(null)}>
              Take back
            </Button>
          </Flex>
        ) : onlyTried ? null : (
          <Button
            look="sea"
            disabled={book.isPending || short}
            onClick={() => book.mutate({ kept })}
          >
            {kept.length === 0
              ? 'It is cut'
              : kept.length === 1
                ? 'It is cut; keep one leftover'
                : `It is cut; keep ${kept.length} leftovers`}
          </Button>
        )}
      </Flex>
      <Refusal of={book.error} />
      {!cut.isCut && <Remedies cut={cut} together={together} onTogether={onTogether} />}
      {!cut.isCut && cut.searches && <SearchBar cut={cut} together={together} locked={locked} />}
      <Box
        display="grid"
        gridTemplateColumns={small ? 'repeat(2, minmax(0, 1fr))' : '1fr'}
        columnGap="7"
        rowGap="6"
        mt="4"
      >
        {cut.sheets.map((sheet, i) => (
          <SheetToCut
            key={sheet.title}
            art={cut.art}
            sheet={sheet}
            small={small}
            isCut={cut.isCut}
            locked={cut.searches && !cut.isCut ? locked : null}
            onLock={(number) => setLocked(toggled(locked, number))}
            isKept={(rest) => !scraps.has(key(i, rest))}
            onKeep={(rest) => setScraps(toggled(scraps, key(i, rest)))}
          />
        ))}
      </Box>
    </Box>
  );
}

const key = (sheet: number, rest: number) => `${sheet}/${rest}`;

function toggled<T>(set: ReadonlySet<T>, one: T): ReadonlySet<T> {
  const next = new Set(set);
  if (!next.delete(one)) {
    next.add(one);
  }
  return next;
}

/** Books it with what is kept, or takes it back. */
function useBooking(designId: string, together: ReadonlyArray<string>) {
  const { piece } = usePlan();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (done: { kept: Array<{ sheet: number; rest: number }> } | null) => {
      const path = { id: piece.id, designId };
      return done === null
        ? ask(api.DELETE('/api/pieces/{id}/cuts/{designId}', { params: { path } }))
        : ask(
            api.PUT('/api/pieces/{id}/cuts/{designId}', {
              params: { path, query: { with: [...together] } },
              body: done,
            }),
          );
    },
    onSuccess: () => {
      void changed(client, 'PLAN', 'SHELF');
    },
  });
}
