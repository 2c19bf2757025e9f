/**
 * What one answer says. `written` keeps the hand's own text where staff read it from paper. Ids of states, choices and
 * pairs are those shown to the student.
 */
export type AnswerValue =
  | { readonly kind: 'name'; readonly text: string; readonly picked?: Picked }
  | { readonly kind: 'state'; readonly state: string; readonly written?: string }
  | { readonly kind: 'states'; readonly states: readonly string[]; readonly written?: string }
  | { readonly kind: 'count'; readonly n: number; readonly written?: string }
  /** A length: in millimeters, and with its unit as it was typed. */
  | { readonly kind: 'measure'; readonly mm: number; readonly typed: string; readonly written?: string }
  /** One of the options shown; an option may be a species or a character. */
  | { readonly kind: 'choice'; readonly chosen: string; readonly shown: readonly string[] }
  /** One of the options shown, with the character that told. */
  | {
      readonly kind: 'choice_by_character';
      readonly chosen: string;
      readonly shown: readonly string[];
      readonly character: string;
    }
  | { readonly kind: 'match'; readonly pairs: readonly (readonly [left: string, right: string])[] }
  /** A point on a drawing, as shares of its width and height, 0 to 1. */
  | { readonly kind: 'point'; readonly x: number; readonly y: number }
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'sureness'; readonly sure: Sureness; readonly written?: string }
  | { readonly kind: 'cannot_tell' }
  /** A box that is checked instead of an answer; it says nothing of the tree. */
  | { readonly kind: 'not_sure'; readonly written?: string }
  | { readonly kind: 'does_not_apply'; readonly written?: string }
  /** A sheet shows a hand that nobody can read. */
  | { readonly kind: 'illegible' }
  | { readonly kind: 'blank'; readonly written?: string }
  /** The student did not get to the station. */
  | { readonly kind: 'not_reached' }
  /** Entered under this student by mistake and moved to the one whose sheet it was, or to another line. */
  | { readonly kind: 'withdrawn' };

/** A name that staff entered without its letters: the right one, the right one misspelled, or a species of the list. */
export const PICKED = ['right', 'misspelled', 'species'] as const;
export type Picked = (typeof PICKED)[number];

export type AnswerKind = AnswerValue['kind'];

export const SURENESS = ['sure', 'leaning', 'guessing'] as const;
export type Sureness = (typeof SURENESS)[number];

/** The version that stored values carry, so that a later form can be told from this one. */
export const ANSWER_VERSION = 1;
export type StoredValue = AnswerValue & { readonly v: typeof ANSWER_VERSION };
export const stored = (value: AnswerValue): StoredValue => ({ v: ANSWER_VERSION, ...value });

const EMPTY: ReadonlySet<AnswerKind> = new Set([
  'blank',
  'not_sure',
  'not_reached',
  'withdrawn',
  'illegible',
]);

/** Whether the student was not at the station, so that it is no look at the tree. */
export const isNoLook = (value: AnswerValue): boolean =>
  value.kind === 'not_reached' || value.kind === 'withdrawn';

/** Whether an answer says nothing that could be graded. */
export const isEmpty = (value: AnswerValue): boolean => EMPTY.has(value.kind);

const sorted = (all: readonly string[]): string => [...all].sort().join('\n');

/** What an answer says, as one text: two answers say the same where these are equal. */
function meaning(value: AnswerValue): string {
  switch (value.kind) {
    case 'name':
      return value.picked === 'misspelled' ? `${value.text}\nmisspelled` : value.text;
    case 'text':
      return value.text;
    case 'state':
      return value.state;
    case 'states':
      return sorted(value.states);
    case 'count':
      return String(value.n);
    case 'measure':
      return String(value.mm);
    case 'choice':
      return value.chosen;
    case 'choice_by_character':
      return `${value.chosen}\n${value.character}`;
    case 'match':
      return sorted(value.pairs.map((p) => p.join('\t')));
    case 'point':
      return `${value.x} ${value.y}`;
    case 'sureness':
      return value.sure;
    default:
      return '';
  }
}

/** Whether two answers say the same, however they were written down. */
export const sameAnswer = (a: AnswerValue, b: AnswerValue): boolean =>
  a.kind === b.kind && meaning(a) === meaning(b);

const FIXED: Readonly<Partial<Record<AnswerKind, string>>> = {
  cannot_tell: 'cannot be told from this',
  not_sure: 'not sure',
  does_not_apply: 'does not apply',
  illegible: 'illegible',
  not_reached: 'not reached',
  withdrawn: 'moved',
  blank: '',
};

/** What was entered without its letters says so. */
const PICKED_WORDS: Readonly<Record<Picked, string>> = {
  right: ' (entered by staff)',
  misspelled: ', misspelled (entered by staff)',
  species: ' (entered by staff)',
};

/** An answer as its author wrote it; ids of states and choices stay ids, which `wordOf` may put into words. */
export function answerText(value: AnswerValue, wordOf: (id: string) => string = (id) => id): string {
  if ('written' in value && value.written !== undefined && value.written !== '') return value.written;
  switch (value.kind) {
    case 'name':
      return value.picked ? `${value.text}${PICKED_WORDS[value.picked]}` : value.text;
    case 'text':
      return value.text;
    case 'state':
      return wordOf(value.state);
    case 'states':
      return value.states.map(wordOf).join(', ');
    case 'count':
      return String(value.n);
    case 'measure':
      return value.typed;
    case 'choice':
      return wordOf(value.chosen);
    case 'choice_by_character':
      return `${wordOf(value.chosen)}, by ${wordOf(value.character)}`;
    case 'match':
      return value.pairs.map((p) => p.map(wordOf).join(' – ')).join('; ');
    case 'point':
      return `${Math.round(value.x * 100)}% across, ${Math.round(value.y * 100)}% down`;
    case 'sureness':
      return value.sure;
    default:
      return FIXED[value.kind] ?? '';
  }
}
