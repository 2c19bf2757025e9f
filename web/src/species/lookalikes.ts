import type { ListLibrary, PairNote, TaxonHeader } from '@hurrow/contract';
import { apartness } from '@hurrow/core/compare';
import type { Conditions } from '@hurrow/core/conditions';
import type { Vocabulary } from '@hurrow/core/characters';
import { checkDeclared } from '@hurrow/core/compare';
import { comparePair, describeTaxa, expectedCharacters } from '@hurrow/core/tells';
import type { DescribedTaxon, PairReport, SitePlace } from '@hurrow/core/tells';

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

/**
 * How far two taxa lie apart: the mean of what they do not share over the characters compared, so that a pair is not
 * called close merely because little is recorded of it.
 */
export function distanceOf(r: PairReport): number {
  return apartness(
    r.tells.reduce((sum, t) => sum + (1 - t.overlap), 0),
    r.compared,
  );
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
      declared: other
        ? checkDeclared(note.character, own, other, vocabulary, conditions, note.greater)
        : null,
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
