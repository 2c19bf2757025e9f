import type { AnswerKind, AnswerValue } from './value.ts';

/** What one question takes, as far as it decides which answers fit it. */
export interface Taking {
  readonly kind:
    | 'call'
    | 'common'
    | 'scientific'
    | 'either'
    | 'genus'
    | 'family'
    | 'sureness'
    | 'choice'
    | 'match'
    | 'point'
    | 'text';
  /** For character questions: how the character is recorded. */
  readonly recorded?: 'states' | 'count' | 'measure' | null;
  /** States or options that are offered. */
  readonly offered?: readonly string[];
  /** The two sides of a matching question. */
  readonly sides?: { readonly left: readonly string[]; readonly right: readonly string[] };
}

export interface Refusal {
  readonly why: string;
  readonly remedy: string;
}

const NOTHING_SAID: readonly AnswerKind[] = ['blank', 'not_sure', 'illegible', 'not_reached', 'withdrawn'];
const NAMES: readonly AnswerKind[] = ['name', 'cannot_tell'];
const BY_RECORD: Readonly<Record<'states' | 'count' | 'measure', readonly AnswerKind[]>> = {
  states: ['state', 'states', 'does_not_apply', 'cannot_tell'],
  count: ['count', 'does_not_apply', 'cannot_tell'],
  measure: ['measure', 'does_not_apply', 'cannot_tell'],
};

function kindsFor(asked: Taking): readonly AnswerKind[] {
  switch (asked.kind) {
    case 'call':
      return BY_RECORD[asked.recorded ?? 'states'];
    case 'sureness':
      return ['sureness'];
    case 'choice':
      return ['choice', 'choice_by_character', 'cannot_tell'];
    case 'match':
      return ['match'];
    case 'point':
      return ['point', 'cannot_tell'];
    case 'text':
      return ['text'];
    default:
      return NAMES;
  }
}

const NOT_OFFERED: Refusal = {
  why: 'This choice is not offered.',
  remedy: 'Load the quiz again, then choose one of those shown.',
};

function isOffered(value: AnswerValue, asked: Taking): boolean {
  const offered = new Set(asked.offered ?? []);
  switch (value.kind) {
    case 'state':
      return offered.has(value.state);
    case 'states':
      return value.states.length > 0 && value.states.every((s) => offered.has(s));
    case 'choice':
    case 'choice_by_character':
      return value.shown.includes(value.chosen) && value.shown.every((s) => offered.has(s));
    case 'match': {
      const [left, right] = [new Set(asked.sides?.left ?? []), new Set(asked.sides?.right ?? [])];
      const once = new Set(value.pairs.map(([l]) => l)).size === value.pairs.length;
      return once && value.pairs.every(([l, r]) => left.has(l) && right.has(r));
    }
    default:
      return true;
  }
}

const WANTED: Readonly<Record<Taking['kind'], Refusal>> = {
  call: { why: 'This answer is not one the question takes.', remedy: 'Choose one of those shown.' },
  common: { why: 'No name came with it.', remedy: 'Type the name.' },
  scientific: { why: 'No name came with it.', remedy: 'Type the name.' },
  either: { why: 'No name came with it.', remedy: 'Type the name.' },
  genus: { why: 'No name came with it.', remedy: 'Type the name.' },
  family: { why: 'No name came with it.', remedy: 'Type the name.' },
  sureness: { why: 'It does not say how sure.', remedy: 'Choose sure, leaning or guessing.' },
  choice: { why: 'No choice came with it.', remedy: 'Choose one of those shown.' },
  match: { why: 'Nothing was matched.', remedy: 'Match each item once.' },
  point: { why: 'No point came with it.', remedy: 'Tap the drawing.' },
  text: { why: 'No text came with it.', remedy: 'Type your answer.' },
};

/** Why a question does not take an answer; null where it does. */
export function refusalOf(asked: Taking, value: AnswerValue): Refusal | null {
  if (NOTHING_SAID.includes(value.kind)) return null;
  if (!kindsFor(asked).includes(value.kind)) return WANTED[asked.kind];
  return isOffered(value, asked) ? null : NOT_OFFERED;
}
