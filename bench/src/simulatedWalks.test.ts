import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { v4 } from 'uuid';
import type { Client, TestApp } from '@hurrow/server/testing';
import { client, openSitting, openTestApp } from '@hurrow/server/testing';
import { replayAnswers } from '@hurrow/server/answers';
import { countAgainst, simulateWalk } from './simulatedWalks.ts';
import type { Count, Fault, Ledger, Stored } from './simulatedWalks.ts';

const WALKS = Number(process.env['HURROW_WALKS'] ?? 8);
const STUDENTS = ['11', '12', '21', '22'] as const;

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

async function joinAs(phone: Client, code: string, student: string): Promise<void> {
  const joined = await phone.call('POST', '/api/walk/join', { code, student, word: `word ${student} x` });
  if (joined.status !== 201) throw new Error(`Number ${student} could not join: ${joined.status}`);
}

/** Runs walks of all students, two at a time, and counts what the application has against the ledger. */
async function walked(count: number, fault: Fault, seed: number): Promise<Count> {
  const ledger: Ledger = new Map();
  const sittings: string[] = [];
  // A crash between two requests: what the database has not taken is brought back from the log.
  const crash = async (): Promise<void> => void (await replayAnswers(app.db, app.answers));
  for (let done = 0; done < count; done += STUDENTS.length) {
    const opened = [await openSitting(owner, 'first'), await openSitting(owner, 'second')];
    sittings.push(...opened.map((o) => o.sitting.id));
    const other = client(app.base);
    if (fault === 'students swapped') await joinAs(other, opened[0]?.code ?? '', '12');
    const group = STUDENTS.slice(0, Math.min(STUDENTS.length, count - done));
    await Promise.all(
      group.map(async (student, i) => {
        const code = opened[student.startsWith('1') ? 0 : 1]?.code ?? '';
        await simulateWalk({
          seed: seed + done + i,
          student,
          code,
          newId: v4,
          newPhone: () => client(app.base),
          other: () => other,
          // One planted fault is enough; who is swapped with must be in the same sitting.
          fault: i === 0 && done === 0 ? fault : 'none',
          ledger,
          crash,
        }).catch((e: unknown) => {
          throw new Error(`Walk ${seed + done + i}: ${e instanceof Error ? e.message : String(e)}`);
        });
      }),
    );
  }
  const stored = await app.db.query<Stored>(
    `select r.id, s.code as student, r.value ->> 'text' as typed from response r join attempt t on t.ws = r.ws and t.id = r.attempt
     join student s on s.ws = t.ws and s.id = t.student where t.sitting = any($1::uuid[])`,
    [sittings],
  );
  const conflicts = await app.db.query<{ id: string }>(
    `select payload ->> 'id' as id from answer_dispute where payload is not null and sitting = any($1::uuid[])`,
    [sittings],
  );
  return countAgainst(ledger, stored, conflicts, count);
}

test(`${WALKS} walks over a bad network: nothing lost, nothing doubled, nobody swapped`, async () => {
  const count = await walked(WALKS, 'none', 1);
  expect(count.written).toBe(WALKS * 14);
  expect({ ...count, written: 0 }).toEqual({
    walks: WALKS,
    written: 0,
    lost: [],
    doubled: [],
    swapped: [],
    strange: [],
    conflicts: 0,
  });
});

describe('the count notices', () => {
  test('an acknowledgment without an answer', async () => {
    expect((await walked(1, 'acknowledgment dropped', 901)).lost.length).toBeGreaterThan(0);
  });

  test('a batch sent twice under other ids', async () => {
    const count = await walked(1, 'batch doubled', 902);
    expect(count.doubled.length).toBeGreaterThan(0);
    expect(count.strange.length).toBeGreaterThan(0);
  });

  test('two students swapped', async () => {
    const count = await walked(1, 'students swapped', 903);
    expect(count.swapped.length).toBeGreaterThan(0);
    // What the right phone sends again under the same ids is a conflict, and it is listed.
    expect(count.conflicts).toBeGreaterThan(0);
  });
});
