import { Flex, Progress, Text } from '@chakra-ui/react';
import type { Job } from '../api/client';
import { Button } from './Button';

/** How far a job is, with the way to stop it; how it ended where that was not as wished. */
export function JobLine({
  job,
  stop,
  stopped,
}: {
  job: Job | null;
  stop: () => void;
  /** what is left of it when it was stopped; nothing where not told */
  stopped?: string;
}) {
  if (job === null || job.state === 'DONE') {
    return null;
  }
  if (job.state !== 'RUNNING') {
    return (
      <Text
        role={job.state === 'STOPPED' ? 'status' : 'alert'}
        color={job.state === 'STOPPED' ? 'soft' : 'rust'}
        fontSize="13px"
      >
        {job.state === 'STOPPED' && stopped !== undefined ? stopped : ended(job)}
      </Text>
    );
  }
  const percent = Math.round(job.share * 100);
  return (
    <Flex align="center" gap="3" role="status">
      <Text fontSize="13px">{job.title}</Text>
      <Progress.Root value={percent} flex="1" minW="120px" maxW="320px" size="sm">
        <Progress.Track bg="hairline" aria-label={job.title}>
          <Progress.Range bg="sea" />
        </Progress.Track>
      </Progress.Root>
      <Text fontSize="13px" color="soft" minW="10" fontVariantNumeric="tabular-nums">
        {percent} %
      </Text>
      <Button size="xs" onClick={stop}>
        Stop
      </Button>
    </Flex>
  );
}

function ended(job: Job): string {
  switch (job.state) {
    case 'FAILED':
      return job.failure ?? 'That did not work; nothing was changed.';
    case 'CUT_SHORT':
      return 'A restart cut this short; nothing was changed. Begin it again.';
    default:
      return 'Stopped; nothing was changed.';
  }
}
