/** How bad a finding is: a colour and a word together, so that neither is needed alone. */
export const LEVELS = {
  FINE: { colour: 'moss', on: 'sheet', wash: 'mossWash', word: 'Fine' },
  TIP: { colour: 'ochre', on: 'ink', wash: 'ochreWash', word: 'Tip' },
  RISK: { colour: 'ochre', on: 'ink', wash: 'ochreWash', word: 'Risk' },
  STOP: { colour: 'rust', on: 'sheet', wash: 'rustWash', word: 'Stop' },
} as const;
