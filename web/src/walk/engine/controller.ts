import { MAX_BATCH } from '@hurrow/contract';
import type { BatchReceipt, KnownAnswer, SentAnswer, WalkSitting } from '@hurrow/contract';
import { retryDelay } from './backoff.ts';
import { contentOf, ownerOf } from './kept.ts';
import type { Content, KeptAnswer, Refusal, WalkStore } from './kept.ts';
import { START, next } from './machine.ts';
import type { Failure, WalkEvent, WalkState } from './machine.ts';

/** The server, as a walk needs it. Every call may throw. */
export interface WalkServer {
  /** Reads a sitting; the one joined last where none is named. */
  readonly read: (sitting: string | null) => Promise<WalkSitting>;
  readonly send: (sitting: string, answers: readonly SentAnswer[]) => Promise<BatchReceipt>;
  readonly submit: (sitting: string) => Promise<void>;
  readonly unsubmit: (sitting: string) => Promise<void>;
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
  /** Goes over to another sitting this phone is in; to the one joined last where none is named. */
  readonly open: (sitting: string | null) => Promise<void>;
  readonly answer: (ask: string, content: Content) => Promise<void>;
  readonly draft: (ask: string, text: string) => Promise<void>;
  /** Keeps again what the phone refused to keep, and sends at once. */
  readonly tryAgain: () => Promise<void>;
  /** Sends everything and hands in. @throws where it could not be. */
  readonly handIn: () => Promise<void>;
  /** Goes on answering after handing in, as long as the quiz is open. */
  readonly takeBack: () => Promise<void>;
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
  /** Sittings that were gone over from while answers for them still waited. */
  const left = new Map<string, WalkSitting>();
  /** Numbers given anew to answers that a phone numbered without knowing what the server has, by id. */
  const renumbered = new Map<string, number>();
  /**
   * What is not acknowledged, as far as this page knows: a phone that cannot be read for a while must not let a newer
   * answer go before an older one.
   */
  const pending = new Map<string, KeptAnswer>();
  /** The highest number known of each owner whose sitting was read from the server. */
  const highest = new Map<string, number>();

  const tell = (event: WalkEvent): void => {
    state = next(state, event);
    for (const l of listeners) l();
  };

  /** What the phone keeps; a phone that refuses keeps nothing, and says so when something is to be kept. */
  const orElse = <T>(kept: Promise<T>, none: T): Promise<T> => kept.catch(() => none);

