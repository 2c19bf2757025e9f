import { expect } from '@playwright/test';
import {
  gradeSecondLook,
  noFault,
  picture,
  planFromMixUp,
  removeNewestLesson,
  signInAsOwner,
} from './steps.ts';
import { test } from './window.ts';

test('a lesson is planned in ten minutes, changed, recorded in one press, corrected and removed', async ({
  page,
}) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await page.goto('/reteach');
  const plan = page.getByRole('region', { name: 'Plan' });
  const inIt = plan.getByRole('list', { name: 'In this lesson' }).getByRole('listitem');
  await expect(inIt.first()).toContainText(/\d+ of 12 missed it/);
  const chosen = await inIt.count();
  expect(chosen).toBeGreaterThan(0);
  expect(chosen).toBeLessThanOrEqual(2);
  await picture(page, 'reteach');
  await noFault(page);

  const first = (await inIt.first().locator('b').textContent()) ?? '';
  await inIt
    .first()
    .getByRole('button', { name: `Leave out ${first}` })
    .click();
  await expect(plan.getByRole('list', { name: 'In this lesson' })).not.toContainText(first);
  await plan.getByText(/^Left out:/).click();
  await plan.getByRole('button', { name: `Take back ${first}` }).click();
  await expect(plan.getByRole('list', { name: 'In this lesson' })).toContainText(first);

  const lessons = page.getByRole('region', { name: 'Lessons' });
  const before = await lessons.getByRole('listitem').count();
  await plan.getByRole('button', { name: 'Record lesson' }).click();
  await expect(plan.getByText(/^Recorded for/)).toBeVisible();
  await expect(lessons.getByRole('listitem')).toHaveCount(before + 1);
  // A double press records one lesson.
  await plan.getByRole('button', { name: 'Record lesson' }).dblclick();
  await expect(lessons.getByRole('listitem')).toHaveCount(before + 1);
  await noFault(page);

  await removeNewestLesson(page);
  await expect(lessons.getByRole('listitem')).toHaveCount(before);
});

test('a lesson is planned from a pair, which is in it', async ({ page }) => {
  await signInAsOwner(page);
  await gradeSecondLook(page);
  await planFromMixUp(page, 'wrote whitebark pine; the tree was limber pine');
  const inIt = page.getByRole('list', { name: 'In this lesson' });
  await expect(inIt).toContainText('whitebark pine for limber pine');
  await expect(inIt.getByRole('button', { name: 'Let go of whitebark pine for limber pine' })).toBeVisible();
});
