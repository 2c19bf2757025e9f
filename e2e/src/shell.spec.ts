import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { accessibility, go, holdBack, signIn, signInAsOwner, typeDay } from './steps.ts';
import { test } from './window.ts';

async function seriousFaults(page: Page): Promise<string[]> {
  const { violations } = await accessibility(page).analyze();
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.html.slice(0, 160)}`));
}

/** What the browser itself complains of. */
function complaintsOf(page: Page): readonly string[] {
  const said: string[] = [];
  page.on('console', (m) => {
    // Whoever is not signed in is told so by the first answer.
    if (['error', 'warning'].includes(m.type()) && !m.text().includes('401')) said.push(m.text());
  });
  page.on('pageerror', (e) => said.push(e.message));
  return said;
}

test('every place stands without a serious fault of accessibility, and the console stays empty', async ({
  page,
}) => {
  const said = complaintsOf(page);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Hurrow' })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await signInAsOwner(page);
  await page.goto('/');
  const faults: string[] = [];
  for (const place of ['Due', 'Classes', 'Species', 'Quizzes', 'Material', 'Mix-ups', 'Files'] as const) {
    await go(page, place);
    await expect(page.getByText('Reading…')).toHaveCount(0);
    faults.push(...(await seriousFaults(page)).map((f) => `${place}: ${f}`));
  }
  await go(page, 'Quizzes');
  await page.getByRole('link', { name: 'Tuesday lab, Tue, Sep 22' }).click();
  await page.getByRole('button', { name: 'See grades' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Grades/ })).toBeVisible();
  faults.push(...(await seriousFaults(page)));
  expect(faults).toEqual([]);
  expect(said).toEqual([]);
});

test('every room of the species place stands without one, and the console stays empty', async ({ page }) => {
  const said = complaintsOf(page);
  await signInAsOwner(page);
  const faults: string[] = [];
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Larix occidentalis' }).click();
  await expect(page.locator('.character-line').first()).toBeVisible();
  faults.push(...(await seriousFaults(page)));
  await page.getByRole('button', { name: 'Edit profile' }).click();
  await expect(page.locator('.write-line').first()).toBeVisible();
  faults.push(...(await seriousFaults(page)).map((f) => `Write: ${f}`));
  for (const room of [
    'Table',
    'Record next',
    'Seasons',
    'Range',
    'Could grow',
    'Disagreements',
    'Sources',
    'Glossary',
  ]) {
    await page.locator('.rooms').getByRole('link', { name: room, exact: true }).click();
    await expect(page.locator('h1')).toBeVisible();
    await expect(page.getByText('Reading…')).toHaveCount(0);
    faults.push(...(await seriousFaults(page)).map((f) => `${room}: ${f}`));
  }
  expect(faults).toEqual([]);
  expect(said).toEqual([]);
});

test('the student’s door stands without one either', async ({ newPhone }) => {
  const phone = await newPhone();
  await phone.goto('/walk/');
  await expect(phone.getByRole('heading', { name: 'Join a field quiz' })).toBeVisible();
  expect(await seriousFaults(phone)).toEqual([]);
  await phone.getByLabel('Code').fill('nosuch');
  await phone.getByLabel('Student number').fill('101');
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(phone.getByRole('alert')).toContainText('do not fit an open quiz');
});

test('conditions stand in the address, are obeyed, and travel from place to place', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Larix occidentalis' }).click();
  const spurs = page.locator('[data-character="needle.per_spur"]');
  await expect(spurs).not.toContainText('no leaves');
  await typeDay(page.getByLabel('Date', { exact: true }), '2027-01-15');
  await expect(page).toHaveURL(/on=2027-01-15/);
  await expect(spurs).toContainText('no leaves between');
  await page.keyboard.press('Escape');
  await page.locator('h1').click();
  await page.keyboard.press('w');
  await expect(page).toHaveURL(/words=technical/);
  await expect(page.getByText('habit', { exact: true })).toBeVisible();
  await page.keyboard.press(']');
  await expect(page).toHaveURL(/on=2027-01-22/);
  await page.keyboard.press('g');
  await page.keyboard.press('q');
  await expect(page.getByRole('heading', { level: 1, name: 'Quizzes' })).toBeVisible();
  await expect(page).toHaveURL(/on=2027-01-22/);
  await page.goBack();
  await expect(page.locator('h1')).toContainText('Larix occidentalis');
});

test('the keyboard’s help, an address that leads nowhere, and a failing network', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Due');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Go to Mix-ups');
  await page.keyboard.press('Escape');
  const release = await holdBack(page, '/api/sections');
  await page.goto('/no/such/place');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  // The class at hand comes after the places, and none moves from under a press.
  const last = page.getByRole('link', { name: 'Files', exact: true });
  const before = await last.boundingBox();
  release();
  await expect(page.getByRole('combobox', { name: 'Working with' })).toBeVisible();
  expect(await last.boundingBox()).toEqual(before);
  await page.route('**/api/species', (route) => route.abort());
  await page.getByRole('link', { name: 'Species', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('cannot be reached');
  await page.unroute('**/api/species');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('link', { name: 'Abies grandis' })).toBeVisible();
});

const look = (of: Locator, property: string): Promise<string> =>
  of.evaluate((e, p) => getComputedStyle(e).getPropertyValue(p), property);

test('controls come with their styles in a sheet, and links outside them stay as we draw them', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Due');
  expect(
    await look(page.getByRole('link', { name: /^Check and open/ }).first(), 'text-decoration-line'),
  ).toBe('underline');
  await go(page, 'Species');
  const cell = page.getByRole('link', { name: 'Abies grandis' });
  expect(await look(cell, 'text-decoration-line')).toBe('none');
  expect(await look(page.locator('.ant-table-cell').first(), 'padding-left')).toBe('8px');
  await page.getByRole('button', { name: 'Add a species or a group' }).click();
  const dialog = page.getByRole('dialog');
  expect(await look(dialog.getByRole('button', { name: 'Cancel' }), 'border-radius')).toBe('4px');
  expect(await look(dialog.locator('.ant-select').first(), 'border-radius')).toBe('4px');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await cell.click();
  // A button that leads to another page is drawn as a button.
  await page.getByRole('link', { name: 'Print species sheet' }).click();
  const back = page.getByRole('link', { name: 'Back to the profile' });
  expect(await look(back, 'border-radius')).toBe('4px');
  expect(await look(back, 'text-decoration-line')).toBe('none');
  // What the browser still writes itself are the values of variables; a rule of a button would be computed here.
  const written = await page.locator('style').evaluateAll((all) => all.map((s) => s.textContent).join(''));
  expect(written).toContain('--ant-');
  expect(written).not.toContain('.ant-btn-primary');
});

test('two people who change one statement are both heard', async ({ page, browser }) => {
  await signInAsOwner(page);
  const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await signIn(other, 'Tobias Renn', 'stove hill is dry');
  for (const p of [page, other]) {
    await go(p, 'Species');
    await p.getByRole('link', { name: 'Picea engelmannii' }).click();
    await p.locator('[data-character="needle.length"]').getByRole('button', { name: 'Change' }).click();
  }
  const range = (p: Page) => p.getByRole('dialog').getByLabel(/Range, with its unit/);
  await range(page).fill('15-30 mm');
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await range(other).fill('17-33 mm');
  await other.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
  await expect(other.getByRole('alert')).toContainText('Someone changed it in the meantime');
  await expect(other.getByRole('alert')).toContainText('9/16–1⅛ in');
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await other.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
  await expect(other.locator('[data-character="needle.length"]')).toContainText('⅝–1¼ in');
  await other.context().close();
});

test('an assistant sees what they may do and nothing that would be refused', async ({ page }) => {
  await signIn(page, 'Pim Castell', 'signal knob at noon');
  await go(page, 'Classes');
  await expect(page.getByRole('region', { name: 'Tuesday lab' })).toBeVisible();
  await expect(page.getByText('Thursday lab')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Paste list' })).toHaveCount(0);
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Acer glabrum' }).click();
  await expect(page.locator('.character-line').first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Change/ })).toHaveCount(0);
});
