import { expect } from '@playwright/test';
import { choose, go, pick, picture, signInAsOwner, speciesRoom, typeDay } from './steps.ts';
import { test } from './window.ts';

test('the table is written from the keyboard and takes a block from a spreadsheet, whole or not at all', async ({
  page,
}) => {
  await signInAsOwner(page);
  await page.goto('/species/table');
  await pick(page.getByRole('combobox', { name: 'List', exact: true }), 'Trees of Quillan Creek (47)');
  const grid = page.getByRole('grid');
  await expect(grid.getByRole('row', { name: /Abies lasiocarpa/ })).toBeVisible();
  await page.getByLabel('Filter characters').fill('crown spread');
  await grid.focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.type('2-4');
  await page.keyboard.press('Enter');
  await expect(page.locator('.cell-note')).toContainText('unit');
  await page.keyboard.type(' m');
  await page.keyboard.press('Enter');
  const cell = grid
    .getByRole('row', { name: /Abies lasiocarpa/ })
    .getByRole('gridcell')
    .first();
  await expect(cell).toHaveText('6½–13 ft');

  const paste = (text: string) =>
    grid.evaluate((element, t) => {
      const data = new DataTransfer();
      data.setData('text/plain', t);
      element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
    }, text);
  await paste('species\tform.spread\nAbies grandis\t5-9 m\nPinus contorta\t9-5 m');
  const shown = page.getByRole('dialog');
  await expect(shown).toContainText('1 cannot be read, so nothing is recorded yet');
  await expect(shown.getByRole('button', { name: 'Record 1' })).toBeDisabled();
  await shown.getByRole('button', { name: 'Cancel' }).click();
  await paste('species\tform.spread\nAbies grandis\t5-9 m\nPinus contorta\t5-9 m');
  await shown.getByRole('button', { name: 'Record 2' }).click();
  await expect(shown).toBeHidden();
  const grand = grid
    .getByRole('row', { name: /Abies grandis/ })
    .getByRole('gridcell')
    .first();
  await expect(grand).toHaveText('16–30 ft');
  await grid.focus();
  await page.keyboard.press('Control+z');
  await expect(grand).toHaveText('');
  await expect(cell).toHaveText('6½–13 ft');
});

test('the glossary finds a term by its meaning, shows who has it and how often it is called wrong, and is reworded', async ({
  page,
}) => {
  await signInAsOwner(page);
  await page.goto('/species/glossary');
  // Only what is in view is drawn.
  await expect(page.getByText(/^20\d characters/)).toBeVisible();
  expect(await page.locator('.glossary-line').count()).toBeLessThan(60);
  await pick(page.getByRole('combobox', { name: 'Misread by' }), 'Tuesday lab');
  await page.getByLabel('only what they call wrong').check();
  await expect(page.getByText(/called wrong \d+ of \d+ times/).first()).toBeVisible();
  await page.getByLabel('only what they call wrong').uncheck();
  await page.getByLabel('Find a term').fill('doubly');
  const lines = page.getByRole('region', { name: 'Glossary' });
  await expect(lines).toContainText('Betula');
  await picture(page, 'glossary');
  await page.getByRole('button', { name: 'Reword margin' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Plain words', { exact: true }).fill('rim of the leaf');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toBeHidden();
  await expect(lines).toContainText('rim of the leaf');
});

test('seasons of a whole list move with the date; disagreements say what they cost', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await speciesRoom(page, 'Seasons');
  const larch = page.getByRole('row', { name: /Larix occidentalis/ });
  await expect(larch).toContainText('yes');
  await typeDay(page.getByLabel('Date', { exact: true }), '2027-01-15');
  await expect(larch.getByRole('cell').nth(2)).toHaveText('no');
  await typeDay(page.getByLabel('Date', { exact: true }), '2026-10-01');
  await expect(larch.getByRole('cell').nth(2)).not.toHaveText('no');
  await speciesRoom(page, 'Disagreements');
  await pick(page.getByRole('combobox', { name: 'List', exact: true }), 'Trees of Quillan Creek (47)');
  await expect(page.getByRole('row', { name: /Betula papyrifera/ })).toContainText(/\d+ tells? gained/);
  await expect(page.getByRole('row', { name: /Tsuga heterophylla.*contradiction/ })).toContainText(
    'nothing on this list',
  );
});

test('a list is changed, copied and removed', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Classes');
  await page.getByRole('link', { name: 'First trees, youth group' }).first().click();
  await page.getByRole('button', { name: 'Copy list' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'First trees, youth group, copy' })).toBeVisible();
  await page.getByRole('button', { name: 'Edit list' }).click();
  await page.getByLabel('Week of Betula papyrifera').fill('99');
  await page.getByLabel('Week of Betula papyrifera').fill('12');
  await page.getByLabel('Label of Betula papyrifera').fill('the white birch');
  await page.getByRole('button', { name: 'Remove Acer glabrum from the list' }).click();
  await choose(page, 'Add to the list', 'Abies grandis');
  await page.getByRole('button', { name: 'Save list' }).click();
  await expect(page.getByRole('row', { name: /Betula papyrifera/ })).toContainText('the white birch');
  await expect(page.getByRole('row', { name: /Abies grandis/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Acer glabrum/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Delete list' }).click();
  await page.getByRole('button', { name: 'Delete list' }).last().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Classes' })).toBeVisible();
  await expect(page.getByText('First trees, youth group, copy')).toHaveCount(0);
});
