import type { Sql, Query } from './database.ts';

/** Values of a column, one for each row, or one value for all of them; with the type PostgreSQL knows it by. */
export type Column =
  | { readonly type: string; readonly values: readonly unknown[] }
  | { readonly type: string; readonly all: unknown };

/** Makes the insert of many rows column by column, which takes half the time of rows as JSON. */
export function columnsInsert(table: string, columns: Readonly<Record<string, Column>>): Query {
  const names = Object.keys(columns);
  if (![table, ...names].every((c) => /^[a-z_]+$/.test(c))) throw new Error(`Not a table: ${table}`);
  const each = names.filter((n) => 'values' in (columns[n] as Column));
  const cast = (n: string): string => {
    const c = columns[n] as Column;
    const at = `$${names.indexOf(n) + 1}`;
    return 'values' in c ? `${at}::${c.type}[]` : `${at}::${c.type}`;
  };
  const from = each.map(cast).join(', ');
  return {
    text: `insert into "${table}" (${names.map((n) => `"${n}"`).join(', ')})
     select ${names.map((n) => (each.includes(n) ? `u."${n}"` : cast(n))).join(', ')}
     from unnest(${from}) as u(${each.map((n) => `"${n}"`).join(', ')})`,
    params: names.map((n) => {
      const c = columns[n] as Column;
      return 'values' in c ? c.values : c.all;
    }),
  };
}

/** Inserts many rows column by column. */
export async function insertColumns(
  sql: Sql,
  table: string,
  columns: Readonly<Record<string, Column>>,
): Promise<void> {
  const { text, params } = columnsInsert(table, columns);
  await sql.query(text, params);
}
