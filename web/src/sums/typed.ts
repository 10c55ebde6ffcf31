import type { SumView } from '../api/client';

/** What was typed into a sum, by the keys of its fields; what is not there is as usual. */
export type Texts = Readonly<Record<string, string>>;

/** Every sum has an address with what was typed into it, so that it can be sent to somebody. */
export function addressOf(kind: string, texts: Texts): string {
  const query = new URLSearchParams(Object.entries(texts).filter(([, text]) => text !== ''));
  const asked = query.toString();
  return `/sums/${kind.toLowerCase()}${asked ? `?${asked}` : ''}`;
}

export function textsOf(query: URLSearchParams): Texts {
  return Object.fromEntries(query.entries());
}

const BARE = /^[\d\s.,/⅛¼⅜½⅝¾⅞-]+$/;
const SIGN = { INCH: '"', MM: ' mm', CM: ' cm' } as const;

/** A bare number means another length on another tape: sent away, it says which it is. */
export function withUnits(sum: SumView, texts: Texts, unit: keyof typeof SIGN): Texts {
  const lengths = new Set(sum.fields.filter((f) => f.type === 'LENGTH').map((f) => f.key));
  return Object.fromEntries(
    Object.entries(texts).map(([key, text]) => [
      key,
      lengths.has(key) && BARE.test(text) ? `${text.trim()}${SIGN[unit]}` : text,
    ]),
  );
}

/** What stands in a field: what was typed, or how it usually is. */
export function shownIn(field: SumView['fields'][number], texts: Texts): string {
  return (
    texts[field.key] ??
    field.length?.text ??
    field.figure?.text ??
    field.choice ??
    field.colour ??
    (field.count === undefined ? '' : String(field.count))
  );
}

/** Without what was emptied. */
export function typedInto(texts: Texts, key: string, text: string | null): Texts {
  const { [key]: _, ...rest } = texts;
  return text === null ? rest : { ...rest, [key]: text };
}
