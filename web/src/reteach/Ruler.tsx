import type { LessonPlan } from '@hurrow/core/reteach';

/** The minutes of a lesson with a block for each contrast on them. */
export function Ruler({
  plan,
  minutes,
  nameOf,
}: {
  plan: LessonPlan;
  minutes: number;
  nameOf: (id: string) => string;
}) {
  const long = Math.max(minutes, plan.minutes);
  const each = plan.contrasts.length === 0 ? 0 : plan.minutes / plan.contrasts.length;
  return (
    <figure className="ruler-figure">
      <div className="ruler" role="img" aria-label={`${plan.minutes} of ${minutes} minutes are planned`}>
        {plan.contrasts.map((c) => (
          <span key={c.id} className="ruler-block" style={{ width: `${(100 * each) / long}%` }}>
            {nameOf(c.id)}
          </span>
        ))}
      </div>
      <figcaption className="quiet number">
        {plan.minutes} of {minutes} minutes
      </figcaption>
    </figure>
  );
}
