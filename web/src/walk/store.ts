import { openDB } from 'idb';
import type { DBSchema, IDBPDatabase } from 'idb';
import type { WalkSitting } from '@hurrow/contract';
import type { KeptAnswer, WalkStore } from './engine/index.ts';

interface Shape extends DBSchema {
  answers: { key: string; value: KeptAnswer; indexes: { owner: string } };
  /** The text in a field that is still being typed, by owner and ask. */
  drafts: {
    key: string;
    value: { key: string; owner: string; ask: string; text: string };
    indexes: { owner: string };
  };
  sittings: { key: string; value: { key: 'last'; sitting: WalkSitting } };
}

let opened: Promise<IDBPDatabase<Shape>> | null = null;

function db(): Promise<IDBPDatabase<Shape>> {
  opened ??= openDB<Shape>('hurrow-walk', 1, {
    upgrade: (d) => {
      d.createObjectStore('answers', { keyPath: 'id' }).createIndex('owner', 'owner');
      d.createObjectStore('drafts', { keyPath: 'key' }).createIndex('owner', 'owner');
      d.createObjectStore('sittings', { keyPath: 'key' });
    },
  }).catch((error: unknown) => {
    // A phone that refused once may be asked again.
    opened = null;
    throw error;
  });
  return opened;
}

/** What this browser keeps of a walk, in IndexedDB. */
export const phoneStore: WalkStore = {
  keepAnswer: async (a) => void (await (await db()).put('answers', a)),
  answers: async (owner) =>
    (await (await db()).getAllFromIndex('answers', 'owner', owner)).sort((a, b) => a.seq - b.seq),
  mark: async (ids, { sent, refused }) => {
    const tx = (await db()).transaction('answers', 'readwrite');
    for (const id of ids) {
      const a = await tx.store.get(id);
      const why = refused?.get(id);
      if (a) await tx.store.put({ ...a, sent, ...(why ? { refused: why } : {}) });
    }
    await tx.done;
  },
  keepDraft: async (owner, ask, text) =>
    void (await (await db()).put('drafts', { key: `${owner}/${ask}`, owner, ask, text })),
  dropDraft: async (owner, ask) => (await db()).delete('drafts', `${owner}/${ask}`),
  drafts: async (owner) =>
    new Map((await (await db()).getAllFromIndex('drafts', 'owner', owner)).map((d) => [d.ask, d.text])),
  keepSitting: async (sitting) => void (await (await db()).put('sittings', { key: 'last', sitting })),
  sitting: async () => (await (await db()).get('sittings', 'last'))?.sitting ?? null,
  forget: async (owner) => {
    const d = await db();
    for (const a of await d.getAllKeysFromIndex('answers', 'owner', owner)) await d.delete('answers', a);
    for (const k of await d.getAllKeysFromIndex('drafts', 'owner', owner)) await d.delete('drafts', k);
    await d.delete('sittings', 'last');
  },
};
