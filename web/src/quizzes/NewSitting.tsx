import { useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { QuizDetail } from '@hurrow/contract';
import { HANDLINGS } from '@hurrow/core/conditions';
import type { Handling } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import { HANDLING_LABELS, useClassAtHand, useGo, useView } from '../app/index.ts';
import { Dialog, Nothing, ProblemNote } from '../parts/index.ts';

/** A quiz run for one section on one date, with what students may do there. */
export function NewSitting({ quiz, onClose }: { quiz: QuizDetail; onClose: () => void }) {
  const sections = useRead('sections');
  const { conditions } = useView();
  const go = useGo();
  const create = useWrite('sittingCreate');
  const fitting = (sections.data ?? []).filter((s) => s.list === quiz.list && !s.archived);
  const atHand = useClassAtHand().section?.id;
  const [section, setSection] = useState<string | undefined>(undefined);
  const [on, setOn] = useState(conditions.date);
  const [handling, setHandling] = useState<readonly Handling[]>(quiz.plan.handling);
  const [makeUp, setMakeUp] = useState(false);
  const chosen =
    section ??
    fitting.find((s) => s.id === atHand)?.id ??
    (fitting.length === 1 ? fitting[0]?.id : undefined);
  const make = (): void => {
    if (chosen === undefined) return;
    create.mutate(
      { params: { id: quiz.id }, body: { section: chosen, on, handling, wet: false, makeUp } },
      { onSuccess: (s) => go(`/quizzes/${quiz.id}/sittings/${s.id}`) },
    );
  };
  return (
    <Dialog
      open
      title="Schedule sitting"
      okText="Schedule sitting"
      onCancel={onClose}
      onOk={make}
      okButtonProps={{ disabled: !chosen }}
      confirmLoading={create.isPending}
    >
      {sections.data && fitting.length === 0 ? (
        <Nothing title="No class uses this list yet">
          <Button
            type="primary"
            onClick={() =>
              go(
                `/classes/sections/new?list=${quiz.list}&then=${encodeURIComponent(`/quizzes/${quiz.id}?schedule=1`)}`,
              )
            }
          >
            Create class
          </Button>{' '}
          It starts with {quiz.listName}. Then you come back here.
        </Nothing>
      ) : (
        <div className="stack">
          <div className="field">
            <label htmlFor="sitting-section">Class</label>
            <Select
              id="sitting-section"
              {...(chosen ? { value: chosen } : {})}
              onChange={setSection}
              options={fitting.map((s) => ({ value: s.id, label: `${s.name} (${s.students.length})` }))}
            />
          </div>
          <div className="field">
            <label htmlFor="sitting-date">Date</label>
            <Input id="sitting-date" type="date" value={on} onChange={(e) => setOn(e.target.value)} />
          </div>
          <div className="field">
            <span>What students may do</span>
            <Checkbox.Group
              value={[...handling]}
              options={HANDLINGS.filter((h) => h !== 'taste').map((h) => ({
                value: h,
                label: HANDLING_LABELS[h],
                disabled: h === 'look',
              }))}
              onChange={(next) => setHandling(HANDLINGS.filter((h) => h === 'look' || next.includes(h)))}
            />
            <span className="quiet">
              What a caution forbids is never offered at its station. Collect and cut only with permission and
              as local rules allow.
            </span>
          </div>
          <Checkbox checked={makeUp} onChange={(e) => setMakeUp(e.target.checked)}>
            Make-up for students who were absent
          </Checkbox>
          <span className="quiet">A make-up never holds back the results of another class.</span>
          <ProblemNote error={create.error} />
        </div>
      )}
    </Dialog>
  );
}
