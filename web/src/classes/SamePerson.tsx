import { useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { Section } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { Loaded, ProblemNote } from '../parts/index.ts';
import { elsewhere, linkWords } from './samePerson.ts';
import './samePerson.css';

type Student = Section['students'][number];

/** Who else is this student: the number they had in another section or year, and taking that back. */
export function SamePerson({ student }: { student: Student }) {
  const params = { id: student.id };
  const links = useRead('personLinks', params);
  const sections = useRead('sections');
  const [other, setOther] = useState<string | null>(null);
  const merge = useWrite('personMerge');
  const undo = useWrite('personMergeUndo');
  return (
    <section aria-label="Same person" className="same-person">
      <h3>Same person elsewhere</h3>
      <Loaded query={links}>
        {(l) => (
          <>
            {l.students.length === 0 ? (
              <p className="quiet">Nobody yet. A student who comes again has another number; say so here.</p>
            ) : (
              <ul className="plain-list">
                {l.students.map((s) => (
                  <li key={s.id}>{linkWords(s)}</li>
                ))}
              </ul>
            )}
            {l.merges.map((m) => (
              <p key={m.id} className="quiet">
                {m.a} and {m.b}, said by {m.by}.{' '}
                <Button
                  size="small"
                  aria-label={`Take back that ${m.a} and ${m.b} are one person`}
                  disabled={undo.isPending}
                  onClick={() => undo.mutate({ params: { id: m.id } })}
                >
                  Take back
                </Button>
              </p>
            ))}
            <label htmlFor="same-person">Number elsewhere</label>
            <div className="same-person-choice">
              <Select
                id="same-person"
                style={{ minWidth: 260 }}
                showSearch={{ optionFilterProp: 'label' }}
                value={other}
                placeholder="class and number"
                onChange={setOther}
                options={[...elsewhere(sections.data ?? [], student.id, l)]}
              />
              <Button
                disabled={other === null}
                loading={merge.isPending}
                onClick={() => {
                  if (other !== null)
                    merge.mutate({ params, body: { other } }, { onSuccess: () => setOther(null) });
                }}
              >
                Same person
              </Button>
            </div>
          </>
        )}
      </Loaded>
      <ProblemNote error={merge.error ?? undo.error} />
    </section>
  );
}
