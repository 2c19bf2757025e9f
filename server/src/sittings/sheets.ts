import type { Sheet, SheetAnswer, SheetAsk, Station } from '@hurrow/contract';
import type { Character, Value } from '@hurrow/core/characters';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { PAPER_TAKEOVER, storeAnswers } from '../answers/index.ts';
import type { LoggedAnswer } from '../answers/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
import type { Account, Call, Reply } from '../http/index.ts';
import { readStations } from '../quizzes/index.ts';
import { readShown } from './key.ts';
import type { Shown } from './key.ts';
import { needSitting } from './store.ts';
import type { SittingRow } from './store.ts';

/** A called state by what a hand writes: its term, its plain words, its id, or its number on the sheet. */
export function stateWritten(character: Character, typed: string): string | null {
  const t = typed.trim().toLowerCase();
  if (t === '') return null;
  if (t === '-' || t === '–' || t === 'does not apply') return 'does-not-apply';
  const byNumber = /^\d+$/.test(t) ? character.states[Number(t) - 1] : undefined;
  if (character.states.length === 0) return /^\d+$/.test(t) ? t : null;
  const exact = character.states.find((s) => [s.id, s.term, s.plain].some((w) => w.toLowerCase() === t));
  if (exact ?? byNumber) return (exact ?? byNumber)?.id ?? null;
  const starts = character.states.filter((s) => [s.term, s.plain].some((w) => w.toLowerCase().startsWith(t)));
  return starts.length === 1 ? (starts[0]?.id ?? null) : null;
}

function keyState(value: Value | undefined): string {
  if (!value || value.kind === 'inapplicable') return 'does-not-apply';
  if (value.kind === 'range') return String(Math.round((value.low + value.high) / 2));
  return (value.states.find((s) => s.freq === 'usual') ?? value.states[0])?.state ?? '';
}

interface Latest {
  sitting_station: string;
  ask: string;
  typed: string | null;
  value: { state?: string; written?: string } | null;
  sure: string | null;
  origin: SheetAsk['origin'];
}

async function latestOf(sql: Sql, ws: string, sitting: string, student: string): Promise<readonly Latest[]> {
  return sql.query<Latest>(
    `select distinct on (r.sitting_station, r.ask) r.sitting_station, r.ask, r.typed, r.value, r.sure, r.origin
     from response r join attempt t on t.ws = r.ws and t.id = r.attempt
     where r.ws = $1 and t.sitting = $2 and t.student = $3
     order by r.sitting_station, r.ask, t.takeover desc, r.seq desc`,
    [ws, sitting, student],
  );
}

async function stationsOf(sql: Sql, ws: string, sitting: SittingRow) {
  const stations = new Map((await readStations(sql, ws, sitting.quiz)).map((s) => [s.id, s]));
  const rows = await sql.query<{ id: string; station: string }>(
    'select id, station from sitting_station where ws = $1 and sitting = $2',
    [ws, sitting.id],
  );
  return rows
    .flatMap((r) => {
      const station = stations.get(r.station);
      return station ? [{ sittingStation: r.id, station }] : [];
    })
    .sort((a, b) => a.station.number - b.station.number);
}

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
    throw notFound('There is no such student in this section.', { remedy: 'Choose one of the roster.' });
  return row;
}

type Key = (station: Station, kind: string, character: string | null) => string;

function keyWords(shown: Shown): Key {
  return (station, kind, character) => {
    // A key says nothing of how sure somebody was.
    if (kind === 'sureness') return '';
    if (kind === 'call') {
      const state = keyState(shown.of(station, character ?? ''));
      return shown.character(character ?? '')?.states.find((s) => s.id === state)?.term ?? state;
    }
    const { scientific, common } = station.tree.taxon;
    if (kind === 'common') return common ?? scientific;
    return kind === 'genus' ? (scientific.split(' ')[0] ?? scientific) : scientific;
  };
}

const typedOf = (l: Latest | undefined): string | null =>
  l ? (l.typed ?? l.sure ?? l.value?.written ?? l.value?.state ?? null) : null;

export async function readSheet(call: Call<Account>): Promise<Sheet> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const student = idParam(call, 'student');
  const { code } = await needStudent(db, ws, sitting, student);
  const at = await stationsOf(db, ws, sitting);
  const key = keyWords(
    await readShown(
      db,
      ws,
      at.map((s) => s.station),
    ),
  );
  const latest = new Map(
    (await latestOf(db, ws, sitting.id, student)).map((l) => [`${l.sitting_station}/${l.ask}`, l]),
  );
  const asks = at.flatMap(({ sittingStation, station }) =>
    station.asks.map((a): SheetAsk => {
      const had = latest.get(`${sittingStation}/${a.id}`);
      return {
        sittingStation,
        number: station.number,
        ask: a.id,
        kind: a.kind,
        character: a.character,
        key: key(station, a.kind, a.character),
        typed: typedOf(had),
        origin: had?.origin ?? null,
      };
    }),
  );
  return { student, code, asks };
}

