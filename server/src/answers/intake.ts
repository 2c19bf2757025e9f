import type { Database } from '../db/index.ts';
import type { LoggedAnswer } from './line.ts';
import type { AnswersLog } from './log.ts';
import { storeSafely } from './replay.ts';
import type { Failed, StoreReceipt } from './replay.ts';

/** Answers after which tables are analyzed for the first time; then after three times as many. */
const FIRST_ANALYZE = 200;
const GROWTH = 3;
/** Answers stored in one transaction; more wait for the next. */
const MOST_AT_ONCE = 400;

export type Taken = StoreReceipt & { readonly failed: readonly Failed[] };

/**
 * Takes answers in. They are on the disk before they are stored, and stored before this resolves. What arrives while a
 * transaction runs is stored together by the next one (group commit), so that a whole class costs little more than one.
 */
export interface Intake {
  readonly take: (answers: readonly LoggedAnswer[]) => Promise<Taken>;
}

interface Waiting {
  readonly answers: readonly LoggedAnswer[];
  readonly resolve: (taken: Taken) => void;
  readonly reject: (error: unknown) => void;
}

/** What became of the answers of one sender, out of what became of all. */
function partOf(all: Taken, { answers }: Waiting): Taken {
  const own = new Set(answers.map((a) => a.id));
  const failed = all.failed.filter((f) => answers.includes(f.answer));
  const lost = new Set(failed.map((f) => f.answer.id));
  return {
    accepted: all.accepted.filter((id) => own.has(id) && !lost.has(id)),
    disputed: all.disputed.filter((d) => own.has(d.id)),
    failed,
  };
}

export function intake(db: Database, log: AnswersLog): Intake {
  const waiting: Waiting[] = [];
  let running = false;
  let stored = 0;
  let analyzeAt = FIRST_ANALYZE;

  /** Tables that grow fast are planned as if they were small until they are analyzed; a server does that by itself. */
  const analyzeGrown = async (more: number): Promise<void> => {
    stored += more;
    if (db.kind !== 'pglite' || stored < analyzeAt) return;
    analyzeAt *= GROWTH;
    for (const table of ['attempt', 'response']) await db.query(`analyze ${table}`);
  };

  const nextGroup = (): Waiting[] => {
    const group: Waiting[] = [];
    const ids = new Set<string>();
    let n = 0;
    while (waiting[0] && (group.length === 0 || n + waiting[0].answers.length <= MOST_AT_ONCE)) {
      // Two senders of one id are told apart by what is stored, so the second waits for the next transaction.
      if (waiting[0].answers.some((a) => ids.has(a.id))) break;
      for (const a of waiting[0].answers) ids.add(a.id);
      n += waiting[0].answers.length;
      const [first] = waiting.splice(0, 1);
      if (first) group.push(first);
    }
    return group;
  };

  const run = async (): Promise<void> => {
    running = true;
    for (let group = nextGroup(); group.length > 0; group = nextGroup()) {
      try {
        const all = await storeSafely(
          db,
          group.flatMap((w) => w.answers),
        );
        for (const f of all.failed)
          await log.setAside({ segment: f.answer.sitting, raw: JSON.stringify(f.answer), why: f.why });
        for (const w of group) w.resolve(partOf(all, w));
        await analyzeGrown(all.accepted.length);
      } catch (error) {
        for (const w of group) w.reject(error);
      }
    }
    running = false;
  };

  return {
    take: async (answers) => {
      if (answers.length === 0) return { accepted: [], disputed: [], failed: [] };
      await log.append(answers);
      return new Promise<Taken>((resolve, reject) => {
        waiting.push({ answers, resolve, reject });
        if (!running) void run();
      });
    },
  };
}
