import type { Habits } from '../api/client';

type School = {
  readonly key: keyof Habits;
  readonly title: string;
  readonly words: Readonly<Record<string, string>>;
  /** What each way changes, in a sentence. */
  readonly changes: Readonly<Record<string, string>>;
};

/** Where practitioners disagree, in words. */
export const SCHOOLS: ReadonlyArray<School> = [
  {
    key: 'primer',
    title: 'Primer',
    words: { WHERE_NEEDED: 'primer only where needed', ALWAYS: 'primer always' },
    changes: {
      WHERE_NEEDED: 'where something bleeds, is slick, or a colour would not hide.',
      ALWAYS: 'a coat and its drying more on every face, and one grip and one colour to paint on.',
    },
  },
  {
    key: 'seal',
    title: 'What closes the paint',
    words: { TOP_COAT: 'sealed by a clear coat', WAX: 'sealed by wax' },
    changes: {
      TOP_COAT: 'bears wear and water, in two or three coats that dry.',
      WAX: 'buffed and soon dry, renewed in a year or two; nothing but wax goes over it.',
    },
  },
  {
    key: 'darkWax',
    title: 'Dark wax',
    words: {
      OVER_CLEAR_WAX: 'dark wax over clear wax',
      OVER_A_SEALED_COAT: 'dark wax over a sealed coat',
    },
    changes: {
      OVER_CLEAR_WAX: 'it can be pulled back with clear wax, and stays soft and even.',
      OVER_A_SEALED_COAT: 'no clear wax first; what is too dark is wiped off while it is fresh.',
    },
  },
  {
    key: 'relief',
    title: 'Mouldings, castings and paste',
    words: { BEFORE_PAINT: 'relief before paint', AFTER_PAINT: 'relief after paint' },
    changes: {
      BEFORE_PAINT: 'one coat covers both and closes the joint; it has to dry through first.',
      AFTER_PAINT: 'the face is painted flat and quickly; relief is painted on its own, and round.',
    },
  },
  {
    key: 'lift',
    title: 'Lifting a stencil',
    words: { WET: 'stencils lifted wet', DRY: 'stencils lifted once dry' },
    changes: {
      WET: 'a cleaner edge, and the sheet is free at once; a slip smears.',
      DRY: 'nothing smears; an edge may chip, and the sheet lies where it is until it is dry.',
    },
  },
];

/** The same with the other of two schools in one matter. */
export function otherSchool(key: keyof Habits, habits: Habits): Habits {
  const ways = Object.keys(SCHOOLS.find((s) => s.key === key)?.words ?? {});
  const other = ways.find((w) => w !== (habits[key] ?? ways[0]));
  return { ...habits, [key]: other } as Habits;
}
