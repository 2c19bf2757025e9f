import type { NamedStation, QuizAnswers, Sat, Scores } from '@hurrow/core/soundness';
import type { Sql } from '../db/index.ts';
import type { Account } from '../http/index.ts';
import type { SittingRow } from '../sittings/index.ts';
import { givenOf, readAlike, readLooks, readNamed, readPoints, readSat, stationsOf } from './read.ts';
import type { LookRow, SatRow, StationRow } from './read.ts';

/** Earlier sittings through which a class is followed. */
const MOST_EARLIER = 12;

/** All that a judgement is made from and shown with. */
export interface Ground {
  readonly answers: QuizAnswers;
  readonly classes: readonly SatRow[];
  readonly counted: readonly string[];
  readonly through: readonly SatRow[];
  /** The stations of the sitting itself, in walking order. */
  readonly stations: readonly StationRow[];
  readonly looks: readonly LookRow[];
}

/** A row for each student at each sitting; columns are places in the walk, the same at all of them. */
function scoresOf(
  sittings: readonly string[],
  stations: ReadonlyMap<string, readonly StationRow[]>,
  values: readonly {
    readonly sitting: string;
    readonly station: string;
    readonly student: string;
    readonly value: number;
  }[],
): Scores {
  const places = new Map<string, number>();
  for (const sitting of sittings) stations.get(sitting)?.forEach((s, j) => places.set(s.id, j));
  const own = stations.get(sittings[0] ?? '') ?? [];
  const rows = new Map<string, (number | null)[]>();
  for (const { sitting, station, student, value } of values) {
    const place = places.get(station);
    if (place === undefined) continue;
    const key = `${sitting}/${student}`;
    const row = rows.get(key) ?? own.map(() => null);
    row[place] = value;
    rows.set(key, row);
  }
  const keys = [...rows.keys()].sort();
  return { students: keys, stations: own.map((s) => s.id), at: keys.map((k) => rows.get(k) ?? []) };
}

const nameScores = (
  sittings: readonly string[],
  stations: ReadonlyMap<string, readonly StationRow[]>,
  looks: readonly LookRow[],
): Scores =>
  scoresOf(
    sittings,
    stations,
    looks.map((l) => ({ ...l, value: l.named === 'right' ? 1 : 0 })),
  );

/** Names written at each place of the walk, of all sittings that are counted together. */
function namedAt(
  sittings: readonly string[],
  stations: ReadonlyMap<string, readonly StationRow[]>,
  looks: readonly LookRow[],
): readonly NamedStation[] {
  const own = stations.get(sittings[0] ?? '') ?? [];
  return own.map((s, j) => {
    const here = new Set(sittings.map((id) => stations.get(id)?.[j]?.id));
    const named = new Map<string, number>();
    for (const l of looks)
      if (here.has(l.station) && (l.named === 'right' || l.named === 'other') && l.answer !== null)
        named.set(l.answer, (named.get(l.answer) ?? 0) + 1);
    return { id: s.id, individual: s.individual, truth: s.truth, named };
  });
}

async function earlierOf(
  sql: Sql,
  who: Pick<Account, 'ws' | 'id'>,
  sitting: SittingRow,
): Promise<{ readonly sat: readonly SatRow[]; readonly earlier: readonly Sat[] }> {
  const all = await readSat(sql, who, { section: sitting.section });
  const sat = all.filter((s) => s.id !== sitting.id && s.on_date <= sitting.on_date).slice(-MOST_EARLIER);
  const ids = sat.map((s) => s.id);
  const stations = await stationsOf(sql, who.ws, ids);
  const looks = await readLooks(sql, who.ws, ids);
  return {
    sat,
    earlier: ids.map((id) => ({
      sitting: id,
      given: (stations.get(id) ?? []).map(givenOf),
      scores: nameScores(
        [id],
        stations,
        looks.filter((l) => l.sitting === id),
      ),
    })),
  };
}

/**
 * Reads what a judgement of a sitting's quiz rests on.
 * @param together whether classes with the same trees, material and season are counted with it.
 */
export async function readGround(
  sql: Sql,
  who: Pick<Account, 'ws' | 'id'>,
  sitting: SittingRow,
  together: boolean,
): Promise<Ground> {
  const { sat: classes, stations } = await readAlike(sql, who, sitting);
  const counted = together ? classes.map((c) => c.id) : [sitting.id];
  const looks = await readLooks(sql, who.ws, counted);
  const points = await readPoints(sql, who.ws, counted);
  const named = namedAt(counted, stations, looks);
  const species = new Set(named.flatMap((s) => [s.truth, ...s.named.keys()]));
  const { sat, earlier } = await earlierOf(sql, who, sitting);
  const own = stations.get(sitting.id) ?? [];
  const ownLooks = looks.filter((l) => l.sitting === sitting.id);
  const rows = points.map((p) => ({ ...p, value: p.points }));
  return {
    answers: {
      names: nameScores(counted, stations, looks),
      points: scoresOf(counted, stations, rows),
      named,
      all: [...(await readNamed(sql, who.ws, [...species], counted)), ...named],
      own: {
        sitting: sitting.id,
        given: own.map(givenOf),
        scores: nameScores([sitting.id], stations, ownLooks),
      },
      earlier,
    },
    classes,
    counted,
    through: sat,
    stations: own,
    looks,
  };
}
