import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ImportReport } from '@hurrow/contract';
import { writeBackup } from '../backup/index.ts';
import { openTestApp, placeEmpty, scratch } from '../testing/index.ts';
import { commandLine } from './index.ts';

let folder: string;
beforeAll(async () => {
  folder = scratch('cli');
  const app = await openTestApp();
  writeFileSync(
    join(folder, 'school.zip'),
    await writeBackup(app.db, app.answers, 'test', '2026-10-01T00:00:00.000Z'),
  );
  await app.close();
  placeEmpty(join(folder, 'elsewhere', 'database'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

async function hurrow(...args: string[]): Promise<{ status: number; out: string; said: string }> {
  let [out, said] = ['', ''];
  const status = await commandLine(args, {
    from: folder,
    data: 'data',
    databaseUrl: null,
    version: 'test',
    clock: () => new Date('2026-10-02T12:00:00Z'),
    out: (t) => (out += t),
    say: (t) => (said += `${t}\n`),
  });
  return { status, out, said };
}
const write = (name: string, text: string): void => writeFileSync(join(folder, name), text);

describe('verbs on a data folder', () => {
  test('a backup of an earlier version is restored into a new folder', async () => {
    const old = fileURLToPath(new URL('../testing/old/backup-012.zip', import.meta.url));
    const { status, out, said } = await hurrow('restore', '--file', old, '--data', 'older');
    expect([status, said]).toEqual([0, expect.not.stringContaining('earlier one')]);
    expect((JSON.parse(out) as { rows: number }).rows).toBeGreaterThan(100);
  });

  test('restore, export, import and backup work on one folder, and what is refused changes nothing', async () => {
    expect((await hurrow('export', '--format', 'library')).said).toMatch(/no data folder/);
    const restored = await hurrow('restore', '--file', 'school.zip');
    expect([restored.status, JSON.parse(restored.out)]).toEqual([0, expect.objectContaining({ erased: 0 })]);
    const before = await hurrow('export', '--format', 'library');
    expect(before.status).toBe(0);
    write('notes.csv', 'species,bark.texture\nAbies procera,smooth\n');
    const seen = await hurrow(
      'import',
      '--kind',
      'table',
      '--file',
      'notes.csv',
      '--name',
      'Notes',
      '--preview',
    );
    expect((JSON.parse(seen.out) as ImportReport).batch).toBeNull();
    const taken = await hurrow('import', '--kind', 'table', '--file', 'notes.csv', '--name', 'Notes');
    expect((JSON.parse(taken.out) as ImportReport).batch).not.toBeNull();
    expect((await hurrow('export', '--format', 'names')).out).toContain('Abies procera');
    write('wrong.csv', 'species,bark.texture\nAbies procera,velvet\n');
    const refused = await hurrow('import', '--kind', 'table', '--file', 'wrong.csv', '--name', 'Notes');
    expect([refused.status, refused.said]).toEqual([1, expect.stringMatching(/^2:2 .*velvet/)]);
    const saved = await hurrow('backup', '--out', 'copy.zip');
    expect(saved.status).toBe(0);
    const again = await hurrow('restore', '--file', 'copy.zip', '--data', 'elsewhere');
    expect(again.status).toBe(0);
    const twice = await hurrow('backup', '--out', 'second.zip', '--data', 'elsewhere');
    expect(twice.status).toBe(0);
    expect(readFileSync(join(folder, 'second.zip')).equals(readFileSync(join(folder, 'copy.zip')))).toBe(
      true,
    );
  });
});

describe('verbs on files alone', () => {
  test('analyse prints the report of a file of answers, and says rows it could not read', async () => {
    const rows = Array.from(
      { length: 12 },
      (_, i) =>
        `One,2026-09-01,Lab,${100 + i},1,Abies grandis,${i < 4 ? 'Abies lasiocarpa' : 'Abies grandis'}`,
    );
    write(
      'responses.csv',
      ['quiz,date,section,student,station,species,answer', ...rows, 'One,soon,Lab,1,1,x,y'].join('\n'),
    );
    write('species.csv', 'species,leaf.arrangement\nAbies lasiocarpa,\n');
    const found = await hurrow('analyse', '--responses', 'responses.csv', '--table', 'species.csv');
    const report = JSON.parse(found.out) as {
      mixups: { k: number; n: number }[];
      refused: { line: number }[];
    };
    expect([found.status, report.mixups[0]]).toEqual([0, expect.objectContaining({ k: 4, n: 12 })]);
    expect([report.refused[0]?.line, found.said]).toEqual([
      14,
      expect.stringContaining('14:2  “soon” is not a date.'),
    ]);
    expect((await hurrow('analyse')).said).toMatch(/--responses is missing/);
  });

  test('judge writes the answers with their grades', async () => {
    write('names.csv', 'scientific,family,common\nAbies grandis,Pinaceae,grand fir\n');
    write('answers.csv', 'species,ask,typed\nAbies grandis,common,grand fir\n');
    const judged = await hurrow('judge', '--names', 'names.csv', '--answers', 'answers.csv');
    expect([judged.status, judged.out.split('\n')[1]]).toEqual([
      0,
      expect.stringMatching(/^Abies grandis,common,grand fir,exact,Abies grandis,1,/),
    ]);
  });

  test('tells writes every pair', async () => {
    write('table.csv', 'species,bark.texture\nAbies grandis,smooth\nAbies procera,furrowed\n');
    const told = await hurrow('tells', '--table', 'table.csv', '--date', '2026-10-01', '--material', 'bark');
    expect(JSON.parse(told.out)).toEqual([expect.objectContaining({ verdict: 'told' })]);
    const wrong = await hurrow('tells', '--table', 'table.csv', '--date', 'tomorrow', '--material', 'bark');
    expect([wrong.status, wrong.said]).toEqual([1, expect.stringMatching(/no date/)]);
    expect(
      (await hurrow('tells', '--table', 'table.csv', '--date', '2026-10-01', '--material', 'soup')).said,
    ).toMatch(/“soup” is no material/);
  });

  test('disagreements, rules and check print one object each, and say what they could not read', async () => {
    write('flora.csv', 'species,bark.texture,shade\nAbies grandis,smooth,x\nAbies procera,furrowed,x\n');
    write('notes.csv', 'species,bark.texture\nAbies grandis,papery\nAbies procera,velvet\n');
    write('rules.csv', 'quantifier,who,when,then\nonly,Abies grandis,,bark.texture=smooth\n');
    const two = await hurrow('disagreements', '--table', 'flora.csv', '--table', 'notes.csv');
    expect([two.status, JSON.parse(two.out)]).toMatchObject([
      0,
      { disagreements: [{ taxon: 'Abies grandis', kind: 'contradiction' }], ignored: [{ column: 'shade' }] },
    ]);
    expect(two.said).toMatch(/^notes\.csv:3:2 .*velvet/);
    const ruled = await hurrow('rules', '--table', 'flora.csv', '--rules', 'rules.csv');
    expect(JSON.parse(ruled.out)).toMatchObject({
      rules: [{ verdict: 'holds', subjects: ['Abies grandis'] }],
    });
    const asked = await hurrow('check', '--table', 'flora.csv');
    expect(JSON.parse(asked.out)).toMatchObject({ questions: [], refused: [] });
    expect((await hurrow('check', '--table', 'flora.csv', '--table', 'notes.csv')).status).toBe(1);
  });

  test('what is not understood is told with how it is used', async () => {
    expect((await hurrow('dance')).status).toBe(2);
    expect((await hurrow('judge', '--colour', 'red')).status).toBe(2);
    expect((await hurrow('judge', '--names', 'names.csv')).said).toMatch(/--answers is missing/);
    expect((await hurrow('judge', '--names', 'nowhere.csv', '--answers', 'x')).said).toMatch(
      /There is no file/,
    );
  });
});
