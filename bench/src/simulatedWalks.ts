import { seeded } from '@hurrow/core/numbers';
import type { SentAnswer, WalkSitting } from '@hurrow/contract';
import type { BatchReceipt } from '@hurrow/contract';
import type { Client } from '@hurrow/server/testing';
import { walkController } from '@hurrow/web/walk/engine';
import type { KeptAnswer, WalkController, WalkServer, WalkStore } from '@hurrow/web/walk/engine';

/** What one student wrote, kept outside the application: the truth the application is counted against. */
export interface Written {
  readonly student: string;
  readonly ask: string;
  readonly typed: string;
}
export type Ledger = Map<string, Written>;

/** Something wrong on purpose between a phone and the server, to see that it is noticed. */
export type Fault = 'none' | 'acknowledgment dropped' | 'batch doubled' | 'students swapped';

/** A phone’s storage, shared by the pages that are opened on it. */
function phoneStorage(): WalkStore {
  const answers = new Map<string, KeptAnswer>();
  const drafts = new Map<string, { owner: string; ask: string; text: string }>();
  let sitting: WalkSitting | null = null;
  const now = <T>(value: T): Promise<T> => Promise.resolve(value);
  return {
    keepAnswer: (a) => now(void answers.set(a.id, a)),
    answers: (owner) =>
      now([...answers.values()].filter((a) => a.owner === owner).sort((a, b) => a.seq - b.seq)),
    mark: (ids, { sent, refused }) => {
      for (const id of ids) {
        const a = answers.get(id);
        const why = refused?.get(id);
        if (a) answers.set(id, { ...a, sent, ...(why ? { refused: why } : {}) });
      }
      return now(undefined);
    },
    keepDraft: (owner, ask, text) => now(void drafts.set(`${owner}/${ask}`, { owner, ask, text })),
    dropDraft: (owner, ask) => now(void drafts.delete(`${owner}/${ask}`)),
    drafts: (owner) =>
      now(new Map([...drafts.values()].filter((d) => d.owner === owner).map((d) => [d.ask, d.text]))),
    keepSitting: (s) => now(void (sitting = s)),
    sitting: () => now(sitting),
    forget: () => now(undefined),
  };
}

const gone = (): Error => Object.assign(new Error('lost'), { lost: true });

/** The server over a network that loses requests and answers. */
function overBadNetwork(
  http: () => Client,
  random: () => number,
  loss: () => number,
  fault: { kind: Fault },
  other: () => Client,
): WalkServer {
  const lose = (): void => {
    if (random() < loss()) throw gone();
  };
  const ask = async <T>(method: string, path: string, body?: unknown, by: Client = http()): Promise<T> => {
    lose();
    const answer = await by.call<T>(method, path, body);
    lose();
    if (answer.status >= 400)
      throw Object.assign(new Error(`status ${answer.status}`), { status: answer.status });
    return answer.body;
  };
  const named = (path: string, sitting: string | null): string =>
    sitting === null ? path : `${path}?sitting=${sitting}`;
  const post = (sitting: string, answers: readonly SentAnswer[], by?: Client): Promise<BatchReceipt> =>
    ask<BatchReceipt>('POST', named('/api/walk/answers', sitting), { answers }, by);
  return {
    read: (sitting) => ask<WalkSitting>('GET', named('/api/walk/sitting', sitting)),
    send: async (sitting, answers) => {
      const { kind } = fault;
      fault.kind = 'none';
      if (kind === 'acknowledgment dropped') {
        // The phone is told that all is well, and nothing was sent.
        return { accepted: answers.map((a) => a.id), refused: [], otherDevices: 0 };
      }
      if (kind === 'students swapped') return post(sitting, answers, other());
      if (kind === 'batch doubled') {
        const again = answers.map((a, i) => ({ ...a, id: a.id.replace(/^.{8}/, (8e7 + i).toString()) }));
        await post(sitting, again);
      }
      return post(sitting, answers);
    },
    submit: (sitting) => ask('POST', named('/api/walk/submit', sitting)),
    unsubmit: (sitting) => ask('DELETE', named('/api/walk/submit', sitting)),
    leave: () => Promise.resolve(),
    failure: (error) => {
      const { status, lost } = error as { status?: number; lost?: boolean };
      if (status === 401) return { why: 'signed_out', retryAfterMs: 0 };
      return {
        why: lost === true || status === 503 || status === 429 ? 'unreached' : 'other',
        retryAfterMs: 0,
      };
    },
  };
}

export interface WalkOptions {
  readonly seed: number;
  readonly student: string;
  readonly code: string;
  readonly newId: () => string;
  readonly newPhone: () => Client;
  /** A phone of another student, for the fault that swaps two. */
  readonly other: () => Client;
  readonly fault: Fault;
  readonly ledger: Ledger;
  /** Restarts the server, as a crash would. */
  readonly crash: () => Promise<void>;
}

