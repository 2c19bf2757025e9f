import { performance } from 'node:perf_hooks';
import type { Grades, SittingDetail } from '@hurrow/contract';
import { client, id } from '@hurrow/server/testing';
import type { Client } from '@hurrow/server/testing';
import { percentile } from './phonesPlan.ts';
import type { ServerProcess } from './serverProcess.ts';

/** The open sitting that phones answer, with the numbers of its students. */
export interface OpenSitting {
  readonly code: string;
  readonly sitting: string;
  readonly students: readonly string[];
}

/** What was asked for. @throws where it was refused. */
export const must = async <T>(asked: Promise<{ status: number; body: T }>): Promise<T> => {
  const { status, body } = await asked;
  if (status >= 300) throw new Error(`Refused with ${status} ${JSON.stringify(body)}`);
  return body;
};

export const ms = (n: number): string => `${n.toFixed(0)} ms`;

/** What happens once the sitting is closed, in milliseconds. */
export interface After {
  readonly grading: number;
  /** How long the server's event loop was held up at most while it graded. */
  readonly gradingDelay: number;
  /** Deciding about a name that few wrote at a station, and about one that nearly all there wrote, at the median. */
  readonly decisions: Readonly<Record<Spread, Decided>>;
  /** A results page of one student, at the median. */
  readonly results: number;
}

type Spread = 'few' | 'most';

interface Decided {
  readonly ms: number;
  /** How many had written the name, at the median. */
  readonly answers: number;
}

/** A text that waits for a decision. */
interface Waiting {
  readonly typed: string;
  /** How many wrote it. */
  readonly answers: number;
}

const RESULTS = 20;
const DECISIONS = 7;

/** Texts that a person should see with how many wrote each: those of fewer than half of the students, and the others. */
async function waitingNames(
  owner: Client,
  open: OpenSitting,
): Promise<Readonly<Record<Spread, readonly Waiting[]>>> {
  const { rows } = await must(owner.call<Grades>('GET', `/api/sittings/${open.sitting}/grades`));
  const counts = new Map<string, number>();
  for (const { typed, outcome } of rows)
    if (outcome === 'unlisted' || outcome === 'misspelled') counts.set(typed, (counts.get(typed) ?? 0) + 1);
  const waiting = [...counts].map(([typed, answers]) => ({ typed, answers }));
  const isFew = ({ answers }: Waiting): boolean => answers * 2 < open.students.length;
  return { few: waiting.filter(isFew), most: waiting.filter((w) => !isFew(w)) };
}

/** Decides about some names, one after the other. @throws where fewer wait. */
async function timeDecisions(owner: Client, open: OpenSitting, names: readonly Waiting[]): Promise<Decided> {
  if (names.length < DECISIONS) throw new Error(`Only ${names.length} names wait for a decision`);
  const decided = names.slice(0, DECISIONS);
  const times: number[] = [];
  for (const { typed } of decided) {
    const start = performance.now();
    await must(
      owner.call('PUT', `/api/sittings/${open.sitting}/name-rulings`, {
        typed,
        taxon: id('grandis'),
        outcome: 'exact',
      }),
    );
    times.push(performance.now() - start);
  }
  return {
    ms: percentile(times, 0.5),
    answers: percentile(
      decided.map((w) => w.answers),
      0.5,
    ),
  };
}

/** Closes, grades, decides some names and returns, then times the results page of some of the students. */
export async function timeAfter(server: ServerProcess, owner: Client, open: OpenSitting): Promise<After> {
  const to = async (state: string): Promise<void> => {
    const { version } = await must(owner.call<SittingDetail>('GET', `/api/sittings/${open.sitting}`));
    await must(owner.call('POST', `/api/sittings/${open.sitting}/state`, { to: state }, { version }));
  };
  await to('closed');
  await server.delay();
  const began = performance.now();
  await must(owner.call('POST', `/api/sittings/${open.sitting}/grading-runs`));
  const grading = performance.now() - began;
  const gradingDelay = (await server.delay()).maxMs;
  const waiting = await waitingNames(owner, open);
  const decisions = {
    few: await timeDecisions(owner, open, waiting.few),
    most: await timeDecisions(owner, open, waiting.most),
  };
  await to('returned');
  const times: number[] = [];
  for (let i = 0; i < RESULTS; i += 1) {
    const student = open.students[i % open.students.length] ?? '';
    const phone = client(server.base);
    const word = `word of ${student}`;
    await must(phone.call('POST', '/api/walk/join', { code: open.code, student, word, ask: false }));
    const start = performance.now();
    await must(phone.call('GET', '/api/walk/results'));
    times.push(performance.now() - start);
  }
  return { grading, gradingDelay, decisions, results: percentile(times, 0.5) };
}

const decidedLine = ({ ms: took, answers }: Decided): string =>
  `a decision about a name that ${answers} wrote ${ms(took)}`;

export const afterLine = ({ grading, gradingDelay, decisions, results }: After): string =>
  `grading ${ms(grading)} with the main loop held up at most ${ms(gradingDelay)}, ${decidedLine(decisions.few)} and ` +
  `${decidedLine(decisions.most)} (medians of ${DECISIONS}), a results page ${ms(results)} (median of ${RESULTS})`;
