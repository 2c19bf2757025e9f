import { randomBytes } from 'node:crypto';
import { v7 } from 'uuid';
import type { Distance, Handling, Material } from '@hurrow/core/conditions';
import type { UnfairReason } from '@hurrow/core/quizzes';
import type { ReturnedBy, SheetProgress, SittingDetail, SittingState, Station } from '@hurrow/contract';
import { SEES_SECTION } from '../access/index.ts';
import { SITE, asSite } from '../classes/index.ts';
import type { SiteRow } from '../classes/index.ts';
import { insertRows, maybe, one } from '../db/index.ts';
import type { Database, Sql } from '../db/index.ts';
import { notFound } from '../http/index.ts';
import type { Account } from '../http/index.ts';
import { readTrees } from '../material/index.ts';
import { needQuiz, planOf, readSittings, readStations } from '../quizzes/index.ts';
import { drawnStations } from './drawn.ts';

export interface SittingRow {
  id: string;
  quiz: string;
  section: string;
  on_date: string;
  state: SittingState;
  handling: Handling[];
  wet: boolean;
  make_up: boolean;
  public_id: string;
  code: string | null;
  code_expires: string | null;
  returned_run: string | null;
  returned_by: ReturnedBy | null;
  starts_on: string | null;
  version: number;
  site: SiteRow;
  list: string;
}

const SITTING = `s.id, s.quiz, s.section, s.on_date, s.state, s.handling, s.wet, s.make_up, s.public_id, s.code, s.code_expires, s.returned_run, s.returned_by, s.version, sec.starts_on,
  (select ${SITE} from site si where si.ws = s.ws and si.id = sec.site) as site, q.list`;
const FROM = `sitting s join section sec on sec.ws = s.ws and sec.id = s.section join quiz q on q.ws = s.ws and q.id = s.quiz`;

/** A sitting by id, whoever asks. */
export async function sittingById(sql: Sql, ws: string, id: string): Promise<SittingRow | null> {
  return maybe<SittingRow>(sql, `select ${SITTING} from ${FROM} where s.ws = $1 and s.id = $2`, [ws, id]);
}

/** A sitting of a section the account may see. @throws *not found* otherwise. */
export async function needSitting(
  sql: Sql,
  who: Pick<Account, 'ws' | 'id'>,
  id: string,
  lock = false,
): Promise<SittingRow> {
  const row = await maybe<SittingRow>(
    sql,
    `select ${SITTING} from ${FROM} where s.ws = $1 and s.id = $3 and ${SEES_SECTION('s.section')} ${lock ? 'for update of s' : ''}`,
    [who.ws, who.id, id],
  );
  if (!row) throw notFound('There is no such sitting.', { remedy: 'Choose one under Quizzes.' });
  return row;
}

/** Random, so that nothing a phone sees can be traced to a tree, a taxon or another sitting. */
export const publicId = (): string => randomBytes(12).toString('base64url');

/** A draft follows its quiz: stations added since are taken in, stations removed are left out. */
export async function followQuiz(tx: Sql, ws: string, sitting: SittingRow): Promise<void> {
  if (sitting.state !== 'draft') return;
  await tx.query(
    `delete from sitting_ask where ws = $1 and sitting_station in (
       select ss.id from sitting_station ss join station st on st.ws = ss.ws and st.id = ss.station
       where ss.ws = $1 and ss.sitting = $2 and st.removed_at is not null)`,
    [ws, sitting.id],
  );
  await tx.query(
    `delete from sitting_station ss using station st
     where ss.ws = $1 and ss.sitting = $2 and st.ws = ss.ws and st.id = ss.station and st.removed_at is not null`,
    [ws, sitting.id],
  );
  const missing = await tx.query<{ id: string; material: Material[]; distance: Distance }>(
    `select st.id, st.material, st.distance from station st where st.ws = $1 and st.quiz = $2 and st.removed_at is null
       and not exists (select 1 from sitting_station ss where ss.ws = st.ws and ss.sitting = $3 and ss.station = st.id)`,
    [ws, sitting.quiz, sitting.id],
  );
  await insertRows(
    tx,
    'sitting_station',
    missing.map((m) => ({
      ws,
      id: v7(),
      sitting: sitting.id,
      station: m.id,
      distance: m.distance,
      material: m.material,
      taken_on: {},
      public_id: publicId(),
      version: 1,
    })),
  );
}

/** Characters that the bags of specimens at a station hide, of a row of its sitting under some name. */
export const HIDDEN = (row: string): string =>
  `(select array_agg(distinct h) from specimen sp, unnest(sp.hides) h
    where sp.ws = ${row}.ws and sp.sitting_station = ${row}.id and sp.state in ('gathered', 'on_table'))`;

export interface StationRow {
  readonly id: string;
  readonly station: string;
  readonly distance: Distance;
  readonly material: Material[];
  readonly taken_on: Readonly<Partial<Record<Material, string>>>;
  readonly reason: UnfairReason | null;
  readonly note: string | null;
  readonly hides: readonly string[] | null;
  readonly version: number;
  readonly public_id: string;
}

