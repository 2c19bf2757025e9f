import { Suspense, lazy, useCallback, useMemo } from 'react';
import Button from 'antd/es/button';
import type { TaxonHeader } from '@hurrow/contract';
import { STANDINGS, WEEKS, standingIn } from '@hurrow/core/compare';
import type { Standing, Year } from '@hurrow/core/compare';
import { dayOfYear, showDay } from '@hurrow/core/conditions';
import { useView } from '../app/index.ts';
import { DataTable, Later, Nothing, TaxonName, WorkNote } from '../parts/index.ts';
import { MonthScale } from '../species/index.ts';
import type { CompareGround, Start } from '../workers/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { STANDING } from './words.ts';
import type { Compared } from './useCompared.ts';
import '../species/profile.css';

const WeekBars = lazy(() => import('./WeekBars.tsx'));

interface Row {
  readonly key: string;
  readonly a: TaxonHeader;
  readonly b: TaxonHeader;
  readonly weeks: readonly Standing[];
}

const told = (r: Row): number => r.weeks.filter((s) => s === 'clean' || s === 'weak').length;
const weekWords = (date: string): string => showDay(dayOfYear(date));

/** A year of one pair as a strip: tall where it is told, low and marked where it is not. */
function Strip({ weeks, dates }: { weeks: readonly Standing[]; dates: readonly string[] }) {
  const HEIGHT: Readonly<Record<Standing, number>> = { clean: 12, weak: 8, unproven: 4, twins: 2 };
  const runs: { s: Standing; from: number; to: number }[] = [];
  weeks.forEach((s, w) => {
    const last = runs.at(-1);
    if (last?.s === s) last.to = w;
    else runs.push({ s, from: w, to: w });
  });
  const label = runs.map((r) => `${STANDING[r.s].words} from ${weekWords(dates[r.from] ?? '')}`).join(', ');
  return (
    <svg className="week-strip" viewBox="0 0 520 14" preserveAspectRatio="none" role="img" aria-label={label}>
      <title>{label}</title>
      {runs.map((r) => (
        <rect
          key={r.from}
          className={r.s}
          x={r.from * 10}
          width={(r.to - r.from + 1) * 10}
          y={13 - HEIGHT[r.s]}
          height={HEIGHT[r.s]}
        />
      ))}
    </svg>
  );
}

function Weeks({ compared, year }: { compared: Compared; year: Year }) {
  const { change } = useView();
  const { conditions, members } = compared;
  const rows = useMemo(
    () =>
      year.pairs.flatMap(({ a, b }, i): Row[] => {
        const [x, y] = [members[a], members[b]];
        const weeks = Array.from({ length: WEEKS }, (_, w) => standingIn(year, i, w));
        return x && y && weeks.some((s) => s !== 'clean')
          ? [{ key: `${x.id}/${y.id}`, a: x, b: y, weeks }]
          : [];
      }),
    [year, members],
  );
  const now = year.weeks.filter((w) => w <= conditions.date).length - 1;
  return (
    <>
      <section className="panel" aria-label="Week by week">
        <div className="panel-head">
          <h2>Pairs that are not clearly different, week by week</h2>
          <span className="quiet">Choose a week to move the date there.</span>
        </div>
        <Suspense fallback={<div className="week-chart" />}>
          <Later meanwhile={<div className="week-chart" />}>{() => <WeekBars year={year} />}</Later>
        </Suspense>
        <div className="week-bars">
          {year.counts.map((c, w) => {
            const open = c.weak + c.unproven + c.twins;
            const words = `${open} in the week of ${weekWords(year.weeks[w] ?? '')}: ${c.twins} twins, ${c.unproven} unproven, ${c.weak} weak`;
            return (
              <Button
                key={year.weeks[w]}
                type="text"
                size="small"
                className={w === now ? 'week at' : 'week'}
                aria-label={words}
                aria-current={w === now ? 'date' : undefined}
                title={words}
                onClick={() =>
                  change({ conditions: { ...conditions, date: year.weeks[w] ?? conditions.date } })
                }
              >
                {open}
              </Button>
            );
          })}
        </div>
        <p className="quiet week-key">
          {STANDINGS.slice(1).map((s) => (
            <span key={s}>
              <span className={`week-sample ${s}`} /> {STANDING[s].words}
            </span>
          ))}
        </p>
      </section>
      <DataTable<Row>
        label="Pairs through the year"
        file="pairs-through-the-year"
        rows={[...rows].sort((a, b) => told(a) - told(b))}
        rowKey={(r) => r.key}
        plain={(r) => ({
          a: r.a.scientific,
          b: r.b.scientific,
          weeks_told: told(r),
          ...Object.fromEntries(r.weeks.map((s, w) => [year.weeks[w] ?? String(w), STANDING[s].words])),
        })}
        empty={
          <Nothing title="Every pair is clearly different all year">
            Take material away to see what leans on it.
          </Nothing>
        }
        columns={[
          {
            title: 'Pair',
            width: 330,
            render: (_, r) => (
              <>
                <TaxonName taxon={r.a} common={false} /> · <TaxonName taxon={r.b} common={false} />
              </>
            ),
          },
          {
            title: 'Weeks told',
            width: 110,
            sorter: (a, b) => told(a) - told(b),
            render: (_, r) => (
              <span className="number">
                {told(r)} of {WEEKS}
              </span>
            ),
          },
          {
            title: <MonthScale />,
            className: 'band-cell',
            render: (_, r) => <Strip weeks={r.weeks} dates={year.weeks} />,
          },
        ]}
      />
    </>
  );
}

function Through({ compared }: { compared: Compared }) {
  const { library, vocabulary, place, conditions, forbidden } = compared;
  // The year does not hang on the day within it, so that moving the date works nothing out anew.
  const held = JSON.stringify({ ...conditions, date: `${conditions.date.slice(0, 4)}-01-01` });
  const ground = useMemo(
    (): CompareGround => ({
      library,
      vocabulary,
      place,
      forbidden,
      conditions: JSON.parse(held) as CompareGround['conditions'],
    }),
    [library, vocabulary, place, forbidden, held],
  );
  const start = useCallback<Start<Year | null>>(
    (work, onProgress) => work.year(ground, onProgress),
    [ground],
  );
  const work = useLibraryWork<Year | null>(start);
  return (
    <>
      <WorkNote what="Going through the year" work={work} />
      {work.result ? <Weeks compared={compared} year={work.result} /> : null}
    </>
  );
}

/** The same list through the year: which weeks make which pairs separable. */
export function YearPage() {
  return (
    <CompareRoom
      title="Through the year"
      name="Through the year"
      about="What can be told apart in each week with the material and handling above. Pairs that are clearly different all year are left out."
    >
      {(c) => <Through key={c.list.id} compared={c} />}
    </CompareRoom>
  );
}
