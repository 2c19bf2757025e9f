import type { Sheet, SheetAsk } from '@hurrow/contract';
import { SURENESS, answerText, characterWritten, nameWritten } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { Vocabulary } from '@hurrow/core/characters';
import type { KeyAsk } from '@hurrow/core/grading';
import type { LoggedAnswer } from '../answers/index.ts';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import { readKey } from './key/index.ts';
import type { LockedKey, StationKey } from './key/index.ts';
import { needSitting } from './store.ts';
import { keyFor, writtenFor } from './written.ts';
import type { SittingRow } from './store.ts';

/** What the key has for a question, as a hand would write it. */
function keyValue(ask: KeyAsk, station: StationKey, vocabulary: Vocabulary): AnswerValue {
  const { accepted } = ask;
  if (accepted.kind === 'name') {
    const { scientific, common } = station.accept;
    const text =
      ask.kind === 'common'
        ? (common ?? scientific)
        : ask.kind === 'genus'
          ? (scientific.split(' ')[0] ?? '')
          : ask.kind === 'family'
            ? (station.accept.families?.family ?? '')
            : scientific;
    return { kind: 'name', text };
  }
  if (accepted.kind !== 'call') return keyFor(ask) ?? { kind: 'blank' };
  const [first] = accepted.right;
  if (first !== undefined) return { kind: 'state', state: first };
  if (accepted.range) {
    const n = Math.round((accepted.range[0] + accepted.range[1]) / 2);
    const isLength = vocabulary.get(ask.character ?? '')?.kind === 'length';
    return isLength ? { kind: 'measure', mm: n, typed: `${n} mm` } : { kind: 'count', n };
  }
  return accepted.doesNotApply ? { kind: 'does_not_apply' } : { kind: 'blank' };
}

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

interface Given {
  readonly sitting_station: string;
  readonly ask: string;
  readonly value: AnswerValue;
}

/** What the student gave last where staff corrected it: a correction counts before it and leaves it on record. */
const givenBefore = (sql: Sql, ws: string, sitting: string, student: string): Promise<readonly Given[]> =>
  sql.query<Given>(
    `select distinct on (r.sitting_station, r.ask) r.sitting_station, r.ask, r.value
     from attempt t join response r on r.ws = t.ws and r.attempt = t.id
     where t.ws = $1 and t.sitting = $2 and t.student = $3 and r.precedence < 2
       and exists (select 1 from attempt u join response c on c.ws = u.ws and c.attempt = u.id
         where u.ws = t.ws and u.sitting = t.sitting and u.student = t.student and c.precedence = 2
           and c.sitting_station = r.sitting_station and c.ask = r.ask)
     order by r.sitting_station, r.ask, r.origin = 'phone' desc, t.takeover desc, r.seq desc, r.received_at desc, r.id desc`,
    [ws, sitting, student],
  );

async function needStudent(
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
const wordOf =
  (ask: KeyAsk, vocabulary: Vocabulary) =>
  (id: string): string =>
    ask.shown?.labels[id] ?? vocabulary.get(ask.character ?? '')?.states.find((s) => s.id === id)?.term ?? id;

/** A key is there once a sitting is locked; a draft has no sheets. */
async function needKey(sql: Sql, ws: string, sitting: SittingRow): Promise<LockedKey> {
  const key = await readKey(sql, ws, sitting.id);
  if (key) return key;
  throw conflict('The key of this sitting is not locked yet.', { remedy: 'Open the sitting first.' });
}

export async function readSheet(call: Call<Account>): Promise<Sheet> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const student = idParam(call, 'student');
  const { code } = await needStudent(db, ws, sitting, student);
  const key = await needKey(db, ws, sitting);
  const vocabulary = await vocabularyToRead(db, ws);
  const latest = new Map(
    (await countedBy(db, ws, sitting.id, student)).map((l) => [`${l.sitting_station}/${l.ask}`, l]),
  );
  const given = new Map(
    (await givenBefore(db, ws, sitting.id, student)).map((g) => [`${g.sitting_station}/${g.ask}`, g.value]),
  );
  const asks = [...key.stations.values()].flatMap((station) =>
    station.accept.asks.map((a): SheetAsk => {
      const had = latest.get(`${station.sittingStation}/${a.id}`);
      const before = given.get(`${station.sittingStation}/${a.id}`);
      return {
        sittingStation: station.sittingStation,
        number: station.number,
        ask: a.id,
        kind: a.kind,
        character: a.character,
        // A key says nothing of how sure somebody was.
        key: a.kind === 'sureness' ? '' : answerText(keyValue(a, station, vocabulary), wordOf(a, vocabulary)),
        typed: had ? answerText(had.value, wordOf(a, vocabulary)) : null,
        origin: had?.origin ?? null,
        disputed: had?.disputed ?? false,
        gave: before ? answerText(before, wordOf(a, vocabulary)) : null,
      };
    }),
  );
  return { student, code, asks };
}

