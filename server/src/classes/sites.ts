import { v7 } from 'uuid';
import type { Site } from '@hurrow/contract';
import type { ShiftRates } from '@hurrow/core/conditions';
import { insertRows } from '../db/index.ts';
import { conflict, idParam, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import { ratesOf } from '../library/index.ts';

export interface SiteRow {
  id: string;
  name: string;
  lat: number;
  lon: number;
  elev_m: number;
  tz?: string;
  shift?: Partial<ShiftRates>;
}
export const asSite = (r: SiteRow): Site => ({
  id: r.id,
  name: r.name,
  lat: r.lat,
  lon: r.lon,
  elevM: r.elev_m,
  ...(r.tz === undefined ? {} : { tz: r.tz }),
  ...(r.shift === undefined ? {} : { rates: ratesOf(r.shift) }),
});

/** A site as a json object, for a query over `site si`. */
export const SITE = `jsonb_build_object('id', si.id, 'name', si.name, 'lat', si.lat, 'lon', si.lon, 'elev_m', si.elev_m, 'tz', si.tz, 'shift', si.shift)`;

export async function readSites(call: Call<Account>): Promise<readonly Site[]> {
  const rows = await call.app.db.query<SiteRow>(
    'select id, name, lat, lon, elev_m, tz, shift from site where ws = $1 order by lower(name)',
    [call.who.ws],
  );
  return rows.map(asSite);
}

export async function createSite(call: CallOf<'siteCreate'>): Promise<ReplyOf<'siteCreate'>> {
  const { name, lat, lon, elevM, tz, rates = {} } = call.body;
  const id = v7();
  await call.app.db.transaction((tx) =>
    insertRows(tx, 'site', [{ ws: call.who.ws, id, name, lat, lon, elev_m: elevM, tz, shift: rates }]),
  );
  return { status: 201, body: asSite({ id, name, lat, lon, elev_m: elevM, tz, shift: rates }) };
}

/** Changes where a site lies and how strongly seasons shift there. */
export async function changeSite(call: CallOf<'siteChange'>): Promise<ReplyOf<'siteChange'>> {
  const { name, lat, lon, elevM, tz, rates = {} } = call.body;
  const id = idParam(call, 'id');
  const rows = await call.app.db.query(
    `update site set name = $3, lat = $4, lon = $5, elev_m = $6, tz = $7, shift = $8::jsonb
     where ws = $1 and id = $2 returning id`,
    [call.who.ws, id, name, lat, lon, elevM, tz, JSON.stringify(rates)],
  );
  if (rows.length === 0) throw notFound('There is no such site.', { remedy: 'Choose one of the sites.' });
  return { body: asSite({ id, name, lat, lon, elev_m: elevM, tz, shift: rates }) };
}

/** Deletes a site that no tree, class or sighting is at. */
export async function removeSite(call: CallOf<'siteRemove'>): Promise<ReplyOf<'siteRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const users = await tx.query<{ what: string }>(
      `select name as what from section where ws = $1 and site = $2
       union all select 'tree ' || tag from tree where ws = $1 and site = $2
       union all select 'what was seen on ' || on_date::text from sighting where ws = $1 and site = $2
       union all select 'trail ' || name from trail where ws = $1 and site = $2 limit 4`,
      [ws, id],
    );
    if (users.length > 0) {
      throw conflict(`This site is in use: ${users.map((u) => u.what).join(', ')}.`, {
        remedy: 'Move those to another site first.',
      });
    }
    const gone = await tx.query('delete from site where ws = $1 and id = $2 returning id', [ws, id]);
    if (gone.length === 0) throw notFound('This site was deleted.', { remedy: 'Nothing else is needed.' });
  });
  return { status: 204 };
}
