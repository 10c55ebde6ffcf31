/** What the server calls this window: it is not told of what was changed in it. */
export const windowId: string = crypto.randomUUID();
