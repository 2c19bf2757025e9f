import {
  closeSync,
  existsSync,
  fsyncSync,
  openSync,
  readFileSync,
  renameSync,
  writeFileSync,
  writeSync,
} from 'node:fs';

/** One answer as it was received; everything needed to store it again. */
export interface LoggedAnswer {
  readonly id: string;
  readonly ws: string;
  readonly sitting: string;
  readonly student: string;
  readonly takeover: number;
  readonly sittingStation: string;
  readonly ask: string;
  readonly seq: number;
  readonly typed: string | null;
  readonly value: Readonly<Record<string, unknown>> | null;
  readonly sure: string | null;
  readonly deviceAt: string | null;
  readonly receivedAt: string;
  readonly origin: 'phone' | 'paper';
  readonly late: boolean;
}

export interface AnswersLog {
  /** Returns only when the answers are on the disk. */
  append(answers: readonly LoggedAnswer[]): void;
  /** Everything logged so far, oldest first; a torn last line is passed over. */
  read(): readonly LoggedAnswer[];
  /** Takes out every answer of one student, for good. */
  forget(student: string): void;
  close(): void;
}

function parseLines(text: string): LoggedAnswer[] {
  const found: LoggedAnswer[] = [];
  for (const line of text.split('\n')) {
    if (line === '') continue;
    try {
      found.push(JSON.parse(line) as LoggedAnswer);
    } catch {
      // A line cut short by a crash was never acknowledged.
    }
  }
  return found;
}

/**
 * An append-only file beside the database. Answers are written and synced here before they are stored and
 * acknowledged, so that a database put back from an earlier copy can be brought up to date.
 */
export function answersFile(path: string): AnswersLog {
  const torn = existsSync(path) && !/(^|\n)$/.test(readFileSync(path, 'utf8').slice(-1));
  let handle = openSync(path, 'a', 0o600);
  if (torn) writeSync(handle, '\n');
  return {
    append: (answers) => {
      writeSync(handle, answers.map((a) => `${JSON.stringify(a)}\n`).join(''));
      fsyncSync(handle);
    },
    read: () => parseLines(readFileSync(path, 'utf8')),
    forget: (student) => {
      const kept = parseLines(readFileSync(path, 'utf8')).filter((a) => a.student !== student);
      const aside = `${path}.new`;
      writeFileSync(aside, kept.map((a) => `${JSON.stringify(a)}\n`).join(''), { mode: 0o600, flush: true });
      closeSync(handle);
      renameSync(aside, path);
      handle = openSync(path, 'a', 0o600);
    },
    close: () => closeSync(handle),
  };
}

/** For tests and for databases that are themselves in memory. */
export function answersInMemory(): AnswersLog {
  let kept: readonly LoggedAnswer[] = [];
  return {
    append: (answers) => {
      kept = [...kept, ...answers];
    },
    read: () => kept,
    forget: (student) => {
      kept = kept.filter((a) => a.student !== student);
    },
    close: () => undefined,
  };
}
