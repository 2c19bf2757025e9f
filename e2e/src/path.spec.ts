import { readPdf } from './pdf.ts';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { choose, giveReasons, joinOnPhone, newQuiz, picture, schedule, signInAsOwner } from './steps.ts';
import { test } from './window.ts';
import type { Keeping } from './window.ts';

/** Trees of the quiz with what each asks beside the names. */
const STATIONS = [
  { tag: 'L01', call: 'white lines', scientific: false },
  { tag: 'L03', call: 'white lines', scientific: false },
  { tag: 'L07', call: null, scientific: true },
  // What was asked before is asked again, unless it is removed.
  { tag: 'L10', call: null, scientific: false, drop: 'scientific name' },
  { tag: 'L16', call: 'how buds sit', scientific: false },
  { tag: 'L14', call: 'how buds sit', scientific: false },
] as const;

async function openWalk(page: Page): Promise<string> {
  await newQuiz(page, 'October walk');
  await expect(page.getByRole('heading', { level: 1, name: 'October walk' })).toBeVisible();
  for (const s of STATIONS) {
    await page.getByRole('button', { name: 'Add station', exact: true }).click();
    await choose(page, 'Tree', s.tag);
    if (s.call) await choose(page, 'Ask a character question', s.call);
    if (s.scientific) await choose(page, 'Ask a name', 'scientific name');
    if ('drop' in s) await page.getByRole('button', { name: `Do not ask ${s.drop}` }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Add station' }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
  }
  const stations = page.getByRole('region', { name: 'Stations' });
  await expect(stations.locator('.quiz-station')).toHaveCount(6);
  await expect(stations.locator('.quiz-station').nth(2)).toContainText('unfair');
  await expect(stations.locator('.quiz-station').nth(2)).toContainText('whitebark pine');
  await expect(stations.locator('.quiz-station').nth(0)).toContainText('fair');
  await expect(page.getByText('Checking…')).toHaveCount(0);
  await picture(page, 'quiz');
  await schedule(page, 'Tuesday lab');
  await expect(page.getByRole('heading', { level: 1, name: /October walk: Tuesday lab/ })).toBeVisible();
  await giveReasons(page);
  await page.getByRole('button', { name: 'Open sitting' }).click();
  const code = (await page.getByLabel('Join code').last().textContent())?.trim() ?? '';
  expect(code).toMatch(/^[a-z]+ [a-z]+ \d{3}$/);
  await picture(page, 'sitting');
  return code;
}

async function printPapers(page: Page): Promise<void> {
  const id = /sittings\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';
  const print = await page.context().newPage();
  await print.goto(`/print/sittings/${id}/cards`);
  await expect(print.locator('.card')).toHaveCount(6);
  const cards = (await print.locator('main').textContent()) ?? '';
  for (const word of ['Abies', 'fir', 'pine', 'aspen', 'olive', 'elder', 'L01', 'L16'])
    expect(cards).not.toMatch(new RegExp(`\\b${word}\\b`, 'i'));
  await print.goto(`/print/sittings/${id}/answer-sheets`);
  await expect(print.locator('.answer-sheet')).toHaveCount(14);
  const pdf = await print.pdf({ preferCSSPageSize: true });
  expect(pdf.length).toBeGreaterThan(10_000);
  await print.close();
}

async function enterSheet(page: Page): Promise<void> {
  await page
    .getByRole('listitem')
    .filter({ hasText: '104' })
    .getByRole('link', { name: 'Enter sheet' })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'Sheet of number 104' })).toBeVisible();
  const sheet = page.getByRole('table', { name: 'Sheet' });
  const cell = (line: number, ask: number) => sheet.getByRole('row').nth(line).getByRole('cell').nth(ask);
  const field = page.locator('#entry');
  await expect(field).toBeFocused();
  await page.keyboard.press(' ');
  await expect(cell(0, 0)).toContainText('right');
  await page.keyboard.type('tall needle thing');
  await page.keyboard.press('Enter');
  await expect(cell(0, 1)).toContainText('tall needle thing');
  await page.keyboard.type('maybe');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“maybe” does not say how sure');
  await expect(field).toBeFocused();
  await expect(field).toHaveValue('maybe');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('l');
  await page.keyboard.press('Enter');
  await expect(cell(0, 2)).toContainText('leaning');
  const rows = await sheet.getByRole('row').count();
  for (let i = 1; i < rows; i += 1) await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Running total' })).toContainText('All entered');
  await picture(page, 'sheet');
  await page.getByRole('link', { name: 'the sitting' }).click();
}

