import { Flex, Text } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { Job } from '../api/client';
import { changed } from '../api/keys';
import { useJob } from '../api/useJob';
import { Button } from '../common/Button';
import { JobLine } from '../common/JobLine';
import { Refusal } from '../common/Refusal';

/** Of so many steps the first good order is shown at once; a better one is looked for on demand. */
export function LookOn({ begin }: { begin: () => Promise<Job> }) {
  const client = useQueryClient();
  const search = useJob<void>(begin);
  const state = search.job?.state;
  useEffect(() => {
    // what was found until it was stopped is kept, too
    if (state === 'DONE' || state === 'STOPPED') {
      void changed(client, 'STUDIO');
    }
  }, [state, client]);
  return (
    <Flex align="center" gap="3" mb="2" wrap="wrap">
      {!search.running && (
        <>
          <Button size="xs" onClick={() => search.start()}>
            {state === undefined ? 'Look for a better order' : 'Look on'}
          </Button>
          <Text fontSize="12.5px" color="soft">
            With this many steps it takes up to half a minute; you can go on meanwhile.
          </Text>
        </>
      )}
      <JobLine job={search.job} stop={search.stop} stopped="Stopped; the best so far is kept." />
      <Refusal of={search.error} />
    </Flex>
  );
}
