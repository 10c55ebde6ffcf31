import type { OtherWindow, ToldChanges } from '../api/client';
import { changedSince, type Tag, type Times } from '../api/keys';

/**
 * What has to be asked again after something was told. What is told first tells nothing of single
 * changes: what was missed shows in how often things were changed by then.
 *
 * @param known what was told the last time; none where nothing was yet
 */
export function toAskAgain(known: Times | null, told: ToldChanges, first: boolean): Tag[] {
  if (first) {
    return known === null ? [] : changedSince(known, told.tags);
  }
  return [...new Set(told.changes.map((c) => c.tag))];
}

/** As it stands on a small round mark. */
export function initials(person: string): string {
  const words = person.trim().split(/\s+/).filter(Boolean);
  const first = words[0];
  if (first === undefined) {
    return '·';
  }
  const last = words.length > 1 ? words.at(-1) : undefined;
  return [first, last]
    .map((w) => (w ? [...w][0] : ''))
    .join('')
    .toLocaleUpperCase();
}

export const called = (other: OtherWindow): string => other.person || 'Another window';

/** One person with several windows is there once, where they look at more than the list. */
export function people(others: ReadonlyArray<OtherWindow>): OtherWindow[] {
  const byName = new Map<string, OtherWindow>();
  for (const other of others) {
    const name = other.person || other.window;
    const before = byName.get(name);
    if (before === undefined || (before.pieceId === undefined && other.pieceId !== undefined)) {
      byName.set(name, other);
    }
  }
  return [...byName.values()];
}

/** Who else looks at a face. */
export const onFace = (
  others: ReadonlyArray<OtherWindow>,
  pieceId: string,
  faceId: string,
): OtherWindow[] => people(others.filter((o) => o.pieceId === pieceId && o.faceId === faceId));

/**
 * Where somebody is, as a sentence.
 *
 * @param faceName the name of a face of this piece; none where it is not known
 */
export function whereabouts(
  other: OtherWindow,
  piece: { readonly id: string; readonly name: string } | null,
  faceName: (id: string) => string | undefined,
): string {
  const who = called(other);
  if (other.pieceId === undefined) {
    return `${who} is in the studio`;
  }
  if (piece === null || other.pieceId !== piece.id) {
    return `${who} is at another piece`;
  }
  const face = other.faceId === undefined ? undefined : faceName(other.faceId);
  return face === undefined ? `${who} is at ${piece.name} too` : `${who} is at ${face}`;
}
