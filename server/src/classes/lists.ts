import { v7 } from 'uuid';
import type {
  ListBody,
  ListDetail,
  ListLibrary,
  ListSummary,
  PreviewLine,
  TaxonHeader,
} from '@hurrow/contract';
import { normalise, parseNameList, recognise } from '@hurrow/core/names';
import type { Recognised } from '@hurrow/core/names';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, notFound } from '../http/index.ts';
import type { Account, Call, Reply } from '../http/index.ts';
import { HEADER, asHeader, readHeaders, readLibrary, readNameIndex } from '../library/index.ts';
import type { HeaderRow } from '../library/index.ts';

export async function readLists(call: Call<Account>): Promise<readonly ListSummary[]> {
  return call.app.db.query<ListSummary>(
    `select l.id, l.name, (select count(*) from list_member m where m.ws = l.ws and m.list = l.id)::integer as size
     from list l where l.ws = $1 order by lower(l.name)`,
    [call.who.ws],
  );
}

async function needList(sql: Sql, ws: string, id: string): Promise<{ id: string; name: string }> {
  const list = await maybe<{ id: string; name: string }>(
    sql,
    'select id, name from list where ws = $1 and id = $2',
    [ws, id],
  );
  if (!list) throw notFound('There is no such list.', { remedy: 'Choose one under Classes.' });
  return list;
}

type MemberRow = HeaderRow & { week: number | null; label: string | null; own: number };

export async function readList(call: Call<Account>): Promise<ListDetail> {
  const { ws } = call.who;
  const list = await needList(call.app.db, ws, idParam(call, 'id'));
  const rows = await call.app.db.query<MemberRow>(
    `select ${HEADER}, m.week, m.label,
       (select count(distinct st.character) from statement st where st.ws = t.ws and st.taxon = t.id and st.retracted_at is null)::integer as own
     from list_member m join taxon t on t.ws = m.ws and t.id = m.taxon
     where m.ws = $1 and m.list = $2 order by m.week nulls last, m.ord`,
    [ws, list.id],
  );
  return {
    ...list,
    members: rows.map((r) => ({ ...asHeader(r), week: r.week, label: r.label, own: r.own })),
  };
}

export async function readListLibrary(call: Call<Account>): Promise<ListLibrary> {
  const detail = await readList(call);
  const { rows: _rows, ...data } = await readLibrary(
    call.app.db,
    call.who.ws,
    detail.members.map((m) => m.id),
  );
  return {
    data,
    members: detail.members.map(({ id, rank, scientific, authority, common }) => ({
      id,
      rank,
      scientific,
      authority,
      common,
    })),
  };
}

function asFound(r: Recognised, headers: ReadonlyMap<string, TaxonHeader>): PreviewLine['found'] {
  if (r.kind === 'new') return r;
  if (r.kind === 'shared') {
    return { kind: 'shared', by: r.by, taxa: r.taxa.flatMap((t) => headers.get(t) ?? []) };
  }
  const taxon = headers.get(r.taxon);
  return taxon ? { kind: r.kind, by: r.by, taxon } : { kind: 'new' };
}

export async function previewList(call: Call<Account>): Promise<Reply> {
  const { text } = call.body as { text: string };
  const parsed = parseNameList(text);
  if (!parsed.ok) {
    throw invalid(parsed.problem.message, { field: 'text', remedy: parsed.problem.remedy });
  }
  const { db } = call.app;
  const index = await readNameIndex(db, call.who.ws);
  const found = parsed.value.map((line) => ({ line, recognised: recognise(line.name, index) }));
  const ids = found.flatMap(({ recognised: r }) =>
    r.kind === 'shared' ? [...r.taxa] : r.kind === 'new' ? [] : [r.taxon],
  );
  const headers = await readHeaders(db, call.who.ws, [...new Set(ids)]);
  const lines: PreviewLine[] = found.map(({ line, recognised }) => ({
    line: line.line,
    name: line.name,
    week: line.week,
    label: line.label,
    found: asFound(recognised, headers),
  }));
  return { body: lines };
}

const BINOMIAL = /^[A-Z][a-z-]+ (?:[x×] )?[a-z-]+(?: (?:subsp|var)\. [a-z-]+)?$/;

/** A name the library does not know becomes a draft taxon with nothing recorded. */
async function draftTaxon(tx: Sql, ws: string, text: string): Promise<string> {
  const id = v7();
  const words = text.split(' ');
  const latin = BINOMIAL.test(text);
  await insertRows(tx, 'taxon', [
    {
      ws,
      id,
      rank: words.includes('subsp.') || words.includes('var.') ? 'infraspecies' : 'species',
      genus: latin ? words[0] : null,
      hybrid_mark: text.includes('×'),
      epithet: latin ? words[1] : null,
      status: 'draft',
      version: 1,
    },
  ]);
  const name = { ws, taxon: id, text, folded: normalise(text), preferred: true };
  await insertRows(tx, 'name', [
    { ...name, id: v7(), kind: 'accepted' },
    ...(latin ? [] : [{ ...name, id: v7(), kind: 'common' }]),
  ]);
  return id;
}

async function memberTaxon(
  tx: Sql,
  ws: string,
  m: ListBody['members'][number],
  index: number,
): Promise<string> {
  if (m.taxon !== undefined) {
    if (await maybe(tx, 'select 1 from taxon where ws = $1 and id = $2', [ws, m.taxon])) return m.taxon;
    throw invalid('There is no such taxon.', {
      field: `members.${index}.taxon`,
      remedy: 'Paste the list again.',
    });
  }
  const text = m.newName ?? '';
  const known = await maybe<{ taxon: string }>(
    tx,
    `select taxon from name where ws = $1 and folded = $2 and kind = 'accepted'`,
    [ws, normalise(text)],
  );
  return known?.taxon ?? draftTaxon(tx, ws, text);
}

export async function createList(call: Call<Account>): Promise<Reply> {
  const body = call.body as ListBody;
  const { ws } = call.who;
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    await insertRows(tx, 'list', [{ ws, id, name: body.name, version: 1 }]);
    const seen = new Map<string, number>();
    const rows: Record<string, unknown>[] = [];
    for (const [i, m] of body.members.entries()) {
      const taxon = await memberTaxon(tx, ws, m, i);
      const before = seen.get(taxon);
      if (before !== undefined) {
        throw conflict(`Lines ${before + 1} and ${i + 1} are one species.`, {
          field: `members.${i}`,
          remedy: 'Keep one of the two.',
        });
      }
      seen.set(taxon, i);
      rows.push({ ws, list: id, taxon, week: m.week ?? null, label: m.label || null, ord: i });
    }
    await insertRows(tx, 'list_member', rows);
  });
  return { status: 201, body: { id, name: body.name, size: body.members.length } };
}
