import { isEmpty } from '../answers/index.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { Accepted, AcceptedCall } from './accept.ts';
import type { CallOutcome } from './calls.ts';

export type ValueOutcome = CallOutcome | 'blank' | 'cannot_tell' | 'to_read';

export interface ValueGrade {
  readonly outcome: ValueOutcome;
  /** Share of the question's points, 0 to 1. */
  readonly share: number;
}

const grade = (outcome: ValueOutcome, share = outcome === 'right' ? 1 : 0): ValueGrade => ({
  outcome,
  share,
});

function callOutcome(value: AnswerValue, accepted: AcceptedCall): CallOutcome {
  if (!accepted.recorded) return 'not_recorded';
  if (value.kind === 'does_not_apply') return accepted.doesNotApply ? 'right' : 'wrong';
  const within = (n: number): CallOutcome =>
    accepted.range && n >= accepted.range[0] && n <= accepted.range[1] ? 'right' : 'wrong';
  switch (value.kind) {
    case 'count':
      // A state whose id is a number came as a count before answers were tagged.
      return accepted.right.includes(String(value.n)) ? 'right' : within(value.n);
    case 'measure':
      return within(value.mm);
    case 'state':
      return accepted.right.includes(value.state)
        ? 'right'
        : accepted.coarse.includes(value.state)
          ? 'coarse'
          : 'wrong';
    case 'states': {
      if (value.states.every((s) => accepted.right.includes(s))) return 'right';
      return value.states.every((s) => accepted.right.includes(s) || accepted.coarse.includes(s))
        ? 'coarse'
        : 'wrong';
    }
    default:
      return 'wrong';
  }
}

function matchShare(
  pairs: readonly (readonly [string, string])[],
  right: readonly (readonly [string, string])[],
) {
  const wanted = new Map(right);
  const hits = pairs.filter(([l, r]) => wanted.get(l) === r).length;
  return right.length === 0 ? 0 : hits / right.length;
}

/** Spelling is letter by letter; spaces around and between words, and how a mark is typed, are not. */
const spelled = (text: string): string =>
  text.normalize('NFC').trim().replace(/\s+/g, ' ').replace(/’/g, "'");

/**
 * Grades an answer that is not a name against what the key accepts. Matching earns the share of its pairs.
 * @throws where the key is of another kind of question than the answer can be given to.
 */
export function gradeValue(value: AnswerValue, accepted: Accepted): ValueGrade {
  if (isEmpty(value)) return grade('blank');
  if (value.kind === 'cannot_tell') return grade('cannot_tell');
  switch (accepted.kind) {
    case 'call':
      return grade(callOutcome(value, accepted));
    case 'choice':
      return value.kind === 'choice' || value.kind === 'choice_by_character'
        ? grade(accepted.right.includes(value.chosen) ? 'right' : 'wrong')
        : grade('wrong');
    case 'match': {
      const share = value.kind === 'match' ? matchShare(value.pairs, accepted.pairs) : 0;
      return grade(share === 1 ? 'right' : 'wrong', share);
    }
    case 'point': {
      if (value.kind !== 'point') return grade('wrong');
      const away = Math.hypot(value.x - accepted.x, value.y - accepted.y);
      return grade(away <= accepted.within ? 'right' : 'wrong');
    }
    case 'text':
      if (accepted.right === undefined) return grade('to_read');
      return grade(
        value.kind === 'text' && spelled(value.text) === spelled(accepted.right) ? 'right' : 'wrong',
      );
    case 'name':
    case 'sureness':
      throw new Error(`A question of kind ${accepted.kind} is not graded here`);
  }
}
