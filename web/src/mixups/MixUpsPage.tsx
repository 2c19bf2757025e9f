import { useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import type { MixUpRow, MixUps, PairState, Section, TruthRow } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { showDate } from '@hurrow/core/conditions';
import { layOnly, useClassAtHand, useGo, useSession } from '../app/index.ts';
import { AppLink, DataTable, Loaded, Nothing, PageHead, TaxonName } from '../parts/index.ts';
import { Evidence } from './Evidence.tsx';
import './mixups.css';

const percent = (x: number): string => `${Math.round(x * 100)}%`;
const W = 120;

const STATE_WORDS: Readonly<Record<PairState, string>> = {
  new: 'new',
  repeat: 'came back',
  stubborn: 'still there after reteaching',
  fading: 'fading',
};
const STATE_TIPS: Readonly<Record<PairState, string>> = {
  new: 'At least 3 students and 15% of those who saw the tree.',
  repeat: 'Again in a sitting held after results of one with it were returned.',
  stubborn: 'Again although a lesson took the pair up in between.',
  fading: 'The last time this tree was asked, fewer students mixed it up.',
};

/** The rate and its interval on one scale from 0 to 100%. */
function Interval({ row }: { row: MixUpRow }) {
  const at = (x: number): number => 2 + x * (W - 4);
  const rate = row.k / row.n;
  return (
    <span className="interval">
      <svg width={W} height="14" viewBox={`0 0 ${W} 14`} aria-hidden="true">
        <line x1="2" x2={W - 2} y1="7" y2="7" className="interval-axis" />
        <line x1={at(row.low)} x2={at(row.high)} y1="7" y2="7" className="interval-span" />
        <line x1={at(rate)} x2={at(rate)} y1="1.5" y2="12.5" className="interval-rate" />
      </svg>
      <span className="number">
        {percent(row.low)} to {percent(row.high)}
      </span>
    </span>
  );
}

function Cause({ row }: { row: MixUpRow }) {
  if (row.withCalls === 0) return <span className="quiet">no call asked</span>;
  const parts = [
    row.misread > 0 ? `saw it wrong ${row.misread} of ${row.withCalls}` : '',
    row.linkMissing > 0 ? `saw it right, named it wrong ${row.linkMissing} of ${row.withCalls}` : '',
  ].filter((p) => p !== '');
  return (
    <span className="number">
      {parts.length > 0 ? parts.join(', ') : `neither, in ${row.withCalls} answers with character questions`}
    </span>
  );
}

function Looks({ rows }: { rows: readonly TruthRow[] }) {
  return (
    <DataTable<TruthRow>
      label="Answers by species"
      file="answers by species"
      rows={rows}
      rowKey={(r) => r.truth.id}
      empty={null}
      plain={(r) => ({
        species: r.truth.scientific,
        looks: r.n,
        right: r.right,
        other: r.other,
        unlisted: r.unlisted,
        blank: r.blank,
        genus: r.genusOnly,
        family: r.family,
        cannot_tell: r.cannotTell,
      })}
      columns={[
        {
          title: 'Tree',
          render: (_, r) => <TaxonName taxon={r.truth} />,
          sorter: (a, b) => a.truth.scientific.localeCompare(b.truth.scientific, 'en'),
        },
        { title: 'Answers', dataIndex: 'n', className: 'number', sorter: (a, b) => a.n - b.n },
        { title: 'Right', dataIndex: 'right', className: 'number', sorter: (a, b) => a.right - b.right },
        {
          title: 'Other species',
          dataIndex: 'other',
          className: 'number',
          sorter: (a, b) => a.other - b.other,
        },
        {
          title: 'No name known',
          dataIndex: 'unlisted',
          className: 'number',
          sorter: (a, b) => a.unlisted - b.unlisted,
        },
        {
          title: 'Genus only',
          dataIndex: 'genusOnly',
          className: 'number',
          sorter: (a, b) => a.genusOnly - b.genusOnly,
        },
        { title: 'Family', dataIndex: 'family', className: 'number', sorter: (a, b) => a.family - b.family },
        {
          title: 'Cannot be told',
          dataIndex: 'cannotTell',
          className: 'number',
          sorter: (a, b) => a.cannotTell - b.cannotTell,
        },
        { title: 'Blank', dataIndex: 'blank', className: 'number', sorter: (a, b) => a.blank - b.blank },
      ]}
    />
  );
}

function Pairs({
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
        students: r.students.map((s) => s.code).join(' '),
        with_calls: r.withCalls,
        misread: r.misread,
        link_missing: r.linkMissing,
        state: r.state ?? '',
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
          title: 'Who',
          render: (_, r) => (
            <span className="number">
              {r.students.map((s) => s.code).join(', ')}
              {r.guesses > 0 ? <span className="quiet"> ({r.guesses} guessing)</span> : null}
            </span>
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

function SectionMixUps({ section }: { section: Section }) {
  const mixups = useRead('mixups', { id: section.id });
  const [search, setSearch] = useSearchParams();
  const go = useGo();
  const { today } = useSession();
  const pair = search.get('pair')?.split('.');
  const open = (value: string | null): void =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      if (value === null) next.delete('pair');
      else next.set('pair', value);
      return next;
    });
  return (
    <Loaded query={mixups}>
      {(data) =>
        data.looks === 0 ? (
          <Nothing title="No graded answer yet">
            Mix-ups are counted once a quiz of this class is graded. See{' '}
            <AppLink to="/quizzes">Quizzes</AppLink>.
          </Nothing>
        ) : (
          <div className="stack">
            <p>
              {data.looks} answers by {data.students} students in {data.sittings.length}{' '}
              {data.sittings.length === 1 ? 'quiz' : 'quizzes'}:{' '}
              {data.sittings.map((s) => `${s.quiz}, ${showDate(s.on, today)}`).join('; ')}. Each graded answer
              counts once, blank ones too. Ranges are 95% confidence intervals.
            </p>
            <Pairs
              data={data}
              onOpen={(r) => open(`${r.truth.id}.${r.answer.id}`)}
              onCompare={(r) => {
                layOnly(r.truth.id, r.answer.id);
                go('/compare');
              }}
            />
            {pair?.[0] && pair[1] ? (
              <Evidence section={section.id} truth={pair[0]} answer={pair[1]} onClose={() => open(null)} />
            ) : null}
            <h2>All answers by species</h2>
            <Looks rows={data.truths} />
          </div>
        )
      }
    </Loaded>
  );
}

/** Which species are named for which, how often, by whom; every number opens what it counts. */
export function MixUpsPage() {
  const sections = useRead('sections');
  const atHand = useClassAtHand().section;
  const [search, setSearch] = useSearchParams();
  return (
    <Loaded query={sections}>
      {(rows) => {
        const section = rows.find((s) => s.id === search.get('section')) ?? atHand ?? rows[0];
        return (
          <>
            <PageHead
              title="Mix-ups"
              name="Mix-ups"
              about="Which species students mistake for which."
              actions={
                <label className="condition">
                  <span className="condition-label">Class</span>
                  <select
                    value={section?.id ?? ''}
                    onChange={(e) =>
                      setSearch((before) => {
                        const next = new URLSearchParams(before);
                        next.set('section', e.target.value);
                        next.delete('pair');
                        return next;
                      })
                    }
                  >
                    {rows.map((s) => (
                      <option key={s.id} value={s.id}>
                        {s.name}
                      </option>
                    ))}
                  </select>
                </label>
              }
            />
            {section ? (
              <SectionMixUps key={section.id} section={section} />
            ) : (
              <Nothing title="No class yet">Create a class under Classes.</Nothing>
            )}
          </>
        );
      }}
    </Loaded>
  );
}
