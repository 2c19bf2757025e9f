import { v7 } from 'uuid';
import { nameWritten, stored, taggedValue } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { PlannedSitting, PlannedStation, ResponsePlan } from '@hurrow/core/responses';
import { PLAN, POLICY } from '@hurrow/core/quizzes';
import { insertRows, one } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { gradeSitting } from '../grading/index.ts';
import { publicId, returnResults, sittingById } from '../sittings/index.ts';
import { recorder } from './recorder.ts';
import type { Undo } from './recorder.ts';

/** What an import of responses made, so that it can be taken back while nothing rests on it. */
export interface ImportedSittings {
  readonly sittings: readonly {
    readonly id: string;
    readonly version: number;
    readonly runs: number;
    readonly answers: number;
  }[];
  readonly quizzes: readonly string[];
  readonly trees: readonly string[];
}

interface Section {
  readonly list: string;
  readonly site: string;
}

/** The asks of one station: a name, how sure, and the characters that somebody called, before the name. */
interface PlacedStation {
  readonly planned: PlannedStation;
  readonly station: string;
  readonly calls: ReadonlyMap<string, string>;
  readonly name: string;
  readonly sure: string | null;
}

interface Quiz {
  readonly id: string;
  readonly stations: ReadonlyMap<number, PlacedStation>;
}

interface Writing {
  readonly tx: Sql;
  readonly ws: string;
  readonly by: string | null;
  readonly at: string;
}

/** Stations of one quiz that name the same species everywhere are the same stations, so their trees are the same too. */
const quizKey = (s: PlannedSitting): string =>
  `${s.quiz.toLowerCase()}/${s.stations.map((t) => `${t.number}:${t.taxon}`).join()}`;

const MATERIAL = ['tree'] as const;

/** Trees of earlier terms that nobody can be led to: they are kept for what was asked at them, and offered nowhere. */
async function plantStation(
  w: Writing,
  quiz: string,
  name: string,
  section: Section,
  planned: PlannedStation,
): Promise<PlacedStation & { readonly tree: string }> {
  const { tx, ws, by, at } = w;
  const [tree, station] = [v7(), v7()];
  await insertRows(tx, 'individual', [{ ws, id: tree, kind: 'tree', version: 1 }]);
  await insertRows(tx, 'tree', [
    {
      ws,
      individual: tree,
      kind: 'tree',
      site: section.site,
      tag: `${name.slice(0, 12)} ${planned.number} ${tree.slice(-6)}`,
      hazards: [],
      planted: false,
      retired_at: at,
    },
  ]);
  await insertRows(tx, 'determination', [
    { ws, id: v7(), individual: tree, taxon: planned.taxon, by_account: by, sureness: 'sure', at },
  ]);
  await insertRows(tx, 'station', [
    {
      ws,
      id: station,
      quiz,
      number: planned.number,
      individual: tree,
      not_tellable_on_purpose: false,
      material: planned.material.length > 0 ? planned.material : MATERIAL,
      distance: 'hand',
      accepts: [],
      version: 1,
    },
  ]);
  const kinds = [
    ...planned.characters.map((character) => ({ kind: 'call', character, points: 0 })),
    { kind: 'either', character: null, points: 1 },
    ...(planned.asksSure ? [{ kind: 'sureness', character: null, points: 0 }] : []),
  ];
  const asks = kinds.map((k, i) => ({ ws, id: v7(), station, ord: i + 1, form: 'typed', params: {}, ...k }));
  await insertRows(tx, 'ask', asks);
  return {
    planned,
    station,
    tree,
    calls: new Map(asks.flatMap((a) => (a.character === null ? [] : [[a.character, a.id] as const]))),
    name: asks.find((a) => a.kind === 'either')?.id ?? '',
    sure: asks.find((a) => a.kind === 'sureness')?.id ?? null,
  };
}

