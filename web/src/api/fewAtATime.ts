/**
 * Does a few things at a time, in the order in which they were asked for, so that the first are done
 * before the last are begun: a server that is given all of them at once is done with all of them late.
 */
export function fewAtATime(most: number): <T>(work: () => Promise<T>) => Promise<T> {
  let under = 0;
  const waiting: Array<() => void> = [];
  return async (work) => {
    if (under < most) {
      under++;
    } else {
      await new Promise<void>((begin) => waiting.push(begin));
    }
    try {
      return await work();
    } finally {
      const next = waiting.shift();
      if (next) {
        next();
      } else {
        under--;
      }
    }
  };
}
