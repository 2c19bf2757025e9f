import { open, mkdir, readFile, readdir, rename, stat } from 'node:fs/promises';
import type { FileHandle } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { writeLine } from './line.ts';
import type { LoggedAnswer } from './line.ts';
import type { AnswersLog, Digest, SetAside } from './log.ts';
import {
  digestOf,
  linesOf,
  readDigest,
  repairTail,
  replaceFile,
  syncFolder,
  writeFully,
} from './segmentFile.ts';

/** Opens a file to append to. Tests pass one that fails. */
export type OpenAppend = (
  path: string,
) => Promise<Pick<FileHandle, 'write' | 'truncate' | 'datasync' | 'close'>>;

interface Part {
  readonly path: string;
  readonly handle: Awaited<ReturnType<OpenAppend>>;
  size: number;
}

interface Waiting {
  readonly answers: readonly LoggedAnswer[];
  readonly resolve: () => void;
  readonly reject: (error: unknown) => void;
}

const SEGMENT = /^([0-9a-f-]{36}|legacy)-(\d{1,6})\.jsonl$/;
const ASIDE = 'set-aside.jsonl';

/**
 * The answers log as a folder of segments, one or more a sitting. Batches that arrive while a sync is under way are
 * written together and share the next one (group commit).
 * @param legacy the single file of earlier versions; where it exists it becomes a segment.
 */
