import { readPdf } from './pdf.ts';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import {
  choose,
  giveReasons,
  go,
  joinOnPhone,
  newQuiz,
  pick,
  picture,
  schedule,
  signInAsOwner,
} from './steps.ts';
import { clear, test } from './window.ts';

const TEN = `Abies grandis, 1
subalpine fir, 1
Pseudotsuga mensiesii, 1
western larch, 2
Pinus flexillis, 2
white fir, 2
quaking aspen, 3
Quercus rubra, 3
blue elderbery, 4
Acer glabrum, 4`;

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

test.describe.configure({ mode: 'serial' });

let page: Page;
let code = '';

test.beforeAll(async ({ window }) => {
  page = window;
});
test.afterAll(() => clear(page));

test('a list: ten names are pasted and known, misspelled and new ones told', async () => {
  await signInAsOwner(page);
  await go(page, 'Due');
  await expect(page.getByText('Check and open').first()).toBeVisible();
  await picture(page, 'due');
  await go(page, 'Classes');
  await page.getByRole('button', { name: 'Paste list' }).click();
  await page.getByLabel('Name of the list').fill('Short list for Tuesday');
  await page.getByLabel('Names').fill(TEN);
  await page.getByRole('button', { name: 'See what the library knows' }).click();
  const found = page.getByRole('region', { name: 'Names found' });
  await expect(found.getByRole('heading', { name: '5 known, 3 misspelled, 1 new, 1 shared' })).toBeVisible();
  await expect(found.getByRole('row', { name: /Pseudotsuga mensiesii/ })).toContainText(
    'near “Pseudotsuga menziesii”',
  );
  await expect(found.getByRole('row', { name: /Quercus rubra/ })).toContainText(
    'It will start with what is true of all Quercus',
  );
  const make = page.getByRole('button', { name: /Create list/ });
  await expect(make).toBeDisabled();
  await pick(page.getByLabel('What to do with white fir'), 'leave out');
  await make.click();
  await expect(page.getByRole('heading', { level: 1, name: 'Short list for Tuesday' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Quercus rubra/ })).toContainText('nothing yet');
});

test('a profile: read organ by organ, changed, and refused where the entry is wrong', async () => {
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Abies grandis' }).click();
  const line = (id: string) => page.locator(`[data-character="${id}"]`);
  await expect(line('flower.colour')).toContainText('flower only from');
  await expect(line('needle.smell')).toContainText('smelling is not allowed here');
  await picture(page, 'profile');
  await line('needle.length').getByRole('button', { name: 'Change' }).click();
  const editor = page.getByRole('dialog');
  const range = editor.getByLabel(/Range, with its unit/);
  await range.fill('3-2 in');
  await expect(editor.getByRole('alert')).toContainText('low');
  await expect(editor.getByRole('button', { name: 'Save' })).toBeDisabled();
  await range.fill('3/4-2');
  await expect(editor.getByRole('alert')).toContainText('unit');
  await range.fill('3/4-2 (2 1/2) in');
  await expect(editor).toContainText('¾–2 (2½) in');
  await editor.getByRole('button', { name: 'Save' }).click();
  await expect(editor).toBeHidden();
  await expect(line('needle.length')).toContainText('¾–2 (2½) in');

  await line('form.leader').getByRole('button', { name: 'Change' }).click();
  await editor.getByLabel('Add a state').fill('corkscrew');
  await editor.getByLabel('Add a state').press('Enter');
  await expect(editor.getByRole('alert')).toContainText('has no state “corkscrew”');
  await editor.getByRole('button', { name: 'Take corkscrew out' }).click();
  await editor.getByLabel('Add a state').fill('drooping');
  await editor.getByLabel('Add a state').press('Enter');
  await editor.getByRole('button', { name: 'Save' }).click();
  await expect(line('form.leader')).toContainText('upright, drooping');
});

test('the trees a quiz is made of', async () => {
  await go(page, 'Material');
  await expect(page.getByRole('region', { name: 'Trees' }).getByRole('row')).toHaveCount(81);
  await page.getByRole('row', { name: /L18/ }).getByRole('button').first().click();
  await expect(page.getByText('one blade, three leaflets')).toBeVisible();
  await picture(page, 'material');
});

test('a quiz of six stations and a sitting that gets a code', async () => {
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
  code = (await page.getByLabel('Join code').last().textContent())?.trim() ?? '';
  expect(code).toMatch(/^[a-z]+ [a-z]+ \d{3}$/);
  await picture(page, 'sitting');
});

test('station cards and answer sheets are printed without a species on them', async () => {
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
});

test('a sheet is entered by exception from the keyboard alone', async () => {
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
});

test('two students answer on phones; a reload and a lost network lose nothing', async ({ newPhone }) => {
  const phone = await joinOnPhone(await newPhone(), code, '101');
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
  await phone.context().storageState({ path: 'test-results/phone-101.json' });

  const other = await joinOnPhone(await newPhone(), code, '102');
  await other.getByLabel('Common name').fill('tall needle thing');
  await other.getByRole('button', { name: 'All stations' }).click();
  await other.getByRole('button', { name: 'Hand in' }).click();
  await other.getByRole('button', { name: 'Hand in anyway' }).click();
  await expect(other.getByRole('heading', { name: 'Handed in' })).toBeVisible();
});

test('grading: names are judged, one grade is overridden, one text decided for all', async () => {
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
});

test('results returned, the student sees the score and what tells the two apart', async ({ browser }) => {
  await page.getByRole('button', { name: 'Return results' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Return results' }).click();
  await expect(page.getByRole('button', { name: 'See mix-ups' })).toBeVisible();
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    storageState: 'test-results/phone-101.json',
  });
  const phone = await context.newPage();
  await phone.goto('/walk/');
  await expect(phone.getByRole('heading', { name: /of 18 points/ })).toBeVisible();
  const first = phone.locator('.result').first();
  await expect(first).toContainText('You wrote subalpine fir');
  await expect(first).toContainText('How to tell them apart');
  await expect(first).toContainText('on the under side only');
  await expect(phone.locator('.result').nth(2)).toContainText('Nobody could tell it from');
  await expect(phone.locator('.result').nth(3)).toContainText('The label had slipped');
  await picture(phone, 'walk-results');
  await context.close();
});

test('slips are printed for everybody who took part, and results are exported', async () => {
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
});

test('mix-ups: every number opens exactly the answers it counts', async () => {
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
});
