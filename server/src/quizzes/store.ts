import type { Distance, Material } from '@hurrow/core/conditions';
import { PLAN, POLICY } from '@hurrow/core/quizzes';
import type { AskParams, GradePolicy, QuizPlan } from '@hurrow/core/quizzes';
import type {
  Ask,
  Clue,
  QuizDetail,
  QuizSummary,
  SittingState,
  SittingSummary,
  Station,
} from '@hurrow/contract';
import { SEES_SECTION } from '../access/index.ts';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { notFound } from '../http/index.ts';
import { readTrees } from '../material/index.ts';

interface SummaryRow {
  id: string;
  quiz: string;
  quiz_name: string;
  section: string;
  section_name: string;
  on_date: string;
  state: SittingState;
  joined: number;
  submitted: number;
  roster: number;
}

const asSummary = (r: SummaryRow): SittingSummary => ({
  id: r.id,
  section: r.section,
  sectionName: r.section_name,
  on: r.on_date,
  state: r.state,
  joined: r.joined,
  submitted: r.submitted,
  roster: r.roster,
});

/** A sitting with the quiz it is of. */
export type SittingOfQuiz = SittingSummary & { readonly quiz: string; readonly quizName: string };

/** Sittings an account may see, the newest first; of one quiz where it is given. */
export async function readSittings(
  sql: Sql,
  ws: string,
  account: string,
  quiz: string | null = null,
): Promise<readonly SittingOfQuiz[]> {
  const rows = await sql.query<SummaryRow>(
    `select s.id, s.quiz, q.name as quiz_name, s.section, sec.name as section_name, s.on_date, s.state,
       (select count(distinct t.student) from attempt t where t.ws = s.ws and t.sitting = s.id)::integer as joined,
       (select count(distinct t.student) from attempt t where t.ws = s.ws and t.sitting = s.id and t.submitted_at is not null)::integer as submitted,
       (select count(*) from enrolment e where e.ws = s.ws and e.section = s.section and e.to_on is null)::integer as roster
     from sitting s join section sec on sec.ws = s.ws and sec.id = s.section join quiz q on q.ws = s.ws and q.id = s.quiz
     where s.ws = $1 and ${SEES_SECTION('s.section')} and ($3::uuid is null or s.quiz = $3)
     order by s.on_date desc, s.id`,
    [ws, account, quiz],
  );
  return rows.map((r) => ({ ...asSummary(r), quiz: r.quiz, quizName: r.quiz_name }));
}

const summaryOf = ({ quiz: _quiz, quizName: _name, ...summary }: SittingOfQuiz): SittingSummary => summary;

export async function readQuizzes(sql: Sql, ws: string, account: string): Promise<readonly QuizSummary[]> {
  const sittings = await readSittings(sql, ws, account);
  const rows = await sql.query<{
    id: string;
    name: string;
    list: string;
    list_name: string;
    stations: number;
    archived: boolean;
  }>(
    `select q.id, q.name, q.list, l.name as list_name, q.archived_at is not null as archived,
       (select count(*) from station st where st.ws = q.ws and st.quiz = q.id and st.removed_at is null)::integer as stations
     from quiz q join list l on l.ws = q.ws and l.id = q.list where q.ws = $1 order by q.id desc`,
    [ws],
  );
  return rows.map((r) => ({
    id: r.id,
    name: r.name,
    list: r.list,
    listName: r.list_name,
    stations: r.stations,
    sittings: sittings.filter((s) => s.quiz === r.id).map(summaryOf),
    archived: r.archived,
  }));
}

interface StationRow {
  id: string;
  number: number;
  individual: string;
  version: number;
  material: Material[];
  distance: Distance;
  accepts: string[];
  not_tellable: boolean;
  clues: Clue[] | null;
  stood_before: number;
  asks: (Omit<Ask, 'params'> & { params: AskParams | Record<string, never> })[] | null;
}

const asAsk = ({ params, ...a }: NonNullable<StationRow['asks']>[number]): Ask => ({
  ...a,
  params: 'question' in params ? (params as AskParams) : null,
});