async function answerOnPhones(newPhone: (keeping?: Keeping) => Promise<Page>, code: string): Promise<Page> {
  const phone = await joinOnPhone(await newPhone('keeps the application'), code, '101');
  await picture(phone, 'walk-station');
  await phone
    .getByLabel(/on all sides|both sides/i)
    .first()
    .check();
  await phone.getByLabel('Common name').fill('subalpine fir');
  await phone.getByLabel('leaning').check();
  await phone.getByRole('button', { name: 'Next' }).click();
  await expect(phone.getByRole('heading', { name: /Station 2/ })).toBeVisible();
  await phone.getByLabel('Common name').fill('subalpine fir');
  await expect(phone.getByRole('status')).toHaveText('all sent');

  await phone.context().setOffline(true);
  await phone.getByRole('button', { name: 'Next' }).click();
  await phone.getByLabel('Scientific name').fill('Pinus albicaulis');
  await phone.getByLabel('Common name').fill('whitebark');
  await phone.getByRole('button', { name: 'Next' }).click();
  await phone.getByLabel('Common name').fill('quaking aspen');
  await expect(phone.getByRole('status')).toContainText('kept on this phone');
  await phone.reload();
  await expect(phone.getByRole('status')).toContainText('kept on this phone');
  await phone.getByRole('button', { name: 'All stations' }).click();
  await expect(phone.getByRole('button', { name: /quaking aspen/ })).toBeVisible();
  await expect(phone.getByRole('button', { name: /whitebark|Pinus albicaulis/ })).toBeVisible();
  await phone.context().setOffline(false);
  await phone.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(phone.getByRole('status')).toHaveText('all sent');

  await phone.getByRole('button', { name: /quaking aspen/ }).click();
  await phone.getByLabel('Common name').fill('paper birch');
  await phone.getByRole('button', { name: 'Next' }).click();
  await phone.getByLabel(/one at a time/).check();
  await phone.getByLabel('Common name').fill('silver buffaloberry');
  await phone.getByRole('button', { name: 'Next' }).click();
  await phone.getByLabel('Common name').fill('blue elderberry');
  await phone.getByRole('button', { name: 'Review' }).click();
  await phone.getByRole('button', { name: 'Hand in' }).click();
  await phone.getByRole('button', { name: 'Hand in anyway' }).click();
  await expect(phone.getByRole('heading', { name: 'Handed in' })).toBeVisible();

  const other = await joinOnPhone(await newPhone(), code, '102');
  await other.getByLabel('Common name').fill('tall needle thing');
  await other.getByRole('button', { name: 'All stations' }).click();
  await other.getByRole('button', { name: 'Hand in' }).click();
  await other.getByRole('button', { name: 'Hand in anyway' }).click();
  await expect(other.getByRole('heading', { name: 'Handed in' })).toBeVisible();
  return phone;
}

