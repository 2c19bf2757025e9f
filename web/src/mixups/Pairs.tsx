import Button from 'antd/es/button';
import type { MixUpRow, MixUps } from '@hurrow/contract';
import { DataTable, IntervalLine, Nothing, TaxonName } from '../parts/index.ts';
import { STATE_TIPS, STATE_WORDS } from './boardWords.ts';

const percent = (x: number): string => `${Math.round(x * 100)}%`;
/** The rate and its interval on one scale from 0 to 100%. */
export function Interval({ row }: { row: MixUpRow }) {
  return (
    <IntervalLine value={row.k / row.n} low={row.low} high={row.high}>
      {percent(row.low)} to {percent(row.high)}
    </IntervalLine>
  );
}

function Cause({ row }: { row: MixUpRow }) {
  if (row.withCalls === 0) return <span className="quiet">no call asked</span>;
  return (
    <span className="number">
      saw it wrong {row.misread} of {row.withCalls}
    </span>
  );
}

/** Which species were written for which, how often and by how many; each opens its answers, and is compared in one press. */
export function Pairs({
  data,
  onOpen,
  onCompare,
}: {
  data: MixUps;
  onOpen: (row: MixUpRow) => void;
  onCompare: (row: MixUpRow) => void;
}) {
  return (
    <DataTable<MixUpRow>
      label="Mix-ups"
      file="mix-ups"
      rows={data.pairs}
      rowKey={(r) => `${r.truth.id}/${r.answer.id}`}
      plain={(r) => ({
        truth: r.truth.scientific,
        named: r.answer.scientific,
        k: r.k,
        n: r.n,
        low: Number(r.low.toFixed(3)),
        high: Number(r.high.toFixed(3)),
        students: r.students,
        of_students: r.looked,
        with_calls: r.withCalls,
        misread: r.misread,
        state: r.state ?? '',
        since: r.since ?? '',
        expected_by_slips: r.slips ? Number(r.slips.expected.toFixed(3)) : null,
        times: r.slips ? Number(r.slips.times.toFixed(2)) : null,
        q: r.slips ? Number(r.slips.q.toFixed(4)) : null,
        flagged: r.slips ? (r.slips.flagged ? 'yes' : 'no') : '',
        chances: r.again.n,
        repeats: r.again.k,
      })}
      empty={<Nothing title="No mix-up">No student named another species of the list.</Nothing>}
      columns={[
        {
          title: 'Students wrote',
          sorter: (a, b) => a.answer.scientific.localeCompare(b.answer.scientific, 'en'),
          render: (_, r) => (
            <span className="named">
              <TaxonName taxon={r.answer} />
            </span>
          ),
        },
        {
          title: 'The tree was',
          sorter: (a, b) => a.truth.scientific.localeCompare(b.truth.scientific, 'en'),
          render: (_, r) => <TaxonName taxon={r.truth} />,
        },
        {
          title: 'Answers',
          width: 126,
          defaultSortOrder: 'descend',
          sorter: (a, b) => a.k / a.n - b.k / b.n || a.k - b.k,
          render: (_, r) => (
            <Button
              size="small"
              className="number"
              onClick={() => onOpen(r)}
              aria-label={`${r.k} of ${r.n} answers, show them`}
            >
              {r.k} of {r.n} answers
            </Button>
          ),
        },
        {
          title: 'Rate, 95% interval',
          width: 200,
          sorter: (a, b) => a.low - b.low,
          render: (_, r) => <Interval row={r} />,
        },
        {
          title: 'Students',
          width: 120,
          sorter: (a, b) => a.students - b.students,
          render: (_, r) => (
            <span className="number">
              {r.students} of {r.looked}
              {r.guesses > 0 ? <span className="quiet"> ({r.guesses} guessing)</span> : null}
            </span>
          ),
        },
        {
          title: 'Slips?',
          width: 110,
          sorter: (a, b) => (a.slips?.q ?? 1) - (b.slips?.q ?? 1),
          render: (_, r) =>
            r.slips === null ? (
              <span className="quiet">{data.small ? 'too few students' : 'may be slips'}</span>
            ) : r.slips.flagged ? (
              'more than slips'
            ) : (
              <span className="quiet">may be slips</span>
            ),
        },
        {
          title: 'State',
          width: 128,
          sorter: (a, b) => (a.state ?? '').localeCompare(b.state ?? '', 'en'),
          render: (_, r) =>
            r.state === null ? null : <span title={STATE_TIPS[r.state]}>{STATE_WORDS[r.state]}</span>,
        },
        { title: 'What they saw', render: (_, r) => <Cause row={r} /> },
        {
          title: 'Compare',
          width: 96,
          render: (_, r) => (
            <Button
              size="small"
              aria-label={`Compare ${r.truth.scientific} with ${r.answer.scientific}`}
              onClick={() => onCompare(r)}
            >
              Compare
            </Button>
          ),
        },
      ]}
    />
  );
}