const STEPS = 14;

/**
 * One student’s walk as it may go: requests and answers lost, pages reloaded, the server restarted, the clock of the
 * phone set back, a second phone. Every answer given is written into the ledger as it is given.
 * @throws where the walk cannot be brought to its end at all.
 */
export async function simulateWalk(o: WalkOptions): Promise<void> {
  const random = seeded(o.seed);
  let losing = 0.3;
  let clock = Date.parse('2026-10-01T18:00:00Z');
  let http = o.newPhone();
  const fault = { kind: 'none' as Fault };
  const word = `word ${o.student} x`;
  const join = async (phone: Client): Promise<void> => {
    const { status } = await phone.call('POST', '/api/walk/join', { code: o.code, student: o.student, word });
    if (status !== 201) throw new Error(`Number ${o.student} could not join: ${status}`);
  };
  const open = (store: WalkStore, by: () => Client): WalkController =>
    walkController({
      store,
      server: overBadNetwork(by, random, () => losing, fault, o.other),
      newId: o.newId,
      now: () => new Date(clock).toISOString(),
      after: () => () => undefined,
      random,
    });
  await join(http);
  let store = phoneStorage();
  let walk = open(store, () => http);
  const settle = async (w: WalkController): Promise<void> => {
    const before = losing;
    losing = 0;
    await w.refresh();
    losing = before;
  };
  await settle(walk);
  const abandoned: WalkController[] = [];
  /** Answers a question and writes it into the ledger under the id the phone gave it. */
  const answerOnce = async (step: number): Promise<void> => {
    const asks = (walk.state().sitting?.stations ?? []).flatMap((s) =>
      s.asks.filter((a) => a.kind === 'common'),
    );
    const ask = asks[Math.floor(random() * asks.length)];
    if (!ask) throw new Error('The walk has no question');
    const typed = `${o.student} wrote ${step} of ${o.seed}`;
    const { seq } = walk.state();
    await walk.answer(ask.id, { typed });
    const owner = `${walk.state().sitting?.sitting ?? ''}/${o.student}`;
    const mine = (await store.answers(owner)).find((a) => a.seq >= seq && a.typed === typed);
    if (!mine) throw new Error('The phone kept nothing');
    o.ledger.set(mine.id, { student: o.student, ask: ask.id, typed });
  };
  for (let step = 0; step < STEPS; step += 1) {
    await answerOnce(step);
    const dice = random();
    if (dice < 0.12) walk = open(store, () => http);
    if (dice < 0.12) await walk.refresh();
    else if (dice < 0.2) clock -= 3_600_000 * 30 * random();
    else if (dice < 0.24) await o.crash();
    else if (dice < 0.3) {
      // A second phone goes on; the first is put away with what it still holds, and revives at the end.
      abandoned.push(walk);
      const second = o.newPhone();
      http = second;
      await join(second);
      store = phoneStorage();
      walk = open(store, () => second);
      await settle(walk);
    } else clock += 60_000;
  }
  losing = 0;
  for (const w of [...abandoned, walk]) {
    await w.refresh();
    await w.tryAgain();
    if (w.state().waiting.size > 0)
      throw new Error(`${w.state().waiting.size} answers of ${o.student} still wait`);
  }
  if (o.fault === 'none') return;
  // After the end, where no later reading of the server can mend it.
  fault.kind = o.fault;
  await answerOnce(STEPS);
  if (o.fault === 'students swapped') await walk.refresh();
}

export interface Count {
  readonly walks: number;
  readonly written: number;
  readonly lost: readonly string[];
  readonly doubled: readonly string[];
  readonly swapped: readonly string[];
  readonly strange: readonly string[];
  /** Answers kept for a decision, each of them listed. */
  readonly conflicts: number;
}

export interface Stored {
  readonly id: string;
  readonly student: string;
  readonly typed: string | null;
}

/** Counts what the application has against the ledger. */
export function countAgainst(
  ledger: Ledger,
  stored: readonly Stored[],
  conflicts: readonly { readonly id: string }[],
  walks: number,
): Count {
  const ids = new Map<string, number>();
  const texts = new Map<string, number>();
  for (const s of stored) {
    ids.set(s.id, (ids.get(s.id) ?? 0) + 1);
    texts.set(s.typed ?? '', (texts.get(s.typed ?? '') ?? 0) + 1);
  }
  const kept = new Set(conflicts.map((c) => c.id));
  return {
    walks,
    written: ledger.size,
    lost: [...ledger.keys()].filter((id) => !ids.has(id) && !kept.has(id)),
    doubled: [...texts].filter(([, n]) => n > 1).map(([text]) => text),
    swapped: stored
      .filter((s) => ledger.has(s.id) && ledger.get(s.id)?.student !== s.student)
      .map((s) => s.id),
    strange: stored.filter((s) => !ledger.has(s.id)).map((s) => s.id),
    conflicts: kept.size,
  };
}
