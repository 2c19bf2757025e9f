import type { Sheet, SheetAsk, SheetEntry } from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { Vocabulary } from '@hurrow/core/characters';
import type { KeyAsk } from '@hurrow/core/grading';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import { needSitting, readKey } from '../sittings/index.ts';
import type { LockedKey, SittingRow, StationKey } from '../sittings/index.ts';
import { mustTakeSheets, takeEntered } from './entering.ts';
import type { Entered } from './entering.ts';
import { gradeAt, sheetKey, slot } from './graded.ts';
import type { SheetKey } from './graded.ts';
import { secondOf } from './secondOf.ts';
import { askAboutShift, readShift } from './shifts.ts';
import { enteredValue, keyValue } from './values.ts';

interface Latest {
  readonly sitting_station: string;
  readonly ask: string;
  readonly value: AnswerValue;
  readonly origin: SheetAsk['origin'];
  readonly disputed: boolean;
}

const countedBy = (sql: Sql, ws: string, sitting: string, student: string): Promise<readonly Latest[]> =>
  sql.query<Latest>(
    `select c.sitting_station, c.ask, c.value, c.origin,
       exists (select 1 from answer_dispute d join response r on r.ws = d.ws and r.id = d.response
         where d.ws = c.ws and d.sitting = c.sitting and d.student = c.student and d.state = 'open'
           and r.sitting_station = c.sitting_station and r.ask = c.ask) as disputed
     from counted_answer c where c.ws = $1 and c.sitting = $2 and c.student = $3`,
    [ws, sitting, student],
  );

/** What counts of a student's answers, by question. */
export async function givenBy(
  sql: Sql,
  ws: string,
  sitting: string,
  student: string,
): Promise<ReadonlyMap<string, Latest>> {
  const rows = await countedBy(sql, ws, sitting, student);
  return new Map(rows.map((l) => [slot(l.sitting_station, l.ask), l]));
}

interface Before {
  readonly sitting_station: string;
  readonly ask: string;
  readonly value: AnswerValue;
}

/** What the student gave last where staff corrected it: a correction counts before it and leaves it on record. */
const givenBefore = (sql: Sql, ws: string, sitting: string, student: string): Promise<readonly Before[]> =>
  sql.query<Before>(
    `select distinct on (r.sitting_station, r.ask) r.sitting_station, r.ask, r.value
     from attempt t join response r on r.ws = t.ws and r.attempt = t.id
     where t.ws = $1 and t.sitting = $2 and t.student = $3 and r.precedence < 2
       and exists (select 1 from attempt u join response c on c.ws = u.ws and c.attempt = u.id
         where u.ws = t.ws and u.sitting = t.sitting and u.student = t.student and c.precedence = 2
           and c.sitting_station = r.sitting_station and c.ask = r.ask)
     order by r.sitting_station, r.ask, r.origin = 'phone' desc, t.takeover desc, r.seq desc, r.received_at desc, r.id desc`,
    [ws, sitting, student],
  );

export async function needStudent(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
  student: string,
): Promise<{ code: string }> {
  const row = await maybe<{ code: string }>(
    sql,
    `select s.code from student s join enrolment e on e.ws = s.ws and e.student = s.id
     where s.ws = $1 and s.id = $2 and e.section = $3 limit 1`,
    [ws, student, sitting.section],
  );
  if (!row)
    throw notFound('This student is not in the class.', { remedy: 'Choose a student on its roster.' });
  return row;
}

/** The words of a state as the sheet prints it. */
export const wordOf =
  (ask: KeyAsk, vocabulary: Vocabulary) =>
  (id: string): string =>
    ask.shown?.labels[id] ?? vocabulary.get(ask.character ?? '')?.states.find((s) => s.id === id)?.term ?? id;

/** A key is there once a sitting is locked; a draft has no sheets. */
export async function needKey(sql: Sql, ws: string, sitting: SittingRow): Promise<LockedKey> {
  const key = await readKey(sql, ws, sitting.id);
  if (key) return key;
  throw conflict('The key of this sitting is not locked yet.', { remedy: 'Open the sitting first.' });
}

const ENTRIES: Readonly<Partial<Record<AnswerValue['kind'], SheetEntry>>> = {
  blank: 'blank',
  cannot_tell: 'cannot_tell',
  not_sure: 'not_sure',
  illegible: 'illegible',
  not_reached: 'not_reached',
};

/** How staff entered an answer; null where they typed it. */
const entryOf = (value: AnswerValue): SheetEntry | null =>
  value.kind === 'name' ? (value.picked ?? null) : (ENTRIES[value.kind] ?? null);

