import type { SittingSummary } from '@hurrow/contract';
import { AppLink } from '../parts/index.ts';
import { STATE_WORDS } from './words.ts';

/** The sittings of a quiz, a line each. */
export function SittingLines({ quiz, sittings }: { quiz: string; sittings: readonly SittingSummary[] }) {
  return (
    <>
      {sittings.map((s) => (
        <div key={s.id} className="sitting-line">
          <AppLink to={`/quizzes/${quiz}/sittings/${s.id}`}>
            {s.sectionName}, {s.on}
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
