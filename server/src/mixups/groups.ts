import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

export type Level = 'genus' | 'family' | 'group';
export type GroupsOf = Readonly<Record<Level, (species: string) => readonly string[]>>;

const LEVEL_OF: Readonly<Record<string, Level>> = {
  genus: 'genus',
  family: 'family',
  group: 'group',
  section: 'group',
};

/** Genus, family and named groups of species, by their ids. */
export async function readGroups(sql: Sql, ws: string, species: readonly string[]): Promise<GroupsOf> {
  const rows = await readMany<{ species: string; id: string; rank: string }>(
    sql,
    `with recursive up (species, id) as (
       select s, s from unnest($2::uuid[]) s
       union
       select up.species, p.parent from taxon_parent p join up on up.id = p.child where p.ws = $1 and p.kind <> 'hybrid_parent')
     select up.species, up.id, t.rank from up join taxon t on t.ws = $1 and t.id = up.id
     where t.rank in ('genus', 'family', 'group', 'section')`,
    [ws, species],
  );
  const of: Record<Level, Map<string, string[]>> = { genus: new Map(), family: new Map(), group: new Map() };
  for (const { species: s, id, rank } of rows) {
    const level = LEVEL_OF[rank];
    if (!level) continue;
    const had = of[level].get(s);
    if (had) had.push(id);
    else of[level].set(s, [id]);
  }
  return {
    genus: (s) => of.genus.get(s) ?? [],
    family: (s) => of.family.get(s) ?? [],
    group: (s) => of.group.get(s) ?? [],
  };
}

/** Ids of every group that species of some looks stand in. */
export const allGroups = (groups: GroupsOf, species: readonly string[]): readonly string[] => [
  ...new Set(species.flatMap((s) => [...groups.genus(s), ...groups.family(s), ...groups.group(s)])),
];
