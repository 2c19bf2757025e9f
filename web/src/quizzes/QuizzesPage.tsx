import { useState } from 'react';
import Button from 'antd/es/button';
import { useRead } from '../api/index.ts';
import { useGo, useMayTeach } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, counted } from '../parts/index.ts';
import { NewQuiz } from './NewQuiz.tsx';
import { SittingLines } from './SittingLines.tsx';
import './quizzes.css';

/** Quizzes with their sittings. */
export function QuizzesPage() {
  const quizzes = useRead('quizzes');
  const mayTeach = useMayTeach();
  const go = useGo();
  const [archived, setArchived] = useState(false);
  const [making, setMaking] = useState(false);
  return (
    <>
      <PageHead
        title="Quizzes"
        name="Quizzes"
        about="A quiz is a set of stations. Schedule it for a class and a date."
        actions={
          <>
            <Button onClick={() => go('/quizzes/name-decisions')}>Name decisions</Button>
            {mayTeach ? (
              <Button type="primary" onClick={() => setMaking(true)}>
                New quiz
              </Button>
            ) : null}
          </>
        }
      />
      <Loaded query={quizzes}>
        {(rows) =>
          rows.length === 0 ? (
            <Nothing title="No quiz yet">
              Create a quiz from a list, then choose its stations among your{' '}
              <AppLink to="/material">tagged trees</AppLink>.
            </Nothing>
          ) : (
            <>
              {rows
                .filter((q) => archived || !q.archived)
                .map((q) => (
                  <section key={q.id} className="panel" aria-label={q.name}>
                    <h2>
                      <AppLink to={`/quizzes/${q.id}`}>{q.name}</AppLink>
                    </h2>
                    <p className="quiet">
                      {q.archived ? 'Archived · ' : ''}
                      {q.listName} · {counted(q.stations, 'station')}
                    </p>
                    <SittingLines quiz={q.id} sittings={q.sittings} />
                  </section>
                ))}
              {rows.some((q) => q.archived) ? (
                <Button size="small" onClick={() => setArchived(!archived)}>
                  {archived
                    ? 'Hide archived quizzes'
                    : `Show ${counted(rows.filter((q) => q.archived).length, 'archived quiz', 'archived quizzes')}`}
                </Button>
              ) : null}
            </>
          )
        }
      </Loaded>
      {making ? <NewQuiz onClose={() => setMaking(false)} /> : null}
    </>
  );
}
