import type { AskBody, AskKind } from '@hurrow/contract';
import { PRESET_SETTINGS } from '@hurrow/core/quizzes';
import type { QuizPlan } from '@hurrow/core/quizzes';

/** What a station asks unless something else was asked last. */
const USUAL: readonly AskBody[] = [
  { kind: 'common', character: null, points: 2 },
  { kind: 'sureness', character: null, points: 0 },
];
const KEPT_AS = 'hurrow.asks';
const KINDS: readonly AskKind[] = ['call', 'common', 'scientific', 'either', 'genus', 'family', 'sureness'];

const OTHER: readonly AskKind[] = ['choice', 'match', 'point', 'text'];
const rank = (a: AskBody): number =>
  a.kind === 'call' ? 0 : a.kind === 'sureness' ? 3 : OTHER.includes(a.kind) ? 2 : 1;

/** Adds a question where it belongs: character questions before names, how sure last. */
export const addAsk = (asks: readonly AskBody[], ask: AskBody): readonly AskBody[] =>
  [...asks, ask].sort((a, b) => rank(a) - rank(b));

const isAsk = (a: unknown): a is AskBody => {
  if (typeof a !== 'object' || a === null) return false;
  const { kind, character, points } = a as Record<string, unknown>;
  return (
    KINDS.some((k) => k === kind) &&
    typeof points === 'number' &&
    (kind === 'call' ? typeof character === 'string' : character === null || character === undefined)
  );
};

/** Reads what was asked last; anything else than questions counts as nothing. */
export function asksFrom(text: string | null): readonly AskBody[] {
  try {
    const kept: unknown = JSON.parse(text ?? '[]');
    return Array.isArray(kept) && kept.length > 0 && kept.every(isAsk) ? kept : USUAL;
  } catch {
    return USUAL;
  }
}

/**
 * What a preset asks at every station; what was asked last where the plan was set by hand. How sure is asked only
 * where the plan says so.
 */
export const asksFor = ({ preset, sureness }: Pick<QuizPlan, 'preset' | 'sureness'>): readonly AskBody[] =>
  preset === null
    ? lastAsks().filter((a) => sureness || a.kind !== 'sureness')
    : PRESET_SETTINGS[preset].asks.map(({ kind, points }) => ({ kind, character: null, points }));

/** What was asked at the last station that was set, in this browser. */
export function lastAsks(): readonly AskBody[] {
  try {
    return asksFrom(localStorage.getItem(KEPT_AS));
  } catch {
    return USUAL;
  }
}

export function rememberAsks(asks: readonly AskBody[]): void {
  try {
    localStorage.setItem(KEPT_AS, JSON.stringify(asks));
  } catch {
    // A browser that keeps nothing asks the usual again.
  }
}
