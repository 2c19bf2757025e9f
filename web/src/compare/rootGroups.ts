import type { ListLore } from '@hurrow/contract';

/** A name root with the names of the list it stands in. */
export interface RootCard {
  readonly element: string;
  readonly language: string;
  readonly meaning: string;
  readonly contested: boolean;
  readonly names: readonly string[];
  /** The state it says, where it says one. */
  readonly says: { readonly character: string; readonly state: string } | null;
}

/** Roots as cards: one for each element and meaning, with every name of the list that has it. */
export function rootCards(roots: ListLore['roots']): readonly RootCard[] {
  const found = new Map<string, RootCard>();
  for (const r of roots) {
    const key = `${r.element}/${r.language}/${r.meaning}`;
    const had = found.get(key);
    found.set(key, {
      element: r.element,
      language: r.language,
      meaning: r.meaning,
      contested: r.contested || (had?.contested ?? false),
      names: [...new Set([...(had?.names ?? []), r.name])],
      says: had?.says ?? (r.character && r.state ? { character: r.character, state: r.state } : null),
    });
  }
  return [...found.values()].sort((a, b) => a.element.localeCompare(b.element, 'en'));
}
