import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import { needQuiz } from './store.ts';

export const lockQuiz = (tx: Sql, ws: string, id: string) =>
  tx.query('select 1 from quiz where ws = $1 and id = $2 for update', [ws, id]);

/** Locks a quiz whose stations are to change. @throws where the key of a sitting of it is locked. */
export async function needUnlocked(tx: Sql, ws: string, quiz: string): Promise<void> {
  await lockQuiz(tx, ws, quiz);
  const { locked } = await needQuiz(tx, ws, quiz);
  if (locked) {
    throw conflict('The key of a sitting of this quiz is locked, so its stations no longer change.', {
      remedy: 'Make a new quiz for other stations.',
    });
  }
}
