import { chakra } from '@chakra-ui/react';

/** The name of a step in a sentence: it is gone to by it. */
export const StepLink = chakra('button', {
  base: { color: 'sea', textAlign: 'left', textDecoration: 'underline', cursor: 'pointer' },
});
