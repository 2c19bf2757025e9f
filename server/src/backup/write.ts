import { createHash } from 'node:crypto';
import { strToU8, zipSync } from 'fflate';
import type { Database } from '../db/index.ts';
import { migrationNames } from '../db/index.ts';
import type { AnswersLog } from '../answers/index.ts';
import { allTables } from './tables.ts';

export interface Manifest {
  readonly format: 'hurrow-backup';
  readonly version: 1;
  readonly writtenBy: string;
  readonly writtenAt: string;
  /** The migrations of the schema the rows are of, in order. */
  readonly schema: readonly string[];
  readonly files: Readonly<Record<string, { readonly rows: number; readonly sha256: string }>>;
}

export const digest = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

/** Everything in one zip file: a manifest, each table as lines of JSON, and the answers log. */
export async function writeBackup(
  db: Database,
  answers: AnswersLog,
  version: string,
  writtenAt: string,
): Promise<Uint8Array> {
  const files: Record<string, Uint8Array> = {};
  const listed: Record<string, { rows: number; sha256: string }> = {};
  const add = (name: string, parts: readonly Buffer[], rows: number): void => {
    const bytes = Buffer.concat(parts);
    files[name] = bytes;
    listed[name] = { rows, sha256: digest(bytes) };
  };
  const text = (lines: readonly string[]): Buffer => Buffer.from(lines.map((l) => `${l}\n`).join(''));
  await db.transaction(async (tx) => {
    // One moment for all tables, and times written alike wherever the database runs.
    await tx.query('set transaction isolation level repeatable read');
    await tx.query(`set local timezone = 'UTC'`);
    for (const table of await allTables(tx)) {
      const rows = await tx.query<{ line: string }>(
        `select to_jsonb(t)::text as line from "${table}" t order by to_jsonb(t)::text collate "C"`,
      );
      add(`tables/${table}.jsonl`, [text(rows.map((r) => r.line))], rows.length);
    }
  });
  // Lines go in as they are: one that cannot be read here may be read by somebody.
  const parts: Buffer[] = [];
  let rows = 0;
  for (const { name } of answers.segments())
    for await (const chunk of answers.lines(name)) {
      parts.push(text(chunk.map((l) => l.raw)));
      rows += chunk.length;
    }
  add('answers.jsonl', parts, rows);
  const manifest: Manifest = {
    format: 'hurrow-backup',
    version: 1,
    writtenBy: `hurrow ${version}`,
    writtenAt,
    schema: migrationNames(),
    files: listed,
  };
  return zipSync(
    { 'manifest.json': strToU8(`${JSON.stringify(manifest, null, 1)}\n`), ...files },
    { level: 6, mtime: new Date(writtenAt) },
  );
}
