import { useState } from 'react';
import Input from 'antd/es/input';
import type { GrowingRow, Site } from '@hurrow/contract';
import { stateWords, valueWords } from '@hurrow/core/characters';
import type { Vocabulary } from '@hurrow/core/characters';
import type { Fit, Ground } from '@hurrow/core/range';
import { useRead } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { AppLink, Choose, DataTable, Loaded, Nothing, PageHead, TaxonName } from '../parts/index.ts';
import { ListPicker, SpeciesNav, useChosenList } from '../species/index.ts';
import { presenceWord } from './presenceWords.ts';
import './range.css';

const FITS: Readonly<Record<Fit, readonly [sign: string, word: string]>> = {
  fits: ['✓', 'could grow'],
  limit: ['~', 'at its limit'],
  unknown: ['?', 'not known'],
  no: ['×', 'would not'],
};

const GROUND = ['site.moisture', 'site.landform', 'site.soil_reaction', 'site.soil_texture'] as const;

function FitMark({ fit }: { fit: Fit }) {
  const [sign, word] = FITS[fit];
  return (
    <span className="fit">
      <span className="fit-sign" aria-hidden="true">
        {sign}
      </span>
      {word}
    </span>
  );
}

interface Place {
  readonly site: string;
  readonly lat: string;
  readonly lon: string;
  readonly elevation: string;
  readonly zone: string;
  readonly ground: Readonly<Record<string, string>>;
}

function useGrounds(vocabulary: Vocabulary): (g: Ground) => string {
  const { wording } = useView();
  return (g) => {
    if (g.of === 'region') return g.fit === 'unknown' ? 'not recorded' : presenceWord(g.presence ?? null);
    const c = g.character === null ? undefined : vocabulary.get(g.character);
    return c && g.value ? valueWords(c, g.value, wording) : 'not recorded';
  };
}

function Answer({ place, list, vocabulary }: { place: Place; list: string; vocabulary: Vocabulary }) {
  const words = useGrounds(vocabulary);
  const query = {
    lat: place.lat,
    lon: place.lon,
    list,
    ...(place.elevation === '' ? {} : { elevation: place.elevation }),
    ...(place.zone === '' ? {} : { zone: place.zone }),
    ground: Object.entries(place.ground)
      .filter(([, s]) => s !== '')
      .map(([c, s]) => `${c}:${s}`)
      .join(','),
  };
  const growing = useRead('growing', {}, true, query);
  const ground = (r: GrowingRow, of: Ground['of']) => r.grounds.filter((g) => g.of === of);
  const cell = (r: GrowingRow, of: Ground['of']) =>
    ground(r, of).map((g) => (
      <div key={g.character ?? 'region'}>
        <span className="fit-sign" title={FITS[g.fit][1]}>
          {FITS[g.fit][0]}
        </span>{' '}
        {words(g)}
      </div>
    ));
  const plain = (r: GrowingRow, of: Ground['of']): string => ground(r, of).map(words).join('; ');
  return (
    <Loaded query={growing}>
      {(here) => (
        <DataTable<GrowingRow>
          label="Who could grow here"
          file="could-grow"
          rows={here.rows}
          rowKey={(r) => r.taxon.id}
          tools={
            <span className="quiet">
              {here.regionName ?? 'outside the counties known: the range decides nothing'}
            </span>
          }
          plain={(r) => ({
            scientific: r.taxon.scientific,
            common: r.taxon.common,
            could_grow: FITS[r.fit][1],
            range: plain(r, 'region'),
            elevation: plain(r, 'elevation'),
            zones: plain(r, 'zone'),
            ground: plain(r, 'ground'),
          })}
          empty={<Nothing title="The list is empty">Add species to it under Classes.</Nothing>}
          columns={[
            {
              title: 'Species',
              sorter: (a, b) => a.taxon.scientific.localeCompare(b.taxon.scientific, 'en'),
              render: (_, r) => (
                <AppLink to={`/species/range?of=${r.taxon.id}`}>
                  <TaxonName taxon={r.taxon} />
                </AppLink>
              ),
            },
            { title: 'Here', width: 130, render: (_, r) => <FitMark fit={r.fit} /> },
            { title: 'Range', width: 190, render: (_, r) => cell(r, 'region') },
            { title: 'Elevation', width: 190, render: (_, r) => cell(r, 'elevation') },
            { title: 'Zones', width: 90, render: (_, r) => cell(r, 'zone') },
            { title: 'Ground', render: (_, r) => cell(r, 'ground') },
          ]}
        />
      )}
    </Loaded>
  );
}

