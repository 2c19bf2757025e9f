import type { LessonBody, LessonKind, LessonRow } from '@hurrow/contract';

/** A lesson as it is typed; a line without a species is empty. */
export interface LessonDraft {
  readonly on: string;
  readonly kind: LessonKind;
  readonly items: readonly DraftItem[];
}
export interface DraftItem {
  readonly taxon: string | null;
  readonly other: string | null;
}
export const EMPTY_ITEM: DraftItem = { taxon: null, other: null };

/** A lesson to be typed, or one that is corrected. */
export const draftOf = (lesson: LessonRow | null, today: string): LessonDraft =>
  lesson
    ? {
        on: lesson.on,
        kind: lesson.kind,
        items: lesson.items.map((i) => ({ taxon: i.taxon.id, other: i.other?.id ?? null })),
      }
    : { on: today, kind: 'retaught', items: [EMPTY_ITEM] };

export const withItem = (draft: LessonDraft, at: number, part: Partial<DraftItem>): LessonDraft => ({
  ...draft,
  items: draft.items.map((i, k) => (k === at ? { ...i, ...part } : i)),
});
export const withoutItem = (draft: LessonDraft, at: number): LessonDraft => {
  const left = draft.items.filter((_, k) => k !== at);
  return { ...draft, items: left.length === 0 ? [EMPTY_ITEM] : left };
};
export const withMore = (draft: LessonDraft): LessonDraft => ({
  ...draft,
  items: [...draft.items, EMPTY_ITEM],
});

/** What is missing before a lesson can be sent, in words; null where nothing is. Empty lines are not counted. */
export function missingIn(draft: LessonDraft): string | null {
  const said = draft.items.filter((i) => i.taxon !== null || i.other !== null);
  if (said.length === 0) return 'Choose what was taught.';
  if (draft.kind === 'retaught' && said.some((i) => i.taxon === null || i.other === null))
    return 'What is taught again is a pair: choose both species.';
  if (said.some((i) => i.taxon === null)) return 'Choose the first species of each line.';
  return null;
}

/** What is sent. */
export const bodyOf = (draft: LessonDraft): LessonBody => ({
  on: draft.on,
  kind: draft.kind,
  items: draft.items.flatMap((i) => (i.taxon === null ? [] : [{ taxon: i.taxon, other: i.other }])),
});
