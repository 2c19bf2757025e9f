import type { LoggedAnswer } from './line.ts';

/** What a segment is known by once every answer in it is stored. */
export interface Digest {
  readonly sha256: string;
  readonly bytes: number;
  readonly lines: number;
}

export interface Segment {
  readonly name: string;
  /** Set once the segment is closed: nothing is appended to it any more. */
  readonly closed: Digest | null;
}

/** A line of a segment: an answer, or text that is none. */
export interface ReadLine {
  readonly answer: LoggedAnswer | null;
  readonly raw: string;
}

/** A line set aside because it cannot be stored; it stays in its segment too. */
export interface SetAside {
  readonly segment: string;
  readonly raw: string;
  readonly why: string;
}

/**
 * The write-ahead log of answers. Life of a segment: it is created by the first answer of a sitting, appended to in
 * group commits, closed once its sitting is over and every answer is stored, and rewritten only by an erasure.
 */
export interface AnswersLog {
  /** Resolves once the answers are on the disk. @throws where they could not be written; then none of them is there. */
  append(answers: readonly LoggedAnswer[]): Promise<void>;
  segments(): readonly Segment[];
  /** The lines of a segment, oldest first, in chunks of bounded size. */
  lines(segment: string): AsyncIterable<readonly ReadLine[]>;
  /** Stops appending to the segments of a sitting; its next answer opens a new one. @returns the names of those left. */
  retire(sitting: string): Promise<readonly string[]>;
  /** Marks a retired segment as stored whole. @returns its digest. */
  close(segment: string): Promise<Digest>;
  setAside(line: SetAside): Promise<void>;
  /** How many lines were set aside so far. */
  readonly aside: () => number;
  /** Takes out every answer of one student, for good. @returns the digests of closed segments that changed. */
  forget(student: string): Promise<ReadonlyMap<string, Digest>>;
  end(): Promise<void>;
}

/** Every answer of a log, oldest segment first. */
export async function* allAnswers(log: AnswersLog): AsyncGenerator<readonly LoggedAnswer[]> {
  for (const { name } of log.segments())
    for await (const chunk of log.lines(name)) yield chunk.flatMap((l) => l.answer ?? []);
}
