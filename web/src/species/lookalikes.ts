import type { ListLibrary, PairNote, TaxonHeader } from '@hurrow/contract';
import { visible } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import type { Vocabulary } from '@hurrow/core/characters';
import { comparePair, describeTaxa, expectedCharacters, separate } from '@hurrow/core/tells';
import type { Described, DescribedTaxon, PairReport, SitePlace } from '@hurrow/core/tells';

/** What becomes of a declared tell when it is held against what is recorded. */
export type DeclaredVerdict = 'supported' | 'not_now' | 'unsupported' | 'contradicted' | 'unsaid';

/** Holds a declared tell against the record. Source: 2-domain, Look-alikes. */
export function checkDeclared(
  character: string | null,
  a: Described,
  b: Described,
  vocabulary: Vocabulary,
  conditions: Conditions,
): { readonly verdict: DeclaredVerdict; readonly reason: string } {
  const c = character === null ? undefined : vocabulary.get(character);
  if (!c) return { verdict: 'unsaid', reason: 'no character is named' };
  const s = separate(c, a.values.get(c.id)?.value, b.values.get(c.id)?.value);
  if (s.kind === 'unknown') return { verdict: 'unsupported', reason: 'not recorded of both' };
  if (s.kind === 'inapplicable') return { verdict: 'unsupported', reason: 'does not apply to both' };
  if (s.kind === 'none' || s.strength === 'partial') {
    return { verdict: 'contradicted', reason: `overlap ${s.overlap.toFixed(2)}` };
  }
  for (const taxon of [a, b]) {
    const seen = visible(taxon.subject, c, conditions);
    if (seen.seen === 'no' || seen.seen === 'unknown') return { verdict: 'not_now', reason: seen.reason };
  }
  return { verdict: 'supported', reason: s.strength };
}

export interface Lookalike {
  readonly other: TaxonHeader;
  readonly note: PairNote | null;
  readonly report: PairReport | null;
  readonly declared: ReturnType<typeof checkDeclared> | null;
}

export interface ListView {
  readonly members: readonly TaxonHeader[];
  readonly described: ReadonlyMap<string, DescribedTaxon>;
  readonly expected: ReadonlySet<string>;
}

/** The members of a list resolved at a site. */
export function viewList(library: ListLibrary, vocabulary: Vocabulary, site: SitePlace | null): ListView {
  const described = describeTaxa(
    library.members.map((m) => m.id),
    library.data,
    vocabulary,
    site,
  );
  return {
    members: library.members,
    described: new Map(described.map((d) => [d.id, d])),
    expected: expectedCharacters(described),
  };
}

/** Pairs of which little is recorded on both sides are drawn toward this many characters half alike. */
const IMAGINED = 4;

/**
 * How far two taxa lie apart: the mean of what they do not share over the characters compared, so that a pair is not
 * called close merely because little is recorded of it.
 */
export function distanceOf(r: PairReport): number {
  const apart = r.tells.reduce((sum, t) => sum + (1 - t.overlap), 0);
  return (apart + IMAGINED / 2) / (r.compared + IMAGINED);
}

/**
 * Declared look-alikes first, then those of the list that lie nearest to it under the conditions, up to a number of
 * them.
 */
export function lookalikesOf(
  own: DescribedTaxon,
  notes: readonly PairNote[],
  list: ListView | null,
  vocabulary: Vocabulary,
  conditions: Conditions,
  most: number,
): readonly Lookalike[] {
  const report = (id: string): PairReport | null => {
    const other = list?.described.get(id);
    return other && list ? comparePair(own, other, vocabulary, conditions, list.expected) : null;
  };
  const declared = notes.map((note): Lookalike => {
    const other = list?.described.get(note.other.id);
    return {
      other: note.other,
      note,
      report: report(note.other.id),
      declared: other ? checkDeclared(note.character, own, other, vocabulary, conditions) : null,
    };
  });
  const named = new Set([own.id, ...notes.map((n) => n.other.id)]);
  const computed = (list?.members ?? [])
    .filter((m) => !named.has(m.id))
    .flatMap((other): Lookalike[] => {
      const r = report(other.id);
      return r ? [{ other, note: null, report: r, declared: null }] : [];
    })
    .sort((a, b) => (a.report && b.report ? distanceOf(a.report) - distanceOf(b.report) : 0));
  return [...declared, ...computed.slice(0, Math.max(0, most - declared.length))];
}
