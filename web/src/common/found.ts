import type { FoundView } from '../api/client';

/** What was found at a stop, in a few words. */
export const found = ({ count, worst }: FoundView) => {
  const things = count === 1 ? '1 thing to look at' : `${count} things to look at`;
  if (worst !== 'STOP') {
    return things;
  }
  return count === 1 ? `${things}, and it will fail` : `${things}, at least one will fail`;
};
