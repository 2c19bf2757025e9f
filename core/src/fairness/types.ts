import type { Conditions } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';

/**
 * Whether a station may be used: a careful observer names it with good reason, only sometimes, not at all, or too
 * little is recorded to say.
 */
export type FairnessVerdict = 'fair' | 'shaky' | 'unproven' | 'unfair';

/** Verdicts from the best to the one that weighs most. */
export const FAIRNESS_ORDER: readonly FairnessVerdict[] = ['fair', 'shaky', 'unproven', 'unfair'];

/** The worst of some verdicts; fair where there are none. */
export const worstOf = (verdicts: readonly FairnessVerdict[]): FairnessVerdict =>
  FAIRNESS_ORDER[Math.max(0, ...verdicts.map((v) => FAIRNESS_ORDER.indexOf(v)))] ?? 'fair';

export interface FairnessSettings {
  /** How often a careful observer misreads a character. */
  readonly misread: number;
  /** Least expected posterior against every look-alike that is fair. */
  readonly fair: number;
  /** Below this it is unfair. */
  readonly sure: number;
  /** Draws of what an observer sees, for the whole list at once. */
  readonly draws: number;
}

/** Source: docs/formulas.md, Fairness of a station. */
export const FAIRNESS: FairnessSettings = { misread: 0.02, fair: 0.95, sure: 0.8, draws: 2048 };

/** A verdict closer than this to a limit is shown with its number. */
export const NEAR = 0.01;

/** A species as it competes for a name. */
export interface Competitor {
  readonly taxon: string;
  readonly genus: string | null;
  readonly family: string | null;
}

/** How finely a station's name is asked; null where no name is asked. */
export type NameRankAsked = 'species' | 'genus' | 'family';

/** What a station asks, as far as it decides who competes and what must be seen. */
export interface Asked {
  readonly rank: NameRankAsked | null;
  /** Characters that are asked for. */
  readonly characters: readonly string[];
  /** Other species whose name is accepted too. */
  readonly accepts: readonly string[];
  /** Set up so that it cannot be told from something listed, which is then the right answer. */
  readonly notTellable: boolean;
}

/** A station's tree as it is met, with what is asked of it. */
export interface StationMet {
  readonly id: string;
  readonly tree: Described;
  readonly taxon: string;
  readonly conditions: Conditions;
  /** Characters that were checked at the tree. */
  readonly certified: ReadonlySet<string>;
  readonly asked: Asked;
}
