import { appendFileSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { open } from 'node:fs/promises';
import { join } from 'node:path';
import { answerText } from '@hurrow/core/answers';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { v4 } from 'uuid';
import { loggedAnswer, scratch } from '../testing/index.ts';
import { allAnswers, answersInFolder } from './index.ts';
import type { AnswersLog, LoggedAnswer } from './index.ts';
import type { OpenAppend } from './segments.ts';

const SITTING = loggedAnswer().sitting;
let home: string;
let folder: string;
beforeEach(() => {
  home = scratch('log');
  folder = join(home, 'answers');
});
afterEach(() => rmSync(home, { recursive: true, force: true }));

async function answers(log: AnswersLog): Promise<LoggedAnswer[]> {
  const found: LoggedAnswer[] = [];
  for await (const chunk of allAnswers(log)) found.push(...chunk);
  return found;
}
const typed = async (log: AnswersLog): Promise<string[]> =>
  (await answers(log)).map((a) => answerText(a.value));
const segment = (n = 1): string => join(folder, `${SITTING}-${n}.jsonl`);

describe('a segment of the answers log', () => {
  test('holds what was appended, in order, for the next process too', async () => {
    const first = await answersInFolder(folder);
    await first.append([
      loggedAnswer({ value: { kind: 'name', text: 'a' } }),
      loggedAnswer({ value: { kind: 'name', text: 'b' } }),
    ]);
    await first.append([loggedAnswer({ value: { kind: 'name', text: 'c' } })]);
    await first.end();
    const second = await answersInFolder(folder);
    await second.append([loggedAnswer({ value: { kind: 'name', text: 'd' } })]);
    expect(await typed(second)).toEqual(['a', 'b', 'c', 'd']);
    await second.end();
  });

  test('can be read by its owner alone', async () => {
    const log = await answersInFolder(folder);
    await log.append([loggedAnswer()]);
    expect([statSync(folder).mode & 0o077, statSync(segment()).mode & 0o077]).toEqual([0, 0]);
    await log.end();
  });

  test('batches that arrive together are one write and one sync', async () => {
    const calls: string[] = [];
    const counting: OpenAppend = async (path) => {
      const handle = await open(path, 'a', 0o600);
      return {
        write: ((...args: Parameters<typeof handle.write>) => {
          calls.push('write');
          return handle.write(...args);
        }) as typeof handle.write,
        datasync: () => {
          calls.push('sync');
          return handle.datasync();
        },
        truncate: (n) => handle.truncate(n),
        close: () => handle.close(),
      };
    };
    const log = await answersInFolder(folder, null, counting);
    await Promise.all(Array.from({ length: 50 }, () => log.append([loggedAnswer()])));
    expect(calls).toEqual(['write', 'sync']);
    expect(await answers(log)).toHaveLength(50);
    await log.end();
  });

  test('whatever a hand wrote comes back as it was, line breaks and all', async () => {
    const log = await answersInFolder(folder);
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.string({ unit: 'grapheme', maxLength: 50 }), { minLength: 1, maxLength: 5 }),
        async (texts) => {
          const kept = texts.map((t) => t.replaceAll('\u0000', ''));
          await log.append(kept.map((t) => loggedAnswer({ value: { kind: 'name', text: t } })));
          expect((await typed(log)).slice(-kept.length)).toEqual(kept);
        },
      ),
      { numRuns: 30 },
    );
    await log.end();
  });
});

describe('a write that fails', () => {
  /** A disk that takes some bytes and then no more, until it is told to. */
  const smallDisk =
    (room: { bytes: number }): OpenAppend =>
    async (path) => {
      const handle = await open(path, 'a', 0o600);
      return {
        write: (async (bytes: Buffer, at: number, length: number) => {
          const n = Math.min(length, room.bytes);
          if (n === 0) throw Object.assign(new Error('no space left on device'), { code: 'ENOSPC' });
          room.bytes -= n;
          return handle.write(bytes, at, n);
        }) as typeof handle.write,
        datasync: () => handle.datasync(),
        truncate: (n) => handle.truncate(n),
        close: () => handle.close(),
      };
    };

  test('is cut back: what was written before and after it is whole, and nothing is glued to a torn line', async () => {
    const room = { bytes: 700 };
    const log = await answersInFolder(folder, null, smallDisk(room));
    await log.append([loggedAnswer({ value: { kind: 'name', text: 'before' } })]);
    await expect(
      log.append([
        loggedAnswer({ value: { kind: 'name', text: 'torn' } }),
        loggedAnswer({ value: { kind: 'name', text: 'torn too' } }),
      ]),
    ).rejects.toMatchObject({
      code: 'ENOSPC',
    });
    room.bytes = 1_000_000;
    await log.append([loggedAnswer({ value: { kind: 'name', text: 'after' } })]);
    expect(await typed(log)).toEqual(['before', 'after']);
    await log.end();
    expect(readFileSync(segment(), 'utf8').endsWith('\n')).toBe(true);
  });

  test('in one sitting does not fail the answers of another', async () => {
    const other = v4();
    const failing: OpenAppend = async (path) => {
      const handle = await open(path, 'a', 0o600);
      if (!path.includes(other)) return handle;
      return { ...plainOf(handle), datasync: () => Promise.reject(new Error('bad sector')) };
    };
    const log = await answersInFolder(folder, null, failing);
    const good = log.append([loggedAnswer({ value: { kind: 'name', text: 'good' } })]);
    await expect(
      log.append([loggedAnswer({ sitting: other, value: { kind: 'name', text: 'bad' } })]),
    ).rejects.toThrow('bad sector');
    await good;
    expect(await typed(log)).toEqual(['good']);
    await log.end();
  });
});

