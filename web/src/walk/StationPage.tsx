import Button from 'antd/es/button';
import type { WalkSitting, WalkStation } from '@hurrow/contract';
import { AskField } from './AskField.tsx';
import { SketchView } from '../parts/SketchView.tsx';
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
        {station.asks.map((a) => (
          <AskField key={a.id} ask={a} walk={walk} />
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
