import { seeded } from '../numbers/index.ts';
import type { NamedStation } from './keyCheck.ts';

const SPECIES = 20;
const STATIONS = 12;
const STUDENTS = 24;
/** One tree in seven differs much from its species, as young ones do. */
const ODD = { share: 0.15, weight: 4, others: 15 } as const;

/** A gamma variate of mean `shape` (Marsaglia and Tsang 2000). */
function gamma(shape: number, random: () => number): number {
  if (shape < 1) return gamma(shape + 1, random) * random() ** (1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    const v = (1 + c * x) ** 3;
    if (v > 0 && Math.log(1 - random()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v;
  }
}

/** How a class names each species: mostly right, else mostly one favorite other. */
function ratesOf(random: () => number): readonly (readonly number[])[] {
  return Array.from({ length: SPECIES }, (_, truth) => {
    const right = 0.6 + 0.38 * random();
    const favorite = (truth + 1 + Math.floor(random() * (SPECIES - 1))) % SPECIES;
    return Array.from({ length: SPECIES }, (__, named) =>
      named === truth ? right : (1 - right) * (named === favorite ? 0.7 : 0.3 / (SPECIES - 2)),
    );
  });
}

/** Names that a class writes at one tree, whose own rates vary about its species'. */
function namesAt(rates: readonly number[], random: () => number): ReadonlyMap<string, number> {
  const weight = random() < ODD.share ? ODD.weight : ODD.others;
  const own = rates.map((r) => gamma(weight * r + 1e-6, random));
  const total = own.reduce((a, b) => a + b, 0);
  const named = new Map<string, number>();
  for (let i = 0; i < STUDENTS; i += 1) {
    let [left, at] = [random() * total, 0];
    while (at < SPECIES - 1 && (left -= own[at] ?? 0) > 0) at += 1;
    named.set(`s${at}`, (named.get(`s${at}`) ?? 0) + 1);
  }
  return named;
}

export interface SimulatedStation extends NamedStation {
  readonly quiz: number;
  readonly isWrong: boolean;
}

/** Three quizzes of one class; at one station of the last, where that is wanted, the tag names another species. */
export function simulatedQuizzes(seed: number, isOneWrong: boolean): readonly SimulatedStation[] {
  const random = seeded(seed);
  const rates = ratesOf(random);
  const wrongAt = isOneWrong ? Math.floor(random() * STATIONS) : -1;
  return [0, 1, 2].flatMap((quiz) =>
    Array.from({ length: STATIONS }, (_, j): SimulatedStation => {
      const really = Math.floor(random() * SPECIES);
      const isWrong = quiz === 2 && j === wrongAt;
      const tag = isWrong ? (really + 1 + Math.floor(random() * (SPECIES - 1))) % SPECIES : really;
      const id = `${quiz}/${j}`;
      return {
        id,
        quiz,
        individual: id,
        truth: `s${tag}`,
        named: namesAt(rates[really] ?? [], random),
        isWrong,
      };
    }),
  );
}
