import { writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { EXPORT_FORMATS, IMPORT_KINDS } from '@hurrow/contract';
import type { ExportFormat, ImportKind } from '@hurrow/contract';
import { readErasure } from '../answers/index.ts';
import type { Erasures } from '../answers/index.ts';
import { restoreBackup, writeBackup } from '../backup/index.ts';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { exportText, preview, takeIn } from '../exchange/index.ts';
import { isHttpProblem } from '../http/index.ts';
import type { Progress } from '../jobs/index.ts';
import { analyseAnswers, check, disagreements, judge, rules, tellRefused, tells } from './judging.ts';
import { OPTIONS, USAGE, json, need, text } from './options.ts';
import type { Options, Verb } from './options.ts';
import { Refused, readBytes, readText, withData } from './surroundings.ts';
import type { Surroundings } from './surroundings.ts';

async function workspaceOf(sql: Sql): Promise<string> {
  const row = await maybe<{ id: string }>(sql, 'select id from workspace limit 1');
  if (!row)
    throw new Refused('Nothing is set up in this folder yet. Start the application once and set it up.');
  return row.id;
}

const backup: Verb = (around, options) => {
  const file = resolve(around.from, need(options, 'out'));
  return withData(around, text(options, 'data') ?? around.data, true, async ({ db, answers }) => {
    const at = around.clock().toISOString();
    const bytes = await writeBackup(db, answers, around.version, at);
    writeFileSync(file, bytes, { mode: 0o600 });
    around.out(json({ file, bytes: bytes.length, writtenAt: at }));
    return 0;
  });
};

/** Adds the erasures of another file, such as the one kept with the backups. @throws Refused at a damaged line. */
async function addErasures(erasures: Erasures, text: string): Promise<void> {
  const known = new Set((await erasures.read()).erased.map((e) => e.student));
  for (const line of text.split('\n').filter((l) => l.trim() !== '')) {
    const erasure = readErasure(line);
    if (!erasure) throw new Refused(`A line of the erasures cannot be read: ${line.slice(0, 80)}`);
    if (!known.has(erasure.student)) await erasures.append(erasure);
  }
}

const restore: Verb = (around, options) => {
  const bytes = readBytes(around, need(options, 'file'));
  const more = text(options, 'erasures');
  return withData(around, text(options, 'data') ?? around.data, false, async ({ db, answers, erasures }) => {
    if (more !== null) await addErasures(erasures, readText(around, more));
    const { erased, damaged } = await erasures.read();
    if (damaged > 0)
      throw new Refused(`${damaged} lines of erasures.log cannot be read. Repair the file first.`);
    around.out(json(await restoreBackup(db, answers, bytes, erased)));
    return 0;
  });
};

const takeFile: Verb = (around, options) => {
  const kind = IMPORT_KINDS.find((k): k is ImportKind => k === need(options, 'kind'));
  if (!kind) throw new Refused(`--kind is one of ${IMPORT_KINDS.join(', ')}.`);
  const request = { kind, name: need(options, 'name'), text: readText(around, need(options, 'file')) };
  const progress: Progress = Object.assign(() => undefined, { onCancel: () => undefined });
  return withData(around, text(options, 'data') ?? around.data, true, async ({ db }) => {
    const ws = await workspaceOf(db);
    const report = options['preview']
      ? await preview(db, ws, null, request, progress)
      : await takeIn({ db, clock: around.clock }, ws, null, request, progress);
    around.out(json(report));
    return report.counts.refused > 0 ? tellRefused(around, report.refused) : 0;
  });
};

const giveFile: Verb = (around, options) => {
  const format = (Object.keys(EXPORT_FORMATS) as ExportFormat[]).find((f) => f === need(options, 'format'));
  if (!format) throw new Refused(`--format is one of ${Object.keys(EXPORT_FORMATS).join(', ')}.`);
  return withData(around, text(options, 'data') ?? around.data, true, async ({ db }) => {
    const ws = await workspaceOf(db);
    const [list, sectionName] = [text(options, 'list'), text(options, 'section')];
    if (list !== null && !(await maybe(db, 'select 1 from list where ws = $1 and name = $2', [ws, list])))
      throw new Refused(`There is no list “${list}”.`);
    const section =
      sectionName === null
        ? null
        : await maybe<{ id: string }>(db, 'select id from section where ws = $1 and name = $2', [
            ws,
            sectionName,
          ]);
    if (sectionName !== null && !section) throw new Refused(`There is no section “${sectionName}”.`);
    const made = await exportText(db, ws, format, {
      list,
      section: section?.id ?? null,
      version: around.version,
      created: around.clock().toISOString(),
    });
    around.out(made.text);
    for (const l of made.left) around.say(`Not in this format: ${l}`);
    return 0;
  });
};

const VERBS: Readonly<Record<string, Verb>> = {
  backup,
  restore,
  import: takeFile,
  export: giveFile,
  judge,
  analyse: analyseAnswers,
  tells,
  disagreements,
  rules,
  check,
};

/** Runs one verb. @returns the exit status: 0, 1 where something is refused, 2 where the command is not understood. */
export async function commandLine(args: readonly string[], around: Surroundings): Promise<number> {
  const [name = '', ...rest] = args;
  const verb = VERBS[name];
  if (!verb) {
    around.say(name === '' ? USAGE : `There is no verb “${name}”.\n\n${USAGE}`);
    return 2;
  }
  let options: Options;
  try {
    options = parseArgs({ args: rest, options: OPTIONS, strict: true }).values;
  } catch (error) {
    around.say(`${(error as Error).message}\n\n${USAGE}`);
    return 2;
  }
  try {
    return await verb(around, options);
  } catch (error) {
    if (isHttpProblem(error)) around.say(`${error.details.detail} ${error.details.remedy ?? ''}`);
    else if ((error as { code?: unknown }).code === 'REFUSED') around.say((error as Error).message);
    else throw error;
    return 1;
  }
}
