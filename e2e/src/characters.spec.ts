import { expect } from '@playwright/test';
import { gradeSecondLook, noFault, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

test('the characters a class misses are worked out, opened, and weigh only where that is decided', async ({
  page,
}) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await page.goto('/mix-ups');
  await page.getByText('Characters', { exact: true }).click();
  await page.getByRole('button', { name: /^Work out rates/ }).click();
  await expect(page.getByText('among answers that name a species')).toBeVisible();
  await expect(page.getByText(/at trees met before/)).toBeVisible();
  const lines = page.getByRole('button', { name: 'Open white lines' });
  await expect(lines).toBeVisible();
  await picture(page, 'characters');
  await noFault(page);

  await lines.click();
  const drawer = page.getByRole('dialog');
  await expect(drawer.getByRole('region', { name: 'What was called' })).toContainText('Called wrong');
  await expect(drawer.getByRole('region', { name: 'Mix-ups it is behind' })).toContainText('subalpine fir');
  await noFault(page);
  await drawer.getByRole('button', { name: 'Close' }).click();
  // What it comes to is kept: a second look at the page has it without working it out again.
  await page.reload();
  await page.getByText('Characters', { exact: true }).click();
  await expect(page.getByRole('button', { name: 'Work out rates again' })).toBeVisible();
});

test('wrong answers are read, and a reading is corrected and taken back', async ({ page }) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await page.goto('/mix-ups');
  await page.getByText('Why', { exact: true }).click();
  const counts = page.getByRole('list', { name: 'Readings' });
  await expect(counts.getByRole('button', { name: 'saw it wrong', exact: true })).toBeVisible();
  await noFault(page);
  await counts.getByRole('button', { name: 'saw it wrong', exact: true }).click();
  const choice = page.getByRole('button', { name: /^Choose another reading for student/ }).first();
  await choice.click();
  await page.getByTitle('a guess', { exact: true }).last().click();
  await expect(counts).toContainText('1 read by hand');
  await counts.getByRole('button', { name: 'a guess', exact: true }).click();
  await expect(page.getByText('Read by Odile Marsh; worked out:')).toBeVisible();
  await picture(page, 'why answers are wrong');
  await choice.click();
  await page.getByTitle('as worked out', { exact: true }).last().click();
  await expect(counts).not.toContainText('read by hand');
});

test('mix-ups stand beside those of other classes, with what a new class should expect', async ({ page }) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await page.goto('/mix-ups');
  await page.getByText('Other classes', { exact: true }).click();
  const table = page.getByRole('region', { name: 'Other classes' });
  await expect(table.getByRole('row', { name: /whitebark pine for/ })).toContainText('in Thursday lab');
  await expect(table.getByRole('row', { name: /whitebark pine for/ })).toContainText(/\d+ to \d+ of 12/);
  await table
    .getByRole('button', { name: /Expand row/ })
    .first()
    .click();
  await expect(table).toContainText('since fewer than five were asked');
  await noFault(page);
});
