/** How many letters pair a device. */
export const LETTERS = 6;

/** What was typed, as letters alone. */
export const typed = (text: string): string =>
  text
    .toUpperCase()
    .replace(/[^A-Z]/g, '')
    .slice(0, LETTERS);

/** In two groups, as they are read aloud. */
export const spoken = (letters: string): string =>
  letters.length > LETTERS / 2
    ? `${letters.slice(0, LETTERS / 2)} ${letters.slice(LETTERS / 2)}`
    : letters;

/** A fingerprint in lines that an eye can follow from one screen to another. */
export function lines(fingerprint: string): string[] {
  const pairs = fingerprint.split(':');
  const all: string[] = [];
  for (let i = 0; i < pairs.length; i += 8) {
    all.push(`${pairs.slice(i, i + 4).join(' ')}   ${pairs.slice(i + 4, i + 8).join(' ')}`);
  }
  return all;
}

/** What a device is likely to be called, by what its browser says of it. */
export function likelyName(userAgent: string, touches: boolean): string {
  if (/Tablet|iPad/.test(userAgent) || (touches && /Macintosh|X11/.test(userAgent))) {
    return 'Tablet';
  }
  return /Mobi/.test(userAgent) ? 'Phone' : touches ? 'Tablet' : 'Computer';
}

/** Whether what the server tells of letters that hold is of these, whose end it rounds. */
export const isOf = (
  letters: { readonly endsAt: string },
  pairing: { readonly endsAt: string } | undefined,
): boolean =>
  pairing !== undefined && Math.abs(Date.parse(letters.endsAt) - Date.parse(pairing.endsAt)) < 500;

/** How long something still holds, to the second; none where it holds no more. */
export function holdsFor(endsAt: string, now: number): string | undefined {
  const seconds = Math.floor((Date.parse(endsAt) - now) / 1000);
  return seconds <= 0
    ? undefined
    : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
