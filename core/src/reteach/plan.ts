/** A mix-up that a lesson might take up, either way of it. */
export interface Contrast {
  readonly id: string;
  /** What is laid out once for all contrasts of it: a cluster of look-alikes, or the pair itself. */
  readonly cluster: string;
  /** Share of looks that go wrong, and how many looks the coming quiz has in it. */
  readonly rate: number;
  readonly looks: number;
}

/** Minutes that a lesson takes: to lay a cluster out, and for each contrast with its check. */
export interface LessonTimes {
  readonly setUp: number;
  readonly contrast: number;
}
export const LESSON_TIMES: LessonTimes = { setUp: 1, contrast: 4 };

/** The share of wrong answers that a lesson is taken to remove; it weighs all contrasts alike. */
const REMOVED = 0.5;

export interface PlanChoices {
  readonly minutes: number;
  /** The most contrasts; fewer are remembered better. */
  readonly most: number;
  /** Contrasts that are in whatever they cost, and contrasts that are not wanted. */
  readonly pinned: ReadonlySet<string>;
  readonly dropped: ReadonlySet<string>;
  /** The order that was asked for, by ids; contrasts that are not in it follow those that are. */
  readonly order?: readonly string[];
}

export type LeftOut = 'dropped' | 'no time' | 'nothing to gain';

export interface LessonPlan {
  /** In the order to teach them. */
  readonly contrasts: readonly { readonly id: string; readonly removed: number; readonly pinned: boolean }[];
  readonly minutes: number;
  /** Expected wrong answers removed from the coming quiz. */
  readonly removed: number;
  readonly leftOut: readonly { readonly id: string; readonly why: LeftOut }[];
}

/** Expected wrong answers that a lesson on a contrast removes from the coming quiz. */
export const removedBy = (c: Pick<Contrast, 'rate' | 'looks'>): number => REMOVED * c.rate * c.looks;

/** So many contrasts of one cluster, the pinned ones and then those that remove most. */
interface Option {
  readonly ids: readonly string[];
  readonly minutes: number;
  readonly value: number;
}

function optionsOf(own: readonly Contrast[], pinned: ReadonlySet<string>, t: LessonTimes): readonly Option[] {
  const order = [...own].sort(
    (a, b) =>
      Number(pinned.has(b.id)) - Number(pinned.has(a.id)) ||
      removedBy(b) - removedBy(a) ||
      a.id.localeCompare(b.id),
  );
  const least = order.filter((c) => pinned.has(c.id)).length;
  const all: Option[] = least === 0 ? [{ ids: [], minutes: 0, value: 0 }] : [];
  let value = 0;
  order.forEach((c, i) => {
    value += removedBy(c);
    if (i + 1 >= least)
      all.push({
        ids: order.slice(0, i + 1).map((o) => o.id),
        minutes: t.setUp + (i + 1) * t.contrast,
        value,
      });
  });
  return all;
}

interface Best {
  readonly value: number;
  readonly ids: readonly string[];
  readonly minutes: number;
}

/** The best of all clusters within minutes and number, by dynamic programming over both (multiple-choice knapsack). */
function bestOf(groups: readonly (readonly Option[])[], minutes: number, most: number): Best | null {
  const width = most + 1;
  const at = (m: number, k: number): number => m * width + k;
  let table: (Best | null)[] = Array.from({ length: (minutes + 1) * width }, () => null);
  table[at(0, 0)] = { value: 0, ids: [], minutes: 0 };
  for (const options of groups) {
    const next: (Best | null)[] = table.map(() => null);
    for (let m = 0; m <= minutes; m += 1)
      for (let k = 0; k <= most; k += 1) {
        const had = table[at(m, k)];
        if (!had) continue;
        for (const o of options) {
          const [mm, kk] = [m + o.minutes, k + o.ids.length];
          if (mm > minutes || kk > most) continue;
          const value = had.value + o.value;
          const place = at(mm, kk);
          if ((next[place]?.value ?? -1) < value)
            next[place] = { value, ids: [...had.ids, ...o.ids], minutes: mm };
        }
      }
    table = next;
  }
  return table.reduce<Best | null>(
    (best, b) =>
      b && (!best || b.value > best.value || (b.value === best.value && b.minutes < best.minutes)) ? b : best,
    null,
  );
}

/** Minutes of contrasts as they follow one another: a cluster is laid out once for as long as nothing else comes between. */
export const minutesInOrder = (
  contrasts: readonly Pick<Contrast, 'cluster'>[],
  times: LessonTimes = LESSON_TIMES,
): number =>
  contrasts.reduce(
    (sum, c, i) => sum + times.contrast + (contrasts[i - 1]?.cluster === c.cluster ? 0 : times.setUp),
    0,
  );

/**
 * Chooses what to teach again in so many minutes: the contrasts that remove most wrong answers from the coming quiz, laying a
 * cluster out once for all of its contrasts. Pinned ones are in even where they take longer. Contrasts of one cluster follow
 * one another, the cluster that removes most first, unless another order was asked for. Source: docs/formulas.md, A plan for a lesson.
 */
export function planLesson(
  all: readonly Contrast[],
  { minutes, most, pinned, dropped, order = [] }: PlanChoices,
  times: LessonTimes = LESSON_TIMES,
): LessonPlan {
  const wanted = all.filter((c) => !dropped.has(c.id) && (removedBy(c) > 0 || pinned.has(c.id)));
  const clusters = new Map<string, Contrast[]>();
  for (const c of wanted) clusters.set(c.cluster, [...(clusters.get(c.cluster) ?? []), c]);
  const groups = [...clusters.values()].map((own) => optionsOf(own, pinned, times));
  const held = groups.reduce((sum, g) => sum + (g[0]?.minutes ?? 0), 0);
  const heldCount = groups.reduce((sum, g) => sum + (g[0]?.ids.length ?? 0), 0);
  const best = bestOf(groups, Math.max(minutes, held), Math.max(most, heldCount)) ?? {
    value: 0,
    ids: [],
    minutes: 0,
  };
  const chosen = new Set(best.ids);
  const worth = (cluster: string): number =>
    all.reduce((sum, c) => sum + (c.cluster === cluster && chosen.has(c.id) ? removedBy(c) : 0), 0);
  const asked = (id: string): number => (order.includes(id) ? order.indexOf(id) : order.length);
  const inOrder = all
    .filter((c) => chosen.has(c.id))
    .sort(
      (a, b) =>
        asked(a.id) - asked(b.id) ||
        worth(b.cluster) - worth(a.cluster) ||
        a.cluster.localeCompare(b.cluster) ||
        removedBy(b) - removedBy(a) ||
        a.id.localeCompare(b.id),
    );
  return {
    contrasts: inOrder.map((c) => ({ id: c.id, removed: removedBy(c), pinned: pinned.has(c.id) })),
    minutes: minutesInOrder(inOrder, times),
    removed: best.value,
    leftOut: all
      .filter((c) => !chosen.has(c.id))
      .map((c) => ({
        id: c.id,
        why: dropped.has(c.id) ? 'dropped' : removedBy(c) > 0 ? 'no time' : 'nothing to gain',
      })),
  };
}
