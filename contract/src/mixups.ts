import type { Direction, EffectVerdict, MixUpSettings, Reading, ReadingKind } from '@hurrow/core/mixups';
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
  /** Students who made it at least once. */
  readonly students: number;
  /** How many of the k had calls, and how many of those a wrong one. */
  readonly withCalls: number;
  readonly misread: number;
  /** How it stands over the section's sittings, and since which day; null where too few students made it, or of several classes. */
  readonly state: PairState | null;
  readonly since: string | null;
  /** Students who looked at the tree's species. */
  readonly looked: number;
  /** How it stands against slips; null in a class too small to say. */
  readonly slips: MoreThanSlips | null;
  /** Chances of the students who mixed the pair up, once they knew, and how often they did again; over all quizzes of the classes. */
  readonly again: CountOf;
  /** The station where most wrote it. */
  readonly at: (CountOf & { readonly quiz: string; readonly on: string; readonly station: number }) | null;
  /** The next sitting that asks the species; null where none is scheduled. */
  readonly next: { readonly sitting: string; readonly quiz: string; readonly on: string } | null;
  /** The character most likely behind it: the one most of them called wrong, else by the newest fit; null where neither says. */
  readonly character: string | null;
  readonly characterFrom: 'called' | 'fitted' | null;
  /** A station whose answers speak against its tag, and for this species; null where there is none. */
  readonly tagDoubt: { readonly sitting: string; readonly quiz: string; readonly station: number } | null;
  /** Whether the class is to be asked the pair again. */
  readonly retest: boolean;
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
  /** Of several classes together, in how many it is more than slips, with the least p and q; null of one class. */
  readonly classes: number | null;
}

/** Students who wrote a species of another state for a tree of one: *opposite taken for alternate*. */
export interface CharacterLevelRow {
  readonly character: string;
  /** States, by their ids. */
  readonly truth: string;
  readonly answer: string;
  readonly students: number;
  readonly of: number;
  readonly answers: readonly { readonly taxon: TaxonHeader; readonly students: number }[];
}

/** Students who wrote any species of one group for any of another. */
export interface LevelRow {
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader;
  readonly students: number;
  readonly of: number;
  readonly answers: readonly { readonly taxon: TaxonHeader; readonly students: number }[];
}

export type PairState = 'new' | 'repeat' | 'stubborn' | 'fading' | 'fixed';

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
  /** Pairs of fewest students beyond the most that are listed. */
  readonly unlistedPairs: number;
  readonly truths: readonly TruthRow[];
  /** Whether the class is too small for more than counts. */
  readonly small: boolean;
  /** When *more than slips* was worked out: as results were returned, or now for what is chosen. */
  readonly flagsFrom: 'returns' | 'chosen';
  readonly settings: MixUpSettings;
  /** What was at hand and how it was answered, with how many answers of each there are before anything is left out. */
  readonly materials: readonly { readonly material: string; readonly looks: number }[];
  readonly forms: readonly { readonly form: string; readonly looks: number }[];
  /** Species of the matrix, confused ones side by side, and the clusters among them. */
  readonly order: readonly string[];
  readonly clusters: readonly (readonly string[])[];
}

/** Mix-ups between groups of species. */
export interface MixUpGroups {
  readonly levels: Readonly<Record<'genus' | 'family' | 'group', readonly LevelRow[]>>;
  readonly byCharacter: readonly CharacterLevelRow[];
  /** Species often missed without a favorite wrong answer. */
  readonly missed: readonly { readonly truth: TaxonHeader; readonly missed: number; readonly of: number }[];
  /** Names the class writes when in doubt. */
  readonly inDoubt: readonly {
    readonly answer: TaxonHeader;
    readonly wrong: number;
    readonly truths: number;
  }[];
}

export interface EvidenceCall {
  readonly character: string;
  readonly state: string;
  readonly outcome: GradeOutcome;
  /** What the tree shows, as a value in words. */
  readonly shown: string;
}

/** A reading that an instructor put in place of the one worked out. */
export interface CorrectedReading {
  readonly reading: ReadingKind;
  /** What was worked out when it was put in its place. */
  readonly insteadOf: ReadingKind;
  readonly by: string | null;
  readonly at: string;
}

/** What a wrong answer is read as: all that fits, the first first. */
export interface ReadAnswer {
  readonly readings: readonly Reading[];
  readonly corrected: CorrectedReading | null;
}

/** A reading for one wrong answer; null takes a correction back. */
export interface ReadingCorrection {
  readonly station: string;
  readonly student: string;
  readonly reading: ReadingKind | null;
}