export async function answersInFolder(
  folder: string,
  legacy: string | null = null,
  openAppend: OpenAppend = (path) => open(path, 'a', 0o600),
): Promise<AnswersLog> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  if (legacy !== null && existsSync(legacy)) await adopt(folder, legacy);
  const closed = new Map<string, Digest | null>();
  for (const name of (await readdir(folder)).filter((f) => SEGMENT.test(f)).sort()) {
    const path = join(folder, name);
    const digest = await readDigest(`${path}.closed`);
    const isWhole = digest !== null && digest.bytes === (await stat(path)).size;
    if (!isWhole) await repairTail(path);
    closed.set(name, isWhole ? digest : null);
  }
  const aside = await readAside(join(folder, ASIDE));
  const parts = new Map<string, Part>();
  const waiting: Waiting[] = [];
  let serial: Promise<unknown> = Promise.resolve();

  /** Runs one thing at a time over the open segments. */
  const alone = <T>(fn: () => Promise<T>): Promise<T> => {
    const next = serial.then(fn);
    serial = next.catch(() => undefined);
    return next;
  };

  const partOf = async (sitting: string): Promise<Part> => {
    const had = parts.get(sitting);
    if (had) return had;
    const numbers = [...closed.keys()]
      .filter((n) => n.startsWith(sitting))
      .map((n) => Number(SEGMENT.exec(n)?.[2]));
    const name = `${sitting}-${Math.max(0, ...numbers) + 1}.jsonl`;
    const path = join(folder, name);
    const part = { path, handle: await openAppend(path), size: 0 };
    await syncFolder(path);
    closed.set(name, null);
    parts.set(sitting, part);
    return part;
  };

  /** Writes to one segment and syncs it; a failure cuts the file back and leaves it to a new part from then on. */
  const write = async (sitting: string, text: string): Promise<void> => {
    const part = await partOf(sitting);
    const bytes = Buffer.from(text);
    try {
      await writeFully(part.handle, bytes);
      await part.handle.datasync();
      part.size += bytes.length;
    } catch (error) {
      parts.delete(sitting);
      await part.handle.truncate(part.size).catch(() => undefined);
      await part.handle.close().catch(() => undefined);
      throw error;
    }
  };

  const flush = async (): Promise<void> => {
    const group = waiting.splice(0);
    const texts = new Map<string, string>();
    for (const { answers } of group)
      for (const a of answers) texts.set(a.sitting, (texts.get(a.sitting) ?? '') + writeLine(a));
    const failed = new Map<string, unknown>();
    await Promise.all(
      [...texts].map(([sitting, text]) => write(sitting, text).catch((e: unknown) => failed.set(sitting, e))),
    );
    for (const w of group) {
      const bad = w.answers.find((a) => failed.has(a.sitting));
      if (bad) w.reject(failed.get(bad.sitting));
      else w.resolve();
    }
  };

  const retire = (sitting: string): Promise<readonly string[]> =>
    alone(async () => {
      const part = parts.get(sitting);
      parts.delete(sitting);
      await part?.handle.close();
      return [...closed].filter(([n, d]) => d === null && n.startsWith(sitting)).map(([n]) => n);
    });

  const rewrite = async (name: string, without: string): Promise<void> => {
    const path = join(folder, name);
    await replaceFile(
      path,
      (async function* () {
        for await (const chunk of linesOf(path))
          yield chunk
            .filter((l) => !l.raw.includes(without))
            .map((l) => `${l.raw}\n`)
            .join('');
      })(),
    );
  };

  const mentions = async (path: string, text: string): Promise<boolean> => {
    for await (const chunk of linesOf(path)) if (chunk.some((l) => l.raw.includes(text))) return true;
    return false;
  };

  const close = async (name: string): Promise<Digest> => {
    const path = join(folder, name);
    const digest = await digestOf(path);
    await replaceFile(
      `${path}.closed`,
      (async function* () {
        yield await Promise.resolve(`${JSON.stringify(digest)}\n`);
      })(),
    );
    closed.set(name, digest);
    return digest;
  };

  return {
    append: (answers) =>
      new Promise((resolve, reject) => {
        if (answers.length === 0) return resolve();
        waiting.push({ answers, resolve, reject });
        if (waiting.length === 1) void alone(flush);
      }),
    segments: () => [...closed].map(([name, digest]) => ({ name, closed: digest })),
    lines: (name) => linesOf(join(folder, name)),
    retire,
    close,
    setAside: async (line) => {
      const key = keyOf(line);
      if (aside.has(key)) return;
      aside.add(key);
      const handle = await open(join(folder, ASIDE), 'a', 0o600);
      try {
        await writeFully(handle, Buffer.from(`${JSON.stringify(line)}\n`));
        await handle.sync();
      } finally {
        await handle.close();
      }
    },
    aside: () => aside.size,
    forget: async (student) => {
      const changed = new Map<string, Digest>();
      for (const sitting of [...parts.keys()]) await retire(sitting);
      for (const [name, digest] of [...closed]) {
        if (!(await mentions(join(folder, name), student))) continue;
        await rewrite(name, student);
        if (digest !== null) changed.set(name, await close(name));
      }
      if (existsSync(join(folder, ASIDE)) && (await mentions(join(folder, ASIDE), student))) {
        await rewrite(ASIDE, student);
        aside.clear();
        for (const key of await readAside(join(folder, ASIDE))) aside.add(key);
      }
      return changed;
    },
    end: async () => {
      await serial;
      for (const sitting of [...parts.keys()]) await retire(sitting);
    },
  };
}

const keyOf = (line: Pick<SetAside, 'segment' | 'raw'>): string => `${line.segment}\n${line.raw}`;

async function readAside(path: string): Promise<Set<string>> {
  if (!existsSync(path)) return new Set();
  return new Set(
    (await readFile(path, 'utf8'))
      .split('\n')
      .filter((l) => l !== '')
      .map((l) => {
        try {
          return keyOf(JSON.parse(l) as SetAside);
        } catch {
          return l;
        }
      }),
  );
}

/** Turns the single file of earlier versions into a segment, under a number no segment has. */
async function adopt(folder: string, legacy: string): Promise<void> {
  const numbers = (await readdir(folder)).flatMap((f) =>
    f.startsWith('legacy-') ? [Number(SEGMENT.exec(f)?.[2])] : [],
  );
  const to = join(folder, `legacy-${Math.max(0, ...numbers.filter(Number.isInteger)) + 1}.jsonl`);
  await rename(legacy, to);
  await syncFolder(to);
}
