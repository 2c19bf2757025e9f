import Button from 'antd/es/button';
import type { Undoing } from './useUndo.ts';

/** Undo, redo, and what they did. */
export function UndoRedo({ of }: { of: Undoing }) {
  return (
    <>
      <Button onClick={of.undo} loading={of.busy}>
        Undo
      </Button>
      <Button onClick={of.redo} disabled={of.busy}>
        Redo
      </Button>
      <span className="quiet" role="status" aria-label="Undone">
        {of.said}
      </span>
    </>
  );
}
