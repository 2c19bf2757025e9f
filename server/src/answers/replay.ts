import type { Database, Sql } from '../db/index.ts';
import { isRefusedByData } from '../db/index.ts';
import type { LoggedAnswer } from './line.ts';
import type { AnswersLog, Digest, ReadLine, Segment } from './log.ts';
import { isOnRecord, knownAnswers } from './known.ts';
import { storeAnswers } from './store.ts';
import type { From } from './insert.ts';
import type { StoreReceipt } from './store.ts';

export interface Replayed {
  /** Answers brought into the database. */
  readonly stored: number;
  /** Answers whose sitting or student the database does not know; the log goes on holding them. */
  readonly left: number;
  /** Lines that are no answer, or that the database refused, since the log began. */
  readonly aside: number;
}

export type { StoreReceipt };
export interface Failed {
  readonly answer: LoggedAnswer;
  readonly why: string;
}

/**
 * Stores answers so that one the database refuses holds up no other: together where they can be, and where they
 * cannot, in halves down to the one at fault.
 * @throws where the database itself fails, such as a lost connection.
 */
export async function storeSafely(
  db: Database,
  answers: readonly LoggedAnswer[],
  from: From = 'hand',
): Promise<StoreReceipt & { readonly failed: readonly Failed[] }> {
  try {
    return { ...(await db.transaction((tx) => storeAnswers(tx, answers, from))), failed: [] };
  } catch (error) {
    if (!isRefusedByData(error)) throw error;
    const [only] = answers;
    if (answers.length === 1 && only) {
      const why = error instanceof Error ? error.message : String(error);
      return { accepted: [], disputed: [], failed: [{ answer: only, why }] };
    }
    const half = Math.ceil(answers.length / 2);
    const [a, b] = [
      await storeSafely(db, answers.slice(0, half), from),
      await storeSafely(db, answers.slice(half), from),
    ];
    return {
      accepted: [...a.accepted, ...b.accepted],
      disputed: [...a.disputed, ...b.disputed],
      failed: [...a.failed, ...b.failed],
    };
  }
}

/** Answers whose sitting, station, question and student the database knows. */
async function placeable(sql: Sql, answers: readonly LoggedAnswer[]): Promise<ReadonlySet<LoggedAnswer>> {
  const known = async (table: string, idOf: (a: LoggedAnswer) => string): Promise<ReadonlySet<string>> => {
    const wanted = [...new Map(answers.map((a) => [idOf(a), a.ws]))];
    const rows = await sql.query<{ id: string }>(
      `select t.id from unnest($1::uuid[], $2::uuid[]) w(ws, id) join "${table}" t on t.ws = w.ws and t.id = w.id`,
      [wanted.map(([, ws]) => ws), wanted.map(([id]) => id)],
    );
    return new Set(rows.map((r) => r.id));
  };
  const sittings = await known('sitting', (a) => a.sitting);
  const students = await known('student', (a) => a.student);
  const stations = await known('sitting_station', (a) => a.sittingStation);
  const asks = await known('ask', (a) => a.ask);
  return new Set(
    answers.filter(
      (a) =>
        sittings.has(a.sitting) &&
        students.has(a.student) &&
        stations.has(a.sittingStation) &&
        asks.has(a.ask),
    ),
  );
}

interface Counts {
  stored: number;
  left: number;
  /** Lines of this segment that are neither stored nor set aside. */
  open: number;
  /** Erased students who have lines in it. */
  readonly erased: Set<string>;
}

const noCounts = (): Counts => ({ stored: 0, left: 0, open: 0, erased: new Set() });

async function replayChunk(
  db: Database,
  log: AnswersLog,
  segment: string,
  chunk: readonly ReadLine[],
  erased: ReadonlySet<string>,
  counts: Counts,
): Promise<void> {
  for (const { answer, raw } of chunk)
    if (answer === null) await log.setAside({ segment, raw, why: 'This line is not an answer.' });
  const all = chunk.flatMap(({ answer }) => answer ?? []);
  for (const a of all) if (erased.has(a.student)) counts.erased.add(a.student);
  const answers = all.filter((a) => !erased.has(a.student));
  const known = await knownAnswers(db, answers);
  const missing = answers.filter((a) => !isOnRecord(a, known));
  if (missing.length === 0) return;
  const here = await placeable(db, missing);
  counts.left += missing.length - here.size;
  counts.open += missing.length - here.size;
  const { accepted, disputed, failed } = await storeSafely(
    db,
    missing.filter((a) => here.has(a)),
    // PGlite is this process alone, so nothing that was looked up can go away in between.
    db.kind === 'pglite' ? 'log, keys checked' : 'log',
  );
  counts.stored += accepted.length + disputed.length;
  for (const f of failed)
    await log.setAside({ segment, raw: JSON.stringify(f.answer), why: `The database refused it: ${f.why}` });
}

