import { expect } from '@playwright/test';
import type { Browser, Page } from '@playwright/test';
import { accessibility, choose, go, picture, signIn, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

async function toPeople(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Odile Marsh' }).click();
  await page.getByRole('link', { name: 'People on the staff' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'People' })).toBeVisible();
}

async function faultless(page: Page): Promise<void> {
  const { violations } = await accessibility(page).analyze();
  expect(violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
}

/** The page of somebody who was sent a link. */
async function opened(browser: Browser, link: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto(link);
  return page;
}

const theLink = async (page: Page): Promise<string> =>
  (await page.locator('.one-time-link').textContent())?.trim() ?? '';

test('somebody is invited, comes in by the link, gets another role and is taken off the staff', async ({
  page,
  browser,
}) => {
  await signInAsOwner(page);
  await go(page, 'Due');
  await toPeople(page);
  await page.getByLabel('Their name').fill('Ansel Thorpe');
  await choose(page, 'Classes', 'Tuesday lab');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Make link' }).click();
  await expect(page.getByText('Send this link to Ansel Thorpe.')).toBeVisible();
  await picture(page, 'people');
  await faultless(page);

  const link = await theLink(page);
  const theirs = await opened(browser, link);
  await expect(theirs.getByText('You are invited as assistant.')).toBeVisible();
  await picture(theirs, 'invitation');
  await faultless(theirs);
  await theirs.getByLabel('New passphrase', { exact: true }).fill('bark of old larches');
  await theirs.getByLabel('New passphrase again').fill('bark of young larches');
  await theirs.getByRole('button', { name: 'Join and sign in' }).click();
  await expect(theirs.getByText('The two differ.')).toBeVisible();
  await theirs.getByLabel('New passphrase again').fill('bark of old larches');
  await theirs.getByRole('button', { name: 'Join and sign in' }).click();
  await expect(theirs.getByRole('heading', { name: 'Due', exact: true })).toBeVisible();
  await expect(theirs.getByRole('link', { name: 'Ansel Thorpe' })).toBeVisible();

  const again = await opened(browser, link);
  await expect(again.getByRole('alert')).toContainText('This link has been used.');
  await again.context().close();

  await page.reload();
  await page.getByRole('button', { name: 'Change Ansel Thorpe' }).click();
  await choose(page, 'May do', 'instructor');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const row = page.getByRole('row').filter({ hasText: 'Ansel Thorpe' });
  await expect(row).toContainText('instructor');
  await expect(row).toContainText('all classes');
  await page.getByRole('button', { name: 'Change Ansel Thorpe' }).click();
  await page.getByRole('button', { name: 'Take off the staff' }).click();
  await expect(row).toContainText('off the staff');
  await theirs.reload();
  await expect(theirs.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await theirs.context().close();
});

test('a passphrase is changed, and a session elsewhere is ended', async ({ page, browser }) => {
  await signInAsOwner(page);
  await page.goto('/people');
  await page.getByLabel('Their name').fill('Wren Castell');
  await choose(page, 'They join as', 'instructor');
  await page.getByRole('button', { name: 'Make link' }).click();
  const theirs = await opened(browser, await theLink(page));
  await theirs.getByLabel('New passphrase', { exact: true }).fill('three needles a bundle');
  await theirs.getByLabel('New passphrase again').fill('three needles a bundle');
  await theirs.getByRole('button', { name: 'Join and sign in' }).click();
  await expect(theirs.getByRole('heading', { name: 'Due', exact: true })).toBeVisible();
  const second = await (await browser.newContext()).newPage();
  await signIn(second, 'Wren Castell', 'three needles a bundle');

  await theirs.getByRole('link', { name: 'Wren Castell' }).click();
  const sessions = theirs.getByRole('region', { name: 'Where you are signed in' });
  await expect(sessions.getByRole('listitem')).toHaveCount(2);
  await picture(theirs, 'account');
  await faultless(theirs);
  await sessions.getByRole('button', { name: /^End session/ }).click();
  await expect(sessions.getByRole('listitem')).toHaveCount(1);
  await second.reload();
  await expect(second.getByRole('button', { name: 'Sign in' })).toBeVisible();

  await theirs.getByLabel('Present passphrase').fill('not this one');
  await theirs.getByLabel('New passphrase', { exact: true }).fill('five needles a bundle');
  await theirs.getByLabel('New passphrase again').fill('five needles a bundle');
  await theirs.getByRole('button', { name: 'Change passphrase' }).click();
  await expect(theirs.getByRole('alert')).toContainText('This is not your passphrase.');
  await theirs.getByLabel('Present passphrase').fill('three needles a bundle');
  await theirs.getByRole('button', { name: 'Change passphrase' }).click();
  await expect(theirs.getByText('Your passphrase is changed.')).toBeVisible();
  await signIn(second, 'Wren Castell', 'five needles a bundle');
  await second.context().close();
  await theirs.context().close();
});

test('a student of two sections is said to be one person, and that is taken back', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Classes');
  await page.getByRole('button', { name: /^110/ }).first().click();
  const dialog = page.getByRole('dialog');
  const same = dialog.getByRole('region', { name: 'Same person' });
  await expect(same).toContainText('Nobody yet.');
  await choose(page, 'Number elsewhere', '208');
  await same.getByRole('button', { name: 'Same person' }).click();
  await expect(same.getByRole('listitem')).toContainText('208');
  await expect(same.getByRole('listitem')).toContainText('Thursday lab');
  await picture(page, 'same-person');
  await faultless(page);
  await same.getByRole('button', { name: 'Take back' }).click();
  await expect(same).toContainText('Nobody yet.');
});
