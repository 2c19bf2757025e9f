import type { Hold, Holds } from '@hurrow/contract';
import { HOLD_DAYS, stationHolds } from '@hurrow/core/quizzes';
import type { OtherSitting, RunState } from '@hurrow/core/quizzes';
import { readWorkspace } from '../workspace/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, invalid } from '../http/index.ts';
import type { App, CallOf, ReplyOf } from '../http/index.ts';
import { needSitting } from './store.ts';
import type { SittingRow } from './store.ts';

interface OtherRow {
  readonly id: string;
  readonly quiz: string;
  readonly section: string;
  readonly on_date: string;
  readonly state: RunState;
  readonly make_up: boolean;
  readonly individuals: readonly string[] | null;
  readonly quiz_name: string;
  readonly section_name: string;
}

interface OwnStation {
  readonly id: string;
  readonly station: string;
  readonly number: number;
  readonly individual: string;
  readonly released: Hold['released'];
}

export const stationsOf = (sql: Sql, ws: string, sitting: string): Promise<readonly OwnStation[]> =>
  sql.query<OwnStation>(
    `select ss.id, ss.station, st.number, coalesce(ss.swapped_individual, st.individual) as individual,
       (select jsonb_build_object('by', a.name, 'at', r.at) from station_release r
        join account a on a.ws = r.ws and a.id = r.by_account
        where r.ws = ss.ws and r.sitting_station = ss.id) as released
     from sitting_station ss join station st on st.ws = ss.ws and st.id = ss.station
     where ss.ws = $1 and ss.sitting = $2 and coalesce(ss.swapped_individual, st.individual) is not null
     order by st.number`,
    [ws, sitting],
  );

/** Sittings that are not over, with the trees they use. */
const readOthers = (sql: Sql, ws: string, own: string): Promise<readonly OtherRow[]> =>
  sql.query<OtherRow>(
    `select s.id, s.quiz, s.section, s.on_date, s.state, s.make_up, q.name as quiz_name, c.name as section_name,
       (select jsonb_agg(distinct coalesce(ss.swapped_individual, st.individual))
        from sitting_station ss join station st on st.ws = ss.ws and st.id = ss.station
        where ss.ws = s.ws and ss.sitting = s.id and coalesce(ss.swapped_individual, st.individual) is not null) as individuals
     from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz join section c on c.ws = s.ws and c.id = s.section
     where s.ws = $1 and s.id <> $2 and s.state in ('draft', 'locked', 'open')`,
    [ws, own],
  );

const asOther = (r: OtherRow): OtherSitting => ({
  id: r.id,
  quiz: r.quiz,
  section: r.section,
  on: r.on_date,
  state: r.state,
  makeUp: r.make_up,
  individuals: new Set(r.individuals ?? []),
});

/** How many days ahead another sitting holds results back, in this workspace. */
export async function holdDays(sql: Sql, ws: string): Promise<number> {
  const row = await maybe<{ days: number | null }>(
    sql,
    `select (settings ->> 'holdDays')::integer as days from workspace where id = $1`,
    [ws],
  );
  return row?.days ?? HOLD_DAYS;
}

/** Which stations of a sitting are held back today, and because of which other sitting. */
export async function readHolds(app: App, ws: string, sitting: SittingRow): Promise<Holds> {
  const { db } = app;
  const days = await holdDays(db, ws);
  // Who heard the answers on a walk has heard them all.
  if (sitting.returned_by === 'aloud') return { days, holds: [] };
  const today = (await readWorkspace(db, app.clock()))?.today ?? sitting.on_date;
  const stations = await stationsOf(db, ws, sitting.id);
  const rows = await readOthers(db, ws, sitting.id);
  const others = new Map(rows.map((r) => [r.id, r]));
  const holds = stationHolds(sitting, stations, rows.map(asOther), today, days);
  return {
    days,
    holds: holds.flatMap((h): Hold[] => {
      const own = stations.find((s) => s.id === h.station);
      const other = others.get(h.sitting);
      if (!own || !other) return [];
      return [
        {
          station: own.id,
          number: own.number,
          until: h.until,
          because: {
            sitting: other.id,
            quiz: other.quiz_name,
            section: other.section_name,
            on: other.on_date,
            reason: h.reason,
          },
          released: own.released,
        },
      ];
    }),
  };
}

export async function holds(call: CallOf<'holds'>): Promise<ReplyOf<'holds'>> {
  const sitting = await needSitting(call.app.db, call.who, idParam(call, 'id'));
  return { body: await readHolds(call.app, call.who.ws, sitting) };
}

/** Returns held stations on purpose; who did so is kept. */
export async function releaseStations(call: CallOf<'stationRelease'>): Promise<ReplyOf<'stationRelease'>> {
  const { stations } = call.body;
  const { ws } = call.who;
  const sitting = await needSitting(call.app.db, call.who, idParam(call, 'id'));
  const own = new Set((await stationsOf(call.app.db, ws, sitting.id)).map((s) => s.id));
  const strange = stations.findIndex((s) => !own.has(s));
  if (strange >= 0) {
    throw invalid('This station is not in this sitting.', {
      field: `stations.${strange}`,
      remedy: 'Choose stations of this sitting.',
    });
  }
  const at = call.app.clock().toISOString();
  await insertRows(
    call.app.db,
    'station_release',
    stations.map((s) => ({ ws, sitting_station: s, by_account: call.who.id, at })),
    'on conflict do nothing',
  );
  return { body: await readHolds(call.app, ws, sitting) };
}

/** Sets how many days ahead another sitting holds results back; 0 holds for open and same-day sittings only. */
export async function changeHoldDays(call: CallOf<'holdDays'>): Promise<ReplyOf<'holdDays'>> {
  const { days } = call.body;
  await call.app.db.query(
    `update workspace set settings = settings || jsonb_build_object('holdDays', $2::integer) where id = $1`,
    [call.who.ws, days],
  );
  return { body: { days } };
}
