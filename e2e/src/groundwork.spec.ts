import { expect } from '@playwright/test';
import { go, pick, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

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

test('a list: ten names are pasted and known, misspelled and new ones told', async ({ page }) => {
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

test('a profile: read organ by organ, changed, and refused where the entry is wrong', async ({ page }) => {
  await signInAsOwner(page);
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

test('the trees a quiz is made of', async ({ page }) => {
  await signInAsOwner(page);
  await go(page, 'Material');
  await expect(page.getByRole('region', { name: 'Trees' }).getByRole('row')).toHaveCount(81);
  await page.getByRole('row', { name: /L18/ }).getByRole('button').first().click();
  await expect(page.getByText('one blade, three leaflets')).toBeVisible();
  await picture(page, 'material');
});
