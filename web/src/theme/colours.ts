/**
 * Every colour of the interface: paper, ink and the few that mean something, by day and by the lamp
 * of an evening. What an artist chose is drawn as it is, in either light.
 */
export const COLOURS = {
  paper: ['#EFE9DC', '#1E2326'],
  sheet: ['#FBF8F1', '#262C30'],
  card: ['#FFFFFF', '#2E353A'],
  ink: ['#25313A', '#EAE5D9'],
  soft: ['#5E5C55', '#B9B4A7'],
  hairline: ['#D5CBB8', '#444C50'],
  fold: ['#C7BCA6', '#5A625F'],
  /** the ring round what the keys act on */
  focus: ['#8A5A08', '#F0BE62'],
  sea: ['#1E5A63', '#84BFC6'],
  seaDeep: ['#174850', '#9CCFD5'],
  seaWash: ['#DCE9E7', '#243A3F'],
  ochre: ['#C88A1D', '#DFAA4A'],
  ochreWash: ['#F6E6C6', '#43371D'],
  rust: ['#A8431F', '#F09570'],
  rustWash: ['#F5DED5', '#472A21'],
  moss: ['#4D6A2C', '#A9C481'],
  mossWash: ['#E4EBD8', '#2D3924'],
  plum: ['#7B3A5E', '#CF93B4'],
  // further pieces of a week
  slate: ['#3D5A85', '#9AB4DE'],
  umber: ['#6E4A26', '#D2A87E'],
  rose: ['#A03F5B', '#E794AC'],
  olive: ['#6F6A16', '#C2BC63'],
  tape: ['#F2CB61', '#E4BF5E'],
  tapeEdge: ['#C89E2F', '#B58F2C'],
  tapeInk: ['#3A2D0C', '#2A2009'],
  glass: ['#F7F4EC', '#3A4145'],
  lid: ['#5C574C', '#8F897C'],
  wood: ['#CDBE9B', '#6B6048'],
  woodShade: ['#DDD2B8', '#5A513D'],
} as const satisfies Record<string, readonly [day: string, evening: string]>;

export type Colour = keyof typeof COLOURS;

const kebab = (name: string) => name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`);

/** The name under which a page knows a colour. */
export const variable = (colour: Colour): `--${string}` => `--chakra-colors-${kebab(colour)}`;

/** A colour inside a drawing, where style props do not reach. */
export const ink = (colour: Colour) => `var(${variable(colour)})`;

/** Each as it is by day, whatever the light of the page: for pictures, and for what lies on a face. */
export const BY_DAY: Readonly<Record<`--${string}`, string>> = Object.fromEntries(
  (Object.keys(COLOURS) as Colour[]).map((c) => [variable(c), COLOURS[c][0]]),
);
