import type { PlannedChange, Refusal } from '@hurrow/core/formats';
import type { Choices, ResponseQuestion } from '@hurrow/core/responses';

/** Kinds of file that are taken in, by what they hold. */
export const IMPORT_KINDS = [
  'library',
  'names',
  'table',
  'sdd',
  'ranges',
  'areas',
  'roster',
  'responses',
] as const;
export type ImportKind = (typeof IMPORT_KINDS)[number];

/** The formats the library and rosters go out in. */
export const EXPORT_FORMATS = {
  library: { file: 'library.json', type: 'application/json' },
  names: { file: 'names.csv', type: 'text/csv' },
  table: { file: 'characters.csv', type: 'text/csv' },
  sdd: { file: 'descriptions.xml', type: 'application/xml' },
  ranges: { file: 'ranges.csv', type: 'text/csv' },
  areas: { file: 'ranges.geojson', type: 'application/geo+json' },
  roster: { file: 'roster.csv', type: 'text/csv' },
} as const;
export type ExportFormat = keyof typeof EXPORT_FORMATS;

/** What goes out of quizzes and their results, with what it is narrowed by. */
export const RESULT_FORMATS = {
  responses: { file: 'responses.csv', type: 'text/csv', by: 'section' },
  gradebook: { file: 'gradebook.csv', type: 'text/csv', by: 'section' },
  asks: { file: 'grades-by-question.csv', type: 'text/csv', by: 'section' },
  calendar: { file: 'sittings.ics', type: 'text/calendar', by: 'section' },
  xapi: { file: 'statements.jsonl', type: 'application/x-ndjson', by: 'section' },
  qti: { file: 'quiz-qti.zip', type: 'application/zip', by: 'quiz' },
} as const;
export type ResultFormat = keyof typeof RESULT_FORMATS;

/** The most characters of a file that is sent in. */
export const MOST_SENT = 45_000_000;

/** What an import would do, or did. */
export interface ImportReport {
  readonly kind: ImportKind;
  readonly counts: {
    readonly new: number;
    readonly changed: number;
    readonly same: number;
    readonly refused: number;
  };
  /** The first of the changes; `more` were left out. */
  readonly changes: readonly PlannedChange[];
  readonly more: number;
  readonly refused: readonly Refusal[];
  /** What the file leaves open, to be chosen before it is imported. */
  readonly questions: readonly ResponseQuestion[];
  /** What the file holds that is not taken, in words. */
  readonly left: readonly string[];
  /** The import as it can be undone, once it is applied. */
  readonly batch: string | null;
}

/** A responses file with what was chosen where it leaves something open, as it is sent. */
export interface ChosenFile {
  readonly choices: Choices;
  readonly text: string;
}

export interface ImportRow {
  readonly id: string;
  readonly kind: ImportKind;
  readonly name: string;
  readonly counts: ImportReport['counts'];
  readonly by: string | null;
  readonly appliedAt: string;
  readonly undoneAt: string | null;
}

/** Long work on the server. Its token is all it takes to follow or stop it. */
export interface JobState {
  readonly state: 'running' | 'done' | 'failed' | 'cancelled';
  readonly stage: string;
  readonly done: number;
  /** Null while nobody knows. */
  readonly total: number | null;
  readonly result: ImportReport | null;
  readonly problem: { readonly detail: string; readonly remedy: string } | null;
}

/** Work that was begun, by its token. */
export interface JobStarted {
  readonly job: string;
}
