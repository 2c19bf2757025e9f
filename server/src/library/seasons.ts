import { v7 } from 'uuid';
import type { SeasonRow, Sighting, Site } from '@hurrow/contract';
import { HOPKINS, dayOfYear, isDate, showDay } from '@hurrow/core/conditions';
import type { ShiftRates, WindowKind } from '@hurrow/core/conditions';
import type { SitePlace } from '@hurrow/core/tells';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, invalid, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { keptUnderStamp } from './kept.ts';

/** Season windows of one taxon as they can be edited. */
export async function readSeasons(sql: Sql, ws: string, taxon: string): Promise<readonly SeasonRow[]> {
  const rows = await sql.query<{
    id: string;
    kind: WindowKind;
    start_doy: number;
    end_doy: number;
    ref_lat: number;
    ref_lon: number;
    ref_elev: number;
    source: string | null;
  }>('select * from season_window where ws = $1 and taxon = $2 order by kind, id', [ws, taxon]);
  return rows.map((r) => ({
    id: r.id,
    kind: r.kind,
    start: r.start_doy,
    end: r.end_doy,
    ref: { lat: r.ref_lat, lon: r.ref_lon, elevM: r.ref_elev },
    source: r.source,
  }));
}

function dayOf(text: string, field: string): number {
  if (!isDate(`2024-${text}`)) {
    throw invalid(`“${text}” is no day of the year.`, {
      field,
      remedy: 'Write month and day, such as 05-20.',
    });
  }
  return dayOfYear(`2024-${text}`);
}

/** Records one window of a source; what the source said of that season before is replaced. */
export async function putSeason(call: CallOf<'seasonPut'>): Promise<ReplyOf<'seasonPut'>> {
  const { body } = call;
  const { ws } = call.who;
  const taxon = idParam(call, 'id');
  const [start, end] = [dayOf(body.from, 'from'), dayOf(body.to, 'to')];
  if (end < start && !body.crossesNewYear) {
    throw invalid(`It ends (${showDay(end)}) before it begins (${showDay(start)}).`, {
      field: 'to',
      remedy: 'Swap the two days, or say that it runs over new year.',
      offer: `${body.to} to ${body.from}`,
    });
  }
  await call.app.db.transaction(async (tx) => {
    if (!(await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2 for update', [ws, taxon]))) {
      throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
    }
    if (!(await maybe(tx, 'select 1 from source where ws = $1 and id = $2', [ws, body.source]))) {
      throw invalid('There is no such source.', { field: 'source', remedy: 'Choose one of the sources.' });
    }
    await tx.query('delete from season_window where ws = $1 and taxon = $2 and kind = $3 and source = $4', [
      ws,
      taxon,
      body.kind,
      body.source,
    ]);
    await insertRows(tx, 'season_window', [
      {
        ws,
        id: v7(),
        taxon,
        source: body.source,
        kind: body.kind,
        start_doy: start,
        end_doy: end,
        ref_lat: body.ref.lat,
        ref_lon: body.ref.lon,
        ref_elev: body.ref.elevM,
      },
    ]);
  });
  return { status: 201, body: await readSeasons(call.app.db, ws, taxon) };
}

export async function removeSeason(call: CallOf<'seasonRemove'>): Promise<ReplyOf<'seasonRemove'>> {
  const rows = await call.app.db.query('delete from season_window where ws = $1 and id = $2 returning id', [
    call.who.ws,
    idParam(call, 'id'),
  ]);
  if (rows.length === 0) throw notFound('There is no such window.', { remedy: 'Open the species again.' });
  return { status: 204 };
}

/** What was seen in season, oldest first. */
export const readSightings = (sql: Sql, ws: string): Promise<readonly Sighting[]> =>
  keptUnderStamp(sql, ws, 'sightings', () =>
    sql.query<Sighting>(
      `select id, site, taxon, kind, on_date as on, present from sighting
       where ws = $1 and taxon is not null order by on_date, id`,
      [ws],
    ),
  );

export async function createSighting(call: CallOf<'sightingCreate'>): Promise<ReplyOf<'sightingCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    for (const [table, key, field] of [
      ['site', body.site, 'site'],
      ['taxon', body.taxon, 'taxon'],
    ] as const) {
      if (await maybe(tx, `select 1 from ${table} where ws = $1 and id = $2`, [ws, key])) continue;
      throw invalid(`There is no such ${table}.`, { field, remedy: 'Choose one that stands.' });
    }
    await insertRows(tx, 'sighting', [
      {
        ws,
        id,
        site: body.site,
        taxon: body.taxon,
        kind: body.kind,
        on_date: body.on,
        present: body.present,
        by_account: call.who.id,
      },
    ]);
  });
  return { status: 201, body: { id, ...body } };
}

export async function removeSighting(call: CallOf<'sightingRemove'>): Promise<ReplyOf<'sightingRemove'>> {
  const rows = await call.app.db.query('delete from sighting where ws = $1 and id = $2 returning id', [
    call.who.ws,
    idParam(call, 'id'),
  ]);
  if (rows.length === 0) throw notFound('There is no such sighting.', { remedy: 'Open the season again.' });
  return { status: 204 };
}

/** Settings of a site over the shipped rates. */
export const ratesOf = (shift: Partial<ShiftRates>): ShiftRates => ({ ...HOPKINS, ...shift });

/** A site as seasons are shifted to it: where it lies, its rates, and what was seen there. */
export async function readSitePlace(
  sql: Sql,
  ws: string,
  site: Pick<Site, 'id' | 'lat' | 'lon' | 'elevM'>,
): Promise<SitePlace> {
  const row = await maybe<{ shift: Partial<ShiftRates> }>(
    sql,
    'select shift from site where ws = $1 and id = $2',
    [ws, site.id],
  );
  const seen = (await readSightings(sql, ws)).filter((s) => s.site === site.id);
  return {
    lat: site.lat,
    lon: site.lon,
    elevM: site.elevM,
    rates: ratesOf(row?.shift ?? {}),
    sightings: seen.map((s) => ({ taxon: s.taxon, kind: s.kind, day: dayOfYear(s.on), present: s.present })),
  };
}
