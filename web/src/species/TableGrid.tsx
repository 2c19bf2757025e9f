import { useRef, useState } from 'react';
import { useVirtualizer } from '@tanstack/react-virtual';
import type { TaxonHeader } from '@hurrow/contract';
import type { Character, Wording } from '@hurrow/core/characters';
import { TaxonName } from '../parts/index.ts';
import { cellView, columnWords, editText } from './tableModel.ts';
import type { TableModel } from './tableModel.ts';

const ROW = 29;
const HEAD = 46;
const FIRST = 210;
const COLUMN = 156;

export interface At {
  readonly row: number;
  readonly column: number;
}

interface Props {
  readonly model: TableModel;
  readonly rows: readonly TaxonHeader[];
  readonly columns: readonly Character[];
  readonly source: string;
  readonly wording: Wording;
  readonly at: At;
  readonly onMove: (at: At) => void;
  /** Takes the text of a cell, typed over the version seen; false where it is refused, so that the field stays open. */
  readonly onEntered: (at: At, text: string, seen?: number | null) => boolean;
  readonly onPaste: (text: string) => void;
  readonly onUndo: () => void;
  readonly onEditing: (text: string | null) => void;
  readonly busy: ReadonlySet<string>;
}

const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
  PageDown: [15, 0],
  PageUp: [-15, 0],
};

