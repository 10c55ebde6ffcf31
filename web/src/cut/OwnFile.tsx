import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useRef } from 'react';
import { api, ask } from '../api/client';
import { useJob } from '../api/useJob';
import { Button } from '../common/Button';
import { JobLine } from '../common/JobLine';
import { Refusal } from '../common/Refusal';
import { CutPlayer } from './CutPlayer';

/** A plotter file from elsewhere: checked as a cutter checks it, and cut. */
export function OwnFile() {
  const picker = useRef<HTMLInputElement>(null);
  const sending = useJob((file: { name: string; content: string }) =>
    ask(api.POST('/api/cutter/cuts', { body: file })),
  );
  const send = async (file: File | undefined) => {
    if (file !== undefined) {
      sending.start({ name: file.name, content: await file.text() });
    }
  };
  return (
    <Box as="section" mt="6" pt="4" borderTopWidth="1px" borderColor="hairline">
      <Heading as="h2" fontFamily="heading" fontSize="17px" fontWeight="600">
        A plotter file from elsewhere
      </Heading>
      <Text color="soft" fontSize="13px">
        The cutter refuses what runs off its mat, lines that are open, and lines without length.
      </Text>
      <Flex gap="4" mt="2" align="center">
        <input
          ref={picker}
          type="file"
          hidden
          accept=".plt,.hpgl,.hpg,.txt"
          data-testid="plotter-file"
          onChange={(e) => {
            void send(e.currentTarget.files?.[0]);
            e.currentTarget.value = '';
          }}
        />
        <Button disabled={sending.running} onClick={() => picker.current?.click()}>
          Send a file (HPGL)…
        </Button>
        <JobLine job={sending.job} stop={sending.stop} />
        <Refusal of={sending.error} />
      </Flex>
      {sending.job?.state === 'DONE' && (
        <Box mt="4">
          <CutPlayer key={sending.job.id} jobId={sending.job.id} />
        </Box>
      )}
    </Box>
  );
}
