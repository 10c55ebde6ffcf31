import { expect, test } from 'vitest';
import type { CutsAhead, DesignCut } from './client';
import { type CutsSoFar, designByDesign } from './designByDesign';

const ahead: CutsAhead = {
  designs: [
    { designId: 'fern', name: 'Fern', parts: 7 },
    { designId: 'gull', name: 'Gull', parts: 1 },
    { designId: 'moon', name: 'Moon', parts: 23 },
  ],
  others: [{ pieceId: 'p', name: 'Stool', designsText: 'Fern', together: false }],
  made: [],
};
const cut = (designId: string) => ({ designId }) as DesignCut;

test('designs are worked out one after the other, and told as they come', async () => {
  const told: CutsSoFar[] = [];
  let under = 0;
  const whole = await designByDesign(
    async () => ahead,
    async (id) => {
      under += 1;
      expect(under).toBe(1);
      await Promise.resolve();
      under -= 1;
      return cut(id);
    },
    (so) => told.push(so),
  );
  expect(told.map((t) => t.designs.map((d) => d.designId))).toEqual([
    [],
    ['fern'],
    ['fern', 'gull'],
    ['fern', 'gull', 'moon'],
  ]);
  expect(whole).toEqual({
    designs: ['fern', 'gull', 'moon'].map(cut),
    others: ahead.others,
    made: [],
  });
});

test('where one cannot be worked out, none of it is taken for all of it', async () => {
  const told: CutsSoFar[] = [];
  const failing = designByDesign(
    async () => ahead,
    async (id) => {
      if (id === 'gull') {
        throw new Error('not cut for this piece');
      }
      return cut(id);
    },
    (so) => told.push(so),
  );
  await expect(failing).rejects.toThrow('not cut for this piece');
  expect(told.at(-1)?.designs).toHaveLength(1);
});

test('a piece of which nothing is cut is told so at once', async () => {
  const none = { designs: [], others: [], made: [] };
  const whole = await designByDesign(
    async () => none,
    async (id) => cut(id),
    () => undefined,
  );
  expect(whole).toEqual(none);
});