const plainOf = (handle: Awaited<ReturnType<OpenAppend>>): Awaited<ReturnType<OpenAppend>> => ({
  write: ((...args: Parameters<typeof handle.write>) => handle.write(...args)) as typeof handle.write,
  truncate: (n) => handle.truncate(n),
  datasync: () => handle.datasync(),
  close: () => handle.close(),
});

describe('what a crash leaves', () => {
  test('a torn last line is cut back', async () => {
    const first = await answersInFolder(folder);
    await first.append([loggedAnswer({ value: { kind: 'name', text: 'whole' } })]);
    await first.end();
    appendFileSync(segment(), '{"v":2,"id":"torn","ws":"w","sit');
    const second = await answersInFolder(folder);
    expect(await typed(second)).toEqual(['whole']);
    expect(readFileSync(segment(), 'utf8').trimEnd().split('\n')).toHaveLength(1);
    await second.end();
  });

  test('a last line that lacks only its line break is kept', async () => {
    const first = await answersInFolder(folder);
    await first.append([
      loggedAnswer({ value: { kind: 'name', text: 'one' } }),
      loggedAnswer({ value: { kind: 'name', text: 'two' } }),
    ]);
    await first.end();
    writeFileSync(segment(), readFileSync(segment(), 'utf8').trimEnd());
    const second = await answersInFolder(folder);
    await second.append([loggedAnswer({ value: { kind: 'name', text: 'three' } })]);
    expect(await typed(second)).toEqual(['one', 'two', 'three']);
    await second.end();
  });

  test('any cut of a segment leaves every whole line readable, and the log goes on', async () => {
    const first = await answersInFolder(folder);
    await first.append(
      Array.from({ length: 4 }, (_, i) => loggedAnswer({ value: { kind: 'name', text: `name ${i} é🌲` } })),
    );
    await first.end();
    const whole = readFileSync(segment());
    await fc.assert(
      fc.asyncProperty(fc.nat(whole.length), async (length) => {
        writeFileSync(segment(), whole.subarray(0, length));
        const cut = await answersInFolder(folder);
        const before = whole.subarray(0, length).toString('latin1').split('\n').length - 1;
        const kept = await typed(cut);
        expect([before, before + 1]).toContain(kept.length);
        await cut.append([loggedAnswer({ value: { kind: 'name', text: 'next' } })]);
        expect(await typed(cut)).toEqual([...kept, 'next']);
        await cut.end();
        for (const f of readdirSync(folder)) if (f !== `${SITTING}-1.jsonl`) rmSync(join(folder, f));
      }),
      { numRuns: 60 },
    );
  });
});

describe('the life of a segment', () => {
  test('closed, it is known by its digest, and the next answer of its sitting opens another', async () => {
    const log = await answersInFolder(folder);
    await log.append([loggedAnswer({ value: { kind: 'name', text: 'first' } })]);
    const [name = ''] = await log.retire(SITTING);
    const digest = await log.close(name);
    expect(digest).toMatchObject({ lines: 1, bytes: statSync(segment()).size });
    await log.append([loggedAnswer({ value: { kind: 'name', text: 'late' } })]);
    await log.end();
    const again = await answersInFolder(folder);
    expect(again.segments()).toEqual([
      { name: `${SITTING}-1.jsonl`, closed: digest },
      { name: `${SITTING}-2.jsonl`, closed: null },
    ]);
    await again.end();
  });

  test('changed behind its back, a closed segment counts as open again', async () => {
    const log = await answersInFolder(folder);
    await log.append([loggedAnswer()]);
    const [name = ''] = await log.retire(SITTING);
    await log.close(name);
    await log.end();
    appendFileSync(segment(), 'something\n');
    const again = await answersInFolder(folder);
    expect(again.segments()).toEqual([{ name, closed: null }]);
    await again.end();
  });

  test('the single file of earlier versions becomes a segment, and nothing in it is lost', async () => {
    const legacy = join(home, 'answers.log');
    const { value: _value, precedence: _p, when: _w, ...rest } = loggedAnswer();
    const old = { ...rest, typed: 'from before', value: null, sure: null, late: false };
    writeFileSync(legacy, `${JSON.stringify(old)}\n${JSON.stringify({ ...old, id: v4().toUpperCase() })}\n`);
    const log = await answersInFolder(folder, legacy);
    expect(await typed(log)).toEqual(['from before', 'from before']);
    expect((await answers(log)).every((a) => a.id === a.id.toLowerCase())).toBe(true);
    expect(log.segments()).toEqual([{ name: 'legacy-1.jsonl', closed: null }]);
    await log.end();
  });

  test('forgetting a student removes every line of theirs, set aside or not, and nobody else’s', async () => {
    const gone = v4();
    const log = await answersInFolder(folder);
    await log.append([
      loggedAnswer({ value: { kind: 'name', text: 'stays' } }),
      loggedAnswer({ student: gone, value: { kind: 'name', text: 'goes' } }),
    ]);
    const [name = ''] = await log.retire(SITTING);
    await log.close(name);
    await log.append([loggedAnswer({ student: gone, value: { kind: 'name', text: 'goes too' } })]);
    await log.setAside({ segment: name, raw: JSON.stringify({ student: gone }), why: 'broken' });
    await log.setAside({ segment: name, raw: 'other', why: 'broken' });
    const changed = await log.forget(gone);
    expect([...changed.keys()]).toEqual([name]);
    expect(await typed(log)).toEqual(['stays']);
    expect(log.aside()).toBe(1);
    await log.append([loggedAnswer({ value: { kind: 'name', text: 'goes on' } })]);
    expect(await typed(log)).toContain('goes on');
    await log.end();
    for (const f of readdirSync(folder)) expect(readFileSync(join(folder, f), 'utf8')).not.toContain(gone);
  });
});
