import { createHash } from 'node:crypto';
import { chooseLooks } from '@hurrow/core/misses';
import type { ChosenLooks, MissCharacter, MissRival, WeighedLook, WeighedStation } from '@hurrow/core/misses';
import type { Character } from '@hurrow/core/characters';
import type { LookCall } from '@hurrow/core/grading';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { readWholeVocabulary } from '../library/index.ts';
import { doubtedStations } from '../mixups/index.ts';

const WEEK = 7 * 86_400_000;

/** Graded sittings of a class, in the order they were held. */
export interface SatSitting {
  readonly id: string;
  readonly on: string;
  readonly quiz: string;
  /** The newest grading and key revision; whatever changes either changes a fit. */
  readonly stamp: string;
}

export const readSat = (sql: Sql, ws: string, section: string): Promise<readonly SatSitting[]> =>
  sql.query<SatSitting>(
    `select s.id, s.on_date as "on", q.name as quiz,
       concat_ws('/', s.id, (select g.id from grading_run g where g.ws = s.ws and g.sitting = s.id order by g.seq desc limit 1),
         (select max(k.rev) from sitting_key k where k.ws = s.ws and k.sitting = s.id)) as stamp
     from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz
     where s.ws = $1 and s.section = $2 and exists (select 1 from look l where l.ws = s.ws and l.sitting = s.id)
     order by s.on_date, s.id`,
    [ws, section],
  );

interface Lesson {
  readonly on: string;
  readonly kind: 'taught' | 'retaught';
  readonly taxon: string;
  readonly other: string | null;
}

const readLessons = (sql: Sql, ws: string, section: string): Promise<readonly Lesson[]> =>
  sql.query<Lesson>(
    `select l.on_date as "on", l.kind, i.taxon, i.other from lesson l join lesson_item i on i.ws = l.ws and i.lesson = l.id
     where l.ws = $1 and l.section = $2 order by l.on_date, l.id, i.ord`,
    [ws, section],
  );

/** Tags found right, lessons with what they took up, and the first day of the term: what else a fit rests on. */
async function groundStamp(
  sql: Sql,
  ws: string,
  section: string,
  sittings: readonly string[],
): Promise<string> {
  const rows = await sql.query<{ stamp: string }>(
    `select coalesce((select string_agg(f.sitting_station::text, ',' order by f.sitting_station) from tag_found_right f
         join sitting_station ss on ss.ws = f.ws and ss.id = f.sitting_station where f.ws = $1 and ss.sitting = any($3::uuid[])), '')
       || '/' || coalesce((select string_agg(concat_ws(' ', l.id, l.on_date, l.kind, i.taxon, i.other), ',' order by l.id, i.ord)
         from lesson l left join lesson_item i on i.ws = l.ws and i.lesson = l.id where l.ws = $1 and l.section = $2), '')
       || '/' || coalesce((select starts_on::text from section where ws = $1 and id = $2), '') as stamp`,
    [ws, section, sittings],
  );
  return rows[0]?.stamp ?? '';
}

/** What a fit rests on, as one hash: other answers, keys, lessons or engines have another. */
export async function inputHash(
  sql: Sql,
  ws: string,
  section: string,
  sat: readonly SatSitting[],
  engine: string,
): Promise<string> {
  const ground = await groundStamp(
    sql,
    ws,
    section,
    sat.map((s) => s.id),
  );
  return createHash('sha256')
    .update([engine, ground, ...sat.map((s) => s.stamp)].join('\n'))
    .digest('hex');
}

interface StationRow {
  readonly id: string;
  readonly sitting: string;
  readonly on: string;
  readonly truth: string;
  readonly names: number;
  readonly week: number | null;
  readonly starts_on: string | null;
}

/** Stations by the newest revision of their key, with how many names could be given and when their species was taught. */
const readStations = (sql: Sql, ws: string, sittings: readonly string[]): Promise<readonly StationRow[]> =>
  readMany<StationRow>(
    sql,
    `select ss.id, ss.sitting, s.on_date as "on", k.taxon as truth, c.starts_on,
       (select count(*)::integer from sitting_taxon t where t.ws = ss.ws and t.sitting = ss.sitting and t.rev = h.list_rev) as names,
       (select t.week from sitting_taxon t where t.ws = ss.ws and t.sitting = ss.sitting and t.rev = h.list_rev and t.taxon = k.taxon) as week
     from sitting_station ss join sitting s on s.ws = ss.ws and s.id = ss.sitting join section c on c.ws = s.ws and c.id = s.section
     join lateral (select x.list_rev from sitting_key x where x.ws = ss.ws and x.sitting = ss.sitting order by x.rev desc limit 1) h on true
     join lateral (select x.taxon from station_key x where x.ws = ss.ws and x.sitting_station = ss.id order by x.rev desc limit 1) k on true
     where ss.ws = $1 and ss.sitting = any($2::uuid[])`,
    [ws, sittings],
  );

