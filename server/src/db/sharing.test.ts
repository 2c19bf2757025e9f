import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { WS, openTestApp } from '../testing/index.ts';
import type { TestApp } from '../testing/index.ts';
import { runInOrder, sharingInsert, writeDerived } from './index.ts';
import type { Sql } from './index.ts';

let app: TestApp;
beforeAll(async () => {
  app = await openTestApp();
});
afterAll(() => app.close());

interface Kept {
  readonly student: string;
  readonly truth: string;
  readonly named: string;
  readonly answer: string | null;
  readonly looks: number;
}

const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** Rows of a derived table, of which few differ in more than their ids. */
const rows = fc.uniqueArray(
  fc.record({
    student: fc.nat(40).map(uuid),
    truth: fc.nat(3).map(uuid),
    named: fc.constantFrom('right', 'other', 'blank', 'quoted “’" \\ text'),
    looks: fc.integer({ min: 1, max: 3 }),
  }),
  { selector: (r) => `${r.student}/${r.truth}/${r.named}`, maxLength: 30 },
);

/** Does something in a transaction that is rolled back. */
async function undone(work: (tx: Sql) => Promise<void>): Promise<void> {
  await app.db
    .transaction(async (tx) => {
      await work(tx);
      throw new Error('Undo');
    })
    .catch((error: unknown) => {
      if (!(error instanceof Error) || error.message !== 'Undo') throw error;
    });
}

describe('rows that share most of their columns', () => {
  test('come back as they were sent, texts with quotes and nulls too', async () => {
    await undone(async (tx) => {
      await tx.query(
        'create temporary table sharing (student uuid, truth uuid, named text, answer uuid, looks integer) on commit drop',
      );
      await fc.assert(
        fc.asyncProperty(rows, async (sent) => {
          await tx.query('delete from sharing');
          const whole = sent.map((r, i): Kept => ({ ...r, answer: i % 2 === 0 ? null : r.truth }));
          await insertInto(tx, whole);
          const kept = await tx.query<Kept>(
            'select student, truth, named, answer, looks from sharing order by student, truth, named',
          );
          const line = (k: Kept): string =>
            [k.student, k.truth, k.named, k.answer ?? 'none', k.looks].join('|');
          expect(kept.map(line).sort()).toEqual(whole.map(line).sort());
          expect(kept).toHaveLength(whole.length);
        }),
        { numRuns: 25 },
      );
    });
  });

  test('are refused where a column is no name', () => {
    expect(() =>
      sharingInsert('look', ['student'], [{ student: uuid(1), 'named"; drop table look; --': 'x' }]),
    ).toThrow('Not a table');
  });

  test('of none are no query', async () => {
    await runInOrder(app.db, [sharingInsert('no_such_table', ['student'], [])]);
    expect(await app.db.query('select 1 from look where ws = $1', [WS])).toEqual([]);
  });
});

/** The table of the test stands in the schema of temporary tables. */
async function insertInto(tx: Sql, sent: readonly Kept[]): Promise<void> {
  const [{ schema = '' } = {}] = await tx.query<{ schema: string }>(
    `select nspname as schema from pg_namespace where oid = pg_my_temp_schema()`,
  );
  const through: Sql = {
    kind: tx.kind,
    query: (text, params) => tx.query(text.replace('public."sharing"', `${schema}."sharing"`), params),
  };
  await runInOrder(through, [
    sharingInsert(
      'sharing',
      ['student', 'truth'],
      sent.map((r) => ({ ...r })),
    ),
  ]);
}

test('derived rows are written without their keys on PGlite alone, and keys hold again afterwards', async () => {
  const orphan = [WS, uuid(1), uuid(2)];
  const insert = `insert into section_account (ws, section, account) values ($1, $2, $3)`;
  await undone(async (tx) => {
    if (tx.kind === 'pglite') {
      await writeDerived(tx, async () => {
        await tx.query(insert, orphan);
      });
      expect(await tx.query('select 1 from section_account where account = $1', [uuid(2)])).toHaveLength(1);
    }
    await expect(tx.query(insert, [WS, uuid(3), uuid(4)])).rejects.toThrow(/foreign key/);
  });
});
