import type { AnswerValue } from '@hurrow/core/answers';
import { answerText } from '@hurrow/core/answers';
import type { Material } from '@hurrow/core/conditions';
import type { AskKind } from '@hurrow/core/grading';
import type { AnswerForm, ResponseLine } from '@hurrow/core/responses';
import type {
  AskGrade,
  CalendarSitting,
  GradebookColumn,
  GradebookStudent,
  XapiAnswer,
} from '@hurrow/core/results';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';

/** Which sittings go out: of one class, or one sitting alone; the account sees them. */
export interface Chosen {
  readonly sections: readonly string[];
  readonly sitting: string | null;
}

const CHOSEN = `s.ws = $1 and s.section = any($2::uuid[]) and ($3::uuid is null or s.id = $3)`;
const args = (ws: string, { sections, sitting }: Chosen): unknown[] => [ws, sections, sitting];

/** The newest run of each chosen sitting. */
const NEWEST = `select distinct on (r.sitting) r.sitting, r.id from grading_run r join sitting s on s.ws = r.ws and s.id = r.sitting
  where r.ws = $1 and ${CHOSEN} order by r.sitting, r.seq desc`;

interface GradeRow {
  readonly response: string;
  readonly quiz: string;
  readonly sitting: string;
  readonly on: string;
  readonly section: string;
  readonly student: string;
  readonly code: string;
  readonly place: string;
  readonly station: number;
  readonly species: string;
  readonly kind: AskKind;
  readonly ask: string;
  readonly character: string | null;
  readonly value: AnswerValue;
  readonly at: string;
  readonly outcome: string;
  readonly points: number;
  readonly most: number;
  readonly why: string;
  readonly changed: boolean;
}

/** Every graded answer of the chosen sittings, by the newest run, with what a person changed. */
const readGradeRows = (sql: Sql, ws: string, chosen: Chosen): Promise<readonly GradeRow[]> =>
  readMany<GradeRow>(
    sql,
    `select g.response, q.name as quiz, s.id as sitting, s.on_date as on, c.name as section, t.student, st.code,
       ss.id as place, sta.number as station, k.accept ->> 'scientific' as species, a.kind, a.id as ask, a.character, r.value, r.received_at as at,
       coalesce(o.outcome, g.outcome) as outcome, coalesce(o.points, g.points) as points, g.most,
       coalesce(o.reason, g.why) as why, o.response is not null as changed
     from (${NEWEST}) newest
     join run_grade g on g.ws = $1 and g.run = newest.id
     join response r on r.ws = g.ws and r.id = g.response
     join attempt t on t.ws = r.ws and t.id = r.attempt
     join student st on st.ws = t.ws and st.id = t.student
     join sitting s on s.ws = t.ws and s.id = t.sitting
     join quiz q on q.ws = s.ws and q.id = s.quiz
     join section c on c.ws = s.ws and c.id = s.section
     join sitting_station ss on ss.ws = r.ws and ss.id = r.sitting_station
     join station sta on sta.ws = ss.ws and sta.id = ss.station
     join ask a on a.ws = r.ws and a.id = r.ask
     join lateral (select k.accept from station_key k where k.ws = ss.ws and k.sitting_station = ss.id order by k.rev desc limit 1) k on true
     left join override o on o.ws = g.ws and o.response = g.response and o.withdrawn_at is null
     order by s.on_date, q.name, s.id, length(st.code), st.code, sta.number, a.ord`,
    args(ws, chosen),
  );

/** What a question asks, in words. */
export type AskedWords = (kind: AskKind, character: string | null) => string;

export async function readAskGrades(
  sql: Sql,
  ws: string,
  chosen: Chosen,
  asked: AskedWords,
): Promise<readonly AskGrade[]> {
  const rows = await readGradeRows(sql, ws, chosen);
  return rows.map((r) => ({
    quiz: r.quiz,
    on: r.on,
    section: r.section,
    code: r.code,
    station: r.station,
    species: r.species,
    asked: asked(r.kind, r.character),
    answer: answerText(r.value),
    outcome: r.outcome,
    points: r.points,
    most: r.most,
    why: r.why,
    changed: r.changed,
  }));
}

export async function readXapiAnswers(
  sql: Sql,
  ws: string,
  chosen: Chosen,
  asked: AskedWords,
): Promise<readonly XapiAnswer[]> {
  const rows = await readGradeRows(sql, ws, chosen);
  return rows.map((r) => ({
    response: r.response,
    student: r.student,
    sitting: r.sitting,
    station: r.place,
    ask: r.ask,
    quiz: r.quiz,
    number: r.station,
    asked: asked(r.kind, r.character),
    answer: answerText(r.value),
    points: r.points,
    most: r.most,
    at: r.at,
  }));
}

