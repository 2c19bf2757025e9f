import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { open, readFile, rename, stat } from 'node:fs/promises';
import type { FileHandle } from 'node:fs/promises';
import { dirname } from 'node:path';
import { readLine } from './line.ts';
import type { Digest, ReadLine } from './log.ts';

const CHUNK_LINES = 1000;
const READ_BYTES = 256 * 1024;

/** The lines of a file, in chunks; memory is bounded by the chunk, whatever the size of the file. */
export async function* linesOf(path: string): AsyncGenerator<readonly ReadLine[]> {
  let rest = '';
  let chunk: ReadLine[] = [];
  const stream = createReadStream(path, { encoding: 'utf8', highWaterMark: READ_BYTES });
  for await (const text of stream as AsyncIterable<string>) {
    const lines = (rest + text).split('\n');
    rest = lines.pop() ?? '';
    for (const raw of lines) {
      if (raw.trim() === '') continue;
      chunk.push({ raw, answer: readLine(raw) });
      if (chunk.length < CHUNK_LINES) continue;
      yield chunk;
      chunk = [];
    }
  }
  if (rest.trim() !== '') chunk.push({ raw: rest, answer: readLine(rest) });
  if (chunk.length > 0) yield chunk;
}

export async function digestOf(path: string): Promise<Digest> {
  const hash = createHash('sha256');
  let bytes = 0;
  let lines = 0;
  for await (const part of createReadStream(path, { highWaterMark: READ_BYTES }) as AsyncIterable<Buffer>) {
    hash.update(part);
    bytes += part.length;
    for (const byte of part) if (byte === 0x0a) lines += 1;
  }
  return { sha256: hash.digest('hex'), bytes, lines };
}

/** Makes a name in a folder survive a power cut. */
export async function syncFolder(path: string): Promise<void> {
  const folder = await open(dirname(path), 'r');
  try {
    await folder.sync();
  } finally {
    await folder.close();
  }
}

/** Writes a file whole or not at all: aside first, synced, then renamed over the old one. */
export async function replaceFile(path: string, parts: AsyncIterable<string>): Promise<void> {
  const aside = `${path}.new`;
  const handle = await open(aside, 'w', 0o600);
  try {
    for await (const part of parts) await writeFully(handle, Buffer.from(part));
    await handle.sync();
  } finally {
    await handle.close();
  }
  await rename(aside, path);
  await syncFolder(path);
}

/** Writes all of a buffer; one write may take less than it was given. */
export async function writeFully(handle: Pick<FileHandle, 'write'>, bytes: Buffer): Promise<void> {
  for (let at = 0; at < bytes.length;) {
    const { bytesWritten } = await handle.write(bytes, at, bytes.length - at);
    if (bytesWritten === 0)
      throw Object.assign(new Error('Nothing more could be written'), { code: 'ENOSPC' });
    at += bytesWritten;
  }
}

const TAIL_BYTES = 64 * 1024;

/**
 * Cuts back what a crash left after the last whole line. A last line that is a whole answer but for its line break
 * is kept and gets its line break. @returns the size of the file then.
 */
export async function repairTail(path: string): Promise<number> {
  const { size } = await stat(path);
  if (size === 0) return 0;
  const handle = await open(path, 'r+');
  try {
    const from = Math.max(0, size - TAIL_BYTES);
    const tail = Buffer.alloc(size - from);
    await handle.read(tail, 0, tail.length, from);
    if (tail.at(-1) === 0x0a) return size;
    const at = tail.lastIndexOf(0x0a) + 1;
    if (readLine(tail.subarray(at).toString('utf8')) !== null) {
      await handle.write('\n', size);
      await handle.sync();
      return size + 1;
    }
    await handle.truncate(from + at);
    await handle.sync();
    return from + at;
  } finally {
    await handle.close();
  }
}

/** The digest kept beside a closed segment; null where there is none or it cannot be read. */
export async function readDigest(path: string): Promise<Digest | null> {
  try {
    const { sha256, bytes, lines } = JSON.parse(await readFile(path, 'utf8')) as Partial<Digest>;
    return typeof sha256 === 'string' && typeof bytes === 'number' && typeof lines === 'number'
      ? { sha256, bytes, lines }
      : null;
  } catch {
    return null;
  }
}
