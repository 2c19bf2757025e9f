import { takenBy } from '../characters/index.ts';
import type { Disagreement, Statement, Vocabulary } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { describeTaxa } from './describe.ts';
import type { LibraryData, SitePlace } from './describe.ts';
import { comparePair, expectedCharacters } from './tells.ts';
import type { PairReport, Verdict } from './tells.ts';

/** What would be different of one pair if one source were right and the other were not there. */
export interface PairCost {
  readonly a: string;
  readonly b: string;
  readonly before: Verdict;
  readonly after: Verdict;
  /** Whether the character in question becomes a tell of the pair, or stops being one. */
  readonly tell: 'gained' | 'lost' | 'same';
}

export interface DisagreementCost {
  /** If the first source were right. */
  readonly ifA: readonly PairCost[];
  readonly ifB: readonly PairCost[];
}

const tellsBy = (report: PairReport, character: string): boolean =>
  report.tells.some((t) => t.character === character && t.strength !== 'partial');

function without(data: LibraryData, gone: Statement): LibraryData {
  return { ...data, statements: data.statements.filter((s) => s.id !== gone.id) };
}

/**
 * What a disagreement costs on a list: the pairs whose tells or verdict change if the one or the other source were
 * right. Source: docs/domain.md, Sources that disagree.
 * @param members taxa of the list.
 */
export function costOf(
  d: Disagreement,
  members: readonly string[],
  data: LibraryData,
  vocabulary: Vocabulary,
  conditions: Conditions,
  site: SitePlace | null,
): DisagreementCost {
  const affected = takenBy(d.taxon, members, new Map(data.taxa.map((t) => [t.id, t])));
  const pairs = affected.flatMap((a) =>
    members.filter((b) => b !== a && (!affected.includes(b) || a < b)).map((b) => [a, b] as const),
  );
  const reports = (from: LibraryData): readonly PairReport[] => {
    const described = describeTaxa(members, from, vocabulary, site);
    const byId = new Map(described.map((x) => [x.id, x]));
    const expected = expectedCharacters(described);
    return pairs.flatMap(([a, b]) => {
      const [x, y] = [byId.get(a), byId.get(b)];
      return x && y ? [comparePair(x, y, vocabulary, conditions, expected)] : [];
    });
  };
  const now = reports(data);
  const changed = (next: readonly PairReport[]): readonly PairCost[] =>
    now.flatMap((before, i) => {
      const after = next[i];
      if (!after) return [];
      const [had, has] = [tellsBy(before, d.character), tellsBy(after, d.character)];
      if (had === has && before.verdict === after.verdict) return [];
      const tell = had === has ? ('same' as const) : has ? ('gained' as const) : ('lost' as const);
      return [{ a: before.a, b: before.b, before: before.verdict, after: after.verdict, tell }];
    });
  return { ifA: changed(reports(without(data, d.b))), ifB: changed(reports(without(data, d.a))) };
}
