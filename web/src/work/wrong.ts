import type { BenchStep, Trouble, TroubleView } from '../api/client';
import { asTold, type PotSeen } from './used';
import type { Tap } from './useTellings';

/** How much of a step went wrong, or is left to do. */
export const SHARES = [
  { share: 0.05, text: 'A spot' },
  { share: 0.25, text: 'A quarter' },
  { share: 0.5, text: 'Half' },
  { share: 1, text: 'All of it' },
] as const;

/** Of what ran out something was done: never all of it is left. */
export function sharesOf(trouble: Trouble): ReadonlyArray<{ share: number; text: string }> {
  return trouble === 'RAN_OUT'
    ? [
        { share: 0.25, text: 'A quarter' },
        { share: 0.5, text: 'Half' },
        { share: 0.75, text: 'Three quarters' },
      ]
    : SHARES;
}

export type Help = TroubleView['remedies'][number];

/** What is told: the try with its time and its pot, what went wrong and what is done about it. */
export function wrongTap(
  step: { key: string; title: string; pot?: BenchStep['pot'] },
  tried: { minutes: number; seen: PotSeen } | undefined,
  trouble: Trouble,
  remedy: Help['remedy'],
  share: number,
): Tap {
  const ranOut = trouble === 'RAN_OUT' && step.pot !== undefined;
  return {
    kind: 'WRONG',
    step: step.key,
    title: step.title,
    ...(tried === undefined ? {} : { minutes: tried.minutes }),
    ...(ranOut ? { levelMl: 0 } : tried === undefined ? {} : asTold(tried.seen)),
    trouble,
    remedy,
    share,
  };
}

/** Whether a step mends something that went wrong. */
export function isMend(key: string): boolean {
  return key.startsWith('mend:');
}
