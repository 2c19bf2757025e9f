import type { Vocabulary, Wording } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { AskOption, AskParams, QuestionKind } from '../quizzes/index.ts';
import type { Described } from '../tells/index.ts';

export interface Named {
  readonly id: string;
  readonly scientific: string;
  readonly common: string | null;
}

/** A rule of thumb as it stands on the list: who breaks it and who keeps it. */
export interface RuleOnList {
  readonly sentence: string;
  readonly breaks: readonly string[];
  readonly keeps: readonly string[];
}

/** All that a question is made from. */
export interface AskGround {
  readonly own: Named;
  readonly list: readonly Named[];
  /** By id; the station's own species too. */
  readonly described: ReadonlyMap<string, Described>;
  readonly vocabulary: Vocabulary;
  readonly conditions: Conditions;
  /** Look-alikes of the tree, the closest first. */
  readonly closest: readonly string[];
  readonly rules: readonly RuleOnList[];
  /** Of the site, in meters. */
  readonly elevM: number;
  readonly wording: Wording;
  /** Options are drawn beside their names, and nobody is asked why: for young groups. */
  readonly drawn?: boolean;
  /** Numbers from 0 up to 1, so that options stand in no order of their own. */
  readonly next: () => number;
}

/** A question ready to be asked, or why none can be made here. */
export type Made = { readonly params: AskParams } | { readonly why: string };

export const WHY_NOT = (why: string): Made => ({ why });

const LETTERS = 'abcdefghijkl';

/** Shuffles (Durstenfeld 1964, CACM 7:420). */
export function shuffled<T>(all: readonly T[], next: () => number): readonly T[] {
  const left = [...all];
  for (let i = left.length - 1; i > 0; i -= 1) {
    const j = Math.floor(next() * (i + 1));
    const [a, b] = [left[i], left[j]];
    if (a !== undefined && b !== undefined) [left[i], left[j]] = [b, a];
  }
  return left;
}

/** Options in a drawn order, each under a letter that says nothing. */
export const lettered = (
  options: readonly Omit<AskOption, 'id'>[],
  next: () => number,
  prefix = '',
): readonly AskOption[] =>
  shuffled(options, next).map((o, i) => ({ ...o, id: `${prefix}${LETTERS[i] ?? ''}` }));

export const labelOf = (n: Named): string => n.common ?? n.scientific;

/** A question with what it does not need left empty. */
export const question = (
  kind: QuestionKind,
  prompt: string,
  part: Partial<Omit<AskParams, 'question' | 'prompt'>>,
): Made => ({
  params: {
    question: kind,
    prompt,
    options: [],
    others: [],
    right: [],
    pairs: [],
    drawing: null,
    place: null,
    text: null,
    ...part,
  },
});
