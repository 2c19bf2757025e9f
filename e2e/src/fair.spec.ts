import { expect } from '@playwright/test';
import { readPdf } from './pdf.ts';
import {
  accessibility,
  addStation,
  choose,
  closeSitting,
  joinOnPhone,
  newQuiz,
  picture,
  schedule,
  signInAsOwner,
} from './steps.ts';
import { test } from './window.ts';

test('from a draft with one unfair station to a locked key with its cutting list, then one station swapped on the phone', async ({
  page,
  browser,
}) => {
  await signInAsOwner(page);
  await newQuiz(page, 'Pines and firs');
  for (const tag of ['L07', 'L01']) {
    await addStation(page, tag);
  }
  const list = page.getByRole('list', { name: 'Stations in walking order' });
  await expect(list.getByRole('listitem').first()).toContainText('unfair');
  await expect(list.getByRole('listitem').nth(1)).toContainText('fair');

  // The order changes by keyboard, and comes back.
  const first = list
    .getByRole('listitem')
    .first()
    .getByRole('button', { name: /limber pine/ });
  await first.focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect(list.getByRole('listitem').nth(1)).toContainText('limber pine');
  await list
    .getByRole('listitem')
    .nth(1)
    .getByRole('button', { name: /limber pine/ })
    .press('Alt+ArrowUp');
  await expect(list.getByRole('listitem').first()).toContainText('limber pine');

  await schedule(page, 'Thursday lab');
  await expect(page.getByText('is unfair and has no reason yet')).toBeVisible();
  await page.getByRole('button', { name: 'Lock key' }).click();
  await expect(page.getByRole('alert')).toContainText('Station 1 is unfair');

  // One press applies the first fix, which is a cone.
  await page.getByRole('link', { name: 'See fixes' }).click();
  const panel = page.getByRole('complementary', { name: 'Station 1' });
  await expect(panel).toContainText('whitebark pine');
  await picture(page, 'quiz-fixes');
  const faults = await accessibility(page).analyze();
  expect(faults.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
  await panel.getByRole('button', { name: 'Add a cone or fruit → fair' }).click();
  await expect(list.getByRole('listitem').first()).not.toContainText('unfair');

  await page.getByRole('link', { name: /Thursday lab/ }).click();
  const cutting = page.getByRole('region', { name: 'Cutting list', exact: true });
  await expect(cutting).toContainText('a fruit or cone');
  await page.getByRole('button', { name: 'Lock key' }).click();
  await expect(page.getByText('key locked')).toBeVisible();
  await picture(page, 'sitting-locked');
  const url = page.url();
  const id = /sittings\/([0-9a-f-]+)/.exec(url)?.[1] ?? '';

  await page.goto(`/print/sittings/${id}/cutting-list`);
  await expect(page.getByRole('table')).toContainText('1A');
  const printed = readPdf(await page.pdf({ format: 'Letter' }));
  const words = printed.pages.flat().map((w) => w.text);
  const all = words.join(' ');
  expect(all).toContain('L07');
  expect(all).toContain('a twig with at least 2 nodes');
  // Legible at 70%: nothing is set smaller than 9.5 points, black on white.
  expect(Math.min(...printed.pages.flat().map((w) => w.bottom - w.top))).toBeGreaterThanOrEqual(9.5);
  printed.close();
  await page.goto(`/print/sittings/${id}/labels`);
  await expect(page.locator('.print-label').first()).toBeVisible();
  const labels = readPdf(await page.pdf({ format: 'Letter' }));
  const onLabels = labels.pages
    .flat()
    .map((w) => w.text)
    .join(' ');
  expect(onLabels).toContain('1A');
  expect(onLabels).not.toMatch(/pine|fir|Pinus|Abies|L07/);
  labels.close();
  await page.goto(`/print/sittings/${id}/answer-key`);
  await expect(page.getByRole('table')).toContainText('Pinus flexilis');
  await page.goto(`/print/sittings/${id}/volunteer-card`);
  await expect(page.getByRole('main')).not.toContainText('Pinus');

  // At seven in the morning, on a phone: swap, choose, swap.
  const phone = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await signInAsOwner(phone);
  await phone.goto(url);
  let presses = 0;
  const press = async (name: string | RegExp, within = phone.locator('body')): Promise<void> => {
    presses += 1;
    await within.getByRole('button', { name }).click();
  };
  await press('Swap tree at station 2');
  const dialog = phone.getByRole('dialog');
  presses += 1;
  await dialog
    .getByRole('radio', { name: /grand fir/ })
    .first()
    .check();
  await picture(phone, 'swap');
  await press('Swap tree', dialog);
  await expect(dialog).toBeHidden();
  expect(presses).toBeLessThanOrEqual(4);
  await expect(phone.getByText('in place of L01 at this sitting')).toBeVisible();
  await expect(phone.getByRole('region', { name: 'Key', exact: true })).toContainText('revision 2');
  await phone.close();
  await page.goto(url);
  await page.getByRole('button', { name: 'Open sitting' }).click();
  await closeSitting(page);
});

test('a preset sets how a quiz is run, and stations ask what it asks', async ({ page }) => {
  await signInAsOwner(page);
  await newQuiz(page, 'Contest');
  await page.getByRole('button', { name: 'Edit plan' }).click();
  const plan = page.getByRole('dialog', { name: /Plan of Contest/ });
  await choose(page, 'Start from', 'Contest, seniors');
  await expect(plan).toContainText('A misspelling loses half');
  await expect(plan).toContainText('Everybody writes a name or leaves it blank.');
  await picture(page, 'plan');
  await plan.getByRole('button', { name: 'Save plan' }).click();
  await expect(plan).toBeHidden();
  await page.getByRole('button', { name: 'Add station', exact: true }).click();
  await choose(page, 'Tree', 'L02');
  await expect(page.getByText('No more character questions')).toBeVisible();
});

test('young students check that they are not sure, on the phone and on paper', async ({ page, newPhone }) => {
  await signInAsOwner(page);
  await newQuiz(page, 'Young ones');
  await page.getByRole('button', { name: 'Edit plan' }).click();
  const plan = page.getByRole('dialog', { name: /Plan of Young ones/ });
  await choose(page, 'Start from', 'Young');
  await expect(plan).toContainText('It counts as no answer.');
  await plan.getByRole('button', { name: 'Save plan' }).click();
  await page.getByRole('button', { name: 'Add station', exact: true }).click();
  await choose(page, 'Tree', 'L02');
  await expect(page.getByRole('dialog')).toContainText('Which of the two is it?');
  await picture(page, 'young-station');
  await page.getByRole('dialog').getByRole('button', { name: 'Add station' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await schedule(page, 'Thursday lab');
  await page.getByRole('button', { name: 'Open sitting' }).click();
  const code = (await page.getByLabel('Join code').last().textContent())?.trim() ?? '';

  const phone = await joinOnPhone(await newPhone(), code, '203');
  await expect(phone.getByText('It cannot be told from this')).toHaveCount(0);
  await expect(phone.getByText('How sure are you?')).toHaveCount(0);
  const box = phone.getByRole('checkbox', { name: 'I am not sure' }).first();
  await box.check();
  await expect(phone.getByText('all sent')).toBeVisible();
  await picture(phone, 'walk-not-sure');
  await phone.reload();
  await expect(box).toBeChecked();

  const sitting = page.url();
  const id = /sittings\/([0-9a-f-]+)/.exec(sitting)?.[1] ?? '';
  await page.goto(`/print/sittings/${id}/answer-sheets`);
  await expect(page.getByText('Check “not sure” rather than guess.').first()).toBeVisible();
  await expect(page.getByText('☐ not sure').first()).toBeVisible();
  await picture(page, 'sheets-not-sure');
  await page.goto(sitting);
  await closeSitting(page);
});

test('a question of another kind is made from what is recorded and answered on a phone, by hand and by keyboard', async ({
  page,
  newPhone,
}) => {
  await signInAsOwner(page);
  await newQuiz(page, 'Other questions');
  await page.getByRole('button', { name: 'Add station', exact: true }).click();
  await choose(page, 'Tree', 'L01');
  const dialog = page.getByRole('dialog');
  for (const kind of ['which of two', 'match parts', 'find the bud']) {
    await choose(page, 'More kinds of question', kind);
    await dialog.getByRole('button', { name: 'Make question' }).click();
  }
  await expect(dialog).toContainText('Right: grand fir');
  await dialog.getByRole('button', { name: 'Add station' }).click();
  await expect(dialog).toBeHidden();
  await schedule(page, 'Thursday lab');
  await page.getByRole('button', { name: 'Open sitting' }).click();
  const code = (await page.getByLabel('Join code').last().textContent())?.trim() ?? '';

  const phone = await joinOnPhone(await newPhone(), code, '204');
  await phone.getByRole('radio', { name: 'grand fir' }).check();
  const why = phone.getByRole('group', { name: 'What told you?' });
  await why.getByRole('radio').first().check();
  const match = phone.getByRole('group', { name: /^Match each species/ });
  const lists = match.getByRole('combobox');
  const count = await lists.count();
  for (let i = 0; i < count; i += 1) await lists.nth(i).selectOption({ index: i + 1 });
  const drawing = phone.getByRole('application');
  await drawing.focus();
  await phone.keyboard.press('ArrowUp');
  await expect(phone.getByText('Marked. Tap again to move it.')).toBeVisible();
  await picture(phone, 'walk-kinds');
  const faults = await accessibility(phone).analyze();
  expect(faults.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical')).toEqual([]);
  // What was answered is there again after a reload.
  await expect(phone.getByText('all sent')).toBeVisible();
  await phone.reload();
  await expect(phone.getByRole('radio', { name: 'grand fir' })).toBeChecked();
  await expect(phone.getByText('Marked. Tap again to move it.')).toBeVisible();
  await closeSitting(page);
});
