import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { analyse } from '@hurrow/core/analysis';
import { FLAGS, testPairs } from '@hurrow/core/mixups';
import { median } from '@hurrow/core/numbers';
import { fill } from '@hurrow/server';
import { migrate, openPglite } from '@hurrow/server/db';
import type { Database } from '@hurrow/server/db';
import { readEvidence, readMixUps } from '@hurrow/server/mixups';
import type { BoardScope } from '@hurrow/server/mixups';
import { upgradeSums } from '@hurrow/server/sums';
import { WS, fixture } from '@hurrow/server/testing';
import { MILLION, fillLooks } from './millionLooks.ts';
import { plainTree } from './plain.ts';

const PLAIN_COMMIT = '9703e35';
const ROUNDS = 9;
const TARGETS = {
  one: 100,
  all: 400,
  days: 1500,
  evidence: 100,
  flags: 300,
  analyse: 60_000,
  memory: 300,
} as const;

async function timed<T>(
  work: () => Promise<T> | T,
  rounds = ROUNDS,
): Promise<{ readonly ms: number; readonly result: T }> {
  let result = await work();
  const times: number[] = [];
  for (let i = 0; i < rounds; i += 1) {
    const start = performance.now();
    result = await work();
    times.push(performance.now() - start);
  }
  return { ms: median(times) ?? 0, result };
}

const told = (what: string, ms: number, target: number): string =>
  `${what} ${ms < 10_000 ? `${ms.toFixed(0)} ms` : `${(ms / 1000).toFixed(1)} s`} (${target}: ${ms <= target ? 'met' : 'MISSED'})`;

const EVERYTHING = { from: null, to: null, material: null, form: null };

/** Cells of students, which flags are worked out from, as gradings leave them. */
const fillCells = (db: Database): Promise<unknown> =>
  db.transaction(async (tx) => {
    await tx.query('set local session_replication_role = replica');
    await tx.query(
      `insert into cell_student (ws, section, sitting, student, truth, named, answer, looks)
       select ws, section, sitting, student, truth, named, answer, count(*) from look where ws = $1
       group by ws, section, sitting, student, truth, named, answer`,
      [WS],
    );
  });

const classesOf = async (db: Database): Promise<readonly string[]> =>
  (await db.query<{ id: string }>(`select id from section where name like 'Class %' order by name`)).map(
    (s) => s.id,
  );

/** A pair of many students, counted by today's form and by the plain one. */
interface Counted {
  readonly truth: string;
  readonly answer: string;
  readonly k: number;
  readonly n: number;
}
type Plain = (db: Database, ws: string, section: string) => Promise<{ readonly pairs: readonly PlainPair[] }>;
interface PlainPair {
  readonly truth: { readonly id: string };
  readonly answer: { readonly id: string };
  readonly k: number;
  readonly n: number;
}
const countedBy = (pairs: readonly PlainPair[]): ReadonlyMap<string, Counted> =>
  new Map(
    pairs.map((p) => [
      `${p.truth.id}/${p.answer.id}`,
      { truth: p.truth.id, answer: p.answer.id, k: p.k, n: p.n },
    ]),
  );

/** The board of one class as an earlier version makes it, in a database of its own with that class alone. */
async function measurePlain(now: readonly PlainPair[]): Promise<string> {
  const plain = plainTree(PLAIN_COMMIT);
  const data = mkdtempSync(join(tmpdir(), 'hurrow-bench-'));
  const of = (path: string): string => pathToFileURL(join(plain.root, path)).href;
  try {
    const old = {
      db: (await import(of('server/src/db/index.ts'))) as {
        openPglite: typeof openPglite;
        migrate: typeof migrate;
      },
      server: (await import(of('server/src/index.ts'))) as { fill: typeof fill },
      testing: (await import(of('server/src/testing/index.ts'))) as { fixture: typeof fixture },
      read: (await import(of('server/src/mixups/read.ts'))) as { readMixUps: Plain },
    };
    const db = await old.db.openPglite(data);
    await old.db.migrate(db);
    await old.server.fill(db, old.testing.fixture());
    await fillLooks(db, { ...MILLION, sections: 1 });
    const [section = ''] = await classesOf(db);
    const found = await timed(() => old.read.readMixUps(db, WS, section), 1);
    await db.close();
    const [before, after] = [countedBy(found.result.pairs), countedBy(now)];
    const other = [...before].filter(
      ([pair, p]) => after.get(pair)?.k !== p.k || after.get(pair)?.n !== p.n,
    ).length;
    return `the plain form at ${PLAIN_COMMIT} makes the board of that class in ${(found.ms / 1000).toFixed(1)} s, from it alone; ${other} of ${before.size} pairs differ`;
  } finally {
    plain.remove();
    rmSync(data, { recursive: true, force: true });
  }
}

