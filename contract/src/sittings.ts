import type { Distance, Handling, Material } from '@hurrow/core/conditions';
import type { Gathered, Permission, SpecimenState } from '@hurrow/core/cutting';
import type { QuizPlan, UnfairReason } from '@hurrow/core/quizzes';
import type { TaxonHeader } from './library.ts';
import type { Site } from './people.ts';
import type { Sketch } from './sketch.ts';
import type { TreeRow } from './trees.ts';
import type { SittingSummary } from './sittingStates.ts';
import type { Station } from './quizzes.ts';

export interface SittingStation {
  readonly id: string;
  /** The station with the tree it has at this sitting. */
  readonly station: Station;
  /** Tag of the tree the quiz has there, where another one stands in for it at this sitting. */
  readonly insteadOf: string | null;
  readonly distance: Distance;
  readonly material: readonly Material[];
  readonly version: number;
  /** What is drawn where the station is a plate, for its card. */
  readonly drawn: readonly Sketch[];
  /** Why it is used although it is unfair; null where nobody said. */
  readonly reason: UnfairReason | null;
  readonly reasonNote: string | null;
  /** When cut parts were taken, by material; those that are not cut have none. */
  readonly takenOn: Readonly<Partial<Record<Material, string>>>;
  /** Characters that the bag of what lies there hides. */
  readonly hides: readonly string[];
}

/** One thing to cut or gather for a station of a sitting, and how far it has come. */
export interface CuttingRow {
  readonly sittingStation: string;
  readonly number: number;
  /** What stands on its label: nothing of the species. */
  readonly label: string;
  readonly material: Gathered;
  readonly tree: Pick<TreeRow, 'id' | 'tag' | 'trail' | 'access' | 'hazards'> & { readonly site: string };
  readonly taxon: TaxonHeader;
  readonly nodes: number;
  readonly bagged: boolean;
  readonly hides: readonly string[];
  readonly permission: Permission;
  /** The first day on which it may be taken, ISO. */
  readonly from: string;
  readonly keeps: number;
  readonly state: SpecimenState;
  readonly takenOn: string | null;
  readonly goodUntil: string | null;
  /** How many were spoiled before. */
  readonly spoiled: number;
  /** 0 until it is gathered. */
  readonly version: number;
}

export interface SpecimenBody {
  readonly state: SpecimenState;
  /** ISO; the day of the workspace where it is not given. */
  readonly takenOn?: string;
  readonly bagged?: boolean;
  readonly hides?: readonly string[];
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
  /** The first day of the class's term, ISO; null where it is not known. */
  readonly startsOn: string | null;
  readonly plan: QuizPlan;
  /** What students type to join; null unless the sitting is open. */
  readonly code: string | null;
  readonly codeExpires: string | null;
  readonly stations: readonly SittingStation[];
  readonly people: readonly SheetProgress[];
  readonly asks: number;
  /** Answers that wait for a decision. */
  readonly disputes: number;
  readonly returnedBy: ReturnedBy | null;
  /** Sheets that may be off by a line and wait for a decision. */
  readonly shifts: number;
  readonly version: number;
}

export interface SittingBody {
  readonly section: string;
  /** ISO date. */
  readonly on: string;
  readonly handling: readonly Handling[];
  readonly wet: boolean;
  readonly makeUp: boolean;
}

export type SittingChange = Pick<SittingBody, 'on' | 'handling' | 'wet'>;

/** What is at hand at a station of one sitting. */
export interface SettingBody {
  readonly distance: Distance;
  readonly material: readonly Material[];
  /** The tree that stands in for the quiz's own at this sitting; null for the quiz's own. */
  readonly individual?: string | null;
  readonly reason?: UnfairReason | null;
  readonly reasonNote?: string | null;
}

/** Another tree at one station of a sitting whose key is locked, taken over at once. */
export interface SwapBody {
  readonly individual: string;
  readonly why: string;
  readonly reason?: UnfairReason | null;
}

/** The states a sitting is moved to; it is graded by grading it. */
export const SITTING_STEPS = ['draft', 'locked', 'open', 'closed', 'returned'] as const;

/** On phones and slips, or read aloud on a led walk: then nothing is held back from this class. */
export const RETURNED_BY = ['phone', 'aloud'] as const;
export type ReturnedBy = (typeof RETURNED_BY)[number];

export interface SittingStep {
  readonly to: (typeof SITTING_STEPS)[number];
  /** How results are returned; on phones unless it says otherwise. */
  readonly by?: ReturnedBy;
}

/** A sitting after a step; opening answers with the join code, which is not kept and cannot be shown again. */
export interface SittingMoved extends SittingDetail {
  readonly code: string | null;
}

export interface JoinCode {
  readonly code: string;
}

export interface DeviceDecision {
  readonly decision: 'let-in' | 'refuse' | 'end';
}

/** How many days another sitting holds results back. */
export interface HoldDays {
  readonly days: number;
}

export interface StationRelease {
  readonly stations: readonly string[];
}
