import type { Clause, Feature, Quantifier } from '@hurrow/core/rules';
import type { NameKind, TaxonHeader } from './library.ts';
import type { Caution, NameRoot } from './species.ts';

/** A declared look-alike between two members of a list. */
export interface DeclaredPair {
  readonly id: string;
  readonly a: string;
  readonly b: string;
  readonly character: string | null;
  readonly text: string | null;
  readonly mnemonic: string | null;
  /** The one of the two that shows more of the character, where only that is said. */
  readonly greater: string | null;
}

/** What is said of the members of a list beside their characters: for comparing, keys and names. */
export interface ListLore {
  readonly pairs: readonly DeclaredPair[];
  readonly names: readonly { readonly taxon: string; readonly kind: NameKind; readonly text: string }[];
  readonly roots: readonly (NameRoot & { readonly taxon: string })[];
  readonly cautions: readonly (Caution & { readonly taxon: string })[];
  /** Every taxon above a member, for sorting and for rules: families, genera, named groups. */
  readonly groups: readonly TaxonHeader[];
}

/** A rule of thumb as it is kept. */
export interface RuleBody {
  readonly quantifier: Quantifier;
  /** The taxon it speaks of; null for any. */
  readonly who: string | null;
  readonly when: readonly Feature[];
  readonly then: readonly Clause[];
  readonly note: string | null;
}

export interface RuleRow extends RuleBody {
  readonly id: string;
  readonly version: number;
  /** What it speaks of; null where it speaks of any. */
  readonly whoHeader: TaxonHeader | null;
}
