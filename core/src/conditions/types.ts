/** What a person has before them when a character is looked for: date, material, handling, distance. */

export const MATERIALS = [
  'tree',
  'twig',
  'leaf',
  'fruit',
  'litter',
  'bark',
  'section',
  'rubbing',
  'pressed',
  'photo',
  'plate',
] as const;
export type Material = (typeof MATERIALS)[number];

export const HANDLINGS = ['look', 'lens', 'touch', 'smell', 'taste', 'cut', 'measure'] as const;
export type Handling = (typeof HANDLINGS)[number];

/** From far to near; a nearer distance sees all that a farther one does. */
export const DISTANCES = ['far', 'binoculars', 'trunk', 'hand'] as const;
export type Distance = (typeof DISTANCES)[number];

export const SEASONS = [
  'always',
  'leaf-on',
  'leafless',
  'flower',
  'fruit',
  'autumn',
  'pollen',
  'receptive',
  'new-growth',
  'dormant',
  'buds',
  'waiting-catkins',
] as const;
export type Season = (typeof SEASONS)[number];

/** When something is there to be seen, in words. */
export const SEASON_NAMES: Readonly<Record<Season, string>> = {
  always: 'all year',
  'leaf-on': 'in leaf',
  leafless: 'leafless',
  flower: 'in flower',
  fruit: 'in fruit',
  autumn: 'in fall color',
  pollen: 'while pollen flies',
  receptive: 'while seed flowers are open',
  'new-growth': 'while leaves are new',
  dormant: 'from leaf fall to leaf-out (evergreens all year)',
  buds: 'while winter buds stand',
  'waiting-catkins': 'while catkins wait on the twig',
};

/** The order in which organs are shown everywhere: from the whole tree inwards. */
export const ORGANS = ['form', 'bark', 'twig', 'leaf', 'flower', 'fruit', 'smell', 'wood', 'site'] as const;
export type Organ = (typeof ORGANS)[number];

export interface Conditions {
  /** Local date of the site, ISO `YYYY-MM-DD`. */
  readonly date: string;
  readonly material: readonly Material[];
  /** Dates on which cut, pressed or photographed parts were taken; the conditions' date where absent. */
  readonly takenOn?: Readonly<Partial<Record<Material, string>>>;
  /** `look` is always included. */
  readonly handling: readonly Handling[];
  readonly distance: Distance;
  readonly wet: boolean;
}

export const WINDOW_KINDS = [
  'leaf_out',
  'pollen',
  'receptive',
  'ripening',
  'hanging',
  'autumn',
  'leaf_fall',
] as const;
export type WindowKind = (typeof WINDOW_KINDS)[number];

/** A season window in days of the year (1 to 365), both ends included; start after end crosses new year. */
export interface SeasonWindow {
  readonly kind: WindowKind;
  readonly start: number;
  readonly end: number;
}

/** Fruit on the ground: falls to pieces on the tree before, rots or blows away within weeks, or lies until the next. */
export type OnGround = 'in-pieces' | 'gone-in-weeks' | 'lasts';

export type Persistence = 'evergreen' | 'deciduous' | 'marcescent';

/** What the visibility of a character depends on in a taxon or an individual. */
export interface Subject {
  readonly windows: readonly SeasonWindow[];
  readonly persistence?: Persistence;
  /** What becomes of its fruit on the ground; absent where its kind of fruit is not recorded. */
  readonly onGround?: OnGround;
  /** Handling that a caution forbids of it, whatever the conditions allow. */
  readonly forbids?: readonly string[];
  /** Characters that a bag hides on this individual. */
  readonly hides?: readonly string[];
  /** For an individual: how near each organ can be got; absent means not recorded. Absent whole for a taxon. */
  readonly reach?: Readonly<Partial<Record<Organ, Distance | 'out'>>>;
}

/** Another way to observe a character, with how often learners get it wrong so: hairs that are felt instead of seen. */
export interface OtherWay {
  readonly needs: readonly Handling[];
  /** Beta mean and weight. */
  readonly misread: readonly [mean: number, weight: number];
}

/** The part of a character definition that decides when it can be seen. */
export interface Viewing {
  readonly id?: string;
  readonly organ: Organ;
  /** Any one of these suffices. */
  readonly material: readonly Material[];
  /** Handling needed beside looking; all of them. */
  readonly needs: readonly Handling[];
  /** What does as well instead of all that it needs. */
  readonly orBy?: OtherWay;
  /** The farthest class from which the character can be made out. */
  readonly distance: Distance;
  readonly season: readonly Season[];
  /** What wet does: `lost` (smell) or `blurred` (hairs, bark color). */
  readonly wet?: 'lost' | 'blurred';
  /** Readable on the brown leaf that a marcescent tree keeps through winter. */
  readonly onBrownLeaf?: boolean;
  /** The kind of character; colors fade on a pressed sheet and brown on the ground. */
  readonly kind?: string;
}

export type Seen = 'yes' | 'partly' | 'no' | 'unknown';

export interface Visibility {
  readonly seen: Seen;
  /** Why not, or why only partly; empty for a plain yes. */
  readonly reason: string;
}

/** What a caution is about. */
export const HAZARDS = [
  'toxic',
  'irritant',
  'thorns',
  'allergy',
  'climbing',
  'road',
  'water',
  'tools',
  'protected',
  'pest',
  'other',
] as const;
export type Hazard = (typeof HAZARDS)[number];

/** Where something can be made out from, as a place. */
export const DISTANCE_NAMES: Readonly<Record<Distance, string>> = {
  far: 'afar',
  binoculars: 'binoculars',
  trunk: 'the trunk',
  hand: 'the hand',
};
