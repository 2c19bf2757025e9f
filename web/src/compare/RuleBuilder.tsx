import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { RuleBody, RuleRow } from '@hurrow/contract';
import { QUANTIFIERS } from '@hurrow/core/rules';
import type { Quantifier, Rule } from '@hurrow/core/rules';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { ClauseField } from './ClauseField.tsx';
import { EMPTY_CLAUSE, MOST_CLAUSES, clauseOf, draftOfClause } from './clauses.ts';
import type { ClauseDraft } from './clauses.ts';
import { FeatureField } from './FeatureField.tsx';
import { EMPTY_FEATURE, draftOf, featureOf } from './features.ts';
import type { FeatureDraft } from './features.ts';
import { RuleOutcome } from './RuleOutcome.tsx';
import { RuleSentence } from './RuleSentence.tsx';
import { VERDICT, reportOf, sentenceOf, taxonIn, taxonOptions } from './ruleWords.ts';
import type { Compared } from './useCompared.ts';

const QUANTIFIER: Readonly<Record<Quantifier, string>> = {
  all: 'Every',
  only: 'Only',
  all_and_only: 'Every, and nothing else,',
};
const MOST_WHEN = 3;

/** Builds a rule as a sentence: who, when, then; it is checked against the list while it is built. */
export function RuleBuilder({
  compared: c,
  rule,
  onDone,
}: {
  compared: Compared;
  /** The rule being changed; null for a new one. */
  rule: RuleRow | null;
  onDone: () => void;
}) {
  const { vocabulary, wording } = c;
  const [quantifier, setQuantifier] = useState<Quantifier>(rule?.quantifier ?? 'all');
  const [who, setWho] = useState<string | null>(rule?.who ?? null);
  const [when, setWhen] = useState<readonly FeatureDraft[]>(rule?.when.map(draftOf) ?? []);
  const [then, setThen] = useState<readonly ClauseDraft[]>(rule?.then.map(draftOfClause) ?? [EMPTY_CLAUSE]);
  const [note, setNote] = useState(rule?.note ?? '');
  const create = useWrite('ruleCreate');
  const change = useWrite('ruleChange');
  const said = when.map((w) => featureOf(w, vocabulary));
  const clauses = then.map((c) => clauseOf(c, vocabulary));
  const complete = clauses.every((s) => s !== null) && said.every((s) => s !== null);
  const built: Rule | null = complete
    ? {
        quantifier,
        who,
        when: said.filter((s) => s !== null),
        then: clauses.filter((s) => s !== null),
      }
    : null;
  const report = built ? reportOf(c, built) : null;
  const taxa = [...c.lore.groups, ...c.members];
  const save = (): void => {
    if (!built) return;
    const body: RuleBody = { ...built, note: note.trim() === '' ? null : note };
    const done = (): void => onDone();
    if (rule)
      void change
        .mutateAsync({ params: { id: rule.id }, version: rule.version, body })
        .then(done, () => undefined);
    else void create.mutateAsync({ body }).then(done, () => undefined);
  };
  return (
    <section className="panel" aria-label="Rule builder">
      <div className="rule-sentence">
        <Select
          aria-label="All or only"
          className="clause-kind"
          value={quantifier}
          options={QUANTIFIERS.map((q) => ({ value: q, label: QUANTIFIER[q] }))}
          onChange={setQuantifier}
        />
        <Select
          aria-label="Who"
          className="feature-character"
          allowClear
          showSearch={{ optionFilterProp: 'label' }}
          placeholder="tree of the list"
          value={who}
          options={taxonOptions(taxa)}
          onChange={(id: string | undefined) => setWho(id ?? null)}
        />
        {when.map((w, i) => (
          <span key={i} className="feature-field">
            {i === 0 ? 'with' : 'and'}
            <FeatureField
              label={`When ${i + 1}`}
              draft={w}
              vocabulary={vocabulary}
              wording={wording}
              onChange={(d) => setWhen(when.map((x, k) => (k === i ? d : x)))}
            />
            <Button
              size="small"
              type="text"
              aria-label={`Remove condition ${i + 1}`}
              onClick={() => setWhen(when.filter((_, k) => k !== i))}
            >
              ×
            </Button>
          </span>
        ))}
        {when.length < MOST_WHEN ? (
          <Button size="small" onClick={() => setWhen([...when, EMPTY_FEATURE])}>
            + with …
          </Button>
        ) : null}
        {then.map((clause, i) => (
          <span key={i} className="feature-field">
            {i === 0 ? null : 'and'}
            <ClauseField
              label={i === 0 ? 'Then' : `Then ${i + 1}`}
              draft={clause}
              taxa={taxa}
              vocabulary={vocabulary}
              wording={wording}
              onChange={(d) => setThen(then.map((x, k) => (k === i ? d : x)))}
              {...(then.length > 1 ? { onRemove: () => setThen(then.filter((_, k) => k !== i)) } : {})}
            />
          </span>
        ))}
        {then.length < MOST_CLAUSES ? (
          <Button size="small" onClick={() => setThen([...then, EMPTY_CLAUSE])}>
            + and …
          </Button>
        ) : null}
      </div>
      <div role="status">
        {built && report ? (
          <p>
            <b>
              <RuleSentence sentence={sentenceOf(c, built, taxonIn(c, who))} who={taxonIn(c, who)} />
            </b>{' '}
            <span className={`tag ${VERDICT[report.verdict].tone}`}>{VERDICT[report.verdict].words}</span>{' '}
            <RuleOutcome compared={c} report={report} />
          </p>
        ) : (
          <p className="quiet">
            Choose a character and a state, a lowest and a highest number, or a species or group.
          </p>
        )}
      </div>
      <div className="field-row">
        <label className="field grow">
          <span>A word beside it, for the class</span>
          <Input value={note} maxLength={600} onChange={(e) => setNote(e.target.value)} />
        </label>
        <Button
          type="primary"
          disabled={!built}
          loading={create.isPending || change.isPending}
          onClick={save}
        >
          Keep the rule
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
      <ProblemNote error={create.error ?? change.error} />
    </section>
  );
}
