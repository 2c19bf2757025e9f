import { useMemo } from 'react';
import { cellAt } from '@hurrow/core/compare';
import type { PairTable } from '@hurrow/core/compare';
import { Latin } from '../parts/index.ts';
import { STANDING, reasonWords } from './words.ts';
import type { Compared } from './useCompared.ts';

/** “Pinus albicaulis” as “P. albicaulis”. */
const short = (name: string): string => name.replace(/^(\p{Lu})\p{L}+ /u, '$1. ');

/**
 * Every pair of a list in a triangle; what it comes to is said by sign and tone, with the reason in each cell. Arrow keys
 * move about in it.
 */
export function PairChart({
  compared: { members, vocabulary, wording },
  table,
  order,
  chosen,
  onChoose,
}: {
  compared: Compared;
  table: PairTable;
  order: readonly number[];
  chosen: readonly [number, number] | null;
  onChoose: (pair: readonly [number, number]) => void;
}) {
  const rows = useMemo(() => order.map((i) => ({ i, name: members[i]?.scientific ?? '' })), [order, members]);
  const at = chosen ? ([order.indexOf(chosen[0]), order.indexOf(chosen[1])] as const) : null;
  const [row, column] = at ? [Math.max(at[0], at[1]), Math.min(at[0], at[1])] : [1, 0];
  const move = (r: number, c: number): void => {
    const [a, b] = [order[r], order[c]];
    if (a === undefined || b === undefined || c >= r || c < 0) return;
    onChoose([a, b]);
    document.getElementById(`pair-${r}-${c}`)?.focus();
  };
  const onKey = (e: React.KeyboardEvent): void => {
    const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[e.key];
    if (!step) return;
    e.preventDefault();
    move(row + (step[0] ?? 0), column + (step[1] ?? 0));
  };
  return (
    <div className="pair-chart" role="grid" aria-label="Pairs" tabIndex={-1} onKeyDown={onKey}>
      {rows.map(({ i, name }, r) => (
        <div key={i} role="row" className="pair-row">
          <span role="rowheader" className="pair-name">
            <Latin name={short(name)} />
          </span>
          {rows.slice(0, r).map((other, c) => {
            const cell = cellAt(table, i, other.i);
            const standing = STANDING[cell?.standing ?? 'unproven'];
            const reason = cell ? reasonWords(cell, vocabulary, wording) : standing.words;
            return (
              // One of a thousand cells of a chart: a control for each would hold the page up.
              // oxlint-disable-next-line eslint-js/no-restricted-syntax
              <button
                key={other.i}
                id={`pair-${r}-${c}`}
                type="button"
                role="gridcell"
                tabIndex={r === row && c === column ? 0 : -1}
                className={`pair-cell ${cell?.standing ?? ''} ${at && r === row && c === column ? 'at' : ''}`}
                aria-label={`${name} and ${other.name}: ${reason}`}
                aria-selected={Boolean(at) && r === row && c === column}
                title={`${short(name)} · ${short(other.name)}: ${reason}`}
                onClick={() => onChoose([i, other.i])}
              >
                {standing.sign}
              </button>
            );
          })}
        </div>
      ))}
    </div>
  );
}
