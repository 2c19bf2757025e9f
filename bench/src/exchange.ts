import { median } from '@hurrow/core/numbers';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import { readTable } from '@hurrow/core/formats';
import { stateOutlines } from '@hurrow/core/range';
import type { Atlas } from '@hurrow/core/range';
import { demoBundle } from '@hurrow/demo';
import { fill } from '@hurrow/server';
import { migrate, openPglite } from '@hurrow/server/db';
import { exportText, preview, takeIn } from '@hurrow/server/exchange';

const SPECIES = 500;
const WIDE = 120;

/** A character table of 500 made-up species by 120 characters, every cell filled. */
function table(): string {
  const columns = CHARACTERS.filter((c) => c.appliesIf.length === 0 || c.states.length > 0).slice(0, WIDE);
  const cell = (i: number, k: number): string => {
    const c = columns[k];
    if (!c) return '';
    if (c.states.length > 0) return c.states[(i * 7 + k) % c.states.length]?.id ?? '';
    const low = 1 + ((i * 13 + k) % 40);
    const unit = c.kind === 'length' ? ' mm' : c.unit === '' ? '' : ` ${c.unit}`;
    return `${low}-${low + 5}${unit}`;
  };
  const letters = 'abcdefghijklmnopqrstuvwxyz';
  const epithet = (i: number): string =>
    `${letters[i % 26] ?? 'a'}${letters[Math.floor(i / 26) % 26] ?? 'a'}ensis`;
  const rows = Array.from({ length: SPECIES }, (_, i) =>
    [`Madeupia ${epithet(i)}`, ...columns.map((_c, k) => cell(i, k))].join(','),
  );
  return [['species', ...columns.map((c) => c.id)].join(','), ...rows].join('\n');
}

async function timed<T>(work: () => Promise<T>): Promise<{ ms: number; result: T }> {
  const start = performance.now();
  const result = await work();
  return { ms: performance.now() - start, result };
}

/** Import, export and undo of a large table, against reading the same file without a library; the first map. */
export async function measureExchange(): Promise<string> {
  const text = table();
  const vocabulary = vocabularyOf(CHARACTERS);
  const read =
    median(
      Array.from({ length: 5 }, () => {
        const start = performance.now();
        if (!readTable(text, vocabulary, 'Bench').ok) throw new Error('The table is refused');
        return performance.now() - start;
      }),
    ) ?? 0;
  // A folder, as an owner has it: growing files in memory takes longer than on a disk.
  const folder = mkdtempSync(join(tmpdir(), 'hurrow-bench-'));
  const db = await openPglite(folder);
  await migrate(db);
  const bundle = demoBundle();
  await fill(db, bundle);
  const ws = bundle.workspace;
  let stages: string[] = [];
  const progress = Object.assign((stage: string) => void stages.push(stage), { onCancel: () => undefined });
  const request = { kind: 'table' as const, name: 'Bench', text };
  const shown = await timed(() => preview(db, ws, null, request, progress));
  stages = [];
  const taken = await timed(() => takeIn({ db, clock: () => new Date() }, ws, null, request, progress));
  if (!taken.result.batch) throw new Error(taken.result.refused[0]?.message ?? 'Not taken in');
  const told = stages.length;
  const given = await timed(() =>
    exportText(db, ws, 'library', { list: null, section: null, version: 'bench', created: '' }),
  );
  await db.close();
  rmSync(folder, { recursive: true });
  const atlas = JSON.parse(
    readFileSync(createRequire(import.meta.url).resolve('us-atlas/states-albers-10m.json'), 'utf8'),
  ) as Atlas;
  const map = await timed(() => Promise.resolve(stateOutlines(atlas)));
  const line = (what: string, ms: number, most: number): string =>
    `${what}: ${(ms / 1000).toFixed(2)} s (${(ms / read).toFixed(0)} times reading the file alone)${ms > most ? `  over ${most / 1000} s` : ''}`;
  return [
    `A table of ${SPECIES} species by ${WIDE} characters, ${(text.length / 1e6).toFixed(1)} MB; reading it alone takes ${read.toFixed(0)} ms.`,
    line('  shown', shown.ms, 5000),
    line(`  taken in, ${taken.result.counts.new} new, progress told ${told} times`, taken.ms, 5000),
    line(
      `  given out again as library JSON, ${(given.result.text.length / 1e6).toFixed(1)} MB`,
      given.ms,
      2000,
    ),
    `First draw of the map, ${map.result.length} states as paths: ${map.ms.toFixed(0)} ms of script${map.ms > 150 ? '  over 150 ms' : ''}.`,
  ].join('\n');
}
