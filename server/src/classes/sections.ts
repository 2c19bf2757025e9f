import { v7 } from 'uuid';
import type { SectionBody } from '@hurrow/contract';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, idParam, invalid, needVersion } from '../http/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { enrol, refuseTwice } from './roster.ts';
import { needSection, readSection } from './sectionRows.ts';

/** @throws where the list or the site of a section is not recorded. */
async function mustExist(tx: Sql, ws: string, body: Pick<SectionBody, 'list' | 'site'>): Promise<void> {
  if (!(await maybe(tx, 'select 1 from list where ws = $1 and id = $2', [ws, body.list]))) {
    throw invalid('This list was deleted.', { field: 'list', remedy: 'Choose another list.' });
  }
  if (!(await maybe(tx, 'select 1 from site where ws = $1 and id = $2', [ws, body.site]))) {
    throw invalid('This site was deleted.', { field: 'site', remedy: 'Choose another site.' });
  }
}

export async function createSection(call: CallOf<'sectionCreate'>): Promise<ReplyOf<'sectionCreate'>> {
  const { body } = call;
  const { ws } = call.who;
  refuseTwice(body.students);
  const id = v7();
  await call.app.db.transaction(async (tx) => {
    await mustExist(tx, ws, body);
    const workspace = await readWorkspace(tx, call.app.clock());
    const { name, term, list, site, level } = body;
    await insertRows(tx, 'section', [
      { ws, id, name, term, list, site, level, starts_on: workspace?.today ?? null },
    ]);
    await insertRows(tx, 'section_account', [{ ws, section: id, account: call.who.id }]);
    await enrol(tx, ws, id, body.students, workspace?.today ?? null);
  });
  const made = await readSection(call.app.db, call.who, id);
  return { status: 201, body: made, version: made.version };
}

/** Changes a section: its name, term, list, site and wording, or archives it with all it did. */
export async function changeSection(call: CallOf<'sectionChange'>): Promise<ReplyOf<'sectionChange'>> {
  const { body } = call;
  const { ws } = call.who;
  const id = idParam(call, 'id');
  await call.app.db.transaction(async (tx) => {
    await needSection(tx, call.who, id);
    const before = await readSection(tx, call.who, id);
    needVersion(call, before.version, before);
    await mustExist(tx, ws, body);
    const open = await maybe<{ quiz: string }>(
      tx,
      `select q.name as quiz from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz
       where s.ws = $1 and s.section = $2 and s.state = 'open' limit 1`,
      [ws, id],
    );
    if (body.archived && open) {
      throw conflict(`${open.quiz} is open for this class.`, { remedy: 'Close it, then archive the class.' });
    }
    await tx.query(
      `update section set name = $3, term = $4, list = $5, site = $6, level = $7, version = version + 1,
         archived_at = case when $8 then coalesce(archived_at, $9::timestamptz) end
       where ws = $1 and id = $2`,
      [
        ws,
        id,
        body.name,
        body.term,
        body.list,
        body.site,
        body.level,
        body.archived,
        call.app.clock().toISOString(),
      ],
    );
  });
  const changed = await readSection(call.app.db, call.who, id);
  return { body: changed, version: changed.version };
}
