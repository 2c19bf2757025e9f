import { readChosenFile } from '@hurrow/contract/schemas';
import type { Choices, ResponseGround } from '@hurrow/core/responses';
import { normalise } from '@hurrow/core/names';
import { SEES_SECTION } from '../access/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid } from '../http/index.ts';
import { vocabularyToRead } from '../library/index.ts';

/** Reads what a responses file is held against: classes the account sees (all of them from the command line), their students, names, and what was held. */
export async function readResponseGround(
  sql: Sql,
  ws: string,
  account: string | null,
): Promise<ResponseGround> {
  const sections = await sql.query<ResponseGround['sections'][number]>(
    `select id, name, term from section s where ws = $1 and ($2::uuid is null or ${SEES_SECTION('s.id')}) order by name, term`,
    [ws, account],
  );
  const ids = sections.map((s) => s.id);
  const students = await sql.query<ResponseGround['students'][number]>(
    `select distinct e.section, s.id, s.code from enrolment e join student s on s.ws = e.ws and s.id = e.student
     where e.ws = $1 and e.section = any($2::uuid[])`,
    [ws, ids],
  );
  const names = await sql.query<{ taxon: string; text: string; kind: string }>(
    `select n.taxon, n.text, n.kind from name n where n.ws = $1 and n.kind in ('accepted', 'synonym')
     order by n.kind desc`,
    [ws],
  );
  const sittings = await sql.query<ResponseGround['sittings'][number]>(
    `select q.name as quiz, s.on_date as on, s.section from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz
     where s.ws = $1 and s.section = any($2::uuid[])`,
    [ws, ids],
  );
  return {
    sections,
    students,
    // Accepted names come last and win over synonyms of others.
    species: new Map(names.map((n) => [normalise(n.text), n.taxon])),
    sittings,
    vocabulary: await vocabularyToRead(sql, ws),
  };
}

/** The file and the choices of a request: a file alone, or both together. */
export function chosenOf(
  text: string,
  isChosen: boolean,
): { readonly text: string; readonly choices: Choices } {
  if (!isChosen) return { text, choices: {} };
  const file = readChosenFile(text);
  if (!file)
    throw invalid('The choices that came with the file cannot be read.', {
      field: 'choices',
      remedy: 'Look at the preview again and choose there.',
    });
  return file;
}
