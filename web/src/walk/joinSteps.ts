import { JOIN_NEEDS } from '@hurrow/contract';
import type { Joining, ProblemDetails } from '@hurrow/contract';

/**
 * What the join page asks next. *number*: code and student number. *choose*: a private word for a number nobody has
 * claimed. *word*: the word of a claimed number. *waiting*: staff decide. *in*: done.
 */
export type JoinStep = 'number' | 'choose' | 'word' | 'waiting' | 'in';

export type JoinEvent =
  | { readonly type: 'joined' }
  | { readonly type: 'asked' }
  | { readonly type: 'refused'; readonly problem: ProblemDetails }
  | { readonly type: 'heard'; readonly state: Joining['state'] }
  | { readonly type: 'back' };

/** The step after an event; a refusal that names no step leaves the page where it is. */
export function nextStep(step: JoinStep, e: JoinEvent): JoinStep {
  switch (e.type) {
    case 'joined':
      return 'in';
    case 'asked':
      return 'waiting';
    case 'back':
      return 'number';
    case 'heard':
      if (step !== 'waiting') return step;
      return e.state === 'in' ? 'in' : e.state === 'asked' ? 'waiting' : 'word';
    case 'refused':
      if (e.problem.type === JOIN_NEEDS.choose) return 'choose';
      if (e.problem.type === JOIN_NEEDS.word) return 'word';
      return e.problem.field === 'code' || e.problem.field === 'student' ? 'number' : step;
  }
}
