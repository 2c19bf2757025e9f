import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { KnownAnswer, SentAnswer } from '@hurrow/contract';
import { sendAll, unsendUnknown } from './send.ts';
import {
  dropDraft,
  forget,
  keepAnswer,
  keepDraft,
  keepSitting,
  keptAnswers,
  keptDrafts,
  keptSitting,
  markSent,
} from './store.ts';
import type { KeptAnswer } from './store.ts';

/** A server that knows what it acknowledged, and can be unreachable or put back to an earlier state. */
function server() {
  const stored = new Map<string, SentAnswer>();
  const batches: number[] = [];
  let reachable = true;
  let failAfter = Infinity;
  const respond = (status: number, body: unknown): Response =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
  globalThis.fetch = ((_: string, init: RequestInit) => {
    if (!reachable || batches.length >= failAfter) return Promise.reject(new TypeError('no network'));
    const { answers } = JSON.parse(String(init.body)) as { answers: SentAnswer[] };
    batches.push(answers.length);
    const refused = answers.filter(
      (a) => stored.has(a.id) && JSON.stringify(stored.get(a.id)) !== JSON.stringify(a),
    );
    for (const a of answers) if (!stored.has(a.id)) stored.set(a.id, a);
    const accepted = answers.filter((a) => !refused.includes(a)).map((a) => a.id);
    return Promise.resolve(
      respond(200, { accepted, refused: refused.map((a) => ({ id: a.id, why: 'other content' })) }),
    );
  }) as typeof fetch;
  return {
    stored,
    batches,
    goAway: () => {
      reachable = false;
    },
    comeBack: () => {
      reachable = true;
      failAfter = Infinity;
    },
    breakAfter: (n: number) => {
      failAfter = batches.length + n;
    },
    putBackTo: (ids: ReadonlySet<string>) => {
      for (const id of [...stored.keys()]) if (!ids.has(id)) stored.delete(id);
    },
  };
}

const realFetch = globalThis.fetch;
let owner = '';
let made = 0;
beforeEach(() => {
  made += 1;
  owner = `sitting-${made}/101`;
});
afterEach(() => {
  globalThis.fetch = realFetch;
});

const answer = (n: number, ask = `ask-${n}`): KeptAnswer => ({
  id: `${owner}-${n}`,
  owner,
  ask,
  seq: n,
  typed: `name ${n}`,
  at: '2026-10-01T18:00:00.000Z',
  sent: false,
});
const keep = async (n: number, from = 1): Promise<void> => {
  for (let i = from; i < from + n; i += 1) await keepAnswer(answer(i));
};
const waiting = async (): Promise<number> => (await keptAnswers(owner)).filter((a) => !a.sent).length;

describe('sending', () => {
  test('goes oldest first, in batches the server takes, until nothing waits', async () => {
    const s = server();
    await keep(450);
    expect(await sendAll(owner)).toEqual([]);
    expect(s.batches).toEqual([200, 200, 50]);
    expect([...s.stored.values()].map((a) => a.seq)).toEqual(Array.from({ length: 450 }, (_, i) => i + 1));
    expect(await waiting()).toBe(0);
    expect([...s.stored.values()].some((a) => 'owner' in a || 'sent' in a)).toBe(false);
  });

  test('without a network everything stays, and goes when it is back', async () => {
    const s = server();
    s.goAway();
    await keep(5);
    await expect(sendAll(owner)).rejects.toMatchObject({ problem: { status: 0 } });
    expect(await waiting()).toBe(5);
    s.comeBack();
    await sendAll(owner);
    expect(s.stored.size).toBe(5);
  });

  test('a network that breaks between batches loses none and sends none wrongly twice', async () => {
    const s = server();
    await keep(450);
    s.breakAfter(1);
    await expect(sendAll(owner)).rejects.toBeDefined();
    expect(await waiting()).toBe(250);
    s.comeBack();
    await sendAll(owner);
    expect(s.stored.size).toBe(450);
  });

  test('what the server refuses is told and does not hold up the rest', async () => {
    const s = server();
    await keep(2);
    s.stored.set(answer(1).id, { ...answer(1), typed: 'what another said' });
    expect(await sendAll(owner)).toEqual([{ id: answer(1).id, why: 'other content' }]);
    expect(await waiting()).toBe(0);
  });
});

describe('a server put back from an earlier copy', () => {
  const known = (ids: Iterable<string>): KnownAnswer[] =>
    [...ids].map((id) => ({ id, ask: '', seq: 1, typed: null, state: null, sure: null }));

  test('is sent again what it does not know, and only that', async () => {
    const s = server();
    await keep(4);
    await sendAll(owner);
    s.putBackTo(new Set([answer(1).id, answer(2).id]));
    await unsendUnknown(owner, known(s.stored.keys()));
    expect(await waiting()).toBe(2);
    await sendAll(owner);
    expect(s.stored.size).toBe(4);
  });

  test('an earlier answer to an ask that was changed since is not missed', async () => {
    const s = server();
    await keepAnswer(answer(1, 'one ask'));
    await keepAnswer(answer(2, 'one ask'));
    await sendAll(owner);
    await unsendUnknown(owner, known([answer(2).id]));
    expect(await waiting()).toBe(0);
    expect(s.stored.size).toBe(2);
  });

  test('whatever is lost and whenever the network breaks, in the end the server has every answer', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 30 }),
        fc.array(fc.nat(29), { maxLength: 30 }),
        fc.boolean(),
        async (count, survivors, breaks) => {
          made += 1;
          owner = `sitting-${made}/101`;
          const s = server();
          await keep(count);
          if (breaks) {
            s.breakAfter(0);
            await sendAll(owner).catch(() => undefined);
            s.comeBack();
          }
          await sendAll(owner);
          s.putBackTo(new Set(survivors.map((n) => answer(n + 1).id)));
          await unsendUnknown(owner, known(s.stored.keys()));
          await sendAll(owner);
          expect(new Set(s.stored.keys())).toEqual(new Set((await keptAnswers(owner)).map((a) => a.id)));
          expect(s.stored.size).toBe(count);
        },
      ),
      { numRuns: 20 },
    );
  });
});

describe('what the phone keeps', () => {
  test('drafts are kept letter by letter and dropped once they are answers', async () => {
    await keepDraft(owner, 'ask', 'sub');
    await keepDraft(owner, 'ask', 'suba');
    expect(await keptDrafts(owner)).toEqual(new Map([['ask', 'suba']]));
    await dropDraft(owner, 'ask');
    expect((await keptDrafts(owner)).size).toBe(0);
  });

  test('one student’s answers are not another’s, and leaving forgets one’s own alone', async () => {
    await keep(2);
    const first = owner;
    owner = `${first}-other`;
    await keepAnswer({ ...answer(9), id: `${owner}-9` });
    await markSent([`${owner}-9`], true);
    expect((await keptAnswers(owner)).map((a) => a.sent)).toEqual([true]);
    await keepSitting({
      sitting: 's',
      quiz: 'q',
      on: '2026-10-01',
      student: '101',
      state: 'open',
      submitted: false,
      stations: [],
      answers: [],
    });
    expect((await keptSitting())?.student).toBe('101');
    await forget(first);
    expect(await keptAnswers(first)).toEqual([]);
    expect(await keptAnswers(owner)).toHaveLength(1);
    expect(await keptSitting()).toBeNull();
  });
});
