import { basename } from 'node:path';
import { analyse } from '@hurrow/core/analysis';
import type { Refusal } from '@hurrow/core/formats';
import {
  checkOfTable,
  disagreementsOfTables,
  judgeAnswers,
  rulesOfTable,
  tellsOfTable,
} from '@hurrow/core/scripted';
import type { NotRead } from '@hurrow/core/scripted';
import { MOST_TABLES, SUMMER, conditionsOf, json, need, tablesOf, text, vocabularyOf } from './options.ts';
import type { Verb } from './options.ts';
import { readText } from './surroundings.ts';
import type { Surroundings } from './surroundings.ts';

/** Tells what is refused, with its place. @returns the exit status. */
export function tellRefused(around: Surroundings, refused: readonly Refusal[]): number {
  for (const r of refused) around.say(`${r.line}:${r.column}  ${r.message} ${r.remedy}`);
  return 1;
}

/** Grades typed names. */
export const judge: Verb = (around, options) => {
  const judged = judgeAnswers(
    readText(around, need(options, 'names')),
    readText(around, need(options, 'answers')),
  );
  if (!judged.ok) return tellRefused(around, judged.refused);
  around.out(judged.text);
  return 0;
};

/** The whole report of a file of answers. */
export const analyseAnswers: Verb = (around, options) => {
  const [names, lessons] = [text(options, 'names'), text(options, 'lessons')];
  const [table] = options['table'] === undefined ? [] : tablesOf(around, options, 1);
  const found = analyse({
    responses: readText(around, need(options, 'responses')),
    ...(names === null ? {} : { names: readText(around, names) }),
    ...(table === undefined ? {} : { table: table.text }),
    ...(lessons === null ? {} : { lessons: readText(around, lessons) }),
    ...vocabularyOf(around, options),
  });
  if (!found.ok) return tellRefused(around, found.refused);
  around.out(json(found.report));
  for (const r of found.report.refused) around.say(`${r.file} ${r.line}:${r.column}  ${r.reason}`);
  return 0;
};

/** Every pair with its tells. */
export const tells: Verb = (around, options) => {
  const conditions = conditionsOf(options, need(options, 'date'));
  const [library, list] = [text(options, 'library'), text(options, 'list')];
  const found = tellsOfTable({
    ...(library === null
      ? { table: tablesOf(around, options, 1)[0]?.text ?? '' }
      : { library: readText(around, library) }),
    ...vocabularyOf(around, options),
    ...(list === null ? {} : { list }),
    conditions,
  });
  if (!found.ok) return tellRefused(around, found.refused);
  around.out(json(found.pairs));
  return 0;
};

/** Prints what a verb found, and on standard error what was not read; what was is there all the same. */
function tellFound(
  around: Surroundings,
  found: { readonly ok: true; readonly refused: readonly NotRead[] },
): number {
  const { ok: _, ...rest } = found;
  around.out(json(rest));
  for (const r of found.refused) around.say(`${r.table}:${r.line}:${r.column}  ${r.reason}`);
  return 0;
}

/** Where the sources of tables differ. */
export const disagreements: Verb = (around, options) => {
  const { vocabulary } = vocabularyOf(around, options);
  const found = disagreementsOfTables(
    tablesOf(around, options, MOST_TABLES),
    conditionsOf(options, text(options, 'date') ?? SUMMER),
    vocabulary,
  );
  return found.ok ? tellFound(around, found) : tellRefused(around, found.refused);
};

/** Rules of thumb against the species of a table. */
export const rules: Verb = (around, options) => {
  const [table] = tablesOf(around, options, 1);
  const path = need(options, 'rules');
  const found = rulesOfTable(
    table ?? { name: '', text: '' },
    { name: basename(path), text: readText(around, path) },
    conditionsOf(options, text(options, 'date') ?? SUMMER),
    vocabularyOf(around, options).vocabulary,
  );
  return found.ok ? tellFound(around, found) : tellRefused(around, found.refused);
};

/** What a botanist would ask about a table. */
export const check: Verb = (around, options) => {
  const [table] = tablesOf(around, options, 1);
  const found = checkOfTable(table ?? { name: '', text: '' }, vocabularyOf(around, options).vocabulary);
  return found.ok ? tellFound(around, found) : tellRefused(around, found.refused);
};
