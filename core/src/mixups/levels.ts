/** A look at a species with what was named, as it is counted at any level. */
export interface LevelLook {
  readonly student: string;
  readonly truth: string;
  readonly named: string;
  readonly answer: string | null;
}

export interface LevelCount {
  /** The groups, as ids of what they are. */
  readonly truth: string;
  readonly answer: string;
  /** Students who named any species of the one for any of the other, of those who looked. */
  readonly students: number;
  readonly of: number;
  /** The species named, most students first. */
  readonly answers: readonly { readonly species: string; readonly students: number }[];
}

/**
 * Mix-ups between groups: five students who write five hickories for one ash are hickory for ash, 5 of 24. A species may
 * be in several groups of a level, or in none. Source: docs/formulas.md, Levels.
 * @param groupsOf the groups of a species at the level; of a genus given alone too.
 */
export function countLevel(
  looks: readonly LevelLook[],
  groupsOf: (species: string) => readonly string[],
): readonly LevelCount[] {
  const looked = new Map<string, Set<string>>();
  const wrote = new Map<
    string,
    { truth: string; answer: string; students: Set<string>; by: Map<string, Set<string>> }
  >();
  for (const l of looks) {
    const own = groupsOf(l.truth);
    for (const g of own) looked.set(g, (looked.get(g) ?? new Set()).add(l.student));
    if (l.answer === null || l.answer === l.truth) continue;
    for (const from of own)
      for (const to of groupsOf(l.answer)) {
        if (from === to || own.includes(to)) continue;
        const key = `${from}/${to}`;
        const had = wrote.get(key) ?? {
          truth: from,
          answer: to,
          students: new Set<string>(),
          by: new Map<string, Set<string>>(),
        };
        had.students.add(l.student);
        had.by.set(l.answer, (had.by.get(l.answer) ?? new Set()).add(l.student));
        wrote.set(key, had);
      }
  }
  return [...wrote.values()]
    .map(({ truth, answer, students, by }) => ({
      truth,
      answer,
      students: students.size,
      of: looked.get(truth)?.size ?? 0,
      answers: [...by]
        .map(([species, who]) => ({ species, students: who.size }))
        .sort((a, b) => b.students - a.students || a.species.localeCompare(b.species)),
    }))
    .sort(
      (a, b) => b.students - a.students || a.truth.localeCompare(b.truth) || a.answer.localeCompare(b.answer),
    );
}

export interface OftenMissed {
  readonly truth: string;
  readonly missed: number;
  readonly of: number;
}

/** Least share missed, and the most one name may have of it, for a species to be missed without a favorite. */
const OFTEN = 0.3;
const FAVORITE = 1 / 3;

/** Species often missed without a favorite wrong answer; blank, unlisted and genus-only answers are missed too. */
export function oftenMissed(looks: readonly LevelLook[]): readonly OftenMissed[] {
  const by = new Map<string, LevelLook[]>();
  for (const l of looks) by.set(l.truth, [...(by.get(l.truth) ?? []), l]);
  return [...by]
    .flatMap(([truth, own]): OftenMissed[] => {
      const wrong = own.filter((l) => l.named !== 'right');
      const names = new Map<string, number>();
      for (const l of wrong) if (l.answer !== null) names.set(l.answer, (names.get(l.answer) ?? 0) + 1);
      const top = Math.max(0, ...names.values());
      if (wrong.length / own.length < OFTEN || top > FAVORITE * wrong.length) return [];
      return [{ truth, missed: wrong.length, of: own.length }];
    })
    .sort((a, b) => b.missed / b.of - a.missed / a.of);
}

export interface InDoubt {
  readonly answer: string;
  readonly wrong: number;
  /** How many different species it was written for. */
  readonly truths: number;
}

/** Names that a class writes when in doubt: given wrongly for at least three species, most often first. */
export function namesInDoubt(looks: readonly LevelLook[]): readonly InDoubt[] {
  const by = new Map<string, { wrong: number; truths: Set<string> }>();
  for (const l of looks) {
    if (l.answer === null || l.answer === l.truth) continue;
    const had = by.get(l.answer) ?? { wrong: 0, truths: new Set<string>() };
    had.wrong += 1;
    had.truths.add(l.truth);
    by.set(l.answer, had);
  }
  return [...by]
    .flatMap(([answer, { wrong, truths }]) =>
      truths.size >= 3 ? [{ answer, wrong, truths: truths.size }] : [],
    )
    .sort((a, b) => b.truths - a.truths || b.wrong - a.wrong);
}