/** A station of a sitting, with the tree it has at this sitting. */
export interface SittingStationRow extends StationRow {
  readonly at: Station;
  readonly insteadOf: string | null;
}

/** The stations of a sitting in order; a tree that stands in for another at this sitting is the one shown. */
export async function readSittingStations(
  sql: Sql,
  ws: string,
  sitting: Pick<SittingRow, 'id' | 'quiz'>,
): Promise<readonly SittingStationRow[]> {
  const stations = new Map((await readStations(sql, ws, sitting.quiz)).map((s) => [s.id, s]));
  const rows = await sql.query<StationRow & { swapped: string | null }>(
    `select id, station, distance, material, taken_on, reason, reason_note as note, version, public_id, ${HIDDEN('sitting_station')} as hides,
       swapped_individual as swapped
     from sitting_station where ws = $1 and sitting = $2 and dropped_at is null`,
    [ws, sitting.id],
  );
  const swapped = rows.flatMap((r) => r.swapped ?? []);
  const trees = new Map(
    swapped.length === 0 ? [] : (await readTrees(sql, ws, swapped)).map((t) => [t.id, t] as const),
  );
  return rows
    .flatMap(({ swapped: other, ...r }): SittingStationRow[] => {
      const station = stations.get(r.station);
      if (!station) return [];
      const tree = other === null ? undefined : trees.get(other);
      return [{ ...r, at: tree ? { ...station, tree } : station, insteadOf: tree ? station.tree.tag : null }];
    })
    .sort((a, b) => a.at.number - b.at.number);
}

export async function readPeople(
  sql: Sql,
  ws: string,
  sitting: SittingRow,
): Promise<readonly SheetProgress[]> {
  return sql.query<SheetProgress>(
    `with c as materialized (
       select student, count(*)::integer as answered from counted_answer
       where ws = $1 and sitting = $2 and value ->> 'kind' not in ('blank', 'not_reached', 'withdrawn', 'illegible')
       group by student)
     select st.id as student, st.code, st.first_name as "firstName",
       coalesce(c.answered, 0) as answered,
       exists (select 1 from attempt t where t.ws = st.ws and t.sitting = $2 and t.student = st.id) as joined,
       exists (select 1 from attempt t where t.ws = st.ws and t.sitting = $2 and t.student = st.id and t.submitted_at is not null) as submitted,
       (select count(*) from device d where d.ws = st.ws and d.sitting = $2 and d.student = st.id and d.state = 'in')::integer as devices,
       (select count(*) from device d where d.ws = st.ws and d.sitting = $2 and d.student = st.id and d.state = 'asked')::integer as asking
     from enrolment e join student st on st.ws = e.ws and st.id = e.student
     left join c on c.student = st.id
     where e.ws = $1 and e.section = $3 and e.from_on <= $4::date and (e.to_on is null or e.to_on >= $4::date)
     order by length(st.code), st.code`,
    [ws, sitting.id, sitting.section, sitting.on_date],
  );
}

interface Open {
  readonly disputes: number;
  readonly shifts: number;
}

/** How many disagreements and shifted sheets of a sitting nobody has settled. */
const readOpen = (sql: Sql, ws: string, sitting: string): Promise<Open> =>
  one<Open>(
    sql,
    `select (select count(*) from answer_dispute where ws = $1 and sitting = $2 and state = 'open')::integer as disputes,
       (select count(*) from sheet_shift where ws = $1 and sitting = $2 and state = 'open')::integer as shifts`,
    [ws, sitting],
  );

/** A sitting as its page shows it. Its parts are read beside each other, so this is not for a transaction. */
export async function readSitting(db: Database, who: Account, id: string): Promise<SittingDetail> {
  const sitting = await needSitting(db, who, id);
  const { ws } = who;
  const [quiz, rows, all, open, people] = await Promise.all([
    needQuiz(db, ws, sitting.quiz),
    readSittingStations(db, ws, sitting),
    readSittings(db, ws, who.id, sitting.quiz),
    readOpen(db, ws, id),
    readPeople(db, ws, sitting),
  ]);
  const summary = all.find((s) => s.id === id);
  if (!summary) throw notFound('There is no such sitting.');
  const drawn = await drawnStations(
    db,
    ws,
    rows.map((r) => r.at),
    rows,
  );
  const at = rows.map((r) => ({
    id: r.id,
    station: r.at,
    insteadOf: r.insteadOf,
    distance: r.distance,
    material: r.material,
    version: r.version,
    takenOn: r.taken_on,
    reason: r.reason,
    reasonNote: r.note,
    hides: r.hides ?? [],
    drawn: drawn.get(r.station) ?? [],
  }));
  return {
    ...summary,
    quizName: quiz.name,
    list: quiz.list,
    site: asSite(sitting.site),
    handling: sitting.handling,
    wet: sitting.wet,
    makeUp: sitting.make_up,
    startsOn: sitting.starts_on,
    plan: planOf(quiz),
    code: sitting.code,
    codeExpires: sitting.code_expires,
    stations: at,
    people,
    asks: at.reduce((n, s) => n + s.station.asks.length, 0),
    disputes: open.disputes,
    returnedBy: sitting.returned_by,
    shifts: open.shifts,
    version: sitting.version,
  };
}
