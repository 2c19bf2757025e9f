import { Agent, request as httpRequest } from 'node:http';
import { performance } from 'node:perf_hooks';
import { setTimeout as wait } from 'node:timers/promises';
import { v4 } from 'uuid';
import type { SentAnswer, WalkSitting } from '@hurrow/contract';
import { seeded } from '@hurrow/core/numbers';
import type { PhonesPlan, PhonesReport } from './phonesPlan.ts';

// A process of its own that plays phones: it is told a plan, and answers with what they saw.

const MOST_BATCH = 3;
/** Of those at a station one in so many writes its name another way than the rest. */
const ONE_IN = 20;
const AGAIN_MS = 500;
const MOST_TRIES = 240;
const agent = new Agent({ keepAlive: true, maxSockets: Infinity });

interface Reply {
  readonly status: number;
  readonly body: unknown;
  readonly cookie: string | null;
}

function call(
  base: string,
  method: string,
  path: string,
  cookie: string | null,
  body?: unknown,
): Promise<Reply> {
  const text = body === undefined ? null : JSON.stringify(body);
  return new Promise((resolve, reject) => {
    const req = httpRequest(
      base + path,
      {
        method,
        agent,
        headers: {
          Origin: base,
          ...(cookie === null ? {} : { Cookie: cookie }),
          ...(text === null
            ? {}
            : { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(text) }),
        },
      },
      (res) => {
        const parts: Buffer[] = [];
        res.on('data', (d: Buffer) => parts.push(d));
        res.on('end', () => {
          const all = Buffer.concat(parts).toString();
          const set = res.headers['set-cookie']?.map((c) => c.split(';')[0] ?? '').join('; ') ?? null;
          resolve({ status: res.statusCode ?? 0, body: all === '' ? null : JSON.parse(all), cookie: set });
        });
        res.on('error', reject);
      },
    );
    req.on('error', reject);
    req.end(text ?? undefined);
  });
}

const seen = { joins: [] as number[], loads: [] as number[], batches: [] as number[], again: 0 };
const acknowledged: string[] = [];

/** Calls until it goes through, as a phone does; the time goes on counting. */
async function through(wanted: number, make: () => Promise<Reply>): Promise<Reply> {
  for (let tries = 0; ; tries += 1) {
    const reply = await make().catch(() => null);
    if (reply?.status === wanted) return reply;
    // A refusal that never ends is a mistake in the plan.
    if (tries === MOST_TRIES)
      throw new Error(`Refused with ${reply?.status ?? 0}: ${JSON.stringify(reply?.body)}`);
    seen.again += 1;
    await wait(AGAIN_MS);
  }
}

async function join({ base, code }: PhonesPlan, student: string): Promise<string> {
  const body = { code, student, word: `word of ${student}` };
  const reply = await through(201, () => call(base, 'POST', '/api/walk/join', null, body));
  return reply.cookie ?? '';
}

/** The answers of a whole walk in batches of one to three, in the order in which a hand gives them. */
function batchesOf(walk: WalkSitting, random: () => number): SentAnswer[][] {
  let seq = 0;
  const answers = walk.stations.flatMap((s) =>
    s.asks.map((a): SentAnswer => {
      seq += 1;
      const base = { id: v4(), ask: a.id, seq, at: '2026-10-01T18:00:00.000Z' };
      if (a.kind === 'call')
        return { ...base, state: a.call?.states[seq % (a.call.states.length || 1)]?.id ?? '' };
      if (a.kind === 'sureness') return { ...base, sure: 'leaning' };
      return { ...base, typed: `${random() * ONE_IN < 1 ? 'grnd fir' : 'grand fir'} ${seq}` };
    }),
  );
  const batches: SentAnswer[][] = [];
  while (answers.length > 0) batches.push(answers.splice(0, 1 + Math.floor(random() * MOST_BATCH)));
  return batches;
}

interface Phone {
  readonly cookie: string;
  readonly walk: WalkSitting;
}

async function arrive(plan: PhonesPlan, student: string, at: number, start: number): Promise<Phone> {
  await wait(Math.max(0, start + at - performance.now()));
  const cookie = await join(plan, student);
  seen.joins.push(performance.now() - start - at);
  const before = performance.now();
  const reply = await through(200, () => call(plan.base, 'GET', '/api/walk/sitting', cookie));
  seen.loads.push(performance.now() - before);
  return { cookie, walk: reply.body as WalkSitting };
}

/** Sends the batches of one phone one after the other, each not before its planned moment. */
async function answer(plan: PhonesPlan, phone: Phone, random: () => number, start: number): Promise<number> {
  const batches = batchesOf(phone.walk, random);
  const planned = batches.reduce((n, b) => n + b.length, 0);
  const times = batches.map(() => random() * plan.answerSeconds * 1000).sort((a, b) => a - b);
  for (const [i, answers] of batches.entries()) {
    const at = times[i] ?? 0;
    await wait(Math.max(0, start + at - performance.now()));
    if (performance.now() - start > plan.mostSeconds * 1000) break;
    const reply = await through(200, () =>
      call(plan.base, 'POST', '/api/walk/answers', phone.cookie, { answers }),
    );
    seen.batches.push(performance.now() - start - at);
    acknowledged.push(...(reply.body as { accepted: string[] }).accepted);
  }
  return planned;
}

async function play(plan: PhonesPlan): Promise<PhonesReport> {
  const began = performance.now();
  const phones = await Promise.all(
    plan.students.map((s, i) => arrive(plan, s, (i / plan.students.length) * plan.joinSeconds * 1000, began)),
  );
  process.send?.('joined');
  const start = performance.now();
  const sent = await Promise.all(phones.map((p, i) => answer(plan, p, seeded(plan.seed + i + 1), start)));
  return {
    ...seen,
    planned: sent.reduce((a, b) => a + b, 0),
    acknowledged,
    seconds: (performance.now() - start) / 1000,
  };
}

process.on('message', (plan) => {
  void play(plan as PhonesPlan).then((report) => {
    process.send?.(report, () => process.exit(0));
  });
});
