import { useMemo, useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import { useSearchParams } from 'react-router';
import type { OccurrenceRow, RangeDetail } from '@hurrow/contract';
import { isCounty, stateOf } from '@hurrow/core/range';
import type { Presence } from '@hurrow/core/range';
import { useRead, useWrite } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { AppLink, Loaded, Nothing, PageHead, ProblemNote, TaxonName } from '../parts/index.ts';
import { SpeciesNav } from '../species/index.ts';
import { GroundPart } from './GroundPart.tsx';
import { Occurrences } from './Occurrences.tsx';
import { PresencePatterns } from './presenceInk.tsx';
import { PresenceKey, RangeMap } from './RangeMap.tsx';
import type { MapPoint } from './RangeMap.tsx';
import { RegionEditor } from './RegionEditor.tsx';
import { RegionLists } from './RegionLists.tsx';
import { nameOfRegion } from './regionNames.ts';
import { useCounties, useStates } from './useAtlas.ts';
import './range.css';

const KIND = { accepted: 'accepted', rejected: 'rejected', unsure: 'undecided' } as const;

const pointsOf = (detail: RangeDetail, found: readonly OccurrenceRow[]): readonly MapPoint[] => [
  ...found.map((o): MapPoint => ({
    key: o.occurrenceID,
    lat: o.decimalLatitude,
    lon: o.decimalLongitude,
    kind: KIND[o.verdict ?? 'unsure'],
    label: o.locality,
  })),
  ...detail.trees.map((t): MapPoint => ({ key: t.tag, ...t, kind: 'tree', label: `Tree ${t.tag}` })),
];

function Range({ detail }: { detail: RangeDetail }) {
  const mayTeach = useMayTeach();
  const states = useStates();
  const save = useWrite('rangeChange');
  const [draft, setDraft] = useState<ReadonlyMap<string, Presence> | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [found, setFound] = useState<readonly OccurrenceRow[]>(detail.occurrences);
  const kept = useMemo(() => new Map(detail.records.map((r) => [r.region, r.presence])), [detail.records]);
  const records = draft ?? kept;
  const focus = chosen?.startsWith('US-') ? stateOf(chosen) : null;
  const counties = useCounties(focus, [...records.keys()].filter(isCounty));
  const names = {
    ...detail.counties,
    ...Object.fromEntries(counties.map((c) => [c.code, c.name])),
  };
  const set = (code: string, presence: Presence | null): void => {
    const next = new Map(records);
    if (presence === null) next.delete(code);
    else next.set(code, presence);
    setDraft(next);
  };
  const changed = [...new Set([...records.keys(), ...kept.keys()])].filter(
    (c) => records.get(c) !== kept.get(c),
  ).length;
  const write = async (): Promise<void> => {
    const source = new Map(detail.records.map((r) => [r.region, r]));
    await save.mutateAsync({
      params: { id: detail.taxon.id },
      version: detail.version,
      body: {
        records: [...records].map(([region, presence]) => ({
          region,
          presence,
          source: source.get(region)?.presence === presence ? (source.get(region)?.source ?? null) : null,
        })),
      },
    });
    setDraft(null);
  };
  return (
    <>
      {changed > 0 ? (
        <div className="unsaved" role="status">
          <b>
            {changed} region{changed === 1 ? '' : 's'} changed, not saved yet.
          </b>
          <Button type="primary" loading={save.isPending} onClick={() => void write().catch(() => undefined)}>
            Save the range
          </Button>
          <Button onClick={() => setDraft(null)}>Cancel</Button>
        </div>
      ) : null}
      <ProblemNote error={save.error} />
      <div className="range-columns">
        <div className="panel range-sheet">
          <PresencePatterns />
          {states ? (
            <RangeMap
              states={states}
              counties={counties}
              records={records}
              areas={detail.areas}
              points={pointsOf(detail, found)}
              chosen={chosen}
              focus={focus}
              label={`Map of where ${detail.taxon.scientific} grows`}
              onChoose={setChosen}
            />
          ) : (
            <p className="quiet" role="status">
              Drawing the map…
            </p>
          )}
          <PresenceKey />
        </div>
        <div>
          <RegionEditor
            chosen={chosen}
            records={records}
            counties={counties}
            names={names}
            mayTeach={mayTeach}
            onChoose={setChosen}
            onSet={set}
          />
          <GroundPart id={detail.taxon.id} />
          <RegionLists records={records} names={names} onChoose={setChosen} />
        </div>
      </div>
      {detail.challenges.length > 0 ? (
        <section className="panel" aria-label="Trees that challenge the range">
          <h2>Trees that challenge the range</h2>
          <p className="quiet">
            Each stands where nothing here says it grows. The name, the place or the map is wrong, or it was
            planted.
          </p>
          <ul className="plain-list">
            {detail.challenges.map((c) => (
              <li key={c.tree}>
                <b className="number">{c.tag}</b> at {c.where}, {c.regionName}:{' '}
                {c.kind === 'outside' ? 'outside the range' : 'the species is only planted there'}
                {c.planted ? ', and the tree is planted' : ''}.{' '}
                {mayTeach ? (
                  <Button
                    size="small"
                    onClick={() => {
                      set(c.region, c.offer);
                      setChosen(c.region);
                    }}
                  >
                    Record {nameOfRegion(c.region, names)} as {c.offer}
                  </Button>
                ) : null}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <Occurrences
        detail={detail}
        mayTeach={mayTeach}
        onFound={setFound}
        onRecord={(region) => {
          set(region, 'rare');
          setChosen(region);
        }}
      />
    </>
  );
}

/** Where a species grows: the map, region by region, and what challenges it. */
export function RangePage() {
  const species = useRead('species');
  const [search, setSearch] = useSearchParams();
  const id = search.get('of') ?? species.data?.[0]?.id ?? '';
  const detail = useRead('range', { id }, id !== '');
  const chosen = species.data?.find((s) => s.id === id);
  return (
    <>
      <SpeciesNav />
      <PageHead
        title={
          chosen ? (
            <>
              Where <TaxonName taxon={chosen} /> grows
            </>
          ) : (
            'Range'
          )
        }
        name="Range"
        about={
          chosen ? (
            <>
              By state, province and county; a county says more than its state.{' '}
              <AppLink to={`/species/${chosen.id}`}>The whole profile</AppLink>
            </>
          ) : (
            'By state, province and county.'
          )
        }
        actions={
          <label className="condition range-of">
            <span className="condition-label">Species</span>
            <Select
              showSearch={{ optionFilterProp: 'label' }}
              aria-label="Species"
              variant="borderless"
              value={id === '' ? null : id}
              onChange={(of: string) =>
                setSearch((before) => {
                  const next = new URLSearchParams(before);
                  next.set('of', of);
                  return next;
                })
              }
              options={(species.data ?? []).map((s) => ({
                value: s.id,
                label: `${s.scientific}${s.common ? `, ${s.common}` : ''}`,
              }))}
            />
          </label>
        }
      />
      {species.data?.length === 0 ? (
        <Nothing title="No species yet">Paste a list under Classes; its species stand here.</Nothing>
      ) : (
        <Loaded query={detail}>{(d) => <Range key={d.taxon.id} detail={d} />}</Loaded>
      )}
    </>
  );
}
