import { RESULT_FORMATS } from '@hurrow/contract';
import type { ResultFormat } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { ASK_WORDS } from '@hurrow/core/grading';
import { writeResponses } from '@hurrow/core/responses';
import { writeAskGrades, writeCalendar, writeGradebook, writeXapi } from '@hurrow/core/results';
import { SEES_SECTION, needSection } from '../access/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid } from '../http/index.ts';
import type { CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import { needSitting } from '../sittings/index.ts';
import { qtiPackage } from './qti.ts';
import {
  readAskGrades,
  readCalendarSittings,
  readGradebook,
  readResponseLines,
  readXapiAnswers,
} from './read.ts';
import type { AskedWords, Chosen } from './read.ts';

const FORMATS = Object.keys(RESULT_FORMATS) as readonly ResultFormat[];

async function askedWords(sql: Sql, ws: string): Promise<AskedWords> {
  const vocabulary = await vocabularyToRead(sql, ws);
  return (kind, character) => {
    const c = vocabulary.get(character ?? '');
    if (c) return characterWords(c, 'plain');
    return kind === 'call' ? (character ?? '') : ASK_WORDS[kind];
  };
}

/** The sittings that a request names: one, those of one class, or those of every class the account sees. */
async function chosenBy(call: CallOf<'resultsFile'>): Promise<Chosen> {
  const { sitting, section } = call.query;
  if (sitting !== undefined) {
    const row = await needSitting(call.app.db, call.who, sitting);
    return { sections: [row.section], sitting: row.id };
  }
  if (section !== undefined) {
    await needSection(call, section);
    return { sections: [section], sitting: null };
  }
  const seen = await call.app.db.query<{ id: string }>(
    `select s.id from section s where s.ws = $1 and ${SEES_SECTION('s.id')}`,
    [call.who.ws, call.who.id],
  );
  return { sections: seen.map((s) => s.id), sitting: null };
}

async function textOf(call: CallOf<'resultsFile'>, format: Exclude<ResultFormat, 'qti'>): Promise<string> {
  const { db, version, clock } = call.app;
  const { ws } = call.who;
  const chosen = await chosenBy(call);
  const today = clock().toISOString().slice(0, 10);
  switch (format) {
    case 'responses':
      return writeResponses(await readResponseLines(db, ws, chosen));
    case 'gradebook': {
      const { columns, students } = await readGradebook(
        db,
        ws,
        chosen,
        (quiz, on) => `${quiz}, ${showDate(on, today)}`,
      );
      return writeGradebook(columns, students);
    }
    case 'asks':
      return writeAskGrades(await readAskGrades(db, ws, chosen, await askedWords(db, ws)));
    case 'calendar':
      return writeCalendar(await readCalendarSittings(db, ws, chosen), version, clock().toISOString());
    case 'xapi':
      return writeXapi(await readXapiAnswers(db, ws, chosen, await askedWords(db, ws)), ws);
  }
}

/** Answers, grades or sittings as a file. */
async function resultsFile(call: CallOf<'resultsFile'>): Promise<ReplyOf<'resultsFile'>> {
  const format = FORMATS.find((f) => f === call.params['format']);
  if (!format) {
    throw invalid(`“${call.params['format'] ?? ''}” is no format.`, {
      field: 'format',
      remedy: `Choose one of ${FORMATS.join(', ')}.`,
    });
  }
  const { file, type } = RESULT_FORMATS[format];
  if (format === 'qti') {
    const quiz = call.query['quiz'];
    if (quiz === undefined)
      throw invalid('A package is made of one quiz.', { field: 'quiz', remedy: 'Choose the quiz.' });
    const { bytes } = await qtiPackage(call.app.db, call.who.ws, quiz);
    return { file: { type, bytes: Buffer.from(bytes), name: `hurrow-${file}` } };
  }
  return {
    file: { type: `${type}; charset=utf-8`, bytes: await textOf(call, format), name: `hurrow-${file}` },
  };
}

export const resultsHandlers = { resultsFile } satisfies Partial<Handlers>;
