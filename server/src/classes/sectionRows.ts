import type { Section } from '@hurrow/contract';
import { SEES_SECTION } from '../access/index.ts';
import { maybe, written } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { notFound } from '../http/index.ts';
import type { Account } from '../http/index.ts';
import { SITE, asSite } from './sites.ts';
import type { SiteRow } from './sites.ts';

interface Row {
  id: string;
  name: string;
  term: string;
  level: NonNullable<Section['level']>;
  list: string;
  list_name: string;
  site: SiteRow;
  students: { id: string; code: string; firstName: string | null; schoolId: string | null }[] | null;
  starts_on: string | null;
  archived: boolean;
  version: number;
}

/** The sections an account may see, with today's roster. */
export async function readSections(sql: Sql, who: Pick<Account, 'ws' | 'id'>): Promise<readonly Section[]> {
  const rows = await sql.query<Row>(
    `select s.id, s.name, s.term, s.level, s.list, l.name as list_name, ${SITE} as site, s.starts_on, s.archived_at is not null as archived, s.version,
       (select jsonb_agg(jsonb_build_object('id', st.id, 'code', st.code, 'firstName', st.first_name, 'schoolId', st.school_id) order by length(st.code), st.code)
        from enrolment e join student st on st.ws = e.ws and st.id = e.student
        where e.ws = s.ws and e.section = s.id and e.to_on is null) as students
     from section s join list l on l.ws = s.ws and l.id = s.list join site si on si.ws = s.ws and si.id = s.site
     where s.ws = $1 and ${SEES_SECTION('s.id')} order by s.archived_at is not null, lower(s.name)`,
    [who.ws, who.id],
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
    startsOn: r.starts_on,
    archived: r.archived,
    version: r.version,
  }));
}

/** One section with its roster, which the caller knows to be there. */
export const readSection = async (sql: Sql, who: Pick<Account, 'ws' | 'id'>, id: string): Promise<Section> =>
  written((await readSections(sql, who)).find((s) => s.id === id));

/** Locks a section the account may see. @throws where it is not there. */
export async function needSection(tx: Sql, who: Pick<Account, 'ws' | 'id'>, id: string): Promise<void> {
  const row = await maybe(
    tx,
    `select 1 from section s where s.ws = $1 and s.id = $3 and ${SEES_SECTION('s.id')} for update of s`,
    [who.ws, who.id, id],
  );
  if (!row) throw notFound('This class was deleted.', { remedy: 'Choose one under Classes.' });
}
