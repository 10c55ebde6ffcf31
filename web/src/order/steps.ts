/** The step that a part of it was torn from: what takes longer than a day is worked in parts. */
export const wholeStep = (id: string): string => id.replace(/\/\d+$/, '');
