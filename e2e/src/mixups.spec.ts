import { expect } from '@playwright/test';
import { gradeSecondLook, holdBack, noFault, pick, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

test('a graded sitting leads to its flagged pair, its answers, its students, and what would change it', async ({
  page,
}) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  // The words of characters come last here, after the board they are for.
  const release = await holdBack(page, '/api/vocabulary');
  await page.goto('/mix-ups');
  const act = page.getByRole('region', { name: 'What to act on' });
  const pines = act
    .getByRole('listitem')
    .filter({ hasText: 'wrote whitebark pine; the tree was limber pine' });
  await expect(pines).toContainText('9 of 12 students');
  await expect(pines).toContainText('Still there after reteaching');
  await expect(pines).toContainText('times more than slips would give');
  const last = act.getByRole('button', { name: /Open pair/ }).last();
  const before = await last.boundingBox();
  release();
  await expect(act).toContainText('Most likely white lines, seen wrong.');
  // Nothing moves from under a press.
  expect(await last.boundingBox()).toEqual(before);
  await picture(page, 'mix-ups');
  await noFault(page);

  await pines.getByRole('button', { name: /Open pair/ }).click();
  await expect(page.getByRole('region', { name: 'Counts' })).toContainText('12 of 24 answers');
  await expect(page.getByRole('cell', { name: /albicaulis/ }).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'To remember' })).toContainText('whitebark was found');
  await page.getByText(/^Who: 9 students/).click();
  await expect(page.getByRole('row', { name: /^111/ }).first()).toBeVisible();
  await picture(page, 'mix-up pair');
  await noFault(page);

  await page.getByRole('button', { name: 'Back to the board' }).click();
  await page.getByText('Students', { exact: true }).click();
  await page.getByRole('button', { name: /^Open 111/ }).click();
  const student = page.getByRole('dialog');
  await expect(student).toContainText('answers right; the class');
  await expect(student).toContainText('others too');
  await picture(page, 'mix-ups of a student');
  await student.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('button', { name: 'What counts' }).click();
  const dialog = page.getByRole('dialog', { name: 'What counts as a mix-up of a class' });
  await expect(dialog.getByRole('button', { name: 'Keep these settings' })).toBeDisabled();
  await dialog.getByLabel('Fewest students').fill('12');
  await expect(dialog).toContainText('whitebark pine for limber pine would not be flagged');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(pines).toBeHidden();
});

test('answers of an earlier term change the board, are kept to retest, and their undo restores it', async ({
  page,
}) => {
  await signInAsOwner(page);
  const wrote = 'wrote black cottonwood; the tree was quaking aspen';
  const act = page.getByRole('region', { name: 'What to act on' });
  await page.goto('/mix-ups');
  await expect(act.or(page.getByText('No graded answer yet')).first()).toBeVisible();
  await expect(page.getByText(wrote)).toHaveCount(0);

  await page.goto('/files');
  const area = page.getByRole('region', { name: 'Take a file in' });
  await pick(area.getByLabel('What it is'), 'Answers of a quiz (CSV)');
  await area.getByLabel('What to call this import').fill('Poplars in May');
  const rows = Array.from(
    { length: 12 },
    (_, i) =>
      `Poplar walk,2026-05-05,Tuesday lab,${101 + i},1,Populus tremuloides,${i < 8 ? 'black cottonwood' : 'quaking aspen'}`,
  );
  await area
    .getByLabel('Content of the file')
    .fill(['quiz,date,section,student,station,species,answer', ...rows].join('\n'));
  await area.getByRole('button', { name: 'See what it would do' }).click();
  await area.getByRole('button', { name: /^Import all/ }).click();
  await expect(area.getByRole('status').first()).toContainText('Imported');

  await page.goto('/mix-ups');
  const poplars = act.getByRole('listitem').filter({ hasText: wrote });
  await expect(poplars).toContainText('8 of 12 students');
  await poplars.getByRole('button', { name: /Open pair/ }).click();
  await page.getByRole('button', { name: 'Keep to retest' }).click();
  await expect(page.getByRole('button', { name: 'Kept to retest' })).toBeDisabled();

  await page.goto('/files');
  const imported = page
    .getByRole('region', { name: 'Imported so far' })
    .getByRole('row', { name: /Poplars in May/ });
  await imported.getByRole('button', { name: 'Undo it' }).click();
  await expect(imported).toContainText(/undone/i);
  await page.goto('/mix-ups');
  await expect(page.getByText(/Each graded answer|No graded answer yet/).first()).toBeVisible();
  await expect(page.getByText(wrote)).toHaveCount(0);
});
