import type { PairOverClasses, SectionsAndYears } from '@hurrow/contract';
import { poolPair } from '@hurrow/core/mixups';
import { SEES_SECTION } from '../access/index.ts';
import { readMany } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import type { Account } from '../http/index.ts';
import { readHeaders } from '../library/index.ts';

/** More pairs than anybody compares. */
const MOST_PAIRS = 60;
/** A new class, where nobody knows how large it will be. */
const USUAL_CLASS = 24;

interface SectionRow {
  readonly id: string;
  readonly name: string;
  readonly term: string;
  readonly students: number;
  readonly first: string | null;
}

/** Classes with graded answers that the account sees, the newest first. */
const readSections = (sql: Sql, who: Pick<Account, 'ws' | 'id'>): Promise<readonly SectionRow[]> =>
  sql.query<SectionRow>(
    `select c.id, c.name, c.term, t.students,
       (select min(s.on_date) from sitting s where s.ws = c.ws and s.section = c.id) as first
     from section c join section_looks t on t.ws = c.ws and t.section = c.id and t.material_class is null and t.form is null
     where c.ws = $1 and ${SEES_SECTION('c.id')} order by first desc nulls last, c.name, c.id`,
    [who.ws, who.id],
  );

interface Cell {
  readonly section: string;
  readonly truth: string;
  readonly answer: string;
  readonly material: string;
  readonly form: string;
  readonly students: number;
}
interface Looked {
  readonly section: string;
  readonly truth: string;
  readonly material: string;
  readonly form: string;
  readonly students: number;
}

/** Students who named one species for another, by class, material and form of answer. */
const readCells = (sql: Sql, ws: string, sections: readonly string[]): Promise<readonly Cell[]> =>
  readMany<Cell>(
    sql,
    `select section, truth, answer, material_class as material, form, students from cell_section
     where ws = $1 and section = any($2::uuid[]) and named = 'other' and material_class is not null and form is not null`,
    [ws, sections],
  );

const readLooked = (sql: Sql, ws: string, sections: readonly string[]): Promise<readonly Looked[]> =>
  readMany<Looked>(
    sql,
    `select section, truth, material_class as material, form, sum(students)::integer as students from exposure
     where ws = $1 and section = any($2::uuid[]) and material_class is not null and form is not null
     group by section, truth, material_class, form`,
    [ws, sections],
  );

const conditionsKey = (r: Pick<Looked, 'truth' | 'material' | 'form'>): string =>
  `${r.truth}/${r.material}/${r.form}`;

/**
 * The mix-ups of a class beside those of other classes, on species and under conditions that both were asked. Classes stand
 * by date, never by how they did. Source: docs/formulas.md, Sections and years.
 */
export async function readYears(
  sql: Sql,
  who: Pick<Account, 'ws' | 'id'>,
  section: string,
): Promise<SectionsAndYears> {
  const { ws } = who;
  const all = await readSections(sql, who);
  const ids = all.map((s) => s.id);
  const cells = await readCells(sql, ws, ids);
  const looked = new Map(
    (await readLooked(sql, ws, ids)).map((l) => [`${l.section}/${conditionsKey(l)}`, l.students]),
  );
  const wrote = new Map(cells.map((c) => [`${c.section}/${conditionsKey(c)}/${c.answer}`, c.students]));
  const own = cells.filter((c) => c.section === section);
  const order = [section, ...ids.filter((id) => id !== section)];
  const headers = await readHeaders(sql, ws, [...new Set(own.flatMap((c) => [c.truth, c.answer]))]);
  const nextOf = all.find((s) => s.id === section)?.students ?? USUAL_CLASS;
  const compared = own.map((c) => ({
    c,
    at: order.flatMap((id) => {
      const n = looked.get(`${id}/${conditionsKey(c)}`);
      return n === undefined
        ? []
        : [{ section: id, k: wrote.get(`${id}/${conditionsKey(c)}/${c.answer}`) ?? 0, n }];
    }),
  }));
  const common = compared.filter(({ at }) => at.length > 1);
  return {
    sections: all.filter(
      (s) => s.id === section || common.some(({ at }) => at.some((a) => a.section === s.id)),
    ),
    pairs: common
      .sort((a, b) => (b.at[0]?.k ?? 0) - (a.at[0]?.k ?? 0))
      .slice(0, MOST_PAIRS)
      .flatMap(({ c, at }): PairOverClasses[] => {
        const [truth, answer] = [headers.get(c.truth), headers.get(c.answer)];
        if (!truth || !answer) return [];
        return [{ truth, answer, material: c.material, form: c.form, at, pooled: poolPair(at, nextOf) }];
      }),
    onlyHere: compared.length - common.length,
  };
}
