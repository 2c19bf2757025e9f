import { createContext, useCallback, useContext, useMemo, useSyncExternalStore } from 'react';
import { useSearchParams } from 'react-router';
import type { QuizSummary, Section } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useSession } from './session.ts';
import { openingClass } from './openingClass.ts';

const keptAs = (person: string): string => `hurrow.class.${person}`;
const listeners = new Set<() => void>();
let chosen: string | null = null;

function read(person: string): string | null {
  try {
    return localStorage.getItem(keptAs(person));
  } catch {
    return chosen;
  }
}

function keep(person: string, id: string): void {
  chosen = id;
  try {
    localStorage.setItem(keptAs(person), id);
  } catch {
    // A browser that keeps nothing holds the choice until it is closed.
  }
  for (const l of listeners) l();
}

export interface ClassAtHand {
  /** Null while classes are read, or where there is none. */
  readonly section: Section | null;
  /** Classes that can be chosen: those that are not archived. */
  readonly sections: readonly Section[];
  /** Whether the classes have been read. */
  readonly ready: boolean;
  readonly choose: (id: string) => void;
}

const NO_SECTIONS: readonly Section[] = [];
const NO_QUIZZES: readonly QuizSummary[] = [];

/** What a page keeps in its address of a class, which another class replaces. */
const OF_A_CLASS = ['list', 'section', 'at', 'for', 'words'] as const;

export const ClassContext = createContext<ClassAtHand | null>(null);

/** The class that every page opens on. @throws where nobody is signed in. */
export function useClassAtHand(): ClassAtHand {
  const found = useContext(ClassContext);
  if (!found) throw new Error('No class is at hand here');
  return found;
}

/** Finds the class at hand, remembered for each person in this browser; once for all that ask for it. */
export function useFoundClass(): ClassAtHand {
  const { name } = useSession();
  const [, setSearch] = useSearchParams();
  const sections = useRead('sections').data;
  const quizzes = useRead('quizzes').data;
  const kept = useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => read(name),
  );
  const open = useMemo(() => (sections ?? NO_SECTIONS).filter((s) => !s.archived), [sections]);
  const section = useMemo(() => openingClass(open, quizzes ?? NO_QUIZZES, kept), [open, quizzes, kept]);
  const choose = useCallback(
    (id: string) => {
      keep(name, id);
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          for (const key of OF_A_CLASS) next.delete(key);
          return next;
        },
        { replace: true },
      );
    },
    [name, setSearch],
  );
  const ready = sections !== undefined;
  return useMemo(() => ({ section, sections: open, ready, choose }), [section, open, ready, choose]);
}
