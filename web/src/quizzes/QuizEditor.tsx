import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Popconfirm from 'antd/es/popconfirm';
import Select from 'antd/es/select';
import type { QuizDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo } from '../app/index.ts';
import { Dialog, ProblemNote, counted } from '../parts/index.ts';

/** Renames a quiz, gives it another list, archives it, or deletes it while it has no sitting. */
export function QuizEditor({ quiz, onClose }: { quiz: QuizDetail; onClose: () => void }) {
  const lists = useRead('lists').data ?? [];
  const change = useWrite('quizChange');
  const remove = useWrite('quizRemove');
  const go = useGo();
  const [name, setName] = useState(quiz.name);
  const [list, setList] = useState(quiz.list);
  const at = { params: { id: quiz.id }, version: quiz.version };
  const save = (archived: boolean): void =>
    change.mutate({ ...at, body: { name: name.trim(), list, archived } }, { onSuccess: onClose });
  const scheduled = quiz.sittings.length > 0;
  return (
    <Dialog
      open
      title={`Edit quiz ${quiz.name}`}
      okText="Save quiz"
      onCancel={onClose}
      onOk={() => save(quiz.archived)}
      okButtonProps={{ disabled: name.trim() === '' }}
      confirmLoading={change.isPending}
    >
      <div className="stack">
        <label className="field">
          <span>Name</span>
          <Input autoFocus maxLength={120} value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <div className="field">
          <label htmlFor="edit-quiz-list">List</label>
          <Select
            id="edit-quiz-list"
            disabled={scheduled}
            value={list}
            onChange={setList}
            options={lists.map((l) => ({ value: l.id, label: `${l.name} (${l.size})` }))}
          />
          {scheduled ? <span className="quiet">A quiz that is scheduled keeps its list.</span> : null}
        </div>
        <div className="field-row">
          <Button onClick={() => save(!quiz.archived)}>
            {quiz.archived ? 'Bring back quiz' : 'Archive quiz'}
          </Button>
          {scheduled ? (
            <span className="quiet">
              {counted(quiz.sittings.length, 'sitting')} with grades and mix-ups stay. Archive it to put it
              away.
            </span>
          ) : (
            <Popconfirm
              title={`Delete ${quiz.name}?`}
              description={`Its ${counted(quiz.stations.length, 'station')} are deleted with it. Trees stay.`}
              okText="Delete quiz"
              cancelText="Cancel"
              onConfirm={() => remove.mutate(at, { onSuccess: () => go('/quizzes') })}
            >
              <Button danger loading={remove.isPending}>
                Delete quiz
              </Button>
            </Popconfirm>
          )}
        </div>
        <ProblemNote error={change.error ?? remove.error} />
      </div>
    </Dialog>
  );
}
