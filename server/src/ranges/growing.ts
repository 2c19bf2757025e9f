import type { GrowingHere } from '@hurrow/contract';
import { SPECIES_RANKS } from '@hurrow/core/names';
import { couldGrow } from '@hurrow/core/range';
import type { GrowingPlace } from '@hurrow/core/range';
import { describeTaxa } from '@hurrow/core/tells';
import { invalid } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { readHeaders, readLibrary, vocabularyToRead } from '../library/index.ts';
import { countyAt, regionWords } from './atlas.ts';
import { readRanges } from './read.ts';

const ORDER = { fits: 0, limit: 1, unknown: 2, no: 3 } as const;

/** A number of the address within bounds; null where it is not given. */
function number(call: Call<Account>, key: string, low: number, high: number): number | null {
  const given = call.query[key];
  if (given === undefined || given.trim() === '') return null;
  const value = Number(given);
  if (Number.isFinite(value) && value >= low && value <= high) return value;
  throw invalid(`“${given}” is no ${key} between ${low} and ${high}.`, {
    field: key,
    remedy: `Write a number between ${low} and ${high}.`,
  });
}

/** Every species, or those of a list, held against a place and its ground. */
export async function readGrowing(call: CallOf<'growing'>): Promise<ReplyOf<'growing'>> {
  const { ws } = call.who;
  const { db } = call.app;
  const lat = number(call, 'lat', -90, 90);
  const lon = number(call, 'lon', -180, 180);
  if (lat === null || lon === null) {
    throw invalid('The place is missing.', {
      field: 'lat',
      remedy: 'Choose a site, or give latitude and longitude.',
    });
  }
  const vocabulary = await vocabularyToRead(db, ws);
  const ground: Record<string, string> = {};
  for (const part of (call.query['ground'] ?? '').split(',').filter((p) => p !== '')) {
    const [character = '', state = ''] = part.split(':');
    const known = vocabulary.get(character);
    if (known?.organ !== 'site' || !known.states.some((s) => s.id === state))
      throw invalid(`“${part}” is no ground of a place.`, {
        field: 'ground',
        remedy: 'Choose among those listed.',
      });
    ground[character] = state;
  }
  const found = countyAt(lat, lon);
  const place: GrowingPlace = {
    lat,
    lon,
    region: found?.code ?? null,
    elevM: number(call, 'elevation', -500, 9000),
    zone: number(call, 'zone', 1, 13),
    ground,
  };
  const taxa = (
    await db.query<{ id: string }>(
      `select t.id from taxon t where t.ws = $1 and t.rank = any($3::text[])
         and ($2::text is null or exists (select 1 from list_member m where m.ws = t.ws and m.taxon = t.id and m.list::text = $2))`,
      [ws, call.query['list'] ?? null, SPECIES_RANKS],
    )
  ).map((t) => t.id);
  const headers = await readHeaders(db, ws, taxa);
  const ranges = await readRanges(db, ws);
  const described = describeTaxa(taxa, await readLibrary(db, ws, taxa), vocabulary, null);
  const rows = described.flatMap((d) => {
    const taxon = headers.get(d.id);
    const range = ranges.get(d.id);
    return taxon ? [{ taxon, ...couldGrow(place, d.values, range?.records ?? [], range?.areas ?? []) }] : [];
  });
  const body: GrowingHere = {
    region: place.region,
    regionName: place.region === null ? null : regionWords(place.region),
    rows: rows.sort(
      (a, b) => ORDER[a.fit] - ORDER[b.fit] || a.taxon.scientific.localeCompare(b.taxon.scientific, 'en'),
    ),
  };
  return { body };
}
