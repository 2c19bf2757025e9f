import { characterWords, stateWords } from '../characters/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import type { AskKind } from '../grading/index.ts';
import { namesOf } from './qtiNames.ts';
import type { AskedNames } from './qtiNames.ts';
import type { Accepted, AskParams } from '../quizzes/index.ts';
import type { QtiAnswer } from './qtiTypes.ts';

/** A question as its quiz has it. */
export interface QtiAsk {
  readonly kind: AskKind;
  readonly character: string | null;
  readonly points: number;
  readonly params: AskParams | null;
  readonly accepted: Accepted;
}

const NOT_APPLYING = 'does-not-apply';

const PROMPTS: Readonly<Partial<Record<AskKind, string>>> = {
  common: 'What is its common name?',
  scientific: 'What is its scientific name?',
  either: 'What is its name, common or scientific?',
  genus: 'What is its genus?',
  family: 'What is its family?',
};

/** An id that may stand in a package: letters, digits, hyphens, underscores. */
export const qtiId = (text: string): string => `q${text.replace(/[^A-Za-z0-9_-]/g, '-')}`;

function callAnswer(ask: QtiAsk, vocabulary: Vocabulary): { prompt: string; answer: QtiAnswer } | null {
  const c = vocabulary.get(ask.character ?? '');
  if (!c || ask.accepted.kind !== 'call') return null;
  const prompt = `What do you see? ${characterWords(c, 'plain')}`;
  if (c.states.length === 0) {
    const { range } = ask.accepted;
    const unit = c.kind === 'length' ? ' (mm)' : '';
    return {
      prompt: `${prompt}${unit}`,
      answer: range ? { kind: 'number', low: range[0], high: range[1] } : { kind: 'open' },
    };
  }
  const right = ask.accepted.doesNotApply ? [NOT_APPLYING] : ask.accepted.right.map(qtiId);
  if (right.length === 0) return { prompt, answer: { kind: 'open' } };
  return {
    prompt,
    answer: {
      kind: 'choice',
      options: [
        ...c.states.map((s) => ({ id: qtiId(s.id), label: stateWords(c, s.id, 'plain') })),
        { id: NOT_APPLYING, label: 'does not apply' },
      ],
      right,
    },
  };
}

function otherAnswer({ params, accepted }: QtiAsk): { prompt: string; answer: QtiAnswer } | null {
  if (!params) return null;
  const { prompt } = params;
  const option = (o: AskParams['options'][number]) => ({ id: qtiId(o.id), label: o.label });
  // What is drawn in place of words cannot be chosen by words.
  if ([...params.options, ...params.others].some((o) => o.label === '')) return null;
  if (accepted.kind === 'choice')
    return {
      prompt,
      answer: { kind: 'choice', options: params.options.map(option), right: accepted.right.map(qtiId) },
    };
  if (accepted.kind === 'match')
    return {
      prompt,
      answer: {
        kind: 'match',
        options: params.options.map(option),
        others: params.others.map(option),
        pairs: accepted.pairs.map(([a, b]) => [qtiId(a), qtiId(b)] as const),
      },
    };
  if (accepted.kind === 'text' && accepted.right !== undefined)
    return {
      prompt,
      answer: { kind: 'text', accepts: [{ text: accepted.right, points: 0 }], exact: true },
    };
  return null;
}

/**
 * A question as an item of a package: its prompt, and how it is answered.
 * @returns null for what a package cannot hold: how sure a student is, a place on a drawing, options that are drawn.
 */
export function qtiItemOf(
  ask: QtiAsk,
  names: AskedNames,
  vocabulary: Vocabulary,
): { readonly prompt: string; readonly answer: QtiAnswer } | null {
  if (ask.kind === 'sureness') return null;
  const prompt = PROMPTS[ask.kind];
  if (prompt !== undefined) {
    const accepts = namesOf(ask.kind, names).map((text) => ({ text, points: ask.points }));
    return { prompt, answer: { kind: 'text', accepts, exact: false } };
  }
  const made = ask.kind === 'call' ? callAnswer(ask, vocabulary) : otherAnswer(ask);
  if (made?.answer.kind !== 'text') return made;
  const accepts = made.answer.accepts.map((a) => ({ ...a, points: ask.points }));
  return { ...made, answer: { ...made.answer, accepts } };
}
