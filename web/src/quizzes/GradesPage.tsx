import { useState } from 'react';
import { useParams } from 'react-router';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Segmented from 'antd/es/segmented';
import type { GradeRow, Grades, GradingDone, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo, useSession, useVocabulary } from '../app/index.ts';
import { AppLink, DataTable, Loaded, Nothing, PageHead, ProblemNote, TaxonName } from '../parts/index.ts';
import { OUTCOME_WORDS } from './outcomes.ts';
import type { Show } from './outcomes.ts';
import { OverrideEditor } from './OverrideEditor.tsx';
import { changedWords, decidedWords, openWords, staleWords } from './gradeNotes.ts';
import { HeldStations, ReturnResults } from './ReturnResults.tsx';
import { RulingEditor } from './RulingEditor.tsx';
import { showDate } from '@hurrow/core/conditions';
import { CorrectTree } from '../parts/index.ts';
import { askWords } from './words.ts';
import './quizzes.css';

function Totals({ grades }: { grades: Grades }) {
  return (
    <section className="panel" aria-label="Totals">
      <h2>Points</h2>
      <table className="plain-table tight points">
        <tbody>
          {grades.totals.map((t) => (
            <tr key={t.student}>
              <td className="number">{t.code}</td>
              <td>{t.firstName ?? ''}</td>
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

function GradesOf({
  sitting,
  grades,
  show,
  onShow,
}: {
  sitting: SittingDetail;
  grades: Grades;
  show: Show;
  onShow: (show: Show) => void;
}) {
  const vocabulary = useVocabulary();
  const go = useGo();
  const [decided, setDecided] = useState<GradingDone | null>(null);
  const [overriding, setOverriding] = useState<GradeRow | null>(null);
  const [returning, setReturning] = useState(false);
  const [ruling, setRuling] = useState<GradeRow | null>(null);
  const again = useWrite('gradingRun');
  const give = useWrite('sittingState');
  const given = sitting.state === 'returned';
  const { today } = useSession();
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
          given ? (
            <>
              {grades.stale.length > 0 ? (
                <Button
                  loading={again.isPending}
                  onClick={() => again.mutate({ params: { id: sitting.id } })}
                >
                  Grade again
                </Button>
              ) : null}
              {grades.changedSince.length > 0 && grades.stale.length === 0 ? (
                <Button loading={give.isPending} onClick={() => setReturning(true)}>
                  Return results again
                </Button>
              ) : null}
              <Button type="primary" onClick={() => go(`/mix-ups?section=${sitting.section}`)}>
                See mix-ups
              </Button>
            </>
          ) : (
            <>
              <Button loading={again.isPending} onClick={() => again.mutate({ params: { id: sitting.id } })}>
                Grade again
              </Button>
              <Button type="primary" loading={give.isPending} onClick={() => setReturning(true)}>
                Return results
              </Button>
            </>
          )
        }
      />
      <ProblemNote error={again.error ?? give.error} />
      {returning ? (
        <ReturnResults
          sitting={sitting}
          busy={give.isPending}
          onClose={() => setReturning(false)}
          onReturn={() =>
            give.mutate(
              { params: { id: sitting.id }, body: { to: 'returned' }, version: sitting.version },
              { onSettled: () => setReturning(false) },
            )
          }
        />
      ) : null}
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
          onClose={() => setDecided(null)}
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
      <div className="grades-layout">
        <DataTable<GradeRow>
          label="Graded answers"
          file={`grades ${sitting.quizName} ${sitting.sectionName}`}
          rows={grades.rows}
          rowKey={(r) => r.response}
          tools={
            <Segmented<Show>
              aria-label="Which answers"
              value={show}
              onChange={onShow}
              options={[
                { value: 'look', label: `To look at (${grades.toLookAt})` },
                { value: 'names', label: 'Names' },
                { value: 'all', label: 'All' },
              ]}
            />
          }
          empty={
            <Nothing title="Nothing to look at">
              Every answer was settled. <Button onClick={() => onShow('all')}>Show all</Button>
            </Nothing>
          }
          plain={(r) => ({
            student: r.code,
            station: r.station,
            species: r.truth.scientific,
            ask: r.kind === 'call' ? `call:${r.character ?? ''}` : r.kind,
            typed: r.typed,
            outcome: r.override?.outcome ?? r.outcome,
            named: r.taxon?.scientific ?? null,
            points: r.override?.points ?? r.points,
            most: r.most,
            why: r.override?.reason ?? r.why,
          })}
          columns={[
            {
              title: 'St.',
              dataIndex: 'station',
              width: 50,
              className: 'number',
              sorter: (a, b) => a.station - b.station,
            },
            {
              title: 'No.',
              dataIndex: 'code',
              width: 56,
              className: 'number',
              sorter: (a, b) => a.code.localeCompare(b.code, 'en', { numeric: true }),
            },
            {
              title: 'As written',
              sorter: (a, b) => a.typed.localeCompare(b.typed, 'en'),
              render: (_, r) => (
                <>
                  <span className="typed">
                    {r.typed === '' ? <span className="quiet">blank</span> : r.typed}
                  </span>
                  <div className="quiet">{askWords(r, vocabulary, 'plain')}</div>
                </>
              ),
            },
            {
              title: 'Tree',
              sorter: (a, b) => a.truth.scientific.localeCompare(b.truth.scientific, 'en'),
              render: (_, r) => (
                <>
                  <TaxonName taxon={r.truth} />
                  <div>
                    <CorrectTree
                      tag={
                        sitting.stations.find((s) => s.station.number === r.station)?.station.tree.tag ?? ''
                      }
                    />
                  </div>
                </>
              ),
            },
            {
              title: 'Judged',
              sorter: (a, b) => a.outcome.localeCompare(b.outcome, 'en'),
              render: (_, r) => (
                <>
                  <span className="tag outcome">{OUTCOME_WORDS[r.outcome]}</span>
                  {r.ruled ? <span className="tag">decided</span> : null}{' '}
                  {r.late ? <span className="tag larch">late</span> : null}
                  <div className="quiet">
                    {r.override ? `changed by ${r.override.by}: ${r.override.reason}` : r.why}
                  </div>
                </>
              ),
            },
            {
              title: 'Points',
              className: 'number',
              width: 78,
              sorter: (a, b) => (a.override?.points ?? a.points) - (b.override?.points ?? b.points),
              render: (_, r) => (
                <>
                  {r.override ? <span className="struck">{r.points}</span> : null}{' '}
                  {r.override?.points ?? r.points} of {r.most}
                </>
              ),
            },
            {
              title: 'Act',
              width: 186,
              render: (_, r) => (
                <div className="grade-acts">
                  <Button size="small" onClick={() => setOverriding(r)}>
                    Change grade
                  </Button>
                  {r.kind !== 'call' && r.typed !== '' && !given ? (
                    <Button size="small" onClick={() => setRuling(r)}>
                      Decide
                    </Button>
                  ) : null}
                </div>
              ),
            },
          ]}
        />
        <Totals grades={grades} />
      </div>
      {overriding ? (
        <OverrideEditor row={overriding} returned={given} onClose={() => setOverriding(null)} />
      ) : null}
      {ruling ? (
        <RulingEditor
          sitting={sitting}
          row={ruling}
          onClose={() => setRuling(null)}
          onDone={(done) => {
            setDecided(done);
            setRuling(null);
          }}
        />
      ) : null}
    </>
  );
}

/** The grades of a sitting, answer by answer. */
export function GradesPage() {
  const { id = '' } = useParams();
  const sitting = useRead('sitting', { id });
  const [show, setShow] = useState<Show>('look');
  const grades = useRead('grades', { id }, true, { show });
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
              <GradesOf sitting={s} grades={m} show={show} onShow={setShow} />
            )
          }
        </Loaded>
      )}
    </Loaded>
  );
}
