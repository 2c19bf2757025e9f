import { performance } from 'node:perf_hooks';
import { expit, fitMisses, packMisses, ratePrior } from '@hurrow/core/misses';
import type { MissData, MissFit, MissLook } from '@hurrow/core/misses';
import { seeded } from '@hurrow/core/numbers';
import { inThread } from '@hurrow/server/threads';
import { USUAL_TERM, madeTerm, normal } from './madeLooks.ts';

const CHARACTERS = 40;
const PRIOR = 0.1;
const SLIP = 1 / 31;
/** Looks that the plain form is timed on; it is told for all. */
const SAMPLE = 4000;

function large(): MissData {
  const random = seeded(5);
  const { mean, sd } = ratePrior(PRIOR);
  const rates = Array.from({ length: CHARACTERS }, () => expit(mean + sd * normal(random)));
  return madeTerm({ ...USUAL_TERM, rates, quizzes: 690, seen: 0.15 }, 7);
}

/** The definition written down: each look by itself, every name against every other, by the rates of the vocabulary. */
function plainly(data: MissData, looks: readonly MissLook[]): number {
  let sum = 0;
  for (const look of looks) {
    const station = data.stations[look.station];
    if (!station) continue;
    const survives = (all: readonly ReadonlyMap<string, number>[]): number => {
      let f = 1;
      for (const c of new Set(all.flatMap((m) => [...m.keys()]))) {
        const called = look.calls.find((k) => k.character === c);
        const m = called ? (called.right ? PRIOR : 1) : PRIOR;
        f *= m + (1 - m) * all.reduce((o, t) => o * (t.get(c) ?? 1), 1);
      }
      return f;
    };
    const tells = station.rivals.map(
      (r) => new Map(r.tells.slice(0, 5).map((t) => [t.character, t.overlap])),
    );
    let wrong = 0;
    let own = 0;
    station.rivals.forEach((r, i) => {
      const mine = tells[i] ?? new Map<string, number>();
      const f = survives([mine]);
      let under = 2;
      tells.forEach((other, k) => {
        if (k !== i) under += survives([mine, other]) / f;
      });
      wrong += f / under;
      if (r.taxon === look.named) own = f / under;
    });
    const p =
      look.named === station.truth ? (1 - SLIP) * (1 - wrong) : SLIP / (station.names - 1) + (1 - SLIP) * own;
    sum += Math.log(p);
  }
  return sum;
}

/** Fits 200,000 looks by 40 characters in a thread, beside one pass of the plain definition. */
export async function measureMisses(): Promise<string> {
  const data = large();
  const sample = data.looks.slice(0, SAMPLE);
  const from = performance.now();
  plainly(data, sample);
  const plain = ((performance.now() - from) * data.looks.length) / SAMPLE;
  let told = 0;
  const start = performance.now();
  const fit = await inThread<MissFit>(
    new URL('../../server/src/misses/fit.worker.ts', import.meta.url),
    packMisses(data),
    { onProgress: () => (told += 1), onCancel: () => undefined },
  );
  const took = performance.now() - start;
  const small = performance.now();
  fitMisses({ ...data, looks: data.looks.slice(0, SAMPLE) });
  const part = performance.now() - small;
  return [
    `Miss rates: ${data.looks.length} looks at ${data.stations.length} stations by ${CHARACTERS} characters in ${(took / 1000).toFixed(1)} s in a thread (10), `,
    `${fit.passes} passes (60), told ${told} times; settled: ${fit.settled}. `,
    `One pass of the plain definition over them takes ${(plain / 1000).toFixed(1)} s: ${((plain * fit.passes) / took).toFixed(0)} times the whole fit for as many passes. `,
    `${SAMPLE} looks: ${(part / 1000).toFixed(2)} s.`,
  ].join('');
}