/** Species by characters: only what is in view is drawn, and every cell is reached and written from the keyboard. */
export function TableGrid(props: Props) {
  const { model, rows, columns, source, wording, at, onMove, busy } = props;
  const scroller = useRef<HTMLDivElement>(null);
  const [editing, setEditing] = useState<string | null>(null);
  // Leaving the field by Enter also blurs it; what was taken once is not taken again.
  const open = useRef(false);
  const seen = useRef<number | null>(null);
  const down = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 8,
    scrollPaddingStart: HEAD,
  });
  const across = useVirtualizer({
    horizontal: true,
    count: columns.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => COLUMN,
    overscan: 3,
    scrollPaddingStart: FIRST,
  });
  const clamp = (row: number, column: number): At => ({
    row: Math.max(0, Math.min(rows.length - 1, row)),
    column: Math.max(0, Math.min(columns.length - 1, column)),
  });
  const move = (row: number, column: number): void => {
    const next = clamp(row, column);
    onMove(next);
    down.scrollToIndex(next.row);
    across.scrollToIndex(next.column);
  };
  const character = columns[at.column];
  const taxon = rows[at.row];
  const edit = (text: string | null): void => {
    if (text !== null && character && taxon) {
      seen.current = model.ownOf(taxon.id, character.id, source)?.version ?? null;
    }
    open.current = text !== null;
    setEditing(text);
    props.onEditing(text);
    if (text === null) scroller.current?.focus({ preventScroll: true });
  };
  const enter = (text: string, dy: number, dx: number): void => {
    if (!props.onEntered(at, text, seen.current)) return;
    edit(null);
    move(at.row + dy, at.column + dx);
  };
  const start = (): string =>
    character && taxon ? editText(model.ownOf(taxon.id, character.id, source), character) : '';
  const onKey = (e: React.KeyboardEvent): void => {
    if (editing !== null) return;
    const step = MOVES[e.key];
    if (e.ctrlKey || e.metaKey) {
      if (e.key === 'z') {
        e.preventDefault();
        props.onUndo();
      } else if (e.key === 'c') void navigator.clipboard.writeText(start());
      return;
    }
    if (step) move(at.row + step[0], at.column + step[1]);
    else if (e.key === 'Home') move(at.row, 0);
    else if (e.key === 'End') move(at.row, columns.length - 1);
    else if (e.key === 'Enter' || e.key === 'F2') edit(start());
    else if (e.key === 'Delete' || e.key === 'Backspace') props.onEntered(at, '');
    else if (e.key.length === 1 && !e.altKey) edit(e.key);
    else return;
    e.preventDefault();
  };
  const cellId = (row: number, column: number): string => `cell-${row}-${column}`;
  return (
    <div
      ref={scroller}
      className="grid-scroller"
      role="grid"
      tabIndex={0}
      aria-label="Species by characters"
      aria-rowcount={rows.length + 1}
      aria-colcount={columns.length + 1}
      aria-activedescendant={cellId(at.row, at.column)}
      onKeyDown={onKey}
      onPaste={(e) => {
        if (editing !== null) return;
        e.preventDefault();
        props.onPaste(e.clipboardData.getData('text/plain'));
      }}
    >
      <div
        className="grid-all"
        role="presentation"
        style={{ height: down.getTotalSize() + HEAD, width: across.getTotalSize() + FIRST }}
      >
        <div className="grid-head" role="row" aria-rowindex={1} style={{ height: HEAD }}>
          <div className="grid-corner" role="columnheader" style={{ width: FIRST }}>
            Species
          </div>
          {across.getVirtualItems().map((c) => {
            const it = columns[c.index];
            return it ? (
              <div
                key={c.key}
                role="columnheader"
                aria-colindex={c.index + 2}
                className="grid-column-head"
                title={`${it.definition} ${it.counting ?? ''}`}
                style={{ width: COLUMN, transform: `translateX(${FIRST + c.start}px)` }}
              >
                {columnWords(it, wording)}
              </div>
            ) : null;
          })}
        </div>
        {down.getVirtualItems().map((r) => {
          const row = rows[r.index];
          if (!row) return null;
          return (
            <div
              key={r.key}
              role="row"
              aria-rowindex={r.index + 2}
              className="grid-row"
              style={{ height: ROW, transform: `translateY(${HEAD + r.start}px)` }}
            >
              <div className="grid-name" role="rowheader" style={{ width: FIRST }} title={row.common ?? ''}>
                <TaxonName taxon={row} common={false} />
              </div>
              {across.getVirtualItems().map((c) => {
                const it = columns[c.index];
                if (!it) return null;
                const here = r.index === at.row && c.index === at.column;
                const view = cellView(model, row.id, it, source, wording);
                const waits = busy.has(`${row.id}/${it.id}`);
                return (
                  <div
                    key={c.key}
                    id={cellId(r.index, c.index)}
                    role="gridcell"
                    aria-colindex={c.index + 2}
                    aria-selected={here}
                    title={view.title || view.text}
                    className={`grid-cell ${view.from}${here ? ' here' : ''}${waits ? ' waits' : ''}`}
                    style={{ width: COLUMN, transform: `translateX(${FIRST + c.start}px)` }}
                    onMouseDown={() => {
                      if (editing === null) onMove({ row: r.index, column: c.index });
                    }}
                    onDoubleClick={() => edit(start())}
                  >
                    {here && editing !== null ? (
                      <input
                        className="grid-input"
                        aria-label={`${columnWords(it, wording)} of ${row.scientific}`}
                        autoFocus
                        spellCheck={false}
                        autoComplete="off"
                        value={editing}
                        onChange={(e) => {
                          setEditing(e.target.value);
                          props.onEditing(e.target.value);
                        }}
                        onKeyDown={(e) => {
                          e.stopPropagation();
                          if (e.key === 'Enter') enter(editing, e.shiftKey ? -1 : 1, 0);
                          else if (e.key === 'Tab') enter(editing, 0, e.shiftKey ? -1 : 1);
                          else if (e.key === 'Escape') edit(null);
                          else return;
                          e.preventDefault();
                        }}
                        onBlur={() => {
                          if (open.current && editing !== null && props.onEntered(at, editing, seen.current))
                            edit(null);
                        }}
                      />
                    ) : (
                      view.text
                    )}
                  </div>
                );
              })}
            </div>
          );
        })}
      </div>
    </div>
  );
}
