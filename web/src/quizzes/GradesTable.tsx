import { useMemo } from 'react';
import type { ReactNode } from 'react';
import Button from 'antd/es/button';
import { gradedAnswers } from '@hurrow/contract';
import type { GradedAnswer, Grades, SittingDetail } from '@hurrow/contract';
import { useVocabulary } from '../app/index.ts';
import { CorrectTree, DataTable, TaxonName } from '../parts/index.ts';
import { OUTCOME_WORDS } from './outcomes.ts';
import { askWords } from './words.ts';

/** Answers with their grades, each with what can be done about it. */
export function GradesTable({
  sitting,
  grades,
  hidden,
  tools,
  empty,
  onOverride,
}: {
  sitting: SittingDetail;
  grades: Grades;
  hidden: boolean;
  tools: ReactNode;
  empty: ReactNode;
  onOverride: (row: GradedAnswer) => void;
}) {
  const vocabulary = useVocabulary();
  const answers = useMemo(() => gradedAnswers(grades), [grades]);
  const tagAt = (station: number): string =>
    sitting.stations.find((s) => s.station.number === station)?.station.tree.tag ?? '';
  return (
    <DataTable<GradedAnswer>
      label="Graded answers"
      file={`grades ${sitting.quizName} ${sitting.sectionName}`}
      rows={answers}
      rowKey={(r) => r.response}
      tools={tools}
      empty={empty}
      plain={(r) => ({
        student: hidden ? '' : r.code,
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
          width: 62,
          className: 'number',
          sorter: (a, b) => a.code.localeCompare(b.code, 'en', { numeric: true }),
          render: (_, r) => (hidden ? <span className="quiet">hidden</span> : r.code),
        },
        {
          title: 'As written',
          sorter: (a, b) => a.typed.localeCompare(b.typed, 'en'),
          render: (_, r) => (
            <>
              <span className="typed">{r.typed === '' ? <span className="quiet">blank</span> : r.typed}</span>
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
                <CorrectTree tag={tagAt(r.station)} />
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
          width: 120,
          render: (_, r) => (
            <Button size="small" onClick={() => onOverride(r)}>
              Change grade
            </Button>
          ),
        },
      ]}
    />
  );
}
