import { useState } from 'react';
import { useParams } from 'react-router';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Segmented from 'antd/es/segmented';
import Switch from 'antd/es/switch';
import type { GradedAnswer, Grades, GradingDone, SittingDetail } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, ProblemNote } from '../parts/index.ts';
import { CheckSummary, QuestionCheck } from '../soundness/index.ts';
import { GradesActs } from './GradesActs.tsx';
import { DecisionsDue } from './DecisionsDue.tsx';
import { GradeAgain } from './GradeAgain.tsx';
import { GradesTable } from './GradesTable.tsx';
import { OverrideEditor } from './OverrideEditor.tsx';
import { changedWords, decidedWords, openWords, staleWords } from './gradeNotes.ts';
import { whoWords } from './hideNames.ts';
import { HeldStations, ReturnResults } from './ReturnResults.tsx';
import type { Show } from './outcomes.ts';
import './quizzes.css';

/** What the page shows: names to decide about, or answers. */
type Room = 'decide' | 'check' | Show;

function Totals({ grades, hidden }: { grades: Grades; hidden: boolean }) {
  return (
    <section className="panel" aria-label="Totals">
      <h2>Points</h2>
      <table className="plain-table tight points">
        <tbody>
          {grades.totals.map((t) => (
            <tr key={t.student}>
              <td className="number">{whoWords(t, hidden)}</td>
              <td className="number">
                {t.points} of {t.most}
              </td>
              <td className="quiet number">{t.unanswered > 0 ? `${t.unanswered} blank` : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What has changed since grading or since the results were returned, and what a decision did. */
function Notes({
  sitting,
  grades,
  decided,
  onRead,
}: {
  sitting: SittingDetail;
  grades: Grades;
  decided: GradingDone | null;
  onRead: () => void;
}) {
  const { today } = useSession();
  const given = sitting.state === 'returned';
  return (
    <>
      {given ? <HeldStations sitting={sitting} /> : null}
      {staleWords(grades.stale) ? <Alert type="warning" showIcon title={staleWords(grades.stale)} /> : null}
      {openWords(sitting.disputes) && !given ? (
        <Alert type="info" showIcon title={openWords(sitting.disputes)} />
      ) : null}
      {decidedWords(decided) ? (
        <Alert
          type="success"
          showIcon
          closable
          onClose={onRead}
          title={decidedWords(decided)}
          description={
            decided && decided.alsoStale.length > 0 ? (
              <ul className="plain-list">
                {decided.alsoStale.map((s) => (
                  <li key={s.sitting}>
                    {s.quiz}: {s.section}, {showDate(s.on, today)}
                  </li>
                ))}
              </ul>
            ) : null
          }
        />
      ) : null}
      {changedWords(grades.changedSince) ? (
        <Alert type="info" showIcon title={changedWords(grades.changedSince)} />
      ) : null}
    </>
  );
}

function GradesOf({
  sitting,
  grades,
  room,
  onRoom,
}: {
  sitting: SittingDetail;
  grades: Grades;
  room: Room;
  onRoom: (room: Room) => void;
}) {
  const [decided, setDecided] = useState<GradingDone | null>(null);
  const [overriding, setOverriding] = useState<GradedAnswer | null>(null);
  const [open, setOpen] = useState<'again' | 'return' | null>(null);
  const [hidden, setHidden] = useState(false);
  const due = useRead('decisionsDue', { id: sitting.id });
  const give = useWrite('sittingState');
  const { today } = useSession();
  const rooms = (
    <Segmented<Room>
      aria-label="What to show"
      value={room}
      onChange={onRoom}
      options={[
        { value: 'decide', label: `Names to decide (${due.data?.length ?? 0})` },
        { value: 'look', label: `Answers to look at (${grades.toLookAt})` },
        { value: 'all', label: 'All answers' },
        { value: 'check', label: 'Question check' },
      ]}
    />
  );
  const totals = <Totals grades={grades} hidden={hidden} />;
  return (
    <>
      <PageHead
        title={`Grades: ${sitting.quizName}`}
        name="Grades"
        about={
          <>
            {sitting.sectionName}, {showDate(sitting.on, today)} · {grades.answers} answers graded ·{' '}
            <AppLink to={`/quizzes/${sitting.quiz}/sittings/${sitting.id}`}>the sitting</AppLink>
          </>
        }
        actions={
          <GradesActs
            sitting={sitting}
            grades={grades}
            onAgain={() => setOpen('again')}
            onReturn={() => setOpen('return')}
          />
        }
      />
      <ProblemNote error={give.error} />
      <Notes sitting={sitting} grades={grades} decided={decided} onRead={() => setDecided(null)} />
      <div className="table-tools">
        {rooms}
        <label className="switch-line">
          <Switch size="small" checked={hidden} onChange={setHidden} /> Hide names
        </label>
      </div>
      {room === 'check' ? (
        <QuestionCheck sitting={sitting} />
      ) : room === 'decide' ? (
        <DecisionsDue
          sitting={sitting}
          hidden={hidden}
          beside={totals}
          none={<CheckSummary sitting={sitting} onAll={() => onRoom('check')} />}
          onDone={setDecided}
        />
      ) : (
        <div className="grades-layout">
          <GradesTable
            sitting={sitting}
            grades={grades}
            hidden={hidden}
            tools={null}
            empty={
              <Nothing title="Nothing to look at">
                Every answer was settled. <Button onClick={() => onRoom('all')}>Show all answers</Button>
              </Nothing>
            }
            onOverride={setOverriding}
          />
          {totals}
        </div>
      )}
      {overriding ? (
        <OverrideEditor
          row={overriding}
          returned={sitting.state === 'returned'}
          onClose={() => setOverriding(null)}
        />
      ) : null}
      {open === 'again' ? (
        <GradeAgain sitting={sitting} hidden={hidden} onClose={() => setOpen(null)} />
      ) : null}
      {open === 'return' ? (
        <ReturnResults
          sitting={sitting}
          busy={give.isPending}
          onClose={() => setOpen(null)}
          onReturn={(by) =>
            give.mutate(
              { params: { id: sitting.id }, body: { to: 'returned', by }, version: sitting.version },
              { onSettled: () => setOpen(null) },
            )
          }
        />
      ) : null}
    </>
  );
}

/** The grades of a sitting: names to decide about, then answer by answer. */
export function GradesPage() {
  const { id = '' } = useParams();
  const sitting = useRead('sitting', { id });
  const [room, setRoom] = useState<Room>('decide');
  const grades = useRead('grades', { id }, true, { show: room === 'all' ? 'all' : 'look' });
  return (
    <Loaded query={sitting}>
      {(s) => (
        <Loaded query={grades}>
          {(m) =>
            m.run === null ? (
              <Nothing title="Not graded yet">
                Close the sitting and grade it.{' '}
                <AppLink to={`/quizzes/${s.quiz}/sittings/${s.id}`}>To the sitting</AppLink>
              </Nothing>
            ) : (
              <GradesOf sitting={s} grades={m} room={room} onRoom={setRoom} />
            )
          }
        </Loaded>
      )}
    </Loaded>
  );
}