function flagsOf200(): number {
  const names = Array.from({ length: 200 }, (_, i) => `s${i}`);
  const exposures = new Map(names.map((n) => [n, new Map([[8, 25]])]));
  const observed = names.flatMap((truth, i) =>
    [1, 2, 3, 5, 8, 13, 21, 34].map((step, j) => ({
      truth,
      answer: names[(i + step) % 200] ?? '',
      students: j === 0 ? 9 : 1 + (i % 3),
      looks: j === 0 ? 12 : 1 + (i % 3),
    })),
  );
  return testPairs({ exposures, observed }, names, FLAGS).length;
}

function analysed(rows: number): number {
  const lines = ['quiz,date,section,student,station,species,answer'];
  for (let i = 0; i < rows; i += 1) {
    const [quiz, student, station] = [Math.floor(i / 1000), Math.floor((i % 1000) / 40), i % 40];
    const species = (name: number): string => `Abies species${String.fromCharCode(97 + (name % 26))}${name}`;
    const named = (i * 7919) % 100 < 80 ? station : (i * 31) % 100 < 60 ? station + 1 : (i * 17) % 40;
    lines.push(
      `Quiz ${quiz},2026-09-${String((quiz % 28) + 1).padStart(2, '0')},Class ${quiz % 4},${student},${station},${species(station)},${species(named)}`,
    );
  }
  const found = analyse({ responses: lines.join('\n') });
  if (!found.ok) throw new Error('The answers were refused.');
  return found.report.mixups.length;
}

/** Boards over a million graded looks, beside the board of an earlier version in the same run. */
export async function measureMixUps(tell = console.log, beside = true): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'hurrow-bench-'));
  try {
    const db = await openPglite(data);
    await migrate(db);
    await fill(db, fixture());
    await fillLooks(db, MILLION);
    await fillCells(db);
    const counted = performance.now();
    await upgradeSums(db);
    const summing = performance.now() - counted;
    await db.query('analyze');
    const classes = await classesOf(db);
    const [one = ''] = classes;
    const idle = process.memoryUsage().rss;
    const board = (scope: Partial<BoardScope>) => () =>
      readMixUps(db, WS, { sections: [one], ...EVERYTHING, ...scope }).then((r) => ({
        r,
        size: JSON.stringify(r).length,
      }));
    const cut = await timed(board({ material: 'cut' }));
    const whole = await timed(board({}));
    const start = performance.now();
    await board({ sections: classes })();
    const first = performance.now() - start;
    const all = await timed(board({ sections: classes }));
    const days = await timed(board({ sections: classes, from: '2025-10-01', to: '2025-12-15' }), 3);
    const [pair] = whole.result.r.pairs;
    const evidence = await timed(() =>
      readEvidence(db, WS, { sections: [one], ...EVERYTHING }, pair?.truth.id ?? '', pair?.answer.id ?? ''),
    );
    const memory = (process.memoryUsage().rss - idle) / 1e6;
    const flags = await timed(flagsOf200);
    const report = await timed(() => analysed(100_000), 1);
    tell(
      `Mix-ups over ${(MILLION.sections * MILLION.sittings * MILLION.stations * MILLION.students).toLocaleString('en')} looks of ${MILLION.sections} classes and ${MILLION.species} species, counted whole in ${(summing / MILLION.sections).toFixed(0)} ms a class: ` +
        [
          told('board of one class and material', cut.ms, TARGETS.one),
          told('of one class', whole.ms, TARGETS.one),
          `${told('of all classes', all.ms, TARGETS.all)} and ${first.toFixed(0)} ms when none of them has been read`,
          told('of all in eleven weeks', days.ms, TARGETS.days),
          told('evidence of a pair', evidence.ms, TARGETS.evidence),
          told('flags of 200 species', flags.ms, TARGETS.flags),
          told('analyse 100,000 rows', report.ms, TARGETS.analyse),
          `memory ${memory.toFixed(0)} MB above idle (${TARGETS.memory}: ${memory <= TARGETS.memory ? 'met' : 'MISSED'})`,
        ].join(', ') +
        `; a board of all is ${(all.result.size / 1000).toFixed(0)} kB.`,
    );
    await db.close();
    if (beside)
      tell(`Of these, ${await measurePlain(whole.result.r.pairs)}; today ${whole.ms.toFixed(0)} ms.`);
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
}
