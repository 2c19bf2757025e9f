import type { Role } from '@hurrow/contract';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid, notFound } from '../http/index.ts';

/** @throws where a section is not one of this workspace. */
export async function needSections(sql: Sql, ws: string, sections: readonly string[]): Promise<void> {
  const rows = await sql.query<{ id: string }>(
    'select id from section where ws = $1 and id = any($2::uuid[])',
    [ws, sections],
  );
  const there = new Set(rows.map((r) => r.id));
  const strange = sections.findIndex((s) => !there.has(s));
  if (strange >= 0)
    throw invalid('This class was deleted.', {
      field: `sections.${strange}`,
      remedy: 'Choose one of the list.',
    });
}

/** Puts an account into exactly these sections. */
export async function placeIn(
  tx: Sql,
  ws: string,
  account: string,
  sections: readonly string[],
): Promise<void> {
  await tx.query('delete from section_account where ws = $1 and account = $2', [ws, account]);
  await tx.query(
    'insert into section_account (ws, section, account) select $1, s, $2 from unnest($3::uuid[]) s on conflict do nothing',
    [ws, account, sections],
  );
}

interface AccountRow {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly active: boolean;
  readonly version: number;
}

/** An account of this workspace. @throws *not found* otherwise. */
export async function needAccount(sql: Sql, ws: string, id: string): Promise<AccountRow> {
  const row = await maybe<AccountRow>(
    sql,
    'select id, name, role, disabled_at is null as active, version from account where ws = $1 and id = $2',
    [ws, id],
  );
  if (!row) throw notFound('This person is not there.', { remedy: 'Choose one under People.' });
  return row;
}
