import { QueryClient } from '@tanstack/react-query';
import { describe, expect, it } from 'vitest';
import { allButStudio, changed, follows, keys } from './keys';

const ALL = [
  keys.studio(),
  keys.forms(),
  keys.pieces(false, ''),
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
    await changed(client, 'shelf');
    expect(stale(client)).toEqual(['pieces', 'gather', 'cuts', 'shelf', 'ledger', 'supplier']);
  });

  it('is never how the job stands that did it', async () => {
    const client = new QueryClient();
    const standing = [keys.list('l'), keys.job('j'), keys.cutRun('j')];
    for (const key of standing) {
      client.setQueryData(key, 'done');
    }
    await changed(client, 'shelf', 'plan');
    expect(standing.filter((key) => client.getQueryState(key)?.isInvalidated)).toEqual([]);
  });

  it('is a plan with all that is worked out from it', async () => {
    const client = filled();
    await changed(client, 'plan');
    expect(stale(client)).toEqual(['pieces', 'piece', 'gather', 'cuts']);
  });

  it('is what follows from any of several changes, once', async () => {
    const client = filled();
    await changed(client, 'photos', 'shopping');
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
    expect(follows(keys.piece('a'), 'plan')).toBe(true);
    expect(follows(keys.piece('a'), 'shelf')).toBe(false);
    expect(follows(['anything'], 'plan')).toBe(false);
  });
});
