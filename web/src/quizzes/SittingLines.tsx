import type { SittingSummary } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useSession } from '../app/index.ts';
import { AppLink } from '../parts/index.ts';
import { STATE_WORDS } from './words.ts';

/** The sittings of a quiz, a line each. */
export function SittingLines({ quiz, sittings }: { quiz: string; sittings: readonly SittingSummary[] }) {
  const { today } = useSession();
  return (
    <>
      {sittings.map((s) => (
        <div key={s.id} className="sitting-line">
          <AppLink to={`/quizzes/${quiz}/sittings/${s.id}`}>
            {s.sectionName}, {showDate(s.on, today)}
          </AppLink>
          <span className="tag">{STATE_WORDS[s.state]}</span>
          <span className="quiet number">
            {s.submitted} of {s.roster} handed in
          </span>
        </div>
      ))}
    </>
  );
}
