import { memo, useEffect, useRef } from 'react';
import Button from 'antd/es/button';
import type { Sheet, SheetAsk } from '@hurrow/contract';
import { useView, useVocabulary } from '../app/index.ts';
import { askWords } from '../quizzes/index.ts';
import type { Given } from './entry.ts';
import { cellOf, slotOf } from './lines.ts';

function CellShown({
  ask,
  asked,
  said,
  pending,
  isHere,
  onOpen,
  onUndo,
}: {
  ask: SheetAsk;
  /** What is asked, in words. */
  asked: string;
  said: string;
  pending: boolean;
  isHere: boolean;
  onOpen: (opened: boolean) => void;
  /** Puts back what the student gave. */
  onUndo: (() => void) | null;
}) {
  const right = ask.as === 'right' || (said !== '' && said === ask.key);
  return (
    <td className={`${isHere ? 'here ' : ''}${right ? 'right' : ''}`} onClick={() => onOpen(false)}>
      <div className="quiet cell-asked">
        {asked}: {ask.key}
      </div>
      <div className="cell-said">
        {said === '' ? <span className="quiet">–</span> : right ? <span>right</span> : said}
        {ask.origin === 'phone' && !pending ? <span className="quiet"> by phone</span> : null}
        {ask.gave !== null && ask.gave !== ask.typed ? (
          <span className="quiet">
            {' '}
            changed by staff; the student gave {ask.gave === '' ? 'nothing' : `“${ask.gave}”`}
          </span>
        ) : null}
        {ask.disputed ? <span className="tag larch">to decide</span> : null}
        {isHere && ask.typed !== null && !pending ? (
          <span className="line-tools" onClick={(e) => e.stopPropagation()}>
            <Button size="small" type="link" tabIndex={-1} onClick={() => onOpen(true)}>
              Change answer
            </Button>
            {onUndo && ask.gave !== null && ask.gave !== ask.typed ? (
              <Button size="small" type="link" tabIndex={-1} onClick={onUndo}>
                Undo change
              </Button>
            ) : null}
          </span>
        ) : null}
      </div>
    </td>
  );
}

/** A cell is drawn again only where what it shows changes; what it calls back is the same for one question. */
const Cell = memo(
  CellShown,
  (a, b) =>
    a.ask === b.ask &&
    a.asked === b.asked &&
    a.said === b.said &&
    a.pending === b.pending &&
    a.isHere === b.isHere,
);

interface Props {
  readonly sheet: Sheet;
  /** Where the hand is. */
  readonly line: number;
  readonly ask: number;
  readonly pending: ReadonlyMap<string, Given>;
  readonly speciesName: (id: string) => string;
  /** Whether a line belongs to a stretch that looks one station off. */
  readonly off: (number: number) => boolean;
  readonly onOpen: (line: number, ask: number, opened: boolean) => void;
  readonly onUndo?: (ask: SheetAsk) => void;
}

function Table({ sheet, line: atLine, ask: atAsk, pending, speciesName, off, onOpen, onUndo }: Props) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const here = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' });
  }, [atLine]);
  const rows = new Map<string, SheetAsk[]>();
  for (const a of sheet.asks) rows.set(a.sittingStation, [...(rows.get(a.sittingStation) ?? []), a]);
  const most = Math.max(1, ...[...rows.values()].map((r) => r.length));
  return (
    <table className="sheet" aria-label="Sheet" data-sending={pending.size > 0 ? 'yes' : 'no'}>
      <tbody>
        {[...rows].map(([station, asks], line) => (
          <tr
            key={station}
            ref={line === atLine ? here : null}
            className={`${line === atLine ? 'at' : ''}${off(asks[0]?.number ?? 0) ? ' off' : ''}`}
          >
            <th scope="row" className="number">
              {asks[0]?.number}
            </th>
            {asks.map((a, i) => (
              <Cell
                key={slotOf(a)}
                ask={a}
                asked={askWords(a, vocabulary, wording.words)}
                said={cellOf(a, pending, speciesName)}
                pending={pending.has(slotOf(a))}
                isHere={line === atLine && i === atAsk}
                onOpen={(opened) => onOpen(line, i, opened)}
                onUndo={onUndo ? () => onUndo(a) : null}
              />
            ))}
            {asks.length < most ? <td colSpan={most - asks.length} /> : null}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/**
 * A sheet line by line: what is asked, what the key has, what was entered. Drawn again only where one of these changes,
 * not with every letter; what it calls back is the same for one sheet.
 */
export const SheetTable = memo(
  Table,
  (a, b) => a.sheet === b.sheet && a.line === b.line && a.ask === b.ask && a.pending === b.pending,
);
