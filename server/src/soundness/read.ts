import type { Material } from '@hurrow/core/conditions';
import { materialClass } from '@hurrow/core/quizzes';
import { sameStations } from '@hurrow/core/soundness';
import type { Given, NamedStation } from '@hurrow/core/soundness';
import { SEES_SECTION } from '../access/index.ts';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { Account } from '../http/index.ts';
import type { SittingRow } from '../sittings/index.ts';

/** A graded sitting with the class and the quiz it is of. */
export interface SatRow {
  readonly id: string;
  readonly quiz: string;
  readonly quiz_name: string;
  readonly section_name: string;
  readonly on_date: string;
}

/** A station of a graded sitting that counts, by the key in force. */
export interface StationRow {
  readonly id: string;
  readonly sitting: string;
  readonly number: number;
  readonly individual: string | null;
  readonly truth: string;
  readonly tag: string | null;
  readonly material: readonly Material[];
  readonly on_date: string;
}

/** One student's look at one station. */
export interface LookRow {
  readonly sitting: string;
  readonly station: string;
  readonly student: string;
  readonly named: string;
  readonly answer: string | null;
}

/** Graded sittings of a quiz or of a section that the account may see, by date. */
export const readSat = (
  sql: Sql,
  who: Pick<Account, 'ws' | 'id'>,
  of: { readonly quiz: string } | { readonly section: string },
): Promise<readonly SatRow[]> =>
  sql.query<SatRow>(
    `select s.id, s.quiz, q.name as quiz_name, c.name as section_name, s.on_date
     from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz join section c on c.ws = s.ws and c.id = s.section
     where s.ws = $1 and ${SEES_SECTION('s.section')} and s.${'quiz' in of ? 'quiz' : 'section'} = $3
       and exists (select 1 from grading_run r where r.ws = s.ws and r.sitting = s.id)
     order by s.on_date, s.id`,
    [who.ws, who.id, 'quiz' in of ? of.quiz : of.section],
  );

export const readStations = (
  sql: Sql,
  ws: string,
  sittings: readonly string[],
): Promise<readonly StationRow[]> =>
  readMany<StationRow>(
    sql,
    `select ss.id, ss.sitting, st.number, k.individual, k.taxon as truth, k.accept ->> 'tag' as tag,
       k.conditions -> 'material' as material, s.on_date
     from sitting_station ss join sitting s on s.ws = ss.ws and s.id = ss.sitting
     join station st on st.ws = ss.ws and st.id = ss.station
     join lateral (select k.* from station_key k where k.ws = ss.ws and k.sitting_station = ss.id
       order by k.rev desc limit 1) k on true
     where ss.ws = $1 and ss.sitting = any($2::uuid[]) and not coalesce((k.accept ->> 'dropped')::boolean, false)
     order by ss.sitting, st.number`,
    [ws, sittings],
  );

export const readLooks = (sql: Sql, ws: string, sittings: readonly string[]): Promise<readonly LookRow[]> =>
  readMany<LookRow>(
    sql,
    `select sitting, sitting_station as station, student, named, answer from look
     where ws = $1 and sitting = any($2::uuid[])`,
    [ws, sittings],
  );

/** Points earned at each station by each student, by the newest run of a sitting, overrides counted. */
export const readPoints = (
  sql: Sql,
  ws: string,
  sittings: readonly string[],
): Promise<
  readonly {
    readonly sitting: string;
    readonly station: string;
    readonly student: string;
    readonly points: number;
  }[]
> =>
  readMany(
    sql,
    `select g.sitting, r.sitting_station as station, t.student, sum(coalesce(o.points, g.points))::double precision as points
     from (select distinct on (sitting) sitting, id from grading_run where ws = $1 and sitting = any($2::uuid[])
       order by sitting, seq desc) newest
     join run_grade g on g.ws = $1 and g.run = newest.id
     join response r on r.ws = g.ws and r.id = g.response
     join attempt t on t.ws = r.ws and t.id = r.attempt
     left join override o on o.ws = g.ws and o.response = g.response and o.withdrawn_at is null
     group by g.sitting, r.sitting_station, t.student`,
    [ws, sittings],
  );

/** Names written at stations of some species anywhere, station by station; which of two that were shown is no name written. */
export async function readNamed(
  sql: Sql,
  ws: string,
  species: readonly string[],
  without: readonly string[],
): Promise<readonly NamedStation[]> {
  const rows = await readMany<{
    id: string;
    individual: string | null;
    truth: string;
    answer: string;
    n: number;
  }>(
    sql,
    `select sitting_station as id, individual, truth, answer, count(*)::integer as n from look
     where ws = $1 and truth = any($2::uuid[]) and sitting <> all($3::uuid[]) and form <> 'choice'
       and named in ('right', 'other') group by sitting_station, individual, truth, answer`,
    [ws, species, without],
  );
  const found = new Map<
    string,
    { id: string; individual: string | null; truth: string; named: Map<string, number> }
  >();
  for (const { id, individual, truth, answer, n } of rows) {
    const key = `${id}/${individual ?? ''}/${truth}`;
    const had = found.get(key) ?? { id: key, individual, truth, named: new Map<string, number>() };
    had.named.set(answer, n);
    found.set(key, had);
  }
  return [...found.values()];
}

export const givenOf = (s: StationRow): Given => ({
  station: s.id,
  individual: s.individual,
  truth: s.truth,
  material: materialClass(s.material),
  on: s.on_date,
});

/** Sittings of the same quiz whose answers can be counted with this one's: the same trees, material and season. */
export async function readAlike(
  sql: Sql,
  who: Pick<Account, 'ws' | 'id'>,
  sitting: Pick<SittingRow, 'id' | 'quiz'>,
): Promise<{
  readonly sat: readonly SatRow[];
  readonly stations: ReadonlyMap<string, readonly StationRow[]>;
}> {
  const all = await readSat(sql, who, { quiz: sitting.quiz });
  const stations = await stationsOf(
    sql,
    who.ws,
    all.map((s) => s.id),
  );
  const own = (stations.get(sitting.id) ?? []).map(givenOf);
  const alike = all.filter(
    (s) => s.id === sitting.id || sameStations(own, (stations.get(s.id) ?? []).map(givenOf)),
  );
  return {
    sat: [...alike].sort((a, b) => Number(b.id === sitting.id) - Number(a.id === sitting.id)),
    stations,
  };
}

/** Stations in walking order, by their sitting. */
export async function stationsOf(
  sql: Sql,
  ws: string,
  sittings: readonly string[],
): Promise<ReadonlyMap<string, readonly StationRow[]>> {
  const by = new Map<string, StationRow[]>();
  for (const s of await readStations(sql, ws, sittings)) by.set(s.sitting, [...(by.get(s.sitting) ?? []), s]);
  return by;
}
