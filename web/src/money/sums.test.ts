import { describe, expect, it } from 'vitest';
import { purseOf, ratesOf, typedOf } from './sums';

const rates = {
  version: 3,
  currency: 'EUR',
  hourly: '15.00',
  margin: 20,
  wage: '18.00',
  way: 'MARGIN',
} as const;

describe('what is said about money', () => {
  it('leaves out what is empty, so that it is known no more', () => {
    expect(purseOf({ paid: ' 12,50 ', budget: '  ', asked: '' })).toEqual({ paid: '12,50' });
    expect(purseOf(typedOf({}))).toEqual({});
  });

  it('comes back as it was told', () => {
    const told = { paid: '7.30', asked: '149.00' };
    expect(purseOf(typedOf(told))).toEqual(told);
  });

  it('keeps the school and the version where a rate is changed', () => {
    const typed = { hourly: '17', margin: ' 35 ', wage: '21.5', currency: 'usd' };
    expect(ratesOf(typed, rates)).toEqual({
      version: 3,
      currency: 'USD',
      hourly: '17',
      margin: 35,
      wage: '21.5',
      way: 'MARGIN',
    });
  });

  it('is none where the margin is no whole number', () => {
    const typed = { hourly: '17', wage: '21', currency: 'EUR' };
    expect(ratesOf({ ...typed, margin: '' }, rates)).toBeNull();
    expect(ratesOf({ ...typed, margin: '12.5' }, rates)).toBeNull();
    expect(ratesOf({ ...typed, margin: 'much' }, rates)).toBeNull();
  });
});
