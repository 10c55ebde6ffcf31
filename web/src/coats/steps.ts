/** What may be asked for before anything goes on. */
export const STEPS = [
  ['TEST_FOR_LEAD', 'Test for lead'],
  ['WAX_OFF', 'Old wax off'],
  ['STRIP', 'Strip'],
  ['CLEAN', 'Wash'],
  ['FILL', 'Fill'],
  ['SAND', 'Sand'],
  ['DUST_OFF', 'Dust off'],
  ['MASK', 'Mask'],
] as const;
