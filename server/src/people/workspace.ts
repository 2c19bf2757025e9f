import { one } from '../db/index.ts';
import type { CallOf, ReplyOf } from '../http/index.ts';

/** Reads the name of the workspace, and who gives out its handouts. */
export async function showWorkspace(call: CallOf<'workspace'>): Promise<ReplyOf<'workspace'>> {
  const row = await one<{
    name: string;
    office_name: string;
    office_contact: string;
    office_statement: string;
  }>(call.app.db, 'select name, office_name, office_contact, office_statement from workspace where id = $1', [
    call.who.ws,
  ]);
  return {
    body: {
      name: row.name,
      office: { name: row.office_name, contact: row.office_contact, statement: row.office_statement },
    },
  };
}

/** Renames the workspace, for everybody, and says who gives out its handouts; an office that is left out stays as it is. */
export async function changeWorkspace(call: CallOf<'workspaceChange'>): Promise<ReplyOf<'workspaceChange'>> {
  const { name, office } = call.body;
  await call.app.db.query(
    `update workspace set name = $2, office_name = coalesce($3, office_name), office_contact = coalesce($4, office_contact),
       office_statement = coalesce($5, office_statement) where id = $1`,
    [call.who.ws, name, office?.name ?? null, office?.contact ?? null, office?.statement ?? null],
  );
  return { status: 204 };
}
