import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { PoliciesBody, Sources } from '@hurrow/contract';
import { MERGE_POLICIES, characterWords } from '@hurrow/core/characters';
import type { MergePolicy } from '@hurrow/core/characters';
import { useWrite } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { ProblemNote } from '../parts/index.ts';

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
          <select
            disabled={!mayEdit}
            value={sources.policy}
            onChange={(e) =>
              save({ policy: MERGE_POLICIES.find((p) => p === e.target.value) ?? sources.policy })
            }
          >
            {MERGE_POLICIES.map((p) => (
              <option key={p} value={p}>
                {POLICY_WORDS[p]}
              </option>
            ))}
          </select>
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
                <select
                  aria-label={`Way for ${nameOf(p.character)}`}
                  disabled={!mayEdit}
                  value={p.policy}
                  onChange={(e) =>
                    save({
                      policies: sources.policies.map((x) =>
                        x === p
                          ? { ...p, policy: MERGE_POLICIES.find((m) => m === e.target.value) ?? p.policy }
                          : x,
                      ),
                    })
                  }
                >
                  {MERGE_POLICIES.map((m) => (
                    <option key={m} value={m}>
                      {POLICY_WORDS[m]}
                    </option>
                  ))}
                </select>
              </td>
              <td>
                {p.policy === 'preferred' ? (
                  <select
                    aria-label={`Source put first for ${nameOf(p.character)}`}
                    disabled={!mayEdit}
                    value={p.source ?? ''}
                    onChange={(e) =>
                      save({
                        policies: sources.policies.map((x) =>
                          x === p ? { ...p, source: e.target.value || null } : x,
                        ),
                      })
                    }
                  >
                    <option value="">in their order</option>
                    {sources.sources.map((s) => (
                      <option key={s.id} value={s.id}>
                        {s.citation}
                      </option>
                    ))}
                  </select>
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
