import { existsSync } from 'node:fs';
import { open, readFile } from 'node:fs/promises';
import { ID } from '@hurrow/contract/schemas';
import { syncFolder, writeFully } from './segmentFile.ts';

/** A student whose data were erased; nothing but an id that means nothing any more. */
export interface Erasure {
  readonly ws: string;
  readonly student: string;
  readonly at: string;
}

/** Erasures kept beside the database, so that neither a restart nor an older backup brings a student back. */
export interface Erasures {
  append(erasure: Erasure): Promise<void>;
  /** What was erased, and how many lines of the file cannot be read. */
  read(): Promise<{ readonly erased: readonly Erasure[]; readonly damaged: number }>;
}

/** Reads one line of a file of erasures; null where it is none. */
export function readErasure(line: string): Erasure | null {
  try {
    const e = JSON.parse(line) as Partial<Record<keyof Erasure, unknown>> | null;
    const { ws, student, at } = e ?? {};
    return typeof ws === 'string' &&
      ID.test(ws) &&
      typeof student === 'string' &&
      ID.test(student) &&
      typeof at === 'string'
      ? { ws, student, at }
      : null;
  } catch {
    return null;
  }
}

/** An append-only file of lines of JSON. */
export const erasuresFile = (path: string): Erasures => ({
  append: async (e) => {
    const isNew = !existsSync(path);
    const handle = await open(path, 'a+', 0o600);
    try {
      const { size } = await handle.stat();
      const last = Buffer.alloc(1);
      if (size > 0) await handle.read(last, 0, 1, size - 1);
      // A line torn by a crash must not swallow this one.
      const before = size > 0 && last[0] !== 0x0a ? '\n' : '';
      await writeFully(handle, Buffer.from(`${before}${JSON.stringify(e)}\n`));
      await handle.sync();
    } finally {
      await handle.close();
    }
    if (isNew) await syncFolder(path);
  },
  read: async () => {
    if (!existsSync(path)) return { erased: [], damaged: 0 };
    const lines = (await readFile(path, 'utf8')).split('\n').filter((l) => l.trim() !== '');
    const erased = lines.flatMap((l) => readErasure(l) ?? []);
    return { erased, damaged: lines.length - erased.length };
  },
});

export function erasuresInMemory(): Erasures {
  const kept: Erasure[] = [];
  return {
    append: (e) => {
      kept.push(e);
      return Promise.resolve();
    },
    read: () => Promise.resolve({ erased: [...kept], damaged: 0 }),
  };
}
