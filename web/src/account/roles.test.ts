import { describe, expect, it } from 'vitest';
import { fromNow, ROLES, roleName } from './roles';

const NOW = Date.parse('2027-02-01T09:00:00Z');

describe('how far away a moment is', () => {
  it.each([
    ['2027-02-01T08:59:10Z', 'just now'],
    ['2027-02-01T09:01:20Z', 'just now'],
    ['2027-02-01T08:57:40Z', '2 minutes ago'],
    ['2027-02-01T06:58:00Z', '2 hours ago'],
    ['2027-01-25T09:10:00Z', '7 days ago'],
    ['2027-02-04T09:00:01Z', 'in 3 days'],
  ])('%s is said as %s', (moment, said) => {
    expect(fromNow(moment, NOW)).toBe(said);
  });
});

describe('what one can be', () => {
  it('is named, from the most to the least, and nobody can be made nobody', () => {
    expect(ROLES.map(([role]) => role)).toEqual(['OWNER', 'MAKER', 'GUEST']);
    expect(roleName('MAKER')).toBe('Maker');
    expect(roleName('ANYONE')).toBe('');
  });
});