interface RivalRow {
  readonly station: string;
  readonly rival: string;
  readonly verdict: MissRival['verdict'];
  readonly tells: readonly {
    readonly character: string;
    readonly group: string | null;
    readonly overlap: number;
  }[];
}

const readRivals = (sql: Sql, ws: string, sittings: readonly string[]): Promise<readonly RivalRow[]> =>
  readMany<RivalRow>(
    sql,
    `select r.sitting_station as station, r.rival, r.verdict, r.tells from station_rival r
     join (select x.sitting_station, max(x.rev) as rev from station_key x where x.ws = $1 and x.sitting = any($2::uuid[])
       group by x.sitting_station) k on k.sitting_station = r.sitting_station and k.rev = r.rev
     where r.ws = $1`,
    [ws, sittings],
  );

interface LookRow {
  readonly station: string;
  readonly student: string;
  readonly named: string;
  readonly answer: string | null;
  readonly sure: string | null;
  readonly met_before: boolean;
  readonly calls: readonly LookCall[];
}

const readLooks = (sql: Sql, ws: string, sittings: readonly string[]): Promise<readonly LookRow[]> =>
  readMany<LookRow>(
    sql,
    `select sitting_station as station, student, named, answer, sure, met_before, calls from look
     where ws = $1 and sitting = any($2::uuid[]) order by on_date, sitting_station, student`,
    [ws, sittings],
  );

/** Weeks between the day a species was last taught and a sitting: a lesson, or the week of the list from the term's first day. */
function weeksAt(s: StationRow, lessons: readonly Lesson[]): number | null {
  const planned =
    s.week !== null && s.starts_on !== null ? Date.parse(s.starts_on) + (s.week - 1) * WEEK : null;
  const held = lessons
    .filter((l) => l.kind === 'taught' && l.on <= s.on && (l.taxon === s.truth || l.other === s.truth))
    .map((l) => Date.parse(l.on));
  const days = [...held, ...(planned === null ? [] : [planned])].filter((d) => d <= Date.parse(s.on));
  return days.length === 0 ? null : Math.floor((Date.parse(s.on) - Math.max(...days)) / WEEK);
}

const retaughtAt = (s: StationRow, lessons: readonly Lesson[]): readonly string[] => [
  ...new Set(
    lessons.flatMap((l) => {
      if (l.kind !== 'retaught' || l.on >= s.on || l.other === null) return [];
      if (l.taxon === s.truth) return [l.other];
      return l.other === s.truth ? [l.taxon] : [];
    }),
  ),
];

/**
 * Gathers what a fit reads of some sittings of a class: what separates each tree from each name by the newest revision of its
 * key, and every answer with its calls.
 */
export async function gather(
  sql: Sql,
  ws: string,
  section: string,
  sittings: readonly string[],
): Promise<ChosenLooks> {
  const stations = await readStations(sql, ws, sittings);
  const lessons = await readLessons(sql, ws, section);
  const doubted = await doubtedStations(sql, ws, [section], sittings);
  // Keys of before a character was retired still have it.
  const vocabulary = new Map((await readWholeVocabulary(sql, ws)).map((c) => [c.id, c]));
  // Where a tree stands is no mark of it: it may be planted.
  const isMark = (id: string): boolean => vocabulary.get(id)?.organ !== 'site';
  const rivals = new Map<string, MissRival[]>();
  for (const r of await readRivals(sql, ws, sittings)) {
    const of = rivals.get(r.station) ?? [];
    of.push({
      taxon: r.rival,
      verdict: r.verdict,
      tells: r.tells
        .filter((t) => isMark(t.character))
        .map((t) => ({ character: t.character, group: t.group ?? t.character, overlap: t.overlap })),
    });
    rivals.set(r.station, of);
  }
  const places = new Map(stations.map((s, i) => [s.id, i]));
  const weighed = stations.map((s): WeighedStation => ({
    truth: s.truth,
    names: s.names,
    rivals: rivals.get(s.id) ?? [],
    weeks: weeksAt(s, lessons),
    retaught: retaughtAt(s, lessons),
    doubted: doubted.has(s.id),
  }));
  const looks = (await readLooks(sql, ws, sittings)).flatMap((l): WeighedLook[] => {
    const station = places.get(l.station);
    if (station === undefined) return [];
    return [
      {
        student: l.student,
        station,
        named: l.named,
        answer: l.answer,
        sure: l.sure,
        metBefore: l.met_before,
        calls: l.calls.flatMap((c) =>
          c.outcome === 'right' || c.outcome === 'coarse' || c.outcome === 'wrong'
            ? [{ character: c.character, right: c.outcome !== 'wrong' }]
            : [],
        ),
      },
    ];
  });
  return chooseLooks(weighed, looks, charactersOf(vocabulary));
}

/** Characters by evidence group, with what is known of learners in general; retired ones too, which older keys still have. */
const charactersOf = (vocabulary: ReadonlyMap<string, Character>): readonly MissCharacter[] =>
  [...vocabulary.values()].map((c) => ({ id: c.id, group: c.evidenceGroup ?? c.id, prior: c.misread[0] }));
