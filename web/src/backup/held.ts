import type { BackupHeld } from '../api/client';

const UNITS = ['bytes', 'kB', 'MB', 'GB'] as const;

/** How large a file is, in the unit that one reads it in. */
export function size(bytes: number): string {
  let unit = 0;
  let figure = bytes;
  while (figure >= 1000 && unit < UNITS.length - 1) {
    figure /= 1000;
    unit++;
  }
  const digits = unit > 0 && figure < 10 ? 1 : 0;
  return `${figure.toLocaleString('en', { maximumFractionDigits: digits })} ${UNITS[unit]}`;
}

const counted = (n: number, one: string, many: string) =>
  `${n.toLocaleString('en')} ${n === 1 ? one : many}`;

/** What a backup holds, as one would count it. */
export const holds = (held: BackupHeld): string[] => [
  counted(held.pieces, 'piece with its plan and history', 'pieces with their plans and history'),
  counted(held.designs, 'design', 'designs'),
  `${counted(held.stocks, 'stock', 'stocks')} with ${counted(held.ledgerEntries, 'entry of its ledger', 'entries of their ledgers')}`,
  counted(held.photos, 'photo', 'photos'),
  held.people === 0 ? 'no accounts' : counted(held.people, 'account', 'accounts'),
];

const OFTEN_ENOUGH_MS = 14 * 86_400_000;

/** Whether it is time for another: none was made, or none for a fortnight. */
export const isTime = (lastAt: string | undefined, now: number): boolean =>
  lastAt === undefined || now - Date.parse(lastAt) > OFTEN_ENOUGH_MS;
