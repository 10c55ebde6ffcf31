import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type DesignCut } from '../api/client';
import { useCuts } from '../api/queries';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { SheetToCut } from './SheetToCut';

/** Every sheet that the piece is cut from, and booking it when it is cut. */
export function CutPage() {
  const { piece } = usePlan();
  const cuts = useCuts(piece.id, piece.version);
  if (cuts.isPending) {
    return <Loading what="what is cut" />;
  }
  if (cuts.isError) {
    return <ErrorState problem={cuts.error} again={() => cuts.refetch()} />;
  }
  return (
    <Box h="100%" overflow="auto" px="7" py="4">
      <Heading as="h1" fontFamily="heading" fontSize="22px" fontWeight="600">
        What is cut
      </Heading>
      <Text color="soft" mb="4">
        {summary(cuts.data)}
      </Text>
      {cuts.data.length === 0 && (
        <Empty title="Nothing to cut">
          <Link to={`/pieces/${piece.id}/choose`}>Lay a picture, paper or napkin first</Link>, and
          its sheets are drawn here with every part.
        </Empty>
      )}
      <Flex direction="column" gap="6" maxW="1120px">
        {cuts.data.map((cut) => (
          <Design key={cut.designId} cut={cut} />
        ))}
      </Flex>
    </Box>
  );
}

function summary(cuts: ReadonlyArray<DesignCut>): string {
  const open = cuts.filter((c) => !c.isCut);
  const short = open.filter((c) => c.shortText !== undefined).length;
  if (cuts.length === 0) {
    return 'No lay on this piece is cut from a sheet.';
  }
  if (open.length === 0) {
    return 'All of it is cut and booked.';
  }
  return short === 0
    ? 'Leftovers first, then the fewest new sheets. Measures are from a sheet’s left and top edges.'
    : `${short} of ${cuts.length} designs have too few sheets.`;
}

function Design({ cut }: { cut: DesignCut }) {
  const { piece } = usePlan();
  const client = useQueryClient();
  const [scraps, setScraps] = useState<ReadonlySet<string>>(new Set());
  const kept = cut.sheets.flatMap((s, sheet) =>
    s.rests.map((_, rest) => ({ sheet, rest })).filter((k) => !scraps.has(key(k.sheet, k.rest))),
  );
  const book = useMutation({
    mutationFn: (done: boolean) => {
      const path = { id: piece.id, designId: cut.designId };
      return done
        ? ask(api.PUT('/api/pieces/{id}/cuts/{designId}', { params: { path }, body: { kept } }))
        : ask(api.DELETE('/api/pieces/{id}/cuts/{designId}', { params: { path } }));
    },
    onSuccess: (fresh) => {
      client.setQueryData(['cuts', piece.id, piece.version], fresh);
      for (const k of ['gather', 'route', 'ledger', 'shelf', 'design', 'pieces', 'piece']) {
        void client.invalidateQueries({ queryKey: [k] });
      }
    },
  });
  return (
    <Box
      as="section"
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      px="5"
      py="4"
      data-testid={`cut-${cut.designId}`}
    >
      <Flex justify="space-between" align="flex-start" gap="5" mb="3">
        <Box>
          <Heading as="h2" fontFamily="heading" fontSize="19px" fontWeight="600">
            {cut.name}
          </Heading>
          <Text color={cut.shortText ? 'rust' : 'soft'}>
            <Fig text={cut.shortText ?? cut.sheetsText} />
          </Text>
        </Box>
        {cut.isCut ? (
          <Flex gap="3" align="center">
            <Text color="moss" fontWeight="600" role="status">
              ✓ cut and booked
            </Text>
            <Button look="plain" disabled={book.isPending} onClick={() => book.mutate(false)}>
              Take back
            </Button>
          </Flex>
        ) : (
          <Button
            look="sea"
            disabled={book.isPending || cut.shortText !== undefined}
            onClick={() => book.mutate(true)}
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
      <Flex direction="column" gap="5">
        {cut.sheets.map((sheet, i) => (
          <SheetToCut
            key={sheet.title}
            art={cut.art}
            sheet={sheet}
            pieceId={piece.id}
            isCut={cut.isCut}
            isKept={(rest) => !scraps.has(key(i, rest))}
            onKeep={(rest, keep) => {
              const next = new Set(scraps);
              if (keep) {
                next.delete(key(i, rest));
              } else {
                next.add(key(i, rest));
              }
              setScraps(next);
            }}
          />
        ))}
      </Flex>
    </Box>
  );
}

const key = (sheet: number, rest: number) => `${sheet}/${rest}`;
