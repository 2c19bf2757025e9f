import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { accessibility, choose, go, joinOnPhone, openQuiz, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

/** Types a name and waits until the server has it. */
async function answer(phone: Page, name: string): Promise<void> {
  const sent = phone.waitForResponse((r) => new URL(r.url()).pathname === '/api/walk/answers' && r.ok());
  await phone.getByLabel('Common name').fill(name);
  await sent;
  await expect(phone.getByRole('status')).toHaveText('all sent');
}

test('a late answer waits, the student is told, and the instructor counts it from the keyboard', async ({
  page,
  newPhone,
}) => {
  await signInAsOwner(page);
  const code = await openQuiz(page, 'Late answers', 'Thursday lab', 'L07');
  const phone = await joinOnPhone(await newPhone(), code, '209');
  await answer(phone, 'western larch');
  await phone.context().setOffline(true);
  await phone.getByLabel('Common name').fill('grand fir');
  await expect(phone.getByRole('status')).toContainText('kept on this phone');
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await expect(page.getByRole('button', { name: 'Grade sitting' })).toBeVisible();
  await phone.context().setOffline(false);
  await expect(phone.getByText(/[Ss]ent, but not counted yet\./)).toBeVisible();
  await expect(phone.getByText('It came after the quiz was closed.')).toBeVisible();
  await picture(phone, 'walk-late');

  await page.reload();
  const panel = page.getByRole('region', { name: 'Answers to decide', exact: true }).first();
  await expect(panel).toContainText('1 answer of 1 student waits for your decision.');
  await expect(panel.getByRole('row').nth(1)).toContainText('grand fir');
  await expect(panel.getByRole('row').nth(1)).toContainText('western larch');
  await picture(page, 'decide');
  await panel.getByRole('button', { name: 'Count the answer of number 209 at station 1' }).focus();
  await page.keyboard.press('Enter');
  await expect(panel).toContainText('Every late or contradicting answer has been decided.');
  await expect(panel.getByRole('row').nth(1)).toContainText('counts, by Odile Marsh');
  await page.getByRole('button', { name: 'Grade sitting' }).click();
  await page.getByText('All answers', { exact: true }).click();
  await expect(page.getByRole('row').filter({ hasText: '“grand fir”' })).toHaveCount(1);
});

test('a tree stands in after the key was locked: the change is listed with its effect and enters by a revision', async ({
  page,
  newPhone,
}) => {
  await signInAsOwner(page);
  const code = await openQuiz(page, 'Another tree', 'Thursday lab', 'L07');
  const phone = await joinOnPhone(await newPhone(), code, '210');
  await answer(phone, 'grand fir');
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await expect(page.getByText('closed, to grade')).toBeVisible();
  await page.getByRole('button', { name: 'Grade sitting' }).click();
  await expect(page.getByRole('heading', { name: 'Grades: Another tree' })).toBeVisible();
  await page.getByRole('link', { name: 'the sitting' }).click();
  const key = page.getByRole('region', { name: 'Key', exact: true });
  await expect(key).toContainText('Grading goes by the key as it was locked. Nothing has changed since.');

  await page.getByRole('button', { name: 'Use another tree at station 1' }).click();
  await choose(page, 'Tree at station 1', 'L02');
  await expect(page.getByText('in place of L07 at this sitting')).toBeVisible();
  await expect(key).toContainText('gets another grade');
  await picture(page, 'key');
  const faults = await accessibility(page).analyze();
  expect(faults.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
  await key.getByRole('button', { name: 'Revise key' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('button', { name: 'Revise key' })).toBeDisabled();
  await picture(page, 'revise');
  await dialog.getByLabel('Why').fill('L07 lost its branches in the storm.');
  await page.keyboard.press('Enter');
  await dialog.getByRole('button', { name: 'Revise key' }).click();
  await expect(key).toContainText('Grading goes by the key revision 2.');
  await expect(key).toContainText('L07 lost its branches in the storm.');
  await page.getByRole('button', { name: 'See grades' }).click();
  await expect(page.getByRole('alert')).toContainText(
    'The key was revised since. Grade again to take it in.',
  );
  // Who gains and who loses stands there before anything changes.
  await page.getByRole('button', { name: 'Grade again' }).click();
  const again = page.getByRole('dialog', { name: 'Grade again' });
  await expect(again).toContainText('This sitting.');
  await again.getByRole('button', { name: 'Grade again' }).click();
  await expect(page.getByText('The key was revised since.')).toBeHidden();
});

test('a sheet corrects what a phone sent', async ({ page, newPhone }) => {
  await signInAsOwner(page);
  await go(page, 'Quizzes');
  const code = await openQuiz(page, 'Corrected', 'Thursday lab', 'L07');
  const phone = await joinOnPhone(await newPhone(), code, '211');
  await answer(phone, 'grand fri');
  await page.reload();
  await page
    .getByRole('listitem')
    .filter({ hasText: '211' })
    .getByRole('link', { name: 'Enter sheet' })
    .click();
  const row = page.getByRole('row').filter({ hasText: 'common name' });
  await expect(row).toContainText('by phone');
  // Enter never replaces what the student gave: it moves on.
  await row.getByRole('cell').first().click();
  await page.keyboard.press('Enter');
  await page.keyboard.type('hemlock');
  await expect(row).toContainText('grand fri');
  await page.keyboard.press('Escape');
  await row.getByRole('cell').first().click();
  await page.keyboard.press('F2');
  await page.keyboard.type('grand fir');
  await page.keyboard.press('Shift+Enter');
  await expect(row).toContainText('changed by staff; the student gave “grand fri”');
  await row.getByRole('cell').first().click();
  await row.getByRole('button', { name: 'Undo change' }).click();
  await expect(row.getByText('changed by staff')).toBeHidden();
  await expect(row).toContainText('grand fri');
  await row.getByRole('cell').first().click();
  await row.getByRole('button', { name: 'Change answer' }).click();
  await page.keyboard.type('grand fir');
  await page.keyboard.press('Shift+Enter');
  await expect(row).toContainText('changed by staff');
  // An open sitting holds back what other tests return.
  await page.getByRole('link', { name: 'the sitting' }).click();
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await expect(page.getByText('closed, to grade')).toBeVisible();
});
