import type { LessonFollowed, MixUpRow, TaxonHeader } from '@hurrow/contract';
import type { Contrast, LeftOut, PredictedPair } from '@hurrow/core/reteach';

const name = (t: MixUpRow['truth']): string => t.common ?? t.scientific;

/** A pair whichever way it is mixed up: both directions are one contrast. */
export const contrastId = (r: Pick<MixUpRow, 'truth' | 'answer'>): string =>
  [r.truth.id, r.answer.id].sort().join('/');

/** Both directions of a mix-up as one thing to teach. */
export interface ContrastRow {
  readonly id: string;
  readonly contrast: Contrast;
  /** The direction that most students took, then the other; none where the mix-up is only predicted. */
  readonly rows: readonly MixUpRow[];
  /** Of a mix-up that nobody has made yet: its two species. */
  readonly predicted?: readonly [TaxonHeader, TaxonHeader];
}

/** Pairs that are no mix-up any more are not taught again. */
const OVER: ReadonlySet<MixUpRow['state']> = new Set(['fixed'] as const);

/**
 * Mix-ups of a class as contrasts for a lesson. The coming quiz counts one look a student at each of the two species it asks;
 * where no quiz is scheduled, every species counts as asked once.
 * @param clusters species that are confused with one another.
 */
export function contrastsOf(
  pairs: readonly MixUpRow[],
  clusters: readonly (readonly string[])[],
  students: number,
): readonly ContrastRow[] {
  const isScheduled = pairs.some((p) => p.next !== null);
  const by = new Map<string, MixUpRow[]>();
  for (const p of pairs) {
    if (OVER.has(p.state) || p.tagDoubt !== null) continue;
    by.set(contrastId(p), [...(by.get(contrastId(p)) ?? []), p]);
  }
  return [...by].map(([id, own]) => {
    const rows = [...own].sort((a, b) => b.students - a.students);
    const cluster = clusters.findIndex(
      (c) => c.includes(rows[0]?.truth.id ?? '') && c.includes(rows[0]?.answer.id ?? ''),
    );
    const asked = rows.filter((r) => !isScheduled || r.next !== null);
    const looks = asked.length * students;
    const wrong = asked.reduce((sum, r) => sum + (students * (r.students + 0.5)) / (r.looked + 1), 0);
    return {
      id,
      rows,
      contrast: {
        id,
        cluster: cluster < 0 ? id : `cluster ${cluster}`,
        rate: looks === 0 ? 0 : wrong / looks,
        looks,
      },
    };
  });
}

/** Mix-ups that are likely though nobody has answered yet, as contrasts: every species counts as asked once. */
export const predictedContrasts = (
  pairs: readonly PredictedPair[],
  headerOf: (id: string) => TaxonHeader | undefined,
  students: number,
): readonly ContrastRow[] =>
  pairs.flatMap(({ a, b, rate }): ContrastRow[] => {
    const [first, second] = [headerOf(a), headerOf(b)];
    const id = [a, b].sort().join('/');
    return first && second
      ? [
          {
            id,
            rows: [],
            predicted: [first, second],
            contrast: { id, cluster: id, rate, looks: 2 * students },
          },
        ]
      : [];
  });

/** What a contrast is: *subalpine fir for grand fir*. */
export const contrastWords = ({
  rows: [first],
  predicted,
}: Pick<ContrastRow, 'rows' | 'predicted'>): string =>
  first ? `${name(first.answer)} for ${name(first.truth)}` : (predicted?.map(name).join(' and ') ?? '');

/** Why a contrast is in, from what was counted: *7 of 12 missed it; next quiz Tue, Oct 6*. */
export function whyWords(
  { rows, contrast }: Pick<ContrastRow, 'rows'> & Partial<Pick<ContrastRow, 'contrast'>>,
  day: (on: string) => string,
): string {
  const [first] = rows;
  if (!first)
    return contrast === undefined
      ? ''
      : `Nobody has answered yet; about ${Math.max(1, Math.round(100 * contrast.rate))} in 100 answers may be wrong.`;
  const next = rows.find((r) => r.next)?.next;
  const came =
    first.state === 'stubborn'
      ? '; still there after reteaching'
      : first.state === 'repeat'
        ? '; came back'
        : '';
  return `${first.students} of ${first.looked} missed it${came}${next ? `; next quiz ${day(next.on)}` : ''}.`;
}

export const LEFT_OUT_WORDS: Readonly<Record<LeftOut, string>> = {
  dropped: 'you took it out',
  'no time': 'no time left in this lesson',
  'nothing to gain': 'the next quiz does not ask it',
};

const VERDICT: Readonly<Record<LessonFollowed['verdict'], string>> = {
  helped: 'It helped',
  fell: 'It fell after the lesson; some fall is expected of the worst pairs',
  'no sign': 'No sign that it helped',
  'too few': 'Too few answers on new trees to say',
};

/** What followed a lesson in one direction, with its base and the pairs not taught again beside it. */
export function followedWords(f: LessonFollowed): string {
  const { before, after, others } = f;
  const counts =
    before.n + after.n === 0
      ? ''
      : before.n === 0
        ? ` Before it nobody was at a new tree, after it ${after.k} of ${after.n} students.`
        : after.n === 0
          ? ` Before it ${before.k} of ${before.n} students at new trees, after it nobody was at one.`
          : ` Before ${before.k} of ${before.n} students at new trees, after ${after.k} of ${after.n}.`;
  const rest =
    others.before.n === 0 || others.after.n === 0
      ? ''
      : ` Pairs not taught again: ${others.before.k} of ${others.before.n}, then ${others.after.k} of ${others.after.n}.`;
  return `${VERDICT[f.verdict]}.${counts}${rest}`;
}
