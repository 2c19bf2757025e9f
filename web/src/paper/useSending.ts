import { useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { v7 } from 'uuid';
import type { SheetAnswer } from '@hurrow/contract';
import { request } from '../api/index.ts';
import type { Given } from './entry.ts';
import { slotOf } from './lines.ts';

type Pending = ReadonlyMap<string, ReadonlyMap<string, Given>>;
const NOTHING: ReadonlyMap<string, Given> = new Map();

/** What is entered and on its way to the server, sheet by sheet. */
export interface Sending {
  readonly pending: (student: string) => ReadonlyMap<string, Given>;
  readonly give: (student: string, given: readonly Given[]) => void;
  /** Why the last entry was refused; what it entered is open again. */
  readonly refused: unknown;
  readonly busy: boolean;
}

/** What a write of sheets makes stale besides the sheet itself. */
const ELSEWHERE = ['sitting', 'grades', 'due', 'disputes', 'decisionsDue', 'secondEntries'] as const;

/**
 * Sends entries one request after the other while the hand goes on; what comes meanwhile is sent together. A refused
 * request is said, and what it entered is open again.
 */
export function useSending(sitting: string): Sending {
  const client = useQueryClient();
  const [pending, setPending] = useState<Pending>(new Map());
  const [refused, setRefused] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const waiting = useRef<{ readonly student: string; readonly answer: SheetAnswer }[]>([]);
  const isSending = useRef(false);

  const drop = (student: string, slots: readonly string[]): void =>
    setPending((was) => {
      const left = new Map([...(was.get(student) ?? NOTHING)].filter(([k]) => !slots.includes(k)));
      return new Map(was).set(student, left);
    });

  const run = async (): Promise<void> => {
    if (isSending.current) return;
    isSending.current = true;
    setBusy(true);
    while (waiting.current.length > 0) {
      const student = waiting.current[0]?.student ?? '';
      const batch = waiting.current.filter((w) => w.student === student);
      waiting.current = waiting.current.filter((w) => w.student !== student);
      const answers = batch.map((b) => b.answer);
      const slots = answers.map(slotOf);
      const later = new Set(slots.filter((s) => waiting.current.some((w) => slotOf(w.answer) === s)));
      try {
        const sheet = await request('sheetEnter', {
          params: { id: sitting, student },
          body: { answers },
          key: v7(),
        });
        client.setQueryData(['sheet', { id: sitting, student }], sheet);
      } catch (error) {
        setRefused(error);
      }
      drop(
        student,
        slots.filter((s) => !later.has(s)),
      );
    }
    isSending.current = false;
    setBusy(false);
    await Promise.all(ELSEWHERE.map((read) => client.invalidateQueries({ queryKey: [read] })));
  };

  return {
    pending: (student) => pending.get(student) ?? NOTHING,
    refused,
    busy,
    give: (student, given) => {
      if (given.length === 0) return;
      setRefused(null);
      setPending((was) => {
        const own = new Map(was.get(student) ?? NOTHING);
        for (const g of given) own.set(slotOf(g), g);
        return new Map(was).set(student, own);
      });
      waiting.current = [...waiting.current, ...given.map((g) => ({ student, answer: { id: v7(), ...g } }))];
      void run();
    },
  };
}
