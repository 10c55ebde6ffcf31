import { expect, it } from 'vitest';
import { outOf } from './outOf';

it('gives each lay and each coat the pot it is moved to', () => {
  const move = { title: '', needText: '', potText: '' };
  expect(
    outOf([
      { ...move, useId: 'band', potId: 'new' },
      { ...move, useId: 'g/ground', coat: { groupId: 'g', band: 'ground' }, potId: 'old' },
    ]),
  ).toEqual([
    { kind: 'PUT_ON_WITH', layId: 'band', potId: 'new' },
    { kind: 'OUT_OF_POT', groupId: 'g', band: 'ground', potId: 'old' },
  ]);
});
