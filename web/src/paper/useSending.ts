import { useEffect, useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { v7 } from 'uuid';
import type { SheetAnswer } from '@hurrow/contract';
import { isUnreached, problemOf, request } from '../api/index.ts';
import type { Given } from './entry.ts';
import { slotOf } from './lines.ts';
import { refusedAt } from './refused.ts';

type Pending = ReadonlyMap<string, ReadonlyMap<string, Given>>;
const NOTHING: ReadonlyMap<string, Given> = new Map();

/** An entry that the server did not take, with why. */
export interface RefusedEntry {
  readonly student: string;
  readonly given: SheetAnswer | undefined;
  readonly error: unknown;
}

/** What is entered and on its way to the server, sheet by sheet. */
export interface Sending {
  readonly pending: (student: string) => ReadonlyMap<string, Given>;
  readonly give: (student: string, given: readonly Given[]) => void;
  /** The last entry that was refused; it is open again. */
  readonly refused: RefusedEntry | null;
}

const REST_MS = 2000;
/** How long until what could not be sent is sent again. */
const AGAIN_MS = 3000;
/** What a write of sheets makes stale besides the sheet itself. */
const ELSEWHERE = ['sitting', 'grades', 'due', 'disputes', 'decisionsDue', 'secondEntries'] as const;

interface Waiting {
  readonly student: string;
  readonly answer: SheetAnswer;
}

/** A request as it is sent, and sent again until it is answered. */
interface Batch {
  readonly student: string;
  readonly answers: readonly SheetAnswer[];
  readonly key: string;
}

/**
 * Sends entries one request after the other while the hand goes on; what comes meanwhile is sent together. Of a refused
 * request the one answer at fault is said and open again, and the others are sent once more.
 */
export function useSending(sitting: string): Sending {
  const client = useQueryClient();
  const [pending, setPending] = useState<Pending>(new Map());
  const [refused, setRefused] = useState<RefusedEntry | null>(null);
  const waiting = useRef<readonly Waiting[]>([]);
  const isSending = useRef(false);
  const stuck = useRef<Batch | null>(null);
  const resting = useRef<number | undefined>(undefined);
  const again = useRef<number | undefined>(undefined);

  // Other pages are read again once the hand rests, or leaves: not with every line.
  const told = (): void => {
    resting.current = undefined;
    for (const read of ELSEWHERE) void client.invalidateQueries({ queryKey: [read] });
  };
  const leave = useRef(told);
  useEffect(() => {
    leave.current = told;
  });
  useEffect(
    () => () => {
      if (resting.current === undefined) return;
      window.clearTimeout(resting.current);
      leave.current();
    },
    [],
  );

  // Whoever closes the page while entries are on their way is asked first.
  useEffect(() => {
    const stay = (e: BeforeUnloadEvent): void => {
      if (isSending.current || stuck.current !== null || waiting.current.length > 0) e.preventDefault();
    };
    window.addEventListener('beforeunload', stay);
    return () => window.removeEventListener('beforeunload', stay);
  }, []);

  /** Takes entries off the list of those on their way, but for questions that were entered again since. */
  const drop = (student: string, answers: readonly SheetAnswer[]): void => {
    const later = new Set(waiting.current.filter((w) => w.student === student).map((w) => slotOf(w.answer)));
    const gone = new Set(answers.map(slotOf).filter((s) => !later.has(s)));
    setPending((was) => {
      const left = [...(was.get(student) ?? NOTHING)].filter(([k]) => !gone.has(k));
      return new Map(was).set(student, new Map(left));
    });
  };

  /** Everything that waits for the sheet whose turn it is, as one request. */
  const takeNext = (): Batch => {
    const student = waiting.current[0]?.student ?? '';
    const own = waiting.current.filter((w) => w.student === student);
    waiting.current = waiting.current.filter((w) => w.student !== student);
    return { student, answers: own.map((w) => w.answer), key: v7() };
  };

  /** Sends what waits for one sheet. @returns whether the server could be reached. */
  const sendNext = async (): Promise<boolean> => {
    const next = stuck.current ?? takeNext();
    const { student, answers } = next;
    try {
      const sheet = await request('sheetEnter', {
        params: { id: sitting, student },
        body: { answers },
        key: next.key,
      });
      stuck.current = null;
      client.setQueryData(['sheet', { id: sitting, student }], sheet);
      drop(student, answers);
      setRefused((was) => (isUnreached(was?.error) ? null : was));
    } catch (error) {
      // Nothing is lost without a network: the same request is sent again, under its key, so that it counts once.
      if (isUnreached(error)) {
        stuck.current = next;
        setRefused({ student, given: undefined, error });
        return false;
      }
      stuck.current = null;
      const at = refusedAt(problemOf(error).field, answers.length);
      const others = answers.filter((_, i) => at !== null && i !== at);
      waiting.current = [...others.map((answer) => ({ student, answer })), ...waiting.current];
      setRefused({ student, given: at === null ? answers[0] : answers[at], error });
      drop(student, at === null ? answers : answers.filter((_, i) => i === at));
    }
    return true;
  };

  const run = async (): Promise<void> => {
    if (isSending.current) return;
    isSending.current = true;
    let isReached = true;
    while (isReached && (stuck.current !== null || waiting.current.length > 0)) isReached = await sendNext();
    isSending.current = false;
    if (!isReached) {
      window.clearTimeout(again.current);
      again.current = window.setTimeout(() => void run(), AGAIN_MS);
      return;
    }
    window.clearTimeout(resting.current);
    resting.current = window.setTimeout(told, REST_MS);
  };

  return {
    pending: (student) => pending.get(student) ?? NOTHING,
    refused,
    give: (student, given) => {
      if (given.length === 0) return;
      setRefused(null);
      setPending((was) => {
        const own = new Map(was.get(student) ?? NOTHING);
        for (const g of given) own.set(slotOf(g), g);
        return new Map(was).set(student, own);
      });
      const entries = given.map((g) => ({ student, answer: { id: v7(), ...g } }));
      waiting.current = [...waiting.current, ...entries];
      void run();
    },
  };
}
