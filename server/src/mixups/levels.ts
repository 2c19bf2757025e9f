import type { CharacterLevelRow, LevelRow, MixUpGroups, TaxonHeader } from '@hurrow/contract';
import { countByCharacter, countLevel, namesInDoubt, oftenMissed } from '@hurrow/core/mixups';
import type { LevelLook } from '@hurrow/core/mixups';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readHeaders, vocabularyToRead } from '../library/index.ts';
import { allGroups, readGroups } from './groups.ts';
import type { BoardScope } from './boardTypes.ts';
import { readStateOf, statedCharacters } from './states.ts';

/** The most that are shown by character: below them are the same few students again. */
const MOST_BY_CHARACTER = 40;

const readLevelLooks = (sql: Sql, ws: string, s: BoardScope): Promise<readonly LevelLook[]> =>
  readMany<LevelLook>(
    sql,
    `select student, truth, named, answer from look where ws = $1 and section = any($2::uuid[])
       and ($3::date is null or on_date >= $3) and ($4::date is null or on_date <= $4)
       and ($5::text is null or material_class = $5) and ($6::text is null or form = $6)`,
    [ws, s.sections, s.from, s.to, s.material, s.form],
  );

type Headers = ReadonlyMap<string, TaxonHeader>;
type Answers = readonly { readonly species: string; readonly students: number }[];

const named = (answers: Answers, headers: Headers): LevelRow['answers'] =>
  answers.flatMap(({ species, students }) => {
    const taxon = headers.get(species);
    return taxon ? [{ taxon, students }] : [];
  });

function levelRows(
  looks: readonly LevelLook[],
  groupsOf: (species: string) => readonly string[],
  headers: Headers,
): readonly LevelRow[] {
  return countLevel(looks, groupsOf).flatMap((c): LevelRow[] => {
    const [truth, answer] = [headers.get(c.truth), headers.get(c.answer)];
    if (!truth || !answer) return [];
    return [{ truth, answer, students: c.students, of: c.of, answers: named(c.answers, headers) }];
  });
}

/** Mix-ups between genera, families, named groups and states of one character; what has no favorite; what is written in doubt. */
export async function readMixUpGroups(sql: Sql, ws: string, scope: BoardScope): Promise<MixUpGroups> {
  const looks = await readLevelLooks(sql, ws, scope);
  const taxa = [...new Set(looks.flatMap((l) => (l.answer ? [l.truth, l.answer] : [l.truth])))];
  const groups = await readGroups(sql, ws, taxa);
  const headers = await readHeaders(sql, ws, [...taxa, ...allGroups(groups, taxa)]);
  const stateOf = await readStateOf(sql, ws, scope.sections, taxa);
  const characters = statedCharacters(await vocabularyToRead(sql, ws));
  return {
    levels: {
      genus: levelRows(looks, groups.genus, headers),
      family: levelRows(looks, groups.family, headers),
      group: levelRows(looks, groups.group, headers),
    },
    byCharacter: countByCharacter(looks, characters, stateOf)
      .slice(0, MOST_BY_CHARACTER)
      .map(({ answers, ...c }): CharacterLevelRow => ({ ...c, answers: named(answers, headers) })),
    missed: oftenMissed(looks).flatMap(({ truth, ...m }) => {
      const header = headers.get(truth);
      return header ? [{ truth: header, ...m }] : [];
    }),
    inDoubt: namesInDoubt(looks).flatMap(({ answer, ...d }) => {
      const header = headers.get(answer);
      return header ? [{ answer: header, ...d }] : [];
    }),
  };
}
