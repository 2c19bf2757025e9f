import { expect } from '@playwright/test';
import { go, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

test('a state is ruled out, a least number kept, and young bark said beside grown bark', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await page.getByRole('button', { name: 'Add a species or a group' }).click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Larix kaempferi');
  await page.keyboard.press('Tab');
  await page.keyboard.type('(Lamb.) Carr.');
  await page.getByRole('button', { name: 'Add to the library' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Write Larix kaempferi' })).toBeVisible();
  await page.getByText('Every character', { exact: true }).click();
  const line = (character: string) => page.locator(`.write-line[data-character="${character}"]`);

  await line('bark.texture').locator('input').focus();
  await page.keyboard.type('not papery');
  await page.keyboard.press('Enter');
  await expect(line('bark.texture').locator('.token')).toHaveText('peels like paper never');
  // Once more recorded than ruled out: the line says what is wrong, and is not saved.
  await page.keyboard.type('papery');
  await page.keyboard.press('ArrowDown');
  await expect(line('bark.texture').getByRole('alert')).toContainText('ruled out');
  await line('bark.texture').locator('input').fill('');
  await page.keyboard.press('ArrowDown');
  await expect(line('bark.texture').getByRole('status')).toHaveText('saved');

  await line('form.height').locator('input').focus();
  await page.keyboard.type('at least 60 ft');
  await expect(line('form.height')).toContainText('reads as 60 ft or more');
  await page.keyboard.press('Enter');
  await expect(line('form.height').getByRole('status')).toHaveText('saved');

  await page
    .getByRole('link', { name: 'View profile' })
    .or(page.getByRole('button', { name: 'View profile' }))
    .click();
  const said = page.locator('.character-line[data-character="bark.texture"]');
  await expect(said).toContainText('never peels like paper');
  await said.getByRole('button', { name: 'Change' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('combobox', { name: 'Said of' }).click();
  await page.getByTitle('when young', { exact: true }).click();
  await dialog.getByLabel('Add a state').fill('smooth');
  await page.keyboard.press('Enter');
  await dialog.getByRole('button', { name: 'Record' }).click();
  await expect(dialog).toBeHidden();
  await expect(said).toContainText('never peels like paper');
  await expect(said).toContainText('when young');
});
