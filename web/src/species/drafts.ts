/** What is typed and not yet saved is kept on this device, so that a closed window or a lost network loses nothing. */
export interface DraftPlace {
  readonly taxon: string;
  readonly source: string;
  readonly character: string;
}

const PREFIX = 'hurrow/draft/';
const keyOf = (p: DraftPlace): string => `${PREFIX}${p.taxon}/${p.source}/${p.character}`;

export type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;

export function keepDraft(store: Store, place: DraftPlace, cell: string): void {
  try {
    store.setItem(keyOf(place), cell);
  } catch {
    // A full or closed store: the entry stays on the screen, which still says that it is not saved.
  }
}

export const dropDraft = (store: Store, place: DraftPlace): void => store.removeItem(keyOf(place));

export const readDraft = (store: Store, place: DraftPlace): string | null => store.getItem(keyOf(place));

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