/** A quiz with every station and question that any of its sittings used. */
async function writeQuiz(
  w: Writing,
  sittings: readonly PlannedSitting[],
  section: Section,
): Promise<Quiz & { readonly trees: readonly string[] }> {
  const [first] = sittings;
  if (!first) throw new Error('A quiz without a sitting is not imported');
  const id = v7();
  await insertRows(w.tx, 'quiz', [
    {
      ws: w.ws,
      id,
      name: first.quiz.slice(0, 120),
      list: section.list,
      kind: 'field',
      policy: POLICY,
      plan: { ...PLAN, against: 'list' },
      version: 1,
    },
  ]);
  const stations = new Map<number, PlacedStation>();
  const trees: string[] = [];
  for (const planned of first.stations) {
    const all = sittings.flatMap((s) => s.stations.filter((t) => t.number === planned.number));
    const whole = {
      ...planned,
      material: all.find((t) => t.material.length > 0)?.material ?? [],
      characters: [...new Set(all.flatMap((t) => t.characters))].sort(),
      asksSure: all.some((t) => t.asksSure),
    };
    const { tree, ...placed } = await plantStation(w, id, first.quiz, section, whole);
    trees.push(tree);
    stations.set(planned.number, placed);
  }
  return { id, stations, trees };
}

/** The answers of one sitting as rows, each with its question. */
function answerRows(
  w: Writing,
  sitting: PlannedSitting,
  quiz: Quiz,
  places: ReadonlyMap<string, string>,
  attempts: ReadonlyMap<string, string>,
): Record<string, unknown>[] {
  return sitting.stations.flatMap((planned) => {
    const placed = quiz.stations.get(planned.number);
    if (!placed) return [];
    return planned.answers.flatMap((a) => {
      const attempt = attempts.get(a.code.toLowerCase());
      const row = (ask: string, value: AnswerValue, seconds: number | null = null) => ({
        ws: w.ws,
        id: v7(),
        attempt,
        sitting_station: places.get(placed.station),
        ask,
        value: stored(value),
        precedence: 1,
        seconds,
        received_at: `${sitting.on}T12:00:00Z`,
        origin: 'import',
        clues_open: 0,
        late: false,
      });
      const rows = [
        ...a.calls.map((c) => row(placed.calls.get(c.character) ?? '', c.value)),
        row(placed.name, nameWritten(a.answer), a.seconds),
        ...(placed.sure !== null && a.sure !== null
          ? [row(placed.sure, taggedValue({ typed: null, state: null, sure: a.sure }))]
          : []),
      ];
      return rows.map((r, i) => ({ ...r, seq: i + 1 }));
    });
  });
}

const PART = 2000;

/** One sitting with its answers, graded, and returned where the file says when. @returns its id. */
async function writeSitting(
  w: Writing,
  sitting: PlannedSitting,
  quiz: Quiz,
  students: ReadonlyMap<string, string>,
): Promise<string> {
  const { tx, ws, by, at } = w;
  const id = v7();
  await insertRows(tx, 'sitting', [
    {
      ws,
      id,
      quiz: quiz.id,
      section: sitting.section,
      on_date: sitting.on,
      state: 'closed',
      handling: ['look', 'lens', 'touch'],
      wet: false,
      led: false,
      version: 1,
    },
  ]);
  const places = new Map<string, string>();
  for (const planned of sitting.stations) {
    const placed = quiz.stations.get(planned.number);
    if (!placed) continue;
    const place = v7();
    places.set(placed.station, place);
    const { material } = placed.planned;
    await insertRows(tx, 'sitting_station', [
      {
        ws,
        id: place,
        sitting: id,
        station: placed.station,
        distance: 'hand',
        material: material.length > 0 ? material : MATERIAL,
        taken_on: {},
        public_id: publicId(),
        version: 1,
      },
    ]);
    const asks = [...placed.calls.values(), placed.name, ...(placed.sure === null ? [] : [placed.sure])];
    await insertRows(
      tx,
      'sitting_ask',
      asks.map((ask) => ({ ws, sitting_station: place, ask, public_id: publicId() })),
    );
  }
  const codes = [...new Set(sitting.stations.flatMap((s) => s.answers.map((a) => a.code.toLowerCase())))];
  const attempts = new Map(codes.map((code) => [code, v7()]));
  await insertRows(
    tx,
    'attempt',
    codes.map((code) => ({
      ws,
      id: attempts.get(code),
      sitting: id,
      student: students.get(`${sitting.section}/${code}`),
      origin: 'import',
      takeover: 1,
      joined_at: `${sitting.on}T12:00:00Z`,
      submitted_at: `${sitting.on}T12:00:00Z`,
    })),
  );
  const rows = answerRows(w, sitting, quiz, places, attempts);
  for (let i = 0; i < rows.length; i += PART) await insertRows(tx, 'response', rows.slice(i, i + PART));
  const row = await sittingById(tx, ws, id);
  if (!row) throw new Error('A sitting that was just made is not there');
  await gradeSitting(tx, { ws, sitting: row, by, at, cause: 'first' });
  const graded = sitting.returned === null ? null : await sittingById(tx, ws, id);
  if (graded) await returnResults(tx, ws, graded, `${sitting.returned ?? ''}T12:00:00Z`);
  return id;
}

