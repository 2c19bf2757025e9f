import { v7 } from 'uuid';
import type {
  ListBody,
  ListDetail,
  ListLibrary,
  ListSummary,
  PreviewLine,
  TaxonHeader,
} from '@hurrow/contract';
import { normalise, parseNameList } from '@hurrow/core/names';
import type { ListLine, RealTree, Recognised } from '@hurrow/core/names';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, ReplyOf } from '../http/index.ts';
import {
  HEADER,
  asHeader,
  keptUnderStamp,
  readHeaders,
  readLibrary,
  readNameIndex,
  readSightings,
  readTable,
  readCautions,
} from '../library/index.ts';
import { isHazardous } from '@hurrow/core/conditions';
import type { HeaderRow } from '../library/index.ts';
import { draftTaxon } from './draft.ts';
import { recognized } from './recognized.ts';

/** As many as a list may have. */
const MOST_MEMBERS = 2000;

export async function readLists(call: Call<Account>): Promise<readonly ListSummary[]> {
  return call.app.db.query<ListSummary>(
    `select l.id, l.name, l.version, (select count(*) from list_member m where m.ws = l.ws and m.list = l.id)::integer as size
     from list l where l.ws = $1 order by lower(l.name)`,
    [call.who.ws],
  );
}

interface ListRow {
  id: string;
  name: string;
  version: number;
}

async function needList(sql: Sql, ws: string, id: string, lock = false): Promise<ListRow> {
  const list = await maybe<ListRow>(
    sql,
    `select id, name, version from list where ws = $1 and id = $2${lock ? ' for update' : ''}`,
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
  const cautions = await readCautions(
    call.app.db,
    ws,
    rows.map((r) => r.id),
  );
  return {
    ...list,
    members: rows.map((r) => ({
      ...asHeader(r),
      week: r.week,
      label: r.label,
      own: r.own,
      hazardous: isHazardous(cautions.get(r.id) ?? []),
    })),
    sections: (
      await call.app.db.query<{ name: string }>(
        'select name from section where ws = $1 and list = $2 order by lower(name)',
        [ws, list.id],
      )
    ).map((r) => r.name),
  };
}

async function libraryOfList(call: Call<Account>): Promise<ListLibrary> {
  const detail = await readList(call);
  const { rows: _rows, ...data } = await readLibrary(
    call.app.db,
    call.who.ws,
    detail.members.map((m) => m.id),
  );
  return {
    data,
    sightings: await readSightings(call.app.db, call.who.ws),
    members: detail.members.map(({ id, rank, scientific, authority, common }) => ({
      id,
      rank,
      scientific,
      authority,
      common,
    })),
  };
}

/** What judging in the browser needs of a list, kept whole: nothing in it changes without the library. */
export const readListLibrary = (call: Call<Account>): Promise<ListLibrary> =>
  keptUnderStamp(call.app.db, call.who.ws, `list/${idParam(call, 'id')}`, () => libraryOfList(call));

/** The members of a list with statements that can be edited. */
export async function readListTable(call: CallOf<'listTable'>): Promise<ReplyOf<'listTable'>> {
  const { members } = await readList(call);
  return {
    body: await readTable(
      call.app.db,
      call.who.ws,
      members.map((m) => m.id),
    ),
  };
}

function asFound(
  r: Recognised,
  under: string | null,
  real: RealTree | null,
  headers: ReadonlyMap<string, TaxonHeader>,
): PreviewLine['found'] {
  const fresh = { kind: 'new', under: (under === null ? null : headers.get(under)) ?? null, real } as const;
  if (r.kind === 'new') return fresh;
  if (r.kind === 'shared') {
    return { kind: 'shared', by: r.by, taxa: r.taxa.flatMap((t) => headers.get(t) ?? []) };
  }
  const taxon = headers.get(r.taxon);
  return taxon ? { kind: r.kind, by: r.by, taxon } : fresh;
}

/** What each pasted line is to the library; a new name is shown with the genus it would stand in. */
export async function previewList(call: CallOf<'listPreview'>): Promise<ReplyOf<'listPreview'>> {
  const { text } = call.body;
  const parsed = parseNameList(text);
  if (!parsed.ok) {
    throw invalid(parsed.problem.message, { field: 'text', remedy: parsed.problem.remedy });
  }
  const pasted = parsed.value;
  if (pasted.length > MOST_MEMBERS) {
    throw invalid(`The list has ${pasted.length} lines; a list has at most ${MOST_MEMBERS}.`, {
      field: 'text',
      remedy: 'Make two lists of it.',
    });
  }
  const { db } = call.app;
  const index = await readNameIndex(db, call.who.ws);
  const found = (await recognized({ lines: pasted, index })).map((r, i) => ({
    ...r,
    line: pasted[i] as ListLine,
  }));
  const ids = found.flatMap(({ recognised: r, under }) => [
    ...(under === null ? [] : [under]),
    ...(r.kind === 'shared' ? r.taxa : r.kind === 'new' ? [] : [r.taxon]),
  ]);
  const headers = await readHeaders(db, call.who.ws, [...new Set(ids)]);
  const lines: PreviewLine[] = found.map(({ line, recognised, under, real }) => ({
    ...line,
    found: asFound(recognised, under, real, headers),
  }));
  return { body: lines };
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
  return known?.taxon ?? draftTaxon(tx, ws, { ...m, newName: text }, `members.${index}`);
}

async function writeMembers(tx: Sql, ws: string, list: string, members: ListBody['members']): Promise<void> {
  const seen = new Map<string, number>();
  const rows: Record<string, unknown>[] = [];
  for (const [i, m] of members.entries()) {
    const taxon = await memberTaxon(tx, ws, m, i);
    const before = seen.get(taxon);
    if (before !== undefined) {
      throw conflict(`Lines ${before + 1} and ${i + 1} are one species.`, {
        field: `members.${i}`,
        remedy: 'Keep one of the two.',
      });
    }
    seen.set(taxon, i);
    rows.push({ ws, list, taxon, week: m.week ?? null, label: m.label || null, ord: i });
  }
  await tx.query('delete from list_member where ws = $1 and list = $2', [ws, list]);
  await insertRows(tx, 'list_member', rows);
}

export async function createList(call: CallOf<'listCreate'>): Promise<ReplyOf<'listCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    await insertRows(tx, 'list', [{ ws, id, name: body.name, version: 1 }]);
    await writeMembers(tx, ws, id, body.members);
  });
  return { status: 201, body: { id, name: body.name, size: body.members.length, version: 1 }, version: 1 };
}