  const load = async (from: 'phone' | 'server', sitting: WalkSitting): Promise<void> => {
    const owner = ownerOf(sitting);
    const kept = await orElse(store.answers(owner), []);
    for (const a of kept) if (!a.sent) pending.set(a.id, a);
    tell({
      type: 'loaded',
      from,
      sitting,
      kept,
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
    const others = [...pending.values()].filter((a) => a.owner === owner && !ids.has(a.id));
    return [...kept, ...others]
      .map((a) => ({ ...a, seq: renumbered.get(a.id) ?? a.seq }))
      .sort((a, b) => a.seq - b.seq);
  };

  /**
   * A phone that kept nothing, closed and opened without a network numbers its answers from one again. What was given
   * after the answer that the server has of its question goes behind it, with all that was given later; what was given
   * before stays before, though the newer one reached the server first.
   */
  const catchUp = async (sitting: WalkSitting): Promise<void> => {
    const owner = ownerOf(sitting);
    const known = Math.max(0, highest.get(owner) ?? 0, ...sitting.answers.map((a) => a.seq));
    const there = new Set(sitting.answers.map((a) => a.id));
    const waiting = (await unsent(owner)).filter((a) => !there.has(a.id));
    const standing = new Map(sitting.answers.map((a) => [a.ask, a]));
    const first = waiting.find((a) => {
      const there = standing.get(a.ask);
      return there !== undefined && a.seq <= there.seq && a.at > there.at;
    });
    if (first) {
      const behind = known + 1 - first.seq;
      for (const a of waiting) if (a.at >= first.at) renumbered.set(a.id, a.seq + behind);
    }
    highest.set(owner, Math.max(known, ...waiting.map((a) => renumbered.get(a.id) ?? a.seq)));
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
    for (const id of [...receipt.accepted, ...refused.map((r) => r.id)]) pending.delete(id);
    tell({ type: 'receipt', accepted: receipt.accepted, refused });
  };

  /** Sends until nothing waits. @throws where a batch did not go through. */
  const sendAll = async (sitting: WalkSitting): Promise<void> => {
    const owner = ownerOf(sitting);
    if (!highest.has(owner)) await catchUp(await server.read(sitting.sitting));
    const done = new Set<string>();
    for (;;) {
      const batch = (await unsent(owner)).filter((a) => !done.has(a.id)).slice(0, MAX_BATCH);
      if (batch.length === 0) return;
      const receipt = await server.send(sitting.sitting, batch.map(plain));
      for (const a of batch) done.add(a.id);
      await take(batch, receipt);
      const stands = state.sitting?.sitting === sitting.sitting ? state.sitting : null;
      if (stands && receipt.otherDevices !== stands.otherDevices.length) await readAgain();
    }
  };

  /** Sends what waits for the sitting that stands, then what was left behind for others on the way to it. */
  const sendEverywhere = async (sitting: WalkSitting): Promise<void> => {
    await sendAll(sitting);
    for (const [owner, other] of left) {
      if (owner !== ownerOf(sitting)) await sendAll(other);
      left.delete(owner);
    }
  };

  /** Another phone has joined under this number: reads when, so that the page can say it. */
  const readAgain = async (): Promise<void> => {
    const sitting = await server.read(state.sitting?.sitting ?? null).catch(() => null);
    if (sitting) await load('server', sitting);
  };

  const push = (): Promise<void> => {
    const { sitting } = state;
    if (!sitting || sending) return sending ?? Promise.resolve();
    callOff?.();
    callOff = null;
    sending = sendEverywhere(sitting)
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
    const { sitting } = state;
    if (!sitting) return;
    const owner = ownerOf(sitting);
    const seq = Math.max(state.seq, (highest.get(owner) ?? 0) + 1);
    if (highest.has(owner)) highest.set(owner, seq);
    const answer: KeptAnswer = {
      id: deps.newId(),
      owner,
      ask,
      seq,
      at: deps.now(),
      sent: false,
      ...content,
    };
    pending.set(answer.id, answer);
    tell({ type: 'answered', answer });
    await keep(answer);
  };

  const refresh = (): Promise<void> => readAt(null);

  /** @param wanted the sitting to go over to; where none is named, the one that stands or was kept last. */
  const readAt = async (wanted: string | null): Promise<void> => {
    const before = state.sitting ?? (await orElse(store.sitting(), null));
    if (before && state.sitting === null) await load('phone', before);
    try {
      const sitting = await server.read(wanted ?? before?.sitting ?? null);
      await store.keepSitting(sitting).catch(() => undefined);
      // First what was never sent, then what the server has forgotten: that keeps its number.
      await catchUp(sitting);
      await unsendUnknown(ownerOf(sitting), sitting.answers).catch(() => undefined);
      await load('server', sitting);
      await push();
    } catch (error) {
      const { why, retryAfterMs } = server.failure(error);
      // Staff may have ended this phone in the one sitting alone; the one that stands is asked before it is given up.
      if (why === 'signed_out' && before && wanted !== null && wanted !== before.sitting)
        return readAt(before.sitting);
      if (!before)
        return tell(why === 'signed_out' ? { type: 'nothing_here' } : { type: 'read_failed', why });
      tell({ type: 'read_failed', why });
      if (why !== 'signed_out') retryLater(retryAfterMs);
    }
  };

  /** The sitting joined last, whichever stood before. */
  const newest = async (): Promise<void> => {
    const sitting = await server.read(null).catch(() => null);
    await (sitting ? readAt(sitting.sitting) : refresh());
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
    open: async (sitting) => {
      // What waits for the sitting that stands is sent first; what cannot be sent stays on the phone.
      await push();
      if (state.sitting && (await unsent(ownerOf(state.sitting))).length > 0)
        left.set(ownerOf(state.sitting), state.sitting);
      if (sitting === null) await newest();
      else await readAt(sitting);
    },
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
      await sendAll(sitting);
      await server.submit(sitting.sitting);
      await refresh();
    },
    takeBack: async () => {
      const { sitting } = state;
      if (!sitting) return;
      await server.unsubmit(sitting.sitting);
      await refresh();
    },
    leave: async () => {
      if (state.sitting) await store.forget(ownerOf(state.sitting)).catch(() => undefined);
      await server.leave().catch(() => undefined);
      pending.clear();
      tell({ type: 'left' });
    },
    stop: () => callOff?.(),
  };
}
