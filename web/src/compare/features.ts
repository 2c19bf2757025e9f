import type { Vocabulary } from '@hurrow/core/characters';
import type { Feature } from '@hurrow/core/rules';

/** A feature being chosen: numbers stay as typed until they are whole. */
export interface FeatureDraft {
  readonly character: string;
  readonly state: string;
  readonly low: string;
  readonly high: string;
}

export const EMPTY_FEATURE: FeatureDraft = { character: '', state: '', low: '', high: '' };

export const draftOf = (f: Feature): FeatureDraft =>
  'state' in f
    ? { ...EMPTY_FEATURE, character: f.character, state: f.state }
    : { ...EMPTY_FEATURE, character: f.character, low: String(f.low), high: String(f.high) };

/** The feature a draft stands for; null while something is missing or the numbers are no range. */
export function featureOf(d: FeatureDraft, vocabulary: Vocabulary): Feature | null {
  const c = vocabulary.get(d.character);
  if (!c) return null;
  if (c.states.length > 0) return d.state === '' ? null : { character: c.id, state: d.state };
  const [low, high] = [Number(d.low), d.high.trim() === '' ? Number(d.low) : Number(d.high)];
  if (d.low.trim() === '' || !Number.isFinite(low) || !Number.isFinite(high) || low < 0 || high < low)
    return null;
  return { character: c.id, low, high };
}
