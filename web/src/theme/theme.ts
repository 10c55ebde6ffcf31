import { createSystem, defaultConfig, defineConfig, defineRecipe } from '@chakra-ui/react';

/** Paper, ink and the few colours that mean something; every colour of the interface is here. */
const colors = {
  paper: { value: '#EFE9DC' },
  sheet: { value: '#FBF8F1' },
  card: { value: '#FFFFFF' },
  ink: { value: '#25313A' },
  soft: { value: '#5E5C55' },
  hairline: { value: '#D5CBB8' },
  fold: { value: '#C7BCA6' },
  sea: { value: '#1E5A63' },
  seaDeep: { value: '#174850' },
  seaWash: { value: '#DCE9E7' },
  ochre: { value: '#C88A1D' },
  ochreWash: { value: '#F6E6C6' },
  rust: { value: '#A8431F' },
  rustWash: { value: '#F5DED5' },
  moss: { value: '#4D6A2C' },
  mossWash: { value: '#E4EBD8' },
  plum: { value: '#7B3A5E' },
  // further pieces of a week
  slate: { value: '#3D5A85' },
  umber: { value: '#6E4A26' },
  rose: { value: '#A03F5B' },
  olive: { value: '#6F6A16' },
  tape: { value: '#F2CB61' },
  tapeEdge: { value: '#C89E2F' },
  tapeInk: { value: '#3A2D0C' },
  glass: { value: '#F7F4EC' },
  lid: { value: '#5C574C' },
  wood: { value: '#CDBE9B' },
  woodShade: { value: '#DDD2B8' },
};

const button = defineRecipe({
  base: {
    fontWeight: '500',
    borderRadius: 'md',
    transition: 'background-color 120ms, border-color 120ms',
    focusVisibleRing: 'outside',
    focusRingColor: 'ochre',
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
    focusRingColor: 'ochre',
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
    '*:focus-visible': { outline: '2px solid', outlineColor: 'ochre', outlineOffset: '2px' },
    'input[type=checkbox], input[type=radio], input[type=range]': { accentColor: 'sea' },
    'p a': {
      color: 'sea',
      textDecoration: 'underline',
      textDecorationColor: 'fold',
      textUnderlineOffset: '3px',
      _hover: { textDecorationColor: 'sea' },
    },
    '::selection': { bg: 'ochreWash' },
    '@media (prefers-reduced-motion: reduce)': {
      '&, *': { transitionDuration: '0ms !important', animationDuration: '0ms !important' },
    },
  },
  theme: {
    tokens: {
      colors,
      fonts: {
        heading: { value: "'Fraunces Variable', Georgia, serif" },
        body: { value: "'Instrument Sans Variable', system-ui, sans-serif" },
      },
    },
    semanticTokens: {
      colors: {
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

export const system = createSystem(defaultConfig, config);

/** A colour token inside a drawing, where style props do not reach. */
export const ink = (token: keyof typeof colors) => `var(--chakra-colors-${kebab(token)})`;

const kebab = (name: string) => name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`);
