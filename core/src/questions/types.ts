import type { Profile, Vocabulary, Word } from '../characters/index.ts';
import type { SeasonWindow } from '../conditions/index.ts';

export type QuestionCode =
  | 'leaf_or_leaflet'
  | 'surfaces_swapped'
  | 'flowers_apart'
  | 'fruit_before_flower'
  | 'two_sexual_systems'
  | 'one_zone'
  | 'metaphor_fits_several'
  | 'no_separator'
  | 'ten_times_the_genus'
  | 'bundles_on_spurs'
  | 'root_contradicted'
  | 'beyond_limits'
  | 'perfect_family'
  | 'fleshy_and_dry'
  | 'sprouts_unripe';

/** Something that may be wrong with a profile. It asks and never blocks. */
export interface Question {
  readonly code: QuestionCode;
  readonly character: string | null;
  readonly text: string;
  readonly remedy: string;
}

export interface Asked {
  readonly id: string;
  readonly scientific: string;
  readonly profile: Profile;
  readonly windows: readonly SeasonWindow[];
  /** Mnemonics and ways to tell, as written. */
  readonly sayings: readonly string[];
  /** Roots of its names that name a character. */
  readonly roots: readonly {
    readonly element: string;
    readonly meaning: string;
    readonly character: string | null;
    readonly state: string | null;
    readonly contested: boolean;
  }[];
  /** Declared look-alikes, with what is said to part them. */
  readonly lookalikes: readonly { readonly name: string; readonly separator: string | null }[];
}

export interface AskedAmong {
  readonly vocabulary: Vocabulary;
  readonly words: readonly Word[];
  /** Others of the genus. */
  readonly congeners: readonly { readonly id: string; readonly profile: Profile }[];
  /** Others of the list. */
  readonly listed: readonly { readonly id: string; readonly scientific: string; readonly profile: Profile }[];
}
