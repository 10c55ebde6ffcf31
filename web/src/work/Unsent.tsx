import { Box, Text } from '@chakra-ui/react';
import { Big } from './Big';
import { type Kept, toSend } from './tellings';

/** What is kept here while the server is away, and what it did not take. */
export function Unsent({
  kept,
  away,
  onForget,
}: {
  kept: ReadonlyArray<Kept>;
  away: boolean;
  onForget: (id: string) => void;
}) {
  const waiting = toSend(kept).length;
  const refused = kept.filter((k) => k.problem !== undefined);
  return (
    <>
      {away && (
        <Text role="status" bg="ochreWash" px={{ base: '4', md: '8' }} py="3" fontSize="18px">
          <b>The server cannot be reached.</b> Go on: what you tap is kept here and sent when it is
          back{waiting === 0 ? '' : waiting === 1 ? ', 1 tap so far' : `, ${waiting} taps so far`}.
        </Text>
      )}
      {refused.map((k) => (
        <Box key={k.id} role="alert" bg="rustWash" px={{ base: '4', md: '8' }} py="3">
          <Text fontSize="18px" mb="2">
            <b>{k.title}:</b> {k.problem}
          </Text>
          <Big type="button" fontSize="17px" onClick={() => onForget(k.id)}>
            I have read it
          </Big>
        </Box>
      ))}
    </>
  );
}
