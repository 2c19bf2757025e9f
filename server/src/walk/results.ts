import type { OwnMixUp, ResultAsk, ResultStation, TaxonHeader, WalkResults } from '@hurrow/contract';
import { reasonFor } from '@hurrow/core/grading';
import type { KeyAsk } from '@hurrow/core/grading';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { maybe, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, forbidden, idParam, notFound } from '../http/index.ts';
import type { Account, App, Call, Student } from '../http/index.ts';
import { ownMixUps } from '../mixups/index.ts';
import { readOwnGrades } from '../grading/index.ts';
import type { ReadGrade } from '../grading/index.ts';
import { needSitting, readHolds, sittingById } from '../sittings/index.ts';
import type { SittingRow, StationKey } from '../sittings/index.ts';
import { needQuiz, planOf } from '../quizzes/index.ts';
import { keyOf, resultsModel, shownAt, tellApart } from './resultsModel.ts';
import type { ResultsModel, WrittenInstead } from './resultsModel.ts';

/** An answer in the words of the phone: states by their plain terms, options by what they stood for. */
function wordsOf(value: AnswerValue, c: Character | undefined, ask: KeyAsk | undefined): string {
  return answerText(value, (id) => c?.states.find((s) => s.id === id)?.plain ?? ask?.shown?.labels[id] ?? id);
}

/** The question of the key that an answer was given to. */
const askOf = (g: ReadGrade): KeyAsk | undefined => g.key.accept.asks.find((a) => a.id === g.ask);

const bare = (
  g: ReadGrade,
  vocabulary: Vocabulary,
): Pick<ResultAsk, 'kind' | 'character' | 'typed' | 'most'> => {
  const c = g.row.character ? vocabulary.get(g.row.character) : undefined;
  return {
    kind: g.row.kind,
    character: c?.plain ?? null,
    typed: wordsOf(g.value, c, askOf(g)),
    most: g.row.most,
  };
};

/** A station that another class still has ahead: what this student wrote, and nothing that tells what is right. */
const heldBack = (
  station: StationKey,
  own: readonly ReadGrade[],
  later: string,
  vocabulary: Vocabulary,
): ResultStation => ({
  number: station.number,
  later,
  dropped: station.accept.dropped ?? false,
  truth: null,
  asks: own.map((g) => ({
    ...bare(g, vocabulary),
    points: null,
    outcome: null,
    key: null,
    why: null,
    reason: null,
    before: null,
  })),
  mixedWith: null,
});

/** The species written instead of the tree's at a station, if any was. */
const writtenInstead = (station: StationKey, own: readonly ReadGrade[]): TaxonHeader | null =>
  own.find((r) => r.row.outcome === 'other_species' && r.row.taxon?.id !== station.taxon)?.row.taxon ?? null;

function stationResult(
  model: ResultsModel,
  station: StationKey,
  own: readonly ReadGrade[],
  mixedWith: ResultStation['mixedWith'],
): ResultStation {
  const shown = shownAt(model, station);
  return {
    number: station.number,
    later: null,
    dropped: station.accept.dropped ?? false,
    truth: { scientific: station.accept.scientific, common: station.accept.common },
    asks: own.map((r): ResultAsk => ({
      ...bare(r, model.vocabulary),
      points: r.row.override?.points ?? r.row.points,
      outcome: r.row.override?.outcome ?? r.row.outcome,
      key: keyOf(askOf(r), station, shown, model.vocabulary),
      // A person who changed the grade says why themselves.
      why: r.row.override ? null : reasonFor(r.row.outcome, r.row.points, r.row.most),
      reason: r.row.override?.reason ?? null,
      before: r.row.override && r.row.override.points !== r.row.points ? r.row.points : null,
    })),
    mixedWith,
  };
}

interface Returned {
  readonly sitting: SittingRow;
  readonly run: string;
  readonly code: string;
  readonly model: ResultsModel;
}

interface Part {
  readonly code: string;
  readonly rev: number;
  readonly stamp: string;
}

/** The run that was returned, with what its results are made from. @throws unless this student may see it. */
async function returnedRun(call: Call<Student>): Promise<Returned> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await sittingById(db, ws, call.who.sitting);
  if (!sitting) throw notFound('This quiz was deleted.', { remedy: 'Ask your instructor.' });
  const run = sitting.returned_run;
  if (sitting.state !== 'returned' || run === null) {
    throw forbidden('The results have not been returned yet.', {
      remedy: 'Check again when your instructor has returned them.',
    });
  }
  const part = await maybe<Part>(
    db,
    `select st.code, m.key_rev as rev, w.library_stamp as stamp
     from student st join grading_run m on m.ws = st.ws and m.id = $4 join workspace w on w.id = st.ws
     where st.ws = $1 and st.id = $3
       and exists (select 1 from attempt t where t.ws = st.ws and t.sitting = $2 and t.student = st.id)`,
    [ws, sitting.id, call.who.student, run],
  );
  if (!part) {
    throw forbidden('You have no answers in this quiz, so there are no results.', {
      remedy: 'Check your number, or ask your instructor.',
    });
  }
  const model = await resultsModel(db, ws, sitting.id, part.rev, `${sitting.version}/${part.stamp}`);
  return { sitting, run, code: part.code, model };
}

