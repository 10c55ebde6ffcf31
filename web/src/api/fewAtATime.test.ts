import { describe, expect, it } from 'vitest';
import { fewAtATime } from './fewAtATime';

/** Works whose ends are in the hand of the test. */
function works(names: string) {
  const begun: string[] = [];
  const ends = new Map<string, { done: (answer: string) => void; fail: (why: Error) => void }>();
  const turn = fewAtATime(2);
  const answers = [...names].map((name) =>
    turn(
      () =>
        new Promise<string>((done, fail) => {
          begun.push(name);
          ends.set(name, { done, fail });
        }),
    ),
  );
  const settle = () => new Promise((r) => setTimeout(r));
  return { begun, ends, answers, settle };
}

describe('a few at a time', () => {
  it('begins the next in order, as soon as one is done', async () => {
    const { begun, ends, answers, settle } = works('abcd');
    await settle();
    expect(begun).toEqual(['a', 'b']);
    ends.get('b')?.done('of b');
    await settle();
    expect(begun).toEqual(['a', 'b', 'c']);
    ends.get('a')?.done('of a');
    await settle();
    expect(begun).toEqual(['a', 'b', 'c', 'd']);
    expect(await answers[1]).toBe('of b');
  });

  it('goes on after one that failed, and tells who asked', async () => {
    const { begun, ends, answers, settle } = works('abc');
    await settle();
    ends.get('a')?.fail(new Error('gone'));
    await expect(answers[0]).rejects.toThrow('gone');
    await settle();
    expect(begun).toEqual(['a', 'b', 'c']);
  });

  it('has room again once all are done', async () => {
    const turn = fewAtATime(1);
    expect(await turn(async () => 1)).toBe(1);
    expect(await turn(async () => 2)).toBe(2);
  });
});
