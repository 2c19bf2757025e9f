import type { SheetAsk } from '@hurrow/contract';

/** A question of a sheet: not answered yet, answered, or answered and opened to be changed on purpose. */
export type Row = 'open' | 'answered' | 'changing';

export const rowOf = (a: Pick<SheetAsk, 'typed'>, isChanging: boolean): Row =>
  a.typed === null ? 'open' : isChanging ? 'changing' : 'answered';

/** What a key does on a row; null where the key is left to the field. */
export type Act =
  /** Writes an answer; null is what the key says. */
  | { readonly do: 'enter'; readonly typed: string | null; readonly correction: boolean }
  | { readonly do: 'move'; readonly by: 1 | -1 }
  /** Opens an answered question, so that what is typed next replaces the answer. */
  | { readonly do: 'change' }
  /** Leaves an opened question as it was. */
  | { readonly do: 'leave' };

const MOVES: Readonly<Record<string, 1 | -1>> = { ArrowDown: 1, ArrowUp: -1 };

/**
 * What a key does: an answer that is there is never replaced by Enter or Delete, which move on; F2 opens it on purpose.
 * @param typed what stands in the field.
 */
export function actOf(key: string, row: Row, typed: string): Act | null {
  const by = MOVES[key];
  if (by) return { do: 'move', by };
  if (row === 'answered') {
    if (key === 'F2') return { do: 'change' };
    return key === 'Enter' || key === 'Delete' ? { do: 'move', by: 1 } : null;
  }
  const correction = row === 'changing';
  if (key === 'Escape' && correction) return { do: 'leave' };
  if (key === 'Delete' && typed === '') return { do: 'enter', typed: '', correction };
  if (key !== 'Enter') return null;
  // An empty field means “as the key” only where nothing was answered; opened by mistake, it stays as it was.
  if (typed === '' && correction) return { do: 'leave' };
  return { do: 'enter', typed: typed === '' ? null : typed, correction };
}

/** Whether staff changed what the student gave. */
export const isChanged = (a: Pick<SheetAsk, 'typed' | 'gave'>): boolean =>
  a.gave !== null && a.typed !== null && a.gave !== a.typed;
