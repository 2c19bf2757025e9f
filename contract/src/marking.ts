import type { Outcome } from '@hurrow/core/names';
import type { CallOutcome } from '@hurrow/core/quizzes';
import type { AskKind } from './quizzes.ts';
import type { TaxonHeader } from './library.ts';

export type MarkOutcome = Outcome | CallOutcome;

export interface MarkRow {
  readonly response: string;
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly station: number;
  readonly truth: TaxonHeader;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly typed: string;
  readonly origin: 'phone' | 'paper' | 'import';
  readonly outcome: MarkOutcome;
  readonly points: number;
  readonly most: number;
  readonly taxon: TaxonHeader | null;
  readonly why: string;
  readonly late: boolean;
  readonly override: {
    readonly points: number;
    readonly outcome: string;
    readonly reason: string;
    readonly by: string;
  } | null;
  /** Whether the written name was decided by a ruling. */
  readonly ruled: boolean;
}

export interface StudentTotal {
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly points: number;
  readonly most: number;
  readonly unanswered: number;
}

export interface Marks {
  readonly run: string | null;
  readonly at: string | null;
  /** Answers came in or rulings changed after the run. */
  readonly stale: boolean;
  readonly rows: readonly MarkRow[];
  readonly totals: readonly StudentTotal[];
}

export interface RulingBody {
  readonly typed: string;
  readonly taxon?: string | null;
  readonly outcome: 'exact' | 'misspelt' | 'synonym' | 'other_species' | 'genus_only' | 'unlisted';
}

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
}

export interface TruthRow {
  readonly truth: TaxonHeader;
  readonly n: number;
  readonly right: number;
  readonly other: number;
  readonly unlisted: number;
  readonly blank: number;
  readonly genusOnly: number;
  readonly cannotTell: number;
}

export interface MixUps {
  readonly section: string;
  readonly looks: number;
  readonly students: number;
  readonly sittings: readonly { readonly id: string; readonly on: string; readonly quiz: string }[];
  readonly pairs: readonly MixUpRow[];
  readonly truths: readonly TruthRow[];
}

export interface EvidenceCall {
  readonly character: string;
  readonly state: string;
  readonly outcome: CallOutcome;
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

export interface Evidence {
  readonly pair: MixUpRow;
  readonly rows: readonly EvidenceRow[];
}
