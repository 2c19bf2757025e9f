/** What is typed and not yet saved is kept on this device, so that a closed window or a lost network loses nothing. */
export interface DraftPlace {
  readonly taxon: string;
  readonly source: string;
  readonly character: string;
}

const PREFIX = 'hurrow/draft/';
const keyOf = (p: DraftPlace): string => `${PREFIX}${p.taxon}/${p.source}/${p.character}`;

export type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

/** What is typed, and the version of the statement that stood in the line when typing began; null where none stood. */
export interface Draft {
  readonly cell: string;
  readonly seen: number | null;
}

export function keepDraft(store: Store, place: DraftPlace, draft: Draft): void {
  try {
    store.setItem(keyOf(place), JSON.stringify(draft));
  } catch {
    // A full or closed store: the entry stays on the screen, which still says that it is not saved.
  }
}

export const dropDraft = (store: Store, place: DraftPlace): void => store.removeItem(keyOf(place));

const isDraft = (x: unknown): x is Draft =>
  typeof x === 'object' &&
  x !== null &&
  typeof (x as Partial<Draft>).cell === 'string' &&
  ((x as Partial<Draft>).seen === null || typeof (x as Partial<Draft>).seen === 'number');

/** What waits in a line. An older draft is the bare text: it counts as typed over what stands now. */
export function readDraft(store: Store, place: DraftPlace, standing: number | null): Draft | null {
  const text = store.getItem(keyOf(place));
  if (text === null) return null;
  try {
    const draft: unknown = JSON.parse(text);
    if (isDraft(draft)) return draft;
  } catch {
    // An older draft.
  }
  return { cell: text, seen: standing };
}

/** How many drafts of a taxon wait on this device. */
export function draftsOf(store: Store, taxon: string): number {
  return Array.from({ length: store.length }, (_, i) => store.key(i) ?? '').filter((k) =>
    k.startsWith(`${PREFIX}${taxon}/`),
  ).length;
}

const SOURCE = 'hurrow/source';

/** The source entries are written under, kept from one profile to the next. */
export const lastSource = (store: Store): string | null => store.getItem(SOURCE);
export const keepSource = (store: Store, source: string): void => store.setItem(SOURCE, source);
