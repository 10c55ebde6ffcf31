import { defineConfig } from '@chakra-ui/react';
import {
  animationStyles,
  breakpoints,
  buttonRecipe,
  checkboxSlotRecipe,
  checkmarkRecipe,
  cssVarsPrefix,
  cssVarsRoot,
  dialogSlotRecipe,
  fieldSlotRecipe,
  globalCss,
  headingRecipe,
  iconRecipe,
  inputAddonRecipe,
  inputRecipe,
  keyframes,
  layerStyles,
  linkRecipe,
  nativeSelectSlotRecipe,
  popoverSlotRecipe,
  progressSlotRecipe,
  semanticTokens,
  spinnerRecipe,
  tableSlotRecipe,
  textareaRecipe,
  textStyles,
  tokens,
} from '@chakra-ui/react/theme';

const { transparent, current, black, white, whiteAlpha, blackAlpha, gray } = tokens.colors;

/** What of the library's colours refers to palettes that are left out, or is given in ours. */
const plain = <T extends object>({
  error: _error,
  warning: _warning,
  success: _success,
  info: _info,
  ...rest
}: T & { error?: unknown; warning?: unknown; success?: unknown; info?: unknown }) => rest;

/**
 * What the parts in use take of the library's own theme: its other recipes and its nine bright
 * palettes are never shown, and would be read, named and written out with every page that opens.
 * `base.test.ts` finds a part whose recipe is missing here.
 */
export const base = defineConfig({
  preflight: true,
  cssVarsPrefix,
  cssVarsRoot,
  globalCss,
  theme: {
    breakpoints,
    keyframes,
    tokens: {
      ...tokens,
      colors: { transparent, current, black, white, whiteAlpha, blackAlpha, gray },
    },
    semanticTokens: {
      ...semanticTokens,
      colors: {
        bg: plain(semanticTokens.colors.bg),
        fg: plain(semanticTokens.colors.fg),
        border: plain(semanticTokens.colors.border),
        gray: semanticTokens.colors.gray,
      },
    },
    recipes: {
      button: buttonRecipe,
      checkmark: checkmarkRecipe,
      heading: headingRecipe,

      icon: iconRecipe,
      input: inputRecipe,
      inputAddon: inputAddonRecipe,
      link: linkRecipe,
      spinner: spinnerRecipe,
      textarea: textareaRecipe,
    },
    slotRecipes: {
      checkbox: checkboxSlotRecipe,
      dialog: dialogSlotRecipe,
      field: fieldSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      popover: popoverSlotRecipe,
      progress: progressSlotRecipe,
      table: tableSlotRecipe,
    },
    textStyles,
    layerStyles,
    animationStyles,
  },
});
