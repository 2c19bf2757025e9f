import type { MissCall, MissCharacter, MissData, MissLook, MissStation } from '@hurrow/core/misses';
import { seeded } from '@hurrow/core/numbers';

/**
 * Answers made up by elimination, one student at a time: whoever looks at a character strikes out the names that do not fit
 * what was read, and at the end one of those left is written. It is not the model that is fitted: students differ, misread
 * characters strike out wrong names too, names are given more or less readily, and some guess without saying so.
 */
export interface MadeTerm {
  readonly students: number;
  readonly quizzes: number;
  readonly stations: number;
  /** Miss rate of each character, 0 to 1; its number is theirs. */
  readonly rates: readonly number[];
  /** How much of each rate is misreading. */
  readonly misread: number;
  /** Share of stations that ask for a character, every student for the same. */
  readonly called: number;
  /** Spread of ability on the logit of a miss rate. */
  readonly ability: number;
  /** Share of answers that are guesses among all names. */
  readonly guesses: number;
  /** Spread of the logarithm of how readily a name is given. */
  readonly attraction: number;
  /** The share of characters within a genus that can be seen at a station. */
  readonly seen: number;
}

export const USUAL_TERM: Omit<MadeTerm, 'rates'> = {
  students: 24,
  quizzes: 8,
  stations: 12,
  misread: 0.5,
  called: 0.2,
  ability: 0.4,
  guesses: 0.03,
  attraction: 0.3,
  seen: 0.5,
};

export const GENERA = 8;
const OF_GENUS = 4;
export const SPECIES = GENERA * OF_GENUS;
const STATES = 3;
/** Characters from this one on differ within a genus; those before it only between genera. */
export const WITHIN_FROM = 4;
/** The share of characters within a genus that vary, so that they separate only in part. */
const VARYING = 0.3;
const VARIES = 0.2;

const name = (s: number): string => `species ${String(s).padStart(2, '0')}`;
const characterName = (c: number): string => `character ${String(c).padStart(2, '0')}`;

export const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const logistic = (x: number): number => 1 / (1 + Math.exp(-x));
const logOdds = (p: number): number => Math.log(p / (1 - p));

/** What each species shows of each character, and which characters vary. */
interface Flora {
  readonly state: readonly (readonly number[])[];
  readonly varies: readonly boolean[];
}

function floraOf(characters: number, random: () => number): Flora {
  const pick = (): number => Math.floor(random() * STATES);
  const genera = Array.from({ length: GENERA }, () => Array.from({ length: characters }, pick));
  const state = Array.from({ length: SPECIES }, (_, s) => {
    const genus = genera[Math.floor(s / OF_GENUS)] ?? [];
    return genus.map((g, c) => (c < WITHIN_FROM ? g : random() < 0.6 ? g : pick()));
  });
  return {
    state,
    varies: Array.from({ length: characters }, (_, c) => c >= WITHIN_FROM && random() < VARYING),
  };
}

const stateOf = (f: Flora, s: number, c: number): number => f.state[s]?.[c] ?? 0;

function stationOf(f: Flora, truth: number, seen: readonly number[]): MissStation {
  const rivals = Array.from({ length: SPECIES }, (_, s) => s).filter((s) => s !== truth);
  return {
    truth: name(truth),
    names: SPECIES,
    weeks: null,
    retaught: [],
    rivals: rivals.map((s) => {
      const tells = seen
        .filter((c) => stateOf(f, s, c) !== stateOf(f, truth, c))
        .map((c) => ({
          character: characterName(c),
          group: characterName(c),
          overlap: f.varies[c] ? VARIES : 0,
        }))
        .sort((a, b) => a.overlap - b.overlap);
      return { taxon: name(s), verdict: tells.length === 0 ? 'twins' : 'told', tells } as const;
    }),
  };
}

/** How one student reads one character: not at all, rightly, or as another state. */
type Read = 'unused' | { readonly state: number; readonly right: boolean };

function readOnce(rate: number, t: MadeTerm, shown: number, asked: boolean, random: () => number): Read {
  const keep = 1 - rate;
  const e = 1 - keep ** t.misread;
  const u = 1 - keep ** (1 - t.misread);
  // A question makes a student look; what was seen is still left out of account now and then.
  if (random() < (asked ? u / 3 : u) && !asked) return 'unused';
  const right = random() >= e;
  const other = (shown + 1 + Math.floor(random() * (STATES - 1))) % STATES;
  return { state: right ? shown : other, right };
}

interface Answered {
  readonly named: number;
  readonly calls: readonly MissCall[];
}

function answer(
  t: MadeTerm,
  f: Flora,
  truth: number,
  seen: readonly number[],
  asked: number | null,
  skill: number,
  pull: readonly number[],
  random: () => number,
): Answered {
  let left = Array.from({ length: SPECIES }, (_, s) => s);
  const calls: MissCall[] = [];
  for (const c of seen) {
    const rate = logistic(logOdds(t.rates[c] ?? 0.1) - skill);
    const read = readOnce(rate, t, stateOf(f, truth, c), c === asked, random);
    if (read === 'unused') continue;
    if (c === asked) calls.push({ character: characterName(c), right: read.right });
    const u = 1 - (1 - rate) ** (1 - t.misread);
    if (c === asked && random() < u / 3) continue;
    // Reading a character as something else strikes nothing out that fits the tree, and now and then the tree itself.
    const fits = left.filter((s) => {
      if (read.right) return stateOf(f, s, c) === read.state || (f.varies[c] === true && random() < VARIES);
      return s === truth || stateOf(f, s, c) === read.state || random() < 0.7;
    });
    if (fits.length > 0) left = fits;
  }
  if (random() < t.guesses) left = Array.from({ length: SPECIES }, (_, s) => s);
  const total = left.reduce((sum, s) => sum + (pull[s] ?? 1), 0);
  let at = random() * total;
  const named = left.find((s) => (at -= pull[s] ?? 1) < 0) ?? left[0] ?? truth;
  return { named, calls };
}

/** Characters as the vocabulary would have them. */
export const madeCharacters = (n: number, prior: number): readonly MissCharacter[] =>
  Array.from({ length: n }, (_, c) => ({ id: characterName(c), group: characterName(c), prior }));

/** A term of a class by its seed. */
export function madeTerm(t: MadeTerm, seed: number, prior = 0.1): MissData {
  const random = seeded(seed);
  const flora = floraOf(t.rates.length, random);
  const skills = Array.from({ length: t.students }, () => t.ability * normal(random));
  const pull = Array.from({ length: SPECIES }, () => Math.exp(t.attraction * normal(random)));
  const stations: MissStation[] = [];
  const looks: MissLook[] = [];
  for (let q = 0; q < t.quizzes; q += 1)
    for (let k = 0; k < t.stations; k += 1) {
      const truth = Math.floor(random() * SPECIES);
      const seen = t.rates.flatMap((_, c) => (c < WITHIN_FROM || random() < t.seen ? [c] : []));
      const station = stations.push(stationOf(flora, truth, seen)) - 1;
      const asked = random() < t.called ? (seen[Math.floor(random() * seen.length)] ?? null) : null;
      skills.forEach((skill, student) => {
        const { named, calls } = answer(t, flora, truth, seen, asked, skill, pull, random);
        looks.push({ student: `student ${student}`, station, named: name(named), calls });
      });
    }
  return { stations, looks, characters: madeCharacters(t.rates.length, prior) };
}
