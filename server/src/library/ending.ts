import type { SpeciesMerged } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { normalise } from '@hurrow/core/names';
import { v7 } from 'uuid';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';

interface Ending {
  readonly version: number;
  readonly scientific: string;
}

async function needTaxon(tx: Sql, ws: string, id: string): Promise<Ending> {
  const row = await maybe<Ending>(
    tx,
    `select t.version, (select n.text from name n where n.ws = t.ws and n.taxon = t.id and n.kind = 'accepted') as scientific
     from taxon t where t.ws = $1 and t.id = $2 for update of t`,
    [ws, id],
  );
  if (!row) throw notFound('This species was deleted.', { remedy: 'Choose one under Species.' });
  return row;
}

/** Where a taxon is part of a locked key or of grades: these are never rewritten. */
const GRADED = `
  select q.name from station_key k join sitting s on s.ws = k.ws and s.id = k.sitting
    join quiz q on q.ws = s.ws and q.id = s.quiz where k.ws = $1 and k.taxon = $2
  union select q.name from sitting_taxon k join sitting s on s.ws = k.ws and s.id = k.sitting
    join quiz q on q.ws = s.ws and q.id = s.quiz where k.ws = $1 and k.taxon = $2
  union select q.name from grade g join grading_run r on r.ws = g.ws and r.id = g.run
    join sitting s on s.ws = r.ws and s.id = r.sitting join quiz q on q.ws = s.ws and q.id = s.quiz
    where g.ws = $1 and g.taxon = $2`;

/** Where else a taxon is used, in the words of the screens. */
const USED = `
  select 'the list ' || l.name as name from list_member m join list l on l.ws = m.ws and l.id = m.list where m.ws = $1 and m.taxon = $2
  union select 'tree ' || tr.tag from determination d join tree tr on tr.ws = d.ws and tr.individual = d.individual where d.ws = $1 and d.taxon = $2
  union select 'its subgroup ' || n.text from taxon_parent p join name n on n.ws = p.ws and n.taxon = p.child and n.kind = 'accepted' where p.ws = $1 and p.parent = $2
  union select 'what was seen on ' || s.on_date::text from sighting s where s.ws = $1 and s.taxon = $2
  union select 'a decision about the name ' || r.folded from name_ruling r where r.ws = $1 and r.taxon = $2
  union select 'a look-alike pair' from pair_note p where p.ws = $1 and (p.a = $2 or p.b = $2)
  union select 'the rule ' || coalesce(r.note, 'without a note') from rule r where r.ws = $1 and (r.who::text || r.whenn::text || r.thenn::text) like '%' || $2::text || '%'`;

const names = (rows: readonly { readonly name: string }[]): string =>
  rows.length > 4
    ? `${rows
        .slice(0, 4)
        .map((r) => r.name)
        .join(', ')} and ${rows.length - 4} more`
    : rows.map((r) => r.name).join(', ');

async function refuseGraded(tx: Sql, ws: string, id: string, scientific: string): Promise<void> {
  const graded = await tx.query<{ name: string }>(GRADED, [ws, id]);
  if (graded.length === 0) return;
  throw conflict(`${scientific} is part of quizzes whose key is locked: ${names(graded)}.`, {
    remedy: 'Keep it; its grades stay as they are. Take it off the lists instead.',
  });
}

/** Tables with what is recorded of a taxon alone, which goes with it. */
const OWN = [
  'week_page',
  'caution',
  'prose',
  'season_window',
  'question_settled',
  'range_area',
  'range_record',
  'occurrence',
  'photo',
  'plate_spec',
  'record_tree',
  'statement',
] as const;

async function dropTaxon(tx: Sql, ws: string, id: string): Promise<void> {
  await tx.query(
    'delete from name_root_of where ws = $1 and name in (select id from name where ws = $1 and taxon = $2)',
    [ws, id],
  );
  for (const table of [...OWN, 'name'])
    await tx.query(`delete from ${table} where ws = $1 and taxon = $2`, [ws, id]);
  await tx.query('delete from taxon_parent where ws = $1 and child = $2', [ws, id]);
  await tx.query('delete from taxon where ws = $1 and id = $2', [ws, id]);
}

/** Deletes a taxon that no list, tree, quiz, rule or pair uses, with what is recorded of it. */
export async function removeSpecies(call: CallOf<'speciesRemove'>): Promise<ReplyOf<'speciesRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const taxon = await needTaxon(tx, ws, id);
    needVersion(call, taxon.version, { version: taxon.version });
    await refuseGraded(tx, ws, id, taxon.scientific);
    const used = await tx.query<{ name: string }>(USED, [ws, id]);
    if (used.length > 0) {
      throw conflict(`${taxon.scientific} is in use: ${names(used)}.`, {
        remedy: 'Remove it there first, or merge it into another species.',
      });
    }
    await dropTaxon(tx, ws, id);
  });
  return { status: 204 };
}

