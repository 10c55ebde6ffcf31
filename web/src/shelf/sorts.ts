/** Kinds that one looks for together. */
export const SORTS = [
  {
    name: 'stencils',
    kinds: ['STENCIL', 'ADHESIVE_STENCIL', 'STENCIL_ROLL', 'RAISED_STENCIL', 'CUSTOM_CUT', 'FILM'],
  },
  { name: 'papers', kinds: ['TRANSFER', 'NAPKIN', 'PAPER', 'COLLAGE', 'ENLARGED_IMAGE'] },
  { name: 'relief', kinds: ['MOULDING', 'CASTING', 'TEXTURE', 'PLASTER_FABRIC'] },
  { name: 'foil and paint', kinds: ['FOIL', 'DOTS', 'PAINTED_ZONE'] },
] as const;
