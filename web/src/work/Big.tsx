import { chakra } from '@chakra-ui/react';

const look = {
  minH: '64px',
  minW: '64px',
  px: '5',
  borderRadius: '12px',
  borderWidth: '1px',
  borderColor: 'hairline',
  bg: 'sheet',
  color: 'ink',
  fontSize: '21px',
  fontWeight: '600',
  _focusVisible: { outline: '3px solid', outlineColor: 'ochre', outlineOffset: '2px' },
} as const;

/** A button for a knuckle. */
export const Big = chakra('button', {
  base: { ...look, cursor: 'pointer', _disabled: { opacity: 0.55, cursor: 'default' } },
});

/** A field that can be read from a metre. */
export const BigField = chakra('input', { base: { ...look, fontWeight: '500', w: '100%' } });

export const BigText = chakra('textarea', {
  base: { ...look, fontWeight: '500', w: '100%', py: '3', minH: '120px' },
});
