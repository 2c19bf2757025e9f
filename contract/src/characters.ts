import type { LeftOut } from '@hurrow/core/misses';
import type { CountOf } from './mixups.ts';
import type { TaxonHeader } from './library.ts';

/** What a rate rests on and how far it can be known. */
export type RateVerdict = 'estimated' | 'undetermined' | 'not enough looks';

/** A share with its 90% interval. */
export interface Between {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** How often a class misses one character, by the character that stands for its evidence group. */
export interface CharacterRate {
  readonly character: string;
  readonly verdict: RateVerdict;
  readonly m: Between;
  /** Not used, and misread; null where too little was called to split the rate. */
  readonly split: { readonly u: number; readonly e: number } | null;
  /** Times it was called, and answers at trees where it separates a name that competes. */
  readonly direct: number;
  readonly indirect: number;
  /** Characters it cannot be told from, itself among them; empty where it stands alone. */
  readonly bundle: readonly string[];
  /** Of those, the ones whose question would split the bundle: called least so far. */
  readonly ask: readonly string[];
  /** Wrong answers that nobody would have given had everybody seen it right. */
  readonly avoided: number;
  readonly pairs: readonly {
    readonly truth: TaxonHeader;
    readonly answer: TaxonHeader;
    readonly avoided: number;
    readonly wrong: number;
  }[];
  /** The rate of the newest fit of other sittings alone; null where there is none, or either rate is not known. */
  readonly before: (Between & { readonly from: string; readonly to: string }) | null;
}

/** Which sittings a fit is of. */
export interface FitSpan {
  readonly from: string;
  readonly to: string;
  readonly sittings: number;
}

/** Fitted miss rates of a class as they are kept. */
export interface MissFitOfClass extends FitSpan {
  readonly id: string;
  readonly at: string;
  readonly by: string | null;
  readonly looks: number;
  readonly students: number;
  readonly leftOut: Readonly<Record<LeftOut, number>>;
  readonly slips: Between;
  /** Change of the logit of a miss rate in a week since a species was taught; null where nothing says when. */
  readonly slope: Between | null;
  /** Names given more readily than usual, the most first. */
  readonly readiness: readonly { readonly taxon: TaxonHeader; readonly w: number }[];
  /** Whether answers, keys, lessons and the program are still those it was made from. */
  readonly isCurrent: boolean;
  readonly settled: boolean;
  readonly rates: readonly CharacterRate[];
}

/** What was called where one state is shown. */
export interface StateConfusion {
  readonly shown: string;
  readonly called: string;
  readonly times: number;
}

/** Character questions of one character. */
export interface CalledCharacter {
  readonly character: string;
  readonly wrong: CountOf;
  readonly states: readonly StateConfusion[];
}

export interface CharactersOfClass {
  readonly students: number;
  /** Whether the class is too small for rates. */
  readonly small: boolean;
  readonly sittings: readonly { readonly id: string; readonly on: string; readonly quiz: string }[];
  readonly fit: MissFitOfClass | null;
  /** The fit whose rates weigh in tells, difficulty and lessons; null where the vocabulary's do. */
  readonly applied:
    | (FitSpan & { readonly id: string; readonly at: string; readonly by: string | null })
    | null;
  readonly called: readonly CalledCharacter[];
  /** Characters among these that are out of use by now; older keys still have them. */
  readonly retired: readonly { readonly character: string; readonly term: string; readonly plain: string }[];
  /** Characters that separate names at stations of this class and were never called. */
  readonly neverCalled: readonly string[];
}

/** Fits the sittings from a day on; null for all. */
export interface FitBody {
  readonly from: string | null;
}

export interface ApplyBody {
  readonly fit: string | null;
}

/** Rates that a class's own answers were applied with; a character without one is read by the vocabulary's. */
export interface AppliedRates {
  readonly fit: string | null;
  readonly rates: readonly { readonly character: string; readonly rate: number; readonly weight: number }[];
}

/** A pair over classes that were asked it under the same conditions. */
export interface PairOverClasses {
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader;
  readonly material: string;
  readonly form: string;
  /** Students who wrote it of those who looked, class by class; the class itself first. */
  readonly at: readonly (CountOf & { readonly section: string })[];
  readonly pooled: {
    readonly rate: number;
    readonly low: number;
    readonly high: number;
    readonly weight: number;
    readonly weightFrom: 'fixed' | 'fitted';
    readonly next: { readonly of: number; readonly low: number; readonly high: number };
  };
}

export interface SectionsAndYears {
  readonly sections: readonly {
    readonly id: string;
    readonly name: string;
    readonly term: string;
    readonly students: number;
    readonly first: string | null;
  }[];
  readonly pairs: readonly PairOverClasses[];
  /** Pairs of this class that no other class was asked under the same conditions. */
  readonly onlyHere: number;
}
