import { describe, expect, it } from 'vitest';
import { readHours, writeHours } from './hours';

describe('hours', () => {
  it('are read as one writes them', () => {
    const both = [
      { from: '09:00', to: '12:00' },
      { from: '13:05', to: '17:30' },
    ];
    expect(readHours('9-12, 13:05-17:30')).toEqual(both);
    expect(readHours('9 to 12; 13.05–17.30')).toEqual(both);
    expect(writeHours(both)).toBe('9–12, 13:05–17:30');
    expect(readHours(writeHours(both))).toEqual(both);
  });

  it('are none on a free day, and nothing else where they cannot be read', () => {
    expect(readHours(' ')).toEqual([]);
    expect(readHours('mornings')).toBeNull();
    expect(readHours('9-25')).toBeNull();
    expect(readHours('9:61-12')).toBeNull();
  });
});