/** Stations of a quiz in order, with their trees and asks. */
export async function readStations(sql: Sql, ws: string, quiz: string): Promise<readonly Station[]> {
  const rows = await sql.query<StationRow>(
    // Trees that stood before are counted once for all stations: asked for station by station, the planner made a new plan each time.
    `with stood as materialized (
       select k.individual, count(distinct k.sitting)::integer as n from station_key k
       where k.ws = $1 and k.individual in (select h.individual from station h where h.ws = $1 and h.quiz = $2)
         and k.sitting in (select s.id from sitting s join quiz q on q.ws = s.ws and q.id = s.quiz
           where s.ws = $1 and s.quiz <> $2 and q.list = (select own.list from quiz own where own.ws = $1 and own.id = $2))
       group by k.individual)
     select st.id, st.number, st.individual, st.version, st.material, st.distance, st.accepts,
       st.not_tellable_on_purpose as not_tellable,
       (select jsonb_agg(jsonb_build_object('organ', c.organ, 'cost', c.cost) order by c.ord)
        from clue c where c.ws = st.ws and c.station = st.id) as clues,
       -- A tree that stood often is known by its place.
       coalesce((select stood.n from stood where stood.individual = st.individual), 0) as stood_before,
       (select jsonb_agg(jsonb_build_object('id', a.id, 'ord', a.ord, 'kind', a.kind, 'character', a.character, 'points', a.points,
          'params', a.params) order by a.ord)
        from ask a where a.ws = st.ws and a.station = st.id) as asks
     from station st where st.ws = $1 and st.quiz = $2 and st.removed_at is null and st.individual is not null
     order by st.number`,
    [ws, quiz],
  );
  const trees = new Map(
    (
      await readTrees(
        sql,
        ws,
        rows.map((r) => r.individual),
      )
    ).map((t) => [t.id, t]),
  );
  return rows.flatMap((r): Station[] => {
    const tree = trees.get(r.individual);
    return tree
      ? [
          {
            id: r.id,
            number: r.number,
            tree,
            asks: (r.asks ?? []).map(asAsk),
            material: r.material,
            distance: r.distance,
            accepts: r.accepts,
            notTellable: r.not_tellable,
            clues: r.clues ?? [],
            stoodBefore: r.stood_before,
            version: r.version,
          },
        ]
      : [];
  });
}

export interface QuizRow {
  id: string;
  name: string;
  list: string;
  list_name: string;
  policy: Partial<GradePolicy>;
  plan: Partial<QuizPlan>;
  locked: boolean;
  archived: boolean;
  version: number;
}

export async function needQuiz(sql: Sql, ws: string, id: string): Promise<QuizRow> {
  const row = await maybe<QuizRow>(
    sql,
    `select q.id, q.name, q.list, l.name as list_name, q.policy, q.plan, q.archived_at is not null as archived, q.version,
       exists (select 1 from sitting s where s.ws = q.ws and s.quiz = q.id and s.state <> 'draft') as locked
     from quiz q join list l on l.ws = q.ws and l.id = q.list where q.ws = $1 and q.id = $2`,
    [ws, id],
  );
  if (!row) throw notFound('This quiz was deleted.', { remedy: 'Choose one under Quizzes.' });
  return row;
}

export const planOf = (q: Pick<QuizRow, 'plan'>): QuizPlan => ({ ...PLAN, ...q.plan });

export const policyOf = (q: Pick<QuizRow, 'policy'>): GradePolicy => ({ ...POLICY, ...q.policy });

export async function readQuiz(sql: Sql, ws: string, account: string, id: string): Promise<QuizDetail> {
  const quiz = await needQuiz(sql, ws, id);
  return {
    id: quiz.id,
    name: quiz.name,
    list: quiz.list,
    listName: quiz.list_name,
    policy: policyOf(quiz),
    plan: planOf(quiz),
    stations: await readStations(sql, ws, id),
    sittings: (await readSittings(sql, ws, account, id)).map(summaryOf),
    locked: quiz.locked,
    archived: quiz.archived,
    version: quiz.version,
  };
}
