import same from 'fast-deep-equal';
import type { Value } from '../characters/index.ts';
import type {
  CharacterPart,
  LibraryPart,
  ListPart,
  PairPart,
  SourcePart,
  StatementPart,
  TaxonPart,
  WordPart,
} from './document.ts';
import { MOST_REFUSALS, refusal } from './place.ts';
import type { Path, Place, Refusal } from './place.ts';

export type ChangeKind =
  | 'character'
  | 'word'
  | 'policy'
  | 'source'
  | 'taxon'
  | 'statement'
  | 'pair'
  | 'list'
  | 'student'
  | 'sitting';

/** One line of a preview. */
export interface PlannedChange {
  readonly kind: ChangeKind;
  readonly what: 'new' | 'changed';
  readonly name: string;
  readonly detail: string;
}

export interface PlannedStatement {
  readonly taxon: string;
  readonly part: StatementPart;
  readonly value: Value;
  /** Whether its source said something else before. */
  readonly replaces: boolean;
}

/** What an import would do, all of it; applied whole or not at all. */
export interface ImportPlan {
  readonly changes: readonly PlannedChange[];
  readonly same: number;
  readonly refused: readonly Refusal[];
  readonly characters: readonly CharacterPart[];
  readonly words: readonly WordPart[];
  readonly merge: LibraryPart['merge'] | null;
  readonly policies: NonNullable<LibraryPart['policies']>;
  readonly sources: readonly SourcePart[];
  readonly taxa: readonly { readonly part: TaxonPart; readonly isNew: boolean }[];
  readonly statements: readonly PlannedStatement[];
  readonly pairs: readonly PairPart[];
  readonly lists: readonly ListPart[];
}

export interface PlanOptions {
  /** Names, regions and parents are added to what stands, as from a table; otherwise a part replaces what stands. */
  readonly adding: boolean;
  readonly where: (path: Path) => Place;
  /** Told every few hundred taxa; throwing stops the plan. */
  readonly progress?: (done: number, total: number) => void;
}

/** What is noted while a file is compared: its changes, what stays, what is refused and where. */
export interface Notes {
  readonly changes: PlannedChange[];
  readonly refused: Refusal[];
  readonly stays: () => number;
  readonly refuse: (path: Path, message: string, remedy: string) => void;
  readonly note: (kind: ChangeKind, what: 'new' | 'changed', name: string, detail?: string) => void;
  readonly keep: () => void;
  /** Refuses what is given a second time among things that stand once each. */
  readonly once: <T>(
    path: Path,
    items: readonly T[] | undefined,
    key: (item: T) => string,
    whose: string,
  ) => void;
  /** Whether a thing is new or changed, and says so. */
  readonly weigh: <T>(
    kind: ChangeKind,
    name: string,
    stands: T | undefined,
    comes: T,
    detail?: string,
  ) => boolean;
}

export function notes(where: PlanOptions['where']): Notes {
  const changes: PlannedChange[] = [];
  const refused: Refusal[] = [];
  let unchanged = 0;
  const note: Notes['note'] = (kind, what, name, detail = '') =>
    void changes.push({ kind, what, name, detail });
  const keep = (): void => {
    unchanged += 1;
  };
  const refuse: Notes['refuse'] = (path, message, remedy) => {
    if (refused.length < MOST_REFUSALS) refused.push(refusal(where(path), message, remedy));
  };
  return {
    changes,
    refused,
    stays: () => unchanged,
    refuse,
    note,
    keep,
    once: (path, items, key, whose) => {
      const seen = new Set<string>();
      items?.forEach((item, i) => {
        const k = key(item);
        if (seen.has(k)) refuse([...path, i], `${whose}: “${k}” is given twice.`, 'Keep one of the two.');
        seen.add(k);
      });
    },
    weigh: (kind, name, stands, comes, detail = '') => {
      if (stands !== undefined && same(stands, comes)) {
        keep();
        return false;
      }
      note(kind, stands === undefined ? 'new' : 'changed', name, detail);
      return true;
    },
  };
}
