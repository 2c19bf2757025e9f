import { MOST_REFUSALS, readCsv, readNameDocument, refusal, writeCsv } from '../formats/index.ts';
import type { LibraryPart, Refusal, TaxonPart } from '../formats/index.ts';
import { judgeName, nameIndex, normalise } from '../names/index.ts';
import type { NameEntry, NameRank } from '../names/index.ts';
import { namePoints } from '../quizzes/index.ts';
import type { NameAsk } from '../quizzes/index.ts';

const ASKS: readonly NameAsk[] = ['common', 'scientific', 'either'];
const genusOf = (name: string): string => name.split(' ')[0] ?? '';

export type Scripted =
  { readonly ok: true; readonly text: string } | { readonly ok: false; readonly refused: readonly Refusal[] };

const rankOf = (t: TaxonPart): NameRank =>
  t.rank === 'species' || t.rank === 'family' || t.rank === 'genus' || t.rank === 'infraspecies'
    ? t.rank
    : 'group';

function entriesOf(library: LibraryPart): readonly NameEntry[] {
  const taxa = library.taxa ?? [];
  const own = taxa.flatMap((t): NameEntry[] => [
    { taxon: t.name, rank: rankOf(t), kind: 'accepted', text: t.name },
    ...(t.names ?? []).map((n): NameEntry => ({
      taxon: t.name,
      rank: rankOf(t),
      kind: n.kind,
      text: n.text,
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
  const index = nameIndex(entriesOf(list.value));
  const members = list.value.lists?.[0]?.members ?? [];
  const listed = new Set(members.map((m) => m.name));
  const bySpelling = new Map(members.map((m) => [normalise(m.name), m.name]));
  const refused: Refusal[] = [];
  const lines = rows.map((row): string[] => {
    const cell = (name: string): string => row.cells[head.indexOf(name)] ?? '';
    const [species, ask, typed] = [cell('species'), cell('ask').toLowerCase(), cell('typed')];
    const truth = bySpelling.get(normalise(species));
    const asked = ASKS.find((a) => a === ask);
    if (truth === undefined)
      refused.push(
        refusal(
          at(row, head.indexOf('species')),
          `“${species}” is not on the list of names.`,
          'Add it to the list, or mend the name.',
        ),
      );
    if (!asked)
      refused.push(
        refusal(at(row, head.indexOf('ask')), `“${ask}” is no way to ask.`, `Use ${ASKS.join(', ')}.`),
      );
    if (truth === undefined || !asked || refused.length > MOST_REFUSALS) return [];
    const judged = judgeName(typed, { taxon: truth, genus: genusOf(truth), listed }, index);
    const points = namePoints(judged, asked, genusOf(truth), 1);
    return [species, ask, typed, judged.outcome, judged.taxon ?? '', String(points), judged.why];
  });
  if (refused.length > 0) return { ok: false, refused: refused.slice(0, MOST_REFUSALS) };
  return {
    ok: true,
    text: writeCsv([['species', 'ask', 'typed', 'outcome', 'is', 'points', 'why'], ...lines]),
  };
}
