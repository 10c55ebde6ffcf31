import type { QueryClient } from '@tanstack/react-query';
import type { components } from './schema';

/**
 * What an answer follows from. Whoever changes something says which of these it was; everything
 * that follows from it is asked again, whichever page shows it.
 */
export type Tag =
  /** what the server counts the changes of */
  | components['schemas']['TagView']['tag']
  /** what ships with the application and never changes while it runs */
  | 'FIXED';

/** A question: its name, what its answer follows from, and what it is about. */
export type Key = readonly [name: string, follows: readonly Tag[], ...about: readonly unknown[]];

const key = (name: string, follows: readonly Tag[], ...about: readonly unknown[]): Key => [
  name,
  follows,
  ...about,
];

/** Every question that is asked, in one place: the same question has the same key on all pages. */
/** So many lines of a ledger are told until somebody asks for older ones, and with each asking. */
export const LINES_AT_FIRST = 100;

export const keys = {
  me: () => key('me', ['PEOPLE']),
  people: () => key('people', ['PEOPLE']),
  looks: () => key('looks', ['LOOKS', 'PLAN']),
  shown: (link: string) => key('shown', ['FIXED'], link),
  shownPiece: (link: string, id: string) => key('shown-piece', ['FIXED'], link, id),
  devices: () => key('devices', ['PEOPLE']),
  network: () => key('network', ['FIXED']),
  backups: () => key('backups', ['FIXED']),
  places: () => key('places', ['PEOPLE']),
  studio: () => key('studio', ['STUDIO']),
  forms: () => key('forms', ['FIXED']),
  between: (from: unknown, to: unknown) => key('between', ['FIXED'], from, to),
  sums: () => key('sums', ['STUDIO']),
  sum: (kind: string, texts: unknown, way: number) => key('sum', ['STUDIO'], kind, texts, way),
  job: (id: string | null) => key('job', ['FIXED'], id),

  pieces: (archived: boolean, find: string) => key('pieces', ['PLAN'], archived, find),
  card: (id: string) => key('card', ['PLAN', 'SHELF'], id),
  piece: (id: string) => key('piece', ['PLAN'], id),
  history: (id: string, version: number) => key('history', ['PLAN'], id, version),
  fold: (id: string, version: number) => key('fold', ['PLAN'], id, version),
  route: (id: string, version: number) => key('route', ['PLAN', 'SHELF'], id, version),
  walk: (id: string, version: number) => key('walk', ['PLAN', 'SHELF'], id, version),
  trials: (id: string, faceId: string, version: number, wish: unknown) =>
    key('trials', ['PLAN', 'SHELF'], id, faceId, version, wish),
  options: (id: string, layId: string, faceId: string, version: number) =>
    key('options', ['PLAN'], id, layId, faceId, version),
  mends: (id: string, version: number, faceId: string, layId: string, rule: string) =>
    key('mends', ['PLAN', 'SHELF'], id, version, faceId, layId, rule),
  edits: (base: unknown, changes: unknown) => key('edits', ['PLAN'], base, changes),
  coats: (id: string, version: number) => key('coats', ['PLAN', 'SHELF'], id, version),
  order: (id: string, version: number) => key('order', ['PLAN', 'SHELF', 'STUDIO'], id, version),
  otherwise: (id: string, version: number) =>
    key('otherwise', ['PLAN', 'SHELF', 'STUDIO'], id, version),
  whatNow: (id: string, version: number, minutes: number) =>
    key('what-now', ['PLAN', 'SHELF', 'STUDIO'], id, version, minutes),
  work: (id: string, version: number, step: string | null) =>
    key('work', ['PLAN', 'SHELF', 'STUDIO'], id, version, step),
  ahead: (id: string, version: number) => key('ahead', ['PLAN', 'SHELF', 'STUDIO'], id, version),
  help: (id: string, version: number, step: string, trouble: string | null, share: number) =>
    key('help', ['PLAN', 'SHELF', 'STUDIO'], id, version, step, trouble, share),
  logbook: (asked: unknown) => key('logbook', ['PLAN', 'SHELF', 'PHOTOS', 'STUDIO'], asked),
  money: (id: string, version: number) =>
    key('money', ['PLAN', 'SHELF', 'MONEY', 'STUDIO'], id, version),
  cheaper: (id: string, version: number) =>
    key('cheaper', ['PLAN', 'SHELF', 'MONEY', 'STUDIO'], id, version),
  ownOnly: (id: string, version: number) =>
    key('own-only', ['PLAN', 'SHELF', 'STUDIO'], id, version),
  afterwards: (id: string, version: number) =>
    key('afterwards', ['PLAN', 'SHELF', 'PHOTOS', 'STUDIO'], id, version),
  learned: () => key('learned', ['SHELF', 'STUDIO']),
  week: (from: string | null) => key('week', ['PLAN', 'SHELF', 'STUDIO'], from),
  nexts: () => key('nexts', ['PLAN', 'SHELF', 'STUDIO']),
  sensors: () => key('sensors', ['FIXED']),
  bench: () => key('bench', ['STUDIO']),
  habits: () => key('habits', ['PLAN', 'SHELF', 'STUDIO']),
  schemes: () => key('schemes', ['SHELF']),
  compared: (id: string, version: number, groupId: string) =>
    key('compared', ['PLAN', 'SHELF'], id, version, groupId),
  mixes: (id: string, version: number, groupId: string, step: unknown) =>
    key('mixes', ['PLAN', 'SHELF'], id, version, groupId, step),
  designColours: (id: string) => key('design-colours', ['SHELF'], id),
  mixesOf: (hex: string) => key('mixes-of', ['SHELF'], hex),
  designsOfColour: (hex: string) => key('designs-of-colour', ['SHELF'], hex),
  gather: (id: string, version: number) => key('gather', ['PLAN', 'SHELF'], id, version),
  // not asked for by itself: it is told while all of it is
  cutsSoFar: (id: string, version: number, together: readonly string[]) =>
    key('cutsSoFar', [], id, version, together.join(' ')),
  cuts: (id: string, version: number, together: readonly string[]) =>
    key('cuts', ['PLAN', 'SHELF'], id, version, together.join(' ')),
  remedies: (id: string, version: number, designId: string, together: readonly string[]) =>
    key('remedies', ['PLAN', 'SHELF'], id, version, designId, together.join(' ')),
  prints: (id: string, version: number, paper: string) =>
    key('prints', ['PLAN'], id, version, paper),
  cutter: () => key('cutter', ['FIXED']),
  cuttable: (id: string, version: number) => key('cuttable', ['PLAN'], id, version),
  mats: (id: string, version: number, layId: string, wish: unknown) =>
    key('mats', ['PLAN'], id, version, layId, wish),
  cutRun: (jobId: string | null) => key('cut-run', ['FIXED'], jobId),
  photos: (id: string) => key('photos', ['PHOTOS'], id),
  facesOnPhoto: (photoId: string) => key('faces-on-photo', ['PHOTOS', 'PLAN', 'STUDIO'], photoId),
  linedUp: (first: string, second: string) => key('lined-up', ['PHOTOS', 'PLAN'], first, second),

  shelf: (filters: unknown) => key('shelf', ['SHELF'], filters),
  ways: () => key('ways', ['FIXED']),
  kinds: () => key('kinds', ['FIXED']),
  generic: () => key('generic', ['FIXED']),
  stencils: () => key('stencils', ['SHELF']),
  pots: () => key('pots', ['SHELF']),
  tools: () => key('tools', ['SHELF']),
  design: (id: string | null, lines = LINES_AT_FIRST) => key('design', ['SHELF'], id, lines),
  medium: (id: string | null) => key('medium', ['SHELF'], id),
  ledger: (holdingId: string | null, lines = LINES_AT_FIRST) =>
    key('ledger', ['SHELF'], holdingId, lines),
  level: (holdingId: string, day: string) => key('level', ['SHELF'], holdingId, day),
  uses: (thing: string, id: string) => key('uses', ['PLAN', 'SHELF'], thing, id),
  code: (text: string) => key('code', ['SHELF'], text),
  artwork: (id: string | null, openings: boolean) => key('artwork', ['SHELF'], id, openings),
  designReading: (given: unknown) => key('designReading', ['FIXED'], given),
  mediumReading: (given: unknown) => key('mediumReading', ['FIXED'], given),
  toolReading: (answers: unknown) => key('toolReading', ['FIXED'], answers),
  // how a list stands follows from nothing it changes, or it would ask itself again without end
  list: (id: string | null) => key('list', ['FIXED'], id),
  supplier: (wanted: unknown) => key('supplier', ['SHELF', 'SHOPPING'], wanted),
  shopping: () => key('shopping', ['SHOPPING']),
  missing: (pieces: readonly string[]) =>
    key('missing', ['PLAN', 'SHELF', 'SHOPPING'], pieces.join(' ')),
};

