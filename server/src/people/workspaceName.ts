import type { CallOf, ReplyOf } from '../http/index.ts';

/** Renames the workspace, for everybody. */
export async function changeWorkspace(call: CallOf<'workspaceChange'>): Promise<ReplyOf<'workspaceChange'>> {
  await call.app.db.query('update workspace set name = $2 where id = $1', [call.who.ws, call.body.name]);
  return { status: 204 };
}
