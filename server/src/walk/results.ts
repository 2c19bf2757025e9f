import type { ResultAsk, ResultStation, TaxonHeader, WalkResults } from '@hurrow/contract';
import type { KeyAsk } from '@hurrow/core/grading';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { maybe } from '../db/index.ts';
import { forbidden, notFound } from '../http/index.ts';
import type { Call, Student } from '../http/index.ts';
import { readOwnGrades } from '../grading/index.ts';
import type { ReadGrade } from '../grading/index.ts';
import { readHolds, sittingById } from '../sittings/index.ts';
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
  truth: null,
  asks: own.map((g) => ({
    ...bare(g, vocabulary),
    points: null,
    outcome: null,
    key: null,
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
    truth: { scientific: station.accept.scientific, common: station.accept.common },
    asks: own.map((r): ResultAsk => ({
      ...bare(r, model.vocabulary),
      points: r.row.override?.points ?? r.row.points,
      outcome: r.row.override?.outcome ?? r.row.outcome,
      key: keyOf(askOf(r), station, shown, model.vocabulary),
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

/**
 * Grades of one student, with what separates the species written from the true one at that station that day. Reads
 * that student's rows and the key they were graded by, and nothing of anybody else.
 */
export async function walkResults(call: Call<Student>): Promise<WalkResults> {
  const { db } = call.app;
  const { ws, student } = call.who;
  const { sitting, run, code, model } = await returnedRun(call);
  const held = new Map(
    (await readHolds(call.app, ws, sitting)).holds.flatMap((h) =>
      h.released ? [] : [[h.number, h.until ?? h.because.on] as const],
    ),
  );
  const grades = await readOwnGrades(db, ws, sitting, run, model.key, student);
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
  const told = await tellApart(db, ws, sitting.id, model, written);
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
    scored: planOf(await needQuiz(db, ws, sitting.quiz)).showScore,
    points: sum(result.flatMap((s) => s.asks).map((a) => a.points ?? 0)),
    // A score that counts held stations would tell what was right there.
    most: sum(stations.filter((s) => !held.has(s.number)).flatMap((s) => s.accept.asks.map((a) => a.most))),
    stations: result,
  };
}
