import type { Presence } from '@hurrow/core/range';

/** How each presence is called, and what is drawn for it; no two are set apart by colour alone. */
export const PRESENCES: readonly { readonly id: Presence; readonly word: string; readonly drawn: string }[] =
  [
    { id: 'native', word: 'native', drawn: 'filled' },
    { id: 'rare', word: 'native, rare', drawn: 'dots' },
    { id: 'planted', word: 'planted only', drawn: 'slanting lines' },
    { id: 'introduced', word: 'introduced, spreading', drawn: 'crossed lines' },
  ];

export const presenceWord = (p: Presence | null): string =>
  p === null ? 'not recorded' : (PRESENCES.find((x) => x.id === p)?.word ?? p);
