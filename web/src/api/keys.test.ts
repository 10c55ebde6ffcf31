import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { describe, expect, it } from 'vitest';
import { allButStudio, changed, changedSince, follows, keys, type Times } from './keys';

const ALL = [
  keys.studio(),
  keys.forms(),
  keys.pieces(false, ''),
  keys.card('chest'),
  keys.piece('chest'),
  keys.gather('chest', 3),
  keys.cuts('chest', 3, ['screen', 'clock']),
  keys.photos('chest'),
  keys.shelf({ words: 'fern' }),
  keys.ledger('bone-white'),
  keys.shopping(),
  keys.supplier('wax'),
];

function filled(): QueryClient {
  const client = new QueryClient();
  for (const key of ALL) {
    client.setQueryData(key, 'answer');
  }
  return client;
}

const stale = (client: QueryClient) =>
  ALL.filter((key) => client.getQueryState(key)?.isInvalidated).map((key) => key[0]);

describe('what is asked again', () => {
  it('is everything that follows from what was changed, and nothing else', async () => {
    const client = filled();
    await changed(client, 'SHELF');
    expect(stale(client)).toEqual(['card', 'gather', 'cuts', 'shelf', 'ledger', 'supplier']);
  });

  it('is never how the job stands that did it', async () => {
    const client = new QueryClient();
    const standing = [keys.list('l'), keys.job('j'), keys.cutRun('j')];
    for (const key of standing) {
      client.setQueryData(key, 'done');
    }
    await changed(client, 'SHELF', 'PLAN');
    expect(standing.filter((key) => client.getQueryState(key)?.isInvalidated)).toEqual([]);
  });

  it('is a plan with all that is worked out from it', async () => {
    const client = filled();
    await changed(client, 'PLAN');
    expect(stale(client)).toEqual(['pieces', 'card', 'piece', 'gather', 'cuts']);
  });

  it('is what follows from any of several changes, once', async () => {
    const client = filled();
    await changed(client, 'PHOTOS', 'SHOPPING');
    expect(stale(client)).toEqual(['photos', 'shopping', 'supplier']);
  });

  it('is all but the studio when its units change', async () => {
    const client = filled();
    await allButStudio(client);
    expect(stale(client)).toEqual(ALL.map((key) => key[0]).filter((name) => name !== 'studio'));
  });
});

describe('keys', () => {
  it('tell questions about different things apart', () => {
    expect(keys.cuts('a', 1, ['b'])).not.toEqual(keys.cuts('a', 1, []));
    expect(keys.gather('a', 1)).not.toEqual(keys.gather('a', 2));
    expect(keys.ledger('a')).not.toEqual(keys.level('a', '2026-11-27'));
  });

  it('say what they follow from, also to who knows only the array', () => {
    expect(follows(keys.piece('a'), 'PLAN')).toBe(true);
    expect(follows(keys.piece('a'), 'SHELF')).toBe(false);
    expect(follows(['anything'], 'PLAN')).toBe(false);
  });
});

describe('what was changed since', () => {
  const times = (PLAN: number, SHELF: number): Times => [
    { tag: 'PLAN', times: PLAN },
    { tag: 'SHELF', times: SHELF },
  ];

  it('is what was counted further, and nothing where all is as it was', () => {
    expect(changedSince(times(3, 8), times(3, 9))).toEqual(['SHELF']);
    expect(changedSince(times(3, 8), times(5, 9))).toEqual(['PLAN', 'SHELF']);
    expect(changedSince(times(3, 8), times(3, 8))).toEqual([]);
  });

  it('is also what counts less, as after a backup was put back', () => {
    expect(changedSince(times(30, 8), times(3, 8))).toEqual(['PLAN']);
  });

  it('is all of a kind that nobody counted before', () => {
    expect(changedSince([], times(1, 0))).toEqual(['PLAN', 'SHELF']);
  });
});

describe('a first answer that was on its way when something changed', () => {
  it('is let in and asked again, for it may be of before the change', async () => {
    const client = new QueryClient();
    const answers: ((text: string) => void)[] = [];
    const shown = new QueryObserver(client, {
      queryKey: keys.shopping(),
      queryFn: () => new Promise<string>((answer) => answers.push(answer)),
    });
    const stop = shown.subscribe(() => undefined);
    void changed(client, 'SHOPPING');
    expect(answers).toHaveLength(1);
    answers[0]?.('of before');
    await expect.poll(() => answers.length).toBe(2);
    answers[1]?.('of after');
    await expect.poll(() => client.getQueryData(keys.shopping())).toBe('of after');
    stop();
  });
});
