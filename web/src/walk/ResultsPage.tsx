import { useEffect, useState } from 'react';
import type { ReactNode } from 'react';
import Button from 'antd/es/button';
import type { ResultAsk, ResultStation, WalkResults } from '@hurrow/contract';
import { problemOf } from '../api/problem.ts';
import { request } from '../api/request.ts';
import { at } from './server.ts';
import { OwnMixUps } from './OwnMixUps.tsx';
import { SketchView } from '../parts/SketchView.tsx';

const LABELS: Readonly<Record<string, string>> = {
  common: 'Common name',
  scientific: 'Scientific name',
  either: 'Name',
  genus: 'Genus',
  family: 'Family',
  choice: 'Your choice',
  match: 'Your matches',
  point: 'Your mark',
  text: 'Your answer',
};

const DAY = new Intl.DateTimeFormat('en-US', {
  weekday: 'short',
  month: 'short',
  day: 'numeric',
  timeZone: 'UTC',
});
const dayOf = (iso: string): Date => new Date(`${iso}T00:00:00Z`);

function AskResult({ ask, scored }: { ask: ResultAsk; scored: boolean }) {
  if (ask.points === null) {
    return (
      <div className="result-ask">
        <div className="quiet">{ask.character ?? LABELS[ask.kind] ?? ask.kind}</div>
        <div>
          You wrote <b>{ask.typed === '' ? 'nothing' : ask.typed}</b>
        </div>
      </div>
    );
  }
  const full = ask.points >= ask.most;
  return (
    <div className="result-ask">
      <div className="quiet">{ask.character ?? LABELS[ask.kind] ?? ask.kind}</div>
      <div>
        You wrote <b>{ask.typed === '' ? 'nothing' : ask.typed}</b>
        {full ? null : (
          <>
            . It is <b>{ask.key}</b>
          </>
        )}
      </div>
      {ask.reason ? (
        <div>
          {ask.before === null ? 'Your instructor' : `Changed from ${ask.before} points by your instructor`}:{' '}
          {ask.reason}
        </div>
      ) : null}
      {ask.why && !ask.reason ? <div className="quiet">{ask.why}</div> : null}
      {scored ? (
        <div className="number result-points">
          {ask.points} of {ask.most}
        </div>
      ) : null}
    </div>
  );
}

function Mixed({ mixed, truth }: { mixed: NonNullable<ResultStation['mixedWith']>; truth: string }) {
  const named = mixed.common ?? mixed.scientific;
  if (mixed.tells.length === 0) {
    return (
      <p className="note">
        {mixed.verdict === 'twins'
          ? `Nobody could tell it from ${named} with what you had.`
          : `What tells it from ${named} is not known here yet.`}
      </p>
    );
  }
  return (
    <div className="note tells">
      <b>How to tell them apart</b>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">{truth}</th>
            <th scope="col">{named}</th>
          </tr>
        </thead>
        <tbody>
          {mixed.tells.map((t) => (
            <tr key={t.character}>
              <th scope="row">{t.character}</th>
              <td>
                {t.drawn ? <SketchView sketch={t.drawn.truth} label={`${t.truth}, drawn`} /> : null}
                {t.truth}
              </td>
              <td>
                {t.drawn ? <SketchView sketch={t.drawn.named} label={`${t.named}, drawn`} /> : null}
                {t.named}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** The score, the right names, and for each wrong one what tells the two apart. */
export function ResultsPage({
  sitting,
  others,
  onLeave,
}: {
  sitting: string;
  /** The way to other quizzes of this phone. */
  others: ReactNode;
  onLeave: () => void;
}) {
  const [results, setResults] = useState<WalkResults | null>(null);
  const [error, setError] = useState<unknown>(null);
  useEffect(() => {
    let live = true;
    request('walkResults', at(sitting)).then(
      (r) => {
        if (live) setResults(r);
      },
      (e: unknown) => {
        if (live) setError(e);
      },
    );
    return () => {
      live = false;
    };
  }, [sitting]);
  if (error) {
    const problem = problemOf(error);
    return (
      <main className="walk">
        <div className="note bad" role="alert">
          <b>{problem.detail}</b> {problem.remedy}
        </div>
      </main>
    );
  }
  if (!results) {
    return (
      <main className="walk quiet" role="status">
        Loading…
      </main>
    );
  }
  const waiting = results.stations.filter((s) => s.later !== null).length;
  return (
    <main className="walk">
      <h1 className="number">
        {waiting === results.stations.length && waiting > 0
          ? results.scored
            ? 'Your score comes later'
            : 'Your results come later'
          : results.scored
            ? `${results.points} of ${results.most} points`
            : 'What you found'}
      </h1>
      {waiting > 0 && waiting < results.stations.length ? (
        <p>
          {waiting} of {results.stations.length} stations come later.
        </p>
      ) : null}
      <p className="quiet">
        Number {results.student}, {DAY.format(dayOf(results.on))}
      </p>
      {results.stations.map((s) => (
        <section key={s.number} className="result">
          <h2>
            <span className="number">{s.number}</span> {s.truth?.common ?? ''}{' '}
            {s.truth ? <i className="latin">{s.truth.scientific}</i> : 'Later'}
          </h2>
          {s.later === null ? null : (
            <p className="note">
              Another class still has this station. You can see what it was after {DAY.format(dayOf(s.later))}
              .
            </p>
          )}
          {s.dropped ? <p className="note">This station counts for nobody.</p> : null}
          {s.asks.length === 0 ? <p className="quiet">Nothing answered here.</p> : null}
          {s.asks.map((a, i) => (
            <AskResult
              key={`${i}${a.kind}${a.character ?? ''}`}
              ask={a}
              scored={results.scored && !s.dropped}
            />
          ))}
          {s.mixedWith && s.truth ? (
            <Mixed mixed={s.mixedWith} truth={s.truth.common ?? s.truth.scientific} />
          ) : null}
        </section>
      ))}
      <OwnMixUps mixUps={results.mixUps} />
      {others}
      <Button block size="large" onClick={onLeave}>
        Leave and delete this from the phone
      </Button>
    </main>
  );
}
