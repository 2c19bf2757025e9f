/** Kinds of question beside names and characters; each is answered by a choice, a match, a place on a drawing or a text. */
export const QUESTION_KINDS = [
  'which_of_two',
  'next_look',
  'odd_one_out',
  'match_parts',
  'january',
  'grows_here',
  'find_bud',
  'rule_breaker',
  'spelling',
  'term_drawing',
] as const;
export type QuestionKind = (typeof QUESTION_KINDS)[number];

/** How a kind of question is answered. */
export const ANSWERED_BY: Readonly<Record<QuestionKind, 'choice' | 'match' | 'point' | 'text'>> = {
  which_of_two: 'choice',
  next_look: 'choice',
  odd_one_out: 'choice',
  match_parts: 'match',
  january: 'choice',
  grows_here: 'choice',
  find_bud: 'point',
  rule_breaker: 'choice',
  spelling: 'text',
  term_drawing: 'match',
};

export const DRAWN_PARTS = ['leaf', 'twig', 'bark', 'fruit'] as const;
export type DrawnPart = (typeof DRAWN_PARTS)[number];

/** A part of a species as it is drawn, or a state of a character. */
export type Drawing =
  | { readonly taxon: string; readonly part: DrawnPart }
  | { readonly character: string; readonly state: string };

/** Something a student may choose, by an id that says nothing. */
export interface AskOption {
  readonly id: string;
  /** Empty where it is drawn instead. */
  readonly label: string;
  /** The species it stands for, which phones are not told. */
  readonly taxon?: string;
  /** The character it stands for. */
  readonly character?: string;
  /** What is drawn in its place. */
  readonly draw?: Drawing;
}

/** A question that is neither a name nor a character, complete with what it shows and what it accepts. */
export interface AskParams {
  readonly question: QuestionKind;
  /** As the student reads it. */
  readonly prompt: string;
  readonly options: readonly AskOption[];
  /** The other side of a match; for *which of two*, the characters of which one told. */
  readonly others: readonly AskOption[];
  /** Options that are right. */
  readonly right: readonly string[];
  readonly pairs: readonly (readonly [option: string, other: string])[];
  /** What the place is marked on. */
  readonly drawing: Drawing | null;
  /** Where the place is, and how near is near enough, as shares of the drawing's width and height. */
  readonly place: { readonly x: number; readonly y: number; readonly within: number } | null;
  /** The text that is right, letter by letter. */
  readonly text: string | null;
}
