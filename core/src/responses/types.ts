/** One row of a responses file: what one student answered at one station. Source: docs/formats.md. */
export interface ResponseLine {
  /** Where it stands in the file, from 1. */
  readonly line: number;
  readonly quiz: string;
  /** ISO. */
  readonly on: string;
  readonly section: string;
  readonly student: string;
  readonly station: number;
  /** The true accepted name. */
  readonly species: string;
  /** The name as the student wrote it; empty for none. */
  readonly answer: string;
  readonly form: AnswerForm;
  readonly sure: 'sure' | 'leaning' | 'guessing' | null;
  readonly seconds: number | null;
  /** Words of material; empty where the file has none. */
  readonly material: readonly string[];
  /** The date the answers were returned, ISO. */
  readonly returned: string | null;
  /** What was called, by character; only what was answered. */
  readonly calls: Readonly<Record<string, string>>;
}

export const ANSWER_FORMS = ['typed', 'number', 'choice', 'completion'] as const;
export type AnswerForm = (typeof ANSWER_FORMS)[number];
