import { DOES_NOT_APPLY } from '@hurrow/contract';
import { lengthWritten } from '@hurrow/core/answers';
import type { Content } from './engine/index.ts';

/** What a text field asks for. */
export type Taken = 'name' | 'count' | 'measure';

const COUNT = /^\d{1,4}$/;

/** The answer that a text is, by what the question takes; null while it is none yet. */
export function contentOfText(text: string, takes: Taken): Content | null {
  if (takes === 'name') return { typed: text };
  if (takes === 'count') return COUNT.test(text) ? { state: text } : null;
  const value = lengthWritten(text);
  return value === null ? null : { value };
}

/** What a field shows of an answer. */
export function textOf({ typed, state, value }: Content): string {
  if (typed !== undefined) return typed;
  if (value?.kind === 'measure') return value.typed;
  return state === DOES_NOT_APPLY ? '' : (state ?? '');
}

/** What to type where a text is no answer yet. */
export const HINTS: Readonly<Record<Exclude<Taken, 'name'>, string>> = {
  count: 'Type a whole number, with digits only.',
  measure: 'Type a length with its unit, such as 3 in or 75 mm.',
};
