import { describe, expect, it } from 'vitest';
import { holdsFor, isOf, likelyName, lines, spoken, typed } from './letters';

describe('letters that pair a device', () => {
  it('are the same however they are typed', () => {
    expect(typed('kxw ztr')).toBe('KXWZTR');
    expect(typed(' KXW-ZTR. ')).toBe('KXWZTR');
    expect(typed('KXWZTRB')).toBe('KXWZTR');
    expect(typed('12')).toBe('');
  });

  it('are read in two groups, also while they are typed', () => {
    expect(spoken('KXWZTR')).toBe('KXW ZTR');
    expect(spoken('KXWZ')).toBe('KXW Z');
    expect(spoken('KXW')).toBe('KXW');
    expect(typed(spoken('KXWZTR'))).toBe('KXWZTR');
  });

  it('are good no more once none hold, or others do', () => {
    const letters = { endsAt: '2026-11-29T10:05:00.123456789Z' };
    expect(isOf(letters, { endsAt: '2026-11-29T10:05:00.123457Z' })).toBe(true);
    expect(isOf(letters, { endsAt: '2026-11-29T10:05:07.9Z' })).toBe(false);
    expect(isOf(letters, undefined)).toBe(false);
  });

  it('hold for minutes and seconds, and then no more', () => {
    const end = '2026-11-29T10:05:00Z';
    expect(holdsFor(end, Date.parse('2026-11-29T10:00:00Z'))).toBe('5:00');
    expect(holdsFor(end, Date.parse('2026-11-29T10:03:57.400Z'))).toBe('1:02');
    expect(holdsFor(end, Date.parse('2026-11-29T10:04:59.500Z'))).toBeUndefined();
    expect(holdsFor(end, Date.parse('2026-11-29T10:06:00Z'))).toBeUndefined();
  });
});

describe('a fingerprint', () => {
  it('is shown in lines of eight pairs, none of them lost', () => {
    const pairs = Array.from({ length: 32 }, (_, i) => i.toString(16).padStart(2, '0'));
    const shown = lines(pairs.join(':'));
    expect(shown).toHaveLength(4);
    expect(shown[0]).toBe('00 01 02 03   04 05 06 07');
    expect(shown.join(' ').split(/ +/)).toEqual(pairs);
  });
});

describe('what a device is likely to be called', () => {
  it('follows from what its browser says', () => {
    expect(likelyName('Mozilla/5.0 (Linux; Android 15; Tablet) Gecko', true)).toBe('Tablet');
    expect(likelyName('Mozilla/5.0 (Macintosh; a desktop)', true)).toBe('Tablet');
    expect(likelyName('Mozilla/5.0 (Linux; Android 15) Mobile', true)).toBe('Phone');
    expect(likelyName('Mozilla/5.0 (X11; Linux x86_64)', false)).toBe('Computer');
  });
});
