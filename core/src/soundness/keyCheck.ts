import gammaln from '@stdlib/math-base-special-gammaln';

/** Weight of what is thought of a species before its other stations are looked at, in answers. */
const PRIOR_WEIGHT = 5;
/** How far one tree may differ from its species: its own rates count as so many answers, however many there are elsewhere. */
const TREE_WEIGHT = 5;
/** A tag is wrong about once in fifty. */
const PRIOR_ODDS = 0.02;
const CERTAIN = 0.9;
const FEWEST_OTHERS = { stations: 2, answers: 20 } as const;
const HINT = { ratio: 10, perAnswer: 0.7 } as const;

/** The answers at one station that name a species of the list. */
export interface NamedStation {
  readonly id: string;
  /** The tree or specimen, so that a tree is no witness about itself; null where none is known. */
  readonly individual: string | null;
  /** The species its tag says. */
  readonly truth: string;
  /** How many answers name each species. */
  readonly named: ReadonlyMap<string, number>;
}

export interface KeyCheck {
  readonly station: string;
  readonly truth: string;
  /** The other species that most answers name. */
  readonly instead: string;
  readonly namedAsTag: number;
  readonly namedAsInstead: number;
  readonly answers: number;
  /** Log of how much better the answers fit the other species. */
  readonly logRatio: number;
  readonly posterior: number;
  /** Other stations of the two species, and answers at them. */
  readonly others: { readonly stations: number; readonly answers: number };
  readonly verdict: 'check' | 'hint' | 'none';
}

/** Answers that name the tag's species, the other one, and any third. */
type Three = readonly [tag: number, instead: number, third: number];

const total = (named: ReadonlyMap<string, number>): number =>
  [...named.values()].reduce((sum, n) => sum + n, 0);

const split = (named: ReadonlyMap<string, number>, truth: string, instead: string): Three => {
  const [a, b] = [named.get(truth) ?? 0, named.get(instead) ?? 0];
  return [a, b, total(named) - a - b];
};

const add = (x: Three, y: Three): Three => [x[0] + y[0], x[1] + y[1], x[2] + y[2]];

/** Log-likelihood of counts where the tree's own rates vary about those of its species (Dirichlet-multinomial). */
function logLikelihood(counts: Three, rates: Three): number {
  return counts.reduce((sum, n, i) => {
    const alpha = TREE_WEIGHT * (rates[i] ?? 0);
    return sum + gammaln(alpha + n) - gammaln(alpha);
  }, 0);
}

/** The rates of a species: what its other stations show, with the usual rates as five answers more. */
function ratesFrom(others: Three, usual: Three): Three {
  const n = others[0] + others[1] + others[2] + PRIOR_WEIGHT;
  const at = (i: 0 | 1 | 2): number => (others[i] + PRIOR_WEIGHT * usual[i]) / n;
  return [at(0), at(1), at(2)];
}

/** How often the species of the tag is named anywhere else, kept from 0 and 1 by one answer either way. */
function usualRight(elsewhere: readonly NamedStation[]): number {
  const right = elsewhere.reduce((sum, s) => sum + (s.named.get(s.truth) ?? 0), 0);
  const answers = elsewhere.reduce((sum, s) => sum + total(s.named), 0);
  return (right + 1) / (answers + 2);
}

/** The species named most beside the tag's own; the first by id of those named as often. */
function mostNamed(station: NamedStation): string | null {
  const [first] = [...station.named]
    .filter(([species, n]) => species !== station.truth && n > 0)
    .sort(([a, n], [b, m]) => m - n || a.localeCompare(b));
  return first?.[0] ?? null;
}

/**
 * Whether the answers at a station speak for another species than its tag. Answers at the *other* stations of the two
 * species say how each is named; one odd tree is no proof, since a tree's own rates may differ from its species'.
 * Source: docs/formulas.md, Was the quiz sound.
 * @param all stations, the station itself among them or not.
 * @returns null where no other species is named.
 */
export function checkKey(station: NamedStation, all: readonly NamedStation[]): KeyCheck | null {
  const instead = mostNamed(station);
  if (instead === null) return null;
  const elsewhere = all.filter(
    (s) => s.id !== station.id && (station.individual === null || s.individual !== station.individual),
  );
  const { truth } = station;
  const of = (species: string): readonly NamedStation[] => elsewhere.filter((s) => s.truth === species);
  const sum = (species: string): Three =>
    of(species).reduce<Three>((acc, s) => add(acc, split(s.named, truth, instead)), [0, 0, 0]);
  const names = new Set(all.flatMap((s) => [s.truth, ...s.named.keys()]));
  const right = usualRight(elsewhere);
  const one = (1 - right) / Math.max(2, names.size - 1);
  const third = 1 - right - one;
  const asTag = ratesFrom(sum(truth), [right, one, third]);
  const asInstead = ratesFrom(sum(instead), [one, right, third]);
  const counts = split(station.named, truth, instead);
  const logRatio = logLikelihood(counts, asInstead) - logLikelihood(counts, asTag);
  const odds = PRIOR_ODDS * Math.exp(Math.min(700, logRatio));
  const posterior = odds / (1 + odds);
  const others = [...of(truth), ...of(instead)];
  const answers = total(station.named);
  const known = { stations: others.length, answers: others.reduce((n, s) => n + total(s.named), 0) };
  const isKnown = known.stations >= FEWEST_OTHERS.stations && known.answers >= FEWEST_OTHERS.answers;
  const isCheck = isKnown && posterior >= CERTAIN && counts[1] > counts[0];
  const isHint = logRatio > Math.log(HINT.ratio) && logRatio / answers > HINT.perAnswer;
  return {
    station: station.id,
    truth,
    instead,
    namedAsTag: counts[0],
    namedAsInstead: counts[1],
    answers,
    logRatio,
    posterior,
    others: known,
    verdict: isCheck ? 'check' : isHint ? 'hint' : 'none',
  };
}
