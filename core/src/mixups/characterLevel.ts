import type { LevelLook } from './levels.ts';

export interface CharacterCount {
  readonly character: string;
  /** States of the trees, and of the species written for them. */
  readonly truth: string;
  readonly answer: string;
  /** Students who wrote a species of the one state for a tree of the other, of those who looked at such a tree. */
  readonly students: number;
  readonly of: number;
  /** The species written, most students first. */
  readonly answers: readonly { readonly species: string; readonly students: number }[];
}

/** Fewer pairs than this are the pair itself, not a character that several pairs share; so is one pair with nearly everybody. */
const FEWEST_PAIRS = 2;
const OF_OTHER_PAIRS = 1 / 3;

type Who = ReadonlySet<string>;

interface Wrong {
  readonly truth: string;
  readonly answer: string;
  readonly who: Who;
}

function whoBy(looks: readonly LevelLook[], of: (l: LevelLook) => string | null): Map<string, Set<string>> {
  const by = new Map<string, Set<string>>();
  for (const l of looks) {
    const key = of(l);
    if (key === null) continue;
    const had = by.get(key);
    if (had) had.add(l.student);
    else by.set(key, new Set([l.student]));
  }
  return by;
}

const union = (sets: readonly Who[]): Who => new Set(sets.flatMap((s) => [...s]));

function ofCharacter(
  character: string,
  looked: ReadonlyMap<string, Who>,
  wrong: readonly Wrong[],
  stateOf: (species: string, character: string) => string | null,
): readonly CharacterCount[] {
  const crossed = new Map<string, { truth: string; answer: string; pairs: Wrong[] }>();
  for (const w of wrong) {
    const [truth, answer] = [stateOf(w.truth, character), stateOf(w.answer, character)];
    if (truth === null || answer === null || truth === answer) continue;
    const key = `${truth}/${answer}`;
    const had = crossed.get(key);
    if (had) had.pairs.push(w);
    else crossed.set(key, { truth, answer, pairs: [w] });
  }
  return [...crossed.values()].flatMap(({ truth, answer, pairs }): CharacterCount[] => {
    if (pairs.length < FEWEST_PAIRS) return [];
    const everybody = union(pairs.map((p) => p.who)).size;
    const largest = Math.max(...pairs.map((p) => p.who.size));
    if (everybody - largest < OF_OTHER_PAIRS * everybody) return [];
    const at = [...looked].filter(([species]) => stateOf(species, character) === truth).map(([, who]) => who);
    const species = [...new Set(pairs.map((p) => p.answer))];
    return [
      {
        character,
        truth,
        answer,
        students: everybody,
        of: union(at).size,
        answers: species
          .map((s) => ({
            species: s,
            students: union(pairs.filter((p) => p.answer === s).map((p) => p.who)).size,
          }))
          .sort((a, b) => b.students - a.students || a.species.localeCompare(b.species)),
      },
    ];
  });
}

/**
 * Mix-ups by one shared character: students who wrote species of one state for trees of another, over at least two pairs, of
 * which no one has more than two in three of them.
 * Source: docs/formulas.md, Levels.
 * @param stateOf the one usual state of a species, null where it has none or several.
 */
export function countByCharacter(
  looks: readonly LevelLook[],
  characters: readonly string[],
  stateOf: (species: string, character: string) => string | null,
): readonly CharacterCount[] {
  const looked = whoBy(looks, (l) => l.truth);
  const wrong = [
    ...whoBy(looks, (l) => (l.named === 'other' && l.answer !== null ? `${l.truth}/${l.answer}` : null)),
  ].map(([pair, who]): Wrong => {
    const [truth = '', answer = ''] = pair.split('/');
    return { truth, answer, who };
  });
  return characters
    .flatMap((c) => ofCharacter(c, looked, wrong, stateOf))
    .sort(
      (a, b) =>
        b.students - a.students ||
        a.of - b.of ||
        a.character.localeCompare(b.character) ||
        a.truth.localeCompare(b.truth),
    );
}