/** The students of the plan by section and number, those who are added among them. */
async function studentsOf(
  rec: ReturnType<typeof recorder>,
  plan: ResponsePlan,
  at: string,
): Promise<ReadonlyMap<string, string>> {
  const known = plan.sittings.flatMap((s) =>
    s.stations.flatMap((t) =>
      t.answers.flatMap((a) =>
        a.student === null ? [] : [[`${s.section}/${a.code.toLowerCase()}`, a.student] as const],
      ),
    ),
  );
  const fresh = plan.added.map((a) => ({ ...a, id: v7() }));
  await rec.insert(
    'student',
    fresh.map((s) => ({ id: s.id, code: s.code, first_name: null })),
  );
  await rec.insert(
    'enrolment',
    fresh.map((s) => ({ section: s.section, student: s.id, from_on: at.slice(0, 10) })),
  );
  return new Map([...known, ...fresh.map((s) => [`${s.section}/${s.code.toLowerCase()}`, s.id] as const)]);
}

const stateOf = (tx: Sql, ws: string, id: string): Promise<ImportedSittings['sittings'][number]> =>
  one(
    tx,
    `select s.id, s.version, (select count(*)::integer from grading_run r where r.ws = s.ws and r.sitting = s.id) as runs,
       (select count(*)::integer from response r join attempt t on t.ws = r.ws and t.id = r.attempt where t.ws = s.ws and t.sitting = s.id) as answers
     from sitting s where s.ws = $1 and s.id = $2`,
    [ws, id],
  );

/**
 * Writes the sittings of a responses file, each with its quiz, and grades them, within a transaction.
 * @param by who does it; null from the command line.
 * @returns what undoing it needs.
 */
export async function applyResponses(
  tx: Sql,
  ws: string,
  batch: string,
  by: string | null,
  plan: ResponsePlan,
  at: string,
  progress: (done: number, total: number) => Promise<void>,
): Promise<Undo> {
  const rec = recorder(tx, ws, batch);
  const w: Writing = { tx, ws, by, at };
  const students = await studentsOf(rec, plan, at);
  const sections = new Map(
    (await tx.query<Section & { id: string }>('select id, list, site from section where ws = $1', [ws])).map(
      (s) => [s.id, s],
    ),
  );
  const byQuiz = new Map<string, PlannedSitting[]>();
  for (const s of plan.sittings) byQuiz.set(quizKey(s), [...(byQuiz.get(quizKey(s)) ?? []), s]);
  const made: { sittings: ImportedSittings['sittings'][number][]; quizzes: string[]; trees: string[] } = {
    sittings: [],
    quizzes: [],
    trees: [],
  };
  for (const sittings of byQuiz.values()) {
    const section = sections.get(sittings[0]?.section ?? '');
    if (!section) throw new Error('A class that was planned for is not there');
    const quiz = await writeQuiz(w, sittings, section);
    made.quizzes.push(quiz.id);
    made.trees.push(...quiz.trees);
    for (const sitting of sittings) {
      await progress(made.sittings.length, plan.sittings.length);
      made.sittings.push(await stateOf(tx, ws, await writeSitting(w, sitting, quiz, students)));
    }
  }
  await progress(plan.sittings.length, plan.sittings.length);
  return { ...(await rec.finish()), imported: made };
}
