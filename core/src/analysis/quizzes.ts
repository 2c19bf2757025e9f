import { checkKey, judgeItems, reliabilityOf, scaleOf } from '../soundness/index.ts';
import type { NamedStation, Scores } from '../soundness/index.ts';
import type { Row } from './types.ts';

/** A row for each student at each sitting, a column for each station of a quiz. */
function scoresOf(rows: readonly Row[]): Scores {
  const stations = [...new Set(rows.map((r) => r.station))].sort((a, b) =>
    a.localeCompare(b, 'en', { numeric: true }),
  );
  const at = new Map<string, (number | null)[]>();
  const place = new Map(stations.map((s, j) => [s, j]));
  for (const r of rows) {
    const who = `${r.sitting}/${r.student}`;
    const row = at.get(who) ?? stations.map(() => null);
    row[place.get(r.station) ?? 0] = r.named === 'right' ? 1 : 0;
    at.set(who, row);
  }
  const students = [...at.keys()].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
  return { students, stations, at: students.map((s) => at.get(s) ?? []) };
}

const groupBy = <K>(rows: readonly Row[], of: (r: Row) => K): ReadonlyMap<K, readonly Row[]> => {
  const by = new Map<K, Row[]>();
  for (const r of rows) {
    const had = by.get(of(r));
    if (had) had.push(r);
    else by.set(of(r), [r]);
  }
  return by;
};

function soundnessOf(quiz: string, section: string | null, rows: readonly Row[]) {
  const scores = scoresOf(rows);
  const reliability = reliabilityOf(scores);
  const species = new Map(rows.map((r) => [r.station, r.line.species]));
  const numbers = new Map(rows.map((r) => [r.station, r.line.station]));
  return {
    quiz,
    section,
    students: scores.students.length,
    stations: scores.stations.length,
    reliability:
      reliability.is === 'known'
        ? { name: reliability.name, value: reliability.value, low: reliability.low, high: reliability.high }
        : null,
    items: judgeItems(scores).map((i) => ({
      station: numbers.get(i.station) ?? 0,
      species: species.get(i.station) ?? '',
      n: i.n,
      facility: i.facility,
      point_biserial: i.correlation.is === 'known' ? i.correlation.r : null,
      p: i.correlation.is === 'known' ? i.correlation.p : null,
      flagged: i.correlation.is === 'known' && i.correlation.flagged,
    })),
  };
}

/** Soundness of each quiz over all its students, and of each of its sections. */
export function findSoundness(rows: readonly Row[]) {
  return [...groupBy(rows, (r) => r.line.quiz)]
    .sort(([a], [b]) => a.localeCompare(b, 'en', { numeric: true }))
    .flatMap(([quiz, own]) => [
      soundnessOf(quiz, null, own),
      ...[...groupBy(own, (r) => r.line.section)]
        .sort(([a], [b]) => a.localeCompare(b, 'en', { numeric: true }))
        .map(([section, part]) => soundnessOf(quiz, section, part)),
    ]);
}

/** The quiz with the most answers on one scale; the others are named, since they share too little to be put beside it. */
export function findScale(rows: readonly Row[]) {
  const quizzes = [...groupBy(rows, (r) => r.line.quiz)].sort(
    (a, b) => b[1].length - a[1].length || a[0].localeCompare(b[0]),
  );
  const [largest, ...others] = quizzes;
  const left_out = others.map(([quiz]) => quiz).sort();
  const scale = largest ? scaleOf(scoresOf(largest[1])) : null;
  if (!largest || scale?.is !== 'known')
    return { sigma: null, stations: [], students: [], left_out: quizzes.map(([quiz]) => quiz).sort() };
  const numbers = new Map(largest[1].map((r) => [r.station, r.line.station]));
  return {
    sigma: scale.sigma,
    stations: scale.stations.map((s) => ({ station: numbers.get(s.id) ?? 0, difficulty: s.value, se: s.se })),
    students: scale.students.map((s) => ({
      student: s.id.slice(s.id.lastIndexOf('/') + 1),
      ability: s.value,
      se: s.se,
    })),
    left_out,
  };
}

/** Stations whose most-named species is not their own, and every one with something to look at. */
export function findKeyChecks(rows: readonly Row[]) {
  const stations = [...groupBy(rows, (r) => `${r.station}\u0000${r.line.species}`).values()].map((own) => {
    const named = new Map<string, number>();
    for (const r of own)
      if ((r.named === 'right' || r.named === 'other') && r.answer !== null)
        named.set(r.answer, (named.get(r.answer) ?? 0) + 1);
    const [first] = own;
    const station: NamedStation = {
      id: `${first?.station ?? ''}\u0000${first?.line.species ?? ''}`,
      individual: null,
      truth: first?.line.species ?? '',
      named,
    };
    return { station, quiz: first?.line.quiz ?? '', number: first?.line.station ?? 0 };
  });
  const all = stations.map((s) => s.station);
  // No tag is doubted where the other species was not written more often than its own.
  const doubted = stations.filter(({ station: { named, truth } }) =>
    [...named].some(([species, n]) => species !== truth && n > (named.get(truth) ?? 0)),
  );
  return doubted
    .flatMap(({ station, quiz, number }) => {
      const check = checkKey(station, all);
      if (!check) return [];
      return [
        {
          quiz,
          station: number,
          species: check.truth,
          instead: check.instead,
          named_as_tag: check.namedAsTag,
          named_as_instead: check.namedAsInstead,
          log_ratio: check.logRatio,
          posterior: check.posterior,
          verdict: check.verdict,
        },
      ];
    })
    .sort((a, b) => b.log_ratio - a.log_ratio || a.quiz.localeCompare(b.quiz) || a.station - b.station);
}
