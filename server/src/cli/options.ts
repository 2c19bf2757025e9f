import { basename } from 'node:path';
import { EXPORT_FORMATS, IMPORT_KINDS } from '@hurrow/contract';
import { DISTANCES, HANDLINGS, MATERIALS, isDate } from '@hurrow/core/conditions';
import type { Conditions, Distance, Handling, Material } from '@hurrow/core/conditions';
import type { NamedTable } from '@hurrow/core/scripted';
import { Refused, readText } from './surroundings.ts';
import type { Surroundings } from './surroundings.ts';

export type Options = Readonly<Record<string, string | boolean | string[] | undefined>>;

/** What one verb does. @returns the exit status. */
export type Verb = (around: Surroundings, options: Options) => Promise<number> | number;

export const USAGE = `npm run -s hurrow -- <verb>

  backup  --out FILE [--data FOLDER]                everything in one file
  restore --file FILE [--data FOLDER] [--erasures FILE]
                                                    into an empty folder or database
  import  --kind KIND --file FILE --name NAME [--preview] [--data FOLDER]
                                                    KIND: ${IMPORT_KINDS.join(', ')}
  export  --format FORMAT [--list NAME] [--section NAME] [--data FOLDER]
                                                    FORMAT: ${Object.keys(EXPORT_FORMATS).join(', ')}
  judge   --names FILE --answers FILE               grades typed names; ask: common, scientific, either,
                                                    genus, family
  tells   --table FILE [--vocabulary FILE] | --library FILE [--list NAME]
          --date YYYY-MM-DD --material a,b [--handling a,b] [--distance hand] [--wet]
                                                    every pair with its tells
  disagreements --table FILE --table FILE [--vocabulary FILE] [--date, --material as above]
                                                    where the sources of tables differ, and what it costs
  rules   --table FILE --rules FILE [--vocabulary FILE] [--date, --material as above]
                                                    rules of thumb against the species of a table
  check   --table FILE [--vocabulary FILE]          what a botanist would ask about a table
  analyse --responses FILE [--names FILE] [--table FILE] [--lessons FILE]
                                                    mix-ups, repeats, soundness and tags to check of answers

The data folder is --data, else HURROW_DATA, else .hurrow in the home folder; DATABASE_URL names a PostgreSQL server.`;

export const OPTIONS = {
  data: { type: 'string' },
  out: { type: 'string' },
  file: { type: 'string' },
  erasures: { type: 'string' },
  kind: { type: 'string' },
  lessons: { type: 'string' },
  name: { type: 'string' },
  preview: { type: 'boolean' },
  format: { type: 'string' },
  list: { type: 'string' },
  section: { type: 'string' },
  names: { type: 'string' },
  answers: { type: 'string' },
  responses: { type: 'string' },
  table: { type: 'string', multiple: true },
  rules: { type: 'string' },
  library: { type: 'string' },
  vocabulary: { type: 'string' },
  date: { type: 'string' },
  material: { type: 'string' },
  handling: { type: 'string' },
  distance: { type: 'string' },
  wet: { type: 'boolean' },
} as const;

export const json = (value: unknown): string => `${JSON.stringify(value, null, 1)}\n`;

export function need(options: Options, name: string): string {
  const value = options[name];
  if (typeof value !== 'string' || value === '') throw new Refused(`--${name} is missing.\n\n${USAGE}`);
  return value;
}

export const text = (options: Options, name: string): string | null => {
  const value = options[name];
  return typeof value === 'string' ? value : null;
};

/** The tables named on the command line, each under the name of its file. @throws Refused where there are not as many. */
export function tablesOf(around: Surroundings, options: Options, most: number): readonly NamedTable[] {
  const paths = Array.isArray(options['table']) ? options['table'] : [];
  if (paths.length === 0) throw new Refused(`--table is missing.\n\n${USAGE}`);
  if (paths.length > most)
    throw new Refused(`This verb takes ${most === 1 ? 'one table' : `${most} tables`}.`);
  return paths.map((path) => ({ name: basename(path), text: readText(around, path) }));
}

/** The conditions of an option list; a day in summer with all in hand where nothing is said. */
export function conditionsOf(options: Options, date: string): Conditions {
  if (!isDate(date)) throw new Refused(`“${date}” is no date. Write it as 2026-10-01.`);
  const [distance = 'hand'] = some<Distance>(options, 'distance', DISTANCES, ['hand']);
  return {
    date,
    material: some<Material>(options, 'material', MATERIALS, ['tree', 'twig', 'leaf', 'bark', 'litter']),
    handling: some<Handling>(options, 'handling', HANDLINGS, ['look']),
    distance,
    wet: options['wet'] === true,
  };
}

/** The vocabulary named on the command line; nothing where the shipped one counts. */
export function vocabularyOf(around: Surroundings, options: Options): { readonly vocabulary?: string } {
  const path = text(options, 'vocabulary');
  return path === null ? {} : { vocabulary: readText(around, path) };
}

export const SUMMER = '2026-07-01';
export const MOST_TABLES = 20;

/** Values of an option separated by commas, each one of those allowed. */
function some<T extends string>(
  options: Options,
  name: string,
  allowed: readonly T[],
  otherwise: readonly T[],
): readonly T[] {
  const given = text(options, name);
  if (given === null) return otherwise;
  return given.split(',').map((g) => {
    const found = allowed.find((a) => a === g.trim());
    if (!found) throw new Refused(`“${g}” is no ${name}. Use ${allowed.join(', ')}.`);
    return found;
  });
}