async function grade(page: Page): Promise<void> {
  await page.reload();
  await expect(page.getByRole('region', { name: 'Students' })).toContainText('2 of 12 handed in, 3 began');
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await page.getByRole('button', { name: 'Grade sitting' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Grades: October walk' })).toBeVisible();
  // One decision covers every same text; what it does stands beside it before it is saved.
  const due = page.getByRole('region', { name: 'Decisions due' });
  await due.getByRole('button', { name: /2 students wrote “tall needle thing”/ }).click();
  await expect(page.getByRole('region', { name: 'What it does' })).toContainText('gained');
  await picture(page, 'grades');
  await page.getByRole('button', { name: 'Save decision' }).click();
  await expect(due).not.toContainText('tall needle thing');
  await page.getByText('All answers', { exact: true }).click();
  const unknown = page.getByRole('row', { name: /tall needle thing/ });
  await expect(unknown).toHaveCount(2);
  await expect(unknown.first()).toContainText('2 of 2');
  await expect(unknown.nth(1)).toContainText('2 of 2');
  const birch = page.getByRole('row', { name: /paper birch/ });
  await expect(birch).toContainText('other species');
  await birch.getByRole('button', { name: 'Change grade' }).click();
  await page.getByLabel(/^Points, 0 to/).fill('1');
  await page.getByRole('dialog').getByRole('button', { name: 'Save grade' }).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('reason');
  await page.getByLabel(/^Reason/).fill('The label had slipped to the birch beside it');
  await page.getByRole('dialog').getByRole('button', { name: 'Save grade' }).click();
  await expect(birch).toContainText('1 of 2');
}

async function returnResults(page: Page, phone: Page): Promise<void> {
  await page.getByRole('button', { name: 'Return results' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Return results' }).click();
  await expect(page.getByRole('button', { name: 'See mix-ups' })).toBeVisible();
  await phone.goto('/walk/');
  await expect(phone.getByRole('heading', { name: /of 18 points/ })).toBeVisible();
  const first = phone.locator('.result').first();
  await expect(first).toContainText('You wrote subalpine fir');
  await expect(first).toContainText('How to tell them apart');
  await expect(first).toContainText('on the under side only');
  await expect(phone.locator('.result').nth(2)).toContainText('Nobody could tell it from');
  await expect(phone.locator('.result').nth(3)).toContainText('The label had slipped');
  await picture(phone, 'walk-results');
}

async function printSlips(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Print result slips' }).click();
  const slips = page.locator('.slip');
  await expect(slips).toHaveCount(3);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export results as CSV' }).click();
  expect((await download).suggestedFilename()).toMatch(/^results October walk/);
  const pdf = readPdf(await page.pdf({ format: 'Letter' }));
  try {
    const words = pdf.pages.flat();
    const text = words.map((w) => w.text).join(' ');
    for (const said of [
      'number 101',
      'of 18 points',
      'You wrote subalpine fir. It is grand fir. This is another species.',
      'How to tell them apart',
      'The label had slipped',
    ])
      expect(text).toContain(said);
    for (const w of words) expect([w.text, w.bottom - w.top >= 9.4]).toEqual([w.text, true]);
  } finally {
    pdf.close();
  }
  await picture(page, 'slips');
  await page.goBack();
  await expect(page.getByRole('button', { name: 'See mix-ups' })).toBeVisible();
}

async function openMixUps(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'See mix-ups' }).click();
  await expect(page.getByText(/answers by 12 students in \d+ quizzes/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Matrix' })).toBeVisible();
  await picture(page, 'mix-ups');
  await page.getByText('All pairs', { exact: true }).click();
  const row = page
    .getByRole('region', { name: 'Mix-ups' })
    .getByRole('row', { name: /Abies lasiocarpa subalpine fir Abies grandis/ });
  const button = row.getByRole('button', { name: /answers, show them/ });
  const [, k = '', n = ''] = /(\d+) of (\d+) answers/.exec((await button.textContent()) ?? '') ?? [];
  await button.click();
  const evidence = page.getByRole('region', { name: 'Evidence' });
  await expect(evidence.getByRole('heading')).toContainText(`${k} of ${n} answers`);
  await expect(evidence.locator('tbody tr')).toHaveCount(Number(k));
  const mine = evidence.getByRole('row', { name: /October walk/ });
  await expect(mine).toContainText('“subalpine fir”');
  await expect(mine).toContainText('saw it wrong: white lines');
  await evidence.scrollIntoViewIfNeeded();
}

test('the walk of a class: from a quiz of six stations to its mix-ups', async ({ page, newPhone }) => {
  await signInAsOwner(page);
  const code = await test.step('a quiz of six stations and a sitting that gets a code', () => openWalk(page));
  await test.step('station cards and answer sheets are printed without a species on them', () =>
    printPapers(page));
  await test.step('a sheet is entered by exception from the keyboard alone', () => enterSheet(page));
  const phone =
    await test.step('two students answer on phones; a reload and a lost network lose nothing', () =>
      answerOnPhones(newPhone, code));
  await test.step('grading: names are judged, one grade is overridden, one text decided for all', () =>
    grade(page));
  await test.step('results returned, the student sees the score and what tells the two apart', () =>
    returnResults(page, phone));
  await test.step('slips are printed for everybody who took part, and results are exported', () =>
    printSlips(page));
  await test.step('mix-ups: every number opens exactly the answers it counts', () => openMixUps(page));
});
