import { useState } from 'react';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import { useRead, useWrite } from '../api/index.ts';
import { useClassAtHand, useGo } from '../app/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';

/** Creates a quiz from a list, then goes on to choosing its trees. */
export function NewQuiz({ list: fixed, onClose }: { list?: string; onClose: () => void }) {
  const lists = useRead('lists').data ?? [];
  const { section } = useClassAtHand();
  const create = useWrite('quizCreate');
  const go = useGo();
  const [name, setName] = useState<string | null>(null);
  const [picked, setPicked] = useState<string | undefined>(fixed);
  const list = lists.find((l) => l.id === (picked ?? section?.list)) ?? lists[0];
  const named = name ?? (list ? `${list.name} quiz` : '');
  const make = (): void => {
    if (named.trim() === '' || !list) return;
    create.mutate(
      { body: { name: named.trim(), list: list.id } },
      { onSuccess: (q) => go(`/quizzes/${q.id}?add=trees`) },
    );
  };
  return (
    <Dialog
      open
      title="New quiz"
      okText="Create quiz"
      onCancel={onClose}
      onOk={make}
      okButtonProps={{ disabled: named.trim() === '' || !list }}
      confirmLoading={create.isPending}
    >
      <div className="stack">
        <div className="field">
          <label htmlFor="quiz-name">Name</label>
          <Input
            id="quiz-name"
            autoFocus
            maxLength={120}
            value={named}
            onFocus={(e) => e.target.select()}
            onChange={(e) => setName(e.target.value)}
            onPressEnter={make}
          />
        </div>
        <div className="field">
          <label htmlFor="quiz-list">List</label>
          <Select
            id="quiz-list"
            {...(list ? { value: list.id } : {})}
            onChange={setPicked}
            options={lists.map((l) => ({ value: l.id, label: `${l.name} (${l.size})` }))}
          />
        </div>
        <ProblemNote error={create.error} />
      </div>
    </Dialog>
  );
}
