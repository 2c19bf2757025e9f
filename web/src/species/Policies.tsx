import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { PoliciesBody, Sources } from '@hurrow/contract';
import { MERGE_POLICIES, characterWords } from '@hurrow/core/characters';
import type { MergePolicy } from '@hurrow/core/characters';
import { useWrite } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { Choose, ProblemNote } from '../parts/index.ts';

const POLICY_WORDS: Readonly<Record<MergePolicy, string>> = {
  widest: 'widest: all that any source says',
  typical: 'typical: what most sources say',
  preferred: 'preferred: use the top-ranked source',
};

/** How several sources are merged, for every character and for single ones. */
export function Policies({ sources, mayEdit }: { sources: Sources; mayEdit: boolean }) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const put = useWrite('policies');
  const save = (body: Partial<PoliciesBody>): void =>
    put.mutate({ body: { policy: sources.policy, policies: sources.policies, ...body } });
  const nameOf = (id: string): string => {
    const c = vocabulary?.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  return (
    <section className="panel" aria-label="Several sources">
      <h2>When sources disagree</h2>
      <p className="quiet">
        Nothing is overwritten: a profile shows every statement. This decides which value is in use.
      </p>
      <div className="field-row">
        <label className="field">
          <span>For every character</span>
          <Choose
            label="For every character"
            value={sources.policy}
            disabled={!mayEdit}
            options={MERGE_POLICIES.map((p) => ({ value: p, label: POLICY_WORDS[p] }))}
            onChange={(v) => save({ policy: MERGE_POLICIES.find((p) => p === v) ?? sources.policy })}
          />
        </label>
        {mayEdit && vocabulary ? (
          <div className="field">
            <label htmlFor="policy-character">Another way for one character</label>
            <Select
              id="policy-character"
              className="pick"
              showSearch={{ optionFilterProp: 'label' }}
              value={null}
              placeholder="Choose a character"
              options={[...vocabulary.values()]
                .filter((c) => !sources.policies.some((p) => p.character === c.id))
                .map((c) => ({ value: c.id, label: characterWords(c, wording.words) }))}
              onChange={(character: string | null) =>
                character
                  ? save({ policies: [...sources.policies, { character, policy: 'typical', source: null }] })
                  : undefined
              }
            />
          </div>
        ) : null}
      </div>
      <table className="plain-table">
        <tbody>
          {sources.policies.map((p) => (
            <tr key={p.character}>
              <td>{nameOf(p.character)}</td>
              <td>
                <Choose
                  label={`Way for ${nameOf(p.character)}`}
                  value={p.policy}
                  disabled={!mayEdit}
                  options={MERGE_POLICIES.map((m) => ({ value: m, label: POLICY_WORDS[m] }))}
                  onChange={(v) =>
                    save({
                      policies: sources.policies.map((x) =>
                        x === p ? { ...p, policy: MERGE_POLICIES.find((m) => m === v) ?? p.policy } : x,
                      ),
                    })
                  }
                />
              </td>
              <td>
                {p.policy === 'preferred' ? (
                  <Choose
                    label={`Source put first for ${nameOf(p.character)}`}
                    value={p.source ?? ''}
                    disabled={!mayEdit}
                    options={[
                      { value: '', label: 'in their order' },
                      ...sources.sources.map((s) => ({ value: s.id, label: s.citation })),
                    ]}
                    onChange={(v) =>
                      save({
                        policies: sources.policies.map((x) => (x === p ? { ...p, source: v || null } : x)),
                      })
                    }
                  />
                ) : null}
              </td>
              <td>
                {mayEdit ? (
                  <Button
                    size="small"
                    onClick={() => save({ policies: sources.policies.filter((x) => x !== p) })}
                  >
                    As the rest
                  </Button>
                ) : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ProblemNote error={put.error} />
    </section>
  );
}
