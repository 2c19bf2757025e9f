import { fork } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PGlite } from '@electric-sql/pglite';
import type { Section, SittingDetail, Station, TreeRow } from '@hurrow/contract';
import { PASSPHRASES, client, id } from '@hurrow/server/testing';
import type { Client } from '@hurrow/server/testing';
import { ROOT, plainTree } from './plain.ts';
import { afterLine, ms, must, timeAfter } from './phonesAfter.ts';
import type { After, OpenSitting } from './phonesAfter.ts';
import { percentile } from './phonesPlan.ts';
import type { PhonesPlan, PhonesReport } from './phonesPlan.ts';
import { startServer } from './serverProcess.ts';
import type { ServerProcess } from './serverProcess.ts';

const STATIONS = 30;
const SECONDS = 60;
/** A form that does not keep up is given up after this long. */
const MOST_SECONDS = 240;
const GENERATOR = fileURLToPath(new URL('./phonesGenerator.ts', import.meta.url));
const TARGETS = { batch: 500, join: 1000, delay: 50, results: 50, grading: 3000, decision: 300 } as const;

/** A section of many students, a quiz of thirty stations with three questions each, and its open sitting. */
async function setUp(owner: Client, phones: number): Promise<OpenSitting> {
  const students = Array.from({ length: phones }, (_, i) => String(1000 + i));
  const section = await must(
    owner.call<Section>('POST', '/api/sections', {
      name: 'Whole year',
      term: 'fall',
      list: id('list'),
      site: id('site'),
      students: students.map((code) => ({ code })),
    }),
  );
  const quiz = await must(
    owner.call<{ id: string }>('POST', '/api/quizzes', { name: 'Long walk', list: id('list') }),
  );
  const taxa = ['grandis', 'lasiocarpa', 'flexilis'];
  for (let i = 0; i < STATIONS; i += 1) {
    const tree = await must(
      owner.call<TreeRow>('POST', '/api/trees', {
        site: id('site'),
        tag: `Long ${i + 1}`,
        taxon: id(taxa[i % taxa.length] ?? ''),
        reach: {},
      }),
    );
    await must(
      owner.call<Station>('POST', `/api/quizzes/${quiz.id}/stations`, {
        individual: tree.id,
        asks: [
          { kind: 'call', character: 'needle.bands', points: 1 },
          { kind: 'common', character: null, points: 2 },
          { kind: 'sureness', character: null, points: 0 },
        ],
      }),
    );
  }
  const made = await must(
    owner.call<SittingDetail>('POST', `/api/quizzes/${quiz.id}/sittings`, {
      section: section.id,
      on: '2026-10-01',
      handling: ['look', 'lens', 'touch'],
    }),
  );
  const opened = await must(
    owner.call<{ code: string }>(
      'POST',
      `/api/sittings/${made.id}/state`,
      { to: 'open' },
      { version: made.version },
    ),
  );
  return { code: opened.code, sitting: made.id, students };
}

interface Played {
  readonly report: PhonesReport;
  /** How long the server's event loop was held up at most, while joining and while answering. */
  readonly joining: number;
  readonly answering: number;
}

/** Plays a plan in a process of its own. */
function play(plan: PhonesPlan, server: ServerProcess): Promise<Played> {
  const child = fork(GENERATOR, { execArgv: ['--import', 'tsx'] });
  return new Promise((resolve, reject) => {
    let joining = Promise.resolve({ maxMs: 0 });
    child.on('message', (m) => {
      if (m === 'joined') joining = server.delay();
      else
        void Promise.all([joining, server.delay()]).then(([j, a]) =>
          resolve({ report: m as PhonesReport, joining: j.maxMs, answering: a.maxMs }),
        );
    });
    child.on('error', reject);
    child.on('exit', (code) =>
      code === 0 ? undefined : reject(new Error(`The phones ended with ${String(code)}`)),
    );
    child.send(plan);
  });
}

/** Ids of the answers that are stored, read from the folder once nobody has it open. */
async function storedIn(data: string): Promise<readonly string[]> {
  const db = await PGlite.create({ dataDir: join(data, 'database') });
  const { rows } = await db.query<{ id: string }>(`select id from response where origin = 'phone'`);
  await db.close();
  return rows.map((r) => r.id);
}

