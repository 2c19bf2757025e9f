import Input from 'antd/es/input';
import Select from 'antd/es/select';
import { characterWords, stateWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { EMPTY_FEATURE } from './features.ts';
import type { FeatureDraft } from './features.ts';

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
          <Input
            aria-label={`${label}: from`}
            className="feature-number"
            inputMode="decimal"
            value={draft.low}
            onChange={(e) => onChange({ ...draft, low: e.target.value })}
          />
          to
          <Input
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
