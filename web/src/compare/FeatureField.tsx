import Select from 'antd/es/select';
import { characterWords, stateWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
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

/** Chooses a character and one of its states, or a range of its numbers. */
export function FeatureField({
  label,
  draft,
  vocabulary,
  wording,
  onChange,
}: {
  label: string;
  draft: FeatureDraft;
  vocabulary: Vocabulary;
  wording: Wording;
  onChange: (d: FeatureDraft) => void;
}) {
  const c = vocabulary.get(draft.character);
  const unit = c?.kind === 'length' ? 'mm' : (c?.unit ?? '');
  return (
    <span className="feature-field" role="group" aria-label={label}>
      <Select
        aria-label={`${label}: character`}
        className="feature-character"
        showSearch={{ optionFilterProp: 'label' }}
        placeholder="character"
        value={draft.character === '' ? null : draft.character}
        options={[...vocabulary.values()]
          .filter((x) => !x.retired)
          .map((x) => ({ value: x.id, label: characterWords(x, wording.words) }))}
        onChange={(character: string) => onChange({ ...EMPTY_FEATURE, character })}
      />
      {c && c.states.length > 0 ? (
        <Select
          aria-label={`${label}: state`}
          className="feature-state"
          showSearch={{ optionFilterProp: 'label' }}
          placeholder="state"
          value={draft.state === '' ? null : draft.state}
          options={c.states
            .filter((s) => !s.retired)
            .map((s) => ({ value: s.id, label: stateWords(c, s.id, wording.words) }))}
          onChange={(state: string) => onChange({ ...draft, state })}
        />
      ) : null}
      {c && c.states.length === 0 ? (
        <>
          <input
            aria-label={`${label}: from`}
            className="feature-number"
            inputMode="decimal"
            value={draft.low}
            onChange={(e) => onChange({ ...draft, low: e.target.value })}
          />
          to
          <input
            aria-label={`${label}: to`}
            className="feature-number"
            inputMode="decimal"
            value={draft.high}
            onChange={(e) => onChange({ ...draft, high: e.target.value })}
          />
          {unit}
        </>
      ) : null}
    </span>
  );
}
