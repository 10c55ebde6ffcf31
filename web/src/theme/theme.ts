import { createSystem, defineConfig, defineRecipe } from '@chakra-ui/react';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import { base } from './base';
import { BY_DAY, COLOURS } from './colours';

/** By day as they are; a page that is dimmed for the evening has the class that Chakra calls dark. */
const colors = Object.fromEntries(
  Object.entries(COLOURS).map(([name, [day, evening]]) => [
    name,
    { value: { base: day, _dark: evening } },
  ]),
);

const button = defineRecipe({
  base: {
    fontWeight: '500',
    borderRadius: 'md',
    transition: 'background-color 120ms, border-color 120ms',
    focusVisibleRing: 'outside',
    focusRingColor: 'focus',
  },
  variants: {
    variant: {
      sea: {
        bg: 'sea',
        color: 'sheet',
        _hover: { bg: 'seaDeep' },
        _disabled: { opacity: 0.5, cursor: 'not-allowed' },
      },
      quiet: {
        bg: 'sheet',
        color: 'ink',
        borderWidth: '1px',
        borderColor: 'hairline',
        _hover: { borderColor: 'sea', bg: 'card' },
        _disabled: { opacity: 0.45, cursor: 'not-allowed' },
      },
      plain: {
        bg: 'transparent',
        color: 'sea',
        _hover: { bg: 'seaWash' },
      },
      warn: {
        bg: 'transparent',
        color: 'rust',
        borderWidth: '1px',
        borderColor: 'transparent',
        _hover: { bg: 'rustWash' },
      },
    },
    size: {
      xs: { h: '7', px: '2', fontSize: 'sm', minW: '7' },
      sm: { h: '8', px: '3', fontSize: 'sm', minW: '8' },
      md: { h: '9', px: '4', fontSize: 'sm', minW: '9' },
    },
  },
});

const input = defineRecipe({
  base: {
    fontVariantNumeric: 'tabular-nums',
    focusRingColor: 'focus',
  },
});

const config = defineConfig({
  globalCss: {
    'html, body, #root': { height: '100%' },
    body: {
      bg: 'paper',
      color: 'ink',
      fontFamily: 'body',
      fontSize: '14px',
      lineHeight: 1.45,
      fontVariantNumeric: 'tabular-nums',
    },
    '*:focus-visible': { outline: '2px solid', outlineColor: 'focus', outlineOffset: '2px' },
    'input[type=checkbox], input[type=radio], input[type=range]': { accentColor: 'sea' },
    'p a': {
      color: 'sea',
      textDecoration: 'underline',
      textDecorationColor: 'fold',
      textUnderlineOffset: '3px',
      _hover: { textDecorationColor: 'sea' },
    },
    '::selection': { bg: 'ochreWash' },
    // what lies on a face has its own colours and looks as it will, in whatever light one plans
    '[data-daylight]': { ...BY_DAY },
    '@media (prefers-reduced-motion: reduce)': {
      '&, *': { transitionDuration: '0ms !important', animationDuration: '0ms !important' },
    },
  },
  theme: {
    tokens: {
      fonts: {
        heading: { value: "'Fraunces Variable', Georgia, serif" },
        body: { value: "'Instrument Sans Variable', system-ui, sans-serif" },
      },
    },
    semanticTokens: {
      colors: {
        ...colors,
        bg: { DEFAULT: { value: '{colors.sheet}' }, panel: { value: '{colors.sheet}' } },
        fg: {
          DEFAULT: { value: '{colors.ink}' },
          muted: { value: '{colors.soft}' },
          error: { value: '{colors.rust}' },
        },
        border: { DEFAULT: { value: '{colors.hairline}' }, error: { value: '{colors.rust}' } },
      },
    },
    recipes: { button, input },
  },
});

export const system = createSystem(defaultBaseConfig, base, config);

export { ink } from './colours';
