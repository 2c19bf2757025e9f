import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { go, picture, signInAsOwner, typeDay } from './steps.ts';
import { test } from './window.ts';

test('a plate shows what is recorded, opens the statement that drew a part, and is saved', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Betula papyrifera' }).click();
  const plate = page.locator('.plate').first();
  await expect(plate.getByRole('img', { name: /^Betula papyrifera/ })).toBeVisible();
  await picture(page, 'profile');
  await plate.locator('[data-piece="bark"] path').nth(1).click({ force: true });
  await expect(page.getByRole('dialog')).toContainText('bark surface: Betula papyrifera');
  await page.getByRole('button', { name: 'Cancel' }).click();

  // In winter the leaf is toned down, the bark is not.
  const faint = (piece: string) => plate.locator(`[data-piece="${piece}"] .faint`);
  await expect(faint('leaf')).toHaveCount(0);
  await typeDay(page.getByLabel('Date', { exact: true }), '2027-01-15');
  await expect(faint('leaf').first()).toBeVisible();
  await expect(faint('bark')).toHaveCount(0);

  await expect(plate.getByRole('list', { name: 'What drew it' })).toBeVisible();
  await plate.getByLabel('labels').uncheck();
  await expect(plate.getByRole('list', { name: 'What drew it' })).toHaveCount(0);

  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    plate.getByRole('button', { name: 'Save as SVG' }).click(),
  ]);
  expect(svg.suggestedFilename()).toBe('betula-papyrifera.svg');
  const text = readFileSync((await svg.path()) ?? '', 'utf8');
  expect(text).toMatch(/^<svg [^>]*width="200mm"/);
  expect(text.length).toBeLessThan(60_000);
  const [png] = await Promise.all([
    page.waitForEvent('download'),
    plate.getByRole('button', { name: 'Save as PNG' }).click(),
  ]);
  const bytes = readFileSync((await png.path()) ?? '');
  expect(bytes.subarray(1, 4).toString()).toBe('PNG');
  // 300 dots to the inch: the width stands in the header.
  expect(bytes.readUInt32BE(16)).toBe(Math.round((200 * 300) / 25.4));
});

test('two species stand at one scale with what differs picked out; a new one is a gap until it is written', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Acer glabrum' }).click();
  await page.locator('#part-lookalikes').getByRole('link', { name: 'side by side' }).first().click();
  const beside = page.locator('.comparison');
  await expect(beside.locator('.ink.picked').first()).toBeVisible();
  await expect(beside.locator('.comparison-words').first()).toContainText(/\d (in|ft)|[⅛¼½] in/);
  // Going to a part scrolls the content alone: the bar of conditions stays where it is.
  await expect
    .poll(() => page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight))
    .toBe(0);
  await expect(page.getByRole('region', { name: 'Conditions' })).toBeInViewport({ ratio: 1 });

  await go(page, 'Species');
  await page.getByRole('button', { name: 'Add a species or a group' }).click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Quercus garryana');
  await page.getByRole('button', { name: 'Add to the library' }).click();
  await expect(page.getByRole('heading', { name: 'Write Quercus garryana' })).toBeVisible();
  await page.getByText('Every character', { exact: true }).click();
  const drawn = page.getByRole('figure', { name: 'Drawn as it is written' });
  const shape = page.locator('[data-write="leaf.lobing"]');
  await shape.focus();
  const lines = (): Promise<readonly (string | null)[]> =>
    drawn.locator('path').evaluateAll((paths) => paths.map((p) => p.getAttribute('d')));
  await expect.poll(lines).not.toEqual([]);
  const before = await lines();
  await page.keyboard.type('pinnately');
  await expect(page.getByRole('option', { name: /^lobes like a feather/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(drawn.locator('svg')).toBeVisible();
  await expect.poll(lines).not.toEqual(before);
});

test('the plates of a list come on paper, with or without names, each on one page', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Classes');
  await page.getByRole('link', { name: 'Trees of Quillan Creek' }).first().click();
  await page.getByRole('link', { name: 'print drawings' }).click();
  const plates = page.locator('.plates-sheet figure');
  await expect(plates).toHaveCount(47);
  await expect(plates.first()).toContainText('Abies grandis');
  await page.setViewportSize({ width: 1280, height: 1500 });
  await picture(page, 'plates');
  await page.getByLabel('names beneath').uncheck();
  await expect(plates.first()).not.toContainText('Abies');
  expect((await page.pdf({ format: 'Letter' })).length).toBeGreaterThan(50_000);
});
