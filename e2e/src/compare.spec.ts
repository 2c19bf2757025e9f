import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { readPdf } from './pdf.ts';
import { accessibility, choose, pick, picture, signInAsOwner, typeDay } from './steps.ts';
import { test } from './window.ts';

const BIG = 'Trees of Quillan Creek (47)';
const SMALL = 'First trees, youth group (12)';

const rooms = (page: Page) => page.getByRole('navigation', { name: 'Comparing' });

/** Enters the compare place; `room` goes from one of its rooms to another. */
async function enter(page: Page): Promise<void> {
  await page.goto('/compare');
  await expect(page.getByRole('heading', { level: 1, name: 'Bench' })).toBeVisible();
}

async function room(page: Page, name: string, list = BIG): Promise<void> {
  await rooms(page).getByRole('link', { name, exact: true }).click();
  await expect(rooms(page).getByRole('link', { name, exact: true })).toHaveClass(/active/);
  if (name !== 'Bench') {
    await pick(page.getByRole('combobox', { name: 'List', exact: true }), list);
    await expect(page.locator('label').filter({ hasText: list }).first()).toBeVisible();
  }
  await expect(page.getByText('Reading…')).toHaveCount(0);
}

/** The number of pairs of a standing, as the line above the chart says it. */
const counted = (page: Page, words: string) =>
  page.getByRole('status').locator('.tag').filter({ hasText: words });

test('twins are found in the whole list, with the reason, and cured by the change that is proposed', async ({
  page,
}) => {
  await signInAsOwner(page);
  await enter(page);
  await room(page, 'Whole list');
  await expect(counted(page, 'cannot be told apart')).toContainText('1 cannot be told apart');
  const pair = page.getByRole('region', { name: 'The pair' });
  await expect(pair).toContainText('Pinus albicaulis and Pinus flexilis');
  await expect(pair).toContainText('No cones on the ground: whitebark was found');
  await expect(pair).toContainText('needs a fruit or cone or the litter beneath');
  const whatIf = page.getByRole('region', { name: 'What if' });
  await expect(whatIf).toContainText('cures');
  await picture(page, 'whole-list');
  const chosen = page.getByRole('gridcell', {
    name: /^(chokecherry|bitter cherry|Prunus \w+).* and .*(cherry|Prunus \w+): /,
  });
  await chosen.click();
  await expect(pair).toContainText('Prunus');
  await page.keyboard.press('ArrowLeft');
  await expect(pair).not.toContainText('Prunus virginiana and Prunus emarginata');
  await expect(page.locator('.pair-cell.at')).toHaveAttribute('aria-label', /clearly different by .+/);
  const litter = whatIf.getByRole('listitem').filter({ hasText: 'Add the litter beneath' });
  await expect(litter).toContainText('cures 1');
  await expect(litter).toContainText('most of all');
  await litter.getByRole('button').click();
  await expect(page).toHaveURL(/with=.*litter/);
  await expect(counted(page, 'cannot be told apart')).toContainText('0 cannot be told apart');
  const sets = page.getByRole('region', { name: 'Smallest sets' });
  await expect(sets.getByRole('row')).toHaveCount(48);
  await expect(page.getByRole('region', { name: 'Only one has it' })).toContainText('Only');
});

test('the year shows which weeks part the cherries, and a week chosen there moves the date', async ({
  page,
}) => {
  await signInAsOwner(page);
  await enter(page);
  await room(page, 'Year');
  const pairs = page.getByRole('region', { name: 'Pairs through the year' });
  const row = (name: string) => pairs.getByRole('row').filter({ hasText: name });
  await expect(row('Pinus albicaulis · Pinus flexilis')).toContainText('4 of 52');
  await expect(row('Prunus virginiana · Prunus emarginata')).toContainText(
    'clearly different from Jan 1, barely different from Apr 23',
  );
  await page.getByRole('button', { name: /^1 in the week of Jul 9: 1 twins/ }).click();
  await expect(page).toHaveURL(/on=2026-07-09/);
});

