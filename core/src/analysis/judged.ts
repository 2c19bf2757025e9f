import { gradeAnswer, namedOf } from '../grading/index.ts';
import type { GradingContext, NamedKind } from '../grading/index.ts';
import { readNameDocument } from '../formats/index.ts';
import type { Refusal } from '../formats/index.ts';
import { nameIndex, normalise } from '../names/index.ts';
import type { NameEntry } from '../names/index.ts';
import { POLICY } from '../quizzes/index.ts';
import type { ResponseLine } from '../responses/index.ts';

export interface Judged {
  readonly named: NamedKind;
  /** The species named, for `right` and `other`. */
  readonly answer: string | null;
}

const genusOf = (name: string): string => name.split(' ')[0] ?? '';

function entriesOf(
  species: readonly string[],
  names: string | null,
): { entries: readonly NameEntry[] } | { refused: readonly Refusal[] } {
  const own = species.map((s): NameEntry => ({ taxon: s, rank: 'species', kind: 'accepted', text: s }));
  const genera = [...new Set(species.map(genusOf))].map((g): NameEntry => ({
    taxon: g,
    rank: 'genus',
    kind: 'accepted',
    text: g,
  }));
  if (names === null) return { entries: [...own, ...genera] };
  const list = readNameDocument(names, 'names');
  if (!list.ok) return { refused: list.refused };
  const known = new Set(species.map((s) => normalise(s)));
  const more = (list.value.taxa ?? []).flatMap((t): NameEntry[] => [
    ...(known.has(normalise(t.name))
      ? []
      : [{ taxon: t.name, rank: 'species', kind: 'accepted', text: t.name } as const]),
    ...(t.names ?? []).map((n): NameEntry => ({
      taxon: t.name,
      rank: 'species',
      kind: n.kind,
      text: n.text,
      use: n.use ?? null,
    })),
  ]);
  return { entries: [...own, ...genera, ...more] };
}

/**
 * Reads answers as names: by a list of names where there is one, else by the scientific names of the file. Each text is read
 * once for each species.
 * @param species every species that may be named.
 */
export function nameReader(
  species: readonly string[],
  names: string | null,
):
  | { readonly ok: true; readonly read: (line: ResponseLine) => Judged }
  | { readonly ok: false; readonly refused: readonly Refusal[] } {
  const found = entriesOf(species, names);
  if ('refused' in found) return { ok: false, refused: found.refused };
  const listed = new Set(found.entries.filter((e) => e.rank === 'species').map((e) => e.taxon));
  const context: GradingContext = {
    names: nameIndex(found.entries),
    genera: new Map([...listed].map((s) => [s, genusOf(s)])),
    listed,
    decisions: new Map(),
    policy: POLICY,
  };
  const known = new Map<string, Judged>();
  const judge = (truth: string, text: string): Judged => {
    const graded = gradeAnswer(
      text === '' ? { kind: 'blank' } : { kind: 'name', text },
      { id: '', kind: 'either', character: null, most: 1, ord: 1, accepted: { kind: 'name' } },
      { taxon: truth, genus: genusOf(truth), scientific: truth, common: null, names: [truth] },
      context,
    );
    const named = namedOf(graded.outcome);
    if (named === 'right') return { named, answer: truth };
    return named === 'other' && graded.taxon !== null && listed.has(graded.taxon)
      ? { named, answer: graded.taxon }
      : { named: named === 'other' ? 'unlisted' : named, answer: null };
  };
  return {
    ok: true,
    read: (line) => {
      const key = `${line.species}\u0000${line.answer}`;
      const had = known.get(key);
      if (had) return had;
      const judged = judge(line.species, line.answer);
      known.set(key, judged);
      return judged;
    },
  };
}
