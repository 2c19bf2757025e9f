import type { Dispute } from '@hurrow/contract';
import { answerText } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import { stateWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';

const WHY: Readonly<Record<Dispute['why'], string>> = {
  late: 'came after the sitting was closed',
  after_grading: 'came after grading',
  other_content: 'sent twice with different text',
  older_phone: 'came from an older phone of this student',
  differs: 'differs between phone and paper',
};

/** Why an answer waits for a decision. */
export const disputeWords = (why: Dispute['why']): string => WHY[why];

const DECIDED: Readonly<Record<Exclude<Dispute['state'], 'open'>, string>> = {
  counted: 'counts',
  kept: 'kept, does not count',
  dropped: 'dropped',
};

/** What was decided, and by whom. */
export function decisionWords({ state, decidedBy }: Pick<Dispute, 'state' | 'decidedBy'>): string {
  if (state === 'open') return '';
  return decidedBy === null ? DECIDED[state] : `${DECIDED[state]}, by ${decidedBy}`;
}

/** An answer in words; nothing written is said as such. */
export function valueText(
  value: AnswerValue | null,
  character: string | null,
  vocabulary: Vocabulary | undefined,
  words: Words,
): string {
  if (value === null) return 'no answer';
  const c = vocabulary?.get(character ?? '');
  const text = answerText(value, (id) => (c ? stateWords(c, id, words) : id));
  return text === '' ? 'left blank' : text;
}

/** How many answers wait, and what counts meanwhile. */
export function waitingWords(disputes: readonly Dispute[]): string {
  const open = disputes.filter((d) => d.state === 'open');
  const students = new Set(open.map((d) => d.student)).size;
  if (open.length === 0) return 'Every late or contradicting answer has been decided.';
  const answers = open.length === 1 ? '1 answer' : `${open.length} answers`;
  const by = students === 1 ? '1 student' : `${students} students`;
  return `${answers} of ${by} ${open.length === 1 ? 'waits' : 'wait'} for your decision. Until then, the earlier answer counts, if there is one.`;
}