/** Keeps in the database what a closed segment is known by. */
export async function recordSegment(sql: Sql, name: string, d: Digest): Promise<void> {
  await sql.query(
    `insert into answer_segment (name, sha256, bytes) values ($1, $2, $3)
     on conflict (name) do update set sha256 = excluded.sha256, bytes = excluded.bytes`,
    [name, d.sha256, d.bytes],
  );
}

/** The sittings of segments that still take answers, so that their segments stay open. */
async function openSittings(db: Sql): Promise<ReadonlySet<string>> {
  const rows = await db.query<{ id: string }>(
    `select id from sitting where state in ('draft', 'locked', 'open')`,
  );
  return new Set(rows.map((r) => r.id));
}

/** Stored answers after which the tables are analyzed for the first time; then after four times as many. */
const FIRST_ANALYZE = 2000;

/** Closes a segment that holds nothing the database still lacks. */
async function closeIfStored(db: Database, log: AnswersLog, segment: Segment): Promise<void> {
  if (segment.closed === null) await recordSegment(db, segment.name, await log.close(segment.name));
  else await recordSegment(db, segment.name, segment.closed);
}

/**
 * Brings a database up to what the log holds. Segments whose digest the database already has are skipped unread.
 * Never stops a start: what is no answer, or is refused by the database, is set aside and counted.
 * @param erased students whose answers are never brought back.
 * @param progress told after each chunk how many lines were checked.
 */
export async function replayAnswers(
  db: Database,
  log: AnswersLog,
  erased: ReadonlySet<string> = new Set(),
  progress: (checked: number) => void = () => undefined,
): Promise<Replayed> {
  let analyzeAt = FIRST_ANALYZE;
  const stored = new Map(
    (await db.query<{ name: string; sha256: string; bytes: number }>('select * from answer_segment')).map(
      (r) => [r.name, r],
    ),
  );
  const isKnown = ({ name, closed }: Segment): boolean =>
    closed !== null && stored.get(name)?.sha256 === closed.sha256 && stored.get(name)?.bytes === closed.bytes;
  const running = await openSittings(db);
  const total = noCounts();
  let checked = 0;
  for (const segment of log.segments()) {
    if (isKnown(segment)) continue;
    const counts = noCounts();
    for await (const chunk of log.lines(segment.name)) {
      await replayChunk(db, log, segment.name, chunk, erased, counts);
      checked += chunk.length;
      progress(checked);
      if (total.stored + counts.stored < analyzeAt) continue;
      // Tables that grow fast are planned as if they were small until they are analyzed.
      await db.query('analyze response');
      analyzeAt *= 4;
    }
    total.stored += counts.stored;
    total.left += counts.left;
    const sitting = segment.name.slice(0, 36);
    if (counts.open === 0 && segment.name !== 'memory' && !running.has(sitting))
      await closeIfStored(db, log, segment);
    for (const student of counts.erased) total.erased.add(student);
  }
  for (const student of total.erased)
    for (const [name, digest] of await log.forget(student)) await recordSegment(db, name, digest);
  return { stored: total.stored, left: total.left, aside: log.aside() };
}

/** Closes the segments of a sitting that is over, once every answer in them is stored. */
export async function closeSegments(db: Database, log: AnswersLog, sitting: string): Promise<void> {
  for (const name of await log.retire(sitting)) {
    let whole = true;
    for await (const chunk of log.lines(name)) {
      const answers = chunk.flatMap((l) => l.answer ?? []);
      const known = await knownAnswers(db, answers);
      whole = answers.length === chunk.length && answers.every((a) => isOnRecord(a, known));
      if (!whole) break;
    }
    if (whole) await recordSegment(db, name, await log.close(name));
  }
}
