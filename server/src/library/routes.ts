import type { SpeciesProfile, SpeciesRow, Source } from '@hurrow/contract';
import { lineage } from '@hurrow/core/characters';
import type { Sql } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { Account, Call, StaffHandlers } from '../http/index.ts';
import { readLibrary } from './described.ts';
import { changeStatement, createStatement, retractStatement } from './statements.ts';
import { HEADER, asHeader, readCautions, readHeaders, readNames } from './taxa.ts';
import type { HeaderRow } from './taxa.ts';
import { readVocabulary } from './vocabulary.ts';

type Row = HeaderRow & {
  status: 'draft' | 'checked';
  own: number;
  lists: string[] | null;
  cautions: string[] | null;
};

async function speciesRows(sql: Sql, ws: string): Promise<readonly SpeciesRow[]> {
  const rows = await sql.query<Row & { family: string | null }>(
    `with recursive up (id, above) as (
       select id, id from taxon where ws = $1 and rank in ('species', 'infraspecies', 'cultivar', 'hybrid')
       union
       select up.id, p.parent from up join taxon_parent p on p.ws = $1 and p.child = up.above and p.kind <> 'hybrid_parent'),
     family as (
       select up.id, min(n.text) as family from up
       join taxon f on f.ws = $1 and f.id = up.above and f.rank = 'family'
       join name n on n.ws = $1 and n.taxon = f.id and n.kind = 'accepted' group by up.id)
     select ${HEADER}, t.status, family.family,
       (select count(distinct st.character) from statement st where st.ws = t.ws and st.taxon = t.id and st.retracted_at is null) as own,
       (select jsonb_agg(l.name order by l.name) from list_member m join list l on l.ws = m.ws and l.id = m.list where m.ws = t.ws and m.taxon = t.id) as lists,
       (select jsonb_agg(distinct c.hazard) from caution c where c.ws = t.ws and c.taxon = t.id) as cautions
     from taxon t left join family on family.id = t.id
     where t.ws = $1 and t.rank in ('species', 'infraspecies', 'cultivar', 'hybrid')`,
    [ws],
  );
  return rows
    .map((r) => ({
      ...asHeader(r),
      family: r.family,
      own: r.own,
      lists: r.lists ?? [],
      cautions: r.cautions ?? [],
      status: r.status,
    }))
    .sort((a, b) => a.scientific.localeCompare(b.scientific, 'en'));
}

async function profile(call: Call<Account>): Promise<SpeciesProfile> {
  const { ws } = call.who;
  const { db } = call.app;
  const id = idParam(call, 'id');
  const header = (await readHeaders(db, ws, [id])).get(id);
  if (!header) throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
  const data = await readLibrary(db, ws, [id]);
  const above = await readHeaders(
    db,
    ws,
    data.taxa.map((t) => t.id),
  );
  const order = lineage(new Map(data.taxa.map((t) => [t.id, t])), id).flat();
  const [names, prose, cautions, range, sources] = [
    await readNames(db, ws, id),
    await db.query<{ topic: string; text: string }>(
      'select topic, text from prose where ws = $1 and taxon = $2 order by topic',
      [ws, id],
    ),
    await readCautions(db, ws, [id]),
    await db.query<{ region: string; presence: string }>(
      'select region, presence from range_record where ws = $1 and taxon = $2 order by region',
      [ws, id],
    ),
    await db.query<Source>(
      'select id, kind, citation, rank from source where ws = $1 order by rank, citation',
      [ws],
    ),
  ];
  return {
    header,
    names,
    above: order.slice(1).flatMap((t) => above.get(t) ?? []),
    prose,
    cautions: cautions.get(id) ?? [],
    range,
    statements: data.rows,
    windows: data.windows,
    taxa: data.taxa,
    sources,
    policy: data.policy,
  };
}

export const libraryHandlers: StaffHandlers = {
  vocabulary: async (call) => ({ body: await readVocabulary(call.app.db, call.who.ws) }),
  species: async (call) => ({ body: await speciesRows(call.app.db, call.who.ws) }),
  profile: async (call) => ({ body: await profile(call) }),
  statementCreate: createStatement,
  statementChange: changeStatement,
  statementRetract: retractStatement,
};
