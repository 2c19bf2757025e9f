import { performance } from 'node:perf_hooks';
import type { DecisionDue, GradeEffect, GradingDone } from '@hurrow/contract';
import { median } from '@hurrow/core/numbers';
import {
  answersFor,
  id,
  joinWalk,
  longQuiz,
  moveSitting,
  openLong,
  openTestApp,
  send,
} from '@hurrow/server/testing';

const STUDENTS = 30;
const ROUND = ['grandis', 'lasiocarpa', 'flexilis', 'albicaulis', 'occidental'] as const;
const STATIONS = 10;
const TARGET_MS = 300;
const RUNS = 5;

/** A decision about one text that stands in 300 answers: its effect shown, then saved; beside grading all of it again. */
export async function measureDecision(): Promise<string> {
  const app = await openTestApp();
  try {
    const owner = await app.owner();
    const students = Array.from({ length: STUDENTS }, (_, i) => ({ code: String(700 + i) }));
    await owner.call('POST', `/api/sections/${id('first')}/students`, { students });
    const species = Array.from({ length: STATIONS }, (_, i) => ROUND[i % ROUND.length] ?? 'grandis');
    const sitting = await openLong(owner, (await longQuiz(owner, species)).id);
    for (const { code } of students) {
      const { phone, walk } = await joinWalk(app, sitting.code, code);
      await send(
        phone,
        walk.stations.flatMap((s) => answersFor(walk, s.number, { name: 'odd quill' })),
      );
    }
    await moveSitting(owner, sitting.id, 'closed');
    const at = `/api/sittings/${sitting.id}`;
    const timed = async (work: () => Promise<unknown>): Promise<number> => {
      const start = performance.now();
      await work();
      return performance.now() - start;
    };
    await owner.call('POST', `${at}/grading-runs`);
    const whole: number[] = [];
    for (let i = 0; i < RUNS; i += 1) whole.push(await timed(() => owner.call('POST', `${at}/grading-runs`)));
    const due = (await owner.call<readonly DecisionDue[]>('GET', `${at}/decisions-due`)).body[0];
    const body = { typed: 'odd quill', taxon: id('grandis'), scope: 'sitting' };
    const shown: number[] = [];
    const saved: number[] = [];
    let changed = 0;
    for (let i = 0; i < RUNS; i += 1) {
      const ruling = {
        ...body,
        outcome: i % 2 === 0 ? 'exact' : 'unlisted',
        taxon: i % 2 === 0 ? id('grandis') : null,
      };
      shown.push(await timed(() => owner.call<GradeEffect>('POST', `${at}/ruling-previews`, ruling)));
      saved.push(
        await timed(async () => {
          changed = (await owner.call<GradingDone>('PUT', `${at}/name-rulings`, ruling)).body.changed;
        }),
      );
    }
    const [effect = 0, decision = 0, again = 0] = [shown, saved, whole].map((t) => median(t) ?? 0);
    const over = Math.max(effect, decision) > TARGET_MS ? `  over ${TARGET_MS} ms` : '';
    return [
      `A decision about a name in ${due?.answers ?? 0} answers (median of ${RUNS}, ${changed} grades written anew by the last):`,
      `  its effect shown ${effect.toFixed(0)} ms, saved and graded ${decision.toFixed(0)} ms${over}; grading the whole sitting again ${again.toFixed(0)} ms, ${(again / decision).toFixed(1)} times as long as the decision`,
    ].join('\n');
  } finally {
    await app.close();
  }
}
