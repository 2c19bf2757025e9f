import type { QuizDetail } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useClassAtHand } from '../app/index.ts';
import { retested } from './coverage.ts';

const MOST = 5;
const COVERED = ['no station yet', 'one of the two', 'both'] as const;

/** What the class in use mixes up most, and whether the quiz asks it again. */
export function Retest({ quiz }: { quiz: QuizDetail }) {
  const { section } = useClassAtHand();
  const pairs = useRead('mixups', { id: section?.id ?? '' }, section !== null).data?.pairs ?? [];
  const most = [...pairs].sort((a, b) => b.k - a.k).slice(0, MOST);
  if (most.length === 0) return null;
  return (
    <section className="panel" aria-label="Mix-ups to retest">
      <h2>Mix-ups to retest</h2>
      <ul className="plain-list retest">
        {most.map(({ truth, answer, k, n }) => (
          <li key={`${truth.id}/${answer.id}`}>
            {truth.common ?? truth.scientific}, taken for {answer.common ?? answer.scientific}
            <span className="quiet number">
              {k} of {n} answers · {COVERED[retested({ a: truth.id, b: answer.id }, quiz.stations)]}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
