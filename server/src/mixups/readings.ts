import type { ReadingCorrection, ReadingRow, ReadingsOfClass } from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import { READINGS } from '@hurrow/core/mixups';
import type { ReadingKind } from '@hurrow/core/mixups';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { notFound } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { diagnoses } from './diagnoses.ts';
import type { Diagnosed } from './diagnoses.ts';
import { readLooks, readWritten } from './looks.ts';
import type { LookRow } from './looks.ts';

/** More rows than anybody reads; what is beyond is counted. */
const MOST_ROWS = 1000;

const firstOf = ({ readings, corrected }: Diagnosed): ReadingKind =>
  corrected?.reading ?? readings[0]?.kind ?? 'single';

/** How wrong answers of a class are read: counts by the reading that is shown, and the answers, the newest first. */
export async function readReadings(sql: Sql, ws: string, section: string): Promise<ReadingsOfClass> {
  const all = await readLooks(sql, ws, [section]);
  const wrong = all.filter((l) => l.named !== 'right' && l.named !== 'blank');
  const read = await diagnoses(sql, ws, [section], all);
  const found = wrong.map((look) => ({ look, diagnosed: read(look) }));
  const headers = await readHeaders(sql, ws, [
    ...new Set(wrong.flatMap((l) => (l.answer === null ? [l.truth] : [l.truth, l.answer]))),
  ]);
  const shown = found.slice(0, MOST_ROWS);
  const written = await readWritten(
    sql,
    ws,
    shown.flatMap(({ look }) => look.response ?? []),
  );
  const rowOf = (look: LookRow, diagnosed: Diagnosed): ReadingRow[] => {
    const truth = headers.get(look.truth);
    if (!truth) return [];
    const typed = written.get(look.response ?? '');
    return [
      {
        station: look.sitting_station,
        student: look.student,
        code: look.code,
        firstName: look.first_name,
        sitting: look.sitting,
        quiz: look.quiz_name,
        on: look.on_date,
        number: look.number,
        truth,
        answer: look.answer === null ? null : (headers.get(look.answer) ?? null),
        typed: typed ? answerText(typed) : '',
        ...diagnosed,
      },
    ];
  };
  return {
    wrong: wrong.length,
    counts: READINGS.flatMap((reading) => {
      const own = found.filter(({ diagnosed }) => firstOf(diagnosed) === reading);
      if (own.length === 0) return [];
      return [
        {
          reading,
          answers: own.length,
          students: new Set(own.map(({ look }) => look.student)).size,
          corrected: own.filter(({ diagnosed }) => diagnosed.corrected !== null).length,
        },
      ];
    }),
    rows: shown.flatMap(({ look, diagnosed }) => rowOf(look, diagnosed)),
    unlisted: Math.max(0, found.length - MOST_ROWS),
  };
}

/** Keeps the reading an instructor gives to a wrong answer, or takes it back. @throws where there is no such wrong answer. */
export async function correctReading(
  tx: Sql,
  who: { readonly ws: string; readonly by: string; readonly at: string },
  section: string,
  { station, student, reading }: ReadingCorrection,
): Promise<void> {
  const look = await maybe<{ named: string }>(
    tx,
    'select named from look where ws = $1 and section = $2 and sitting_station = $3 and student = $4',
    [who.ws, section, station, student],
  );
  if (!look || look.named === 'right')
    throw notFound('There is no such wrong answer any more.', {
      remedy: 'It may have been graded again; open the pair or the class once more.',
    });
  await tx.query('delete from diagnosis where ws = $1 and sitting_station = $2 and student = $3', [
    who.ws,
    station,
    student,
  ]);
  if (reading === null) return;
  const all = await readLooks(tx, who.ws, [section]);
  const own = all.find((l) => l.sitting_station === station && l.student === student);
  const read = await diagnoses(tx, who.ws, [section], all, own ? [own] : []);
  const first = own ? (read(own).readings[0]?.kind ?? 'single') : 'single';
  await insertRows(tx, 'diagnosis', [
    {
      ws: who.ws,
      sitting_station: station,
      student,
      reading,
      instead_of: first,
      by_account: who.by,
      at: who.at,
    },
  ]);
}
