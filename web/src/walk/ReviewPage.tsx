import { useState } from 'react';
import type { ReactNode } from 'react';
import Button from 'antd/es/button';
import type { WalkAsk, WalkSitting } from '@hurrow/contract';
import { saysSomething } from './box.ts';
import { isWhole } from './questionAnswer.ts';
import { problemOf } from '../api/problem.ts';
import { SendingNote } from './SendingNote.tsx';
import { WalkNotes } from './WalkNotes.tsx';
import type { Walk } from './useWalk.ts';
import { blankWords, stationWords } from './reviewWords.ts';
import { stationsText, waitingLines } from './waitingLines.ts';
import { rememberedWord } from './wordSuggestion.ts';

const isAnswered = (walk: Walk, ask: WalkAsk): boolean => {
  const content = walk.answerOf(ask.id);
  return ask.question ? isWhole(ask, content.value) : saysSomething(content);
};

/** What must be read before the next press comes above the bar by itself. */
const intoView = (note: HTMLElement | null): void => note?.scrollIntoView({ block: 'nearest' });

/** All stations with what is still blank, and handing in. */
export function ReviewPage({
  walk,
  sitting,
  onStation,
  again,
  others,
}: {
  walk: Walk;
  sitting: WalkSitting;
  onStation: (index: number) => void;
  again: boolean;
  /** The way to other quizzes of this phone, once this one is done. */
  others: ReactNode;
}) {
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const [asking, setAsking] = useState(false);
  const act = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setError(null);
    try {
      await work();
    } catch (e) {
      setError(e);
    } finally {
      setBusy(false);
    }
  };
  const problem = error ? problemOf(error) : null;
  const word = rememberedWord();
  const done = sitting.submitted || sitting.state === 'closed';
  const progress = sitting.stations.map((s) => ({
    number: s.number,
    asks: s.asks.length,
    blank: s.asks.filter((a) => !isAnswered(walk, a)).length,
  }));
  const open = progress.filter((p) => p.blank > 0);
  const firstOpen = progress.findIndex((p) => p.blank > 0);
  const handIn = (): void => {
    setAsking(false);
    void act(walk.handIn);
  };
  return (
    <div className="walk-frame">
      <header className="walk-head">
        <span>Number {sitting.student}</span>
        <SendingNote walk={walk} />
      </header>
      <main className="walk">
        <h1>{sitting.submitted ? 'Handed in' : sitting.state === 'closed' ? 'Closed' : 'All stations'}</h1>
        <WalkNotes walk={walk} />
        {done ? (
          <p>
            {sitting.state === 'closed' ? 'The quiz is closed. ' : ''}You will see your results here when your
            instructor returns them.
          </p>
        ) : (
          <p>{blankWords(open)}</p>
        )}
        {waitingLines(sitting, walk.state.refused).map((l) => (
          <div key={l.why} className={l.kept ? 'note care' : 'note bad'} role="status">
            <b>
              {stationsText(l.stations)}: {l.kept ? 'sent, but not counted yet.' : 'not taken.'}
            </b>{' '}
            {l.why}
          </div>
        ))}
        <ul className="station-list">
          {sitting.stations.map((s, i) => {
            const name = s.asks.flatMap((a) => walk.answerOf(a.id).typed ?? [])[0];
            return (
              <li key={s.id}>
                <button type="button" disabled={done} onClick={() => onStation(i)}>
                  <b className="number">{s.number}</b>
                  <span className="review-name">{name ?? ''}</span>
                  <span className="quiet number">{stationWords(progress[i])}</span>
                </button>
              </li>
            );
          })}
        </ul>
        {word ? (
          <details className="quiet">
            <summary>Show my private word</summary>
            <p>
              <b>{word}</b>. You need it to join on another phone.
            </p>
          </details>
        ) : null}
        {problem ? (
          <div className="note bad" role="alert" ref={intoView}>
            <b>Not handed in yet.</b> {problem.detail} {problem.remedy}
          </div>
        ) : null}
        {asking ? (
          <div className="note care" role="alert" ref={intoView}>
            <b>{blankWords(open)}</b> Hand in anyway? You can change your answers until the quiz closes.
          </div>
        ) : null}
        {sitting.submitted && sitting.state === 'open' ? (
          <Button block size="large" loading={busy} onClick={() => void act(walk.takeBack)}>
            Change my answers
          </Button>
        ) : null}
        {again || done ? (
          <Button block size="large" onClick={() => void walk.refresh()}>
            Check for results
          </Button>
        ) : null}
        {done ? others : null}
      </main>
      {done ? null : (
        <footer className="walk-foot">
          <Button size="large" onClick={() => onStation(Math.max(0, firstOpen))}>
            {firstOpen < 0 ? 'Back to station 1' : `Go to station ${progress[firstOpen]?.number ?? 1}`}
          </Button>
          {asking ? (
            <Button size="large" type="primary" loading={busy} onClick={handIn}>
              Hand in anyway
            </Button>
          ) : (
            <Button
              size="large"
              type="primary"
              loading={busy}
              onClick={() => (open.length > 0 ? setAsking(true) : handIn())}
            >
              Hand in
            </Button>
          )}
        </footer>
      )}
    </div>
  );
}
