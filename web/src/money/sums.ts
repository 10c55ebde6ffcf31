import type { Purse, Rates } from '../api/client';

/** What is typed about the money of a piece, for the server to read; what is empty is not known. */
export function purseOf(typed: { paid: string; budget: string; asked: string }): Purse {
  const purse: Purse = {};
  for (const key of ['paid', 'budget', 'asked'] as const) {
    const figure = typed[key].trim();
    if (figure !== '') {
      purse[key] = figure;
    }
  }
  return purse;
}

/** The same figures as they were told, each empty where nothing was. */
export const typedOf = (purse: Purse) => ({
  paid: purse.paid ?? '',
  budget: purse.budget ?? '',
  asked: purse.asked ?? '',
});

/** Rates as they are typed; none where the margin is no whole number. */
export function ratesOf(
  typed: { hourly: string; margin: string; wage: string; currency: string },
  before: Rates,
): Rates | null {
  const margin = Number(typed.margin.trim());
  return typed.margin.trim() !== '' && Number.isInteger(margin)
    ? {
        ...before,
        hourly: typed.hourly.trim(),
        wage: typed.wage.trim(),
        currency: typed.currency.trim().toUpperCase(),
        margin,
      }
    : null;
}
