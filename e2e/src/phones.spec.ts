import { expect } from '@playwright/test';
import { choose, go, joinOnPhone, openQuiz, picture, signIn, signInAsOwner } from './steps.ts';
import { PHONE, test } from './window.ts';

test('a number is claimed with a word, goes on at a second phone, and staff let in a third', async ({
  page,
  newPhone,
}) => {
  await signInAsOwner(page);
  const code = await openQuiz(page, 'Phones', 'Thursday lab', 'L07');
  const first = await joinOnPhone(await newPhone(), code, '205');
  await first.getByLabel('Common name').fill('grand fir');
  await expect(first.getByRole('status')).toHaveText('all sent');

  const second = await newPhone();
  await second.goto(`/walk/#${code}`);
  await second.getByLabel('Student number').fill('205');
  await second.getByRole('button', { name: 'Join' }).click();
  await expect(second.getByText('Number 205 is in use.')).toBeVisible();
  await second.getByLabel('Private word').fill('wrong word');
  await second.getByRole('button', { name: 'Join', exact: true }).click();
  await expect(second.getByRole('alert')).toContainText('not the private word');
  await second.getByLabel('Private word').fill('Brave otter 205');
  await second.getByRole('button', { name: 'Join', exact: true }).click();
  await expect(second.getByLabel('Common name')).toHaveValue('grand fir');
  await expect(second.getByText('Another phone uses your number')).toBeVisible();
  await first.getByLabel('Common name').fill('subalpine fir');
  await expect(first.getByText('Another phone uses your number')).toBeVisible();

  const third = await newPhone();
  await third.goto(`/walk/#${code}`);
  await third.getByLabel('Student number').fill('205');
  await third.getByRole('button', { name: 'Join' }).click();
  await third.getByRole('button', { name: 'Ask my instructor to let me in' }).click();
  await expect(third.getByRole('heading', { name: 'Waiting for your instructor' })).toBeVisible();
  await page.reload();
  const phones = page.getByRole('region', { name: 'Phones' });
  await expect(phones).toContainText('2 phones have joined');
  await picture(page, 'phones');
  await phones.getByRole('button', { name: 'Let in number 205' }).click();
  await expect(third.getByRole('heading', { name: /Station 1/ })).toBeVisible();
  await expect(phones).toContainText('3 phones have joined');
});

test('a phone that keeps nothing says so at once, and its answers still arrive', async ({
  page,
  browser,
}) => {
  await signInAsOwner(page);
  const code = await openQuiz(page, 'Full phone', 'Thursday lab', 'L08');
  const context = await browser.newContext(PHONE);
  await context.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', {
      value: {
        open: () => {
          throw new Error('no room');
        },
      },
    });
  });
  const phone = await context.newPage();
  await phone.goto(`/walk/#${code}`);
  await phone.getByLabel('Student number').fill('206');
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByRole('button', { name: 'Use this word and join' }).click();
  await expect(phone.getByRole('heading', { name: /Station 1/ })).toBeVisible();
  await context.setOffline(true);
  await phone.getByLabel('Common name').fill('grand fir');
  await expect(phone.getByRole('alert')).toContainText('This phone does not keep your answers');
  await phone.getByRole('button', { name: 'All stations' }).click();
  // Without a network trying again gains nothing; once there is one, the phone sends by itself.
  await phone.getByRole('button', { name: 'Try again' }).click();
  await expect(phone.getByRole('button', { name: 'Try again' })).toBeVisible();
  await context.setOffline(false);
  await expect(phone.getByText('all sent')).toBeVisible();
  await context.close();
});

test('results of one class are held while another has the quiz ahead, and returned on purpose', async ({
  page,
  newPhone,
}) => {
  await signInAsOwner(page);
  const code = await openQuiz(page, 'Two labs', 'Tuesday lab', 'L09');
  const tuesday = page.url();
  const phone = await joinOnPhone(await newPhone(), code, '107');
  await phone.getByLabel('Common name').fill('western larch');
  await phone.getByRole('button', { name: 'Review' }).click();
  await phone.getByRole('button', { name: 'Hand in' }).click();
  await phone.getByRole('button', { name: 'Hand in anyway' }).click();
  await expect(phone.getByRole('heading', { name: 'Handed in' })).toBeVisible();
  await page.getByRole('link', { name: 'the quiz' }).click();
  await page.getByRole('button', { name: 'Schedule sitting' }).click();
  await choose(page, 'Class', 'Thursday lab');
  await page.getByRole('dialog').getByRole('button', { name: 'Schedule sitting' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Two labs: Thursday lab/ })).toBeVisible();

  await page.goto(tuesday);
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await page.getByRole('button', { name: 'Grade sitting' }).click();
  await page.getByRole('button', { name: 'Return results' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('The only station is held back.');
  await expect(dialog).toContainText('Thursday lab (Two labs');
  await picture(page, 'return-results');
  await dialog.getByRole('button', { name: 'Return results' }).click();
  await expect(dialog).toBeHidden();
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'Your score comes later' })).toBeVisible();
  await expect(phone.getByText('Another class still has this station')).toBeVisible();
  await expect(phone.getByText('You wrote western larch')).toBeVisible();
  await picture(phone, 'walk-held');

  const held = page.getByRole('region', { name: 'Held back' });
  await held.getByRole('button', { name: 'Return held stations now' }).click();
  await page.getByRole('button', { name: 'Return them now' }).click();
  await expect(held).toBeHidden();
  await phone.reload();
  await expect(phone.getByText('Another class still has this station')).toBeHidden();
  await expect(phone.getByRole('heading', { name: /of \d+ points/ })).toBeVisible();
});

test('a double press makes one quiz', async ({ page }) => {
  await signIn(page, 'Odile Marsh', 'ledger loop in october');
  await go(page, 'Quizzes');
  await page.getByRole('button', { name: 'New quiz' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('Pressed twice');
  await choose(page, 'List', 'Trees of Quillan Creek');
  await page.getByRole('button', { name: 'Create quiz' }).dblclick();
  await page
    .getByRole('dialog', { name: /Add stations/ })
    .getByRole('button', { name: 'Cancel' })
    .click();
  await expect(page.getByRole('heading', { level: 1, name: 'Pressed twice' })).toBeVisible();
  await go(page, 'Quizzes');
  await expect(page.getByRole('link', { name: 'Pressed twice' })).toHaveCount(1);
});
