import { useState } from 'react';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import { showDate } from '@hurrow/core/conditions';
import type { NameRuling, StaleSitting } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach, useSession } from '../app/index.ts';
import {
  AppLink,
  DataTable,
  Loaded,
  Nothing,
  PageHead,
  ProblemNote,
  TaxonName,
  counted,
} from '../parts/index.ts';
import { DECISION_WORDS, reachWords } from './decisionWords.ts';

function Withdraw({
  ruling,
  onDone,
}: {
  ruling: NameRuling;
  onDone: (stale: readonly StaleSitting[]) => void;
}) {
  const withdraw = useWrite('rulingWithdraw');
  return (
    <>
      <Popconfirm
        title={`Undo the decision on “${ruling.text}”?`}
        description={
          ruling.students === 0
            ? 'No answer depends on it.'
            : `${counted(ruling.students, 'student')} wrote it. Their grades change when you grade again.`
        }
        okText="Undo decision"
        cancelText="Cancel"
        onConfirm={() =>
          withdraw.mutate({ params: { id: ruling.id } }, { onSuccess: (r) => onDone(r.alsoStale) })
        }
      >
        <Button size="small" loading={withdraw.isPending} aria-label={`Undo the decision on ${ruling.text}`}>
          Undo decision
        </Button>
      </Popconfirm>
      <ProblemNote error={withdraw.error} />
    </>
  );
}

/** Every decision in force about a written name: what it means, where it holds, who wrote it; each can be undone. */
export function NameDecisionsPage() {
  const rulings = useRead('rulings');
  const mayTeach = useMayTeach();
  const { today } = useSession();
  const [stale, setStale] = useState<readonly StaleSitting[] | null>(null);
  return (
    <>
      <PageHead
        title="Name decisions"
        name="Name decisions"
        about="What you decided about names as students wrote them. A decision also grades later quizzes."
      />
      {stale ? (
        <Alert
          type="success"
          showIcon
          closable
          onClose={() => setStale(null)}
          title="The decision is undone."
          description={
            stale.length === 0 ? (
              'No grade changes.'
            ) : (
              <>
                Grade again to change these:{' '}
                {stale.map((s) => (
                  <div key={s.sitting}>
                    {s.quiz}: {s.section}, {showDate(s.on, today)}
                  </div>
                ))}
              </>
            )
          }
        />
      ) : null}
      <Loaded query={rulings}>
        {(rows) => (
          <DataTable<NameRuling>
            label="Name decisions"
            file="name decisions"
            rows={rows}
            rowKey={(r) => r.id}
            empty={
              <Nothing title="No decision yet">
                Decide on a written name on the grades of a <AppLink to="/quizzes">quiz</AppLink>. It appears
                here.
              </Nothing>
            }
            plain={(r) => ({
              written: r.text,
              decision: DECISION_WORDS[r.outcome],
              species: r.taxon?.scientific ?? null,
              holds_for: reachWords(r),
              students: r.students,
              by: r.by,
              on: r.at.slice(0, 10),
            })}
            columns={[
              {
                title: 'Written',
                sorter: (a, b) => a.text.localeCompare(b.text, 'en'),
                render: (_, r) => <span className="typed">{r.text}</span>,
              },
              {
                title: 'Counts as',
                sorter: (a, b) => a.outcome.localeCompare(b.outcome, 'en'),
                render: (_, r) => (
                  <>
                    {DECISION_WORDS[r.outcome]} {r.taxon ? <TaxonName taxon={r.taxon} /> : null}
                  </>
                ),
              },
              {
                title: 'Holds for',
                sorter: (a, b) => reachWords(a).localeCompare(reachWords(b), 'en'),
                render: (_, r) => reachWords(r),
              },
              {
                title: 'Students',
                className: 'number',
                width: 90,
                sorter: (a, b) => a.students - b.students,
                render: (_, r) => r.students,
              },
              {
                title: 'Decided',
                sorter: (a, b) => a.at.localeCompare(b.at),
                render: (_, r) => `${showDate(r.at.slice(0, 10), today)}, ${r.by}`,
              },
              {
                title: <span className="visually-hidden">Undo</span>,
                width: 130,
                render: (_, r) => (mayTeach ? <Withdraw ruling={r} onDone={setStale} /> : null),
              },
            ]}
          />
        )}
      </Loaded>
    </>
  );
}
