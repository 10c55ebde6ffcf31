const KEY = 'craftmap.walk';

/** The board of the walk that this window began and has not ended. */
export const walkBegun = (): string | null => sessionStorage.getItem(KEY);

export const walkBegins = (pieceId: string) => sessionStorage.setItem(KEY, pieceId);

export const walkIsOver = () => sessionStorage.removeItem(KEY);
