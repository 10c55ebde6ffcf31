import { describe, expect, it } from 'vitest';
import { chosenOf, toggled } from './chosen';

const pieces = (...chosen: string[]) =>
  ['chest', 'clock', 'stool'].map((id) => ({ id, chosen: chosen.includes(id) }));

describe('the pieces that are bought for', () => {
  it('are all of them where the address names none', () => {
    expect(chosenOf(new URLSearchParams(''))).toEqual([]);
    expect(chosenOf(new URLSearchParams('pieces=clock,,stool'))).toEqual(['clock', 'stool']);
  });

  it('are the others once one of all is left out', () => {
    expect(toggled(pieces('chest', 'clock', 'stool'), 'clock').get('pieces')).toBe('chest,stool');
  });

  it('are all again, without naming them, once the last is back', () => {
    expect(toggled(pieces('chest', 'stool'), 'clock').toString()).toBe('');
  });

  it('are all where the last one is left out: nothing is bought for none', () => {
    expect(toggled(pieces('clock'), 'clock').toString()).toBe('');
  });
});
