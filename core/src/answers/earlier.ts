import type { AnswerValue, Sureness } from './value.ts';

/** An answer as it was written before values were tagged: in old logs, and on phones that hold some still. */
export interface EarlierAnswer {
  readonly typed?: string | null;
  readonly state?: string | null;
  readonly sure?: Sureness | null;
  readonly written?: string | null;
}

const COUNT = /^\d{1,4}$/;

/** The tagged value of an answer of the earlier form. A state of digits alone was always a count. */
export function taggedValue({ typed, state, sure, written }: EarlierAnswer): AnswerValue {
  const hand = written === undefined || written === null || written === '' ? {} : { written };
  if (sure) return { kind: 'sureness', sure };
  if (typed !== undefined && typed !== null && typed.trim() !== '')
    return { kind: 'name', text: typed, ...hand };
  if (state === 'does-not-apply') return { kind: 'does_not_apply', ...hand };
  if (state !== undefined && state !== null)
    return COUNT.test(state)
      ? { kind: 'count', n: Number(state), ...hand }
      : { kind: 'state', state, ...hand };
  return { kind: 'blank', ...hand };
}
