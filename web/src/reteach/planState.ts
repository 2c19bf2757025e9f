import { planLesson } from '@hurrow/core/reteach';
import type { LessonPlan } from '@hurrow/core/reteach';
import { moved } from '../parts/model.ts';
import type { ContrastRow } from './planWords.ts';

export const MINUTES = [10, 20, 50] as const;
const USUAL_MOST = 2;

/** What was chosen of a plan: its length, what is kept in, left out, and in which order. */
export interface PlanState {
  readonly minutes: number;
  readonly most: number;
  readonly pinned: ReadonlySet<string>;
  readonly dropped: ReadonlySet<string>;
  readonly order: readonly string[];
}

/** Something that is done to a plan. */
export type PlanAct =
  | { readonly kind: 'minutes'; readonly minutes: number }
  | { readonly kind: 'most'; readonly most: number }
  /** Keeps a contrast in, or lets it go. */
  | { readonly kind: 'keep'; readonly id: string }
  /** Leaves a contrast out, or takes it back. */
  | { readonly kind: 'drop'; readonly id: string }
  | { readonly kind: 'move'; readonly from: number; readonly to: number };

/** A plan as it opens. @param pinned pairs that the lesson is planned from: they are in it, whatever they cost. */
export const openPlan = (pinned: readonly string[]): PlanState => ({
  minutes: MINUTES[0],
  most: USUAL_MOST,
  pinned: new Set(pinned),
  dropped: new Set(),
  order: [],
});

/** The plan that follows from what was chosen. */
export const planOf = (state: PlanState, rows: readonly ContrastRow[]): LessonPlan =>
  planLesson(
    rows.map((r) => r.contrast),
    state,
  );

function toggled(all: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(all);
  if (!next.delete(id)) next.add(id);
  return next;
}
const without = (all: ReadonlySet<string>, id: string): ReadonlySet<string> =>
  new Set([...all].filter((x) => x !== id));

/**
 * What follows from an act. What is left out is kept in no longer, and what is kept in is left out no longer.
 * @param planned ids of the plan as it is shown, in order.
 */
export function planAfter(state: PlanState, act: PlanAct, planned: readonly string[]): PlanState {
  switch (act.kind) {
    case 'minutes':
      return { ...state, minutes: act.minutes };
    case 'most':
      return { ...state, most: act.most };
    case 'keep':
      return { ...state, pinned: toggled(state.pinned, act.id), dropped: without(state.dropped, act.id) };
    case 'drop':
      return { ...state, dropped: toggled(state.dropped, act.id), pinned: without(state.pinned, act.id) };
    case 'move':
      return { ...state, order: moved(planned, act.from, act.to) };
  }
}

/** What is recorded of a plan, in its order. */
export const itemsOf = (plan: LessonPlan): readonly { readonly taxon: string; readonly other: string }[] =>
  plan.contrasts.map(({ id }) => {
    const [taxon = '', other = ''] = id.split('/');
    return { taxon, other };
  });
