import { MOST_REFUSALS, readCsv, readNameDocument, refusal, writeCsv } from '../formats/index.ts';
import type { LibraryPart, Refusal, TaxonPart } from '../formats/index.ts';
import { gradeAnswer } from '../grading/index.ts';
import type { AskKind, GradingContext } from '../grading/index.ts';
import { familiesOfGenus, nameIndex, normalise, parseNameList } from '../names/index.ts';
import type { Families, NameEntry, NameRank } from '../names/index.ts';
import { POLICY } from '../quizzes/index.ts';

const ASKS = ['common', 'scientific', 'either', 'genus', 'family'] as const satisfies readonly AskKind[];
const genusOf = (name: string): string => name.replace(/^× /, '').split(' ')[0] ?? '';

const RANKS: readonly NameRank[] = ['family', 'genus', 'species', 'infraspecies', 'cultivar', 'hybrid'];

export type Scripted =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

const rankOf = (t: TaxonPart): NameRank => RANKS.find((r) => r === t.rank) ?? 'group';

function entriesOf(library: LibraryPart): readonly NameEntry[] {
  const taxa = library.taxa ?? [];
  const own = taxa.flatMap((t): NameEntry[] => [
    { taxon: t.name, rank: rankOf(t), kind: 'accepted', text: t.name },
    ...(t.names ?? []).map((n): NameEntry => ({
      taxon: t.name,
      rank: rankOf(t),
      kind: n.kind,
      text: n.text,
      use: n.use ?? null,
    })),
  ]);
  const known = new Set(taxa.map((t) => t.name));
  const above = new Map<string, NameRank>();
  for (const t of taxa) {
    const genus = genusOf(t.name);
    if (t.name.includes(' ') && !known.has(genus)) above.set(genus, 'genus');
  }
  return [
    ...own,
    ...[...above].map(([text, rank]): NameEntry => ({ taxon: text, rank, kind: 'accepted', text })),
  ];
}

/** The family of each line of a list of names, with the older ones it stood in. */
function familiesOf(names: string): ReadonlyMap<string, Families> {
  const read = parseNameList(names);
  if (!read.ok) return new Map();
  return new Map(
    read.value.flatMap((line): [string, Families][] => {
      const family = line.family ?? familiesOfGenus(line.name)?.family;
      return family === undefined ? [] : [[line.name, { family, older: line.olderFamilies }]];
    }),
  );
}

/**
 * Grades typed names without a library: a list of names and a table of answers in, the table with what each answer is
 * worth out. Columns in: `species,ask,typed`; added: `outcome,is,points,why`, points out of one.
 * Source: docs/formats.md; docs/formulas.md, Grading names.
 */
export function judgeAnswers(names: string, answers: string): Scripted {
  const list = readNameDocument(names, 'names');
  if (!list.ok) return list;
  const csv = readCsv(answers, ['species', 'ask', 'typed']);
  if (!csv.ok) return csv;
  const { head, rows, at } = csv.file;
  const members = list.value.lists?.[0]?.members ?? [];
  const context: GradingContext = {
    names: nameIndex(entriesOf(list.value)),
    genera: new Map(members.map((m) => [m.name, genusOf(m.name)])),
    listed: new Set(members.map((m) => m.name)),
    decisions: new Map(),
    policy: POLICY,
  };
  const families = familiesOf(names);
  const bySpelling = new Map(members.map((m) => [normalise(m.name), m.name]));
  const refused: Refusal[] = [];
  const lines = rows.map((row): string[] => {
    const cell = (name: string): string => row.cells[head.indexOf(name)] ?? '';
    const [species, ask, typed] = [cell('species'), cell('ask').trim().toLowerCase(), cell('typed')];
    const taxon = bySpelling.get(normalise(species));
    const kind = ASKS.find((a) => a === ask);
    if (taxon === undefined)
      refused.push(
        refusal(
          at(row, head.indexOf('species')),
          `“${species}” is not on the list of names.`,
          'Add it to the list, or fix the name.',
        ),
      );
    if (!kind)
      refused.push(
        refusal(at(row, head.indexOf('ask')), `“${ask}” is no way to ask.`, `Use ${ASKS.join(', ')}.`),
      );
    if (taxon === undefined || !kind || refused.length > MOST_REFUSALS) return [];
    const graded = gradeAnswer(
      { kind: 'name', text: typed },
      { id: '', kind, character: null, most: 1, ord: 1, accepted: { kind: 'name' } },
      {
        taxon,
        genus: genusOf(taxon),
        scientific: taxon,
        common: null,
        names: [taxon],
        families: families.get(taxon) ?? null,
      },
      context,
    );
    return [species, ask, typed, graded.outcome, graded.taxon ?? '', String(graded.points), graded.why];
  });
  if (refused.length > 0) return { ok: false, refused: refused.slice(0, MOST_REFUSALS) };
  return {
    ok: true,
    text: writeCsv([['species', 'ask', 'typed', 'outcome', 'is', 'points', 'why'], ...lines]),
  };
}
