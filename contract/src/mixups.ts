import type { Direction } from '@hurrow/core/mixups';
import type { GradeOutcome } from '@hurrow/core/grading';
import type { TaxonHeader } from './library.ts';

export interface MixUpRow {
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader;
  readonly k: number;
  readonly n: number;
  readonly named: number;
  readonly low: number;
  readonly high: number;
  readonly guesses: number;
  readonly students: readonly {
    readonly id: string;
    readonly code: string;
    readonly firstName: string | null;
  }[];
  /** How many of the k had calls from which a cause can be read, and what was read. */
  readonly withCalls: number;
  readonly misread: number;
  readonly linkMissing: number;
  readonly responses: readonly string[];
  /** How it stands over the section's sittings, and since which day; null where too few students made it, or of several classes. */
  readonly state: PairState | null;
  readonly since: string | null;
  /** Students who looked at the tree's species. */
  readonly looked: number;
  /** How it stands against slips; null in a class too small to say. */
  readonly slips: MoreThanSlips | null;
  /** Answers on trees that the student had not met before, and on those they had. */
  readonly fresh: CountOf;
  readonly met: CountOf;
  /** Chances of the students who mixed the pair up, once they knew, and how often they did again. */
  readonly again: CountOf;
  /** The station where most wrote it. */
  readonly at: (CountOf & { readonly quiz: string; readonly on: string; readonly station: number }) | null;
  /** The next sitting that asks the species; null where none is scheduled. */
  readonly next: { readonly sitting: string; readonly quiz: string; readonly on: string } | null;
  /** The character most of them called wrong; null where none was. */
  readonly character: string | null;
  /** Which way the pair is mixed up; null where one of the two was never asked. */
  readonly direction: Direction | null;
}

export interface CountOf {
  readonly k: number;
  readonly n: number;
}

/** A pair against what slips would give, counted on students. */
export interface MoreThanSlips {
  readonly expected: number;
  /** Times more than chance. */
  readonly times: number;
  readonly p: number;
  readonly q: number;
  readonly flagged: boolean;
}

/** Students who wrote any species of one group for any of another. */
export interface LevelRow {
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader;
  readonly students: number;
  readonly of: number;
  readonly answers: readonly { readonly taxon: TaxonHeader; readonly students: number }[];
}

export type PairState = 'new' | 'repeat' | 'stubborn' | 'fading';

export interface TruthRow {
  readonly truth: TaxonHeader;
  readonly n: number;
  readonly right: number;
  readonly other: number;
  readonly unlisted: number;
  readonly blank: number;
  readonly genusOnly: number;
  readonly family: number;
  readonly cannotTell: number;
}

export interface MixUps {
  readonly section: string;
  readonly looks: number;
  readonly students: number;
  readonly sittings: readonly { readonly id: string; readonly on: string; readonly quiz: string }[];
  readonly pairs: readonly MixUpRow[];
  readonly truths: readonly TruthRow[];
  /** Whether the class is too small for more than counts. */
  readonly small: boolean;
  /** What was at hand and how it was answered, with how many answers of each there are before anything is left out. */
  readonly materials: readonly { readonly material: string; readonly looks: number }[];
  readonly forms: readonly { readonly form: string; readonly looks: number }[];
  readonly levels: Readonly<Record<'genus' | 'family' | 'group', readonly LevelRow[]>>;
  /** Species often missed without a favorite wrong answer. */
  readonly missed: readonly { readonly truth: TaxonHeader; readonly missed: number; readonly of: number }[];
  /** Names the class writes when in doubt. */
  readonly inDoubt: readonly {
    readonly answer: TaxonHeader;
    readonly wrong: number;
    readonly truths: number;
  }[];
  /** Species of the matrix, confused ones side by side, and the clusters among them. */
  readonly order: readonly string[];
  readonly clusters: readonly (readonly string[])[];
}

export interface EvidenceCall {
  readonly character: string;
  readonly state: string;
  readonly outcome: GradeOutcome;
  /** What the tree shows, as a value in words. */
  readonly shown: string;
}

export interface EvidenceRow {
  readonly response: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly on: string;
  readonly sitting: string;
  readonly quiz: string;
  readonly station: number;
  readonly tag: string;
  readonly typed: string;
  readonly sure: string | null;
  readonly origin: string;
  readonly material: readonly string[];
  readonly handling: readonly string[];
  readonly distance: string;
  readonly calls: readonly EvidenceCall[];
  readonly readings: readonly { readonly kind: string; readonly characters: readonly string[] }[];
}

/** Both directions of a pair at one sitting. */
export interface PairAtSitting {
  readonly sitting: string;
  readonly quiz: string;
  readonly on: string;
  /** The day its results were returned; null while they are not. */
  readonly returnedOn: string | null;
  readonly there: CountOf;
  readonly back: CountOf;
}

/** What could be seen each time the pair was mixed up that separates the two, and what was said of it. */
export interface TellSeen {
  readonly character: string;
  /** Mixed-up answers where it could be seen. */
  readonly visible: number;
  readonly right: number;
  readonly wrong: number;
}

export interface Evidence {
  readonly pair: MixUpRow;
  readonly rows: readonly EvidenceRow[];
  /** The other direction; null where nobody took it that way. */
  readonly turned: MixUpRow | null;
  readonly through: readonly PairAtSitting[];
  readonly lessons: readonly { readonly on: string; readonly kind: 'taught' | 'retaught' }[];
  readonly tells: readonly TellSeen[];
}
