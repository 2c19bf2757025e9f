import { readLine, writeLine } from './line.ts';
import type { LoggedAnswer } from './line.ts';
import type { AnswersLog, Digest, SetAside } from './log.ts';

const NOTHING: Digest = { sha256: '', bytes: 0, lines: 0 };

/**
 * A log of one segment in memory: for tests, and for a PostgreSQL server, which has a write-ahead log of its own.
 * @param keeps whether appended answers can be read again.
 */
export function answersInMemory(keeps = true): AnswersLog {
  let kept: readonly string[] = [];
  const aside: SetAside[] = [];
  return {
    append: (answers: readonly LoggedAnswer[]) => {
      if (keeps) kept = [...kept, ...answers.map((a) => writeLine(a).trimEnd())];
      return Promise.resolve();
    },
    segments: () => (keeps ? [{ name: 'memory', closed: null }] : []),
    lines: async function* () {
      await Promise.resolve();
      yield kept.map((raw) => ({ raw, answer: readLine(raw) }));
    },
    retire: () => Promise.resolve([]),
    close: () => Promise.resolve(NOTHING),
    setAside: (line) => {
      if (!aside.some((a) => a.raw === line.raw)) aside.push(line);
      return Promise.resolve();
    },
    aside: () => aside.length,
    forget: (student) => {
      kept = kept.filter((l) => !l.includes(student));
      return Promise.resolve(new Map());
    },
    end: () => Promise.resolve(),
  };
}
