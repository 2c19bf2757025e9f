import { ANSWERED_BY } from './questionKinds.ts';
import type { AskParams } from './questionKinds.ts';

export interface QuestionFault {
  readonly message: string;
  readonly remedy: string;
}

const fault = (message: string, remedy: string): QuestionFault => ({ message, remedy });

const repeats = (ids: readonly string[]): boolean => new Set(ids).size < ids.length;

function choiceFault({ options, right }: AskParams): QuestionFault | null {
  const ids = options.map((o) => o.id);
  if (ids.length < 2) return fault('A choice needs at least two options.', 'Add another option.');
  if (repeats(ids)) return fault('An option is there twice.', 'Remove one of them.');
  if (right.length === 0) return fault('No option is right.', 'Say which one is right.');
  if (!right.every((r) => ids.includes(r)))
    return fault('The right answer is not among the options.', 'Add it, or say which one is right.');
  if (right.length === ids.length) return fault('Every option is right.', 'Add one that is wrong.');
  return null;
}

function matchFault({ options, others, pairs }: AskParams): QuestionFault | null {
  const [left, right] = [options.map((o) => o.id), others.map((o) => o.id)];
  if (left.length < 2 || right.length < 2)
    return fault('There is nothing to match.', 'Give at least two on each side.');
  if (repeats(left) || repeats(right)) return fault('One side has something twice.', 'Remove one of them.');
  const fits = pairs.every(([l, r]) => left.includes(l) && right.includes(r));
  if (!fits || pairs.length !== left.length || repeats(pairs.map(([l]) => l)))
    return fault('Not everything has its match.', 'Say what belongs to each.');
  return null;
}

/** What is wrong with a question that is neither a name nor a character; null where it can be asked. */
export function questionFault(kind: string, params: AskParams | null | undefined): QuestionFault | null {
  if (!params) return fault('This question has nothing to show.', 'Set it up again.');
  if (ANSWERED_BY[params.question] !== kind)
    return fault('This question is answered in another way.', 'Set it up again.');
  if (kind === 'choice') return choiceFault(params);
  if (kind === 'match') return matchFault(params);
  if (kind === 'point' && !params.place)
    return fault('The right place is not marked.', 'Mark it on the drawing.');
  if (kind === 'text' && !params.text) return fault('The right text is missing.', 'Write it down.');
  return null;
}
