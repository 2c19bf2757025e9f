import { MAX_BATCH } from '@hurrow/contract';
import type { BatchReceipt, KnownAnswer, SentAnswer, WalkSitting } from '@hurrow/contract';
import { retryDelay } from './backoff.ts';
import { contentOf, ownerOf } from './kept.ts';
import type { Content, KeptAnswer, Refusal, WalkStore } from './kept.ts';
import { START, next } from './machine.ts';
import type { Failure, WalkEvent, WalkState } from './machine.ts';

/** The server, as a walk needs it. Every call may throw. */
export interface WalkServer {
  readonly read: () => Promise<WalkSitting>;
  readonly send: (answers: readonly SentAnswer[]) => Promise<BatchReceipt>;
  readonly submit: () => Promise<void>;
  readonly leave: () => Promise<void>;
  /** What an error of these calls means, with the wait the server asked for. */
  readonly failure: (error: unknown) => { readonly why: Failure; readonly retryAfterMs: number };
}

export interface WalkDeps {
  readonly store: WalkStore;
  readonly server: WalkServer;
  readonly newId: () => string;
  /** The moment, ISO. */
  readonly now: () => string;
  /** Runs something later. @returns what calls it off. */
  readonly after: (ms: number, fn: () => void) => () => void;
  readonly random: () => number;
}

export interface WalkController {
  readonly state: () => WalkState;
  readonly subscribe: (told: () => void) => () => void;
  /** Reads the sitting again, from the phone first and then from the server. */
  readonly refresh: () => Promise<void>;
  readonly answer: (ask: string, content: Content) => Promise<void>;
  readonly draft: (ask: string, text: string) => Promise<void>;
  /** Keeps again what the phone refused to keep, and sends at once. */
  readonly tryAgain: () => Promise<void>;
  /** Sends everything and hands in. @throws where it could not be. */
  readonly handIn: () => Promise<void>;
  readonly leave: () => Promise<void>;
  readonly stop: () => void;
}

const plain = ({ id, ask, seq, at, ...a }: KeptAnswer): SentAnswer => ({ id, ask, seq, at, ...contentOf(a) });

