import type { Life, Organ, Viewing } from '../conditions/index.ts';

/**
 * Kinds of character. `length` is in millimetres; `count` is whole numbers; `ratio` is any other number, its
 * unit given by the character (none, degrees, years, kg/m3, m for elevation).
 */
export const KINDS = ['nominal', 'ordered', 'count', 'length', 'ratio', 'colour', 'yesno'] as const;
export type Kind = (typeof KINDS)[number];

/** `never`: the state is ruled out, which tells from whatever shows it. */
export const FREQUENCIES = ['usual', 'sometimes', 'rare', 'mistaken_for', 'never'] as const;
export type Frequency = (typeof FREQUENCIES)[number];

export interface State {
  readonly id: string;
  /** The broader state this one is a kind of, within the same character. */
  readonly parent?: string;
  readonly term: string;
  readonly plain: string;
  /** One sentence a twelve-year-old understands. */
  readonly definition: string;
  /** `#rrggbb` for a colour state. */
  readonly swatch?: string;
  /** Taken out of use: still read where it was recorded, no longer offered. */
  readonly retired?: boolean;
}

export interface Character extends Viewing {
  readonly id: string;
  readonly organ: Organ;
  readonly kind: Kind;
  readonly term: string;
  readonly plain: string;
  readonly definition: string;
  readonly states: readonly State[];
  /** For `ratio` and `count`; lengths are always mm. */
  readonly unit: string;
  readonly combine: 'alternatives' | 'together';
  readonly level?: 'leaf' | 'leaflet' | 'lobe' | 'tooth';
  readonly surface?: 'above' | 'below';
  readonly appliesIf: readonly { readonly character: string; readonly states: readonly string[] }[];
  readonly evidenceGroup?: string;
  /** How a thing that is counted or measured is counted or measured. */
  readonly counting?: string;
  /** 1 at a glance to 5 with tools and patience. */
  readonly effort: number;
  /** Prior for how often learners get it wrong: Beta mean and weight. */
  readonly misread: readonly [mean: number, weight: number];
  /** How often the class at hand gets it wrong, where a vocabulary is read with rates of its own. */
  readonly missed?: MissRate;
  /** What learners read for what, where they misread it; weights within one true state. */
  readonly readAs: readonly ReadAs[];
  /** Taken out of use: what was recorded is kept, and read again once it is taken up. */
  readonly retired?: boolean;
}

/** How often a look at a character goes wrong, and where the figure comes from. */
export interface MissRate {
  /** 0 to 1. */
  readonly rate: number;
  /** How many looks it counts for. */
  readonly weight: number;
  /** *vocabulary*: its prior; *fit*: what was fitted to a class's own looks. */
  readonly base: 'vocabulary' | 'fit';
}

export interface ReadAs {
  readonly state: string;
  readonly as: string;
  readonly weight: number;
}

/** A learner's own word or metaphor for a character or one of its states. */
export interface Word {
  readonly text: string;
  readonly character: string;
  readonly state: string | null;
}

export interface StatesValue {
  readonly kind: 'states';
  readonly states: readonly { readonly state: string; readonly freq: Frequency }[];
}

/** Up to four numbers in the character's unit: (extreme low) low – high (extreme high). */
export interface RangeValue {
  readonly kind: 'range';
  readonly xlow: number | null;
  readonly low: number;
  readonly high: number;
  readonly xhigh: number | null;
  /** Open above: `low` and more, where nobody said how many. `high` is then the same as `low`. */
  readonly more?: boolean;
  /** The text as it was typed. */
  readonly entered: string;
}

export interface InapplicableValue {
  readonly kind: 'inapplicable';
}

export type Value = StatesValue | RangeValue | InapplicableValue;

export interface Statement {
  readonly id: string;
  readonly taxon: string;
  readonly character: string;
  readonly source: string;
  readonly value: Value;
  readonly at?: string;
  /** The stage of life it was said of; absent where it was said of none. */
  readonly life?: Life;
  /** Shipped with the application: stands only where nothing else is stated at the same place. */
  readonly shipped?: boolean;
}

/** A taxon with its parents in the order of nearness: named groups by declared order, section, genus, family. */
export interface TaxonNode {
  readonly id: string;
  readonly label: string;
  readonly parents: readonly string[];
  readonly isHybrid?: boolean;
}

export const MERGE_POLICIES = ['widest', 'typical', 'preferred'] as const;
export type MergePolicy = (typeof MERGE_POLICIES)[number];

/** The value in use for one character of one taxon, and where it comes from. */
export interface Resolved {
  readonly character: string;
  readonly value: Value;
  /** The taxon the value was stated at. */
  readonly origin: string;
  readonly statements: readonly Statement[];
  /** What the same taxon says of other stages of life. */
  readonly otherStages?: readonly Statement[];
  /** Said by nothing but what ships with the application. */
  readonly shipped?: boolean;
  /** What would have been inherited had the taxon said nothing, where that differs. */
  readonly exceptionTo?: { readonly origin: string; readonly value: Value };
  /** Other origins at the same level that say otherwise. */
  readonly disagreesWith: readonly string[];
  /** `typical` met as many sources for one value as for another. */
  readonly tied: boolean;
}

export type Profile = ReadonlyMap<string, Resolved>;
export type Vocabulary = ReadonlyMap<string, Character>;
