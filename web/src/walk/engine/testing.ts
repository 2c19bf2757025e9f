import { taggedValue } from '@hurrow/core/answers';
import type { BatchReceipt, KnownAnswer, SentAnswer, WalkSitting } from '@hurrow/contract';
import { walkController } from './controller.ts';
import type { KeptAnswer, WalkController, WalkServer, WalkStore } from './index.ts';

/** A phone's store in memory that can refuse, as a private window or a full phone does. */
export function memoryStore(): WalkStore & {
  refuse: (refuses: boolean) => void;
  readonly all: () => readonly KeptAnswer[];
} {
  const answers = new Map<string, KeptAnswer>();
  const drafts = new Map<string, { owner: string; ask: string; text: string }>();
  let sitting: WalkSitting | null = null;
  let refuses = false;
  const may = async <T>(fn: () => T): Promise<T> => {
    await Promise.resolve();
    if (refuses) throw new DOMException('no room', 'QuotaExceededError');
    return fn();
  };
  return {
    refuse: (r) => (refuses = r),
    all: () => [...answers.values()],
    keepAnswer: (a) => may(() => void answers.set(a.id, a)),
    answers: (owner) =>
      may(() => [...answers.values()].filter((a) => a.owner === owner).sort((a, b) => a.seq - b.seq)),
    mark: (ids, { sent, refused }) =>
      may(() => {
        for (const id of ids) {
          const a = answers.get(id);
          const why = refused?.get(id);
          if (a) answers.set(id, { ...a, sent, ...(why ? { refused: why } : {}) });
        }
      }),
    keepDraft: (owner, ask, text) => may(() => void drafts.set(`${owner}/${ask}`, { owner, ask, text })),
    dropDraft: (owner, ask) => may(() => void drafts.delete(`${owner}/${ask}`)),
    drafts: (owner) =>
      may(() => new Map([...drafts.values()].filter((d) => d.owner === owner).map((d) => [d.ask, d.text]))),
    keepSitting: (s) => may(() => void (sitting = s)),
    sitting: () => may(() => sitting),
    forget: (owner) =>
      may(() => {
        for (const [id, a] of answers) if (a.owner === owner) answers.delete(id);
        for (const [key, d] of drafts) if (d.owner === owner) drafts.delete(key);
        sitting = null;
      }),
  };
}

export const SITTING: WalkSitting = {
  sitting: 's',
  otherDevices: [],
  quiz: 'Field quiz',
  on: '2026-10-01',
  student: '101',
  state: 'open',
  submitted: false,
  box: 'cannot_tell',
  stations: [
    {
      id: 'st',
      number: 1,
      material: [],
      handling: [],
      distance: '',
      cautions: [],
      drawn: [],
      clues: [],
      asks: [
        { id: 'name', kind: 'common', points: 2 },
        { id: 'sure', kind: 'sureness', points: 0 },
      ],
    },
  ],
  answers: [],
};

type Mood = 'well' | 'away' | 'signed out' | 'busy';

/** A server in memory that knows what it acknowledged, and can be away, put back or refuse. */
export function memoryServer() {
  const stored = new Map<string, SentAnswer>();
  /** Which sitting each answer was sent to. */
  const sentTo = new Map<string, string>();
  const batches: number[] = [];
  const state: {
    mood: Mood;
    joined: boolean;
    others: string[];
    submitted: number;
    refuse: Set<string>;
    breakAfter: number;
    /** The sitting joined last. */
    newest: string;
    /** Sittings that staff ended this phone in. */
    ended: Set<string>;
  } = {
    mood: 'well',
    joined: true,
    others: [],
    submitted: 0,
    refuse: new Set(),
    breakAfter: Infinity,
    newest: SITTING.sitting,
    ended: new Set(),
  };
  const reach = async (): Promise<void> => {
    await Promise.resolve();
    if (state.mood === 'away' || batches.length >= state.breakAfter) throw new Error('away');
    if (state.mood === 'busy') throw new Error('busy');
    if (state.mood === 'signed out' || !state.joined) throw new Error('signed out');
  };
  const known = (sitting: string): KnownAnswer[] => {
    const latest = new Map<string, SentAnswer>();
    for (const a of stored.values())
      if (sentTo.get(a.id) === sitting && (latest.get(a.ask)?.seq ?? 0) < a.seq) latest.set(a.ask, a);
    return [...latest.values()].map((a) => ({
      id: a.id,
      ask: a.ask,
      seq: a.seq,
      at: a.at,
      value: a.value ?? taggedValue(a),
      waits: null,
    }));
  };
  const server: WalkServer = {
    read: async (sitting) => {
      await reach();
      const at = sitting ?? state.newest;
      if (state.ended.has(at)) throw new Error('signed out');
      return {
        ...SITTING,
        sitting: at,
        otherDevices: state.others,
        submitted: state.submitted > 0,
        answers: known(at),
      };
    },
    send: async (sitting, answers): Promise<BatchReceipt> => {
      await reach();
      batches.push(answers.length);
      for (const a of answers) sentTo.set(a.id, sitting);
      const bad = answers.flatMap((a, at) => (state.refuse.has(a.ask) ? [{ a, at }] : []));
      for (const a of answers) if (!state.refuse.has(a.ask)) stored.set(a.id, a);
      return {
        accepted: answers.filter((a) => !state.refuse.has(a.ask)).map((a) => a.id),
        refused: bad.map(({ a, at }) => ({
          id: a.id,
          at,
          why: 'no such choice',
          remedy: 'choose again',
          kept: false,
        })),
        otherDevices: state.others.length,
      };
    },
    submit: async () => {
      await reach();
      state.submitted += 1;
    },
    unsubmit: async () => {
      await reach();
      state.submitted = 0;
    },
    leave: reach,
    failure: (error) => {
      const { message } = error as Error;
      if (message === 'signed out') return { why: 'signed_out', retryAfterMs: 0 };
      return {
        why: message === 'away' || message === 'busy' ? 'unreached' : 'other',
        retryAfterMs: message === 'busy' ? 7000 : 0,
      };
    },
  };
  return { server, stored, sentTo, batches, state };
}

/** A phone with its store, its server and a clock that goes on by a second at each look. */
export function phone(store = memoryStore(), at = memoryServer()) {
  let made = 0;
  let ticks = 0;
  let waiting: { ms: number; fn: () => void } | null = null;
  const open = (): WalkController =>
    walkController({
      store,
      server: at.server,
      newId: () => `id-${(made += 1)}`,
      now: () => new Date(Date.UTC(2026, 9, 1, 18) + (ticks += 1) * 1000).toISOString(),
      after: (ms, fn) => {
        const w = { ms, fn };
        waiting = w;
        return () => {
          if (waiting === w) waiting = null;
        };
      },
      random: () => 0.5,
    });
  return {
    store,
    at,
    walk: open(),
    /** The page is closed and opened again: what was in memory is gone. */
    reopen: open,
    waits: () => waiting?.ms ?? null,
    /** Lets the wait pass. */
    pass: async (): Promise<void> => {
      const w = waiting;
      waiting = null;
      w?.fn();
      for (let i = 0; i < 50; i += 1) await Promise.resolve();
    },
  };
}
