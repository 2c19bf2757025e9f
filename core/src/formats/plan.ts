import { normalise } from '../names/index.ts';
import type { LibraryDocument, LibraryPart } from './document.ts';
import { planTaxa } from './planTaxa.ts';
import { planLists, planPairs, planPolicies } from './planTeaching.ts';
import { notes } from './planTypes.ts';
import type { ImportPlan, PlanOptions } from './planTypes.ts';
import { planCharacters, planWords } from './planVocabulary.ts';

/**
 * Compares what a file holds with the library as it stands: what is new, what changes, what is refused and where.
 * Nothing is changed here. Source: docs/formats.md.
 */
export function planImport(
  current: LibraryDocument,
  incoming: LibraryPart,
  options: PlanOptions,
): ImportPlan {
  const found = notes(options.where);
  const { refuse, weigh } = found;
  const { characters, vocabulary } = planCharacters(current, incoming, found);
  const words = planWords(current, incoming, vocabulary, found);

  const sourcesThere = new Map(current.sources.map((s) => [normalise(s.citation), s]));
  const sourcesComing = new Set<string>();
  const sources = (incoming.sources ?? []).filter((s, i) => {
    const key = normalise(s.citation);
    if (sourcesComing.has(key))
      refuse(['sources', i], `The source “${s.citation}” is given twice.`, 'Keep one of the two.');
    sourcesComing.add(key);
    return weigh('source', s.citation, sourcesThere.get(key), s);
  });
  const known = new Map<string, boolean>();
  const knowsSource = (citation: string | null): boolean => {
    if (citation === null) return true;
    const before = known.get(citation);
    if (before !== undefined) return before;
    const key = normalise(citation);
    known.set(citation, sourcesThere.has(key) || sourcesComing.has(key));
    return known.get(citation) ?? false;
  };

  const { taxa, statements, knowsTaxon } = planTaxa(
    current,
    incoming,
    vocabulary,
    knowsSource,
    options,
    found,
  );
  const pairs = planPairs(current, incoming, vocabulary, knowsTaxon, found);
  const lists = planLists(current, incoming, knowsTaxon, found);
  const policies = planPolicies(current, incoming, vocabulary, knowsSource, found);
  return {
    changes: found.changes,
    same: found.stays(),
    refused: found.refused,
    characters,
    words,
    ...policies,
    sources,
    taxa,
    statements,
    pairs,
    lists,
  };
}
