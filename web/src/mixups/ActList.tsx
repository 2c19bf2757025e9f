import Button from 'antd/es/button';
import type { MixUpRow } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useSession, useView, useVocabulary } from '../app/index.ts';
import {
  causeWords,
  plain,
  plainWords,
  slipWords,
  stateWords,
  tagWords,
  toActOn,
  whereWords,
} from './boardWords.ts';

function Line({ row, onOpen }: { row: MixUpRow; onOpen: () => void }) {
  const { today } = useSession();
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const day = (on: string): string => showDate(on, today);
  const lines = [
    tagWords(row),
    stateWords(row, day),
    slipWords(row),
    causeWords(row, vocabulary, wording.words),
    row.retest ? 'Kept to retest.' : '',
    row.next ? `In the next quiz: ${row.next.quiz}, ${day(row.next.on)}.` : '',
  ].filter((l) => l !== '');
  return (
    <li className={row.slips?.flagged ? 'act flagged' : 'act'}>
      <b>{plainWords(row)}</b>
      <span className="quiet">{whereWords(row, day)}</span>
      {lines.map((l) => (
        <span key={l}>{l.charAt(0).toUpperCase() + l.slice(1)}</span>
      ))}
      <Button
        size="small"
        onClick={onOpen}
        aria-label={`Open pair: ${plain(row.answer)} for ${plain(row.truth)}`}
      >
        Open pair
      </Button>
    </li>
  );
}

/** What to act on, first things first. */
export function ActList({ rows, onOpen }: { rows: readonly MixUpRow[]; onOpen: (row: MixUpRow) => void }) {
  const all = toActOn(rows);
  return (
    <section className="panel" aria-label="What to act on">
      <h2>What to act on</h2>
      {all.some((r) => r.slips?.flagged) ? (
        <p className="quiet">About 1 in 10 of those that are more than slips may be chance.</p>
      ) : null}
      {all.length === 0 ? (
        <p className="quiet">No pair was mixed up by three students or more.</p>
      ) : (
        <ol className="act-list">
          {all.map((r) => (
            <Line key={`${r.truth.id}/${r.answer.id}`} row={r} onOpen={() => onOpen(r)} />
          ))}
        </ol>
      )}
    </section>
  );
}
