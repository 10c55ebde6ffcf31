import { Box, Flex, Heading, Progress, Text } from '@chakra-ui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, ask, type JobView, upload } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { Refusal } from '../common/Refusal';
import { Section } from '../common/Section';
import { useShelfChanged } from './queries';

const BUSY = new Set<JobView['state']>(['READING', 'IMPORTING']);

/** Lists in and out: a dry run that says what each row would do, then all of it; labels. */
export function ListsPage() {
  const changed = useShelfChanged();
  const csv = useRef<HTMLInputElement>(null);
  const whole = useRef<HTMLInputElement>(null);
  const [jobId, setJobId] = useState<string | null>(null);
  const read = useMutation({
    mutationFn: (file: File) => upload<JobView>('/api/shelf/lists', file),
    onSuccess: (job) => setJobId(job.id),
  });
  const job = useQuery({
    queryKey: keys.list(jobId),
    enabled: jobId !== null,
    queryFn: async () => {
      const now = await ask(
        api.GET('/api/shelf/lists/{id}', { params: { path: { id: jobId ?? '' } } }),
      );
      if (now.state === 'DONE') {
        changed();
      }
      return now;
    },
    refetchInterval: (q) => (q.state.data && !BUSY.has(q.state.data.state) ? false : 250),
  });
  const take = useMutation({
    mutationFn: () =>
      ask(api.POST('/api/shelf/lists/{id}/import', { params: { path: { id: jobId ?? '' } } })),
    onSuccess: () => job.refetch(),
  });
  const file = useMutation({
    mutationFn: (f: File) => upload<{ things: number }>('/api/shelf/file', f),
    onSuccess: changed,
  });
  return (
    <Box px="8" py="5" maxW="1080px">
      <Text fontSize="13px" color="soft">
        <Link to="/shelf">Shelf</Link>
      </Text>
      <Heading as="h1" fontFamily="heading" fontSize="26px" fontWeight="600" mb="3">
        Lists and labels
      </Heading>
      <Flex gap="8" wrap="wrap" align="flex-start">
        <Box flex="1" minW="420px">
          <Section title="A list in">
            <Text color="soft" mb="2">
              A CSV file with one design or pot to a row. Columns in any order; commas, semicolons
              or tabs; 11,5 or 11.5. First it is only looked at.
            </Text>
            <input
              ref={csv}
              type="file"
              hidden
              accept=".csv,text/csv"
              data-testid="list-file"
              onChange={(e) => {
                const f = e.currentTarget.files?.[0];
                if (f) {
                  take.reset();
                  read.mutate(f);
                }
                e.currentTarget.value = '';
              }}
            />
            <Button look="sea" onClick={() => csv.current?.click()} disabled={read.isPending}>
              {read.isPending ? 'Reading…' : 'Choose a list…'}
            </Button>
            <Refusal of={read.error} />
            {job.data && <Job job={job.data} onTake={() => take.mutate()} refused={take.error} />}
          </Section>
        </Box>
        <Flex direction="column" gap="5" w="330px">
          <Section title="Out">
            <Text color="soft" mb="2">
              Everything on the shelf, to keep or to carry elsewhere. The JSON file has the pictures
              too and can be read back.
            </Text>
            <Flex gap="2">
              <a href="/api/shelf/list.csv">
                <Button as="span">As CSV</Button>
              </a>
              <a href="/api/shelf/file">
                <Button as="span">As JSON</Button>
              </a>
            </Flex>
          </Section>
          <Section title="A shelf back in">
            <input
              ref={whole}
              type="file"
              hidden
              accept=".json,application/json"
              onChange={(e) => {
                const f = e.currentTarget.files?.[0];
                if (f) {
                  file.mutate(f);
                }
                e.currentTarget.value = '';
              }}
            />
            <Button onClick={() => whole.current?.click()} disabled={file.isPending}>
              {file.isPending ? 'Reading…' : 'From a JSON file…'}
            </Button>
            {file.data && (
              <Text mt="1" color="moss">
                {file.data.things} things were added to the shelf.
              </Text>
            )}
            <Refusal of={file.error} />
          </Section>
          <Section title="Labels">
            <Text color="soft" mb="2">
              One for everything that is there, with a short code and bars for a scanner. Type or
              scan the code into Find (/) and it opens.
            </Text>
            <Flex gap="2">
              <a href="/api/shelf/labels.pdf?paper=A4" target="_blank" rel="noreferrer">
                <Button as="span">On A4</Button>
              </a>
              <a href="/api/shelf/labels.pdf?paper=LETTER" target="_blank" rel="noreferrer">
                <Button as="span">On Letter</Button>
              </a>
            </Flex>
          </Section>
        </Flex>
      </Flex>
    </Box>
  );
}

const EFFECT = {
  NEW: { colour: 'moss', sign: '+' },
  ADDS: { colour: 'sea', sign: '↑' },
  ERROR: { colour: 'rust', sign: '!' },
} as const;

function Job({
  job,
  onTake,
  refused,
}: {
  job: JobView;
  onTake: () => void;
  refused: Error | null;
}) {
  const ready = job.fresh + job.adding;
  return (
    <Box mt="3">
      {BUSY.has(job.state) && (
        <Progress.Root value={job.total === 0 ? null : (100 * job.done) / job.total} size="sm">
          <Progress.Label>
            {job.state === 'READING' ? 'Looking at' : 'Putting on the shelf'} {job.done} of{' '}
            {job.total}
          </Progress.Label>
          <Progress.Track>
            <Progress.Range bg="sea" />
          </Progress.Track>
        </Progress.Root>
      )}
      {job.state === 'FAILED' && (
        <Text role="alert" color="rust">
          {job.failure}
        </Text>
      )}
      {job.state === 'DONE' && (
        <Text color="moss" fontWeight="600" role="status">
          ✓ {ready === 1 ? '1 row is' : `${ready} rows are`} on the shelf.
        </Text>
      )}
      {job.state === 'READY' && (
        <Flex gap="3" align="center" mb="2">
          <Text data-testid="dry-run">
            {job.fresh} new, {job.adding} to what is there, {job.errors} with errors. Nothing is on
            the shelf yet.
          </Text>
          <Button look="sea" onClick={onTake} disabled={ready === 0}>
            {job.errors > 0 ? `Take the ${ready} that are fine` : `Take all ${ready}`}
          </Button>
        </Flex>
      )}
      <Refusal of={refused} />
      {job.lines.length > 0 && <Lines job={job} />}
    </Box>
  );
}

/** What each row would do, those with errors first. */
function Lines({ job }: { job: JobView }) {
  return (
    <>
      <Box
        as="table"
        w="100%"
        fontSize="13px"
        borderTopWidth="1px"
        borderColor="hairline"
        maxH="420px"
      >
        <thead>
          <tr>
            <Box as="th" textAlign="left" color="soft" w="56px">
              Line
            </Box>
            <Box as="th" textAlign="left" color="soft">
              What
            </Box>
            <Box as="th" textAlign="left" color="soft">
              It would be
            </Box>
          </tr>
        </thead>
        <tbody>
          {job.lines.map((l) => (
            <Box as="tr" key={l.line} borderTopWidth="1px" borderColor="hairline">
              <td>{l.line}</td>
              <td>{l.name}</td>
              <Box as="td" color={EFFECT[l.effect].colour} py="1">
                {EFFECT[l.effect].sign} {l.text}
              </Box>
            </Box>
          ))}
        </tbody>
      </Box>
      {job.total > job.lines.length && (
        <Text color="soft" mt="1">
          and {job.total - job.lines.length} more rows
        </Text>
      )}
    </>
  );
}
