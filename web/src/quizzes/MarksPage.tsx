import { useState } from 'react';
import { useParams } from 'react-router';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Segmented from 'antd/es/segmented';
import type { MarkRow, Marks, SittingDetail } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo } from '../app/view.ts';
import { useVocabulary } from '../app/vocabulary.ts';
import { AppLink, DataTable, Loaded, Nothing, PageHead, ProblemNote, TaxonName } from '../parts/index.ts';
import { OUTCOME_WORDS, needsLook } from './outcomes.ts';
import { OverrideEditor } from './OverrideEditor.tsx';
import { HeldStations, ReturnResults } from './ReturnResults.tsx';
import { RulingEditor } from './RulingEditor.tsx';
import { askWords } from './words.ts';
import './quizzes.css';

type Show = 'look' | 'names' | 'all';

function Totals({ marks }: { marks: Marks }) {
  return (
    <section className="panel" aria-label="Totals">
      <h2>Points</h2>
      <table className="plain-table tight points">
        <tbody>
          {marks.totals.map((t) => (
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

function MarksOf({ sitting, marks }: { sitting: SittingDetail; marks: Marks }) {
  const vocabulary = useVocabulary();
  const go = useGo();
  const [show, setShow] = useState<Show>('look');
  const [overriding, setOverriding] = useState<MarkRow | null>(null);
  const [returning, setReturning] = useState(false);
  const [ruling, setRuling] = useState<MarkRow | null>(null);
  const stale = ['sitting', 'marks', 'due', 'mixups', 'evidence', 'quizzes'] as const;
  const again = useWrite<Marks>('markingRun', stale);
  const give = useWrite<SittingDetail>('sittingState', stale);
  const given = sitting.state === 'given_back';
  const wanted = marks.rows.filter((r) =>
    show === 'all' ? true : show === 'names' ? r.kind !== 'call' : needsLook(r),
  );
  const toLookAt = marks.rows.filter(needsLook).length;
  return (
    <>
      <PageHead
        title={`Grades: ${sitting.quizName}`}
        name="Grades"
        about={
          <>
            {sitting.sectionName}, {sitting.on} · {marks.rows.length} answers graded ·{' '}
            <AppLink to={`/quizzes/${sitting.quiz}/sittings/${sitting.id}`}>the sitting</AppLink>
          </>
        }
        actions={
          given ? (
            <Button type="primary" onClick={() => go(`/mix-ups?section=${sitting.section}`)}>
              See the mix-ups
            </Button>
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
              { params: { id: sitting.id }, body: { to: 'given_back' }, version: sitting.version },
              { onSettled: () => setReturning(false) },
            )
          }
        />
      ) : null}
      {given ? <HeldStations sitting={sitting} /> : null}
      {marks.stale && !given ? (
        <Alert type="warning" showIcon title="Answers came in after grading. Grade again to count them." />
      ) : null}
      <div className="marks-layout">
        <DataTable<MarkRow>
          label="Marked answers"
          file={`marks ${sitting.quizName} ${sitting.sectionName}`}
          rows={wanted}
          rowKey={(r) => r.response}
          tools={
            <Segmented<Show>
              aria-label="Which answers"
              value={show}
              onChange={setShow}
              options={[
                { value: 'look', label: `To look at (${toLookAt})` },
                { value: 'names', label: 'Names' },
                { value: 'all', label: 'All' },
              ]}
            />
          }
          empty={
            <Nothing title="Nothing to look at">
              Every answer was settled. <Button onClick={() => setShow('all')}>Show all</Button>
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
              title: 'True',
              sorter: (a, b) => a.truth.scientific.localeCompare(b.truth.scientific, 'en'),
              render: (_, r) => <TaxonName taxon={r.truth} />,
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
                    {r.override ? `overridden by ${r.override.by}: ${r.override.reason}` : r.why}
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
              title: '',
              width: 152,
              render: (_, r) =>
                given ? null : (
                  <div className="mark-acts">
                    <Button size="small" onClick={() => setOverriding(r)}>
                      Override
                    </Button>
                    {r.kind !== 'call' && r.typed !== '' ? (
                      <Button size="small" onClick={() => setRuling(r)}>
                        Decide
                      </Button>
                    ) : null}
                  </div>
                ),
            },
          ]}
        />
        <Totals marks={marks} />
      </div>
      {overriding ? <OverrideEditor row={overriding} onClose={() => setOverriding(null)} /> : null}
      {ruling ? (
        <RulingEditor sitting={sitting} row={ruling} rows={marks.rows} onClose={() => setRuling(null)} />
      ) : null}
    </>
  );
}

/** The marks of a sitting, answer by answer. */
export function MarksPage() {
  const { id = '' } = useParams();
  const sitting = useRead<SittingDetail>('sitting', { id });
  const marks = useRead<Marks>('marks', { id });
  return (
    <Loaded query={sitting}>
      {(s) => (
        <Loaded query={marks}>
          {(m) =>
            m.run === null ? (
              <Nothing title="Not marked yet">
                Close the sitting and mark it.{' '}
                <AppLink to={`/quizzes/${s.quiz}/sittings/${s.id}`}>To the sitting</AppLink>
              </Nothing>
            ) : (
              <MarksOf sitting={s} marks={m} />
            )
          }
        </Loaded>
      )}
    </Loaded>
  );
}
