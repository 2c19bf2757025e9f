import type { Handling } from '../conditions/index.ts';

/** One way on from a couplet: some states, or a range of numbers, and where it leads. */
export interface Lead {
  /** Finest states that take this lead; empty for a range. */
  readonly states: readonly string[];
  /** Numbers above `from` up to `to`; null for no bound. Absent for states. */
  readonly range?: { readonly from: number | null; readonly to: number | null };
  readonly to: KeyNode;
}

export type KeyNode =
  | { readonly kind: 'end'; readonly species: readonly number[] }
  | {
      readonly kind: 'couplet';
      readonly character: string;
      readonly leads: readonly Lead[];
      /** Places in the list of those still possible here. */
      readonly species: readonly number[];
    };

/** A species that would stand in more places than a key has room for: leads that do not take it although it may show them. */
export interface Surplus {
  readonly species: number;
  readonly character: string;
}

export interface Key {
  readonly root: KeyNode;
  readonly surplus: readonly Surplus[];
  /** Expected effort over the list, every species as likely as any other. */
  readonly effort: number;
  /** Expected number of couplets. */
  readonly length: number;
}

export const AUDIENCES = ['young', 'general', 'technical'] as const;
export type Audience = (typeof AUDIENCES)[number];

/** What an audience is asked for: the most effort, and handling that asks too much. */
export const ASKED_OF: Readonly<
  Record<Audience, { readonly effort: number; readonly without: readonly Handling[] }>
> = {
  young: { effort: 2, without: ['cut', 'measure', 'taste', 'lens'] },
  general: { effort: 3, without: ['cut', 'taste'] },
  technical: { effort: 5, without: ['taste'] },
};

export interface KeyOptions {
  readonly audience: Audience;
  /** The character asked first, pinned by the instructor; null for the best. */
  readonly first: string | null;
  readonly forbidden: ReadonlySet<string>;
  /** 2 to 4. */
  readonly leads: number;
}

/** A species stands in no more places of a key than this. Source: docs/formulas.md, Keys. */
export const MOST_PLACES = 4;
