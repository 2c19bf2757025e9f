import type { WalkSitting } from '@hurrow/contract';
import { contentFrom, contentOf, ownerOf } from './kept.ts';
import type { Content, KeptAnswer, Refusal } from './kept.ts';

/**
 * The life of a walk on a phone. *loading*: nothing is known yet. *nobody*: nobody has joined here. *ready*: all that
 * was answered is on the server. *sending*: something is on its way. *offline*: the server cannot be reached; the
 * phone keeps everything and tries again. *blocked*: the phone refuses to keep an answer, which a student must know
 * at once. *signed out*: the server does not know this phone any more; the answers wait here.
 */
export type Phase = 'loading' | 'nobody' | 'ready' | 'sending' | 'offline' | 'blocked' | 'signed_out';

/** Why a request did not go through. */
export type Failure = 'unreached' | 'signed_out' | 'other';

export interface WalkState {
  readonly phase: Phase;
  readonly sitting: WalkSitting | null;
  readonly contents: ReadonlyMap<string, Content>;
  /** Answers that were not taken as they are, by question. */
  readonly refused: ReadonlyMap<string, Refusal>;
  /** Answers that the server has not acknowledged. */
  readonly waiting: ReadonlySet<string>;
  /** Answers that the phone refused to keep; they are in memory and nowhere else. */
  readonly unsaved: readonly KeptAnswer[];
  /** Questions whose text is being typed and could not be kept; an answer takes its question out. */
  readonly lostDrafts: ReadonlySet<string>;
  /** Failed sends in a row. */
  readonly tries: number;
  readonly reachable: boolean;
  readonly signedOut: boolean;
  /** The next sequence number of an answer. */
  readonly seq: number;
}

export const START: WalkState = {
  phase: 'loading',
  sitting: null,
  contents: new Map(),
  refused: new Map(),
  waiting: new Set(),
  unsaved: [],
  lostDrafts: new Set(),
  tries: 0,
  reachable: true,
  signedOut: false,
  seq: 1,
};

export type WalkEvent =
  /** A sitting with what the phone keeps of it: from the phone itself, or as the server has it now. */
  | {
      readonly type: 'loaded';
      readonly from: 'phone' | 'server';
      readonly sitting: WalkSitting;
      readonly kept: readonly KeptAnswer[];
      readonly drafts: ReadonlyMap<string, string>;
    }
  | { readonly type: 'nothing_here' }
  | { readonly type: 'read_failed'; readonly why: Failure }
  | { readonly type: 'answered'; readonly answer: KeptAnswer }
  | { readonly type: 'drafted'; readonly ask: string; readonly text: string }
  | { readonly type: 'kept'; readonly id: string }
  | { readonly type: 'keep_failed'; readonly answer: KeptAnswer }
  | { readonly type: 'draft_failed'; readonly ask: string }
  | { readonly type: 'draft_kept'; readonly ask: string }
  | {
      readonly type: 'receipt';
      readonly accepted: readonly string[];
      readonly refused: readonly (Refusal & { readonly id: string; readonly ask: string })[];
    }
  | { readonly type: 'send_failed'; readonly why: Failure }
  | { readonly type: 'left' };

/** The phase that the facts of a state amount to; what a student must know first comes first. */
function phaseOf(s: Omit<WalkState, 'phase'>): Phase {
  if (s.sitting === null) return s.signedOut ? 'signed_out' : 'nobody';
  if (s.unsaved.length > 0 || s.lostDrafts.size > 0) return 'blocked';
  if (s.signedOut) return 'signed_out';
  if (!s.reachable) return 'offline';
  return s.waiting.size > 0 ? 'sending' : 'ready';
}

const settled = (s: WalkState): WalkState => ({ ...s, phase: phaseOf(s) });

function without<T>(set: ReadonlySet<T>, gone: readonly T[]): ReadonlySet<T> {
  const next = new Set(set);
  for (const g of gone) next.delete(g);
  return next;
}

/** What stands in each field: what the server has, then what this phone keeps, then what is being typed. */
function contentsOf(
  sitting: WalkSitting,
  kept: readonly KeptAnswer[],
  drafts: ReadonlyMap<string, string>,
): ReadonlyMap<string, Content> {
  const next = new Map<string, Content>();
  // A sitting kept by an earlier version holds answers without a value; the phone's own are there too.
  for (const k of sitting.answers) if (k.value) next.set(k.ask, contentFrom(k.value));
  for (const a of kept) next.set(a.ask, contentOf(a));
  for (const [ask, text] of drafts) next.set(ask, { typed: text });
  return next;
}

