import type { Handling } from '../conditions/index.ts';
import { POLICY } from './points.ts';
import type { GradePolicy, NameAsk } from './points.ts';

export const PRESETS = ['college', 'contest_juniors', 'contest_seniors', 'young'] as const;
export type Preset = (typeof PRESETS)[number];

/**
 * The box beside an answer: that it cannot be told from what is there, which is right where it cannot; or, for young
 * students, that they are not sure.
 */
export const ANSWER_BOXES = ['none', 'cannot_tell', 'not_sure'] as const;
export type AnswerBox = (typeof ANSWER_BOXES)[number];

/** How a quiz is run. How its names are graded is its policy. */
export interface QuizPlan {
  /** The preset it started from; null where it was set by hand. */
  readonly preset: Preset | null;
  /** What students may do unless a sitting says otherwise. */
  readonly handling: readonly Handling[];
  /** *timed*: all move on a signal; *free*: everybody walks as they like. */
  readonly walk: 'timed' | 'free';
  /** At a station. */
  readonly seconds: number;
  /** To move to the next one. */
  readonly moveSeconds: number;
  /** To go back freely at the end. */
  readonly freeMinutes: number;
  /** Stations are compared with what was taught by the day, or with the whole list. */
  readonly against: 'taught' | 'list';
  /** What students may check instead of an answer. */
  readonly box: AnswerBox;
  /** Whether students say how sure they are. */
  readonly sureness: boolean;
  /** Most character questions at a station. */
  readonly mostCalls: number;
  /** Whether students see their points. */
  readonly showScore: boolean;
}

export const PLAN: QuizPlan = {
  preset: null,
  handling: ['look', 'lens', 'touch'],
  walk: 'timed',
  seconds: 90,
  moveSeconds: 15,
  freeMinutes: 0,
  against: 'taught',
  box: 'cannot_tell',
  sureness: true,
  mostCalls: 12,
  showScore: true,
};

/** A name that every station of a preset asks, with its points. */
export interface PresetAsk {
  readonly kind: NameAsk;
  readonly points: number;
}

export interface PresetSetting {
  readonly plan: QuizPlan;
  readonly policy: GradePolicy;
  readonly asks: readonly PresetAsk[];
  /** How many stations it is made for. */
  readonly stations: readonly [least: number, most: number];
}

const COLLEGE: PresetSetting = {
  plan: {
    ...PLAN,
    preset: 'college',
    freeMinutes: 5,
    box: 'none',
    sureness: false,
    mostCalls: 2,
  },
  // The scientific name earns a point for the genus and one for the epithet.
  policy: { ...POLICY, misspelled: 0.5, genusOnly: 0.5 },
  asks: [
    { kind: 'scientific', points: 2 },
    { kind: 'common', points: 1 },
  ],
  stations: [30, 30],
};

const contest = (preset: Preset, misspelled: number): PresetSetting => ({
  plan: {
    ...PLAN,
    preset,
    handling: ['look'],
    seconds: 60,
    moveSeconds: 10,
    against: 'list',
    box: 'none',
    sureness: false,
    mostCalls: 0,
  },
  policy: { ...POLICY, misspelled },
  asks: [{ kind: 'either', points: 1 }],
  stations: [20, 40],
});

/** What a preset sets; everything can be changed afterwards. Source: docs/domain.md, Presets. */
export const PRESET_SETTINGS: Readonly<Record<Preset, PresetSetting>> = {
  college: COLLEGE,
  contest_juniors: contest('contest_juniors', 1),
  contest_seniors: contest('contest_seniors', 0.5),
  young: {
    plan: {
      ...PLAN,
      preset: 'young',
      walk: 'free',
      handling: ['look', 'lens', 'touch', 'smell'],
      box: 'not_sure',
      sureness: false,
      mostCalls: 1,
      showScore: false,
    },
    policy: { ...POLICY, otherLanguage: 1 },
    // Each station asks which of two, drawn, when its tree is chosen.
    asks: [],
    stations: [8, 10],
  },
};

/** How long a quiz takes, in minutes, rounded up; null where everybody walks freely. */
export function minutesOf(plan: QuizPlan, stations: number): number | null {
  if (plan.walk === 'free') return null;
  const moves = Math.max(0, stations - 1) * plan.moveSeconds;
  return Math.ceil((stations * plan.seconds + moves) / 60) + plan.freeMinutes;
}

/** Why a station is used although it is unfair. */
export const UNFAIR_REASONS = ['shown_in_lab', 'hard_on_purpose', 'check_at_tree'] as const;
export type UnfairReason = (typeof UNFAIR_REASONS)[number];

/** Parts that may be shown one after the other, the later ones at a cost. */
export const CLUE_ORGANS = ['far', 'form', 'bark', 'twig', 'leaf', 'flower', 'fruit'] as const;
export type ClueOrgan = (typeof CLUE_ORGANS)[number];
