import { openDB } from 'idb';
import type { DBSchema, IDBPDatabase } from 'idb';
import type { SentAnswer, WalkSitting } from '@hurrow/contract';

/** An answer kept on the phone until the marks are given back. */
export interface KeptAnswer extends SentAnswer {
  /** Sitting and student it belongs to. */
  readonly owner: string;
  readonly sent: boolean;
}

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
  });
  return opened;
}

export const ownerOf = (s: Pick<WalkSitting, 'sitting' | 'student'>): string => `${s.sitting}/${s.student}`;

export const keepAnswer = async (a: KeptAnswer): Promise<void> => void (await (await db()).put('answers', a));

export const keptAnswers = async (owner: string): Promise<readonly KeptAnswer[]> =>
  (await (await db()).getAllFromIndex('answers', 'owner', owner)).sort((a, b) => a.seq - b.seq);

export async function markSent(ids: readonly string[], sent: boolean): Promise<void> {
  const tx = (await db()).transaction('answers', 'readwrite');
  for (const id of ids) {
    const a = await tx.store.get(id);
    if (a) await tx.store.put({ ...a, sent });
  }
  await tx.done;
}

export const keepDraft = async (owner: string, ask: string, text: string): Promise<void> =>
  void (await (await db()).put('drafts', { key: `${owner}/${ask}`, owner, ask, text }));

export const dropDraft = async (owner: string, ask: string): Promise<void> =>
  (await db()).delete('drafts', `${owner}/${ask}`);

export const keptDrafts = async (owner: string): Promise<ReadonlyMap<string, string>> =>
  new Map((await (await db()).getAllFromIndex('drafts', 'owner', owner)).map((d) => [d.ask, d.text]));

export const keepSitting = async (sitting: WalkSitting): Promise<void> =>
  void (await (await db()).put('sittings', { key: 'last', sitting }));

export const keptSitting = async (): Promise<WalkSitting | null> =>
  (await (await db()).get('sittings', 'last'))?.sitting ?? null;

/** Forgets everything of a student on this phone: after give-back, or when the next one takes it. */
export async function forget(owner: string): Promise<void> {
  const d = await db();
  for (const a of await d.getAllKeysFromIndex('answers', 'owner', owner)) await d.delete('answers', a);
  for (const k of await d.getAllKeysFromIndex('drafts', 'owner', owner)) await d.delete('drafts', k);
  await d.delete('sittings', 'last');
}
