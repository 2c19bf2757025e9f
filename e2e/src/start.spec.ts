import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { choose, go } from './steps.ts';

let data: string;
let child: ChildProcess;
let address = '';
let code = '';

test.beforeAll(async () => {
  data = mkdtempSync(join(tmpdir(), 'hurrow-start-'));
  child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: join(import.meta.dirname, '../..'),
    env: { ...process.env, HURROW_DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let output = '';
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', (d) => {
      output += String(d);
      address = /(http:\/\/[\d.]+:\d+)\/set-up/.exec(output)?.[1] ?? '';
      code = /set-up code ([A-Z0-9]{8})/.exec(output)?.[1] ?? '';
      if (code !== '') resolve();
    });
    child.on('exit', (c) => reject(new Error(`It ended with ${c}: ${output}`)));
  });
});
test.afterAll(() => {
  child.kill('SIGTERM');
  rmSync(data, { recursive: true, force: true });
});

test('from an empty folder to a sitting, in the browser alone', async ({ page }) => {
  await page.goto(`${address}/set-up`);
  await expect(page.getByRole('heading', { name: 'Set up Hurrow' })).toBeVisible();
  await page.getByLabel('Set-up code').fill('WRONGONE');
  await page.getByLabel('School or office').fill('Ash Hollow evening class');
  await page.getByLabel('Your name').fill('Wren Ashby');
  await page.getByLabel('Passphrase', { exact: true }).fill('eleven small cones');
  await page.getByLabel('Passphrase again').fill('eleven small cones');
  await page.getByLabel('Site').fill('Ash Hollow');
  await page.getByLabel('Degrees north').fill('47.2');
  await page.getByLabel('Degrees east').fill('-116.1');
  await page.getByLabel('Elevation, m').fill('800');
  await page.getByRole('button', { name: 'Set up and sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('not the one shown in the terminal');
  await page.getByLabel('Set-up code').fill(code);
  await page.getByRole('button', { name: 'Set up and sign in' }).click();
  await expect(page.getByText('Nothing is due yet')).toBeVisible();

  await page.getByRole('link', { name: 'Paste the names' }).click();
  await page.getByLabel('Name of the list').fill('Six trees');
  await page.getByLabel('Names').fill('Abies grandis, 1\nquaking aspen, 2');
  await page.getByRole('button', { name: 'See what the library knows' }).click();
  await expect(page.getByRole('heading', { name: '0 known, 0 misspelt, 2 new' })).toBeVisible();
  await page.getByRole('button', { name: 'Make a list of 2' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Six trees' })).toBeVisible();

  await page.goto(`${address}/classes/sections/new`);
  await page.getByLabel('Name', { exact: true }).fill('Evening');
  await page.getByRole('textbox', { name: 'Term' }).fill('Autumn');
  await choose(page, 'List', 'Six trees');
  await choose(page, 'Site', 'Ash Hollow');
  await page.getByLabel('Class numbers').fill('1-4');
  await page.getByRole('button', { name: 'Make the section' }).click();
  await expect(page.getByRole('region', { name: 'Evening' })).toContainText('4 students');

  await go(page, 'Material');
  await page.getByRole('button', { name: 'Tag a tree' }).click();
  await page.getByLabel('Tag', { exact: true }).fill('T1');
  await choose(page, 'Site', 'Ash Hollow');
  await choose(page, 'Species', 'Abies grandis');
  await page.getByRole('button', { name: 'Tag it' }).click();
  await expect(page.getByRole('cell', { name: 'T1' })).toBeVisible();

  await go(page, 'Quizzes');
  await page.getByRole('button', { name: 'New quiz' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('First evening');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Add a station' }).click();
  await choose(page, 'Tree', 'T1');
  await page.getByRole('button', { name: 'Add it' }).click();
  const station = page.getByRole('region', { name: 'Stations' }).locator('.station').first();
  await expect(station).toContainText('Unproven');
  await expect(station).not.toContainText('Cannot be told apart');
  await page.getByRole('button', { name: 'New sitting' }).click();
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByLabel('Join code').last()).toHaveText(/^[A-Z0-9]{6}$/);
});
