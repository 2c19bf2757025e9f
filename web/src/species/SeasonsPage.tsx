import { Suspense, lazy, useMemo, useState } from 'react';
import type { TaxonHeader } from '@hurrow/contract';
import { inSeason } from '@hurrow/core/conditions';
import type { Season, Seen, WindowKind } from '@hurrow/core/conditions';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useHere, useView, useVocabulary } from '../app/index.ts';
import { AppLink, Choose, DataTable, Later, Loaded, Nothing, PageHead, TaxonName } from '../parts/index.ts';
import { ListPicker } from './ListPicker.tsx';
import { MonthScale, SeasonBand, SeasonKey, SeasonPatterns } from './SeasonBand.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import { viewList } from './lookalikes.ts';
import { windowWords } from './seasonWords.ts';
import { useChosenList } from './useList.ts';
import './profile.css';

const SeasonChart = lazy(() => import('./SeasonChart.tsx'));

interface Row {
  readonly taxon: TaxonHeader;
  readonly described: DescribedTaxon;
}

const NOW: readonly (readonly [Season, string])[] = [
  ['leaf-on', 'leaf'],
  ['flower', 'flower'],
  ['fruit', 'fruit'],
];
const RANK: readonly Seen[] = ['no', 'unknown', 'partly', 'yes'];

const startOf = (r: Row, kind: WindowKind): number =>
  r.described.windows.find((w) => w.kind === kind)?.start ?? 999;

function Chart({ rows, date, site }: { rows: readonly Row[]; date: string; site: string | null }) {
  const [order, setOrder] = useState<WindowKind | 'list'>('list');
  const sorted = useMemo(
    () => (order === 'list' ? rows : [...rows].sort((a, b) => startOf(a, order) - startOf(b, order))),
    [rows, order],
  );
  const subjects = useMemo(() => rows.map((r) => r.described.subject), [rows]);
  const seen = (r: Row, s: Season) => inSeason(r.described.subject, s, date);
  return (
    <>
      <SeasonPatterns />
      {rows.length > 1 ? (
        <section className="panel" aria-label="The list through the year">
          <Suspense fallback={<p className="quiet">Drawing…</p>}>
            <Later>{() => <SeasonChart subjects={subjects} date={date} />}</Later>
          </Suspense>
        </section>
      ) : null}
      <DataTable<Row>
        label="Seasons"
        file="seasons"
        rows={sorted}
        rowKey={(r) => r.taxon.id}
        plain={(r) => ({
          scientific: r.taxon.scientific,
          common: r.taxon.common,
          ...Object.fromEntries(r.described.windows.map((w) => [w.kind, windowWords(w)])),
        })}
        empty={<Nothing title="The list is empty">Add species to it under Classes.</Nothing>}
        tools={
          <>
            <label className="condition">
              <span className="condition-label">Order</span>
              <Choose
                bare
                label="Order"
                value={order}
                options={[
                  { value: 'list', label: 'as listed' },
                  { value: 'leaf_out', label: 'leaves open first' },
                  { value: 'pollen', label: 'flowers first' },
                  { value: 'ripening', label: 'ripens first' },
                  { value: 'autumn', label: 'turns color first' },
                ]}
                onChange={setOrder}
              />
            </label>
            <span className="quiet">{site ? `shifted to ${site}` : 'as recorded: no site yet'}</span>
          </>
        }
        columns={[
          {
            title: 'Species',
            width: 230,
            render: (_, r) => (
              <AppLink to={`/species/${r.taxon.id}`}>
                <TaxonName taxon={r.taxon} />
              </AppLink>
            ),
          },
          {
            title: <MonthScale />,
            className: 'band-cell',
            render: (_, r) => (
              <SeasonBand
                windows={r.described.windows}
                persistence={r.described.subject.persistence}
                date={date}
                name={r.taxon.scientific}
              />
            ),
          },
          ...NOW.map(([season, words]) => ({
            title: `${words} now`,
            width: 84,
            sorter: (a: Row, b: Row) =>
              RANK.indexOf(seen(a, season).seen) - RANK.indexOf(seen(b, season).seen),
            render: (_: unknown, r: Row) => {
              const v = seen(r, season);
              return (
                <span className={v.seen === 'no' ? 'quiet' : ''} title={v.reason}>
                  {v.seen === 'unknown' ? 'not recorded' : v.seen}
                </span>
              );
            },
          })),
        ]}
      />
      <SeasonKey />
    </>
  );
}

/** A whole list through the year, shifted to the class's site, with what stands on the date in the bar. */
export function SeasonsPage() {
  const { lists, list, choose } = useChosenList();
  const { conditions } = useView();
  const vocabulary = useVocabulary();
  const here = useHere();
  const library = useRead('listLibrary', { id: list?.id ?? '' }, list !== null);
  const rows = useMemo((): readonly Row[] | null => {
    if (!library.data || !vocabulary || !here.ready) return null;
    const view = viewList(library.data, vocabulary, here.place);
    return view.members.flatMap((taxon) => {
      const described = view.described.get(taxon.id);
      return described ? [{ taxon, described }] : [];
    });
  }, [library.data, vocabulary, here]);
  return (
    <>
      <SpeciesNav />
      <PageHead
        title="Seasons"
        name="Seasons"
        about="The line stands at the date in the bar; [ and ] move it by a week."
        actions={list ? <ListPicker lists={lists ?? []} chosen={list.id} onChoose={choose} /> : null}
      />
      {lists?.length === 0 ? (
        <Nothing title="No list yet">
          <AppLink to="/classes/lists/new">Paste a list of names</AppLink> to see it through the year.
        </Nothing>
      ) : (
        <Loaded query={library}>
          {() =>
            rows ? (
              <Chart rows={rows} date={conditions.date} site={here.site?.name ?? null} />
            ) : (
              <div className="page-note quiet">Reading…</div>
            )
          }
        </Loaded>
      )}
    </>
  );
}
