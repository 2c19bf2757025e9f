import { expect } from '@playwright/test';
import { sendSetUp, setUp, startEmpty } from './emptyServer.ts';
import type { EmptyServer } from './emptyServer.ts';
import { choose, go } from './steps.ts';
import { test } from './window.ts';

let server: EmptyServer;

test.beforeAll(async () => {
  server = await startEmpty();
});
test.afterAll(() => server.stop());

test('from an empty folder to a sitting, in the browser alone', async ({ page }) => {
  await sendSetUp(page, server, 'WRONGONE');
  await expect(page.getByRole('alert')).toContainText('not the one shown in the terminal');
  await setUp(page, server);

  await page.getByRole('link', { name: 'Paste the names' }).click();
  await page.getByLabel('Name of the list').fill('Six trees');
  await page.getByLabel('Names').fill('Abies grandis, 1\nsubalpine fir, 2');
  await page.getByRole('button', { name: 'See what the library knows' }).click();
  await expect(page.getByRole('heading', { name: '0 known, 0 misspelled, 2 new' })).toBeVisible();
  await page.getByRole('button', { name: 'Create list of 2' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Six trees' })).toBeVisible();

  await page.goto(`${server.address}/classes/sections/new`);
  await page.getByLabel('Name', { exact: true }).fill('Evening');
  await page.getByRole('textbox', { name: 'Term' }).fill('Autumn');
  await choose(page, 'List', 'Six trees');
  await choose(page, 'Site', 'Ash Hollow');
  await choose(page, 'Wording', 'technical');
  await page.getByLabel('Student numbers').fill('1-4');
  await page.getByRole('button', { name: 'Create class' }).click();
  await expect(page.getByRole('region', { name: 'Evening' })).toContainText('technical wording · 4 students');

  await go(page, 'Material');
  await page.getByRole('button', { name: 'Tag a tree' }).click();
  await page.getByLabel('Tag', { exact: true }).fill('T1');
  await choose(page, 'Site', 'Ash Hollow');
  await choose(page, 'Species', 'Abies grandis');
  await page.getByRole('button', { name: 'Tag tree' }).click();
  await expect(page.getByRole('cell', { name: 'T1', exact: true })).toBeVisible();

  await go(page, 'Quizzes');
  await page.getByRole('button', { name: 'New quiz' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('First evening');
  await page.getByRole('button', { name: 'Create quiz' }).click();
  await page
    .getByRole('dialog', { name: /Add stations/ })
    .getByRole('button', { name: 'Cancel' })
    .click();
  await page.getByRole('button', { name: 'Add station', exact: true }).click();
  await choose(page, 'Tree', 'T1');
  await page.getByRole('dialog').getByRole('button', { name: 'Add station' }).click();
  const station = page.getByRole('region', { name: 'Stations' }).locator('.quiz-station').first();
  await expect(station).toContainText('fair');
  await page.getByRole('button', { name: 'Schedule sitting' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Schedule sitting' }).click();
  await page.getByRole('button', { name: 'Open sitting' }).click();
  await expect(page.getByLabel('Join code').last()).toHaveText(/^[a-z]+ [a-z]+ \d{3}$/);
});
