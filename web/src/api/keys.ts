import type { QueryClient } from '@tanstack/react-query';

/**
 * What an answer follows from. Whoever changes something says which of these it was; everything
 * that follows from it is asked again, whichever page shows it.
 */
export type Tag =
  /** The studio itself: its name, its tape. */
  | 'studio'
  /** Pieces and their plans. */
  | 'plan'
  /** Designs, media, tools, stocks and what is asked of them. */
  | 'shelf'
  | 'photos'
  /** The shopping list. */
  | 'shopping'
  /** What ships with the application and never changes while it runs. */
  | 'fixed';

/** A question: its name, what its answer follows from, and what it is about. */
export type Key = readonly [name: string, follows: readonly Tag[], ...about: readonly unknown[]];

const key = (name: string, follows: readonly Tag[], ...about: readonly unknown[]): Key => [
  name,
  follows,
  ...about,
];

/** Every question that is asked, in one place: the same question has the same key on all pages. */
export const keys = {
  studio: () => key('studio', ['studio']),
  forms: () => key('forms', ['fixed']),
  between: (from: unknown, to: unknown) => key('between', ['fixed'], from, to),
  run: (asked: unknown, unit: unknown) => key('run', ['fixed'], asked, unit),
  job: (id: string | null) => key('job', ['fixed'], id),

  pieces: (archived: boolean, find: string) => key('pieces', ['plan', 'shelf'], archived, find),
  piece: (id: string) => key('piece', ['plan'], id),
  fold: (id: string, version: number) => key('fold', ['plan'], id, version),
  route: (id: string, version: number) => key('route', ['plan', 'shelf'], id, version),
  trials: (id: string, faceId: string, version: number, wish: unknown) =>
    key('trials', ['plan', 'shelf'], id, faceId, version, wish),
  options: (id: string, layId: string, faceId: string, version: number) =>
    key('options', ['plan'], id, layId, faceId, version),
  mends: (id: string, version: number, faceId: string, layId: string, rule: string) =>
    key('mends', ['plan', 'shelf'], id, version, faceId, layId, rule),
  edits: (base: unknown, changes: unknown) => key('edits', ['plan'], base, changes),
  gather: (id: string, version: number) => key('gather', ['plan', 'shelf'], id, version),
  cuts: (id: string, version: number, together: readonly string[]) =>
    key('cuts', ['plan', 'shelf'], id, version, together.join(' ')),
  remedies: (id: string, version: number, designId: string, together: readonly string[]) =>
    key('remedies', ['plan', 'shelf'], id, version, designId, together.join(' ')),
  prints: (id: string, version: number, paper: string) =>
    key('prints', ['plan'], id, version, paper),
  cutter: () => key('cutter', ['fixed']),
  cuttable: (id: string, version: number) => key('cuttable', ['plan'], id, version),
  mats: (id: string, version: number, layId: string, wish: unknown) =>
    key('mats', ['plan'], id, version, layId, wish),
  cutRun: (jobId: string | null) => key('cut-run', ['fixed'], jobId),
  photos: (id: string) => key('photos', ['photos'], id),

  shelf: (filters: unknown) => key('shelf', ['shelf'], filters),
  ways: () => key('ways', ['fixed']),
  kinds: () => key('kinds', ['fixed']),
  generic: () => key('generic', ['fixed']),
  stencils: () => key('stencils', ['shelf']),
  pots: () => key('pots', ['shelf']),
  tools: () => key('tools', ['shelf']),
  design: (id: string | null) => key('design', ['shelf'], id),
  medium: (id: string | null) => key('medium', ['shelf'], id),
  ledger: (holdingId: string | null) => key('ledger', ['shelf'], holdingId),
  level: (holdingId: string, day: string) => key('level', ['shelf'], holdingId, day),
  uses: (thing: string, id: string) => key('uses', ['plan', 'shelf'], thing, id),
  code: (text: string) => key('code', ['shelf'], text),
  artwork: (id: string | null, openings: boolean) => key('artwork', ['shelf'], id, openings),
  designReading: (given: unknown) => key('designReading', ['fixed'], given),
  mediumReading: (given: unknown) => key('mediumReading', ['fixed'], given),
  toolReading: (answers: unknown) => key('toolReading', ['fixed'], answers),
  // how a list stands follows from nothing it changes, or it would ask itself again without end
  list: (id: string | null) => key('list', ['fixed'], id),
  supplier: (wanted: unknown) => key('supplier', ['shelf', 'shopping'], wanted),
  shopping: () => key('shopping', ['shopping']),
};

/** What a question follows from. */
export function follows(asked: readonly unknown[], tag: Tag): boolean {
  const tags = asked[1];
  return Array.isArray(tags) && tags.includes(tag);
}

/** Has everything asked again that follows from what was changed. */
export function changed(client: QueryClient, ...tags: readonly Tag[]): Promise<void> {
  return client.invalidateQueries({
    predicate: (q) => tags.some((tag) => follows(q.queryKey, tag)),
  });
}

/** After a change of units: every length is said anew, whatever it follows from. */
export function allButStudio(client: QueryClient): Promise<void> {
  return client.invalidateQueries({ predicate: (q) => !follows(q.queryKey, 'studio') });
}
