import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

export interface EmptyServer {
  readonly address: string;
  /** The setup code the terminal shows. */
  readonly code: string;
  readonly stop: () => void;
}

/** The application as it starts on an empty folder. */
export async function startEmpty(): Promise<EmptyServer> {
  const data = mkdtempSync(join(tmpdir(), 'hurrow-start-'));
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: join(import.meta.dirname, '../..'),
    env: { ...process.env, HURROW_DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let output = '';
  let address = '';
  let code = '';
  await new Promise<void>((resolve, reject) => {
    child.stdout.on('data', (d) => {
      output += String(d);
      address = /(http:\/\/[\d.]+:\d+)\/set-up/.exec(output)?.[1] ?? '';
      code = /setup code ([A-Z0-9]{8})/.exec(output)?.[1] ?? '';
      if (code !== '') resolve();
    });
    child.on('exit', (c) => reject(new Error(`It ended with ${c}: ${output}`)));
  });
  return {
    address,
    code,
    stop: () => {
      child.kill('SIGTERM');
      rmSync(data, { recursive: true, force: true });
    },
  };
}

/** Fills in the form by which the first owner sets the application up, and sends it. */
export async function sendSetUp(page: Page, server: EmptyServer, code: string): Promise<void> {
  await page.goto(`${server.address}/set-up`);
  await page.getByLabel('Set-up code').fill(code);
  await page.getByLabel('School or office').fill('Ash Hollow evening class');
  await page.getByLabel('Your name').fill('Wren Ashby');
  await page.getByLabel('Passphrase', { exact: true }).fill('eleven small cones');
  await page.getByLabel('Passphrase again').fill('eleven small cones');
  await page.getByLabel('Site').fill('Ash Hollow');
  await page.getByLabel('Latitude').fill('47.2');
  await page.getByLabel('Longitude').fill('-116.1');
  await page.getByLabel('Elevation, m').fill('800');
  await page.getByRole('button', { name: 'Set up and sign in' }).click();
}

/** Sets up the first owner of an empty application. */
export async function setUp(page: Page, server: EmptyServer): Promise<void> {
  await sendSetUp(page, server, server.code);
  await expect(page.getByText('Nothing is due yet')).toBeVisible();
}
