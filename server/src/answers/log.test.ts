import { appendFileSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { answersFile } from './log.ts';
import type { LoggedAnswer } from './log.ts';

let folder: string;
let path: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'hurrow-log-'));
  path = join(folder, 'answers.log');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const answer = (id: string, typed: string | null = 'grand fir'): LoggedAnswer => ({
  id,
  ws: 'w',
  sitting: 's',
  student: 'p',
  takeover: 1,
  sittingStation: 'ss',
  ask: 'a',
  seq: 1,
  typed,
  value: null,
  sure: null,
  deviceAt: null,
  receivedAt: '2026-10-01T18:00:00.000Z',
  origin: 'phone',
  late: false,
});

describe('the answers log', () => {
  test('holds what was appended, in order, also for the next process', () => {
    const first = answersFile(path);
    first.append([answer('1'), answer('2')]);
    first.append([answer('3')]);
    first.close();
    const second = answersFile(path);
    second.append([answer('4')]);
    expect(second.read().map((a) => a.id)).toEqual(['1', '2', '3', '4']);
    second.close();
  });

  test('a line torn by a crash is passed over, and what comes after it stands on a line of its own', () => {
    const first = answersFile(path);
    first.append([answer('1')]);
    first.close();
    appendFileSync(path, '{"id":"torn","ws":"w","sit');
    const second = answersFile(path);
    second.append([answer('2')]);
    expect(second.read().map((a) => a.id)).toEqual(['1', '2']);
    second.close();
  });

  test('is readable by its owner alone', () => {
    answersFile(path).close();
    expect(statSync(path).mode & 0o077).toBe(0);
  });

  test('whatever a hand wrote comes back as it was, line breaks and all', () => {
    const log = answersFile(path);
    let n = 0;
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'binary' }), { minLength: 1, maxLength: 5 }), (texts) => {
        const batch = texts.map((t) => answer(String((n += 1)), t));
        log.append(batch);
        expect(
          log
            .read()
            .slice(-batch.length)
            .map((a) => a.typed),
        ).toEqual(texts);
      }),
    );
    log.close();
  });
});
