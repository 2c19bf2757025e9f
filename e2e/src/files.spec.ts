import { expect } from '@playwright/test';
import { accessibility, choose, go, pick, picture, signInAsOwner, speciesRoom } from './steps.ts';
import { test } from './window.ts';

const TABLE = `species,bark.texture,needle.length (mm),form.height
Abies grandis,smooth | furrowed?,20-55,35-60 m
Abies procera,scaly,25-35,30-50 m
`;

test('a table is shown first, refused with line and column, taken in whole, and undone', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Files');
  const area = page.getByRole('region', { name: 'Take a file in' });
  await area.getByLabel('The source that says it').fill('Ridge notes');
  await area.getByLabel('Content of the file').fill(TABLE.replace('scaly', 'velvet'));
  await area.getByRole('button', { name: 'See what it would do' }).click();
  const refused = area.getByRole('region', { name: 'Refused' });
  await expect(refused.getByRole('row', { name: /3 2 .*velvet/ })).toBeVisible();
  await expect(area.getByRole('button', { name: /Import all/ })).toHaveCount(0);

  await area.getByLabel('Content of the file').fill(TABLE);
  await area.getByRole('button', { name: 'See what it would do' }).click();
  await expect(area.getByRole('row', { name: /new species or group Abies procera/ })).toBeVisible();
  await picture(page, 'files');
  await area.getByRole('button', { name: 'Import all 8' }).click();
  await expect(area.getByText('Imported: 8 new')).toBeVisible();

  const taken = page.getByRole('region', { name: 'Imported so far' });
  await expect(taken.getByRole('row', { name: /Ridge notes/ })).toContainText('Odile Marsh');
  await go(page, 'Species');
  await expect(page.getByRole('link', { name: 'Abies procera' })).toBeVisible();
  await go(page, 'Files');
  await taken.getByRole('button', { name: 'Undo it' }).click();
  await expect(taken.getByText('undone')).toBeVisible();
  await go(page, 'Species');
  await expect(page.getByRole('link', { name: 'Abies grandis' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Abies procera' })).toHaveCount(0);
});

test('what is given out comes back unchanged; a file too large or of the wrong kind is refused', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Files');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Library (JSON)' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('hurrow-library.json');
  const area = page.getByRole('region', { name: 'Take a file in' });
  await area.getByLabel('File to import').setInputFiles((await download.path()) ?? '');
  await pick(area.getByLabel('What it is'), 'Library (JSON)');
  await area.getByRole('button', { name: 'See what it would do' }).click();
  await expect(area.getByText('The library has all of it already.')).toBeVisible();
  await pick(area.getByLabel('What it is'), 'Descriptions (SDD 1.1 XML)');
  await area.getByRole('button', { name: 'See what it would do' }).click();
  await expect(area.getByRole('region', { name: 'Refused' })).toContainText('not well-formed XML');
  expect(
    (await accessibility(page).analyze()).violations.filter(
      (v) => v.impact === 'serious' || v.impact === 'critical',
    ),
  ).toEqual([]);
});

test('a range is changed on the map and by name, records are judged, and who could grow is answered', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await speciesRoom(page, 'Range');
  const species = page.getByRole('combobox', { name: 'Species' });
  await species.click();
  await species.fill('Pinus flex');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Pinus flexilis');
  await expect(page.getByRole('img', { name: /Map of where Pinus flexilis grows/ })).toBeVisible();
  await choose(page, 'State or province', 'Montana');
  await expect(page.locator('.range-map path')).not.toHaveCount(51);
  await choose(page, 'County', 'Sanders');
  const region = page.getByRole('region', { name: 'One region' });
  await expect(region.getByLabel('planted only')).toBeChecked();
  await picture(page, 'range');
  await region.getByLabel('introduced, spreading').check();
  await expect(page.getByText('1 region changed, not saved yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Save the range' }).click();
  await expect(page.getByText('not saved yet')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Recorded regions' })).toContainText(
    'Sanders County, Montana (introduced, spreading)',
  );
  await page.getByRole('button', { name: 'Ask for records' }).click();
  const records = page.getByRole('region', { name: 'Occurrence records' });
  const first = records.getByRole('row').nth(1);
  await first.getByRole('button', { name: 'Accept' }).click();
  await expect(first.getByRole('button', { name: 'Accept' })).toHaveAttribute('aria-pressed', 'true');
  expect(
    (await accessibility(page).analyze()).violations.filter(
      (v) => v.impact === 'serious' || v.impact === 'critical',
    ),
  ).toEqual([]);

  await speciesRoom(page, 'Could grow');
  await pick(page.getByRole('combobox', { name: 'List', exact: true }), 'Trees of Quillan Creek (47)');
  const table = page.getByRole('region', { name: 'Who could grow here' });
  await expect(table.getByRole('row', { name: /Abies grandis/ })).toContainText('could grow');
  await page.getByLabel('Elevation, m').fill('2400');
  await expect(table.getByRole('row', { name: /Abies grandis/ })).toContainText('would not');
  await page.getByLabel('Latitude').fill('99');
  await expect(page.getByRole('alert')).toContainText('between -90 and 90');
});

test('one student’s record is saved, and everything of them erased after their number is typed', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Classes');
  const section = page.getByRole('region', { name: 'Thursday lab' });
  const student = section.getByRole('button', { name: /^212/ });
  await student.click();
  const dialog = page.getByRole('dialog');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('link', { name: /Save all that is kept/ }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('hurrow-student-212.json');
  const erase = dialog.getByRole('button', { name: /Erase everything/ });
  await expect(erase).toBeDisabled();
  await dialog.getByLabel('Type the number 212 to erase').fill('212');
  await erase.click();
  await expect(student).toHaveCount(0);
});
