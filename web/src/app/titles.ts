/** What a page is called, kept with its address, and whether it is made for narrow windows too. */
export type Titled = { readonly title: string; readonly narrow?: true };

export const titled = (title: string): Titled => ({ title });

export const titledNarrow = (title: string): Titled => ({ title, narrow: true });

/** Whether the page shown is made for narrow windows. */
export const isNarrow = (handles: readonly unknown[]): boolean =>
  handles.filter(isTitled).at(-1)?.narrow === true;

const APPLICATION = 'Craft Map';

/**
 * The title of the window, which tabs and the history show: the page first, as tabs are narrow.
 *
 * @param handles of the addresses from the outermost to the page itself
 * @param piece whose page it is, if it is one's
 */
export function windowTitle(handles: readonly unknown[], piece?: string): string {
  const page = handles.filter(isTitled).at(-1)?.title;
  return [page, piece, APPLICATION].filter((part) => part !== undefined && part !== '').join(' · ');
}

function isTitled(handle: unknown): handle is Titled {
  return typeof handle === 'object' && handle !== null && 'title' in handle;
}
