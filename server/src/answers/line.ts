import { taggedValue } from '@hurrow/core/answers';
import type { AnswerValue, Sureness } from '@hurrow/core/answers';
import { ID, isAnswerValue } from '@hurrow/contract/schemas';
import { isMoment } from '@hurrow/core/conditions';

/** The version of the lines written now. Lines of version 1 have no `v`; up to version 2 values are not tagged. */
export const LINE_VERSION = 3;

/** One answer as it was received; everything needed to store it again. */
export interface LoggedAnswer {
  readonly id: string;
  readonly ws: string;
  readonly sitting: string;
  readonly student: string;
  /** Whose hand it is: a phone, a sheet, a file. */
  readonly origin: 'phone' | 'paper' | 'import';
  /** Which phone or sheet of its origin, from 1. */
  readonly takeover: number;
  /** 1: the student's own; 2: a correction by staff. */
  readonly precedence: 1 | 2;
  readonly sittingStation: string;
  readonly ask: string;
  readonly seq: number;
  readonly value: AnswerValue;
  /** Clues open beside the first; lines of earlier versions have none. */
  readonly clues?: number;
  readonly deviceAt: string | null;
  readonly receivedAt: string;
  /** How the sitting stood when it was received. */
  readonly when: 'open' | 'closed' | 'graded';
}

export const writeLine = (a: LoggedAnswer): string => `${JSON.stringify({ v: LINE_VERSION, ...a })}\n`;

const IDS = ['id', 'ws', 'sitting', 'student', 'sittingStation', 'ask'] as const;
const ORIGINS: ReadonlySet<unknown> = new Set(['phone', 'paper', 'import']);
const WHEN: ReadonlySet<unknown> = new Set(['open', 'closed', 'graded']);
const MOST_CLUES = 7;
const MOST_TAKEOVER = 1_000_000;

const isCount = (n: unknown, most: number): n is number =>
  typeof n === 'number' && Number.isInteger(n) && n >= 1 && n <= most;

function hasShape(line: Readonly<Record<string, unknown>>): boolean {
  const { v, value, receivedAt, origin, precedence, when } = line;
  return (
    v === LINE_VERSION &&
    IDS.every((k) => typeof line[k] === 'string' && ID.test(line[k])) &&
    isCount(line['takeover'], MOST_TAKEOVER) &&
    isCount(line['seq'], MOST_TAKEOVER) &&
    isAnswerValue(value) &&
    (line['clues'] === undefined || line['clues'] === 0 || isCount(line['clues'], MOST_CLUES)) &&
    (precedence === 1 || precedence === 2) &&
    typeof receivedAt === 'string' &&
    isMoment(receivedAt) &&
    ORIGINS.has(origin) &&
    WHEN.has(when)
  );
}

/** Sheets once bore numbers from here on, above those of all phones. */
const EARLIER_PAPER = 1000;
const SURE: ReadonlySet<unknown> = new Set([undefined, null, 'sure', 'leaning', 'guessing']);

const isText = (t: unknown): boolean => t === undefined || t === null || typeof t === 'string';

/** Brings a line of an earlier version to today's form; anything that was no answer then stays none. */
function upgraded(line: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> | null {
  if (line['v'] === LINE_VERSION) return line;
  if (line['v'] !== undefined && line['v'] !== 2) return null;
  const { v: _v, typed, value, sure, late, afterGrading, origin, takeover, ...rest } = line;
  const said = (value ?? {}) as { state?: unknown; written?: unknown };
  const isWhole =
    typeof said === 'object' && isText(typed) && isText(said.state) && isText(said.written) && SURE.has(sure);
  if (!isWhole || typeof late !== 'boolean' || typeof takeover !== 'number') return null;
  const paper = origin === 'paper';
  return {
    ...rest,
    v: LINE_VERSION,
    origin,
    takeover: takeover >= EARLIER_PAPER ? takeover - EARLIER_PAPER + 1 : takeover,
    // What staff entered always counted before what a phone had sent.
    precedence: paper ? 2 : 1,
    value: taggedValue({
      typed: typed as string | null,
      state: said.state as string | null,
      written: said.written as string | null,
      sure: sure as Sureness | null,
    }),
    when: afterGrading === true ? 'graded' : late ? 'closed' : 'open',
  };
}

/** Lower-cases ids written before they had one spelling, and drops a device time the database would refuse. */
function normalized(line: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const { deviceAt } = line;
  const ids = IDS.map((k) => [k, typeof line[k] === 'string' ? line[k].toLowerCase() : line[k]] as const);
  return {
    ...line,
    ...Object.fromEntries(ids),
    deviceAt: typeof deviceAt === 'string' && isMoment(deviceAt) ? deviceAt : null,
  };
}

/** Reads one line of the log. @returns null where it is not an answer the database would keep. */
export function readLine(text: string): LoggedAnswer | null {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return null;
  }
  if (typeof parsed !== 'object' || parsed === null || Array.isArray(parsed)) return null;
  const today = upgraded(parsed as Record<string, unknown>);
  const line = today === null ? null : normalized(today);
  if (line === null || !hasShape(line)) return null;
  const { v: _v, ...answer } = line;
  return answer as unknown as LoggedAnswer;
}
