import Button from 'antd/es/button';
import Radio from 'antd/es/radio';
import Select from 'antd/es/select';
import type { ImportReport } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { LEAVE_OUT, questionWords, stillOpen } from './questionWords.ts';

type Question = ImportReport['questions'][number];
export type Choices = Readonly<Record<string, string | null>>;

const NONE = '';

interface Choice {
  readonly value: string;
  readonly label: string;
}

function useOptions(): (q: Question) => readonly Choice[] {
  const sections = useRead('sections').data ?? [];
  const species = useRead('species').data ?? [];
  return ({ about, among }) => {
    switch (about) {
      case 'section':
        return sections.map((s) => ({ value: s.id, label: `${s.name}, ${s.term}` }));
      case 'species':
        return species.map((s) => ({
          value: s.id,
          label: s.common ? `${s.scientific}, ${s.common}` : s.scientific,
        }));
      case 'station':
        return among.map((name) => ({ value: name, label: name }));
      case 'students':
        return [{ value: 'add', label: among.length === 1 ? 'Add this student' : 'Add these students' }];
    }
  };
}

/** What a responses file leaves open, each with what can be chosen; the preview is made again with the choices. */
export function Questions({
  questions,
  choices,
  onChoose,
  onAgain,
}: {
  questions: readonly Question[];
  choices: Choices;
  onChoose: (id: string, choice: string | null) => void;
  onAgain: () => void;
}) {
  const optionsOf = useOptions();
  if (questions.length === 0) return null;
  const open = stillOpen(questions, choices);
  const isNew = questions.some((q) => q.id in choices && q.chosen !== choices[q.id]);
  return (
    <section aria-label="To choose" className="questions">
      <h3>To choose before the import</h3>
      {questions.map((q) => {
        const chosen = q.id in choices ? (choices[q.id] ?? NONE) : undefined;
        // A long list has it first, so that nobody searches for it.
        const options = [{ value: NONE, label: LEAVE_OUT }, ...optionsOf(q)];
        const choose = (v: string): void => onChoose(q.id, v === NONE ? null : v);
        return (
          <div key={q.id} className="question">
            <span id={`question-${q.id}`}>{questionWords(q)}</span>
            {options.length <= 4 ? (
              <Radio.Group
                aria-labelledby={`question-${q.id}`}
                value={chosen}
                options={options}
                onChange={(e) => choose(e.target.value as string)}
              />
            ) : (
              <Select<string>
                className="pick-wide"
                aria-labelledby={`question-${q.id}`}
                placeholder="Choose"
                showSearch={{ optionFilterProp: 'label' }}
                {...(chosen === undefined ? {} : { value: chosen })}
                options={options}
                onChange={choose}
              />
            )}
          </div>
        );
      })}
      <Button type={isNew ? 'primary' : 'default'} disabled={open.length > 0 || !isNew} onClick={onAgain}>
        Preview with these choices
      </Button>
    </section>
  );
}
