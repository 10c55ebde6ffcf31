type Stretch = { readonly from: string; readonly to: string };

const STRETCH = /^(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|to)\s*(\d{1,2})(?:[:.](\d{2}))?$/;

/** Hours as one writes them: "9-12, 13:00-17:30". Null where they cannot be read; none for a free day. */
export function readHours(text: string): Stretch[] | null {
  const parts = text
    .split(/[,;]/)
    .map((p) => p.trim())
    .filter((p) => p !== '');
  const all: Stretch[] = [];
  for (const part of parts) {
    const read = STRETCH.exec(part);
    if (read === null) {
      return null;
    }
    const from = time(read[1], read[2]);
    const to = time(read[3], read[4]);
    if (from === null || to === null) {
      return null;
    }
    all.push({ from, to });
  }
  return all;
}

function time(hour: string | undefined, minute: string | undefined): string | null {
  const h = Number(hour);
  const m = Number(minute ?? '0');
  return h > 23 || m > 59 ? null : `${two(h)}:${two(m)}`;
}

const two = (n: number) => String(n).padStart(2, '0');

/** The other way round. */
export const writeHours = (stretches: ReadonlyArray<Stretch>): string =>
  stretches.map((s) => `${short(s.from)}–${short(s.to)}`).join(', ');

const short = (time: string) => time.replace(/^0/, '').replace(/:00$/, '');
