import { expect } from '@playwright/test';
import { choose, go, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

test('a tree tagged as the wrong species is corrected, with its tag and its hazards', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Material');
  await page.getByRole('button', { name: 'Tag a tree' }).click();
  await page.getByRole('dialog').getByLabel('Tag', { exact: true }).fill('Z90');
  await choose(page, 'Site', 'Quillan Creek');
  await choose(page, 'Species', 'Prunus virginiana');
  await page.getByRole('button', { name: 'Tag tree' }).click();
  const row = (tag: string) => page.getByRole('row').filter({ hasText: tag });
  await page.getByPlaceholder('Filter').fill('Z90');
  await expect(row('Z90')).toContainText('Prunus virginiana');
  await page.getByRole('button', { name: 'Edit tree Z90' }).click();
  const editor = page.getByRole('dialog');
  await editor.getByLabel('Tag', { exact: true }).fill('');
  await page.getByRole('button', { name: 'Save tree' }).click();
  await expect(editor).toContainText('Type what is written on the tag.');
  await editor.getByLabel('Tag', { exact: true }).fill('Z91');
  await choose(page, 'Species', 'Prunus emarginata');
  await expect(editor).toContainText('Quizzes whose key is locked keep the species');
  await editor.getByLabel('Condition').fill('top broken by snow');
  await page.getByRole('button', { name: 'Save tree' }).click();
  await expect(editor).toBeHidden();
  await page.getByPlaceholder('Filter').fill('Z91');
  await expect(row('Z91')).toContainText('Prunus emarginata');
  await expect(row('Z91')).toContainText('top broken by snow');
  // Another tree keeps its tag.
  await page.getByRole('button', { name: 'Edit tree Z91' }).click();
  await page.getByRole('dialog').getByLabel('Tag', { exact: true }).fill('L41');
  await page.getByRole('button', { name: 'Save tree' }).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('already used at this site');
});
