import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { ask, go, pick, picture, signIn, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

const LARCH = 'Larix laricina';
interface Taxon {
  readonly id: string;
  readonly scientific: string;
}

const line = (page: Page, character: string) => page.locator(`.write-line[data-character="${character}"]`);

/** Adds the larch that the demo's library lacks. @returns the address of its profile. */
async function addLarch(page: Page): Promise<string> {
  await signInAsOwner(page);
  const genus = (await ask<readonly Taxon[]>(page, 'GET', '/api/taxa')).find((t) => t.scientific === 'Larix');
  const body = { rank: 'species', scientific: LARCH, parents: [genus?.id] };
  const { id } = await ask<Taxon>(page, 'POST', '/api/taxa', body);
  return `/species/${id}`;
}

/** Opens every line of a species for writing. */
async function write(page: Page, profile: string): Promise<void> {
  await page.goto(`${profile}/write`);
  await page.getByText('Every character', { exact: true }).click();
}

/** Types a value into a line, and keeps it. */
async function type(page: Page, character: string, ...keys: readonly string[]): Promise<void> {
  await line(page, character).locator('input').focus();
  for (const k of keys) await (k === 'Enter' ? page.keyboard.press(k) : page.keyboard.type(k));
  await expect(line(page, character).getByRole('status')).toHaveText('saved');
}

/** Takes the larch out again, so that every test finds the library without it. */
test.afterEach(async ({ page }) => {
  const larch = (await ask<readonly Taxon[]>(page, 'GET', '/api/taxa')).find((t) => t.scientific === LARCH);
  if (!larch) return;
  const { version } = await ask<{ version: number }>(page, 'GET', `/api/species/${larch.id}`);
  await ask(page, 'DELETE', `/api/species/${larch.id}`, undefined, version);
});

test('a whole profile is written without the mouse, and kept while it is not saved', async ({ page }) => {
  const said = (character: string) => page.locator(`.character-line[data-character="${character}"]`);
  await signInAsOwner(page);
  await go(page, 'Species');
  await page.getByRole('button', { name: 'Add a species or a group' }).click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Larix laricina');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Parl.');
  await page.keyboard.press('Tab');
  await page.keyboard.type('American larch');
  await page.getByRole('button', { name: 'Add to the library' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Write Larix laricina' })).toBeVisible();
  await page.getByText('Every character', { exact: true }).click();

  await line(page, 'form.height').locator('input').focus();
  await page.keyboard.type('30-50 (80) ft');
  await expect(line(page, 'form.height')).toContainText('reads as 30–50 (80) ft');
  await page.keyboard.press('Enter');
  await expect(line(page, 'form.height').getByRole('status')).toHaveText('saved');
  await line(page, 'form.outline').locator('input').focus();
  await page.keyboard.type('irre');
  await page.keyboard.press('Enter');
  await page.keyboard.type('cone');
  await page.keyboard.press('Enter');
  await page.keyboard.press('?');
  await expect(line(page, 'form.outline').locator('.token').nth(1)).toHaveText('cone-shaped sometimes');
  await page.keyboard.press('ArrowDown');
  await expect(line(page, 'form.outline').getByRole('status')).toHaveText('saved');
  // The next line has the focus, and the one above can be reached again.
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Backspace');
  await expect(line(page, 'form.outline').locator('.token')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await expect(line(page, 'form.outline').locator('.token')).toHaveCount(2);

  // A wrong entry says what is wrong, is not saved, and is still there after a reload.
  await line(page, 'needle.length').locator('input').focus();
  await page.keyboard.type('2-1 in');
  await page.keyboard.press('Enter');
  await expect(line(page, 'needle.length').getByRole('alert')).toContainText('low');
  await page.reload();
  await page.getByText('Every character', { exact: true }).click();
  await expect(line(page, 'needle.length').locator('input')).toHaveValue('2-1 in');
  await line(page, 'needle.length').locator('input').focus();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('1-1 1/2 in');
  await page.keyboard.press('Enter');
  await expect(line(page, 'needle.length').getByRole('status')).toHaveText('saved');

  // With the network gone the entry stays here and is saved once it is back.
  await page.context().setOffline(true);
  await line(page, 'twig.hairs').locator('input').focus();
  await page.keyboard.type('many');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(line(page, 'twig.hairs').getByRole('status')).toHaveText('waits for the network, kept here');
  await page.context().setOffline(false);
  await expect(line(page, 'twig.hairs').getByRole('status')).toHaveText('saved');
  // A server that cannot be reached is told apart from a missing network, and the entry waits as well.
  await page.route('**/api/statements/batch', (route) => route.abort());
  await line(page, 'twig.zigzag').locator('input').focus();
  await page.keyboard.type('no');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(line(page, 'twig.zigzag').getByRole('alert')).toContainText('cannot be reached');
  await page.unroute('**/api/statements/batch');
  await line(page, 'twig.zigzag').getByRole('button', { name: 'Save again' }).click();
  await expect(line(page, 'twig.zigzag').getByRole('status')).toHaveText('saved');
  await picture(page, 'write');

  await page.getByRole('button', { name: 'View profile' }).click();
  await expect(said('form.height')).toContainText('30–50 (80) ft');
  await expect(said('form.outline')).toContainText('irregular; sometimes cone-shaped');
  await expect(said('needle.attachment')).toContainText('from Larix');
});

test('undoing takes the latest entry back', async ({ page }) => {
  await write(page, await addLarch(page));
  await type(page, 'twig.hairs', 'many', 'Enter', 'Enter');
  await type(page, 'twig.zigzag', 'no', 'Enter', 'Enter');
  await expect(line(page, 'twig.zigzag').locator('.token')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line(page, 'twig.zigzag').locator('.token')).toHaveCount(0);
  await expect(line(page, 'twig.hairs').locator('.token')).toHaveCount(1);
});

test('two people in one line are told so, with both versions', async ({ browser, page }) => {
  await write(page, await addLarch(page));
  await type(page, 'form.height', '30-50 ft', 'Enter');
  const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await signIn(other, 'Tobias Renn', 'stove hill is dry');
  await write(other, new URL(page.url()).pathname.replace('/write', ''));
  const theirs = other.locator('.write-line[data-character="form.height"]');
  // What is typed goes over what stood there when typing began, however long the line stays open.
  await line(page, 'form.height').locator('input').fill('9-15 m');
  await theirs.locator('input').fill('10-20 m');
  await theirs.locator('input').press('Enter');
  await expect(theirs.getByRole('status')).toHaveText('saved');
  await line(page, 'form.height').locator('input').press('Enter');
  await expect(line(page, 'form.height').getByRole('alert')).toContainText('Somebody else wrote 33–65 ft');
  await line(page, 'form.height').getByRole('button', { name: 'Keep mine' }).click();
  await expect(line(page, 'form.height').getByRole('status')).toHaveText('saved');
  await write(other, new URL(page.url()).pathname.replace('/write', ''));
  await expect(theirs.locator('input')).toHaveValue('9-15 m');
  await other.context().close();
});

test('names and notes, a look-alike with its tell, a season over new year', async ({ page }) => {
  await page.goto(await addLarch(page));
  await page.getByRole('button', { name: 'Names and notes' }).click();
  await page.getByLabel('Said', { exact: true }).fill('LAR-iks ly-AL-ee-eye');
  await pick(page.getByRole('combobox', { name: 'Write about' }), 'How to tell it');
  await page.getByLabel('How to tell it', { exact: true }).fill('Woolly twigs near timberline.');
  await page.getByLabel('Girth at 4.5 ft').fill('120 in');
  await page.getByLabel('Height').fill('80 ft');
  await page.getByLabel('Mean spread').fill('40 ft');
  await expect(page.getByText('210 points')).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('region', { name: 'How to tell it' })).toContainText(
    'Woolly twigs near timberline.',
  );
  await expect(page.getByRole('region', { name: 'Record tree' })).toContainText('210 points');

  // Two people at one head: neither loses what was written.
  await page.getByRole('button', { name: 'Names and notes' }).click();
  await page.getByLabel('Common names, one a line').fill('American larch\neastern larch');
  const other = await page.context().newPage();
  await other.goto(page.url());
  await other.getByLabel('Authority').fill('Parlatore');
  await other.getByRole('button', { name: 'Save' }).click();
  await expect(other.locator('h1')).toContainText('Parlatore');
  await other.close();
  await page.getByLabel('Authority').fill('Parl. ex Hort.');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('Somebody saved this species in the meantime');
  await page.getByRole('button', { name: 'Take up theirs' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByLabel('Authority')).toHaveValue('Parl. ex Hort.');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.locator('h1')).toContainText('Parl. ex Hort.');

  await page.getByRole('button', { name: 'Record a window' }).click();
  const window = page.getByRole('dialog');
  await pick(window.getByRole('combobox', { name: 'What' }), 'hangs');
  await window.getByLabel('From (May 20)').fill('1 Nov');
  await window.getByLabel('To (Jun 10)').fill('Feb 10');
  await window.getByRole('button', { name: 'Record it' }).click();
  await expect(window.getByRole('alert')).toContainText('before it begins');
  await window.getByLabel('it runs over new year').check();
  await window.getByRole('button', { name: 'Record it' }).click();
  await expect(window).toBeHidden();
  await expect(page.getByRole('region', { name: /^Season/ })).toContainText('Nov 1 – Feb 10');
});

test('a photograph is added with organ, date and credit, and is shown made anew', async ({ page }) => {
  await page.goto(await addLarch(page));
  const photos = page.getByRole('region', { name: 'Photographs' });
  const bytes = await page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [300, 200];
    canvas.getContext('2d')?.fillRect(20, 20, 100, 100);
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
    return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))];
  });
  await page.getByLabel('Photograph to add').setInputFiles({
    name: 'Larix laricina by Somebody.png',
    mimeType: 'image/png',
    buffer: Buffer.from(bytes),
  });
  await expect(photos.locator('img')).toHaveCount(1);
  await pick(photos.getByLabel('Organ shown'), 'Bark');
  await photos.getByLabel('Credit').fill('the school');
  await photos.getByLabel('Credit').press('Tab');
  await expect(photos.getByRole('img', { name: 'Bark, photograph' })).toBeVisible();
  expect(await photos.locator('img').getAttribute('src')).not.toContain('laricina');
  await page.getByLabel('Photograph to add').setInputFiles({
    name: 'none.png',
    mimeType: 'image/png',
    buffer: Buffer.from('this is no picture'),
  });
  await expect(photos.getByRole('alert')).toContainText('cannot be read as a picture');
});