/** Names of the one that ends go on as names of the other: its accepted name as a synonym. */
async function moveNames(tx: Sql, ws: string, from: string, to: string): Promise<void> {
  const had = new Set(
    (
      await tx.query<{ key: string }>(
        `select kind || '/' || folded as key from name where ws = $1 and taxon = $2`,
        [ws, to],
      )
    ).map((r) => r.key),
  );
  const accepted = await tx.query<{ folded: string }>(
    `select folded from name where ws = $1 and taxon = $2 and kind = 'accepted'`,
    [ws, to],
  );
  const rows = await tx.query<{ kind: string; text: string }>(
    'select kind, text from name where ws = $1 and taxon = $2 order by kind, preferred desc',
    [ws, from],
  );
  const kept = rows.flatMap((r) => {
    const kind =
      r.kind === 'accepted' ? (/^[A-Z][a-z-]+ [×a-z]/.test(r.text) ? 'synonym' : 'common') : r.kind;
    const folded = normalise(r.text);
    const key = `${kind}/${folded}`;
    if (had.has(key) || accepted.some((a) => a.folded === folded)) return [];
    had.add(key);
    return [{ ws, id: v7(), taxon: to, kind, text: r.text, folded, preferred: false }];
  });
  await insertRows(tx, 'name', kept);
}

/** Entries move; where the other has one of the same source, character and stage of life, the moved one ends. */
async function moveEntries(
  tx: Sql,
  ws: string,
  from: string,
  to: string,
  at: string,
): Promise<SpeciesMerged> {
  const ended = await tx.query(
    `update statement s set taxon = $3, retracted_at = $4, version = s.version + 1
     where s.ws = $1 and s.taxon = $2 and s.retracted_at is null and exists (
       select 1 from statement o where o.ws = s.ws and o.taxon = $3 and o.character = s.character and o.retracted_at is null
         and o.source is not distinct from s.source and o.life is not distinct from s.life and coalesce(o.note, '') = coalesce(s.note, ''))
     returning s.id`,
    [ws, from, to, at],
  );
  const moved = await tx.query(
    `update statement set taxon = $3, version = version + 1 where ws = $1 and taxon = $2 and retracted_at is null returning id`,
    [ws, from, to],
  );
  await tx.query('update statement set taxon = $3 where ws = $1 and taxon = $2', [ws, from, to]);
  return { moved: moved.length, ended: ended.length };
}

/** What a taxon has once is taken over only where the other has nothing there. */
async function moveRest(tx: Sql, ws: string, from: string, to: string): Promise<void> {
  for (const table of OWN.filter((t) => t !== 'statement')) {
    await tx.query(
      `update ${table} set taxon = $3 where ws = $1 and taxon = $2
       and not exists (select 1 from ${table} o where o.ws = $1 and o.taxon = $3)`,
      [ws, from, to],
    );
  }
  for (const table of ['determination', 'sighting', 'name_ruling', 'station'])
    await tx.query(`update ${table} set taxon = $3 where ws = $1 and taxon = $2`, [ws, from, to]);
  await tx.query(
    `update list_member m set taxon = $3 where m.ws = $1 and m.taxon = $2
     and not exists (select 1 from list_member o where o.ws = m.ws and o.list = m.list and o.taxon = $3)`,
    [ws, from, to],
  );
  await tx.query('delete from list_member where ws = $1 and taxon = $2', [ws, from]);
  await tx.query(
    `update taxon_parent p set parent = $3 where p.ws = $1 and p.parent = $2 and p.child <> $3
     and not exists (select 1 from taxon_parent o where o.ws = p.ws and o.child = p.child and o.parent = $3)`,
    [ws, from, to],
  );
  await tx.query('delete from taxon_parent where ws = $1 and parent = $2', [ws, from]);
  await tx.query('delete from pair_note where ws = $1 and (a = $2 or b = $2)', [ws, from]);
  await tx.query(
    `update rule set who = replace(who::text, $2::text, $3::text)::jsonb, whenn = replace(whenn::text, $2::text, $3::text)::jsonb,
       thenn = replace(thenn::text, $2::text, $3::text)::jsonb where ws = $1`,
    [ws, from, to],
  );
}

/**
 * Merges a taxon into another one: names, entries, list places, trees and decisions go on there, and the first one ends.
 * Taxa in locked keys or grades are refused, since those are never rewritten.
 */
export async function mergeSpecies(call: CallOf<'speciesMerge'>): Promise<ReplyOf<'speciesMerge'>> {
  const { into } = call.body;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const body = await call.app.db.transaction(async (tx) => {
    const taxon = await needTaxon(tx, ws, id);
    needVersion(call, taxon.version, { version: taxon.version });
    if (into === id) {
      throw invalid('A species cannot be merged into itself.', {
        field: 'into',
        remedy: 'Choose another species.',
      });
    }
    await needTaxon(tx, ws, into);
    await refuseGraded(tx, ws, id, taxon.scientific);
    if (await isAbove(tx, ws, id, into)) {
      throw invalid(`${taxon.scientific} contains the other one, so it cannot be merged into it.`, {
        field: 'into',
        remedy: 'Merge the other one into this, or change its place first.',
      });
    }
    const merged = await moveEntries(tx, ws, id, into, call.app.clock().toISOString());
    await moveRest(tx, ws, id, into);
    await moveNames(tx, ws, id, into);
    await dropTaxon(tx, ws, id);
    await tx.query('update taxon set version = version + 1 where ws = $1 and id = $2', [ws, into]);
    return merged;
  });
  return { body };
}

/** Whether a taxon stands above another one, however far. */
async function isAbove(tx: Sql, ws: string, above: string, below: string): Promise<boolean> {
  const row = await maybe(
    tx,
    `with recursive up as (
       select parent from taxon_parent where ws = $1 and child = $3
       union select p.parent from taxon_parent p join up on p.child = up.parent where p.ws = $1)
     select 1 from up where parent = $2`,
    [ws, above, below],
  );
  return row !== null;
}
