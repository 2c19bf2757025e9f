import type {
  Soundness,
  SoundStation,
  SoundStudent,
  SoundThrough,
  TagCheck,
  TaxonHeader,
} from '@hurrow/contract';
import { adviceFor, judgeQuiz, stationsMissing } from '@hurrow/core/soundness';
import type { KeyCheck, QuizAnswers, QuizSoundness } from '@hurrow/core/soundness';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict } from '../http/index.ts';
import type { Account } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';
import { newestRun } from '../sittings/index.ts';
import type { SittingRow } from '../sittings/index.ts';
import { inThread } from '../threads/index.ts';
import { readGround } from './answers.ts';
import type { Ground } from './answers.ts';

/** Students times stations up to which the main loop does not feel it. */
const SMALL = 1000;

function judged(answers: QuizAnswers): Promise<QuizSoundness> {
  const size = (s: QuizAnswers['names']): number => s.students.length * s.stations.length;
  const all = [answers.names, ...answers.earlier.map((e) => e.scores)].reduce((n, s) => n + size(s), 0);
  return all <= SMALL
    ? Promise.resolve(judgeQuiz(answers))
    : inThread(new URL('./judge.worker.ts', import.meta.url), answers);
}

interface FoundRight {
  readonly station: string;
  readonly by: string | null;
  readonly at: string;
}

const readFoundRight = (sql: Sql, ws: string, stations: readonly string[]): Promise<readonly FoundRight[]> =>
  readMany<FoundRight>(
    sql,
    `select f.sitting_station as station, a.name as by, f.at from tag_found_right f
     left join account a on a.ws = f.ws and a.id = f.by_account
     where f.ws = $1 and f.sitting_station = any($2::uuid[])`,
    [ws, stations],
  );

const readWho = (
  sql: Sql,
  ws: string,
  students: readonly string[],
): Promise<readonly { readonly id: string; readonly code: string; readonly firstName: string | null }[]> =>
  readMany(
    sql,
    'select id, code, first_name as "firstName" from student where ws = $1 and id = any($2::uuid[])',
    [ws, students],
  );

function tagCheck(check: KeyCheck, header: TaxonHeader, found: FoundRight | undefined): TagCheck {
  return {
    verdict: check.verdict,
    instead: header,
    namedAsTag: check.namedAsTag,
    namedAsInstead: check.namedAsInstead,
    answers: check.answers,
    logRatio: check.logRatio,
    posterior: check.posterior,
    otherStations: check.others.stations,
    otherAnswers: check.others.answers,
    foundRight: found ? { by: found.by, at: found.at } : null,
  };
}

function stationsOf(
  ground: Ground,
  sound: QuizSoundness,
  headers: ReadonlyMap<string, TaxonHeader>,
  foundRight: readonly FoundRight[],
): readonly SoundStation[] {
  return ground.stations.flatMap((s): SoundStation[] => {
    const truth = headers.get(s.truth);
    const item = sound.items.find((i) => i.station === s.id);
    if (!truth || !item) return [];
    const check = sound.checks.find((c) => c.station === s.id);
    const found = foundRight.find((f) => f.station === s.id);
    const instead = check ? headers.get(check.instead) : undefined;
    const placed = sound.scale.is === 'known' ? sound.scale.stations.find((p) => p.id === s.id) : undefined;
    const named = ground.answers.named.find((n) => n.id === s.id)?.named ?? new Map<string, number>();
    return [
      {
        sittingStation: s.id,
        number: s.number,
        tag: s.tag,
        truth,
        n: item.n,
        right: Math.round(item.facility * item.n),
        correlation: item.correlation,
        difficulty: placed ? { value: placed.value, se: placed.se } : null,
        others: [...named]
          .filter(([taxon]) => taxon !== s.truth)
          .sort((a, b) => b[1] - a[1])
          .flatMap(([taxon, n]) => {
            const header = headers.get(taxon);
            return header ? [{ taxon: header, n }] : [];
          }),
        check: check && instead ? tagCheck(check, instead, found) : null,
        advice: adviceFor(item, check ?? null, found !== undefined),
      },
    ];
  });
}

