import { type ArtworkView, api, ask, upload } from '../api/client';

/** A photo that did not become a cut-out, and why. */
export type RefusedPhoto = { readonly name: string; readonly why: string };

/** What came of many files: the cut-outs in the order of their files, and what was refused. */
export type Added = {
  readonly ids: readonly string[];
  readonly refused: readonly RefusedPhoto[];
};

/** What a cut-out is called: its file without its ending, as far as a name is long. */
export function photoName(file: string): string {
  const bare = file
    .replace(/\.[a-z0-9]+$/i, '')
    .replace(/[_-]+/g, ' ')
    .trim();
  return (bare || 'Photo').slice(0, 80);
}

/** Prints a photo at a length of its longer side and puts it on the shelf as a cut-out. */
async function addPhoto(file: File, longSideMm: number): Promise<string> {
  const read = await upload<ArtworkView>('/api/artworks?openings=false', file);
  const wide = read.width.mm >= read.height.mm;
  const known = wide
    ? { fromX: 0, fromY: 0.5, toX: 1, toY: 0.5, lengthMm: longSideMm }
    : { fromX: 0.5, fromY: 0, toX: 0.5, toY: 1, lengthMm: longSideMm };
  const fitted = await ask(
    api.POST('/api/artworks/{id}/fitted', {
      params: { path: { id: read.id }, query: { openings: false } },
      body: { known },
    }),
  );
  const design = await ask(
    api.POST('/api/designs', {
      body: {
        design: {
          kind: 'COLLAGE',
          name: photoName(file.name),
          motif: 'photo',
          note: '',
          rights: 'MAY_BE_SOLD',
          answers: { numbers: {}, choices: {} },
          motifs: [],
          artworkId: fitted.id,
        },
        quantity: '1',
      },
    }),
  );
  return design.id;
}

/**
 * Many photos, one after the other; one that cannot be read does not stop the others.
 *
 * @param onProgress told how many of them are through
 */
export async function addPhotos(
  files: readonly File[],
  longSideMm: number,
  onProgress: (through: number) => void,
  add: (file: File, longSideMm: number) => Promise<string> = addPhoto,
): Promise<Added> {
  const ids: string[] = [];
  const refused: RefusedPhoto[] = [];
  for (const [i, file] of files.entries()) {
    try {
      ids.push(await add(file, longSideMm));
    } catch (problem) {
      refused.push({ name: file.name, why: problem instanceof Error ? problem.message : '' });
    }
    onProgress(i + 1);
  }
  return { ids, refused };
}
