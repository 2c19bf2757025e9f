import type { ImportKind } from '@hurrow/contract';
import {
  planImport,
  readLibraryJson,
  readNameDocument,
  readRangeMap,
  readRangeTable,
  readSdd,
  readTable,
  refuseNearNames,
} from '@hurrow/core/formats';
import type {
  ImportPlan,
  LibraryDocument,
  LibraryPart,
  PlannedChange,
  ReadFile,
  Refusal,
  TaxonPart,
} from '@hurrow/core/formats';
import { normalise } from '@hurrow/core/names';
import { vocabularyOf } from '@hurrow/core/characters';

export interface ReadRequest {
  readonly kind: Exclude<ImportKind, 'roster' | 'responses'>;
  readonly text: string;
  /** What a list is called, or the source that a table or descriptions without one are said by. */
  readonly name: string;
  readonly current: LibraryDocument;
  /** Only what it would do is wanted, not how to do it. */
  readonly previewOnly: boolean;
}

/** The most changes that are told one by one. */
export const MOST_TOLD = 2000;

/** How a file would change the library, in short. */
export interface Outcome {
  readonly fresh: number;
  readonly changed: number;
  readonly same: number;
  readonly refused: readonly Refusal[];
  readonly changes: readonly PlannedChange[];
  readonly left: readonly string[];
}

export type Planned =
  | {
      readonly ok: true;
      readonly outcome: Outcome;
      /** Null where only a preview was wanted. Its list of changes stays behind: between threads it costs more than the rest. */
      readonly plan: ImportPlan | null;
    }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

/** The outcome of changes and refusals. */
export function outcomeOf(
  changes: readonly PlannedChange[],
  same: number,
  refused: readonly Refusal[],
  left: readonly string[],
): Outcome {
  const fresh = changes.filter((c) => c.what === 'new').length;
  return {
    fresh,
    changed: changes.length - fresh,
    same,
    refused,
    changes: changes.slice(0, MOST_TOLD),
    left,
  };
}

const taxaOnly = (read: ReadFile<readonly TaxonPart[]>, extra: LibraryPart = {}): ReadFile<LibraryPart> => {
  if (!read.ok) return read;
  return { ...read, value: { ...extra, taxa: read.value } };
};

/** Sources that a file names and the library does not have yet, as they would be added. */
function newSources(
  citations: readonly (string | null)[],
  current: LibraryDocument,
): NonNullable<LibraryPart['sources']> {
  const known = new Set(current.sources.map((s) => normalise(s.citation)));
  const fresh = new Map<string, string>();
  for (const c of citations) {
    if (c !== null && !known.has(normalise(c)) && !fresh.has(normalise(c))) fresh.set(normalise(c), c);
  }
  return [...fresh.values()].map((citation) => ({ citation, kind: 'book', n: null, rank: 100 }));
}

/** Ranges are of species that the library has; another name is more likely a slip than a new species. */
function ofKnown(read: ReadFile<readonly TaxonPart[]>, current: LibraryDocument): ReadFile<LibraryPart> {
  if (!read.ok) return read;
  const known = new Map(current.taxa.map((t) => [normalise(t.name), t.rank]));
  const refused = read.value.flatMap((t, i): Refusal[] =>
    known.has(normalise(t.name))
      ? []
      : [
          {
            ...read.where(['taxa', i]),
            message: `The library has no ${t.name}.`,
            remedy: 'Fix the name, or add the species first.',
          },
        ],
  );
  if (refused.length > 0) return { ok: false, refused };
  const citations = read.value.flatMap((t) => [...(t.range ?? []), ...(t.areas ?? [])].map((r) => r.source));
  return taxaOnly(read, { sources: newSources(citations, current) });
}

function readFile({ kind, text, name, current }: ReadRequest): ReadFile<LibraryPart> {
  const vocabulary = vocabularyOf(current.characters.filter((c) => !c.retired));
  switch (kind) {
    case 'library':
      return readLibraryJson(text);
    case 'names':
      return readNameDocument(text, name);
    case 'table':
      return taxaOnly(refuseNearNames(readTable(text, vocabulary, name), current), {
        sources: newSources([name], current),
      });
    case 'sdd':
      return readSdd(text, vocabulary, name);
    case 'ranges':
      return ofKnown(readRangeTable(text), current);
    case 'areas':
      return ofKnown(readRangeMap(text), current);
  }
}

/** Reads a file and holds it against the library. Pure, so that it can run in a thread of its own. */
export function planFile(
  request: ReadRequest,
  progress: (stage: string, done: number, total: number | null) => void,
): Planned {
  progress('reading', 0, null);
  const read = readFile(request);
  if (!read.ok) return { ok: false, refused: read.refused };
  const plan = planImport(request.current, read.value, {
    adding: request.kind !== 'library',
    where: read.where,
    progress: (done, total) => progress('comparing', done, total),
  });
  const outcome = outcomeOf(plan.changes, plan.same, plan.refused, read.left);
  return { ok: true, outcome, plan: request.previewOnly ? null : { ...plan, changes: [] } };
}
