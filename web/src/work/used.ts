import type { BenchStep, Telling } from '../api/client';

type Pot = NonNullable<BenchStep['pot']>;

/** What was seen of the pot after a step. */
export type PotSeen =
  | { readonly how: 'PLANNED' }
  | { readonly how: 'USED'; readonly ml: number }
  | { readonly how: 'LEVEL' | 'WEIGHS'; readonly figure: string };

const MOST_G = 50_000;

/** A tenth of what was planned more than so much, or less; to a tenth of a millilitre. */
export function otherUse(ml: number, plannedMl: number): number {
  return Math.max(0, Math.round((ml + plannedMl / 10) * 10) / 10);
}

function figure(text: string): number | undefined {
  const plain = text.trim().replace(',', '.');
  return /^\d{1,6}(\.\d+)?$/.test(plain) ? Number(plain) : undefined;
}

/** What is wrong with a figure that was typed, and what would do; none where nothing is. */
export function seenProblem(pot: Pot, seen: PotSeen): string | undefined {
  if (seen.how === 'PLANNED' || seen.how === 'USED') {
    return undefined;
  }
  const most = seen.how === 'LEVEL' ? Math.round(pot.holdsMl * 10) / 10 : MOST_G;
  const read = figure(seen.figure);
  return read === undefined || read > most
    ? `A figure from 0 to ${most} ${seen.how === 'LEVEL' ? 'ml' : 'g'}, such as 212.5.`
    : undefined;
}

/** The same as the server takes it; as planned where nothing else was seen. */
export function asTold(seen: PotSeen): Pick<Telling, 'usedMl' | 'levelMl' | 'weighsG'> {
  switch (seen.how) {
    case 'PLANNED':
      return {};
    case 'USED':
      return { usedMl: seen.ml };
    case 'LEVEL':
    case 'WEIGHS': {
      const read = figure(seen.figure);
      return read === undefined ? {} : { [seen.how === 'LEVEL' ? 'levelMl' : 'weighsG']: read };
    }
  }
}
