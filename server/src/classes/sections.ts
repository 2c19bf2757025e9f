import { v7 } from 'uuid';
import type { Section, Site } from '@hurrow/contract';
import type { ShiftRates } from '@hurrow/core/conditions';
import { SEES_SECTION } from '../access/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { insertRows, maybe, written } from '../db/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
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

interface Row {
  id: string;
  name: string;
  term: string;
  level: NonNullable<Section['level']>;
  list: string;
  list_name: string;
  site: SiteRow;
  students: { id: string; code: string; firstName: string | null }[] | null;
}

/** The sections an account may see, with today's roster. */
export async function readSections(call: Call<Account>): Promise<readonly Section[]> {
  const rows = await call.app.db.query<Row>(
    `select s.id, s.name, s.term, s.level, s.list, l.name as list_name, ${SITE} as site,
       (select jsonb_agg(jsonb_build_object('id', st.id, 'code', st.code, 'firstName', st.first_name) order by length(st.code), st.code)
        from enrolment e join student st on st.ws = e.ws and st.id = e.student
        where e.ws = s.ws and e.section = s.id and e.to_on is null) as students
     from section s join list l on l.ws = s.ws and l.id = s.list join site si on si.ws = s.ws and si.id = s.site
     where s.ws = $1 and ${SEES_SECTION('s.id')} order by lower(s.name)`,
    [call.who.ws, call.who.id],
  );
  return rows.map((r) => ({
    id: r.id,
    name: r.name,
    term: r.term,
    level: r.level,
    list: r.list,
    listName: r.list_name,
    site: asSite(r.site),
    students: r.students ?? [],
  }));
}

export async function createSection(call: CallOf<'sectionCreate'>): Promise<ReplyOf<'sectionCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const codes = body.students.map((s) => s.code.toLowerCase());
  const twice = codes.findIndex((c, i) => codes.indexOf(c) < i);
  if (twice >= 0) {
    throw conflict(`The student number ${body.students[twice]?.code ?? ''} is given twice.`, {
      field: `students.${twice}.code`,
      remedy: 'Give each student a different number.',
    });
  }
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    if (!(await maybe(tx, 'select 1 from list where ws = $1 and id = $2', [ws, body.list]))) {
      throw invalid('There is no such list.', { field: 'list', remedy: 'Make the list first.' });
    }
    if (!(await maybe(tx, 'select 1 from site where ws = $1 and id = $2', [ws, body.site]))) {
      throw invalid('There is no such site.', { field: 'site', remedy: 'Add the site first.' });
    }
    const workspace = await readWorkspace(tx, call.app.clock());
    const { name, term, list, site, level } = body;
    await insertRows(tx, 'section', [
      { ws, id, name, term, list, site, level, starts_on: workspace?.today ?? null },
    ]);
    await insertRows(tx, 'section_account', [{ ws, section: id, account: call.who.id }]);
    const students = body.students.map((s) => ({
      ws,
      id: v7(),
      code: s.code,
      first_name: s.firstName || null,
    }));
    await insertRows(tx, 'student', students);
    await insertRows(
      tx,
      'enrolment',
      students.map((s) => ({ ws, section: id, student: s.id, from_on: workspace?.today })),
    );
  });
  const made = written((await readSections(call)).find((s) => s.id === id));
  return { status: 201, body: made };
}

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
