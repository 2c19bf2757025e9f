import type { OwnMixUp } from '@hurrow/contract';
import { ownMixUpWords } from '../parts/ownMixUpWords.ts';

/** What this student mixed up so far, over all returned quizzes of the class. */
export function OwnMixUps({ mixUps }: { mixUps: readonly OwnMixUp[] }) {
  if (mixUps.length === 0) return null;
  return (
    <section className="result" aria-label="Your mix-ups so far">
      <h2>Your mix-ups so far</h2>
      <ul className="own-mix-ups">
        {mixUps.map((m) => {
          const [what, since] = ownMixUpWords(m);
          return (
            <li key={`${m.wrote}/${m.tree}`}>
              <b>{what}</b> {since}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