test('species are laid on the bench by a key; moving date and material shows what is lost and why', async ({
  page,
}) => {
  await signInAsOwner(page);
  await page.goto('/species');
  await page.getByRole('link', { name: /^Acer glabrum/ }).focus();
  await page.keyboard.press('b');
  await page.getByRole('link', { name: /^Physocarpus malvaceus/ }).click();
  await expect(page.locator('.character-line').first()).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByRole('link', { name: /^Bench 2/ })).toBeVisible();
  await page.keyboard.press('B');
  await expect(page.getByRole('heading', { level: 1, name: 'Bench' })).toBeVisible();
  const tells = page.getByRole('region', { name: 'Tells' });
  await expect(tells).toContainText('Buds sit in facing pairs on ');
  await expect(
    page.getByRole('img', { name: /^leaf of Acer glabrum and Physocarpus malvaceus/ }),
  ).toBeVisible();
  await typeDay(page.getByLabel('Date', { exact: true }), '2026-07-15');
  await expect(tells.getByRole('status')).toContainText(/characters tell them apart now/);
  await picture(page, 'bench');
  await typeDay(page.getByLabel('Date', { exact: true }), '2026-12-15');
  await expect(tells.getByRole('status')).toContainText('lost by the last change');
  await expect(tells.getByRole('rowgroup', { name: 'Lost by the last change' })).toContainText(
    'no leaves between',
  );
  await page.getByText('terms', { exact: true }).click();
  await expect(tells).toContainText('opposite on ');
  await choose(page, 'Add a species to the bench', 'Cornus sericea');
  await expect(page.getByLabel('Second species')).toBeVisible();
  await pick(page.getByLabel('Second species'), 'Cornus sericea');
  await expect(tells).toContainText('on Acer glabrum');
  await expect(tells).toContainText('on Cornus sericea');
  await page.reload();
  await expect(page.getByRole('link', { name: /^Bench 3/ })).toBeVisible();
});

test('a rule is built as a sentence, its exceptions are named, it is kept, found again and given up', async ({
  page,
}) => {
  await signInAsOwner(page);
  await enter(page);
  await room(page, 'Rules');
  await page.getByRole('button', { name: 'Build a rule' }).click();
  const builder = page.getByRole('region', { name: 'Rule builder' });
  await choose(page, 'All or only', 'Only');
  await choose(page, 'Who', 'Pinus monticola');
  await choose(page, 'Then: character', 'needles in a bundle');
  await builder.getByLabel('Then: from').fill('five');
  await expect(builder.getByRole('button', { name: 'Keep the rule' })).toBeDisabled();
  await builder.getByLabel('Then: from').fill('5');
  await expect(builder.getByRole('status')).toContainText(
    'Needles grow in bundles of 5 only on Pinus monticola.',
  );
  await expect(builder.getByRole('status')).toContainText('Pinus albicaulis (has it too)');
  await expect(builder.getByRole('status')).toContainText('Pinus flexilis (has it too)');
  await builder.getByRole('button', { name: 'Keep the rule' }).click();
  const kept = page.getByRole('region', { name: 'Rules of thumb' });
  // The demo keeps four that everybody has heard; this is a fifth.
  await expect(kept.getByRole('row')).toHaveCount(6);
  await expect(kept).toContainText('Larix occidentalis (lacks it)');
  await kept
    .getByRole('link', { name: /only on Pinus monticola/ })
    .last()
    .click();
  await expect(page.getByRole('region', { name: 'Exceptions' })).toContainText('has it too');
  await expect(page.getByRole('region', { name: 'When it holds' })).toContainText('52 of 52');
  await page.getByRole('button', { name: 'Delete rule' }).click();
  await page.locator('.ant-popconfirm').getByRole('button', { name: 'Delete rule' }).click();
  await expect(kept.getByRole('row')).toHaveCount(5);
  const found = page.getByRole('region', { name: 'Rules found' });
  await found
    .getByRole('row')
    .filter({ hasText: 'On every member of Acer, and on nothing else' })
    .getByRole('button')
    .click();
  await expect(kept.getByRole('row').filter({ hasText: 'On every member of Acer' })).toContainText('holds');
});