/** Changes a list whole: its name, who is on it, weeks and labels. */
export async function changeList(call: CallOf<'listChange'>): Promise<ReplyOf<'listChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  const version = await call.app.db.transaction(async (tx) => {
    const list = await needList(tx, ws, id, true);
    needVersion(call, list.version, { version: list.version, name: list.name });
    await tx.query('update list set name = $3, version = version + 1 where ws = $1 and id = $2', [
      ws,
      id,
      body.name,
    ]);
    await writeMembers(tx, ws, id, body.members);
    return list.version + 1;
  });
  return { body: { id, name: body.name, size: body.members.length, version }, version };
}

/** Copies a list with its weeks and labels. */
export async function copyList(call: CallOf<'listCopy'>): Promise<ReplyOf<'listCopy'>> {
  const { name } = call.body;
  const { ws } = call.who;
  const from = await needList(call.app.db, ws, idParam(call, 'id'));
  const id = v7();
  const size = await call.app.db.transaction(async (tx) => {
    await insertRows(tx, 'list', [{ ws, id, name, version: 1 }]);
    const rows = await tx.query(
      `insert into list_member (ws, list, taxon, week, label, ord)
       select ws, $3, taxon, week, label, ord from list_member where ws = $1 and list = $2 returning taxon`,
      [ws, from.id, id],
    );
    return rows.length;
  });
  return { status: 201, body: { id, name, size, version: 1 }, version: 1 };
}

/** Removes a list that no section and no quiz is answerable for. */
export async function removeList(call: CallOf<'listRemove'>): Promise<ReplyOf<'listRemove'>> {
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    const list = await needList(tx, ws, id, true);
    needVersion(call, list.version, { version: list.version, name: list.name });
    const users = await tx.query<{ name: string }>(
      `select name from section where ws = $1 and list = $2 union all select name from quiz where ws = $1 and list = $2`,
      [ws, id],
    );
    if (users.length > 0) {
      throw conflict(`It is in use: ${users.map((u) => u.name).join(', ')}.`, {
        remedy: 'Give those another list first.',
      });
    }
    await tx.query('delete from name_ruling where ws = $1 and list = $2', [ws, id]);
    await tx.query('delete from list where ws = $1 and id = $2', [ws, id]);
  });
  return { status: 204 };
}
