import { median } from '@hurrow/core/numbers';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { TEACHERS, demoBundle } from '@hurrow/demo';
import { fill, serve } from '@hurrow/server';

const ROUNDS = 60;
const WARM = 5;

interface Measured {
  readonly path: string;
  readonly ms: number;
  readonly bytes: number;
}

/** Medians of every read of the demo data, beside the median of the emptiest answer in the same run. */
export async function measureReads(): Promise<{
  readonly baseline: number;
  readonly reads: readonly Measured[];
}> {
  const data = mkdtempSync(join(tmpdir(), 'hurrow-bench-'));
  const running = await serve({ data, port: 0, host: '127.0.0.1', prepare: (db) => fill(db, demoBundle()) });
  try {
    const owner = TEACHERS[0];
    const signed = await fetch(`${running.address}/api/session`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Origin: running.address },
      body: JSON.stringify({ name: owner.name, passphrase: owner.passphrase }),
    });
    const headers = {
      Cookie: signed.headers
        .getSetCookie()
        .map((c) => c.split(';')[0])
        .join('; '),
    };
    const read = async <T>(path: string): Promise<T> =>
      (await (await fetch(running.address + path, { headers })).json()) as T;
    const measure = async (path: string): Promise<Measured> => {
      const times: number[] = [];
      let bytes = 0;
      for (let i = 0; i < ROUNDS + WARM; i += 1) {
        const start = performance.now();
        bytes = (await (await fetch(running.address + path, { headers })).text()).length;
        if (i >= WARM) times.push(performance.now() - start);
      }
      return { path, ms: median(times) ?? 0, bytes };
    };
    const [list] = await read<{ id: string }[]>('/api/lists');
    const [species] = await read<{ id: string }[]>('/api/species');
    const sections = await read<{ id: string; name: string }[]>('/api/sections');
    const quizzes = await read<{ id: string; sittings: { id: string; state: string }[] }[]>('/api/quizzes');
    const given = quizzes.flatMap((q) => q.sittings).find((s) => s.state === 'returned');
    const tuesday = sections.find((s) => s.name.startsWith('Tuesday'));
    const paths: readonly [name: string, path: string][] = [
      ['due', '/api/due'],
      ['sections', '/api/sections'],
      ['lists', '/api/lists'],
      ['list', `/api/lists/${list?.id ?? ''}`],
      ['library of a list', `/api/lists/${list?.id ?? ''}/library`],
      ['lore of a list', `/api/lists/${list?.id ?? ''}/lore`],
      ['rules', '/api/rules'],
      ['vocabulary', '/api/vocabulary'],
      ['species', '/api/species'],
      ['profile', `/api/species/${species?.id ?? ''}`],
      ['trees', '/api/trees'],
      ['quizzes', '/api/quizzes'],
      ['quiz', `/api/quizzes/${quizzes[0]?.id ?? ''}`],
      ['sitting', `/api/sittings/${given?.id ?? ''}`],
      ['grades', `/api/sittings/${given?.id ?? ''}/grades`],
      ['mix-ups', `/api/sections/${tuesday?.id ?? ''}/mixups`],
    ];
    const baseline = (await measure('/api/session')).ms;
    const reads: Measured[] = [];
    for (const [name, path] of paths) reads.push({ ...(await measure(path)), path: name });
    return { baseline, reads };
  } finally {
    await running.stop();
    rmSync(data, { recursive: true, force: true });
  }
}
