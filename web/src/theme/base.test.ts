import { recipes, slotRecipes } from '@chakra-ui/react/theme';
import { describe, expect, it } from 'vitest';
import { system } from './theme';

const sources = import.meta.glob<string>(['../**/*.tsx', '!../**/*.test.tsx'], {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** The library's parts that the pages are made of, as their recipes are called. */
const parts = new Set(
  Object.values(sources)
    .flatMap((source) => [...source.matchAll(/import \{([^}]*)\} from '@chakra-ui\/react'/g)])
    .flatMap(([, names]) => (names ?? '').split(','))
    .map(
      (name) =>
        name
          .replace(/^\s*type /, '')
          .trim()
          .split(' as ')[0] ?? '',
    )
    .filter((name) => /^[A-Z]/.test(name))
    .map((name) => name.charAt(0).toLowerCase() + name.slice(1)),
);

describe('what the pages take of the library', () => {
  it('has the recipe of every part in use', () => {
    expect(parts.size).toBeGreaterThan(15);
    const missing = [...parts].filter(
      (part) =>
        (part in recipes && !system.getRecipe(part)) ||
        (part in slotRecipes && !system.getSlotRecipe(part)),
    );
    expect(missing).toEqual([]);
  });

  it('refers to no colour that was left out', () => {
    const written = JSON.stringify(system.getTokenCss());
    const named = [...written.matchAll(/var\((--chakra-[\w.-]+)/g)].map(([, name]) => name ?? '');
    expect(named.length).toBeGreaterThan(20);
    expect(named.filter((name) => !written.includes(`"${name}":`))).toEqual([]);
    // what a name could not be found for is written as it was asked for
    expect(written).not.toMatch(/:"colors/);
    const inUse = JSON.stringify([
      Object.keys(recipes).map((key) => system.getRecipe(key)),
      Object.keys(slotRecipes).map((key) => system.getSlotRecipe(key)),
    ]);
    const palettes = [...inUse.matchAll(/"(?:bg|fg|border)\.[a-z]+"/g)].map(([name]) =>
      name.slice(1, -1),
    );
    expect(palettes.length).toBeGreaterThan(10);
    expect(palettes.filter((name) => !system.token(`colors.${name}`))).toEqual([]);
  });
});
