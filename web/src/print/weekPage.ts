import type { Photo, TreeRow, WeekPage, WeekPageBody } from '@hurrow/contract';

/** Paragraphs of a text as it was typed: parted by empty lines. */
export const asWritten = (text: string): readonly string[] =>
  text
    .split(/\n\s*\n/)
    .map((p) => p.trim())
    .filter((p) => p !== '');

/** Whether what stands on the screen differs from what is kept. */
export const isChanged = (said: WeekPageBody, kept: WeekPage): boolean =>
  said.text.trim() !== kept.text ||
  said.photo !== kept.photo ||
  said.tree !== kept.tree ||
  said.place.trim() !== kept.place;

/** The photograph that was chosen, where the species still has it. */
export const pictureOf = (photos: readonly Photo[], chosen: string | null): Photo | null =>
  photos.find((p) => p.id === chosen) ?? null;

/** Where to see one: a tagged tree and how to find it. A tree on ground that is not open to all is named with that. */
export function whereWords(said: WeekPageBody, tree: TreeRow | null): string {
  const place = said.place.trim();
  const stop = place === '' || /[.!?]$/.test(place) ? place : `${place}.`;
  if (!tree) return stop;
  const access = tree.access ? ` Access: ${tree.access}.` : '';
  return `Tree ${tree.tag} at ${tree.site.name}.${access}${stop === '' ? '' : ` ${stop}`}`;
}
