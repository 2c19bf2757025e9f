import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { START, next, retryDelay } from './index.ts';
import type { KeptAnswer, Phase, WalkEvent, WalkState } from './index.ts';
import { SITTING } from './testing.ts';

const kept = (n: number, more: Partial<KeptAnswer> = {}): KeptAnswer => ({
  id: `a${n}`,
  owner: 's/101',
  ask: `q${n}`,
  seq: n,
  typed: `name ${n}`,
  at: '2026-10-01T18:00:00.000Z',
  sent: false,
  ...more,
});

const loaded = (from: 'phone' | 'server', answers: readonly KeptAnswer[] = []): WalkEvent => ({
  type: 'loaded',
  from,
  sitting: SITTING,
  kept: answers,
  drafts: new Map(),
});
const after = (...events: readonly WalkEvent[]): WalkState => events.reduce(next, START);
const receipt = (
  accepted: readonly string[],
  refused: Extract<WalkEvent, { type: 'receipt' }>['refused'] = [],
): WalkEvent => ({
  type: 'receipt',
  accepted,
  refused,
});

/** A state in each phase. */
const IN: Readonly<Record<Phase, WalkState>> = {
  loading: START,
  nobody: after({ type: 'nothing_here' }),
  ready: after(loaded('server')),
  sending: after(loaded('server'), { type: 'answered', answer: kept(1) }),
  offline: after(
    loaded('server'),
    { type: 'answered', answer: kept(1) },
    { type: 'send_failed', why: 'unreached' },
  ),
  blocked: after(
    loaded('server'),
    { type: 'answered', answer: kept(1) },
    { type: 'keep_failed', answer: kept(1) },
  ),
  signed_out: after(
    loaded('server'),
    { type: 'answered', answer: kept(1) },
    { type: 'send_failed', why: 'signed_out' },
  ),
};

const EVENTS = {
  loaded: loaded('server', [kept(1, { sent: true })]),
  'loaded from the phone': loaded('phone', [kept(1)]),
  'nothing here': { type: 'nothing_here' },
  'read: unreached': { type: 'read_failed', why: 'unreached' },
  'read: signed out': { type: 'read_failed', why: 'signed_out' },
  'read: other': { type: 'read_failed', why: 'other' },
  answered: { type: 'answered', answer: kept(2) },
  kept: { type: 'kept', id: 'a1' },
  'keep failed': { type: 'keep_failed', answer: kept(1) },
  'draft failed': { type: 'draft_failed', ask: 'q9' },
  'draft kept': { type: 'draft_kept', ask: 'q9' },
  'all acknowledged': receipt(['a1']),
  'send: unreached': { type: 'send_failed', why: 'unreached' },
  'send: signed out': { type: 'send_failed', why: 'signed_out' },
  'send: other': { type: 'send_failed', why: 'other' },
  left: { type: 'left' },
} as const satisfies Record<string, WalkEvent>;