/**
 * What stands in the way of the latest answers, by question: what the server says of its latest, then what it refused
 * of this phone's; an answer given since takes a refusal away.
 */
function refusalsOf(sitting: WalkSitting, kept: readonly KeptAnswer[]): ReadonlyMap<string, Refusal> {
  const next = new Map<string, Refusal>();
  const latest = new Map(sitting.answers.map((k) => [k.ask, k.id]));
  for (const { ask, waits } of sitting.answers)
    if (waits) next.set(ask, { why: waits, remedy: '', kept: true });
  for (const a of kept) {
    if (a.refused) next.set(a.ask, a.refused);
    else if (latest.get(a.ask) !== a.id) next.delete(a.ask);
  }
  return next;
}

type Loaded = Extract<WalkEvent, { type: 'loaded' }>;

function loaded(s: WalkState, { from, sitting, kept, drafts }: Loaded): WalkState {
  const isSame = s.sitting !== null && ownerOf(s.sitting) === ownerOf(sitting);
  const unsaved = isSame ? s.unsaved : [];
  const all = [...kept, ...unsaved].sort((a, b) => a.seq - b.seq);
  return settled({
    ...s,
    sitting,
    unsaved,
    contents: contentsOf(sitting, all, drafts),
    refused: refusalsOf(sitting, all),
    waiting: new Set(all.filter((a) => !a.sent).map((a) => a.id)),
    lostDrafts: isSame ? s.lostDrafts : new Set(),
    tries: from === 'server' ? 0 : s.tries,
    reachable: from === 'server' || s.reachable,
    signedOut: from === 'server' ? false : s.signedOut,
    seq:
      Math.max(0, ...all.map((a) => a.seq), ...sitting.answers.map((a) => a.seq), isSame ? s.seq - 1 : 0) + 1,
  });
}

function failed(s: WalkState, why: Failure): WalkState {
  const tries = s.tries + 1;
  if (why === 'signed_out') return settled({ ...s, tries, signedOut: true, reachable: true });
  return settled({ ...s, tries, reachable: why !== 'unreached' });
}

/** The state after an event. Pure: whatever has to be done besides is the controller's. */
export function next(s: WalkState, e: WalkEvent): WalkState {
  switch (e.type) {
    case 'loaded':
      return loaded(s, e);
    case 'nothing_here':
      return settled({ ...START, reachable: s.reachable });
    case 'read_failed':
      return s.sitting === null && e.why !== 'signed_out'
        ? settled({ ...s, reachable: e.why !== 'unreached' })
        : failed(s, e.why);
    case 'answered': {
      const refused = new Map(s.refused);
      refused.delete(e.answer.ask);
      return settled({
        ...s,
        refused,
        contents: new Map(s.contents).set(e.answer.ask, contentOf(e.answer)),
        lostDrafts: without(s.lostDrafts, [e.answer.ask]),
        waiting: new Set(s.waiting).add(e.answer.id),
        seq: Math.max(s.seq, e.answer.seq + 1),
      });
    }
    case 'drafted':
      return { ...s, contents: new Map(s.contents).set(e.ask, { typed: e.text }) };
    case 'kept':
      return settled({ ...s, unsaved: s.unsaved.filter((u) => u.id !== e.id) });
    case 'keep_failed':
      return settled({
        ...s,
        unsaved: s.unsaved.some((u) => u.id === e.answer.id) ? s.unsaved : [...s.unsaved, e.answer],
      });
    case 'draft_failed':
      return settled({ ...s, lostDrafts: new Set(s.lostDrafts).add(e.ask) });
    case 'draft_kept':
      return s.lostDrafts.size > 0 ? settled({ ...s, lostDrafts: without(s.lostDrafts, [e.ask]) }) : s;
    case 'receipt': {
      const done = [...e.accepted, ...e.refused.map((r) => r.id)];
      const refused = new Map(s.refused);
      for (const { ask, why, remedy, kept } of e.refused) refused.set(ask, { why, remedy, kept });
      return settled({
        ...s,
        refused,
        waiting: without(s.waiting, done),
        unsaved: s.unsaved.filter((u) => !done.includes(u.id)),
        tries: 0,
        reachable: true,
        signedOut: false,
      });
    }
    case 'send_failed':
      return failed(s, e.why);
    case 'left':
      return { ...START, phase: 'nobody' };
  }
}
