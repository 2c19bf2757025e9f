import type { ListDetail, QuizDetail } from '@hurrow/contract';
import type { FairnessVerdict, StationFairness } from '@hurrow/core/fairness';
import { minutesOf } from '@hurrow/core/quizzes';
import { counted } from '../parts/index.ts';
import { coverageOf } from './coverage.ts';
import { VERDICT_WORDS } from './fairWords.ts';
import { sizeDoubt } from './planWords.ts';

const ORDER: readonly FairnessVerdict[] = ['fair', 'shaky', 'unproven', 'unfair'];

/** What the quiz covers so far: weeks by families, verdicts, time and points. */
export function Coverage({
  quiz,
  list,
  found,
}: {
  quiz: QuizDetail;
  list: ListDetail;
  found: ReadonlyMap<string, StationFairness>;
}) {
  const coverage = coverageOf(list.members, quiz.stations);
  const minutes = minutesOf(quiz.plan, quiz.stations.length);
  const points = quiz.stations.flatMap((s) => s.asks).reduce((n, a) => n + a.points, 0);
  const judged = quiz.stations.flatMap((s) => found.get(s.id) ?? []);
  const unusual = sizeDoubt(quiz.plan.preset, quiz.stations.length);
  const misses = judged.reduce((n, f) => n + (f.missed ?? 0), 0);
  const share = judged.length === 0 ? null : misses / judged.length;
  return (
    <section className="panel coverage" aria-label="What it covers">
      <h2>Covers</h2>
      <p className="number">
        {coverage.covered} of {coverage.species} species of {list.name}
      </p>
      <table className="coverage-grid">
        <caption className="quiet">Species with a station, by family and week</caption>
        <thead>
          <tr>
            <th scope="col">Family</th>
            {coverage.weeks.map((w) => (
              <th scope="col" key={w ?? 'none'} className="number">
                {w ?? '–'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {coverage.rows.map((r) => (
            <tr key={r.family}>
              <th scope="row">{r.family}</th>
              {r.cells.map((c) => (
                <td
                  key={c.week ?? 'none'}
                  className={`number ${c.taught === 0 ? 'none' : c.covered === 0 ? 'open' : 'covered'}`}
                >
                  {c.taught === 0 ? null : (
                    <span title={`${c.covered} of ${c.taught}`} aria-label={`${c.covered} of ${c.taught}`}>
                      {c.covered === 0 ? '·' : c.covered}
                    </span>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {unusual ? <p className="quiet">{unusual}</p> : null}
      <dl className="coverage-sums number">
        <dt>Stations</dt>
        <dd>{quiz.stations.length}</dd>
        <dt>Time</dt>
        <dd>{minutes === null ? 'free walk' : counted(minutes, 'minute')}</dd>
        <dt>Points</dt>
        <dd>{points}</dd>
        {ORDER.map((v) => {
          const n = judged.filter((f) => f.verdict === v).length;
          return n === 0 ? null : (
            <div key={v} className="coverage-verdict">
              <dt>
                <span className={`verdict ${v}`}>{VERDICT_WORDS[v]}</span>
              </dt>
              <dd>{n}</dd>
            </div>
          );
        })}
        {share === null ? null : (
          <>
            <dt>Expected right</dt>
            <dd>
              about {Math.round((1 - share) * judged.length)} of {judged.length}
            </dd>
          </>
        )}
      </dl>
    </section>
  );
}
