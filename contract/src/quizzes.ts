import type { Distance, Handling, Material, Organ } from '@hurrow/core/conditions';
import type { Value } from '@hurrow/core/characters';
import type { MarkPolicy } from '@hurrow/core/quizzes';
import type { Caution, TaxonHeader } from './library.ts';
import type { Site } from './people.ts';
import type { Sketch } from './sketch.ts';

export interface TreeRow {
  readonly id: string;
  readonly tag: string;
  readonly site: Site;
  readonly trail: string | null;
  readonly taxon: TaxonHeader;
  readonly stage: string | null;
  readonly condition: string | null;
  readonly planted: boolean;
  readonly hazards: readonly string[];
  readonly access: string | null;
  readonly cautions: readonly Caution[];
  readonly reach: Readonly<Partial<Record<Organ, Distance | 'out'>>>;
  readonly certified: Readonly<Record<string, Value>>;
}

export const NAME_ASKS = ['common', 'scientific', 'either', 'genus'] as const;
export type NameAskKind = (typeof NAME_ASKS)[number];
export type AskKind = 'call' | NameAskKind | 'sureness';

export interface Ask {
  readonly id: string;
  readonly ord: number;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly points: number;
}

export interface AskBody {
  readonly kind: AskKind;
  readonly character?: string | null;
  readonly points: number;
}

export interface StationBody {
  readonly individual: string;
  readonly number?: number;
  readonly asks: readonly AskBody[];
}

export interface Station {
  readonly id: string;
  readonly number: number;
  readonly tree: TreeRow;
  readonly asks: readonly Ask[];
  readonly version: number;
}

export const SITTING_STATES = ['draft', 'frozen', 'open', 'closed', 'marked', 'given_back'] as const;
export type SittingState = (typeof SITTING_STATES)[number];

export interface SittingSummary {
  readonly id: string;
  readonly section: string;
  readonly sectionName: string;
  readonly on: string;
  readonly state: SittingState;
  readonly joined: number;
  readonly submitted: number;
  readonly roster: number;
}

export interface QuizSummary {
  readonly id: string;
  readonly name: string;
  readonly listName: string;
  readonly stations: number;
  readonly sittings: readonly SittingSummary[];
}

export interface QuizDetail {
  readonly id: string;
  readonly name: string;
  readonly list: string;
  readonly listName: string;
  readonly policy: MarkPolicy;
  readonly stations: readonly Station[];
  readonly sittings: readonly SittingSummary[];
  /** Once a sitting has been opened its stations stand. */
  readonly locked: boolean;
}

export interface SittingStation {
  readonly id: string;
  readonly station: Station;
  readonly distance: Distance;
  readonly material: readonly Material[];
  readonly version: number;
  /** What is drawn where the station is a plate, for its card. */
  readonly drawn: readonly Sketch[];
}

export const DEVICE_STATES = ['asked', 'in', 'refused', 'ended'] as const;
export type DeviceState = (typeof DEVICE_STATES)[number];

/** A phone of a sitting, as staff see it. */
export interface Device {
  readonly id: string;
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly state: DeviceState;
  readonly askedAt: string;
  /** Who let it in, where somebody had to. */
  readonly decidedBy: string | null;
  /** When its last answer came, if any did. */
  readonly lastAnswerAt: string | null;
  readonly answers: number;
}

/** The phones of a sitting and the private words behind them. */
export interface Devices {
  readonly devices: readonly Device[];
  /** Students whose word was reset, with by whom. */
  readonly resets: readonly { readonly student: string; readonly by: string; readonly at: string }[];
}

/** Why a station is held back: another sitting that it would give away. */
export interface Hold {
  readonly station: string;
  readonly number: number;
  /** The day after which it is returned by itself, ISO; null while the other sitting is open. */
  readonly until: string | null;
  readonly because: {
    readonly sitting: string;
    readonly quiz: string;
    readonly section: string;
    readonly on: string;
    readonly reason: 'same_quiz' | 'same_tree';
  };
  /** Who returned it although it is held, and when; null where nobody did. */
  readonly released: { readonly by: string; readonly at: string } | null;
}

export interface Holds {
  readonly days: number;
  readonly holds: readonly Hold[];
}

export interface SheetProgress {
  readonly student: string;
  readonly code: string;
  readonly firstName: string | null;
  readonly answered: number;
  readonly joined: boolean;
  readonly submitted: boolean;
  /** Phones that joined, and those that wait to be let in. */
  readonly devices: number;
  readonly asking: number;
}

export interface SittingDetail extends SittingSummary {
  readonly quiz: string;
  readonly quizName: string;
  readonly list: string;
  readonly site: Site;
  readonly handling: readonly Handling[];
  readonly wet: boolean;
  readonly makeUp: boolean;
  readonly codeExpires: string | null;
  readonly stations: readonly SittingStation[];
  readonly people: readonly SheetProgress[];
  readonly asks: number;
  readonly version: number;
}

/** What *as the key* writes for an ask, and what a call may be. */
export interface SheetAsk {
  readonly sittingStation: string;
  readonly number: number;
  readonly ask: string;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly key: string;
  readonly typed: string | null;
  readonly origin: 'phone' | 'paper' | 'import' | null;
}

export interface Sheet {
  readonly student: string;
  readonly code: string;
  readonly asks: readonly SheetAsk[];
}

export interface SheetAnswer {
  readonly id: string;
  readonly sittingStation: string;
  readonly ask: string;
  /** Exactly as written; null for *as the key*. */
  readonly typed: string | null;
}