const SURE_WORDS = ['sure', 'leaning', 'guessing'] as const;

function content(
  asked: { station: Station; kind: string; character: string | null },
  written: SheetAnswer,
  shown: Shown,
  key: Key,
  field: string,
): Pick<LoggedAnswer, 'typed' | 'value' | 'sure'> {
  const { station, kind, character } = asked;
  const typed = written.typed ?? key(station, kind, character);
  if (kind === 'sureness') {
    const sure = typed === '' ? null : SURE_WORDS.find((s) => s.startsWith(typed.trim().toLowerCase()));
    if (sure === undefined) {
      throw invalid(`“${typed}” is no sureness.`, {
        field,
        remedy: 'Write sure, leaning or guessing, or the first letter.',
      });
    }
    return { typed: null, value: { written: typed }, sure };
  }
  if (kind === 'call') {
    const c = shown.character(character ?? '');
    const state = c
      ? written.typed === null
        ? keyState(shown.of(station, c.id))
        : stateWritten(c, typed)
      : null;
    if (state === null && typed.trim() !== '') {
      const states = c?.states.map((s) => s.term).join(', ') ?? '';
      throw invalid(`“${typed}” is no state of ${c?.term ?? 'this character'}.`, {
        field,
        remedy:
          states === '' ? 'Write a whole number.' : `Write one of: ${states}; or its number on the sheet.`,
      });
    }
    return {
      typed: null,
      value: state === null ? { written: typed } : { state, written: typed },
      sure: null,
    };
  }
  return { typed, value: null, sure: null };
}

/** Enters answers of a paper sheet, logged and stored as those of a phone are. */
export async function enterSheet(call: Call<Account>): Promise<Reply> {
  const { answers } = call.body as { answers: SheetAnswer[] };
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const student = idParam(call, 'student');
  await needStudent(db, ws, sitting, student);
  if (sitting.state === 'draft' || sitting.state === 'given_back') {
    throw conflict(`A sitting that is ${sitting.state.replace('_', ' ')} takes no answers.`, {
      remedy: sitting.state === 'draft' ? 'Open it first.' : 'Its results have been returned.',
    });
  }
  const at = await stationsOf(db, ws, sitting);
  const shown = await readShown(
    db,
    ws,
    at.map((s) => s.station),
  );
  const key = keyWords(shown);
  const seqs = new Map(
    (
      await db.query<{ key: string; seq: number }>(
        `select r.sitting_station || '/' || r.ask as key, max(r.seq) as seq from response r join attempt t on t.ws = r.ws and t.id = r.attempt
         where r.ws = $1 and t.sitting = $2 and t.student = $3 and t.takeover = $4 group by 1`,
        [ws, sitting.id, student, PAPER_TAKEOVER],
      )
    ).map((r) => [r.key, r.seq]),
  );
  const logged = answers.map((a, i): LoggedAnswer => {
    const station = at.find((s) => s.sittingStation === a.sittingStation)?.station;
    const ask = station?.asks.find((k) => k.id === a.ask);
    if (!station || !ask) {
      throw invalid('There is no such ask in this sitting.', {
        field: `answers.${i}.ask`,
        remedy: 'Read the sheet again.',
      });
    }
    const asked = { station, kind: ask.kind, character: ask.character };
    return {
      id: a.id,
      ws,
      sitting: sitting.id,
      student,
      takeover: PAPER_TAKEOVER,
      sittingStation: a.sittingStation,
      ask: a.ask,
      seq: (seqs.get(`${a.sittingStation}/${a.ask}`) ?? 0) + 1,
      ...content(asked, a, shown, key, `answers.${i}.typed`),
      deviceAt: null,
      receivedAt: call.app.clock().toISOString(),
      origin: 'paper',
      late: false,
    };
  });
  await call.app.answers.append(logged);
  const receipt = await db.transaction((tx) => storeAnswers(tx, logged));
  const [conflicting] = receipt.conflicts;
  if (conflicting)
    throw conflict(conflicting.why, { remedy: 'Read the sheet again and enter what differs.' });
  return { body: await readSheet(call) };
}
