import { answerText } from '../answers/index.ts';
import type { AnswerValue } from '../answers/index.ts';
import type { AskParams } from '../quizzes/index.ts';
import type { KeyAsk } from './types.ts';

/** What a question showed, in words, so that an answer to it can be read without the question. */
export interface ShownInWords {
  readonly prompt: string;
  /** What each option stood for, by its id. */
  readonly labels: Readonly<Record<string, string>>;
}

/** What a question shows in words; an option that is only drawn is named by its number. */
export function shownInWords({ prompt, options, others }: AskParams): ShownInWords {
  const said = (prefix: string) => (o: { readonly id: string; readonly label: string }, i: number) =>
    [o.id, o.label === '' ? `${prefix} ${i + 1}` : o.label] as const;
  return {
    prompt,
    labels: Object.fromEntries([...options.map(said('drawing')), ...others.map(said('drawing'))]),
  };
}

/** An answer to a question of a key in words: options by what they stood for. */
export const saidTo = (value: AnswerValue, ask: Pick<KeyAsk, 'shown'>): string =>
  answerText(value, (id) => ask.shown?.labels[id] ?? id);

/** What a question of a key accepts in words; null where it is a name, a character or how sure. */
export function acceptedInWords({ accepted, shown }: Pick<KeyAsk, 'accepted' | 'shown'>): string | null {
  const label = (id: string): string => shown?.labels[id] ?? id;
  switch (accepted.kind) {
    case 'choice':
      return accepted.right.map(label).join(' or ');
    case 'match':
      return accepted.pairs.map(([l, r]) => `${label(l)} – ${label(r)}`).join('; ');
    case 'point':
      return 'the place marked in the drawing';
    case 'text':
      return accepted.right ?? null;
    default:
      return null;
  }
}
