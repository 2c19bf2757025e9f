import { settingsOf } from '@hurrow/core/mixups';
import type { MixUpSettings } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';

/** What a workspace decided about mix-ups; what it did not decide is as the program has it. */
export async function mixUpSettings(sql: Sql, ws: string): Promise<MixUpSettings> {
  const rows = await sql.query<{ name: string; value: number }>(
    'select name, value from threshold where ws = $1',
    [ws],
  );
  return settingsOf(Object.fromEntries(rows.map((r) => [r.name, r.value])));
}
