import { readCell } from '../characters/index.ts';
import type { Vocabulary } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { readCsv } from '../formats/index.ts';
import type { CsvRow, Refusal } from '../formats/index.ts';
import { QUANTIFIERS, checkRule } from '../rules/index.ts';
import type { Breach, Clause, Feature, Rule, RuleVerdict } from '../rules/index.ts';
import { readSaidTables } from './saidTables.ts';
import type { NamedTable, NotRead, SaidTables } from './saidTables.ts';

export interface RuleFound {
  readonly line: number;
  readonly rule: Rule;
  readonly verdict: RuleVerdict;
  readonly subjects: readonly string[];
  readonly exceptions: readonly { readonly species: string; readonly breach: Breach }[];
  /** Species of which what would decide is not recorded. */
  readonly untestable: readonly string[];
}

export type RulesFound =
  | {
      readonly ok: true;
      readonly rules: readonly RuleFound[];
      readonly ignored: SaidTables['ignored'];
      readonly refused: readonly NotRead[];
    }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

type Parsed<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly reason: string };
const bad = (reason: string): { ok: false; reason: string } => ({ ok: false, reason });

/** Features of one term, `leaf.margin=serrate`, `leaf.arrangement=opposite|whorled` or `needle.length=20-40 mm`. */
function featuresOfTerm(term: string, vocabulary: Vocabulary): Parsed<readonly Feature[]> {
  const [id = '', ...rest] = term.split('=');
  const cell = rest.join('=').trim();
  const c = vocabulary.get(id.trim());
  if (!c) return bad(`There is no character “${id.trim()}”.`);
  if (cell === '') return bad(`“${term}” says nothing of ${c.term}. Write ${c.id}=….`);
  const read = readCell(c, cell);
  if (!read.ok) return bad(`${c.term}: ${read.problem.message}`);
  const { value } = read;
  if (value?.kind === 'states')
    return { ok: true, value: value.states.map((s) => ({ character: c.id, state: s.state })) };
  if (value?.kind === 'range')
    return {
      ok: true,
      value: [{ character: c.id, low: value.low, high: value.more ? Number.MAX_VALUE : value.high }],
    };
  return bad(`“${cell}” is neither a state nor a number of ${c.term}.`);
}

/** One clause: a term, `!` before it for none of it, `is:` before a taxon. */
function clauseOf(text: string, vocabulary: Vocabulary): Parsed<Clause> {
  const is = /^is:\s*(.+)$/i.exec(text);
  if (is) return { ok: true, value: { taxon: is[1] ?? '' } };
  const none = /^(?:!|no\s+)\s*(.+)$/i.exec(text);
  const features = featuresOfTerm(none ? (none[1] ?? '') : text, vocabulary);
  if (!features.ok) return features;
  const [first] = features.value;
  if (!first) return bad(`“${text}” says nothing.`);
  if (features.value.length > 1)
    return none
      ? bad('Write what is ruled out state by state.')
      : { ok: true, value: { any: features.value } };
  return { ok: true, value: none ? { none: first } : first };
}

const terms = (cell: string): readonly string[] =>
  cell
    .split('&')
    .map((t) => t.trim())
    .filter((t) => t !== '');

function ruleOf(cells: (column: string) => string, vocabulary: Vocabulary): Parsed<Rule> {
  const said = cells('quantifier').toLowerCase().replace(/ /g, '_') || 'all';
  const quantifier = QUANTIFIERS.find((q) => q === said);
  if (!quantifier) return bad(`“${said}” is no quantifier. Use ${QUANTIFIERS.join(', ')}.`);
  const when: Feature[] = [];
  for (const term of terms(cells('when'))) {
    const found = featuresOfTerm(term, vocabulary);
    if (!found.ok) return found;
    const [first] = found.value;
    if (!first || found.value.length > 1) return bad(`“${term}”: a condition takes one state or one range.`);
    when.push(first);
  }
  const then: Clause[] = [];
  for (const term of terms(cells('then'))) {
    const found = clauseOf(term, vocabulary);
    if (!found.ok) return found;
    then.push(found.value);
  }
  if (then.length === 0) return bad('The rule says nothing. Fill in the column “then”.');
  return { ok: true, value: { quantifier, who: cells('who') || null, when, then } };
}

/**
 * Holds rules of thumb against the species of a table. Columns of the rules: `quantifier,who,when,then`; clauses are joined by
 * `&`, states of one by `|`; `!` before a clause means none of it, `is:` what its subjects are. Source: docs/formats.md;
 * docs/domain.md, Look-alikes and rules of thumb.
 */
export function rulesOfTable(
  table: NamedTable,
  rules: NamedTable,
  conditions: Conditions,
  vocabulary?: string,
): RulesFound {
  const read = readSaidTables([table], vocabulary);
  if (!read.ok) return read;
  const csv = readCsv(rules.text, ['then']);
  if (!csv.ok) return csv;
  const { said } = read;
  const taxa = new Map(said.data.taxa.map((t) => [t.id, t]));
  const name = (i: number): string => said.species[i] ?? '';
  const refused: NotRead[] = [...said.refused];
  const { head, rows } = csv.file;
  const refuse = (row: CsvRow, column: string, reason: string): void => {
    refused.push({
      table: rules.name,
      line: row.line,
      column: Math.max(0, head.indexOf(column)) + 1,
      reason,
    });
  };
  const found = rows.flatMap((row): RuleFound[] => {
    const parsed = ruleOf((column) => row.cells[head.indexOf(column)] ?? '', said.vocabulary);
    if (!parsed.ok) {
      refuse(row, 'then', parsed.reason);
      return [];
    }
    const rule = parsed.value;
    const named = [rule.who, ...rule.then.map((c) => ('taxon' in c ? c.taxon : null))];
    const strange = named.find((t) => t !== null && !taxa.has(t));
    if (strange !== undefined && strange !== null) {
      refuse(row, 'who', `The table has no “${strange}”.`);
      return [];
    }
    const report = checkRule(rule, said.described, taxa, said.vocabulary, conditions);
    return [
      {
        line: row.line,
        rule,
        verdict: report.verdict,
        subjects: report.subjects.map(name),
        exceptions: report.exceptions.map((e) => ({ species: name(e.member), breach: e.breach })),
        untestable: report.untestable.map(name),
      },
    ];
  });
  const known = ['quantifier', 'who', 'when', 'then', 'note', 'id'];
  const ignored = [
    ...said.ignored,
    ...head.flatMap((h) => (h === '' || known.includes(h) ? [] : [{ table: rules.name, column: h }])),
  ];
  return { ok: true, rules: found, ignored, refused };
}