const sum = (numbers: readonly number[]): number =>
  Math.round(numbers.reduce((n, x) => n + x, 0) * 100) / 100;

/** Stations that another class still has ahead, with the day on which they are returned. */
async function heldStations(app: App, ws: string, sitting: SittingRow): Promise<ReadonlyMap<number, string>> {
  const { holds } = await readHolds(app, ws, sitting);
  return new Map(holds.flatMap((h) => (h.released ? [] : [[h.number, h.until ?? h.because.on] as const])));
}

/** What students of a sitting's class mixed up so far, without what is held back from them at any of its quizzes. */
const mixUpsUpTo = (app: App, ws: string, sitting: SittingRow, student: string | null) =>
  ownMixUps(app.db, ws, sitting.section, student, async (id) => {
    const other = id === sitting.id ? sitting : await sittingById(app.db, ws, id);
    return new Set(other ? (await heldStations(app, ws, other)).keys() : []);
  });

/** What the results of any student of a sitting are put together from. */
interface Common {
  readonly sitting: SittingRow;
  readonly run: string;
  readonly model: ResultsModel;
  readonly held: ReadonlyMap<number, string>;
  readonly scored: boolean;
  readonly mixUps: (student: string) => readonly OwnMixUp[];
}

/**
 * Grades of one student, with what separates the species written from the true one at that station that day. Reads
 * that student's rows and the key they were graded by, and nothing of anybody else.
 */
async function resultsFor(
  sql: Sql,
  ws: string,
  { sitting, run, model, held, scored, mixUps }: Common,
  { student, code }: { readonly student: string; readonly code: string },
): Promise<WalkResults> {
  const grades = await readOwnGrades(sql, ws, sitting, run, model.key, student);
  const ownAt = (station: StationKey): readonly ReadGrade[] =>
    grades.filter((r) => r.sittingStation === station.sittingStation);
  // Where a tree changed while the sitting was open, the student's own answers say which of the two they saw.
  const stations = [...model.key.stations.values()].map(
    (s) => grades.find((g) => g.sittingStation === s.sittingStation)?.key ?? s,
  );
  const written = stations.flatMap((station): WrittenInstead[] => {
    const taxon = held.has(station.number) ? null : writtenInstead(station, ownAt(station));
    return taxon ? [{ station, taxon }] : [];
  });
  const told = await tellApart(sql, ws, sitting.id, model, written);
  const mixed = new Map(written.map((w, i) => [w.station, told[i] ?? null]));
  const result = stations.map((station): ResultStation => {
    const later = held.get(station.number) ?? null;
    return later === null
      ? stationResult(model, station, ownAt(station), mixed.get(station) ?? null)
      : heldBack(station, ownAt(station), later, model.vocabulary);
  });
  return {
    quiz: 'Field quiz',
    on: sitting.on_date,
    student: code,
    scored,
    points: sum(result.flatMap((s) => s.asks).map((a) => a.points ?? 0)),
    // A score that counts held stations would tell what was right there.
    most: sum(stations.filter((s) => !held.has(s.number)).flatMap((s) => s.accept.asks.map((a) => a.most))),
    stations: result,
    mixUps: mixUps(student),
  };
}

export async function walkResults(call: Call<Student>): Promise<WalkResults> {
  const { db } = call.app;
  const { ws, student } = call.who;
  const { sitting, run, code, model } = await returnedRun(call);
  const held = await heldStations(call.app, ws, sitting);
  const scored = planOf(await needQuiz(db, ws, sitting.quiz)).showScore;
  const mixUps = await mixUpsUpTo(call.app, ws, sitting, student);
  return resultsFor(db, ws, { sitting, run, model, held, scored, mixUps }, { student, code });
}

/** The results of all who took part, as they see them, to be printed as slips. @throws before they are returned. */
export async function slips(call: Call<Account>): Promise<readonly WalkResults[]> {
  const { db } = call.app;
  const { ws } = call.who;
  const sitting = await needSitting(db, call.who, idParam(call, 'id'));
  const run = sitting.returned_run;
  if (run === null)
    throw conflict('The results have not been returned yet.', { remedy: 'Return them, then print slips.' });
  const { rev, stamp } = await one<{ rev: number; stamp: string }>(
    db,
    `select m.key_rev as rev, w.library_stamp as stamp from grading_run m join workspace w on w.id = m.ws
     where m.ws = $1 and m.id = $2`,
    [ws, run],
  );
  const students = await db.query<{ student: string; code: string }>(
    `select distinct st.id as student, st.code, length(st.code) as width from attempt t join student st on st.ws = t.ws and st.id = t.student
     where t.ws = $1 and t.sitting = $2 order by width, st.code`,
    [ws, sitting.id],
  );
  const common: Common = {
    sitting,
    run,
    model: await resultsModel(db, ws, sitting.id, rev, `${sitting.version}/${stamp}`),
    held: await heldStations(call.app, ws, sitting),
    scored: planOf(await needQuiz(db, ws, sitting.quiz)).showScore,
    mixUps: await mixUpsUpTo(call.app, ws, sitting, null),
  };
  const found: WalkResults[] = [];
  for (const s of students) found.push(await resultsFor(db, ws, common, s));
  return found;
}
