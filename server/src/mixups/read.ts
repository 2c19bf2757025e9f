import type { MixUpRow, MixUps, TruthRow } from '@hurrow/contract';
import { matrixOrder } from '@hurrow/core/mixups';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { background } from './background.ts';
import type { Background } from './background.ts';
import { inFull, rank } from './pairs.ts';
import type { Placed } from './pairs.ts';
import type { BoardScope } from './boardTypes.ts';

const COUNTS = {
  right: 'right',
  other: 'other',
  unlisted: 'unlisted',
  blank: 'blank',
  genus_only: 'genusOnly',
  family: 'family',
  cannot_tell: 'cannotTell',
} as const;

/** What was written at trees of each species. */
function truthsOf(b: Background): readonly TruthRow[] {
  const by = new Map<string, Record<(typeof COUNTS)[keyof typeof COUNTS], number>>();
  for (const r of b.rows) {
    const had = by.get(r.truth) ?? {
      right: 0,
      other: 0,
      unlisted: 0,
      blank: 0,
      genusOnly: 0,
      family: 0,
      cannotTell: 0,
    };
    had[COUNTS[r.named as keyof typeof COUNTS]] += r.looks;
    by.set(r.truth, had);
  }
  return [...by].flatMap(([id, counts]): TruthRow[] => {
    const truth = b.headers.get(id);
    return truth ? [{ truth, n: Object.values(counts).reduce((n, x) => n + x, 0), ...counts }] : [];
  });
}

/** Fewer students' pairs beyond so many are counted and not listed: they are one slip each. */
const MOST_PAIRS = 2000;

/** Where most wrote a pair is said of so many, those to act on first. */
const MOST_PLACES = 300;

/** Names the station where most wrote each of the first pairs. */
async function withPlaces(sql: Sql, ws: string, placed: readonly Placed[]): Promise<readonly MixUpRow[]> {
  const rows = await readMany<{ id: string; quiz: string; on: string; station: number }>(
    sql,
    `select ss.id, q.name as quiz, s.on_date as "on", st.number as station from sitting_station ss
     join sitting s on s.ws = ss.ws and s.id = ss.sitting join station st on st.ws = ss.ws and st.id = ss.station
     join quiz q on q.ws = st.ws and q.id = st.quiz
     where ss.ws = $1 and ss.id = any($2::uuid[])`,
    [ws, [...new Set(placed.slice(0, MOST_PLACES).flatMap((p) => p.station ?? []))]],
  );
  const places = new Map(rows.map(({ id, ...p }) => [id, p]));
  return placed.map(({ row, station, k, n }) => {
    const place = station === null ? undefined : places.get(station);
    return place ? { ...row, at: { ...place, k, n } } : row;
  });
}

const readSittings = (
  sql: Sql,
  ws: string,
  { sections, from, to }: BoardScope,
): Promise<MixUps['sittings']> =>
  readMany<MixUps['sittings'][number]>(
    sql,
    `select s.id, s.on_date as "on", q.name as quiz from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz
     where s.ws = $1 and s.section = any($2::uuid[]) and ($3::date is null or s.on_date >= $3) and ($4::date is null or s.on_date <= $4)
       and (select 1 from grading_run g where g.ws = s.ws and g.sitting = s.id limit 1) is not null
     order by s.on_date desc, s.id`,
    [ws, sections, from, to],
  );

/** Mix-ups of classes with base, interval and how each stands. Source: docs/formulas.md, Counting mix-ups. */
export async function readMixUps(sql: Sql, ws: string, scope: BoardScope): Promise<MixUps> {
  const b = await background(sql, ws, scope);
  const all = rank(b);
  const { species, clusters } = matrixOrder(
    all.map(({ row, answer, flagged }) => ({ truth: row.truth, answer, students: row.students, flagged })),
  );
  const most = (a: { readonly looks: number }, c: { readonly looks: number }): number => c.looks - a.looks;
  return {
    section: scope.sections[0] ?? '',
    looks: b.total.looks,
    students: b.total.students,
    sittings: await readSittings(sql, ws, scope),
    pairs: await withPlaces(sql, ws, inFull(b, all.slice(0, MOST_PAIRS))),
    unlistedPairs: Math.max(0, all.length - MOST_PAIRS),
    truths: truthsOf(b),
    small: b.small,
    flagsFrom: b.flagsFrom,
    settings: b.settings,
    materials: b.totals
      .flatMap((t) =>
        t.material_class !== null && t.form === null ? [{ material: t.material_class, looks: t.looks }] : [],
      )
      .sort(most),
    forms: b.totals
      .flatMap((t) =>
        t.form !== null && t.material_class === null ? [{ form: t.form, looks: t.looks }] : [],
      )
      .sort(most),
    order: species,
    clusters,
  };
}
