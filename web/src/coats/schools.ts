import type { Habits } from '../api/client';

type School = { readonly key: keyof Habits; readonly words: Readonly<Record<string, string>> };

/** Where practitioners disagree, in words. */
export const SCHOOLS: ReadonlyArray<School> = [
  { key: 'primer', words: { WHERE_NEEDED: 'primer only where needed', ALWAYS: 'primer always' } },
  { key: 'seal', words: { TOP_COAT: 'sealed by a clear coat', WAX: 'sealed by wax' } },
  {
    key: 'darkWax',
    words: {
      OVER_CLEAR_WAX: 'dark wax over clear wax',
      OVER_A_SEALED_COAT: 'dark wax over a sealed coat',
    },
  },
  {
    key: 'relief',
    words: { BEFORE_PAINT: 'relief before paint', AFTER_PAINT: 'relief after paint' },
  },
];

/** The same with the other of two schools in one matter. */
export function otherSchool(key: keyof Habits, habits: Habits): Habits {
  const ways = Object.keys(SCHOOLS.find((s) => s.key === key)?.words ?? {});
  const other = ways.find((w) => w !== (habits[key] ?? ways[0]));
  return { ...habits, [key]: other } as Habits;
}
