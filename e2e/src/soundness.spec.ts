import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { gradeSecondLook, noFault, pick, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

test('a wrong tag is named first by the answers, corrected there, and the grades follow', async ({
  page,
}) => {
  await signInAsOwner(page);
  await page.goto(await gradeSecondLook(page));
  await page.getByRole('button', { name: 'See grades' }).click();
  await page.getByText('Question check', { exact: true }).click();
  const advice = page.getByRole('list', { name: 'What to do' });
  const first = advice.getByRole('listitem').first();
  await expect(first).toContainText('tag L41');
  await expect(first).toContainText('wrote chokecherry; the tag says bitter cherry');
  await expect(page.locator('.recharts-surface').first()).toBeVisible();
  await noFault(page);

  await first.getByRole('button', { name: 'Decide about the tag' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('get another grade');
  await expect(dialog.getByRole('button', { name: 'Change the ID' })).toBeDisabled();
  await dialog.getByLabel('What you saw').fill('glands on the leaf stalk, teeth like a saw');
  await dialog.getByRole('button', { name: 'Change the ID' }).click();
  await expect(dialog).toBeHidden();
  await expect(advice).not.toContainText('tag L41');
  const row = page.getByRole('row', { name: /Prunus virginiana chokecherry L41/ });
  await expect(row).toContainText(/all 12|11 of 12/);
});

test('answers of an earlier term come in through their open questions, and go out again as they came', async ({
  page,
}) => {
  await signInAsOwner(page);
  await page.goto('/files');
  const area = page.getByRole('region', { name: 'Take a file in' });
  await pick(area.getByLabel('What it is'), 'Answers of a quiz (CSV)');
  await area.getByLabel('What to call this import').fill('Spring term');
  const row = (student: string, station: number, species: string, answer: string): string =>
    `Spring walk,2026-04-21,Tuesday lab,${student},${station},${species},${answer}`;
  const rows = ['901', '902'].flatMap((s) => [
    row(s, 1, 'Abies grandis', 'grand fir'),
    row(s, 2, 'Abies procera', 'noble fir'),
  ]);
  await area
    .getByLabel('Content of the file')
    .fill(['quiz,date,section,student,station,species,answer', ...rows].join('\n'));
  await area.getByRole('button', { name: 'See what it would do' }).click();
  const open = area.getByRole('region', { name: 'To choose' });
  await expect(open).toContainText('Tuesday lab has no students 901, 902');
  await open.getByRole('radio', { name: 'Add these students' }).check();
  await open.getByRole('button', { name: 'Preview with these choices' }).click();
  await expect(open).toContainText('The library has no species “Abies procera”');
  await open.getByRole('combobox').click();
  await page.getByTitle('Leave these rows out').click();
  await open.getByRole('button', { name: 'Preview with these choices' }).click();
  await expect(area).toContainText('2 rows, by your choice');
  await area.getByRole('button', { name: 'Import all 3' }).click();
  await expect(area.getByRole('status').first()).toContainText('Imported');

  const out = page.getByRole('region', { name: 'Export answers and grades' });
  const saved = page.waitForEvent('download');
  await out.getByRole('link', { name: 'Answers of quizzes (CSV)' }).click();
  const text = readFileSync(await (await saved).path(), 'utf8');
  expect(text).toContain('Spring walk,2026-04-21,Tuesday lab,901,1,Abies grandis,grand fir,typed');
  const taken = page.getByRole('region', { name: 'Imported so far' });
  const imported = taken.getByRole('row', { name: /Spring term/ });
  await imported.getByRole('button', { name: 'Undo it' }).click();
  await expect(imported).toContainText('undone');
  await page.goto('/quizzes');
  await expect(page.getByText('Spring walk')).toHaveCount(0);
});
