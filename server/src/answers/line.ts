import { ID, findUnkeepable, isKeepable } from '@hurrow/contract/schemas';
import { isMoment } from '@hurrow/core/conditions';

/** The version of the lines written now; lines of version 1 have no `v`. */
export const LINE_VERSION = 2;

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
  /** It came after grading, so it is kept for the instructor and not counted. */
  readonly afterGrading?: true;
}

export const writeLine = (a: LoggedAnswer): string => `${JSON.stringify({ v: LINE_VERSION, ...a })}\n`;

const IDS = ['id', 'ws', 'sitting', 'student', 'sittingStation', 'ask'] as const;
const SURE: ReadonlySet<unknown> = new Set([null, 'sure', 'leaning', 'guessing']);
const ORIGINS: ReadonlySet<unknown> = new Set(['phone', 'paper']);
const MOST_TYPED = 400;
const MOST_TAKEOVER = 1_000_000;

const isCount = (n: unknown, most: number): n is number =>
  typeof n === 'number' && Number.isInteger(n) && n >= 1 && n <= most;

const isValue = (value: unknown): boolean =>
  value === null || (typeof value === 'object' && !Array.isArray(value) && findUnkeepable(value) === null);

function hasShape(line: Readonly<Record<string, unknown>>): boolean {
  const { v, typed, value, sure, receivedAt, origin, late } = line;
  return (
    (v === undefined || v === LINE_VERSION) &&
    IDS.every((k) => typeof line[k] === 'string' && ID.test(line[k])) &&
    isCount(line['takeover'], MOST_TAKEOVER) &&
    isCount(line['seq'], MOST_TAKEOVER) &&
    (typed === null || (typeof typed === 'string' && typed.length <= MOST_TYPED && isKeepable(typed))) &&
    isValue(value) &&
    SURE.has(sure) &&
    typeof receivedAt === 'string' &&
    isMoment(receivedAt) &&
    ORIGINS.has(origin) &&
    typeof late === 'boolean'
  );
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
  const line = normalized(parsed as Record<string, unknown>);
  if (!hasShape(line)) return null;
  const { v: _v, ...answer } = line;
  return answer as unknown as LoggedAnswer;
}
