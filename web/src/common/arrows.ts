const WAYS: ReadonlyMap<string, readonly [number, number]> = new Map([
  ['ArrowLeft', [-1, 0]],
  ['ArrowRight', [1, 0]],
  ['ArrowUp', [0, -1]],
  ['ArrowDown', [0, 1]],
]);

/** Which way an arrow key carries something, across and down; none for another key. */
export const wayOf = (key: string): readonly [number, number] | null => WAYS.get(key) ?? null;
