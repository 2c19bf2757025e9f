import type { CSSProperties, KeyboardEvent } from 'react';
import HolderOutlined from '@ant-design/icons/HolderOutlined';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { Sketch, Station } from '@hurrow/contract';
import type { StationFairness } from '@hurrow/core/fairness';
import { useView, useVocabulary } from '../app/index.ts';
import { CardButton, SketchView, TaxonName } from '../parts/index.ts';
import { VERDICT_WORDS, afterVerdict, missedLine } from './fairWords.ts';
import type { NameOf } from './fairWords.ts';
import { askWords } from './words.ts';

/** One station in the walking order: what it is, what it asks, how fair it is, how many will miss it. */
export function StationLine({
  station,
  found,
  sketch,
  students,
  nameOf,
  selected,
  movable,
  onSelect,
  onMove,
}: {
  station: Station;
  found: StationFairness | undefined;
  sketch: Sketch | undefined;
  students: number;
  nameOf: NameOf;
  selected: boolean;
  movable: boolean;
  onSelect: () => void;
  /** Moves it by so many places. */
  onMove: (by: number) => void;
}) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: station.id,
    disabled: !movable,
  });
  const style: CSSProperties = { transform: CSS.Transform.toString(transform) ?? undefined, transition };
  const missed = found ? missedLine(found.missed, students) : null;
  const why = found ? afterVerdict(found, nameOf) : '';
  const keys = (e: KeyboardEvent): void => {
    if (!movable || !e.altKey || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return;
    e.preventDefault();
    onMove(e.key === 'ArrowUp' ? -1 : 1);
  };
  return (
    <li
      ref={setNodeRef}
      style={style}
      className={`quiz-station${selected ? ' selected' : ''}${isDragging ? ' dragging' : ''}`}
    >
      {movable ? (
        <CardButton
          className="grip"
          {...attributes}
          {...listeners}
          aria-label={`Move station ${station.number}`}
        >
          <HolderOutlined />
        </CardButton>
      ) : (
        <span />
      )}
      <CardButton
        className="quiz-station-open"
        aria-current={selected ? 'true' : undefined}
        onClick={onSelect}
        onKeyDown={keys}
      >
        <span className="station-number">{station.number}</span>
        <span className="quiz-station-drawn" aria-hidden="true">
          {sketch ? <SketchView sketch={sketch} label="" /> : null}
        </span>
        <span className="quiz-station-what">
          <b>
            <TaxonName taxon={station.tree.taxon} />
          </b>
          <span className="quiet">
            tree {station.tree.tag}, {station.tree.trail ?? station.tree.site.name}
          </span>
          <span className="chips">
            {station.asks.map((a) => (
              <span className="chip" key={a.id}>
                {askWords(a, vocabulary, wording.words)}
              </span>
            ))}
          </span>
        </span>
        <span className="quiz-station-fair">
          {found ? (
            <>
              <span className={`verdict ${found.verdict}`}>{VERDICT_WORDS[found.verdict]}</span>
              {why === '' ? null : <span className="quiet">{why}</span>}
              {missed ? <span className="quiet number">{missed}</span> : null}
            </>
          ) : (
            <span className="quiet">Checking…</span>
          )}
        </span>
      </CardButton>
    </li>
  );
}
