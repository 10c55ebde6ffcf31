/** What a page is called, kept with its address, and how narrow a window it is made for. */
export type Titled = { readonly title: string; readonly width?: Width };

/** The narrowest window a page is made for: a phone, a tablet, or a laptop where it says none. */
export type Width = 'phone' | 'tablet';

export const titled = (title: string): Titled => ({ title });

export const titledFor = (width: Width, title: string): Titled => ({ title, width });

/** How wide the page shown has to be, in CSS. */
export function leastWidth(handles: readonly unknown[]): string {
  switch (handles.filter(isTitled).at(-1)?.width) {
    case 'phone':
      return '0';
    case 'tablet':
      return '720px';
    case undefined:
      return '1024px';
  }
}

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
