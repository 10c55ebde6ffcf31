import { describe, expect, it } from 'vitest';
import type { BenchStep } from '../api/client';
import {
  afterSending,
  doneHere,
  type Kept,
  lastDoneHere,
  laterThan,
  stillLeft,
  toSend,
} from './tellings';

const at = (second: number) => new Date(Date.UTC(2027, 1, 1, 9, 0, second)).toISOString();

const tap = (id: string, kind: Kept['kind'], step: string, second: number): Kept => ({
  id,
  kind,
  step,
  toldAt: at(second),
  pieceId: 'chest',
  title: `Step ${step}`,
});

const steps = (...keys: string[]) => keys.map((key) => ({ key }) as BenchStep);

describe('what was tapped and is not with the server yet', () => {
  const kept = [
    tap('c', 'DONE', 'prime', 7),
    tap('a', 'DONE', 'wash', 1),
    tap('b', 'TAKEN_BACK', 'wash', 5),
    tap('d', 'NOTE', 'sand', 3),
  ];

  it('is sent as it was tapped, whatever order the browser kept it in', () => {
    expect(toSend(kept).map((k) => k.id)).toEqual(['a', 'd', 'b', 'c']);
  });

  it('counts by its last tap of each step', () => {
    expect([...doneHere(kept)]).toEqual(['prime']);
    expect(stillLeft(steps('wash', 'sand', 'prime', 'paint'), kept).map((s) => s.key)).toEqual([
      'wash',
      'sand',
      'paint',
    ]);
    expect(lastDoneHere(kept)?.step).toBe('prime');
    expect(lastDoneHere(kept.filter((k) => k.step !== 'prime'))).toBeUndefined();
  });

  it('has a time of its own for each tap, whatever the clock does', () => {
    const first = laterThan('', Date.parse(at(1)));
    expect(first).toBe(at(1));
    const same = laterThan(first, Date.parse(at(1)));
    const back = laterThan(same, Date.parse(at(0)));
    expect([first, same, back]).toEqual([first, same, back].toSorted());
    expect(new Set([first, same, back]).size).toBe(3);
  });

  it('leaves once it is taken, and stays with its reason where it is not', () => {
    const came = afterSending(kept, [{ id: 'a' }, { id: 'b' }, { id: 'c', problem: 'No such.' }]);
    expect(came.taken).toEqual(['a', 'b']);
    expect(came.refused.map((k) => [k.id, k.problem])).toEqual([['c', 'No such.']]);
    // what nothing was said of is sent again
    expect(came.taken).not.toContain('d');
    // what was refused is neither sent again nor counted as done
    expect(toSend(came.refused)).toEqual([]);
    expect(stillLeft(steps('prime'), came.refused).map((s) => s.key)).toEqual(['prime']);
  });
});

describe('what went wrong and is not with the server yet', () => {
  const wrong = (trouble: Kept['trouble'], second: number): Kept => ({
    ...tap('w', 'WRONG', 'paint', second),
    ...(trouble === undefined ? {} : { trouble }),
  });

  it('was tried: the step is not asked for again, and can be taken back', () => {
    const kept = [wrong('RUNS', 4)];
    expect(stillLeft(steps('paint', 'seal'), kept).map((s) => s.key)).toEqual(['seal']);
    expect(lastDoneHere(kept)?.step).toBe('paint');
    expect([...doneHere([...kept, tap('t', 'TAKEN_BACK', 'paint', 6)])]).toEqual([]);
  });

  it('is not mended where it was right after all', () => {
    const kept = [tap('r', 'RIGHT', 'mend:w:1', 8)];
    expect(stillLeft(steps('mend:w:1', 'seal'), kept).map((s) => s.key)).toEqual(['seal']);
    expect(lastDoneHere(kept)).toBeUndefined();
  });

  it('was not even begun where its time was missed', () => {
    const kept = [wrong('MISSED_WINDOW', 4)];
    expect(stillLeft(steps('paint', 'seal'), kept).map((s) => s.key)).toEqual(['paint', 'seal']);
    expect(lastDoneHere(kept)).toBeUndefined();
  });
});
