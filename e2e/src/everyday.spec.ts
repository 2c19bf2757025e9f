import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { readPdf } from './pdf.ts';
import { choose, go, openQuiz, pick, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

/** Counts what a person presses: a click, a typed field, a chosen option, a closed dialog. */
function presses() {
  let n = 0;
  return {
    count: () => n,
    click: async (at: Locator): Promise<void> => {
      n += 1;
      await at.click();
    },
    choose: async (page: Page, label: string, text: string): Promise<void> => {
      n += 1;
      await choose(page, label, text);
    },
  };
}

test('ten stations from a list, with cards and answer sheets, take at most 25 presses', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Due');
  const hand = presses();
  const button = (name: string | RegExp): Locator => page.getByRole('button', { name });
  await hand.click(page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Classes' }));
  await expect(page.getByRole('heading', { level: 1, name: 'Classes' })).toBeVisible();
  await hand.click(page.getByRole('link', { name: 'Trees of Quillan Creek' }).first());
  await hand.click(button('Create quiz'));
  await hand.click(
    page.getByRole('dialog', { name: 'New quiz' }).getByRole('button', { name: 'Create quiz' }),
  );
  const adding = page.getByRole('dialog', { name: /Add stations/ });
  const trees = adding.getByRole('list', { name: 'Trees' }).getByRole('checkbox');
  await expect(trees.nth(9)).toBeVisible();
  for (let i = 0; i < 10; i += 1) await hand.click(trees.nth(i));
  await hand.click(adding.getByRole('button', { name: 'Add 10 stations' }));
  await expect(page.getByRole('region', { name: 'Stations' }).locator('.quiz-station')).toHaveCount(10);
  await hand.click(button('Schedule sitting'));
  await hand.click(page.getByRole('dialog').getByRole('button', { name: 'Schedule sitting' }));
  await expect(page).toHaveURL(/sittings\/[0-9a-f-]+/);
  const id = /sittings\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';
  // The two prints are one press each.
  expect(hand.count() + 2).toBeLessThanOrEqual(25);

  await page.goto(`/print/sittings/${id}/answer-sheets`);
  await expect(page.locator('.answer-sheet')).toHaveCount(14);
  const sheets = readPdf(await page.pdf({ preferCSSPageSize: true }));
  // One page for each of twelve students and two spare ones.
  expect(sheets.pages).toHaveLength(14);
  const words = sheets.pages[0]?.map((w) => w.text).join(' ') ?? '';
  expect(words).toContain('Number 101');
  expect(words).toContain('Name');
  expect(words).toContain('Tuesday lab');
  expect(words).toContain('Start at station 1');
  expect(sheets.pages[13]?.map((w) => w.text).join(' ')).not.toMatch(/Number \d{3}/);
  sheets.close();

  // Nobody has answered, so all of it can go again.
  await page.goBack();
  await button('Delete draft').click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Delete draft' }).click();
  await button('Edit quiz').click();
  await page.getByRole('button', { name: 'Delete quiz' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Delete quiz' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Quizzes' })).toBeVisible();
});

