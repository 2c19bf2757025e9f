import type { Undone } from '@hurrow/contract';
import { problemOf, useRead, useWrite } from '../api/index.ts';
import { useShortcuts, useView, useVocabulary } from '../app/index.ts';
import { undoneWords } from './undoWords.ts';

export interface Undoing {
  readonly undo: () => void;
  readonly redo: () => void;
  readonly busy: boolean;
  /** What the last undo or redo did, or why it did nothing; empty before. */
  readonly said: string;
}

/** Undoing and redoing one's own entries, on every page that writes them. */
export function useUndo(): Undoing {
  const undo = useWrite('undo');
  const redo = useWrite('redo');
  const taxa = useRead('taxa').data ?? [];
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const back = (): void => {
    redo.reset();
    undo.mutate({});
  };
  const again = (): void => {
    undo.reset();
    redo.mutate({});
  };
  useShortcuts([
    { keys: 'u', does: 'Undo my latest entry', run: back },
    { keys: 'shift+u', does: 'Redo what I undid', run: again },
  ]);
  const words = (done: Undone, verb: string): string =>
    undoneWords(done, verb, taxa, vocabulary, wording.words);
  const error = undo.error ?? redo.error;
  return {
    undo: back,
    redo: again,
    busy: undo.isPending || redo.isPending,
    said: error
      ? problemOf(error).detail
      : undo.data
        ? words(undo.data, 'Undone')
        : redo.data
          ? words(redo.data, 'Redone')
          : '',
  };
}