function Asked({
  sites,
  vocabulary,
  list,
}: {
  sites: readonly Site[];
  vocabulary: Vocabulary;
  list: string;
}) {
  const { wording } = useView();
  const at = (s: Site | undefined): Omit<Place, 'ground' | 'zone'> => ({
    site: s?.id ?? '',
    lat: String(s?.lat ?? ''),
    lon: String(s?.lon ?? ''),
    elevation: String(s?.elevM ?? ''),
  });
  const [place, setPlace] = useState<Place>({ ...at(sites[0]), zone: '', ground: {} });
  const text = (key: 'lat' | 'lon' | 'elevation' | 'zone', label: string, width: number) => (
    <label className="condition">
      <span className="condition-label">{label}</span>
      <Input
        inputMode="decimal"
        style={{ width }}
        value={place[key]}
        onChange={(e) =>
          setPlace({ ...place, [key]: e.target.value, ...(key === 'zone' ? {} : { site: '' }) })
        }
      />
    </label>
  );
  return (
    <>
      <div className="growing-place" role="group" aria-label="The place">
        <label className="condition">
          <span className="condition-label">Site</span>
          <Choose
            bare
            label="Site"
            value={place.site}
            options={[
              ...(place.site === '' ? [{ value: '', label: 'another place' }] : []),
              ...sites.map((s) => ({ value: s.id, label: s.name })),
            ]}
            onChange={(v) => setPlace({ ...place, ...at(sites.find((s) => s.id === v)) })}
          />
        </label>
        {text('lat', 'Latitude', 70)}
        {text('lon', 'Longitude', 76)}
        {text('elevation', 'Elevation, m', 76)}
        {text('zone', 'Hardiness zone', 84)}
        {GROUND.flatMap((id) => {
          const c = vocabulary.get(id);
          if (!c) return [];
          return [
            <label key={id} className="condition">
              <span className="condition-label">{wording.words === 'plain' ? c.plain : c.term}</span>
              <Choose
                bare
                label={wording.words === 'plain' ? c.plain : c.term}
                value={place.ground[id] ?? ''}
                options={[
                  { value: '', label: 'any' },
                  ...c.states.map((s) => ({ value: s.id, label: stateWords(c, s.id, wording.words) })),
                ]}
                onChange={(v) => setPlace({ ...place, ground: { ...place.ground, [id]: v } })}
              />
            </label>,
          ];
        })}
      </div>
      {place.lat.trim() === '' || place.lon.trim() === '' ? (
        <Nothing title="Which place?">Choose a site, or give latitude and longitude.</Nothing>
      ) : (
        <Answer place={place} list={list} vocabulary={vocabulary} />
      )}
    </>
  );
}

/** Who could grow at a place, by range, elevation, hardiness zones and ground. */
export function GrowingPage() {
  const { lists, list, choose } = useChosenList();
  const sites = useRead('sites');
  const vocabulary = useVocabulary();
  return (
    <>
      <SpeciesNav />
      <PageHead
        title="Who could grow here"
        name="Who could grow here"
        about="By range, elevation, hardiness zones and ground. What is not known of a place or a species decides nothing."
        actions={lists && list ? <ListPicker lists={lists} chosen={list.id} onChoose={choose} /> : null}
      />
      {lists && !list ? (
        <Nothing title="No list yet">Paste a list under Classes first.</Nothing>
      ) : (
        <Loaded query={sites}>
          {(rows) =>
            vocabulary && list ? <Asked sites={rows} vocabulary={vocabulary} list={list.id} /> : null
          }
        </Loaded>
      )}
    </>
  );
}
