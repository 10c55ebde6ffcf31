import type { DrawingName } from './drawings';

/** A word of the trade, and what it means here. */
export type Term = {
  readonly word: string;
  readonly means: string;
  readonly drawing?: DrawingName;
};

export type Chapter = { readonly title: string; readonly terms: readonly Term[] };

/** By what one looks at: the piece, what goes onto it, how it is set out, sheets, pots, days. */
export const CHAPTERS: readonly Chapter[] = [
  {
    title: 'The piece',
    terms: [
      { word: 'Piece', means: 'What is decorated: a chest, a clock, a planter, a tin.' },
      {
        word: 'Face',
        means:
          'One surface that is worked, unrolled flat at true size: a front, a lid, the wall of a planter.',
        drawing: 'face',
      },
      {
        word: 'Make-up',
        means:
          'What a face is made of and the finish it has now. What has to be done first follows from it.',
      },
      { word: 'Ground', means: 'The colour and finish that a design lies on.' },
      {
        word: 'Keep-out',
        means: 'A part of a face that must stay free: a hinge, a pane, the rim a lid screws onto.',
        drawing: 'keepOut',
      },
      {
        word: 'Hole',
        means:
          'Where hardware goes back. A design may lie over it, and is pierced there from behind.',
      },
      {
        word: 'Break',
        means:
          'A line at which a surface is interrupted: the gap between two drawers, a joint of panels.',
        drawing: 'break',
      },
      {
        word: 'Damage',
        means:
          'A chip, a burn, an old screw. A lay may be asked to hide it; what stays bare is told.',
      },
      {
        word: 'Out of square',
        means:
          'Four sides whose corners are not right angles. The diagonals tell, and rows follow one edge.',
        drawing: 'square',
      },
      {
        word: 'Slant',
        means: 'The length along a tapered wall, from the upper rim to the lower one.',
        drawing: 'slant',
      },
    ],
  },
  {
    title: 'Designs, and how they lie',
    terms: [
      {
        word: 'Design',
        means: 'Anything with a pattern or a shape: stencil, transfer, napkin, paper, foil, mould.',
      },
      {
        word: 'Motif',
        means: 'The picture itself, without the sheet around it: one fern, one shell.',
      },
      {
        word: 'Lay',
        means: 'One decision: this design goes onto this face, by this rule. It becomes copies.',
      },
      {
        word: 'Run',
        means: 'Copies one behind the other along a line: an edge, a border line, an arc.',
        drawing: 'run',
      },
      {
        word: 'Ring',
        means: 'A run that closes: round a rim, a lid, a pot. The count decides the gap.',
        drawing: 'ring',
      },
      {
        word: 'Border',
        means: 'Runs along all edges with nearly the same gap, and something in the corners.',
        drawing: 'border',
      },
      {
        word: 'Gap and pitch',
        means:
          'The gap is what stays free between two motifs; the pitch goes from middle to middle.',
        drawing: 'pitch',
      },
      {
        word: 'Half-drop',
        means: 'Every other column sits half a step lower, so that no rows show.',
        drawing: 'halfDrop',
      },
      {
        word: 'Brick',
        means: 'Every other row sits half a step over, as bricks in a wall.',
        drawing: 'brick',
      },
      {
        word: 'Sliver',
        means: 'So small a part of a motif at an edge that it looks like a mistake.',
        drawing: 'sliver',
      },
      {
        word: 'Handed pair',
        means:
          'A left and a right one, mirror images. What cannot be mirrored has to be owned as a pair.',
        drawing: 'pair',
      },
      {
        word: 'By eye',
        means:
          'The same count as set out with the tape, with the small differences a hand makes, within a tolerance.',
      },
    ],
  },
  {
    title: 'Setting out and painting through',
    terms: [
      {
        word: 'Datum',
        means:
          'Where the tape has its zero. Every mark is measured from it, never from the last one.',
        drawing: 'datum',
      },
      {
        word: 'Pass',
        means:
          'The places a stencil can be painted at while none of them lies on wet paint of another.',
        drawing: 'pass',
      },
      {
        word: 'Register mark',
        means: 'A small opening in a stencil that shows where its next place begins.',
      },
      {
        word: 'Bridge',
        means: 'A strip left in a cut stencil so that the middle of an O does not fall out.',
        drawing: 'bridge',
      },
      {
        word: 'Open share',
        means: 'How much of a stencil is opening; paint and paste go by it.',
      },
    ],
  },
  {
    title: 'Sheets and what is cut',
    terms: [
      { word: 'Sheet', means: 'One napkin, paper or transfer as it comes out of its packet.' },
      {
        word: 'Section',
        means:
          'One of the parts a large picture comes in. They meet along joints that wind round the motifs, and each is cut and measured by itself.',
      },
      {
        word: 'Seam',
        means: 'Where two sheets meet: one over the other, edge to edge, or torn.',
        drawing: 'seam',
      },
      {
        word: 'Ply',
        means: 'A layer of a napkin. Only the printed one is laid, and the ground shows through.',
      },
      {
        word: 'Print that repeats',
        means:
          'A pattern that goes on from sheet to sheet. To meet at a seam, parts are cut at the same place of it.',
      },
      {
        word: 'Allowance',
        means: 'What is cut larger all round and trimmed on the piece.',
        drawing: 'allowance',
      },
      {
        word: 'Offcut',
        means: 'What is left of a sheet and good for something, kept with what it still shows.',
      },
      {
        word: 'Through, or closed up',
        means:
          'A picture over drawers: through, the gap swallows its share and lines stay true; closed up, nothing is lost and lines step.',
        drawing: 'through',
      },
      {
        word: 'Mitre',
        means: 'Two mouldings cut at half the angle of their corner, so that they meet.',
        drawing: 'mitre',
      },
    ],
  },
  {
    title: 'Pots, coats and days',
    terms: [
      {
        word: 'Medium',
        means: 'What comes wet: paint, primer, paste, size, wax, sealer, resin, decoupage medium.',
      },
      {
        word: 'Size',
        means: 'An adhesive that is let go tacky. Foil sticks only where it is.',
      },
      {
        word: 'Spread',
        means: 'How many square metres a litre covers, as the label says.',
      },
      {
        word: 'Build-up',
        means: 'All that is put on a face, from the bare surface to the last wax.',
        drawing: 'buildUp',
      },
      {
        word: 'Pot life',
        means:
          'How long something that was mixed can be used. No batch is larger than what is laid in three quarters of it.',
      },
      {
        word: 'Window',
        means: 'From when and until when something can be done: contact glue, embossing, tape.',
        drawing: 'window',
      },
      {
        word: 'Dry and cured',
        means: 'Dry, the next coat may follow; cured, it bears what its label promises.',
        drawing: 'dry',
      },
      {
        word: 'School',
        means:
          'One of several accepted ways of doing a thing. The studio picks, and is told what another would change.',
      },
      {
        word: 'Ledger',
        means: 'What came into a pot and what went out of it. Its sum is the level.',
      },
    ],
  },
];

/** The address of a word on its page. */
export function anchorOf(term: Term): string {
  return term.word
    .toLowerCase()
    .replace(/[^a-z]+/g, '-')
    .replace(/^-|-$/g, '');
}

/** The chapters with what holds all that is looked for, in the word or in what it means. */
export function found(chapters: readonly Chapter[], text: string): readonly Chapter[] {
  const wanted = text.toLowerCase().split(/\s+/).filter(Boolean);
  return chapters
    .map((c) => ({
      ...c,
      terms: c.terms.filter((t) =>
        wanted.every((w) => `${t.word} ${t.means}`.toLowerCase().includes(w)),
      ),
    }))
    .filter((c) => c.terms.length > 0);
}
