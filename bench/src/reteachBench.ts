import { LESSON_TIMES, planLesson, removedBy } from '@hurrow/core/reteach';
import type { Contrast } from '@hurrow/core/reteach';
import { seeded } from '@hurrow/core/numbers';

const PAIRS = 200;
const MINUTES = 50;
const MOST = 10;
const TARGET_MS = 300;
/** The plain form cannot try ten of two hundred; it tries all choices of this many. */
const TRIED = 3;

function made(): readonly Contrast[] {
  const random = seeded(5);
  return Array.from({ length: PAIRS }, (_, i) => ({
    id: `pair ${i}`,
    cluster: `cluster ${i % 40}`,
    rate: random() * 0.6,
    looks: 24 * (1 + (i % 2)),
  }));
}

/** The best of all choices of three contrasts, one after the other. */
function triedOut(all: readonly Contrast[], minutes: number): number {
  let best = 0;
  for (let i = 0; i < all.length; i += 1)
    for (let j = i + 1; j < all.length; j += 1)
      for (let k = j + 1; k < all.length; k += 1) {
        const own = [all[i], all[j], all[k]].flatMap((c) => c ?? []);
        const took =
          own.length * LESSON_TIMES.contrast + new Set(own.map((c) => c.cluster)).size * LESSON_TIMES.setUp;
        const value = own.reduce((sum, c) => sum + removedBy(c), 0);
        if (took <= minutes && value > best) best = value;
      }
  return best;
}

function timed<T>(fn: () => T, rounds: number): { readonly ms: number; readonly result: T } {
  const times: number[] = [];
  let result = fn();
  for (let i = 0; i < rounds; i += 1) {
    const start = performance.now();
    result = fn();
    times.push(performance.now() - start);
  }
  return { ms: times.sort((a, b) => a - b)[times.length >> 1] ?? 0, result };
}

/** A plan over 200 pairs, beside trying all choices of three of them in the same run. */
export function measureReteach(): string {
  const all = made();
  const choose = (minutes: number, most: number) => () =>
    planLesson(all, { minutes, most, pinned: new Set(), dropped: new Set() });
  const long = timed(choose(MINUTES, MOST), 9);
  const short = timed(choose(MINUTES, TRIED), 9);
  const plain = timed(() => triedOut(all, MINUTES), 1);
  const agrees = Math.abs(plain.result - short.result.removed) < 1e-9 ? 'the same' : 'ANOTHER';
  return (
    `A plan of ${MINUTES} minutes and at most ${MOST} contrasts over ${PAIRS} pairs: ${long.ms.toFixed(1)} ms ` +
    `(${TARGET_MS}: ${long.ms <= TARGET_MS ? 'met' : 'MISSED'}). Of at most ${TRIED}: ${short.ms.toFixed(1)} ms; trying all choices takes ` +
    `${(plain.ms / 1000).toFixed(1)} s, ${(plain.ms / short.ms).toFixed(0)} times as long, for ${agrees} plan.`
  );
}
