import { STAGES } from '@hurrow/core/conditions';
import type { Distance, Handling, Hazard, Material, Organ, Stage } from '@hurrow/core/conditions';
import type { Value } from '@hurrow/core/characters';
import type { Gathered, Permission, SpecimenState } from '@hurrow/core/cutting';
import type { AskParams, ClueOrgan, GradePolicy, QuizPlan, UnfairReason } from '@hurrow/core/quizzes';
import type { TaxonHeader } from './library.ts';
import type { Caution } from './species.ts';
import type { Site } from './people.ts';
import type { AskKind } from '@hurrow/core/grading';
import type { Sketch } from './sketch.ts';

/** Where a tree stands, by satellite or from a map. */
export interface TreePlace {
  readonly lat: number;
  readonly lon: number;
  /** Meters above the sea; null where it is not known. */
  readonly elevM: number | null;
}

export interface TreeRow {
  readonly id: string;
  readonly tag: string;
  readonly site: Site;
  /** Null where it was never recorded. */
  readonly place: TreePlace | null;
  readonly trail: string | null;
  readonly taxon: TaxonHeader;
  readonly stage: Stage | null;
  readonly condition: string | null;
  readonly planted: boolean;
  readonly hazards: readonly string[];
  readonly access: string | null;
  readonly cautions: readonly Caution[];
  readonly reach: Readonly<Partial<Record<Organ, Distance | 'out'>>>;
  readonly certified: Readonly<Record<string, Value>>;
  /** Kept for the sittings it was part of, and offered nowhere. */
  readonly retired: boolean;
  readonly version: number;
}

export { STAGES };

export const NAME_ASKS = ['common', 'scientific', 'either', 'genus', 'family'] as const;
export type NameAskKind = (typeof NAME_ASKS)[number];
export type { AskKind } from '@hurrow/core/grading';

export interface Ask {
  readonly id: string;
  readonly ord: number;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly points: number;
  /** What is shown and what is right, where it is neither a name nor a character. */
  readonly params: AskParams | null;
}

/** An ask as an instructor sets it: a character, a name, how sure the student is, or another kind of question. */
export interface AskBody {
  readonly kind: AskKind;
  readonly character?: string | null;
  readonly points: number;
  readonly params?: AskParams | null;
}

/** A part that may be shown after others, for so many points. */
export interface Clue {
  readonly organ: ClueOrgan;
  readonly cost: number;
}

/** What lies at a station, what it accepts, and what it shows step by step. */
export interface StationSetting {
  readonly material: readonly Material[];
  readonly distance: Distance;
  /** Other species whose name is accepted too. */
  readonly accepts: readonly string[];
  /** Set up so that it cannot be told from something listed, which is then the right answer. */
  readonly notTellable: boolean;
  readonly clues: readonly Clue[];
}

export interface StationBody extends Partial<StationSetting> {
  readonly individual: string;
  readonly number?: number;
  readonly asks: readonly AskBody[];
}

export interface Station extends StationSetting {
  readonly id: string;
  readonly number: number;
  readonly tree: TreeRow;
  readonly asks: readonly Ask[];
  /** Sittings of the list’s classes in which this tree stood before. */
  readonly stoodBefore: number;
  readonly version: number;
}

/** Stations in a new order, all of them. */
export interface StationOrder {
  readonly stations: readonly string[];
}

/** How a quiz is run and how its names are graded. */
export interface QuizPlanBody {
  readonly plan: QuizPlan;
  readonly policy: GradePolicy;
}

export const SITTING_STATES = ['draft', 'locked', 'open', 'closed', 'graded', 'returned'] as const;
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
  readonly list: string;
  readonly listName: string;
  readonly stations: number;
  readonly sittings: readonly SittingSummary[];
  readonly archived: boolean;
}

export interface QuizDetail {
  readonly id: string;
  readonly name: string;
  readonly list: string;
  readonly listName: string;
  readonly policy: GradePolicy;
  readonly plan: QuizPlan;
  readonly stations: readonly Station[];
  readonly sittings: readonly SittingSummary[];
  /** Once the key of a sitting is locked, its stations no longer change. */
  readonly locked: boolean;
  readonly archived: boolean;
  readonly version: number;
}

export interface QuizChange {
  readonly name: string;
  readonly list: string;
  readonly archived: boolean;
}

/** Many trees at once, each a station with the same questions. */
export interface StationsBody {
  readonly individuals: readonly string[];
  readonly asks: readonly AskBody[];
  /** What each asks besides, in the order of the trees. */
  readonly askEach?: readonly (readonly AskBody[])[];
}

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

export interface TreeBody {
  readonly site: string;
  readonly tag: string;
  readonly taxon: string;
  readonly stage?: Stage | null;
  readonly reach: TreeRow['reach'];
}

/** A tree as it is corrected: all that a person may say of it. */
export interface TreeChange {
  readonly site: string;
  readonly place: TreePlace | null;
  readonly tag: string;
  readonly taxon: string;
  readonly stage: Stage | null;
  readonly condition: string | null;
  readonly hazards: readonly Hazard[];
  readonly access: string | null;
  readonly reach: TreeRow['reach'];
  readonly retired: boolean;
}

/** What was seen at a tree, character by character, as it is written in a cell; null takes a check back. */
export interface TreeChecks {
  readonly checks: readonly { readonly character: string; readonly entered: string | null }[];
}

export interface QuizBody {
  readonly name: string;
  readonly list: string;
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
