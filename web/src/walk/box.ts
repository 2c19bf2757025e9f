import type { WalkAsk } from '@hurrow/contract';
import { CANNOT_TELL } from '@hurrow/core/names';
import type { AnswerBox } from '@hurrow/core/quizzes';
import type { Content } from './engine/index.ts';

type Box = Exclude<AnswerBox, 'none'>;

const LABELS: Readonly<Record<Box, string>> = {
  cannot_tell: `It ${CANNOT_TELL}`,
  not_sure: 'I am not sure',
};

/** Questions whose answer is a name, or one of some: only there can it be right that it cannot be told. */
const TOLD: ReadonlySet<WalkAsk['kind']> = new Set([
  'common',
  'scientific',
  'either',
  'genus',
  'family',
  'choice',
]);

/** The box beside a question, by what the quiz offers; none beside how sure somebody is. */
export function boxOf(ask: Pick<WalkAsk, 'kind'>, offered: AnswerBox): { kind: Box; label: string } | null {
  if (offered === 'none' || ask.kind === 'sureness') return null;
  if (offered === 'cannot_tell' && !TOLD.has(ask.kind)) return null;
  return { kind: offered, label: LABELS[offered] };
}

/** Whether the box is checked; that it cannot be told may have been typed as well. */
export const checkedBox = ({ typed, value }: Content, box: Box): boolean =>
  value?.kind === box || (box === 'cannot_tell' && typed === CANNOT_TELL);

/** Whether an answer says anything; a box that is checked does. */
export const saysSomething = ({ typed, state, sure, value }: Content): boolean =>
  (typed ?? '') !== '' ||
  state !== undefined ||
  sure !== undefined ||
  (value !== undefined && value.kind !== 'blank');