/** How many of a student's looks named the tree right. */
function rightBy(
  looks: Ground['looks'],
): ReadonlyMap<string, { readonly right: number; readonly of: number }> {
  const by = new Map<string, { right: number; of: number }>();
  for (const l of looks) {
    const key = `${l.sitting}/${l.student}`;
    const had = by.get(key) ?? { right: 0, of: 0 };
    by.set(key, { right: had.right + (l.named === 'right' ? 1 : 0), of: had.of + 1 });
  }
  return by;
}

async function studentsOf(
  sql: Sql,
  ws: string,
  ground: Ground,
  sound: QuizSoundness,
): Promise<readonly SoundStudent[]> {
  if (sound.scale.is !== 'known') return [];
  const right = rightBy(ground.looks);
  const idOf = (key: string): string => key.slice(key.indexOf('/') + 1);
  const people = await readWho(
    sql,
    ws,
    sound.scale.students.map((s) => idOf(s.id)),
  );
  const who = new Map(people.map((p) => [p.id, p]));
  return sound.scale.students
    .flatMap((s): SoundStudent[] => {
      const person = who.get(idOf(s.id));
      const counts = right.get(s.id);
      if (!person || !counts) return [];
      return [
        {
          student: person.id,
          code: person.code,
          firstName: person.firstName,
          ...counts,
          ability: s.value,
          se: s.se,
        },
      ];
    })
    .sort((a, b) => b.ability - a.ability || a.code.localeCompare(b.code, 'en', { numeric: true }));
}

function throughOf(ground: Ground, sound: QuizSoundness, sitting: SittingRow): readonly SoundThrough[] {
  const own = ground.classes.find((c) => c.id === sitting.id);
  const rows = new Map([...ground.through, ...(own ? [own] : [])].map((s) => [s.id, s]));
  const scores = new Map([...ground.answers.earlier, ground.answers.own].map((s) => [s.sitting, s.scores]));
  return sound.through.flatMap(({ sitting: id, common, ability }): SoundThrough[] => {
    const row = rows.get(id);
    if (!row) return [];
    const values = (scores.get(id)?.at ?? []).flatMap((r) => r.filter((v): v is number => v !== null));
    const right = values.reduce((a, b) => a + b, 0);
    return [{ sitting: id, quiz: row.quiz_name, on: row.on_date, common, ability, right, of: values.length }];
  });
}

/**
 * What the answers of a graded sitting say about its quiz. Source: docs/formulas.md, Was the quiz sound.
 * @param together whether classes with the same trees, material and season are counted with it.
 * @throws where the sitting has not been graded.
 */
export async function readSoundness(
  sql: Sql,
  who: Pick<Account, 'ws' | 'id'>,
  sitting: SittingRow,
  together: boolean,
): Promise<Soundness> {
  const { ws } = who;
  if ((await newestRun(sql, ws, sitting.id)) === null)
    throw conflict('This sitting has not been graded yet, so there is nothing to check.', {
      remedy: 'Close it and grade it first.',
    });
  const ground = await readGround(sql, who, sitting, together);
  const sound = await judged(ground.answers);
  const headers = await readHeaders(sql, ws, [
    ...new Set(ground.answers.named.flatMap((s) => [s.truth, ...s.named.keys()])),
  ]);
  const foundRight = await readFoundRight(
    sql,
    ws,
    ground.stations.map((s) => s.id),
  );
  const perClass = (id: string): number =>
    new Set(ground.looks.filter((l) => l.sitting === id).map((l) => l.student)).size;
  return {
    sitting: sitting.id,
    tooFew: sound.tooFew,
    students: sound.students,
    classes: ground.classes.map((c) => ({
      sitting: c.id,
      section: c.section_name,
      on: c.on_date,
      students: perClass(c.id),
      counted: ground.counted.includes(c.id),
    })),
    reliability: sound.reliability,
    missing: stationsMissing(sound.reliability),
    sigma: sound.scale.is === 'known' ? sound.scale.sigma : null,
    stations: stationsOf(ground, sound, headers, foundRight),
    scale: await studentsOf(sql, ws, ground, sound),
    through: throughOf(ground, sound, sitting),
  };
}
