import type { Picked } from '@hurrow/core/answers';
import type { AskKind } from '@hurrow/core/grading';
import type { TaxonHeader } from './library.ts';

/** A question of a paper sheet: what the key has, what was entered, and what that earns as far as it can be said now. */
export interface SheetAsk {
  readonly sittingStation: string;
  readonly number: number;
  readonly ask: string;
  readonly kind: AskKind;
  readonly character: string | null;
  readonly key: string;
  readonly typed: string | null;
  /** How staff entered it, where they did not type it as written. */
  readonly as: SheetEntry | null;
  readonly origin: 'phone' | 'paper' | 'import' | null;
  /** A phone or sheet said something else; it waits for a decision. */
  readonly disputed: boolean;
  /** What the student gave, where staff corrected it; null where they did not. */
  readonly gave: string | null;
  readonly points: number | null;
  readonly most: number;
}

/** Lines of a sheet that fit the key one line up or down, and what was decided about them. */
export interface SheetShift {
  readonly id: string;
  /** Numbers of the first and the last station. */
  readonly first: number;
  readonly last: number;
  readonly by: -1 | 1;
  readonly state: 'open' | 'shifted' | 'left';
  readonly decidedBy: string | null;
}

export interface Sheet {
  readonly student: string;
  readonly code: string;
  readonly asks: readonly SheetAsk[];
  /** Species whose name may be picked instead of typed. */
  readonly species: readonly TaxonHeader[];
  /** The stretch that may be off by a line, or was; null where none is. */
  readonly shift: SheetShift | null;
  /** Whether another person is to enter it a second time, and whether that is done. */
  readonly second: 'wanted' | 'done' | null;
  /** Whether a photograph of it is kept. */
  readonly photo: boolean;
}

/** What staff enter without typing what is written: the letters on the sheet are not copied. */
export const SHEET_ENTRIES = [
  'right',
  'misspelled',
  'species',
  'blank',
  'cannot_tell',
  'not_sure',
  'illegible',
  'not_reached',
] as const;
export type SheetEntry = (typeof SHEET_ENTRIES)[number];

export interface SheetAnswer {
  readonly id: string;
  readonly sittingStation: string;
  readonly ask: string;
  /** Exactly as written; the id of a species where one was picked; null where staff said what it is. */
  readonly typed: string | null;
  /** What it is, where it was not typed; left out, a null text is what the key says. */
  readonly as?: SheetEntry;
  /** Staff correct what the student sent; it counts before that. */
  readonly correction?: boolean;
}

export interface SheetBody {
  readonly answers: readonly SheetAnswer[];
}

/** Whether a stretch that may be off by a line is moved or left as it was written. */
export interface ShiftDecision {
  readonly decision: 'shift' | 'leave';
}

/** Whose sheet it was that was entered under another number. */
export interface SheetMove {
  readonly to: string;
}

/** A sheet entered a second time, by somebody who did not see the first entry. */
export interface SecondEntry {
  readonly answers: readonly SheetAnswer[];
}

/** Where two entries of one sheet differ. */
export interface EntryDifference {
  readonly sittingStation: string;
  readonly number: number;
  readonly ask: string;
  readonly first: string;
  readonly second: string;
}

/** Which sheets are entered twice, and where the two entries differ. */
export interface SecondEntries {
  /** Share of the sheets, 0 to 1. */
  readonly share: number;
  readonly sheets: readonly {
    readonly student: string;
    readonly code: string;
    readonly by: string | null;
    readonly differences: readonly EntryDifference[];
  }[];
}

export interface SecondShare {
  readonly share: number;
}

export type { Picked };
