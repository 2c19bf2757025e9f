import { expect } from '@playwright/test';
import { accessibility, joinOnPhone, openQuiz, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

test('one phone is in two quizzes: it joins a second, goes back to the first, and leaves both', async ({
  page,
  newPhone,
}) => {
  await signInAsOwner(page);
  const first = await openQuiz(page, 'First of two', 'Thursday lab', 'L11');
  const phone = await joinOnPhone(await newPhone(), first, '207');
  await phone.getByLabel('Common name').fill('western larch');
  await expect(phone.getByRole('status')).toHaveText('all sent');
  await phone.getByRole('button', { name: 'All stations' }).click();
  await phone.getByRole('button', { name: 'Hand in' }).click();
  await phone.getByRole('button', { name: 'Hand in anyway' }).click();
  await expect(phone.getByRole('heading', { name: 'Handed in' })).toBeVisible();
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await expect(page.getByRole('button', { name: 'Grade sitting' })).toBeVisible();

  const second = await openQuiz(page, 'Second of two', 'Thursday lab', 'L10');
  await phone.getByRole('button', { name: 'Join another quiz' }).click();
  // Nothing is lost by thinking better of it.
  await phone.getByRole('button', { name: 'Back' }).click();
  await expect(phone.getByRole('heading', { name: 'Handed in' })).toBeVisible();
  await phone.getByRole('button', { name: 'Join another quiz' }).click();
  await phone.getByLabel('Code').fill(second);
  await phone.getByLabel('Student number').fill('207');
  await phone.getByRole('button', { name: 'Join', exact: true }).click();
  await phone.getByLabel('Private word').fill('brave otter 207');
  await phone.getByRole('button', { name: 'Join', exact: true }).click();
  await expect(phone.getByRole('heading', { name: /Station 1/ })).toBeVisible();
  await expect(phone.getByLabel('Common name')).toHaveValue('');
  await phone.getByLabel('Common name').fill('grand fir');
  await expect(phone.getByRole('status')).toHaveText('all sent');
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await expect(page.getByRole('button', { name: 'Grade sitting' })).toBeVisible();

  // The page opened again stays with the second, and knows the way to the first.
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'Closed' })).toBeVisible();
  const others = phone.getByRole('region', { name: 'Other quizzes' });
  await expect(others.getByRole('button', { name: /number 207: closed/ })).toBeVisible();
  await picture(phone, 'walk-other-quizzes');
  expect((await accessibility(phone).analyze()).violations).toEqual([]);
  await others.getByRole('button', { name: /number 207: closed/ }).click();
  await expect(phone.getByRole('heading', { name: 'Handed in' })).toBeVisible();
  await expect(phone.getByRole('listitem').first()).toContainText('western larch');
});
