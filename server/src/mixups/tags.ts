import type { MixUpRow } from '@hurrow/contract';
import { checkKey } from '@hurrow/core/soundness';
import type { NamedStation } from '@hurrow/core/soundness';
import type { Sql } from '../db/index.ts';
import type { Row } from './boardTypes.ts';

export type TagDoubt = NonNullable<MixUpRow['tagDoubt']>;

interface Named {
  readonly station: string;
  readonly individual: string | null;
  readonly truth: string;
  readonly answer: string | null;
  readonly n: number;
}

/** Answers at all stations of some species, by name. */
const readNamed = (
  sql: Sql,
  ws: string,
  sections: readonly string[],
  species: readonly string[],
): Promise<readonly Named[]> =>
  sql.query<Named>(
    `select sitting_station as station, individual, truth, answer, count(*)::integer as n from look
     where ws = $1 and section = any($2::uuid[]) and truth = any($3::uuid[])
     group by sitting_station, individual, truth, answer order by sitting_station`,
    [ws, sections, species],
  );

function stationsOf(rows: readonly Named[]): readonly NamedStation[] {
  const by = new Map<string, { row: Named; named: Map<string, number> }>();
  for (const r of rows) {
    const had = by.get(r.station) ?? { row: r, named: new Map<string, number>() };
    if (r.answer !== null) had.named.set(r.answer, r.n);
    by.set(r.station, had);
  }
  return [...by].map(([id, { row, named }]) => ({ id, individual: row.individual, truth: row.truth, named }));
}

/**
 * Stations whose answers speak for another species than their tag, by `tag/other`: there a mix-up may be a wrong tag. Only
 * where one name has more than half the answers of a station is it asked at all. Source: docs/formulas.md, Was the quiz sound.
 */
export async function readTagDoubts(
  sql: Sql,
  ws: string,
  sections: readonly string[],
  rows: readonly Row[],
): Promise<ReadonlyMap<string, TagDoubt>> {
  const asked = rows.filter(
    (r) => r.named === 'other' && r.at_k !== null && r.at_n !== null && r.at_k * 2 > r.at_n,
  );
  const found = new Map<string, TagDoubt>();
  if (asked.length === 0) return found;
  const species = [...new Set(asked.flatMap((r) => [r.truth, r.answer ?? r.truth]))];
  const stations = stationsOf(await readNamed(sql, ws, sections, species));
  const places = await sql.query<TagDoubt & { id: string }>(
    `select ss.id, ss.sitting, q.name as quiz, st.number as station from sitting_station ss
     join station st on st.ws = ss.ws and st.id = ss.station join quiz q on q.ws = st.ws and q.id = st.quiz
     where ss.ws = $1 and ss.id = any($2::uuid[])
       and not exists (select 1 from tag_found_right f where f.ws = ss.ws and f.sitting_station = ss.id)`,
    [ws, asked.map((r) => r.at_station)],
  );
  for (const { id, ...place } of places) {
    const own = stations.find((s) => s.id === id);
    const check = own ? checkKey(own, stations) : null;
    if (own && check && check.verdict !== 'none') found.set(`${own.truth}/${check.instead}`, place);
  }
  return found;
}

/** Stations of some sittings whose answers say plainly that the tag, specimen or key is to be checked, and nobody found right. */
export async function doubtedStations(
  sql: Sql,
  ws: string,
  sections: readonly string[],
  sittings: readonly string[],
): Promise<ReadonlySet<string>> {
  const asked = await sql.query<{ station: string; truth: string; answer: string }>(
    `select station, truth, answer from (
       select l.sitting_station as station, l.truth, l.answer, count(*) as n,
         sum(count(*)) over (partition by l.sitting_station) as of
       from look l where l.ws = $1 and l.sitting = any($2::uuid[]) group by l.sitting_station, l.truth, l.answer) x
     where answer is not null and answer <> truth and 2 * n > of
       and not exists (select 1 from tag_found_right f where f.ws = $1 and f.sitting_station = x.station)`,
    [ws, sittings],
  );
  if (asked.length === 0) return new Set();
  const species = [...new Set(asked.flatMap((r) => [r.truth, r.answer]))];
  const stations = stationsOf(await readNamed(sql, ws, sections, species));
  return new Set(
    asked.flatMap(({ station }) => {
      const own = stations.find((s) => s.id === station);
      return own && checkKey(own, stations)?.verdict === 'check' ? [station] : [];
    }),
  );
}
