import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { readPdf } from './pdf.ts';
import {
  choose,
  gradeSecondLook,
  noFault,
  picture,
  planFromMixUp,
  removeNewestLesson,
  signInAsOwner,
} from './steps.ts';
import { test } from './window.ts';

/** The words of each page as they are printed. */
async function printed(page: Page, format: 'Letter' | 'A4' = 'Letter'): Promise<readonly string[]> {
  const pdf = readPdf(await page.pdf({ format }));
  const pages = pdf.pages.map((words) => words.map((w) => w.text).join(' '));
  pdf.close();
  return pages;
}

/** Opens the lesson on the two silver shrubs from the mix-up of the class, by way of its plan. */
async function lessonOfSilverShrubs(page: Page): Promise<void> {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await planFromMixUp(page, 'wrote silver buffaloberry; the tree was Russian-olive');
  const block = page
    .getByRole('list', { name: 'In this lesson' })
    .getByRole('listitem')
    .filter({ hasText: 'silver buffaloberry for Russian-olive' });
  await expect(block).toContainText(/Stand between trees L\d+ and L\d+/);
  await block.getByRole('link', { name: 'Open lesson' }).click();
  await expect(page.getByRole('region', { name: 'Look in this order' })).toContainText('Buds sit');
}

test('from a mix-up to its lesson, a contrast sheet and a cue card on paper, the lesson recorded and what followed', async ({
  page,
}) => {
  await lessonOfSilverShrubs(page);
  await picture(page, 'lesson');
  await noFault(page);
  const check = page.getByRole('region', { name: 'Three-minute check' });
  await expect(check).not.toContainText('It may be either');
  await check.getByRole('button', { name: 'Show answers' }).click();
  await expect(check).toContainText('It may be either');
  const where = page.getByRole('region', { name: 'Where to see it' });
  const [, a = '', b = ''] =
    /Stand between trees (L\d+) and (L\d+)/.exec((await where.textContent()) ?? '') ?? [];
  expect(a).not.toBe('');
  const lesson = page.url();

  await page.getByRole('button', { name: 'Print contrast sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Check yourself' })).toBeVisible();
  await noFault(page);
  const words: string[] = [];
  for (const audience of ['young people', 'general readers', 'technical wording']) {
    await page.getByText(audience).click();
    // The sheet is written anew for the others; what is printed before that has the words of the last.
    await expect(async () => {
      const own = await printed(page);
      expect(own, audience).toHaveLength(1);
      expect(own[0]).toContain('Look in this order');
      expect(words, audience).not.toContain(own[0]);
      words.push(own[0] ?? '');
    }).toPass();
  }
  expect(new Set(words).size).toBe(3);
  expect(words[0]?.split(' ').length).toBeLessThan(words[1]?.split(' ').length ?? 0);
  expect(words[2]).toMatch(
    /^(Elaeagnus angustifolia and Shepherdia argentea|Shepherdia argentea and Elaeagnus angustifolia) /,
  );
  expect(await printed(page, 'A4')).toHaveLength(1);

  await page.goto(lesson);
  await page.getByRole('link', { name: 'Print cue card' }).click();
  await expect(page.getByRole('heading', { name: `Stand between ${a} and ${b}` }).first()).toBeVisible();
  const cards = await printed(page);
  expect(cards).toHaveLength(1);
  expect(cards[0]?.match(new RegExp(`Stand between ${a} and ${b}`, 'g'))).toHaveLength(4);
  expect(cards[0]).toMatch(/About \d+ minutes? on foot/);

  await page.goto('/reteach');
  const lessons = page.getByRole('region', { name: 'Lessons' });
  await expect(lessons.getByRole('listitem').first()).toBeVisible();
  const before = await lessons.getByRole('listitem').count();
  await page.getByRole('region', { name: 'Plan' }).getByRole('button', { name: 'Record lesson' }).click();
  await expect(lessons.getByRole('listitem')).toHaveCount(before + 1);
  // Nobody has answered since, and it says so.
  await expect(lessons.getByRole('listitem').first()).toContainText(
    'silver buffaloberry for Russian-olive: Too few answers on new trees to say.',
  );
  await removeNewestLesson(page);
  await expect(lessons.getByRole('listitem')).toHaveCount(before);
});

test('cards, a worksheet and a drill sheet are printed with their answers on a page of their own', async ({
  page,
}) => {
  await lessonOfSilverShrubs(page);
  const lesson = page.url();
  const open = async (paper: string): Promise<readonly string[]> => {
    await page.goto(lesson);
    await page.getByRole('button', { name: 'More papers' }).click();
    await page.getByRole('menuitem', { name: paper }).click();
    await expect(page.locator('.answer-page')).toBeVisible();
    return printed(page);
  };
  const cards = await open('Cards to cut');
  expect(cards).toHaveLength(2);
  expect(cards[0]).not.toMatch(/olive|buffaloberry/i);
  expect(cards[1]?.match(/\d Russian-olive/g)).toHaveLength(4);
  expect(cards[1]?.match(/\d silver buffaloberry/g)).toHaveLength(4);
  await noFault(page);

  const worksheet = await open('Worksheet with answers');
  expect(worksheet).toHaveLength(2);
  expect(worksheet[0]).toContain('Write the name under each drawing');
  expect(worksheet[0]).not.toContain('It may be either');
  expect(worksheet[1]).toContain('It may be either');

  const drill = await open('Drill sheet: how buds sit on the twig');
  expect(drill).toHaveLength(2);
  expect(drill[0]).toContain('One thing differs: how buds sit on the twig');
  expect(drill[0]).not.toContain('facing pairs');
  expect(drill[1]).toContain('facing pairs');
  await noFault(page);
});

