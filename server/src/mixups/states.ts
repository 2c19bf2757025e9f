import type { Value, Vocabulary } from '@hurrow/core/characters';
import type { Sql } from '../db/index.ts';

/** The one usual state of each species at each character, as the newest key of the classes has its profile. */
export async function readStateOf(
  sql: Sql,
  ws: string,
  sections: readonly string[],
  species: readonly string[],
): Promise<(species: string, character: string) => string | null> {
  const rows = await sql.query<{ taxon: string; profile: Readonly<Record<string, Value>> }>(
    `select distinct on (t.taxon) t.taxon, t.profile
     from sitting s join sitting_taxon t on t.ws = s.ws and t.sitting = s.id
     where s.ws = $1 and s.section = any($2::uuid[]) and t.taxon = any($3::uuid[])
     order by t.taxon, s.on_date desc, t.rev desc`,
    [ws, sections, species],
  );
  const profiles = new Map(rows.map((r) => [r.taxon, r.profile]));
  return (taxon, character) => {
    const value = profiles.get(taxon)?.[character];
    if (value?.kind !== 'states') return null;
    const usual = value.states.filter((s) => s.freq === 'usual');
    return usual.length === 1 ? (usual[0]?.state ?? null) : null;
  };
}

/** Characters whose states can be taken for one another; where a tree stands is none, since it may be planted. */
export const statedCharacters = (vocabulary: Vocabulary): readonly string[] =>
  [...vocabulary.values()].filter((c) => c.organ !== 'site').map((c) => c.id);
