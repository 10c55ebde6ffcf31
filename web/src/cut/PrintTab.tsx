import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouteLink } from 'react-router';
import { api, ask, type PrintView } from '../api/client';
import { type Paper, usePrints } from '../api/queries';
import { useJob } from '../api/useJob';
import { Button } from '../common/Button';
import { ChoiceField } from '../common/ChoiceField';
import { JobLine } from '../common/JobLine';
import { Refusal } from '../common/Refusal';
import { Empty, ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { PrintSketch } from './PrintSketch';

const PAPERS = [
  ['A4', 'A4'],
  ['LETTER', 'Letter'],
] as const;
const ALL = '';

/** Prints at true size over office pages. */
export function PrintTab() {
  const { piece } = usePlan();
  const [paper, setPaper] = useState<Paper>('A4');
  const prints = usePrints(piece.id, piece.version, paper);
  if (prints.isPending) {
    return <Loading what="what can be printed" />;
  }
  if (prints.isError) {
    return <ErrorState problem={prints.error} again={() => prints.refetch()} />;
  }
  return (
    <Box maxW="960px">
      <Flex justify="space-between" align="flex-end" gap="6" mb="4">
        <Text color="soft" maxW="560px">
          At its true size, correct to 0.2 mm where the printer does not fit it to the page. A
          square to check that by, and crosses where pages overlap, are printed with it.
        </Text>
        <ChoiceField label="Paper" width="130px" value={paper} among={PAPERS} onChoice={setPaper} />
      </Flex>
      {prints.data.length === 0 && (
        <Empty title="Nothing to print">
          <RouteLink to={`/pieces/${piece.id}/survey`}>Measure a face first</RouteLink>.
        </Empty>
      )}
      <Flex direction="column" gap="3">
        {prints.data.map((print) => (
          <Print key={`${print.what} ${paper}`} print={print} paper={paper} />
        ))}
      </Flex>
    </Box>
  );
}

function Print({ print, paper }: { print: PrintView; paper: Paper }) {
  const { piece } = usePlan();
  const [faceId, setFaceId] = useState(ALL);
  const making = useJob((wish: { faceId: string }) =>
    ask(
      api.POST('/api/pieces/{id}/prints', {
        params: { path: { id: piece.id } },
        body: {
          what: print.what,
          paper,
          ...(wish.faceId === ALL ? {} : { faceId: wish.faceId }),
        },
      }),
    ),
  );
  const job = making.job;
  const title = print.name.charAt(0).toUpperCase() + print.name.slice(1);
  return (
    <Box
      as="section"
      aria-label={title}
      bg="sheet"
      borderWidth="1px"
      borderColor="hairline"
      borderRadius="lg"
      px="5"
      py="4"
    >
      <Flex gap="5" align="center">
        <PrintSketch what={print.what} />
        <Box flex="1">
          <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600">
            {title}
          </Heading>
          <Text color="soft">{print.about}</Text>
          <Text fontSize="13px" mt="1">
            {print.text}, and one with the map of the pages and the square
          </Text>
        </Box>
        {print.what === 'TEMPLATES' && (
          <ChoiceField
            label="Of"
            width="190px"
            value={faceId}
            among={[
              [ALL, 'all faces'] as const,
              ...piece.reading.faces.map((f) => [f.id, f.name] as const),
            ]}
            onChoice={(id) => {
              making.forget();
              setFaceId(id);
            }}
          />
        )}
        <Button
          look={job?.state === 'DONE' ? 'quiet' : 'sea'}
          disabled={making.running}
          onClick={() => making.start({ faceId })}
        >
          Make the pages
        </Button>
      </Flex>
      <Box mt={job === null ? '0' : '3'}>
        <JobLine job={job} stop={making.stop} />
        {job?.state === 'DONE' && (
          <Text role="status">
            <a href={`/api/jobs/${job.id}/file`} target="_blank" rel="noreferrer">
              Open the pages (PDF)
            </a>
          </Text>
        )}
        <Refusal of={making.error} />
      </Box>
    </Box>
  );
}
