/** What may be asked for that is no coat: preparation, and what is done for its looks. */
export const STEPS = [
  ['TEST_FOR_LEAD', 'Test for lead'],
  ['WAX_OFF', 'Old wax off'],
  ['STRIP', 'Strip'],
  ['CLEAN', 'Wash'],
  ['FILL', 'Fill'],
  ['SAND', 'Sand'],
  ['DUST_OFF', 'Dust off'],
  ['MASK', 'Mask'],
  ['RESIST', 'Resist between coats'],
  ['DISTRESS', 'Rub through, distress'],
] as const;
