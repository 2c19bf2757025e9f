import Button from 'antd/es/button';
import type { ResultAsk, ResultStation, SittingDetail, WalkResults } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { ProblemNote, SketchView, ownMixUpWords, saveCsv } from '../parts/index.ts';
import { SittingPrint } from './SittingPrint.tsx';
import { resultRows } from './resultRows.ts';

const written = (a: ResultAsk): string => (a.typed === '' ? 'nothing' : a.typed);
/** On paper there is room for the two strongest tells of a mix-up. */
const MOST_TELLS = 2;

function AskLine({ ask, scored }: { ask: ResultAsk; scored: boolean }) {
  if (ask.points === null) return <li>You wrote {written(ask)}.</li>;
  const full = ask.points >= ask.most;
  return (
    <li>
      {ask.character ? `${ask.character}: ` : ''}You wrote {written(ask)}.
      {full || ask.key === null ? '' : ` It is ${ask.key}.`}
      {ask.why ? <span className="slip-why"> {ask.why}</span> : null}
      {ask.reason ? <span className="slip-why"> Your instructor: {ask.reason}.</span> : null}
      {scored ? (
        <b>
          {' '}
          {ask.points} of {ask.most}
        </b>
      ) : null}
    </li>
  );
}

/** Stations at which something was missed, or that come later; what was fully right needs no line. */
const isShown = (s: ResultStation): boolean =>
  s.later !== null ||
  s.dropped ||
  s.asks.length === 0 ||
  s.asks.some((a) => (a.points ?? 0) < a.most || a.reason);

function StationLines({
  station: s,
  scored,
  today,
}: {
  station: ResultStation;
  scored: boolean;
  today: string;
}) {
  const named = s.mixedWith ? (s.mixedWith.common ?? s.mixedWith.scientific) : '';
  return (
    <section className="slip-station">
      <b className="number">{s.number}</b>
      <div>
        {s.truth ? (
          <>
            {s.truth.common ? `${s.truth.common}, ` : ''}
            <i>{s.truth.scientific}</i>
          </>
        ) : (
          `Later: another class still has this station. You can see what it was after ${showDate(s.later ?? '', today)}.`
        )}
        {s.dropped ? ' This station counts for nobody.' : ''}
        <ul>
          {s.asks.length === 0 ? <li>Nothing answered here.</li> : null}
          {s.asks.map((a, i) => (
            <AskLine key={`${i}${a.kind}`} ask={a} scored={scored && !s.dropped} />
          ))}
        </ul>
        {s.mixedWith && s.mixedWith.tells.length > 0 ? (
          <table className="slip-tells">
            <thead>
              <tr>
                <th scope="col">How to tell them apart</th>
                <th scope="col">{s.truth?.common ?? s.truth?.scientific}</th>
                <th scope="col">{named}</th>
              </tr>
            </thead>
            <tbody>
              {s.mixedWith.tells.slice(0, MOST_TELLS).map((t) => (
                <tr key={t.character}>
                  <th scope="row">{t.character}</th>
                  <td>
                    {t.drawn ? <SketchView sketch={t.drawn.truth} label={`${t.truth}, drawn`} /> : null}{' '}
                    {t.truth}
                  </td>
                  <td>
                    {t.drawn ? <SketchView sketch={t.drawn.named} label={`${t.named}, drawn`} /> : null}{' '}
                    {t.named}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ) : s.mixedWith ? (
          <p>
            {s.mixedWith.verdict === 'twins'
              ? `Nobody could tell it from ${named} with what you had.`
              : `What tells it from ${named} is not known here yet.`}
          </p>
        ) : null}
      </div>
    </section>
  );
}

function Slip({ sitting, results }: { sitting: SittingDetail; results: WalkResults }) {
  const { today } = useSession();
  const shown = results.stations.filter(isShown);
  const right = results.stations.length - shown.length;
  return (
    <article className="slip">
      <header>
        <b>
          {sitting.quizName}, {showDate(sitting.on, today)}
        </b>
        <span>
          {sitting.sectionName}, number <b>{results.student}</b>
        </span>
        {results.scored ? (
          <span>
            <b>{results.points}</b> of {results.most} points
          </span>
        ) : null}
      </header>
      <p>
        {right === results.stations.length
          ? 'Every station is fully right.'
          : `${right} of ${results.stations.length} stations are fully right.`}
      </p>
      {shown.map((s) => (
        <StationLines key={s.number} station={s} scored={results.scored} today={today} />
      ))}
      {results.mixUps.length === 0 ? null : (
        <section>
          <b>Your mix-ups so far</b>
          <ul className="slip-mix-ups">
            {results.mixUps.map((m) => (
              <li key={`${m.wrote}/${m.tree}`}>{ownMixUpWords(m).join(' ')}</li>
            ))}
          </ul>
        </section>
      )}
    </article>
  );
}

function Slips({ sitting }: { sitting: SittingDetail }) {
  const slips = useRead('slips', { id: sitting.id });
  if (slips.error) return <ProblemNote error={slips.error} />;
  if (!slips.data)
    return (
      <p className="quiet" role="status">
        Loading…
      </p>
    );
  return (
    <>
      <p className="no-print">
        <Button
          onClick={() =>
            saveCsv(`results ${sitting.quizName} ${sitting.sectionName}`, resultRows(slips.data))
          }
        >
          Export results as CSV
        </Button>
      </p>
      {slips.data.map((r) => (
        <Slip key={r.student} sitting={sitting} results={r} />
      ))}
    </>
  );
}

/** Result slips: for each student the score, what was missed and why, and what would have told the two apart. */
export function ResultSlips() {
  return (
    <SittingPrint title="Result slips" about="One for each student who took part; stations held back say so.">
      {(s) => <Slips sitting={s} />}
    </SittingPrint>
  );
}
