import type { ListBody, ListDetail, ListMember, TaxonHeader } from '@hurrow/contract';

/** A list as it is edited: the members in order, with weeks and labels as typed. */
export interface ListEdit {
  readonly name: string;
  readonly members: readonly ListMember[];
}

export const editOf = (list: ListDetail): ListEdit => ({ name: list.name, members: list.members });

export const bodyOf = (edit: ListEdit): ListBody => ({
  name: edit.name.trim(),
  members: edit.members.map((m) => ({ taxon: m.id, week: m.week, label: m.label })),
});

export const setMember = (edit: ListEdit, id: string, part: Partial<ListMember>): ListEdit => ({
  ...edit,
  members: edit.members.map((m) => (m.id === id ? { ...m, ...part } : m)),
});

export const dropMember = (edit: ListEdit, id: string): ListEdit => ({
  ...edit,
  members: edit.members.filter((m) => m.id !== id),
});

/** Adds a taxon at the end; one that stands on the list already changes nothing. */
export const addMember = (edit: ListEdit, taxon: TaxonHeader): ListEdit =>
  edit.members.some((m) => m.id === taxon.id)
    ? edit
    : {
        ...edit,
        members: [...edit.members, { ...taxon, week: null, label: null, own: 0, hazardous: false }],
      };

/** A typed week as a number of the term, null where it is empty; undefined where it is none. */
export function weekTyped(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const n = Number(text);
  return Number.isInteger(n) && n >= 1 && n <= 60 ? n : undefined;
}