test('a tree is named from calls, with evidence, a caution and what cannot be told with this', async ({
  page,
}) => {
  await signInAsOwner(page);
  await enter(page);
  await room(page, 'Name a tree');
  await choose(page, 'Character to call', 'kind of leaf');
  await page.getByRole('button', { name: 'needle', exact: true }).click();
  await choose(page, 'Character to call', 'needles in a bundle');
  const number = page.locator('.call-field input.feature-number');
  await number.fill('many');
  await page.getByRole('button', { name: 'Call it' }).click();
  await expect(page.getByRole('alert')).toContainText('Write a number');
  await number.fill('5');
  await page.getByRole('button', { name: 'Call it' }).click();
  const candidates = page.getByRole('region', { name: 'Candidates' });
  await expect(candidates).toContainText('after 2 calls');
  await expect(candidates.getByRole('listitem').first()).toContainText('needles in a bundle 5');
  await expect(candidates).toContainText('Protected: looked at where it stands');
  await page.getByRole('button', { name: 'bark surface' }).click();
  await page.getByRole('button', { name: 'small scales', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Cannot be told' })).toContainText('Pinus flexilis');
  await picture(page, 'name-tree');
  await page.getByLabel(/weigh in what grows at/).check();
  await expect(candidates.getByRole('listitem').first()).toContainText('Pinus albicaulis');
  await page.getByRole('button', { name: /Take the call of bark surface back/ }).click();
  await expect(candidates).toContainText('after 2 calls');
});

test('a key is walked through, rebuilt without its first question, and printed as a PDF whose pages are read', async ({
  page,
}) => {
  await signInAsOwner(page);
  await enter(page);
  await room(page, 'Key');
  const walk = page.getByRole('region', { name: 'Walk through' });
  await expect(walk).toContainText('kind of leaf');
  await expect(page.getByRole('region', { name: 'The check' })).toContainText('species can be reached');
  await walk.getByRole('button', { name: /needle/ }).click();
  await expect(walk).not.toContainText('Acer');
  await walk.getByRole('button', { name: 'From the start' }).click();
  await page.getByRole('button', { name: 'Do without the first question' }).click();
  await expect(page).toHaveURL(/without=leaf.kind/);
  await expect(walk.locator('.key-ask')).not.toContainText('kind of leaf');
  await enter(page);
  await room(page, 'Key');
  await page.getByRole('link', { name: 'Print key' }).click();
  const check = page.getByRole('region', { name: 'The check' });
  await expect(check).toBeVisible();
  await expect(page.getByText('Building the key')).toHaveCount(0);
  await page.evaluate(() => document.fonts.ready);
  const numbers = await page.locator('.key-couplet').count();
  for (const form of ['bracketed', 'indented']) {
    await page.getByLabel(form).click();
    await expect(page.getByLabel(form)).toBeChecked();
    const pdf = readPdf(await page.pdf({ format: 'Letter', preferCSSPageSize: true }));
    try {
      const text = pdf.pages.flatMap((p) => p.map((w) => w.text)).join(' ');
      expect(pdf.pages.length).toBeLessThan(9);
      expect(text).toContain('Key to Trees of Quillan Creek');
      expect(text).not.toContain('Back to the key');
      const names = await page.locator('.key-end i.latin').allTextContents();
      expect(new Set(names).size).toBeGreaterThan(60);
      for (const name of ['Taxus brevifolia', 'Toxicodendron rydbergii', 'Quercus gambelii']) {
        expect(text).toContain(name);
      }
      // The check of the key is for the screen; readers are spared it.
      expect(text).not.toContain('species can be reached');
      if (form === 'bracketed') {
        for (const p of pdf.pages) for (const w of p) expect(w.right).toBeLessThan(612);
        expect(numbers).toBeGreaterThan(30);
      }
    } finally {
      pdf.close();
    }
  }
});

test('cards are sorted, printed with their answer, and learners’ own piles are held against the terms', async ({
  page,
}) => {
  await signInAsOwner(page);
  await enter(page);
  await room(page, 'Sorting');
  await expect(page.getByRole('region', { name: 'The answer' })).toContainText('1. kind of leaf?');
  const own = page.getByRole('region', { name: 'Learners’ own piles' });
  for (const [name, pile] of [
    ['Acer glabrum', '1'],
    ['Fraxinus pennsylvanica', '1'],
    ['Cornus sericea', '1'],
    ['Betula papyrifera', '2'],
    ['Sorbus scopulina', '2'],
    ['Quercus gambelii', '2'],
  ] as const) {
    await pick(own.getByLabel(`Pile of ${name}`, { exact: true }), pile);
  }
  await expect(own.getByRole('row').nth(1)).toContainText('1.00');
  await expect(own).toContainText('1: in facing pairs; 2: one at a time');
  await page.getByRole('link', { name: 'Print cards and answer' }).click();
  await expect(page.locator('.sorting-card')).toHaveCount(47);
  await expect(page.getByRole('region', { name: 'Answer sheet' })).toContainText('kind of leaf?');
  await expect(page.locator('.sorting-card').first()).not.toContainText('Abies');
});

test('shared names, close names and root cards; no room has a serious fault of accessibility', async ({
  page,
}) => {
  await signInAsOwner(page);
  await enter(page);
  await room(page, 'Names');
  await expect(page.getByRole('region', { name: 'Shared common names' })).toContainText('mountain ash');
  await expect(page.getByRole('region', { name: 'Close names' })).toContainText('paper birch');
  const faults: string[] = [];
  for (const name of [
    'Bench',
    'Whole list',
    'Year',
    'Look-alikes',
    'Rules',
    'Name a tree',
    'Key',
    'Sorting',
    'Names',
  ]) {
    await room(page, name, SMALL);
    await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0);
    const { violations } = await accessibility(page).analyze();
    for (const v of violations.filter((x) => x.impact === 'serious' || x.impact === 'critical')) {
      faults.push(`${name}: ${v.id} ${v.nodes[0]?.html.slice(0, 140) ?? ''}`);
    }
  }
  expect(faults).toEqual([]);
  await page.getByRole('link', { name: 'Print root cards' }).click();
  await expect(page.locator('.root-card').first()).toBeVisible();
});
