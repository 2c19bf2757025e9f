import { useState } from 'react';
import type { ReactNode } from 'react';
import Button from 'antd/es/button';
import type { DecisionDue, GradingDone, SittingDetail } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { AppLink, Loaded } from '../parts/index.ts';
import { DecisionForm } from './DecisionForm.tsx';
import { dueWords, nameOf, stakeWords } from './dueWords.ts';

function DueLine({ due, chosen, onChoose }: { due: DecisionDue; chosen: boolean; onChoose: () => void }) {
  return (
    <li>
      <Button
        type="text"
        block
        className={chosen ? 'due-line chosen' : 'due-line'}
        aria-pressed={chosen}
        onClick={onChoose}
      >
        <span>{dueWords(due)}</span>
        <span className="quiet number">{stakeWords(due.atStake)}</span>
      </Button>
    </li>
  );
}

function Chosen({
  sitting,
  due,
  hidden,
  onDone,
}: {
  sitting: SittingDetail;
  due: DecisionDue;
  hidden: boolean;
  onDone: (done: GradingDone) => void;
}) {
  return (
    <section className="panel" aria-label="Decision">
      <h2>What does “{due.text}” name?</h2>
      <ul className="plain-list">
        {due.stations.map((s) => (
          <li key={s.number}>
            Station {s.number} is {nameOf(s.truth)};{' '}
            {s.students === 1 ? '1 student' : `${s.students} students`} wrote it there.
          </li>
        ))}
      </ul>
      <p className="quiet">Graded now: {due.why}.</p>
      <DecisionForm key={due.folded} sitting={sitting} due={due} hidden={hidden} onDone={onDone} />
    </section>
  );
}

/** Names that wait for a decision, the largest effect first; the one chosen; and the students beside them. */
export function DecisionsDue({
  sitting,
  hidden,
  beside,
  none,
  onDone,
}: {
  sitting: SittingDetail;
  hidden: boolean;
  beside: ReactNode;
  /** What stands in the middle where nothing is due. */
  none: ReactNode;
  onDone: (done: GradingDone) => void;
}) {
  const due = useRead('decisionsDue', { id: sitting.id });
  const [at, setAt] = useState<string | null>(null);
  return (
    <Loaded query={due}>
      {(all) => {
        const chosen = all.find((d) => d.folded === at) ?? all[0];
        return (
          <div className="decide-layout">
            <section className="panel" aria-label="Decisions due">
              <h2>Decisions due</h2>
              {all.length === 0 ? (
                <p className="quiet">Every written name is settled.</p>
              ) : (
                <ol className="plain-list">
                  {all.map((d) => (
                    <DueLine
                      key={d.folded}
                      due={d}
                      chosen={d.folded === chosen?.folded}
                      onChoose={() => setAt(d.folded)}
                    />
                  ))}
                </ol>
              )}
              <p>
                <AppLink to="/quizzes/name-decisions">Name decisions made so far</AppLink>
              </p>
            </section>
            {chosen ? (
              <Chosen
                sitting={sitting}
                due={chosen}
                hidden={hidden}
                onDone={(done) => {
                  setAt(null);
                  onDone(done);
                }}
              />
            ) : (
              none
            )}
            {beside}
          </div>
        );
      }}
    </Loaded>
  );
}