test('a class is created, filled, renamed, chosen everywhere, and archived', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Monday walk');
  await page.getByLabel('Term', { exact: true }).fill('Fall 2026');
  await choose(page, 'List', 'First trees');
  await choose(page, 'Site', 'Stove Hill');
  await page.getByLabel('Student numbers').fill('1-3');
  await page.getByRole('button', { name: 'Create class' }).click();
  const own = page.getByRole('region', { name: 'Monday walk', exact: true });
  await expect(own).toContainText('The class in use');
  await own.getByRole('button', { name: 'Add students' }).click();
  await page.getByLabel('Student numbers').fill('3\n4');
  await page.getByRole('button', { name: 'Add 2 students' }).click();
  await expect(page.getByRole('alert')).toContainText('Another student of this class has the number 3.');
  await page.getByLabel('Student numbers').fill('4, Ebbe');
  await page.getByRole('button', { name: 'Add 1 student' }).click();
  await own.getByRole('button', { name: '4 Ebbe' }).click();
  await page.getByLabel('Student number', { exact: true }).fill('44');
  await page.getByRole('button', { name: 'Save student' }).click();
  await expect(own.getByRole('button', { name: '44 Ebbe' })).toBeVisible();
  // What opens now opens on the list of this class, after a reload too.
  await page.goto('/compare/rules');
  const list = page
    .getByRole('main')
    .locator('label')
    .filter({ has: page.getByRole('combobox', { name: 'List', exact: true }) });
  await expect(list).toContainText('First trees');
  await page.reload();
  await expect(list).toContainText('First trees');
  await choose(page, 'Working with', 'Tuesday lab');
  await expect(list).toContainText('Trees of Quillan');

  await go(page, 'Classes');
  await own.getByRole('button', { name: 'Archive class' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Archive class' }).click();
  await expect(own).toContainText('Archived');
  await page.getByRole('combobox', { name: 'Working with' }).click();
  await expect(page.locator('.ant-select-item-option').filter({ hasText: 'Monday walk' })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await own.getByRole('button', { name: 'Bring back class' }).click();
  await expect(own).not.toContainText('Archived');
  await own.getByRole('button', { name: 'Archive class' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Archive class' }).click();
});

test('an open sitting shows its code again, and goes back to a draft while nobody has joined', async ({
  page,
}) => {
  await signInAsOwner(page);
  const code = await openQuiz(page, 'Shown again', 'Tuesday lab', 'L31');
  await page.reload();
  await expect(page.getByLabel('Join code').last()).toHaveText(code);
  await page.getByRole('button', { name: 'Back to draft' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Back to draft' }).click();
  await expect(page.getByText('draft', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Delete draft' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Delete draft' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Shown again' })).toBeVisible();
});

test('from a mix-up to its answers, the tree, the bench and a print', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Mix-ups');
  await page.getByText('All pairs', { exact: true }).click();
  await page
    .getByRole('row')
    .filter({ has: page.getByRole('button', { name: 'Compare Abies grandis with Abies lasiocarpa' }) })
    .getByRole('button', { name: /^\d+ of \d+ answers/ })
    .first()
    .click();
  await expect(
    page.getByRole('heading', { name: /Students wrote Abies lasiocarpa.*the tree was Abies grandis/ }),
  ).toBeVisible();
  await page
    .getByRole('link', { name: /^Correct tree/ })
    .first()
    .click();
  await expect(page.getByRole('dialog', { name: /^Edit tree/ })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await go(page, 'Mix-ups');
  await page.getByText('All pairs', { exact: true }).click();
  await page.getByRole('button', { name: 'Compare Abies grandis with Abies lasiocarpa' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Bench' })).toBeVisible();
  await expect(page.getByRole('table').first()).toContainText(
    'white lines on the under side only on grand fir',
  );
  const print = readPdf(await page.pdf({ format: 'Letter' }));
  const words = print.pages.flat().map((w) => w.text);
  expect(words).toContain('Bench');
  // The print says under which conditions it stands, and has no way to go anywhere.
  expect(words.join(' ')).toContain('Thu, Oct 1, Quillan Creek. Students have:');
  expect(words.join(' ')).not.toContain('Mix-ups');
  print.close();
});

test('an English name keeps its scientific one, and a hyphen says which genus it is not', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Classes');
  await page.getByRole('button', { name: 'Paste list' }).click();
  await page.getByLabel('Name of the list').fill('Names of elsewhere');
  await page.getByLabel('Names', { exact: true }).fill('sugar maple, 1\nnorthern prickly-ash, 2');
  await page.getByRole('button', { name: /what the library knows/ }).click();
  const row = (name: string): Locator => page.getByRole('row').filter({ hasText: name });
  await expect(row('sugar maple')).toContainText('Acer saccharum');
  await expect(row('sugar maple')).toContainText('true of all Acer');
  await expect(row('northern prickly-ash')).toContainText('Zanthoxylum americanum');
  await pick(page.getByLabel('What to do with northern prickly-ash'), 'leave out');
  await page.getByRole('button', { name: /^(Make|Create) / }).click();
  await expect(page.getByRole('row', { name: /Acer saccharum/ })).toContainText('sugar maple');
  // Not used anywhere yet, so the list and its new species go again.
  await page.getByRole('button', { name: 'Delete list' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Delete list' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Classes' })).toBeVisible();
  await go(page, 'Species');
  await page
    .getByRole('link', { name: /Acer saccharum/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Names and notes' }).click();
  await page.getByRole('button', { name: 'Delete species' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Delete species' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Species' })).toBeVisible();
});

test('an entry is undone and redone by name', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await page
    .getByRole('link', { name: /Abies grandis/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Edit profile' }).click();
  const line = page.getByRole('combobox', { name: 'bark smell', exact: true });
  await line.fill('vanilla');
  await line.press('Enter');
  await line.press('Enter');
  const undone = page.getByRole('status', { name: 'Undone' });
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(undone).toHaveText('Undone: bark smell of Abies grandis.');
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(undone).toHaveText('Redone: bark smell of Abies grandis.');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(undone).toHaveText('Undone: bark smell of Abies grandis.');
});
