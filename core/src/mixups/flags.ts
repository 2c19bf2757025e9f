import type { PairTest } from './slips.ts';

/** A flag falls once the corrected chance is above this at two returns in a row. */
export const FALLS_ABOVE = 0.25;
const FALLS_AFTER = 2;

/** A directed pair as it stood when results were returned. */
export interface PairFlag extends PairTest {
  /** Returns in a row at which the corrected chance was above the level where a flag falls. */
  readonly weak: number;
}

const UNSEEN = { observed: 0, expected: 0, times: 1, p: 1, q: 1 } as const;

const key = (t: Pick<PairTest, 'truth' | 'answer'>): string => `${t.truth}/${t.answer}`;

/**
 * Flags after results were returned once more. A pair that is flagged stays flagged until its corrected chance is above
 * 0.25 at two returns in a row, so that a flag does not come and go with every quiz. Source: docs/formulas.md, More than slips.
 * @param before the flags as they stood at the return before.
 */
export function flagsAfter(before: readonly PairFlag[], tests: readonly PairTest[]): readonly PairFlag[] {
  const now = new Map(tests.map((t) => [key(t), t]));
  const had = new Map(before.map((f) => [key(f), f]));
  const gone = before.filter((f) => f.flagged && !now.has(key(f)));
  const all: readonly PairTest[] = [
    ...tests,
    ...gone.map(({ truth, answer }) => ({ truth, answer, ...UNSEEN, flagged: false })),
  ];
  return all.map((t): PairFlag => {
    const was = had.get(key(t));
    const weak = t.q > FALLS_ABOVE ? (was?.weak ?? 0) + 1 : 0;
    return { ...t, weak, flagged: t.flagged || (was?.flagged === true && weak < FALLS_AFTER) };
  });
}
