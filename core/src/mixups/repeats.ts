/** Looks of one student at one species at one sitting that named the same, in the order of sittings. */
export interface DatedLooks {
  readonly student: string;
  readonly truth: string;
  /** The species named; null where none of the list was. */
  readonly answer: string | null;
  /** ISO date of the sitting, and of the day its results were returned; null while they are not. */
  readonly on: string;
  readonly returnedOn: string | null;
  /** How many of these looks were on a tree or specimen that the student had not met before. */
  readonly fresh: number;
}

export interface StudentPair {
  readonly student: string;
  /** The two species, in the order of their ids. */
  readonly pair: readonly [string, string];
  /** The day it was first mixed up. */
  readonly first: string;
  /** Looks at either, on trees not met before, after results of a sitting with the mix-up were returned. */
  readonly chances: number;
  /** Chances in which the pair was mixed up again. */
  readonly repeats: number;
  /** Clean looks on different days after the day of the last mix-up. */
  readonly clean: number;
  readonly resolved: boolean;
}

/** Clean looks on so many days resolve a pair for a student. */
export const CLEAN_DAYS = 3;
/** How likely three clean looks are for a student who still mixes the pair up three times in ten. */
export const RESOLVED_BY_LUCK = 0.7 ** CLEAN_DAYS;

const pairOf = (a: string, b: string): readonly [string, string] => (a < b ? [a, b] : [b, a]);

function follow(
  student: string,
  [a, b]: readonly [string, string],
  looks: readonly DatedLooks[],
): StudentPair | null {
  let first: string | null = null;
  let known: string | null = null;
  let last = '';
  let [chances, repeats] = [0, 0];
  let clean = new Set<string>();
  for (const look of looks) {
    if (look.truth !== a && look.truth !== b) continue;
    const isMixed =
      look.answer !== null && look.answer !== look.truth && (look.answer === a || look.answer === b);
    if (known !== null && known < look.on) {
      chances += look.fresh;
      if (isMixed) repeats += look.fresh;
    }
    if (isMixed) {
      first ??= look.on;
      last = look.on;
      if (look.returnedOn !== null && (known === null || look.returnedOn < known)) known = look.returnedOn;
      clean = new Set();
    } else if (first !== null && look.on > last && look.answer === look.truth && look.fresh > 0)
      clean.add(look.on);
  }
  if (first === null) return null;
  return {
    student,
    pair: pairOf(a, b),
    first,
    chances,
    repeats,
    clean: clean.size,
    resolved: clean.size >= CLEAN_DAYS,
  };
}

/**
 * What each student mixed up, how often again once they knew, and what is resolved. A tree met before is no chance and
 * resolves nothing. Source: docs/formulas.md, Mix-ups that repeat.
 * @param looks of all students; those of one in the order of the sittings. Within a sitting their order makes no difference, so
 * they may be given together.
 */
export function studentPairs(looks: readonly DatedLooks[]): readonly StudentPair[] {
  const by = new Map<string, DatedLooks[]>();
  for (const l of looks) {
    const had = by.get(l.student);
    if (had) had.push(l);
    else by.set(l.student, [l]);
  }
  return [...by].flatMap(([student, own]) => {
    const pairs = new Map<string, readonly [string, string]>();
    const places = new Map<string, number[]>();
    own.forEach((l, i) => {
      const at = places.get(l.truth);
      if (at) at.push(i);
      else places.set(l.truth, [i]);
      if (l.answer === null || l.answer === l.truth) return;
      const pair = pairOf(l.truth, l.answer);
      pairs.set(pair.join('/'), pair);
    });
    return [...pairs.values()].flatMap((pair) => {
      const both = pair.flatMap((s) => places.get(s) ?? []).sort((a, b) => a - b);
      return (
        follow(
          student,
          pair,
          both.flatMap((i) => own[i] ?? []),
        ) ?? []
      );
    });
  });
}