/** The walk of one phone: the state machine, with the store and the server it works on. */
export function walkController(deps: WalkDeps): WalkController {
  const { store, server } = deps;
  const listeners = new Set<() => void>();
  let state = START;
  let sending: Promise<void> | null = null;
  let callOff: (() => void) | null = null;

  const tell = (event: WalkEvent): void => {
    state = next(state, event);
    for (const l of listeners) l();
  };

  /** What the phone keeps; a phone that refuses keeps nothing, and says so when something is to be kept. */
  const orElse = <T>(kept: Promise<T>, none: T): Promise<T> => kept.catch(() => none);

  const load = async (from: 'phone' | 'server', sitting: WalkSitting): Promise<void> => {
    const owner = ownerOf(sitting);
    tell({
      type: 'loaded',
      from,
      sitting,
      kept: await orElse(store.answers(owner), []),
      drafts: await orElse(store.drafts(owner), new Map<string, string>()),
    });
  };

  const retryLater = (retryAfterMs: number): void => {
    callOff?.();
    callOff = deps.after(retryDelay(state.tries, deps.random(), retryAfterMs), () => {
      callOff = null;
      void push();
    });
  };

  /** Answers not yet acknowledged, oldest first: what the phone keeps, and what is in memory alone. */
  const unsent = async (owner: string): Promise<readonly KeptAnswer[]> => {
    const kept = (await orElse(store.answers(owner), [])).filter((a) => !a.sent);
    const ids = new Set(kept.map((a) => a.id));
    return [...kept, ...state.unsaved.filter((u) => !ids.has(u.id))].sort((a, b) => a.seq - b.seq);
  };

  const take = async (batch: readonly KeptAnswer[], receipt: BatchReceipt): Promise<void> => {
    const refused = receipt.refused.flatMap((r) => {
      const answer = batch[r.at];
      const { why, remedy, kept } = r;
      return answer ? [{ id: answer.id, ask: answer.ask, why, remedy, kept }] : [];
    });
    const inMemory = new Set(state.unsaved.map((u) => u.id));
    const done = [...receipt.accepted, ...refused.map((r) => r.id)].filter((id) => !inMemory.has(id));
    await store
      .mark(done, {
        sent: true,
        refused: new Map<string, Refusal>(refused.map(({ id, ask: _ask, ...r }) => [id, r])),
      })
      // What cannot be marked is sent again, which does no harm.
      .catch(() => undefined);
    tell({ type: 'receipt', accepted: receipt.accepted, refused });
  };

  /** Sends until nothing waits. @throws where a batch did not go through. */
  const sendAll = async (owner: string): Promise<void> => {
    const done = new Set<string>();
    for (;;) {
      const batch = (await unsent(owner)).filter((a) => !done.has(a.id)).slice(0, MAX_BATCH);
      if (batch.length === 0) return;
      const receipt = await server.send(batch.map(plain));
      for (const a of batch) done.add(a.id);
      await take(batch, receipt);
      if (state.sitting && receipt.otherDevices !== state.sitting.otherDevices.length) await readAgain();
    }
  };

  /** Another phone has joined under this number: reads when, so that the page can say it. */
  const readAgain = async (): Promise<void> => {
    const sitting = await server.read().catch(() => null);
    if (sitting) await load('server', sitting);
  };

  const push = (): Promise<void> => {
    const { sitting } = state;
    if (!sitting || sending) return sending ?? Promise.resolve();
    callOff?.();
    callOff = null;
    sending = sendAll(ownerOf(sitting))
      .catch((error: unknown) => {
        const { why, retryAfterMs } = server.failure(error);
        tell({ type: 'send_failed', why });
        if (why !== 'signed_out') retryLater(retryAfterMs);
      })
      .finally(() => {
        sending = null;
      });
    return sending;
  };

  /**
   * A server put back from an earlier copy may not know answers it once acknowledged. What it does not show as the
   * latest of a question is sent again; sending twice does no harm.
   */
  const unsendUnknown = async (owner: string, known: readonly KnownAnswer[]): Promise<void> => {
    const there = new Set(known.map((k) => k.id));
    const kept = (await store.answers(owner)).filter((a) => !a.refused);
    const latest = new Map(kept.map((a) => [a.ask, a]));
    const lost = new Set([...latest.values()].filter((a) => a.sent && !there.has(a.id)).map((a) => a.ask));
    const again = kept.filter((a) => a.sent && lost.has(a.ask)).map((a) => a.id);
    if (again.length > 0) await store.mark(again, { sent: false });
  };

  const keep = async (answer: KeptAnswer): Promise<void> => {
    try {
      await store.keepAnswer(answer);
      tell({ type: 'kept', id: answer.id });
    } catch {
      tell({ type: 'keep_failed', answer });
      return;
    }
    await store.dropDraft(answer.owner, answer.ask).catch(() => undefined);
  };

  const answerNow = async (ask: string, content: Content): Promise<void> => {
    const { sitting, seq } = state;
    if (!sitting) return;
    const answer: KeptAnswer = {
      id: deps.newId(),
      owner: ownerOf(sitting),
      ask,
      seq,
      at: deps.now(),
      sent: false,
      ...content,
    };
    tell({ type: 'answered', answer });
    await keep(answer);
  };

  const refresh = async (): Promise<void> => {
    const before = state.sitting ?? (await orElse(store.sitting(), null));
    if (before && state.sitting === null) await load('phone', before);
    try {
      const sitting = await server.read();
      await store.keepSitting(sitting).catch(() => undefined);
      await unsendUnknown(ownerOf(sitting), sitting.answers).catch(() => undefined);
      await load('server', sitting);
      await push();
    } catch (error) {
      const { why, retryAfterMs } = server.failure(error);
      if (!before)
        return tell(why === 'signed_out' ? { type: 'nothing_here' } : { type: 'read_failed', why });
      tell({ type: 'read_failed', why });
      if (why !== 'signed_out') retryLater(retryAfterMs);
    }
  };

  /** What is handed in without a name is handed in blank, and counts as a look. */
  const keepBlanks = async (sitting: WalkSitting): Promise<void> => {
    for (const ask of sitting.stations.flatMap((x) => x.asks)) {
      if (ask.kind === 'call' || ask.kind === 'sureness' || state.contents.has(ask.id)) continue;
      await answerNow(ask.id, { typed: '' });
    }
  };

  return {
    state: () => state,
    subscribe: (told) => {
      listeners.add(told);
      return () => listeners.delete(told);
    },
    refresh,
    answer: async (ask, content) => {
      await answerNow(ask, content);
      await push();
    },
    draft: async (ask, text) => {
      const { sitting } = state;
      if (!sitting) return;
      tell({ type: 'drafted', ask, text });
      await store.keepDraft(ownerOf(sitting), ask, text).then(
        () => tell({ type: 'draft_kept', ask }),
        () => tell({ type: 'draft_failed', ask }),
      );
    },
    tryAgain: async () => {
      for (const a of state.unsaved) await keep(a);
      const owner = state.sitting ? ownerOf(state.sitting) : '';
      for (const ask of state.lostDrafts)
        await store.keepDraft(owner, ask, state.contents.get(ask)?.typed ?? '').then(
          () => tell({ type: 'draft_kept', ask }),
          () => undefined,
        );
      await push();
    },
    handIn: async () => {
      const { sitting } = state;
      if (!sitting) return;
      await keepBlanks(sitting);
      await sending;
      await sendAll(ownerOf(sitting));
      await server.submit();
      await refresh();
    },
    leave: async () => {
      if (state.sitting) await store.forget(ownerOf(state.sitting)).catch(() => undefined);
      await server.leave().catch(() => undefined);
      tell({ type: 'left' });
    },
    stop: () => callOff?.(),
  };
}
