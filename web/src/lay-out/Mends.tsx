import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { LayView, NoteView } from '../api/client';
import { useMends } from '../api/queries';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { usePlan } from '../plan/PlanProvider';

/** What would mend a note, asked for by a click; each way is worked out and taken with another. */
export function Mends({ lay, note }: { lay: LayView; note: NoteView }) {
  const [asked, setAsked] = useState(false);
  if (!note.mendable || lay.locked) {
    return null;
  }
  return asked ? (
    <Ways lay={lay} rule={note.rule} />
  ) : (
    <Button look="plain" size="xs" ml="-2" onClick={() => setAsked(true)}>
      What would mend it?
    </Button>
  );
}

function Ways({ lay, rule }: { lay: LayView; rule: string }) {
  const plan = usePlan();
  const ways = useMends(plan.piece.id, plan.piece.version, lay, rule);
  if (ways.isError) {
    return (
      <Text color="rust" role="alert">
        {ways.error.message}
      </Text>
    );
  }
  if (ways.isPending) {
    return <Text color="soft">Working it out…</Text>;
  }
  if (ways.data.length === 0) {
    return (
      <Text color="soft" fontSize="13px" role="status">
        No other option and no other place of the line mends it without something else going wrong.
      </Text>
    );
  }
  return (
    <Flex
      direction="column"
      gap="1.5"
      mt="1.5"
      px="2.5"
      py="2"
      bg="seaWash"
      borderRadius="md"
      role="group"
      aria-label="What would mend it"
    >
      {ways.data.map((way) => (
        <Flex key={way.text} gap="2" align="flex-start" justify="space-between">
          <Box fontSize="13px" pt="1">
            <Fig text={way.text} />
          </Box>
          <Button
            size="xs"
            aria-label={`Take it: ${way.text}`}
            onClick={() => plan.edit(way.edits, { gesture: `${lay.id} mend` })}
          >
            Take it
          </Button>
        </Flex>
      ))}
    </Flex>
  );
}
