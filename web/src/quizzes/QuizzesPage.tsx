import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Modal from 'antd/es/modal';
import Select from 'antd/es/select';
import { useRead, useWrite } from '../api/index.ts';
import { useGo, useMayTeach } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, ProblemNote } from '../parts/index.ts';
import { SittingLines } from './SittingLines.tsx';
import './quizzes.css';

function NewQuiz({ onClose }: { onClose: () => void }) {
  const lists = useRead('lists');
  const create = useWrite('quizCreate');
  const go = useGo();
  const [name, setName] = useState('');
  const [list, setList] = useState<string | undefined>(undefined);
  const chosen = list ?? (lists.data?.length === 1 ? lists.data[0]?.id : undefined);
  const make = (): void => {
    if (name.trim() === '' || !chosen) return;
    create.mutate({ body: { name, list: chosen } }, { onSuccess: (q) => go(`/quizzes/${q.id}`) });
  };
  return (
    <Modal
      open
      title="New quiz"
      okText="Create quiz"
      onCancel={onClose}
      onOk={make}
      okButtonProps={{ disabled: name.trim() === '' || !chosen }}
      confirmLoading={create.isPending}
    >
      <div className="stack">
        <div className="field">
          <label htmlFor="quiz-name">Name</label>
          <Input
            id="quiz-name"
            autoFocus
            value={name}
            onChange={(e) => setName(e.target.value)}
            onPressEnter={make}
          />
        </div>
        <div className="field">
          <label htmlFor="quiz-list">List</label>
          <Select
            id="quiz-list"
            {...(chosen ? { value: chosen } : {})}
            onChange={setList}
            options={(lists.data ?? []).map((l) => ({ value: l.id, label: `${l.name} (${l.size})` }))}
          />
        </div>
        <ProblemNote error={create.error} />
      </div>
    </Modal>
  );
}

/** Quizzes with their sittings. */
export function QuizzesPage() {
  const quizzes = useRead('quizzes');
  const mayTeach = useMayTeach();
  const [making, setMaking] = useState(false);
  return (
    <>
      <PageHead
        title="Quizzes"
        name="Quizzes"
        about="A quiz is a set of stations. Schedule it for a class and a date."
        actions={
          mayTeach ? (
            <Button type="primary" onClick={() => setMaking(true)}>
              New quiz
            </Button>
          ) : null
        }
      />
      <Loaded query={quizzes}>
        {(rows) =>
          rows.length === 0 ? (
            <Nothing title="No quiz yet">
              Make one from a list, then choose its stations among the trees under{' '}
              <AppLink to="/material">Material</AppLink>.
            </Nothing>
          ) : (
            <>
              {rows.map((q) => (
                <section key={q.id} className="panel" aria-label={q.name}>
                  <h2>
                    <AppLink to={`/quizzes/${q.id}`}>{q.name}</AppLink>
                  </h2>
                  <p className="quiet">
                    {q.listName} · {q.stations} stations
                  </p>
                  <SittingLines quiz={q.id} sittings={q.sittings} />
                </section>
              ))}
            </>
          )
        }
      </Loaded>
      {making ? <NewQuiz onClose={() => setMaking(false)} /> : null}
    </>
  );
}
