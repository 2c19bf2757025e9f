import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 } from 'uuid';
import type { SentAnswer, WalkSitting } from '@hurrow/contract';
import { Refused, isUnreached } from '../api/problem.ts';
import { request } from '../api/request.ts';
import { sendAll, unsendUnknown } from './send.ts';
import type { Sending } from './send.ts';
import {
  dropDraft,
  forget,
  keepAnswer,
  keepDraft,
  keepSitting,
  keptAnswers,
  keptDrafts,
  keptSitting,
  ownerOf,
} from './store.ts';

export type Content = Pick<SentAnswer, 'typed' | 'state' | 'sure'>;

export interface Walk {
  /** Undefined while it is read, null where nobody has joined on this phone. */
  readonly sitting: WalkSitting | null | undefined;
  readonly sending: Sending;
  readonly offline: boolean;
  readonly answerOf: (ask: string) => Content;
  readonly answer: (ask: string, content: Content) => void;
  /** Keeps what is being typed without making it an answer yet. */
  readonly draft: (ask: string, text: string) => void;
  readonly refresh: () => Promise<void>;
  /** Sends everything and hands in. @throws where it could not be. */
  readonly handIn: () => Promise<void>;
  readonly leave: () => Promise<void>;
}

const AGAIN_MS = 4000;
const UNAUTHORISED = 401;

const isSignedOut = (error: unknown): boolean =>
  error instanceof Refused && error.problem.status === UNAUTHORISED;

/** The state of a walk on this phone: what is kept here, what the server has, and what is still to be sent. */
export function useWalk(): Walk {
  const [sitting, setSitting] = useState<WalkSitting | null | undefined>(undefined);
  const [contents, setContents] = useState<ReadonlyMap<string, Content>>(new Map());
  const [sending, setSending] = useState<Sending>({ kind: 'all_sent' });
  const [offline, setOffline] = useState(false);
  const seq = useRef(1);
  const busy = useRef(false);
  const owner = sitting ? ownerOf(sitting) : null;

  const count = useCallback(async (who: string): Promise<void> => {
    const waiting = (await keptAnswers(who)).filter((a) => !a.sent).length;
    setSending(waiting === 0 ? { kind: 'all_sent' } : { kind: 'to_send', count: waiting });
  }, []);

  const push = useCallback(
    async (who: string): Promise<void> => {
      if (busy.current) return;
      busy.current = true;
      try {
        await sendAll(who);
        setOffline(false);
        await count(who);
      } catch (error) {
        const waiting = (await keptAnswers(who)).filter((a) => !a.sent).length;
        if (isSignedOut(error)) setSending({ kind: 'join_again', count: waiting });
        else {
          setOffline(isUnreached(error));
          setSending({ kind: 'to_send', count: waiting });
        }
      } finally {
        busy.current = false;
      }
    },
    [count],
  );

  const load = useCallback(async (s: WalkSitting): Promise<void> => {
    const who = ownerOf(s);
    const kept = await keptAnswers(who);
    const next = new Map<string, Content>();
    for (const k of s.answers) {
      next.set(k.ask, {
        ...(k.typed === null ? {} : { typed: k.typed }),
        ...(k.state === null ? {} : { state: k.state }),
        ...(k.sure === null ? {} : { sure: k.sure as NonNullable<Content['sure']> }),
      });
    }
    for (const { ask, typed, state, sure } of kept) {
      next.set(ask, {
        ...(typed === undefined ? {} : { typed }),
        ...(state === undefined ? {} : { state }),
        ...(sure === undefined ? {} : { sure }),
      });
    }
    for (const [ask, text] of await keptDrafts(who)) next.set(ask, { typed: text });
    seq.current = Math.max(0, ...kept.map((a) => a.seq), ...s.answers.map((a) => a.seq)) + 1;
    setContents(next);
    setSitting(s);
  }, []);

  const refresh = useCallback(async (): Promise<void> => {
    const before = await keptSitting();
    try {
      const now = await request<WalkSitting>('walk');
      setOffline(false);
      await keepSitting(now);
      await unsendUnknown(ownerOf(now), now.answers);
      await load(now);
      await push(ownerOf(now));
    } catch (error) {
      if (before) {
        await load(before);
        if (isSignedOut(error)) {
          const waiting = (await keptAnswers(ownerOf(before))).filter((a) => !a.sent).length;
          setSending({ kind: 'join_again', count: waiting });
        } else {
          setOffline(true);
          await count(ownerOf(before));
        }
      } else {
        setOffline(isUnreached(error));
        setSitting(null);
      }
    }
  }, [load, push, count]);

  useEffect(() => {
    // The first read begins after the first paint, so that the page never waits for the network.
    const first = window.setTimeout(() => void refresh(), 0);
    return () => window.clearTimeout(first);
  }, [refresh]);

  useEffect(() => {
    if (!owner || sending.kind !== 'to_send') return undefined;
    const timer = window.setInterval(() => void push(owner), AGAIN_MS);
    const now = (): void => void push(owner);
    window.addEventListener('online', now);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', now);
    };
  }, [owner, sending.kind, push]);

  /** What is handed in without a name is handed in blank, and counts as a look. */
  const keepBlanks = async (who: string, s: WalkSitting): Promise<void> => {
    for (const ask of s.stations.flatMap((x) => x.asks)) {
      if (ask.kind === 'call' || ask.kind === 'sureness' || contents.has(ask.id)) continue;
      await keepAnswer({
        id: v4(),
        owner: who,
        ask: ask.id,
        seq: seq.current,
        at: new Date().toISOString(),
        sent: false,
        typed: '',
      });
      seq.current += 1;
    }
  };

  const answer = (ask: string, content: Content): void => {
    if (!owner) return;
    setContents((before) => new Map(before).set(ask, content));
    setSending((s) => (s.kind === 'to_send' ? { ...s, count: s.count + 1 } : { kind: 'to_send', count: 1 }));
    const kept = {
      id: v4(),
      owner,
      ask,
      seq: seq.current,
      at: new Date().toISOString(),
      sent: false,
      ...content,
    };
    seq.current += 1;
    void keepAnswer(kept)
      .then(() => dropDraft(owner, ask))
      .then(() => push(owner));
  };

  return {
    sitting,
    sending,
    offline,
    answerOf: (ask) => contents.get(ask) ?? {},
    answer,
    draft: (ask, text) => {
      if (!owner) return;
      setContents((before) => new Map(before).set(ask, { typed: text }));
      void keepDraft(owner, ask, text);
    },
    refresh,
    handIn: async () => {
      if (!owner || !sitting) return;
      await keepBlanks(owner, sitting);
      await sendAll(owner);
      await request('walkSubmit');
      await refresh();
    },
    leave: async () => {
      if (owner) await forget(owner);
      await request('walkLeave').catch(() => undefined);
      setContents(new Map());
      setSitting(null);
    },
  };
}
