/** What is new gets its id here, so that the page knows what to look for when it is there. */
export const newId = (): string => crypto.randomUUID();
