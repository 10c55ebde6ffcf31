import { describe, expect, it } from 'vitest';
import { cutTo, fits, fitting, hourStep, snapped, timeScale, ZOOMS } from './timeScale';

/** Two days of nine to twelve and one to five, and a third that nothing is begun on. */
const DAYS = [0, 1440, 2880].flatMap((day) => [
  { from: day, to: day + 180 },
  { from: day + 240, to: day + 480 },
]);

describe('the time scale', () => {
  it('draws an hour of work as wide as any other', () => {
    const scale = timeScale(DAYS, 3360, 40);
    expect(scale.x(60) - scale.x(0)).toBeCloseTo(40);
    expect(scale.x(1500) - scale.x(1440)).toBeCloseTo(40);
  });

  it('presses nights together, and leaves breaks as long as they are', () => {
    const scale = timeScale(DAYS, 3360, 40);
    expect(scale.x(240) - scale.x(180)).toBeCloseTo(40);
    expect(scale.x(1440) - scale.x(480)).toBeLessThan(30);
    expect(scale.closed.filter((c) => c.night)).toHaveLength(2);
    expect(scale.closed).toHaveLength(5);
  });

  it('goes there and back, and never backwards', () => {
    const scale = timeScale(DAYS, 3500, 37);
    let last = -1;
    for (let minute = 0; minute <= 3500; minute += 7) {
      const x = scale.x(minute);
      expect(x).toBeGreaterThanOrEqual(last);
      expect(scale.minute(x)).toBeCloseTo(minute, 6);
      last = x;
    }
    expect(scale.x(9999)).toBeCloseTo(scale.width);
    expect(scale.x(-50)).toBe(0);
  });

  it('is as near as the window allows', () => {
    expect(fitting(DAYS, 3360, 100_000)).toBe(ZOOMS.at(-1));
    const some = fitting(DAYS, 3360, 900);
    expect(timeScale(DAYS, 3360, some).width).toBeCloseTo(900, 6);
    expect(fitting(DAYS, 3360, 10)).toBe(ZOOMS[0]);
    expect(fitting([], 0, 900)).toBe(ZOOMS[0]);
  });

  it('has nothing where nobody comes', () => {
    const scale = timeScale([], 0, 40);
    expect(scale.width).toBe(0);
    expect(scale.x(100)).toBe(0);
  });

  it('has fewer hours told the farther one is', () => {
    expect(hourStep(220)).toBe(1);
    expect(hourStep(12)).toBeGreaterThan(hourStep(40));
  });

  it('cuts what is too long for its place', () => {
    expect(cutTo('paint 1', 80)).toBe('paint 1');
    expect(cutTo('Reed border in two', 60)).toMatch(/^Reed.*…$/);
    expect(cutTo('Reed border', 12)).toBe('');
  });

  it('says as much of a wait as there is room for', () => {
    expect(fits('next coat after 2 h', '2 h', 200)).toBe('next coat after 2 h');
    expect(fits('next coat after 2 h', '2 h', 30)).toBe('2 h');
    expect(fits('next coat after 2 h', '2 h', 8)).toBe('');
  });

  it('takes what is dragged to five minutes, and to none before the beginning', () => {
    expect(snapped(62.4)).toBe(60);
    expect(snapped(62.6)).toBe(65);
    expect(snapped(-17)).toBe(0);
    const scale = timeScale(DAYS, 3360, 40);
    expect(snapped(scale.minute(scale.x(245)))).toBe(245);
  });
});
