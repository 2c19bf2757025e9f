import { isSubjective } from '../characters/index.ts';
import type { Character, MissRate, Vocabulary } from '../characters/index.ts';
import type { Handling } from '../conditions/index.ts';

/**
 * Gives how often learners get a character wrong: the prior of the vocabulary, or what was fitted to a class's own
 * looks and applied.
 */
export type MissRates = (c: Character) => MissRate;

/** Nobody reads a character without ever being wrong. Source: docs/formulas.md, Naming a tree. */
const LEAST = 0.01;

/** The vocabulary's prior: what is known of learners in general. */
export const VOCABULARY_RATES: MissRates = (c) => ({
  rate: c.misread[0],
  weight: c.misread[1],
  base: 'vocabulary',
});

/**
 * The vocabulary as a class reads it. Whatever is computed with it, the order of tells, keys, the next look, what is
 * worth recording, rests on these rates; nothing asks for them elsewhere.
 */
export const readBy = (vocabulary: Vocabulary, rates: MissRates): Vocabulary =>
  new Map([...vocabulary].map(([id, c]) => [id, { ...c, missed: rates(c) }]));

/** How often a character is misread though looked at, by the rates its vocabulary is read with; the prior otherwise. */
export function missRate(c: Character): MissRate {
  const found = c.missed ?? VOCABULARY_RATES(c);
  return { ...found, rate: Math.max(LEAST, found.rate) };
}

const AS_NEEDED = 0.5;
/** What a matter of judgement costs more than what can be seen or counted. */
const AS_JUDGED = 1.5;

/**
 * Ease of a character, less is easier: its effort, the handling it needs, and how often it is misread. Where it can be
 * taken in by another way, the easier of those that the handling allows counts; a class's own rate is of both.
 * @param handling what is allowed; null where nothing is said of it, and the first way counts.
 */
export function easeOf(c: Character, handling: readonly Handling[] | null = null): number {
  const judged = isSubjective(c.id) ? AS_JUDGED : 0;
  const first = c.effort + c.needs.length * AS_NEEDED + missRate(c).rate + judged;
  if (!c.orBy || handling === null) return first;
  const rate = c.missed?.base === 'fit' ? missRate(c).rate : Math.max(LEAST, c.orBy.misread[0]);
  const other = c.effort + c.orBy.needs.length * AS_NEEDED + rate;
  const isAllowed = (needs: readonly Handling[]): boolean => needs.every((n) => handling.includes(n));
  if (!isAllowed(c.orBy.needs)) return first;
  return isAllowed(c.needs) ? Math.min(first, other) : other;
}
