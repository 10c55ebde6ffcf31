import { Box, chakra, Flex, Heading, Progress, Text } from '@chakra-ui/react';
import { Link, useSearchParams } from 'react-router';
import type { CutsView } from '../api/client';
import type { CutsSoFar } from '../api/designByDesign';
import { useCuts, useCutsSoFar, useCuttable } from '../api/queries';
import { Empty, ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { DesignToCut } from './DesignToCut';
import { MadeList } from './MadeList';

/** Every sheet that the piece is cut from, alone or together with others. */
export function SheetsTab() {
  const { piece } = usePlan();
  const [search, setSearch] = useSearchParams();
  const together = search.getAll('with');
  const cuts = useCuts(piece.id, piece.version, together);
  const soFar = useCutsSoFar(piece.id, piece.version, together);
  const cutWith = (pieceId: string, yes: boolean) => {
    const next = new URLSearchParams();
    for (const id of together.filter((t) => t !== pieceId)) {
      next.append('with', id);
    }
    if (yes) {
      next.append('with', pieceId);
    }
    setSearch(next, { replace: true });
  };
  if (cuts.isPending) {
    return <SoFar so={soFar} together={together} cutWith={cutWith} />;
  }
  if (cuts.isError) {
    return <ErrorState problem={cuts.error} again={() => cuts.refetch()} />;
  }
  const { designs, made, others } = cuts.data;
  return (
    <Box maxW="1120px">
      <Flex justify="space-between" gap="6" mb="3">
        <Text color="soft">{summary(cuts.data)}</Text>
        {designs.length + made.length > 0 && <CuttingList together={together} />}
      </Flex>
      {designs.length === 0 && made.length === 0 && (
        <Empty title="Nothing to cut">
          <Link to={`/pieces/${piece.id}/choose`}>Lay a picture, paper or napkin first</Link>, and
          its sheets are drawn here with every part.
        </Empty>
      )}
      {others.length > 0 && (
        <Flex as="fieldset" border="0" gap="5" mb="4" wrap="wrap" align="center">
          <chakra.legend float="left" color="soft" fontSize="13px" mr="1">
            Cut together with
          </chakra.legend>
          {others.map((o) => (
            <chakra.label key={o.pieceId} display="flex" gap="2" alignItems="center" minH="28px">
              <input
                type="checkbox"
                checked={together.includes(o.pieceId)}
                onChange={(e) => cutWith(o.pieceId, e.currentTarget.checked)}
              />
              <span>
                {o.name}{' '}
                <chakra.span color="soft" fontSize="13px">
                  ({o.designsText})
                </chakra.span>
              </span>
            </chakra.label>
          ))}
        </Flex>
      )}
      <Flex direction="column" gap="6">
        {designs.map((cut) => (
          <DesignToCut
            key={cut.designId}
            cut={cut}
            together={together}
            onTogether={(pieceId) => cutWith(pieceId, true)}
          />
        ))}
        <MadeList made={made} />
        <ForTheCutter sheets={designs.map((d) => d.name)} />
      </Flex>
    </Box>
  );
}

/** Designs as they are worked out, and what is still to come. */
function SoFar({
  so,
  together,
  cutWith,
}: {
  so: CutsSoFar | undefined;
  together: ReadonlyArray<string>;
  cutWith: (pieceId: string, yes: boolean) => void;
}) {
  if (so === undefined) {
    return <Loading what="what is cut" />;
  }
  const all = so.ahead.designs.length;
  // the last of them is there a moment before all of it is
  const now = so.ahead.designs[so.designs.length] ?? so.ahead.designs.at(-1);
  if (now === undefined) {
    return null;
  }
  const parts = now.parts === 1 ? 'one part' : `${now.parts} parts`;
  return (
    <Box maxW="1120px">
      <Flex role="status" align="center" gap="4" mb="4">
        <Text>
          Looking for the fewest sheets: <b>{now.name}</b>, {parts}
        </Text>
        <Progress.Root value={(so.designs.length / all) * 100} flex="1" maxW="320px" size="sm">
          <Progress.Track bg="hairline" aria-label="Designs worked out">
            <Progress.Range bg="sea" />
          </Progress.Track>
        </Progress.Root>
        <Text color="soft" fontSize="13px" fontVariantNumeric="tabular-nums">
          {so.designs.length} of {all}
        </Text>
      </Flex>
      <Flex direction="column" gap="6">
        {so.designs.map((cut) => (
          <DesignToCut
            key={cut.designId}
            cut={cut}
            together={together}
            onTogether={(pieceId) => cutWith(pieceId, true)}
          />
        ))}
        {so.ahead.designs.slice(so.designs.length).map((d) => (
          <Box
            key={d.designId}
            borderWidth="1px"
            borderStyle="dashed"
            borderColor="fold"
            borderRadius="lg"
            px="4"
            py="3"
            color="soft"
          >
            <Text fontFamily="heading" fontSize="19px">
              {d.name}
            </Text>
            <Text fontSize="13px">
              {d.parts === 1 ? 'One part' : `${d.parts} parts`} to find sheets for
            </Text>
          </Box>
        ))}
      </Flex>
    </Box>
  );
}

/** The list to take to the table. */
function CuttingList({ together }: { together: ReadonlyArray<string> }) {
  const { piece } = usePlan();
  const address = (file: string, paper?: string) =>
    `/api/pieces/${piece.id}/cuts/${file}?${new URLSearchParams([
      ...together.map((t) => ['with', t]),
      ...(paper ? [['paper', paper]] : []),
    ])}`;
  return (
    <Text flexShrink={0}>
      Cutting list:{' '}
      <a href={address('print', 'A4')} target="_blank" rel="noreferrer">
        A4
      </a>
      ,{' '}
      <a href={address('print', 'LETTER')} target="_blank" rel="noreferrer">
        Letter
      </a>
      ,{' '}
      <a href={address('list.csv')} download>
        CSV
      </a>
    </Text>
  );
}

/** Words and stencils that a blade cuts, on their mats under another tab. */
function ForTheCutter({ sheets }: { sheets: ReadonlyArray<string> }) {
  const { piece } = usePlan();
  const cuttable = useCuttable(piece.id, piece.version).data ?? [];
  const lays = cuttable.filter((l) => !sheets.includes(l.name));
  if (lays.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-labelledby="for-the-cutter">
      <Heading
        as="h2"
        id="for-the-cutter"
        fontFamily="heading"
        fontSize="19px"
        fontWeight="600"
        mb="2"
      >
        For the cutter
      </Heading>
      {lays.map((l) => (
        <Text key={l.layId}>
          <Link to={`/pieces/${piece.id}/cut/cutter/${l.layId}`}>
            {l.name}, {l.faceName}
          </Link>
          : {l.text}
        </Text>
      ))}
    </Box>
  );
}

function summary({ designs, made }: CutsView): string {
  const open = designs.filter((c) => !c.isCut);
  const short = open.filter((c) => c.shortText !== undefined).length;
  if (designs.length === 0) {
    return made.length === 0
      ? 'No lay on this piece is cut from a sheet.'
      : 'No lay on this piece is cut from a sheet; the rest is below.';
  }
  if (open.length === 0) {
    return 'All of it is cut and booked.';
  }
  return short === 0
    ? 'Leftovers first, then the fewest new sheets. Measures are from the left and top edges of the sheet, leftover or section in your hand.'
    : `${short} of ${designs.length} designs ${short === 1 ? 'has' : 'have'} too few sheets.`;
}
