import { useState } from 'react';
import Button from 'antd/es/button';
import type { WalkSitting, WalkStation } from '@hurrow/contract';
import { AskField } from './AskField.tsx';
import { SketchView } from '../parts/SketchView.tsx';
import { CluesPanel } from './CluesPanel.tsx';
import { keepOpened, openedClues } from './clues.ts';
import { SendingNote } from './SendingNote.tsx';
import { WalkNotes } from './WalkNotes.tsx';
import type { Walk } from './useWalk.ts';

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

/** One station: what is in hand, what to take care of, what is asked. */
export function StationPage({
  walk,
  sitting,
  station,
  index,
  onGo,
  onReview,
}: {
  walk: Walk;
  sitting: WalkSitting;
  station: WalkStation;
  index: number;
  onGo: (index: number) => void;
  onReview: () => void;
}) {
  const last = index === sitting.stations.length - 1;
  const place = [sitting.sitting, sitting.student, station.id] as const;
  const [opened, setOpened] = useState(() => openedClues(...place));
  const open = (): void => {
    keepOpened(...place, opened + 1);
    setOpened(opened + 1);
  };
  // What was open when an answer was given goes with it.
  const here: Walk =
    station.clues.length === 0
      ? walk
      : { ...walk, answer: (ask, content) => walk.answer(ask, { ...content, clues: opened }) };
  return (
    <div className="walk-frame">
      <header className="walk-head">
        <span>Number {sitting.student}</span>
        <SendingNote walk={walk} />
      </header>
      <main className="walk">
        <h1>
          <span className="station-count">
            Station {station.number} <span className="quiet">of {sitting.stations.length}</span>
          </span>
        </h1>
        <WalkNotes walk={walk} />
        <p>
          You have {list(station.material)}, {station.distance}. You may use {list(station.handling)}.
        </p>
        {station.cautions.map((c) => (
          <p key={c} className="note care" role="note">
            <b>Take care.</b> {c}
          </p>
        ))}
        {station.drawn.length > 0 ? (
          <div className="station-plates">
            {station.drawn.map((s, i) => (
              <SketchView
                key={i}
                sketch={s}
                label={`Drawing ${i + 1} of this station`}
                className="station-plate"
              />
            ))}
          </div>
        ) : null}
        {station.clues.length > 0 ? <CluesPanel clues={station.clues} opened={opened} onOpen={open} /> : null}
        {station.asks.map((a) => (
          <AskField key={a.id} ask={a} walk={here} />
        ))}
      </main>
      <footer className="walk-foot">
        <Button size="large" disabled={index === 0} onClick={() => onGo(index - 1)}>
          Back
        </Button>
        <Button size="large" onClick={onReview}>
          All stations
        </Button>
        <Button size="large" type="primary" onClick={() => (last ? onReview() : onGo(index + 1))}>
          {last ? 'Review' : 'Next'}
        </Button>
      </footer>
    </div>
  );
}