/** The graded sittings of one class as columns, with the students on its roster and what each earned. */
export async function readGradebook(
  sql: Sql,
  ws: string,
  chosen: Chosen,
  title: (quiz: string, on: string) => string,
): Promise<{ readonly columns: readonly GradebookColumn[]; readonly students: readonly GradebookStudent[] }> {
  const columns = await readMany<{ sitting: string; quiz: string; on: string; most: number }>(
    sql,
    `select newest.sitting, q.name as quiz, s.on_date as on,
       (select coalesce(sum((a ->> 'most')::double precision), 0) from sitting_station ss
          join lateral (select k.accept from station_key k where k.ws = ss.ws and k.sitting_station = ss.id order by k.rev desc limit 1) k on true,
          jsonb_array_elements(k.accept -> 'asks') a
        where ss.ws = s.ws and ss.sitting = s.id and not coalesce((k.accept ->> 'dropped')::boolean, false) and a ->> 'kind' <> 'sureness') as most
     from (${NEWEST}) newest join sitting s on s.ws = $1 and s.id = newest.sitting
     join quiz q on q.ws = s.ws and q.id = s.quiz order by s.on_date, q.name, s.id`,
    args(ws, chosen),
  );
  const earned = await readMany<{ sitting: string; student: string; points: number }>(
    sql,
    `select newest.sitting, t.student, sum(coalesce(o.points, g.points))::double precision as points
     from (${NEWEST}) newest join run_grade g on g.ws = $1 and g.run = newest.id
     join response r on r.ws = g.ws and r.id = g.response join attempt t on t.ws = r.ws and t.id = r.attempt
     left join override o on o.ws = g.ws and o.response = g.response and o.withdrawn_at is null
     group by newest.sitting, t.student`,
    args(ws, chosen),
  );
  const points = new Map<string, Map<string, number>>();
  for (const e of earned) {
    const of = points.get(e.student) ?? new Map<string, number>();
    of.set(e.sitting, Math.round(e.points * 100) / 100);
    points.set(e.student, of);
  }
  const people = await sql.query<{
    id: string;
    schoolId: string | null;
    code: string;
    firstName: string | null;
  }>(
    `select st.id, st.school_id as "schoolId", st.code, st.first_name as "firstName" from student st
     where st.ws = $1 and (st.id = any($3::uuid[]) or exists (select 1 from enrolment e where e.ws = st.ws and e.student = st.id
       and e.section = any($2::uuid[]) and e.to_on is null))
     order by length(st.code), st.code`,
    [ws, chosen.sections, [...points.keys()]],
  );
  return {
    columns: columns.map((c) => ({ sitting: c.sitting, title: title(c.quiz, c.on), most: c.most })),
    students: people.map(({ id, ...p }) => ({ ...p, points: points.get(id) ?? new Map<string, number>() })),
  };
}

interface LookRow {
  readonly quiz: string;
  readonly on: string;
  readonly section: string;
  readonly student: string;
  readonly station: number;
  readonly species: string;
  readonly value: AnswerValue | null;
  readonly form: string;
  readonly sure: ResponseLine['sure'];
  readonly seconds: number | null;
  readonly material: Material[];
  readonly returned: string | null;
  readonly calls: readonly { readonly character: string; readonly value: AnswerValue }[];
}

/** The looks of the chosen sittings as lines of a responses file. */
export async function readResponseLines(
  sql: Sql,
  ws: string,
  chosen: Chosen,
): Promise<readonly Omit<ResponseLine, 'line'>[]> {
  const rows = await readMany<LookRow>(
    sql,
    `select q.name as quiz, s.on_date as on, c.name as section, st.code as student, sta.number as station,
       k.accept ->> 'scientific' as species, r.value, l.form, l.sure, r.seconds, k.conditions -> 'material' as material,
       (s.returned_at at time zone coalesce(place.tz, 'UTC'))::date::text as returned, l.calls
     from look l join sitting s on s.ws = l.ws and s.id = l.sitting join quiz q on q.ws = s.ws and q.id = s.quiz
     join section c on c.ws = s.ws and c.id = s.section join site place on place.ws = c.ws and place.id = c.site
     join student st on st.ws = l.ws and st.id = l.student
     join sitting_station ss on ss.ws = l.ws and ss.id = l.sitting_station join station sta on sta.ws = ss.ws and sta.id = ss.station
     join station_key k on k.ws = l.ws and k.sitting_station = l.sitting_station and k.rev = l.key_rev
     left join response r on r.ws = l.ws and r.id = l.response
     where l.ws = $1 and ${CHOSEN}
     order by s.on_date, q.name, s.id, length(st.code), st.code, sta.number`,
    args(ws, chosen),
  );
  return rows.map((r) => ({
    quiz: r.quiz,
    on: r.on,
    section: r.section,
    student: r.student,
    station: r.station,
    species: r.species,
    answer: r.value ? answerText(r.value) : '',
    form: (r.form === 'choice' ? 'choice' : 'typed') satisfies AnswerForm,
    sure: r.sure,
    seconds: r.seconds,
    material: r.material,
    returned: r.returned,
    calls: Object.fromEntries(
      r.calls.map((c) => [c.character, c.value.kind === 'state' ? c.value.state : answerText(c.value)]),
    ),
  }));
}

export const readCalendarSittings = async (
  sql: Sql,
  ws: string,
  chosen: Chosen,
): Promise<readonly CalendarSitting[]> =>
  (
    await sql.query<Omit<CalendarSitting, 'site'> & { site: string; lat: number; lon: number }>(
      `select s.id, q.name as quiz, c.name as section, s.on_date as on, s.state, si.name as site, si.lat, si.lon,
         (select count(*)::integer from sitting_station ss where ss.ws = s.ws and ss.sitting = s.id) as stations
       from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz join section c on c.ws = s.ws and c.id = s.section
       join site si on si.ws = c.ws and si.id = c.site where ${CHOSEN} order by s.on_date, q.name, s.id`,
      args(ws, chosen),
    )
  ).map(({ site, lat, lon, ...s }) => ({ ...s, site: { name: site, lat, lon } }));