export interface ReadingRow extends ReadAnswer {
  /** The station of the sitting. */
  readonly station: string;
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly sitting: string;
  readonly quiz: string;
  readonly on: string;
  readonly number: number;
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader | null;
  readonly typed: string;
}

/** How wrong answers of a class are read. */
export interface ReadingsOfClass {
  readonly wrong: number;
  readonly counts: readonly {
    readonly reading: ReadingKind;
    readonly answers: number;
    readonly students: number;
    readonly corrected: number;
  }[];
  readonly rows: readonly ReadingRow[];
  /** Answers beyond the most that are listed. */
  readonly unlisted: number;
}

export interface EvidenceRow extends ReadAnswer {
  readonly response: string;
  readonly sittingStation: string;
  readonly student: string;
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
  /** Answers on trees that the student had not met before, and on those they had. */
  readonly fresh: CountOf;
  readonly met: CountOf;
  /** Which way the pair is mixed up; null where one of the two was never asked. */
  readonly direction: Direction | null;
  readonly rows: readonly EvidenceRow[];
  /** The other direction; null where nobody took it that way. */
  readonly turned: MixUpRow | null;
  readonly through: readonly PairAtSitting[];
  readonly lessons: readonly { readonly on: string; readonly kind: 'taught' | 'retaught' }[];
  /** What followed each lesson that took the pair up again, on students at new trees; of one class. */
  readonly effects: readonly {
    readonly on: string;
    readonly verdict: EffectVerdict;
    readonly before: CountOf;
    readonly after: CountOf;
  }[];
  /** Answers at trees of the species, by what was at hand, by season and by class. */
  readonly splits: readonly PairSplit[];
  /** Each student who mixed the two up, either way, and how it went on. */
  readonly who: readonly PairStudent[];
  /** What helps to remember which is which, with what goes against it. */
  readonly notes: readonly PairReminder[];
  /** Pairs held against chance where rows and columns are independent: the plainer test. */
  readonly plainTest: { readonly expected: number; readonly p: number } | null;
  readonly tells: readonly TellSeen[];
}

/** Answers at trees of one species, of one kind. */
export interface PairSplit extends CountOf {
  readonly by: 'material' | 'season' | 'class';
  /** A class of material, `leaf` or `bare`, or the name of a class. */
  readonly of: string;
}

/** How a student who mixed two species up went on. */
export interface PairStudent {
  readonly id: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly first: string;
  readonly again: CountOf;
  readonly clean: number;
  readonly resolved: boolean;
}

export interface PairReminder {
  readonly character: string | null;
  readonly text: string;
  readonly mnemonic: string | null;
}

/** A mix-up of one student. */
export interface StudentMixUp extends CountOf {
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader;
  readonly first: string;
  readonly again: CountOf;
  readonly clean: number;
  readonly resolved: boolean;
  /** Others of the class who mixed it up, of those who looked; null in a class too small to say. */
  readonly others: CountOf | null;
}

export interface StudentMixUps {
  readonly id: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly looks: number;
  readonly right: number;
  readonly mixUps: readonly StudentMixUp[];
  /** Calls by character. */
  readonly calls: readonly { readonly character: string; readonly right: number; readonly wrong: number }[];
}

export interface MixUpsByStudent {
  readonly students: readonly StudentMixUps[];
  /** Answers of the whole class that were right. */
  readonly right: CountOf;
  /** Clean looks on different days that resolve a pair, and how likely they are for one who mixes it up still. */
  readonly cleanDays: number;
  readonly luck: number;
}

/** What a change of settings would do to one class. */
export interface SettingsEffect {
  readonly section: string;
  readonly name: string;
  readonly flagged: readonly PairNames[];
  readonly unflagged: readonly PairNames[];
  readonly states: readonly (PairNames & {
    readonly from: PairState | null;
    readonly to: PairState | null;
  })[];
}

export interface PairNames {
  readonly truth: TaxonHeader;
  readonly answer: TaxonHeader;
}

/** What a class is to be asked again on another individual: a pair, or a character. */
export interface RetestRow {
  readonly id: string;
  readonly truth: TaxonHeader | null;
  readonly answer: TaxonHeader | null;
  readonly character: string | null;
  readonly keptOn: string;
  /** Answers since on trees not met before, and how many are needed to say how it stands. */
  readonly looks: number;
  readonly needed: number;
}

/** A pair (truth and answer), or a character. */
export interface RetestBody {
  readonly truth?: string | undefined;
  readonly answer?: string | undefined;
  readonly character?: string | undefined;
}
