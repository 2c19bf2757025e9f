import { afterEach, describe, expect, test } from '@jest/globals';
import { Refused } from './problem.ts';
import { addressOf, request, sendText } from './request.ts';

interface Asked {
  readonly to: string;
  readonly init: RequestInit;
}
const before = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = before;
});

/** A server that answers each request with the next of these. */
function answering(...answers: readonly (Response | Error)[]): readonly Asked[] {
  const asked: Asked[] = [];
  globalThis.fetch = (to, init) => {
    const next = answers[Math.min(asked.length, answers.length - 1)];
    asked.push({ to: String(to), init: init ?? {} });
    return next instanceof Error ? Promise.reject(next) : Promise.resolve((next ?? new Response()).clone());
  };
  return asked;
}
const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
const headersOf = (a: Asked | undefined): Record<string, string> =>
  (a?.init.headers ?? {}) as Record<string, string>;

describe('a request', () => {
  test('goes where the table says, with its names filled in, its query, its body and its version', async () => {
    const asked = answering(json({ version: 4 }));
    const answer = await request('ruleChange', {
      params: { id: 'a/b' },
      body: { quantifier: 'all', who: null, when: [], then: [{ character: 'c', state: 's' }], note: null },
      version: 3,
    });
    expect(answer).toEqual({ version: 4 });
    expect([asked[0]?.to, asked[0]?.init.method, headersOf(asked[0])['If-Match']]).toEqual([
      '/api/rules/a%2Fb',
      'PUT',
      '"3"',
    ]);
    expect(JSON.parse(String(asked[0]?.init.body))).toMatchObject({ quantifier: 'all' });
    expect(addressOf('grades', { params: { id: 'x' }, query: { show: 'look' } })).toBe(
      '/api/sittings/x/grades?show=look',
    );
  });

  test('that is refused throws the problem; one that nobody answers says so', async () => {
    answering(json({ type: 't', title: 'No', status: 409, detail: 'It stands.' }, 409));
    await expect(request('rules')).rejects.toMatchObject({ problem: { status: 409, detail: 'It stands.' } });
    answering(new TypeError('network'));
    const unreached = await request('rules').catch((e: unknown) => e);
    expect(unreached instanceof Refused && unreached.problem.status).toBe(0);
    answering(new Response('<html>', { status: 502 }));
    await expect(request('rules')).rejects.toMatchObject({ problem: { status: 502 } });
  });

  test('answered without a body gives nothing', async () => {
    answering(new Response(null, { status: 204 }));
    expect(await request('ruleRemove', { params: { id: 'x' }, version: 1 })).toBeUndefined();
  });
});

describe('a file that is sent', () => {
  test('again because nobody could be reached carries the key of the first time', async () => {
    const asked = answering(new TypeError('network'), json({ job: 'j' }));
    await expect(sendText('importApply', { kind: 'names', name: 'A' }, 'text')).rejects.toBeInstanceOf(
      Refused,
    );
    expect(await sendText('importApply', { kind: 'names', name: 'A' }, 'text')).toEqual({ job: 'j' });
    const keys = asked.map((a) => headersOf(a)['Idempotency-Key']);
    expect(keys[0]?.length).toBeGreaterThan(8);
    expect(keys[1]).toBe(keys[0]);
    await sendText('importApply', { kind: 'names', name: 'A' }, 'another text');
    expect(headersOf(asked[2])['Idempotency-Key']).not.toBe(keys[0]);
  });
});