/** What a question follows from. */
export function follows(asked: readonly unknown[], tag: Tag): boolean {
  const tags = asked[1];
  return Array.isArray(tags) && tags.includes(tag);
}

/**
 * Has everything asked again that follows from what was changed. A first answer that is on its way
 * may be of before the change: it is let in, for a page that waits shows nothing, and asked again.
 */
export async function changed(client: QueryClient, ...tags: readonly Tag[]): Promise<void> {
  const predicate = (q: { queryKey: readonly unknown[] }) =>
    tags.some((tag) => follows(q.queryKey, tag));
  const first = client
    .getQueryCache()
    .findAll({ predicate, fetchStatus: 'fetching' })
    .filter((q) => q.state.data === undefined);
  for (const { promise, queryKey } of first) {
    promise?.then(
      () => client.invalidateQueries({ queryKey, exact: true }),
      () => undefined,
    );
  }
  await client.invalidateQueries({ predicate });
}

/** After a change of units: every length is said anew, whatever it follows from. */
export function allButStudio(client: QueryClient): Promise<void> {
  return client.invalidateQueries({ predicate: (q) => !follows(q.queryKey, 'STUDIO') });
}

/** How often things were changed, by what follows from them. */
export type Times = components['schemas']['ChangesView']['tags'];

/** What was changed between two looks, here or elsewhere. */
export function changedSince(before: Times, now: Times): Tag[] {
  const known = new Map(before.map((t) => [t.tag, t.times]));
  return now.filter((t) => t.times !== known.get(t.tag)).map((t) => t.tag);
}
