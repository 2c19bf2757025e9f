import type { AnswerValue, WalkAsk, WalkQuestionShown } from '@hurrow/contract';

const ids = (options: WalkQuestionShown['options']): readonly string[] => options.map((o) => o.id);

/** The option that was chosen; empty where none was. */
export const chosenIn = (value: AnswerValue | undefined): string =>
  value?.kind === 'choice' || value?.kind === 'choice_by_character' ? value.chosen : '';

/** The character that told, where one was said. */
export const toldIn = (value: AnswerValue | undefined): string =>
  value?.kind === 'choice_by_character' ? value.character : '';

/** A choice, with the character that told where one was said. */
export function choiceOf(question: WalkQuestionShown, chosen: string, told: string): AnswerValue {
  const shown = ids(question.options);
  return told === ''
    ? { kind: 'choice', chosen, shown }
    : { kind: 'choice_by_character', chosen, shown, character: told };
}

/** What an option is matched with; empty where it is not. */
export const matchedIn = (value: AnswerValue | undefined, option: string): string =>
  value?.kind === 'match' ? (value.pairs.find(([l]) => l === option)?.[1] ?? '') : '';

/** Matches an option with another, or with nothing; what else was matched with that other is freed. */
export function matchOf(value: AnswerValue | undefined, option: string, other: string): AnswerValue {
  const had = value?.kind === 'match' ? value.pairs : [];
  const rest = had.filter(([l, r]) => l !== option && r !== other);
  return { kind: 'match', pairs: other === '' ? rest : [...rest, [option, other] as const] };
}

const share = (x: number): number => Math.round(Math.min(1, Math.max(0, x)) * 1000) / 1000;

/** A place on a drawing, as shares of its width and height. */
export const pointOf = (x: number, y: number): AnswerValue => ({ kind: 'point', x: share(x), y: share(y) });

/** One step of the keyboard. */
const STEP = 0.04;
const STEPS: Readonly<Record<string, readonly [dx: number, dy: number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** The mark moved by an arrow key, from the middle where there is none yet; null for any other key. */
export function steppedBy(key: string, value: AnswerValue | undefined): AnswerValue | null {
  const step = STEPS[key];
  if (!step) return null;
  const from = value?.kind === 'point' ? value : { x: 0.5, y: 0.5 };
  return pointOf(from.x + step[0], from.y + step[1]);
}

/** Whether a question is answered whole: every option of a match, a character where one is asked. */
export function isWhole(ask: Pick<WalkAsk, 'kind' | 'question'>, value: AnswerValue | undefined): boolean {
  if (!value || !ask.question || value.kind === 'blank') return false;
  if (value.kind === 'cannot_tell' || value.kind === 'not_sure') return true;
  if (ask.kind === 'match')
    return value.kind === 'match' && value.pairs.length === ask.question.options.length;
  if (ask.kind === 'choice' && ask.question.others.length > 0) return value.kind === 'choice_by_character';
  return value.kind !== 'text' || value.text.trim() !== '';
}
