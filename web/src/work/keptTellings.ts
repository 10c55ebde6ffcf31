import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Kept } from './tellings';

interface BenchDb extends DBSchema {
  tellings: { key: string; value: Kept; indexes: { piece: string } };
}

let opened: Promise<IDBPDatabase<BenchDb>> | undefined;

function db() {
  opened ??= openDB<BenchDb>('craftmap-bench', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('tellings', { keyPath: 'id' }).createIndex('piece', 'pieceId');
    },
  });
  return opened;
}

/** What was tapped at a bench, kept in the browser until the server has it. */
export const keptTellings = {
  ofPiece: async (pieceId: string) => (await db()).getAllFromIndex('tellings', 'piece', pieceId),
  put: async (...all: ReadonlyArray<Kept>) => {
    const change = (await db()).transaction('tellings', 'readwrite');
    await Promise.all([...all.map((k) => change.store.put(k)), change.done]);
  },
  remove: async (ids: ReadonlyArray<string>) => {
    const change = (await db()).transaction('tellings', 'readwrite');
    await Promise.all([...ids.map((id) => change.store.delete(id)), change.done]);
  },
};