function askOn(
  key: SheetKey,
  station: StationKey,
  ask: KeyAsk,
  had: Latest | undefined,
  before: AnswerValue | undefined,
  vocabulary: Vocabulary,
): SheetAsk {
  const words = wordOf(ask, vocabulary);
  const right = keyValue(ask, station, vocabulary);
  return {
    sittingStation: station.sittingStation,
    number: station.number,
    ask: ask.id,
    kind: ask.kind,
    character: ask.character,
    // A key says nothing of how sure somebody was.
    key: ask.kind === 'sureness' ? '' : right.kind === 'name' ? right.text : answerText(right, words),
    typed: had ? answerText(had.value, words) : null,
    as: had ? entryOf(had.value) : null,
    origin: had?.origin ?? null,
    disputed: had?.disputed ?? false,
    gave: before ? answerText(before, words) : null,
    points: had ? (gradeAt(key, station, ask, had.value)?.points ?? null) : null,
    most: ask.kind === 'sureness' ? 0 : ask.most,
  };
}

/** A sheet of a student as it is entered so far. */
export async function readSheet(call: Call<Account>): Promise<Sheet> {
  const { db } = call.app;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const key = await sheetKey(db, call.who.ws, sitting, await needKey(db, call.who.ws, sitting));
  return sheetOf(call, sitting, idParam(call, 'student'), key);
}

/** The same where the sitting and its key have been read already. */
export async function sheetOf(
  call: Call<Account>,
  sitting: SittingRow,
  student: string,
  key: SheetKey,
): Promise<Sheet> {
  const { db } = call.app;
  const { ws } = call.who;
  const { code } = await needStudent(db, ws, sitting, student);
  const vocabulary = await vocabularyToRead(db, ws);
  // Whoever enters it a second time sees nothing of the first.
  const isBlind = call.query['blind'] === '1';
  const latest = isBlind ? new Map<string, Latest>() : await givenBy(db, ws, sitting.id, student);
  const given = new Map(
    (isBlind ? [] : await givenBefore(db, ws, sitting.id, student)).map((g) => [
      slot(g.sitting_station, g.ask),
      g.value,
    ]),
  );
  const asks = key.stations.flatMap((station) =>
    station.accept.asks.map((a): SheetAsk => {
      const at = slot(station.sittingStation, a.id);
      return askOn(key, station, a, latest.get(at), given.get(at), vocabulary);
    }),
  );
  const photo = await maybe(db, 'select 1 from sheet_photo where ws = $1 and sitting = $2 and student = $3', [
    ws,
    sitting.id,
    student,
  ]);
  return {
    student,
    code,
    asks,
    species: [...key.species.values()],
    shift: await readShift(db, ws, sitting.id, student),
    second: await secondOf(db, ws, sitting.id, student),
    photo: photo !== null,
  };
}

/** Reads the answers of a sheet against its key, all or none. */
export function readEntered(
  answers: CallOf<'sheetEnter'>['body']['answers'],
  key: SheetKey,
  vocabulary: Vocabulary,
): readonly Entered[] {
  const stations = new Map(key.stations.map((s) => [s.sittingStation, s]));
  return answers.map((a, i): Entered => {
    const station = stations.get(a.sittingStation);
    const ask = station?.accept.asks.find((k) => k.id === a.ask);
    if (!station || !ask) {
      throw invalid('This question is not in the sitting.', {
        field: `answers.${i}.ask`,
        remedy: 'Open the sheet again.',
      });
    }
    const reading = { station, species: key.species, vocabulary };
    return {
      id: a.id,
      sittingStation: a.sittingStation,
      ask: a.ask,
      value: enteredValue(ask, a, reading, `answers.${i}`),
      correction: a.correction === true,
    };
  });
}

/** A sheet that takes entries, with all it is entered against. */
export interface OpenSheet {
  readonly sitting: SittingRow;
  readonly student: string;
  readonly key: SheetKey;
}

/** @throws where there is no such sheet, or it takes no entries: before the sitting opens and once results are returned. */
export async function needOpenSheet(call: Call<Account>): Promise<OpenSheet> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const student = idParam(call, 'student');
  await needStudent(db, ws, sitting, student);
  mustTakeSheets(sitting);
  return { sitting, student, key: await sheetKey(db, ws, sitting, await needKey(db, ws, sitting)) };
}

/**
 * Enters answers of a paper sheet. What differs from an answer by phone waits for a decision, unless staff say that it
 * corrects it; lines that look one station off are asked about.
 */
export async function enterSheet(call: CallOf<'sheetEnter'>): Promise<ReplyOf<'sheetEnter'>> {
  const { sitting, student, key } = await needOpenSheet(call);
  const vocabulary = await vocabularyToRead(call.app.db, call.who.ws);
  await takeEntered(call, sitting, student, readEntered(call.body.answers, key, vocabulary));
  await askAboutShift(call, sitting, student, key);
  return { body: await sheetOf(call, sitting, student, key) };
}