test('a review is moved by a clicker, shows what was written and the look that was missed, and nobody', async ({
  page,
}) => {
  await lessonOfSilverShrubs(page);
  await page.getByRole('button', { name: 'Project review' }).click();
  const title = page.getByRole('heading', { level: 1 });
  await expect(title).toContainText('Someone wrote:');
  await noFault(page);
  const seen: string[] = [];
  const look = async (): Promise<void> => void seen.push((await page.locator('body').textContent()) ?? '');
  await look();
  await page.keyboard.press('PageDown');
  await expect(page.getByText(/^It was (Russian-olive|silver buffaloberry)\.$/)).toBeVisible();
  await expect(page.locator('.comparison .picked').first()).toBeVisible();
  await look();
  await page.keyboard.press('b');
  await expect(page.getByRole('status', { name: /^The screen is blank/ })).toBeVisible();
  await page.keyboard.press('b');
  await page.keyboard.press('PageUp');
  await expect(page.getByText('Which look was missed?')).toBeVisible();
  for (let i = 0; i < 40 && !(await page.getByText('That is all.').isVisible()); i += 1) {
    await page.keyboard.press('ArrowRight');
    await look();
  }
  await expect(title).toHaveText('That is all.');
  for (const text of seen) expect(text).not.toMatch(/\b(1|2)(0[1-9]|1[0-2])\b/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Project review' })).toBeVisible();
});

test('a pair that nothing separates now says with what and when; a class without mix-ups gets a plan that says so', async ({
  page,
}) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await page.goto('/reteach');
  const pines = page
    .getByRole('list', { name: 'In this lesson' })
    .getByRole('listitem')
    .filter({ hasText: 'whitebark pine for limber pine' });
  await expect(pines).toContainText('Nothing separates them for certain on Thu, Oct 1.');
  await pines.getByRole('link', { name: 'Open lesson' }).click();
  const looks = page.getByRole('region', { name: 'Look in this order' });
  await expect(looks).toContainText('With other material, or at another time:');
  await looks
    .getByRole('button', { name: /^Bring/ })
    .first()
    .click();
  await expect(looks.getByRole('list').getByRole('listitem').first()).toContainText(/cone/i);
  await expect(looks).not.toContainText('Nothing that can be seen');

  await page.goto('/classes/sections/new');
  await page.getByLabel('Name', { exact: true }).fill('Evening class');
  await page.getByLabel('Term', { exact: true }).fill('Fall');
  await choose(page, 'List', 'Trees of Quillan Creek');
  await choose(page, 'Site', 'Stove Hill');
  await page.getByLabel('Student numbers').fill('901\n902\n903');
  await page.getByRole('button', { name: 'Create class' }).click();
  await expect(page.getByRole('region', { name: 'Evening class', exact: true })).toContainText(
    'The class in use',
  );
  await page.goto('/reteach');
  await expect(
    page.getByText(/^No mix-up is counted yet\. This plan is from what may be mixed up/),
  ).toBeVisible();
  await expect(
    page.getByRole('list', { name: 'In this lesson' }).getByRole('listitem').first(),
  ).toContainText(/Nobody has answered yet; about \d+ in 100 answers may be wrong/);
});

test('contrasts are put in another order by keys, and a lesson is recorded and corrected by hand', async ({
  page,
}) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await page.goto('/reteach');
  const names = page.getByRole('list', { name: 'In this lesson' }).getByRole('listitem').locator('b');
  await expect(names).toHaveCount(2);
  const [first, second] = await names.allTextContents();
  await page.getByRole('button', { name: `Move ${first ?? ''}, 1 of 2` }).press('Alt+ArrowDown');
  await expect(names).toHaveText([second ?? '', first ?? '']);

  const lessons = page.getByRole('region', { name: 'Lessons' });
  await lessons.getByRole('button', { name: 'Record another lesson' }).click();
  const form = page.getByRole('dialog');
  await expect(form).toContainText('Choose what was taught.');
  await form.getByText('Taught', { exact: true }).click();
  const species = form.getByRole('combobox', { name: 'Species of line 1' });
  await species.click();
  await species.pressSequentially('paper birch');
  await page.locator('.ant-select-item-option').filter({ hasText: 'paper birch' }).click();
  await noFault(page);
  await form.getByRole('button', { name: 'Record lesson' }).click();
  const birch = lessons.getByRole('listitem').filter({ hasText: 'paper birch' });
  await expect(birch).toContainText('taught');
  await birch.getByRole('button', { name: /^Correct lesson/ }).click();
  const alike = form.getByRole('combobox', { name: 'Look-alike of line 1' });
  await alike.click();
  await alike.pressSequentially('water birch');
  await page.locator('.ant-select-item-option').filter({ hasText: 'water birch' }).click();
  await form.getByRole('button', { name: 'Save lesson' }).click();
  await expect(birch).toContainText('water birch');
  await birch.getByRole('button', { name: /^Remove lesson/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove lesson' }).click();
  await expect(birch).toHaveCount(0);
});
