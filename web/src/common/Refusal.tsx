import { Text } from '@chakra-ui/react';

/** Why something was not done, in the server's words. */
export function Refusal({ of: problem }: { of: Error | null }) {
  return problem === null ? null : (
    <Text role="alert" color="rust" fontSize="13px" mt="2">
      {problem.message}
    </Text>
  );
}
