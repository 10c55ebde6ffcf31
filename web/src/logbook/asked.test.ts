import { describe, expect, it } from 'vitest';
import { asked, dayBefore, fileLink, shareOf } from './asked';

describe('what is asked of the logbook', () => {
  it('is what stands in the address', () => {
    expect(asked(new URLSearchParams('find=red%20paint&piece=chest'))).toEqual({
      find: 'red paint',
      piece: 'chest',
      until: undefined,
    });
  });

  it('is asked of a file in the same words', () => {
    expect(fileLink('table', { find: 'a&b', piece: 'x', until: '2027-01-01' })).toBe(
      '/api/logbook/table?find=a%26b&piece=x',
    );
  });

  it('goes back over months and years', () => {
    expect(dayBefore('2027-03-01')).toBe('2027-02-28');
    expect(dayBefore('2028-03-01')).toBe('2028-02-29');
    expect(dayBefore('2027-01-01')).toBe('2026-12-31');
  });

  it('is drawn to one scale', () => {
    expect(shareOf(37, 148)).toBe('25%');
    expect(shareOf(0, 148)).toBe('0%');
  });
});
