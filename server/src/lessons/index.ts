import type { LessonRow } from '@hurrow/contract';
import { needSection } from '../access/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam } from '../http/index.ts';
import type { Account, Call, Handlers } from '../http/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { changeLesson, readLessonRows, recordLesson, removeLesson } from './lessons.ts';
import { reviewAnswers } from './review.ts';
import type { LessonWriter } from './lessons.ts';

/** Writes lessons of a class in one transaction, and reads them as they are then. */
async function written(
  call: Call<Account>,
  write: (tx: Sql, w: LessonWriter) => Promise<void>,
): Promise<readonly LessonRow[]> {
  const section = idParam(call, 'id');
  await needSection(call, section);
  const now = call.app.clock();
  const today = (await readWorkspace(call.app.db, now))?.today ?? now.toISOString().slice(0, 10);
  await call.app.db.transaction((tx) => write(tx, { ws: call.who.ws, section, today }));
  return readLessonRows(call.app.db, call.who.ws, section);
}

export const lessonsHandlers = {
  lessons: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readLessonRows(call.app.db, call.who.ws, section) };
  },
  lessonRecord: async (call) => ({
    status: 201,
    body: await written(call, (tx, w) => recordLesson(tx, w, call.body)),
  }),
  lessonChange: async (call) => ({
    body: await written(call, (tx, w) => changeLesson(tx, w, idParam(call, 'lesson'), call.body)),
  }),
  lessonRemove: async (call) => ({
    body: await written(call, (tx, w) => removeLesson(tx, w, idParam(call, 'lesson'))),
  }),
  review: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return {
      body: await reviewAnswers(call.app, call.who, section, [
        idParam(call, 'truth'),
        idParam(call, 'answer'),
      ]),
    };
  },
} satisfies Partial<Handlers>;
