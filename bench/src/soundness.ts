import { performance } from 'node:perf_hooks';
import Papa from 'papaparse';
import { CHARACTERS, vocabularyOf } from '@hurrow/core/characters';
import { seeded } from '@hurrow/core/numbers';
import { planResponses, readResponses } from '@hurrow/core/responses';
import { judgeQuiz } from '@hurrow/core/soundness';
import type { NamedStation, QuizAnswers } from '@hurrow/core/soundness';

const [STUDENTS, STATIONS] = [400, 40];
const ROWS = 200_000;

/** A class of 400 at 40 stations, with the names written there and at three times as many elsewhere. */
function largeQuiz(): QuizAnswers {
  const random = seeded(19);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const hard = Array.from({ length: STATIONS }, normal);
  const at = Array.from({ length: STUDENTS }, () => {
    const ability = normal();
    return hard.map((b) => (random() < 1 / (1 + Math.exp(b - ability)) ? 1 : 0));
  });
  const names = {
    students: at.map((_, i) => `s${i}`),
    stations: hard.map((_, j) => `t${j}`),
    at,
  };
  const named = (id: string, j: number): NamedStation => {
    const right = at.filter((row) => row[j] === 1).length;
    return {
      id,
      individual: id,
      truth: `species ${j}`,
      named: new Map([
        [`species ${j}`, right],
        [`species ${(j + 1) % STATIONS}`, STUDENTS - right],
      ]),
    };
  };
  const own = names.stations.map((s, j) => named(s, j));
  const elsewhere = [0, 1, 2].flatMap((q) => names.stations.map((s, j) => named(`${q}/${s}`, j)));
  return {
    names,
    points: names,
    named: own,
    all: [...own, ...elsewhere],
    own: { sitting: 'x', given: [], scores: names },
    earlier: [],
  };
}

const Z = Array.from({ length: 31 }, (_, q) => -6 + 0.4 * q);

/** The definition written down: every student by themselves, plain steps of expectation and maximization. */
function plainly(at: readonly (readonly number[])[], steps: number): number {
  let b = Array.from({ length: STATIONS }, () => 0);
  let sigma = 1;
  for (let step = 0; step < steps; step += 1) {
    const there = b.map(() => Z.map(() => 0));
    let square = 0;
    for (const row of at) {
      const logs = Z.map((z) =>
        row.reduce(
          (sum, x, j) => sum + x * (sigma * z - (b[j] ?? 0)) - Math.log1p(Math.exp(sigma * z - (b[j] ?? 0))),
          (-z * z) / 2,
        ),
      );
      const top = Math.max(...logs);
      const raw = logs.map((l) => Math.exp(l - top));
      const total = raw.reduce((x, y) => x + y, 0);
      raw.forEach((w, q) => {
        square += (w / total) * (sigma * (Z[q] ?? 0)) ** 2;
        there.forEach((t) => (t[q] = (t[q] ?? 0) + w / total));
      });
    }
    b = b.map((start, j) => {
      const right = at.reduce((n, row) => n + (row[j] ?? 0), 0);
      let value = start;
      for (let i = 0; i < 20; i += 1) {
        const ps = Z.map((z) => 1 / (1 + Math.exp(value - sigma * z)));
        const slope = ps.reduce((sum, p, q) => sum + (there[j]?.[q] ?? 0) * p, -right - value / 4);
        const curve = ps.reduce((sum, p, q) => sum - (there[j]?.[q] ?? 0) * p * (1 - p), -1 / 4);
        value -= slope / curve;
      }
      return value;
    });
    sigma = Math.sqrt(square / at.length);
  }
  return sigma;
}

function timed<T>(work: () => T): { readonly ms: number; readonly result: T } {
  const start = performance.now();
  const result = work();
  return { ms: performance.now() - start, result };
}

/** What judging a large quiz takes, beside the plain definition of its scale in the same run. */
export function measureSoundness(): string {
  const quiz = largeQuiz();
  judgeQuiz(quiz);
  const own = timed(() => judgeQuiz(quiz));
  const steps = 60;
  const plain = timed(() => plainly(quiz.names.at as number[][], steps));
  const sigma = own.result.scale.is === 'known' ? own.result.scale.sigma : NaN;
  return `Soundness of ${STUDENTS} students by ${STATIONS} stations: ${own.ms.toFixed(0)} ms; the plain definition of the scale alone, ${steps} steps, ${plain.ms.toFixed(0)} ms, ${(plain.ms / own.ms).toFixed(1)} times as long; the spread differs by ${Math.abs(sigma - plain.result).toExponential(1)}.`;
}

/** What previewing a large file of answers takes, beside reading its cells alone. */
export function measureResponses(): string {
  const lines = ['quiz,date,section,student,station,species,answer,form,sure,seconds,call:leaf.arrangement'];
  for (let i = 0; i < ROWS; i += 1) {
    const [quiz, student, station] = [Math.floor(i / 1000), Math.floor((i % 1000) / 40), (i % 40) + 1];
    lines.push(
      `Quiz ${quiz},2026-09-${String((quiz % 28) + 1).padStart(2, '0')},Tuesday lab,${100 + student},${station},Abies grandis,grand fir,typed,sure,12,alternate`,
    );
  }
  const text = lines.join('\n');
  const cells = timed(() => Papa.parse<string[]>(text).data.length);
  let told = 0;
  const own = timed(() => {
    const read = readResponses(text, () => (told += 1));
    if (!read.ok) throw new Error(read.refused[0]?.message ?? 'Refused');
    return planResponses(
      read.value,
      {
        sections: [{ id: 't', name: 'Tuesday lab', term: 'Fall 2026' }],
        students: Array.from({ length: 25 }, (_, i) => ({
          section: 't',
          id: `s${i}`,
          code: String(100 + i),
        })),
        species: new Map([['abies grandis', 'g']]),
        sittings: [],
        vocabulary: vocabularyOf(CHARACTERS),
      },
      {},
      () => (told += 1),
    );
  });
  return `Answers: ${ROWS.toLocaleString('en')} rows of ${own.result.sittings.length} sittings previewed in ${(own.ms / 1000).toFixed(1)} s, progress told ${told} times; their cells alone are read in ${(cells.ms / 1000).toFixed(1)} s, ${(own.ms / cells.ms).toFixed(1)} times less.`;
}
