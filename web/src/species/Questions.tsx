import Button from 'antd/es/button';
import type { Question } from '@hurrow/core/questions';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';

/** What looks odd, asked and never blocking: changed where it is wrong, or answered “it is so”. */
export function Questions({
  taxon,
  questions,
  mayEdit,
  onOpen,
}: {
  taxon: string;
  questions: readonly Question[];
  mayEdit: boolean;
  onOpen: (character: string) => void;
}) {
  const settle = useWrite('questionSettle');
  if (questions.length === 0) return null;
  return (
    <section className="asks" aria-label="Check this value">
      <h3>Check this value</h3>
      {questions.map((q) => (
        <div key={q.text} className="ask-line">
          <p>
            {q.text} <span className="quiet">{q.remedy}</span>
          </p>
          {mayEdit ? (
            <span className="line-tools">
              {q.character ? (
                <Button size="small" type="link" onClick={() => onOpen(q.character ?? '')}>
                  Look at it
                </Button>
              ) : null}
              <Button
                size="small"
                type="link"
                onClick={() => settle.mutate({ params: { id: taxon }, body: { question: q.text } })}
              >
                Keep it
              </Button>
            </span>
          ) : null}
        </div>
      ))}
      <ProblemNote error={settle.error} />
    </section>
  );
}