export interface Measured {
  readonly played: Played;
  /** Acknowledged answers that are not stored, and answers stored twice. */
  readonly lost: number;
  readonly doubled: number;
  readonly after: After | null;
}

async function measure(root: string, phones: number, withResults: boolean): Promise<Measured> {
  const data = mkdtempSync(join(tmpdir(), 'hurrow-phones-'));
  const server = await startServer(root, data);
  const owner = client(server.base);
  let after: After | null = null;
  let played: Played;
  try {
    await owner.call('POST', '/api/session', { name: 'Ilse Varn', passphrase: PASSPHRASES.owner });
    const set = await setUp(owner, phones);
    await server.delay();
    played = await play(
      {
        base: server.base,
        code: set.code,
        students: set.students,
        joinSeconds: SECONDS,
        answerSeconds: SECONDS,
        mostSeconds: MOST_SECONDS,
        seed: 7,
      },
      server,
    );
    if (withResults) after = await timeAfter(server, owner, set);
  } finally {
    await server.stop();
  }
  const stored = await storedIn(data);
  rmSync(data, { recursive: true, force: true });
  const there = new Set(stored);
  return {
    played,
    lost: played.report.acknowledged.filter((a) => !there.has(a)).length,
    doubled: stored.length - there.size,
    after,
  };
}

function line({ played, lost, doubled, after }: Measured): string {
  const { report, joining, answering } = played;
  const p = (all: readonly number[]): string => ms(percentile(all, 0.95));
  return (
    `${report.acknowledged.length} of ${report.planned} acknowledged in ${report.seconds.toFixed(0)} s, ${lost} lost, ${doubled} doubled; ` +
    `p95 of a batch ${p(report.batches)}, of joining ${p(report.joins)}, of loading the walk ${p(report.loads)}; ` +
    `main loop held up at most ${ms(joining)} while joining, ${ms(answering)} while answering; ${report.again} requests tried again` +
    (after ? `; ${afterLine(after)}` : '')
  );
}

/** What was missed of the targets, in words. */
function missed({ played: { report, answering }, lost, doubled, after }: Measured): readonly string[] {
  return [
    percentile(report.batches, 0.95) > TARGETS.batch ? 'batch' : '',
    percentile(report.joins, 0.95) > TARGETS.join ? 'joining' : '',
    percentile(report.loads, 0.95) > TARGETS.join ? 'loading' : '',
    answering > TARGETS.delay ? 'main loop' : '',
    after && after.results > TARGETS.results ? 'results page' : '',
    after && after.grading > TARGETS.grading ? 'grading' : '',
    after && after.gradingDelay > TARGETS.delay ? 'main loop while grading' : '',
    after && after.decisions.few.ms > TARGETS.decision ? 'decision about a name of few' : '',
    after && after.decisions.most.ms > TARGETS.decision ? 'decision about a name of most' : '',
    lost + doubled > 0 ? 'lost or doubled answers' : '',
  ].filter((m) => m !== '');
}

/** Measures the form of an earlier commit, in a tree of its own. */
async function measurePlain(commit: string, phones: number, withResults: boolean): Promise<string> {
  const plain = plainTree(commit);
  try {
    return `Plain form at ${commit}: ${line(await measure(plain.root, phones, withResults))}.`;
  } finally {
    plain.remove();
  }
}

/**
 * Three hundred phones that join within a minute and send thirty stations of three answers within another, beside the
 * plain form of taking answers in (693435a) and of grading (fe2e581).
 * @param tell told line by line as they are measured; the whole takes over ten minutes.
 */
export async function measurePhones(phones = 300, beside = true, tell = console.log): Promise<void> {
  const now = await measure(ROOT, phones, true);
  const off = missed(now);
  const targets =
    `targets: batch under ${TARGETS.batch} ms, joining and loading under ${TARGETS.join} ms, main loop ${TARGETS.delay} ms, ` +
    `results ${TARGETS.results} ms, grading ${TARGETS.grading} ms, a decision ${TARGETS.decision} ms`;
  tell(
    `${phones} phones, ${STATIONS} stations, 3 questions, all in ${SECONDS} s: ${line(now)}; ${targets}` +
      `${off.length > 0 ? `, MISSED: ${off.join(', ')}` : ''}.`,
  );
  if (!beside) return;
  tell(await measurePlain('693435a', phones, false));
  tell(await measurePlain('fe2e581', phones, true));
}
