import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { TaxonHeader } from '@hurrow/contract';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { FeatureField } from './FeatureField.tsx';
import { CLAUSE_KINDS, CLAUSE_WORDS, MOST_FEATURES, asKind } from './clauses.ts';
import type { ClauseDraft, ClauseKind } from './clauses.ts';
import { EMPTY_FEATURE } from './features.ts';
import { taxonOptions } from './ruleWords.ts';

/** Chooses one thing a rule says: a feature, none of it, one of several, or what its subjects are. */
export function ClauseField({
  label,
  draft,
  taxa,
  vocabulary,
  wording,
  onChange,
  onRemove,
}: {
  label: string;
  draft: ClauseDraft;
  taxa: readonly TaxonHeader[];
  vocabulary: Vocabulary;
  wording: Wording;
  onChange: (d: ClauseDraft) => void;
  /** Missing where it is the only one. */
  onRemove?: () => void;
}) {
  const several = draft.kind === 'any';
  return (
    <span className="feature-field">
      <Select
        aria-label={`${label}: kind`}
        className="clause-kind"
        value={draft.kind}
        options={CLAUSE_KINDS.map((k) => ({ value: k, label: CLAUSE_WORDS[k] }))}
        onChange={(kind: ClauseKind) => onChange(asKind(draft, kind))}
      />
      {draft.kind === 'taxon' ? (
        <Select
          aria-label={`${label}: taxon`}
          className="feature-character"
          showSearch={{ optionFilterProp: 'label' }}
          placeholder="species or group"
          value={draft.taxon}
          options={taxonOptions(taxa)}
          onChange={(taxon: string) => onChange({ ...draft, taxon })}
        />
      ) : (
        draft.features.map((f, i) => (
          <FeatureField
            key={i}
            label={several ? `${label} ${i + 1}` : label}
            draft={f}
            vocabulary={vocabulary}
            wording={wording}
            onChange={(next) =>
              onChange({ ...draft, features: draft.features.map((x, k) => (k === i ? next : x)) })
            }
          />
        ))
      )}
      {several && draft.features.length < MOST_FEATURES ? (
        <Button
          size="small"
          onClick={() => onChange({ ...draft, features: [...draft.features, EMPTY_FEATURE] })}
        >
          or …
        </Button>
      ) : null}
      {onRemove ? (
        <Button size="small" type="text" aria-label={`Remove ${label.toLowerCase()}`} onClick={onRemove}>
          ×
        </Button>
      ) : null}
    </span>
  );
}
