import type { GradeEffect } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useSession } from '../app/index.ts';
import { effectLines, effectWords } from './effectWords.ts';

/** Who would gain and who would lose, sitting by sitting, before anything changes. */
export function EffectNote({
  effect,
  own,
  hidden = false,
}: {
  effect: GradeEffect | undefined;
  /** The sitting at hand, which needs no name. */
  own: string;
  hidden?: boolean;
}) {
  const { today } = useSession();
  if (!effect)
    return (
      <p className="quiet" role="status">
        Working out who gains and who loses…
      </p>
    );
  return (
    <div className="effect" aria-live="polite">
      {effect.sittings.map((s) => (
        <div key={s.sitting}>
          <p>
            <b>{s.sitting === own ? 'This sitting' : `${s.quiz}: ${s.section}, ${showDate(s.on, today)}`}.</b>{' '}
            {effectWords(s)}
            {s.returned
              ? ' Its results are returned; students see the change once you return them again.'
              : ''}
          </p>
          {hidden || s.byStudent.length === 0 ? null : (
            <ul className="effect-lines number" aria-label="Who gains and who loses">
              {effectLines(s).map((l) => (
                <li key={l}>{l}</li>
              ))}
            </ul>
          )}
        </div>
      ))}
    </div>
  );
}
