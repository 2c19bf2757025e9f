import { expect } from '@playwright/test';
import { readPdf } from './pdf.ts';
import type { Word } from './pdf.ts';
import { go, noFault, pick, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

const text = (page: readonly Word[] | undefined): string => (page ?? []).map((w) => w.text).join(' ');

test('a page of the week is written, kept, and printed on one page with the office that gives it out', async ({
  page,
}) => {
  await signInAsOwner(page);
  await page.goto('/people');
  await page.getByLabel('Who gives it out').fill('Quillan Creek Extension');
  await page.getByLabel('Contact').fill('4 Mill Road, Quillan');
  await page.getByLabel('Statement that must be printed').fill('Programs are open to all.');
  await page.getByRole('button', { name: 'Save name and handout lines' }).click();
  await expect(page.getByRole('button', { name: 'Save name and handout lines' })).toBeDisabled();
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Abies grandis' }).first().click();
  await page.getByRole('link', { name: 'Make page of the week' }).click();
  const paper = page.locator('.week-page');
  await expect(paper).toContainText('Tree of the week');
  await page.getByLabel('Your words').fill('Crush a needle: oranges.\n\nLook underneath.');
  await pick(page.getByLabel('Tree to send readers to'), 1);
  await page.getByLabel('How to find it').fill('Left of the path');
  await page.getByRole('button', { name: 'Save the page' }).click();
  await expect(page.getByRole('button', { name: 'Save the page' })).toBeDisabled();
  await page.reload();
  await expect(page.getByLabel('Your words')).toHaveValue('Crush a needle: oranges.\n\nLook underneath.');
  await expect(page.getByRole('img', { name: 'Map of where Abies grandis grows' })).toBeVisible();
  await noFault(page);
  const pdf = readPdf(await page.pdf({ format: 'Letter', preferCSSPageSize: true }));
  try {
    expect(pdf.pages).toHaveLength(1);
    const words = text(pdf.pages[0]);
    for (const said of [
      'Grand fir',
      'Crush a needle: oranges.',
      'Look underneath.',
      'Height',
      'Where to see one',
      'Left of the path. Look without touching',
      'Quillan Creek Extension · 4 Mill Road, Quillan',
      'Programs are open to all.',
    ])
      expect(words).toContain(said);
    expect(words).not.toContain('Save the page');
  } finally {
    pdf.close();
  }
  await picture(page, 'week-page');
});

test('a page of the week that somebody else changed meanwhile is not written over', async ({
  page,
  browser,
}) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Larix occidentalis' }).first().click();
  await page.getByRole('link', { name: 'Make page of the week' }).click();
  await page.getByLabel('Your words').fill('From the first window.');
  const other = await (
    await browser.newContext({ storageState: await page.context().storageState() })
  ).newPage();
  await other.goto(page.url());
  await other.getByLabel('Your words').fill('From the second window.');
  await other.getByRole('button', { name: 'Save the page' }).click();
  await expect(other.getByRole('button', { name: 'Save the page' })).toBeDisabled();
  await page.getByRole('button', { name: 'Save the page' }).click();
  await expect(page.getByRole('alert')).toBeVisible();
  await expect(page.getByLabel('Your words')).toHaveValue('From the first window.');
  await other.reload();
  await expect(other.getByLabel('Your words')).toHaveValue('From the second window.');
  await other.context().close();
});

test('four species of the bench are one contrast sheet, with every two of them told apart', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  const names = ['Abies grandis', 'Pinus contorta', 'Thuja plicata', 'Larix occidentalis'];
  for (const name of names) {
    await page
      .getByRole('link', { name: new RegExp(`^${name}`) })
      .first()
      .focus();
    await page.keyboard.press('b');
  }
  await page.keyboard.press('B');
  await page.getByRole('link', { name: 'Print contrast sheet' }).click();
  await expect(page.locator('.pair-tells section')).toHaveCount(6);
  await expect(page.getByRole('img', { name: /^leaf of Abies grandis and Pinus contorta/ })).toBeVisible();
  await noFault(page);
  for (const format of ['Letter', 'A4'] as const) {
    const pdf = readPdf(await page.pdf({ format, preferCSSPageSize: true }));
    try {
      expect(pdf.pages).toHaveLength(1);
      const words = text(pdf.pages[0]);
      expect(words).toContain('Grand fir and lodgepole pine');
      expect(words).toContain('Needles');
      expect(words).toContain('What can be seen on');
    } finally {
      pdf.close();
    }
  }
});

test('a dialog gives the focus back, and a table says what filters and sorts it', async ({ page }) => {
  await signInAsOwner(page);
  await page.goto('/people');
  const change = page.getByRole('button', { name: /^Change/ }).nth(1);
  await change.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(change).toBeFocused();
  const table = page.locator('.data-table').first();
  await table.getByLabel(/^Filter/).fill('owner');
  await expect(table.getByRole('status')).toHaveText('1 of 3 rows with “owner”');
  await table.getByLabel(/^Filter/).fill('');
  await table.getByRole('columnheader', { name: 'Name' }).click();
  await expect(table.getByRole('status')).toHaveText('3 rows, by name, up');
});