function valueOf(
  ask: KeyAsk,
  station: StationKey,
  typed: string | null,
  vocabulary: Vocabulary,
  field: string,
): AnswerValue {
  if (ask.kind === 'sureness') {
    const t = (typed ?? '').trim().toLowerCase();
    if (t === '') return { kind: 'blank' };
    const sure = SURENESS.find((s) => s.startsWith(t));
    if (sure) return { kind: 'sureness', sure };
    throw invalid(`“${typed ?? ''}” does not say how sure.`, {
      field,
      remedy: 'Write sure, leaning or guessing, or the first letter.',
    });
  }
  if (typed === null) return keyValue(ask, station, vocabulary);
  const other = writtenFor(ask, typed, field);
  if (other) return other;
  if (ask.kind !== 'call') return nameWritten(typed);
  const c = vocabulary.get(ask.character ?? '');
  const value = c ? characterWritten(c, typed) : null;
  if (value) return value;
  const states = c?.states.map((s) => s.term).join(', ') ?? '';
  const number =
    c?.kind === 'length' ? 'Write a length with its unit, such as 3 in or 75 mm.' : 'Write a whole number.';
  throw invalid(`“${typed}” is not one of the choices for ${c?.term ?? 'this character'}.`, {
    field,
    remedy: states === '' ? number : `Write one of: ${states}; or its number on the sheet.`,
  });
}

interface Slot {
  readonly key: string;
  readonly seq: number;
  /** Whether staff corrected this question before; then every later entry is a correction too. */
  readonly corrected: boolean;
}

/** How far each question of a student's sheet has come. */
async function slotsOf(
  sql: Sql,
  ws: string,
  sitting: string,
  student: string,
): Promise<ReadonlyMap<string, Slot>> {
  const rows = await sql.query<Slot>(
    `select r.sitting_station || '/' || r.ask as key, max(r.seq) as seq, bool_or(r.precedence = 2) as corrected
     from attempt t join response r on r.ws = t.ws and r.attempt = t.id
     where t.ws = $1 and t.sitting = $2 and t.student = $3 and t.origin = 'paper' group by 1`,
    [ws, sitting, student],
  );
  return new Map(rows.map((r) => [r.key, r]));
}

function loggedAnswers(
  call: CallOf<'sheetEnter'>,
  sitting: SittingRow,
  student: string,
  key: LockedKey,
  slots: ReadonlyMap<string, Slot>,
  vocabulary: Vocabulary,
): readonly LoggedAnswer[] {
  const { answers } = call.body;
  return answers.map((a, i): LoggedAnswer => {
    const station = key.stations.get(a.sittingStation);
    const ask = station?.accept.asks.find((k) => k.id === a.ask);
    if (!station || !ask) {
      throw invalid('This question is not in the sitting.', {
        field: `answers.${i}.ask`,
        remedy: 'Open the sheet again.',
      });
    }
    const slot = slots.get(`${a.sittingStation}/${a.ask}`);
    return {
      id: a.id,
      ws: call.who.ws,
      sitting: sitting.id,
      student,
      origin: 'paper',
      takeover: 1,
      precedence: a.correction === true || slot?.corrected === true ? 2 : 1,
      sittingStation: a.sittingStation,
      ask: a.ask,
      seq: (slot?.seq ?? 0) + 1,
      value: valueOf(ask, station, a.typed, vocabulary, `answers.${i}.typed`),
      deviceAt: null,
      receivedAt: call.app.clock().toISOString(),
      when: 'open',
    };
  });
}

/**
 * Enters answers of a paper sheet, logged and stored as those of a phone are. What differs from an answer by phone
 * waits for a decision, unless staff say that it corrects it.
 */
export async function enterSheet(call: CallOf<'sheetEnter'>): Promise<ReplyOf<'sheetEnter'>> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const student = idParam(call, 'student');
  await needStudent(db, ws, sitting, student);
  if (sitting.state === 'draft' || sitting.state === 'locked' || sitting.state === 'returned') {
    throw conflict(
      sitting.state === 'returned' ? 'The results have been returned.' : 'This sitting is not open yet.',
      { remedy: sitting.state === 'returned' ? 'Talk to the student.' : 'Open it first.' },
    );
  }
  const key = await needKey(db, ws, sitting);
  const vocabulary = await vocabularyToRead(db, ws);
  const logged = loggedAnswers(
    call,
    sitting,
    student,
    key,
    await slotsOf(db, ws, sitting.id, student),
    vocabulary,
  );
  const taken = await call.app.intake.take(logged);
  if (taken.disputed.some((d) => d.kind === 'other_content')) {
    throw conflict('This entry was sent twice with different text; both are kept.', {
      remedy: 'Open the sheet again and enter what differs.',
    });
  }
  return { body: await readSheet(call) };
}