/** Every phase after every event, written down by hand from the meaning of the phases. */
const TABLE: Readonly<Record<keyof typeof EVENTS, Readonly<Record<Phase, Phase>>>> = {
  // A server that answers takes the phone out of every state but one that keeps nothing.
  loaded: {
    loading: 'ready',
    nobody: 'ready',
    ready: 'ready',
    sending: 'ready',
    offline: 'ready',
    blocked: 'blocked',
    signed_out: 'ready',
  },
  'loaded from the phone': {
    loading: 'sending',
    nobody: 'sending',
    ready: 'sending',
    sending: 'sending',
    offline: 'offline',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  'nothing here': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'nobody',
    sending: 'nobody',
    offline: 'nobody',
    blocked: 'nobody',
    signed_out: 'nobody',
  },
  'read: unreached': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'offline',
    sending: 'offline',
    offline: 'offline',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  'read: signed out': {
    loading: 'signed_out',
    nobody: 'signed_out',
    ready: 'signed_out',
    sending: 'signed_out',
    offline: 'signed_out',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  'read: other': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'ready',
    sending: 'sending',
    offline: 'sending',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  answered: {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'sending',
    sending: 'sending',
    offline: 'offline',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  kept: {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'ready',
    sending: 'sending',
    offline: 'offline',
    blocked: 'sending',
    signed_out: 'signed_out',
  },
  'keep failed': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'blocked',
    sending: 'blocked',
    offline: 'blocked',
    blocked: 'blocked',
    signed_out: 'blocked',
  },
  'draft failed': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'blocked',
    sending: 'blocked',
    offline: 'blocked',
    blocked: 'blocked',
    signed_out: 'blocked',
  },
  'draft kept': {
    loading: 'loading',
    nobody: 'nobody',
    ready: 'ready',
    sending: 'sending',
    offline: 'offline',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  'all acknowledged': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'ready',
    sending: 'ready',
    offline: 'ready',
    blocked: 'ready',
    signed_out: 'ready',
  },
  'send: unreached': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'offline',
    sending: 'offline',
    offline: 'offline',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  'send: signed out': {
    loading: 'signed_out',
    nobody: 'signed_out',
    ready: 'signed_out',
    sending: 'signed_out',
    offline: 'signed_out',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  'send: other': {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'ready',
    sending: 'sending',
    offline: 'sending',
    blocked: 'blocked',
    signed_out: 'signed_out',
  },
  left: {
    loading: 'nobody',
    nobody: 'nobody',
    ready: 'nobody',
    sending: 'nobody',
    offline: 'nobody',
    blocked: 'nobody',
    signed_out: 'nobody',
  },
};

describe('the phases of a walk', () => {
  test('each example is in its phase', () => {
    for (const [phase, state] of Object.entries(IN)) expect([phase, state.phase]).toEqual([phase, phase]);
  });

  const rows = Object.entries(TABLE).flatMap(([event, row]) =>
    Object.entries(row).map(([from, to]) => [event, from, to] as const),
  );
  test.each(rows)('%s, while %s: %s', (event, from, to) => {
    expect(next(IN[from as Phase], EVENTS[event as keyof typeof EVENTS]).phase).toBe(to);
  });
});

describe('what a student sees of it', () => {
  test('the server’s answers, then what this phone keeps, then what is being typed', () => {
    const s = next(START, {
      type: 'loaded',
      from: 'server',
      sitting: {
        ...SITTING,
        answers: [
          {
            id: 'x',
            ask: 'q1',
            seq: 3,
            value: { kind: 'name', text: 'from the server' },
            at: '2026-10-01T18:00:00.000Z',
            waits: null,
          },
          {
            id: 'y',
            ask: 'q2',
            seq: 4,
            value: { kind: 'name', text: 'from the server' },
            at: '2026-10-01T18:00:00.000Z',
            waits: null,
          },
          {
            id: 'z',
            ask: 'q3',
            seq: 5,
            value: { kind: 'state', state: 'opposite' },
            at: '2026-10-01T18:00:00.000Z',
            waits: null,
          },
        ],
      },
      kept: [kept(2, { typed: 'kept here' })],
      drafts: new Map([['q1', 'being typ']]),
    });
    expect(Object.fromEntries(s.contents)).toEqual({
      q1: { typed: 'being typ' },
      q2: { typed: 'kept here' },
      q3: { state: 'opposite' },
    });
    expect(s.seq).toBe(6);
  });

  test('a refused answer says why until the question is answered again', () => {
    const refused = next(
      IN.sending,
      receipt([], [{ id: 'a1', ask: 'q1', why: 'w', remedy: 'r', kept: true }]),
    );
    expect(refused.refused.get('q1')).toEqual({ why: 'w', remedy: 'r', kept: true });
    expect([refused.phase, refused.waiting.size]).toEqual(['ready', 0]);
    const again = next(refused, { type: 'answered', answer: kept(5, { ask: 'q1' }) });
    expect(again.refused.size).toBe(0);
  });

  test('an answer the phone refuses to keep stays in memory through a reload from the server, and counts as waiting', () => {
    const s = next(IN.blocked, loaded('server'));
    expect([s.phase, s.unsaved.map((u) => u.id), [...s.waiting]]).toEqual(['blocked', ['a1'], ['a1']]);
    expect(s.contents.get('q1')).toEqual({ typed: 'name 1' });
    expect(next(s, receipt(['a1']))).toMatchObject({ phase: 'ready', unsaved: [] });
  });

  test('whatever happens, what waits is what was answered and not acknowledged', () => {
    const event = fc.oneof(
      fc.nat(9).map((n): WalkEvent => ({ type: 'answered', answer: kept(n) })),
      fc.nat(9).map((n): WalkEvent => receipt([`a${n}`])),
      fc.nat(9).map((n): WalkEvent => ({ type: 'keep_failed', answer: kept(n) })),
      fc.nat(9).map((n): WalkEvent => ({ type: 'kept', id: `a${n}` })),
      fc
        .constantFrom('unreached', 'signed_out', 'other')
        .map((why): WalkEvent => ({ type: 'send_failed', why: why as 'other' })),
    );
    fc.assert(
      fc.property(fc.array(event, { maxLength: 40 }), (events) => {
        const waits = new Set<string>();
        let s = IN.ready;
        for (const e of events) {
          s = next(s, e);
          if (e.type === 'answered') waits.add(e.answer.id);
          if (e.type === 'receipt') for (const id of e.accepted) waits.delete(id);
        }
        expect([...s.waiting].sort()).toEqual([...waits].sort());
        if (s.phase === 'ready') expect(waits.size).toBe(0);
      }),
    );
  });
});

describe('waiting before the next try', () => {
  test('doubles to a minute, spread over half to one and a half of it', () => {
    expect([1, 2, 3, 4, 5, 6, 20].map((n) => retryDelay(n, 0.5))).toEqual([
      2000, 4000, 8000, 16000, 32000, 60000, 60000,
    ]);
    expect([retryDelay(1, 0), retryDelay(1, 1)]).toEqual([1000, 3000]);
  });

  test('is at least about what the server asked for', () => {
    expect(retryDelay(1, 0.5, 10_000)).toBe(10_000);
    expect(retryDelay(1, 0, 10_000)).toBe(5000);
  });
});
