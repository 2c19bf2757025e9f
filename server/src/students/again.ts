import { recordSegment } from '../answers/index.ts';
import type { AnswersLog, Erasure, Erasures } from '../answers/index.ts';
import type { Database } from '../db/index.ts';
import { eraseStudent } from './erase.ts';

/** Erases one student from the database and from the answers log. */
export async function eraseEverywhere(db: Database, answers: AnswersLog, e: Erasure): Promise<void> {
  const forget = async (): Promise<void> => {
    for (const [segment, digest] of await answers.forget(e.student)) await recordSegment(db, segment, digest);
  };
  // The log first: the database names a student as erased only once the log is clean.
  await forget();
  await db.transaction((tx) => eraseStudent(tx, e.ws, e.student, e.at));
  // A phone may have sent something between the two.
  await forget();
}

/**
 * Erases again who was erased and is back: after a crash in the middle of an erasure, or where an earlier copy of the
 * database was put beside newer erasures. Both records of erasures, the file and the table, then say the same.
 * @returns the students whose answers must never be brought back.
 */
export async function eraseAgain(
  db: Database,
  answers: AnswersLog,
  erasures: Erasures,
): Promise<{ readonly erased: ReadonlySet<string>; readonly damaged: number }> {
  const file = await erasures.read();
  const table = await db.query<Erasure>('select ws, id as student, at from erased_student');
  const inFile = new Set(file.erased.map((e) => e.student));
  for (const e of table) if (!inFile.has(e.student)) await erasures.append(e);
  const done = new Set(table.map((e) => e.student));
  const back = new Set(
    (
      await db.query<{ id: string }>('select id from student where id = any($1::uuid[])', [
        file.erased.map((e) => e.student),
      ])
    ).map((r) => r.id),
  );
  const workspaces = new Set((await db.query<{ id: string }>('select id from workspace')).map((w) => w.id));
  for (const e of file.erased)
    if ((back.has(e.student) || !done.has(e.student)) && workspaces.has(e.ws))
      await eraseEverywhere(db, answers, e);
  return { erased: new Set([...inFile, ...done]), damaged: file.damaged };
}
