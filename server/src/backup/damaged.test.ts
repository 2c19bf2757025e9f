import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { openTestApp } from '../testing/index.ts';
import { readBackup, writeBackup } from './index.ts';

let bytes: Uint8Array;
beforeAll(async () => {
  const app = await openTestApp();
  bytes = await writeBackup(app.db, app.answers, 'test', '2026-10-02T08:00:00.000Z');
  await app.close();
});

describe('a file that is no backup', () => {
  const right = (): Record<string, Uint8Array> => unzipSync(bytes);
  test.each<[string, () => Uint8Array, RegExp]>([
    ['is no zip', () => strToU8('plain text'), /no zip file/],
    ['is cut short', () => bytes.slice(0, bytes.length / 2), /no zip file|not as it was written/],
    [
      'leads out of its folder',
      () => zipSync({ ...right(), '../../outside.jsonl': strToU8('x') }),
      /outside/,
    ],
    ['has an absolute path', () => zipSync({ '/etc/hosts': strToU8('x') }), /which no backup does/],
    [
      'unpacks to far too much',
      () => zipSync({ 'tables/name.jsonl': new Uint8Array(50_000_000) }),
      /times its size/,
    ],
    ['has no manifest', () => zipSync({ 'answers.jsonl': strToU8('') }), /no manifest/],
    [
      'is of a newer version',
      () => {
        const files = right();
        const manifest = JSON.parse(Buffer.from(files['manifest.json'] ?? []).toString()) as {
          schema: string[];
        };
        return zipSync({
          ...files,
          'manifest.json': strToU8(
            JSON.stringify({ ...manifest, schema: [...manifest.schema, '999_later.sql'] }),
          ),
        });
      },
      /newer version/,
    ],
    [
      'was changed by hand',
      () => zipSync({ ...right(), 'tables/grade.jsonl': strToU8('{}\n') }),
      /not as it was written/,
    ],
  ])('%s: refused, and nothing is written', (_, made, message) => {
    expect(() => readBackup(made())).toThrow(message);
  });

  test('damaged anywhere, it is read as it was or refused', () => {
    const whole = Object.fromEntries(
      Object.entries(unzipSync(bytes)).map(([n, b]) => [n, Buffer.from(b).toString('utf8')]),
    );
    fc.assert(
      fc.property(fc.nat(bytes.length - 1), fc.integer({ min: 1, max: 255 }), (at, flip) => {
        const damaged = Uint8Array.from(bytes);
        damaged[at] = (damaged[at] ?? 0) ^ flip;
        let read;
        try {
          read = readBackup(damaged);
        } catch (error) {
          expect((error as { code?: string }).code).toBe('HTTP_PROBLEM');
          return;
        }
        for (const name of Object.keys(read.manifest.files))
          expect(read.lines(name).join('\n')).toBe((whole[name] ?? '').trimEnd());
      }),
      { numRuns: Number(process.env['HURROW_FUZZ'] ?? 200) },
    );
  });
});
