import { useState } from 'react';
import Button from 'antd/es/button';
import Radio from 'antd/es/radio';
import Select from 'antd/es/select';
import type { DecisionDue, GradingDone, RulingBody, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { EffectNote, ProblemNote } from '../parts/index.ts';
import { equallyNear, nameOf, sameRight } from './dueWords.ts';
import { useRulingPreview } from './preview.ts';

const NO_SPECIES = 'unlisted';

/** Decides what a written name means, once for all answers with it, with what that does to whom before it is saved. */
export function DecisionForm({
  sitting,
  due,
  hidden,
  onDone,
}: {
  sitting: SittingDetail;
  due: DecisionDue;
  hidden: boolean;
  onDone: (done: GradingDone) => void;
}) {
  const list = useRead('list', { id: sitting.list });
  const mayTeach = useMayTeach();
  const save = useWrite('ruling');
  const [names, setNames] = useState<string>(
    due.candidates[0]?.taxon.id ?? due.stations[0]?.truth.id ?? NO_SPECIES,
  );
  const [worth, setWorth] = useState<'misspelled' | 'exact'>('misspelled');
  const [scope, setScope] = useState<NonNullable<RulingBody['scope']>>(mayTeach ? 'section' : 'sitting');
  const body: RulingBody =
    names === NO_SPECIES
      ? { typed: due.text, taxon: null, outcome: 'unlisted', scope }
      : { typed: due.text, taxon: names, outcome: worth, scope };
  const preview = useRulingPreview(sitting.id, body);
  const near = equallyNear(due);
  return (
    <div className="stack decision">
      {near ? (
        <p className="note care" role="note">
          {near}
        </p>
      ) : null}
      <div className="field">
        <label htmlFor="ruling-names">It names</label>
        <Select
          id="ruling-names"
          showSearch={{ optionFilterProp: 'label' }}
          value={names}
          onChange={setNames}
          options={[
            ...due.candidates.map((c) => ({ value: c.taxon.id, label: nameOf(c.taxon) })),
            ...(list.data?.members ?? [])
              .filter((m) => !due.candidates.some((c) => c.taxon.id === m.id))
              .map((m) => ({ value: m.id, label: nameOf(m) })),
            { value: NO_SPECIES, label: 'no species at all' },
          ]}
        />
      </div>
      {names === NO_SPECIES ? null : (
        <div className="field">
          <span id="ruling-worth">It counts as</span>
          <Radio.Group
            aria-labelledby="ruling-worth"
            value={worth}
            options={[
              { value: 'misspelled', label: 'misspelled' },
              { value: 'exact', label: 'fully right' },
            ]}
            onChange={(e) => setWorth((e.target.value as string) === 'exact' ? 'exact' : 'misspelled')}
          />
          {sameRight(due, names) ? null : (
            <span className="quiet">No station here has this tree, so it stays a wrong name.</span>
          )}
        </div>
      )}
      <div className="field">
        <label htmlFor="ruling-scope">Remember it for</label>
        <Select<NonNullable<RulingBody['scope']>>
          id="ruling-scope"
          value={scope}
          disabled={!mayTeach}
          onChange={setScope}
          options={[
            { value: 'sitting', label: 'this sitting only' },
            { value: 'section', label: `${sitting.sectionName}, from now on` },
            { value: 'list', label: 'every class with this list, from now on' },
          ]}
        />
      </div>
      <section aria-label="What it does">
        <h3>What it does</h3>
        <EffectNote effect={preview.data} own={sitting.id} hidden={hidden} />
      </section>
      <ProblemNote error={preview.error ?? save.error} />
      <div>
        <Button
          type="primary"
          loading={save.isPending}
          disabled={!preview.data}
          onClick={() => save.mutate({ params: { id: sitting.id }, body }, { onSuccess: onDone })}
        >
          Save decision
        </Button>
      </div>
    </div>
  );
}
