export type MarkKind = 'keepOut' | 'hole' | 'break' | 'blemish' | 'zone';

export const MARK_NAMES: Record<MarkKind, string> = {
  keepOut: 'keep-out',
  hole: 'hole',
  break: 'break',
  blemish: 'blemish',
  zone: 'zone',
};

/** The kinds as the interface calls them. */
export const MARK_KINDS = {
  keepOut: 'KEEP_OUT',
  hole: 'HOLE',
  break: 'BREAK',
  blemish: 'BLEMISH',
  zone: 'ZONE',
} as const;
