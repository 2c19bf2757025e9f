import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { isUnused } from './window.ts';

export async function signIn(page: Page, name: string, passphrase: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Passphrase').fill(passphrase);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Due', exact: true })).toBeVisible();
}

/** Asks the application as a page would, with its session: for what a test stands on and is not about. */
export async function ask<T = unknown>(
  page: Page,
  method: string,
  path: string,
  data?: unknown,
  version?: number,
): Promise<T> {
  const origin = test.info().project.use.baseURL ?? '';
  const answer = await page.request.fetch(path, {
    method,
    headers: { Origin: origin, ...(version === undefined ? {} : { 'If-Match': `"${version}"` }) },
    ...(data === undefined ? {} : { data }),
    // A window keeps its connection longer than the server does, which may close it as the request is sent.
    maxRetries: 2,
  });
  const text = await answer.text();
  if (!answer.ok()) throw new Error(`${method} ${path}: ${text}`);
  return JSON.parse(text === '' ? 'null' : text) as T;
}

/** Signs in as the owner without the door, which other tests go through. No page is opened yet: each costs a second. */
export const signInAsOwner = (page: Page): Promise<unknown> =>
  ask(page, 'POST', '/api/session', { name: 'Odile Marsh', passphrase: 'ledger loop in october' });

/** Where each place is, for a page that is not open yet. */
const PLACES = {
  Due: '/',
  Classes: '/classes',
  Species: '/species',
  Compare: '/compare',
  Quizzes: '/quizzes',
  Material: '/material',
  'Mix-ups': '/mix-ups',
  Reteach: '/reteach',
  Files: '/files',
} as const;

/** Goes to a place by its link; a page that shows nothing yet opens there. */
export async function go(page: Page, place: keyof typeof PLACES): Promise<void> {
  if (isUnused(page)) await page.goto(PLACES[place]);
  else
    await page
      .getByRole('navigation', { name: 'Places' })
      .getByRole('link', { name: place, exact: true })
      .click();
  await expect(page.getByRole('heading', { level: 1, name: place, exact: true })).toBeVisible();
}

/** Goes to a room of the species place, and waits until it is there: a choice on the old page would call the way back. */
export async function speciesRoom(page: Page, name: string): Promise<void> {
  const link = page
    .getByRole('navigation', { name: 'Species and vocabulary' })
    .getByRole('link', { name, exact: true });
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'page');
}

/** Chooses in one of Ant Design's selects by typing. */
export async function choose(page: Page, label: string, text: string): Promise<void> {
  const box = page.getByRole('combobox', { name: label });
  await box.click();
  await box.pressSequentially(text);
  await page.locator('.ant-select-item-option').filter({ hasText: text }).first().click();
}

/** Chooses one of a few by its words, or by its place among them. */
export async function pick(box: Locator, which: string | number): Promise<void> {
  await box.click();
  // Another list may still be closing: only the list of this box counts.
  await expect(box).toHaveAttribute('aria-expanded', 'true');
  const list = await box.getAttribute('aria-controls');
  const page = box.page();
  const open = page.locator('.ant-select-dropdown').filter({ has: page.locator(`[id="${list ?? ''}"]`) });
  const options = open.locator('.ant-select-item-option');
  if (typeof which === 'number') await options.nth(which).click();
  else await open.locator('.ant-select-item-option-content').getByText(which, { exact: true }).click();
  await expect(open).toBeHidden();
}

/** Types a day into a date field and keeps it; the field then shows it in its own words. */
export async function typeDay(box: Locator, day: string): Promise<void> {
  const words = new Date(`${day}T00:00:00Z`).toLocaleDateString('en-US', {
    month: 'short',
    day: 'numeric',
    year: 'numeric',
    timeZone: 'UTC',
  });
  // An Enter that comes before the calendar stands only opens it.
  await box.click();
  await expect(box.page().locator('.ant-picker-dropdown').filter({ visible: true })).toBeVisible();
  await box.fill(day);
  await box.press('Enter');
  await expect(box).toHaveValue(words);
}

/**
 * Reads a page for faults of accessibility. What passes is not written down, which is most of the work on a large table, and no
 * second page is opened to put frames together, of which there are none.
 */
export const accessibility = (page: Page): AxeBuilder =>
  new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });

/** Finds no fault of accessibility on the page. */
export async function noFault(page: Page): Promise<void> {
  const axe = await accessibility(page).analyze();
  expect(axe.violations.map((v) => `${v.id}: ${v.nodes[0]?.html ?? ''}`)).toEqual([]);
}

/** Opens a mix-up of the class by what is said of it, and plans a lesson from it. */
export async function planFromMixUp(page: Page, said: string): Promise<void> {
  await page.goto('/mix-ups');
  const pair = page
    .getByRole('region', { name: 'What to act on' })
    .getByRole('listitem')
    .filter({ hasText: said });
  await pair.getByRole('button', { name: /Open pair/ }).click();
  await page.getByRole('button', { name: 'Plan reteach' }).click();
}

/** Removes the newest lesson of the class shown, so that other tests find it as it was. */
export async function removeNewestLesson(page: Page): Promise<void> {
  const lessons = page.getByRole('region', { name: 'Lessons' });
  const before = await lessons.getByRole('listitem').count();
  await lessons
    .getByRole('button', { name: /^Remove lesson of/ })
    .first()
    .click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove lesson' }).click();
  await expect(lessons.getByRole('listitem')).toHaveCount(before - 1);
}

/** Holds a read back on the next page. @returns what lets it go on. */
export async function holdBack(page: Page, path: string): Promise<() => void> {
  let release = (): void => undefined;
  const held = new Promise<void>((done) => (release = done));
  await page.route(`**${path}`, (route) => held.then(() => route.continue()));
  return release;
}

/** Keeps a picture for the documentation where one is asked for. */
export async function picture(page: Page, name: string): Promise<void> {
  const folder = process.env['HURROW_PICTURES'];
  if (!folder) return;
  // Nothing is shown as pointed at.
  await page.mouse.move(0, 0);
  if (name !== 'mix-ups') await page.evaluate(() => document.querySelector('main')?.scrollTo(0, 0));
  await page.screenshot({ path: join(folder, `${name}.png`) });
}

/** Joins an open sitting on a phone, and stands at its first station. */
export async function joinOnPhone(phone: Page, code: string, number: string): Promise<Page> {
  await phone.goto(`/walk/#${code}`);
  await phone.getByLabel('Student number').fill(number);
  await phone.getByRole('button', { name: 'Join' }).click();
  await phone.getByLabel('Your private word').fill(`brave otter ${number}`);
  await phone.getByRole('button', { name: 'Use this word and join' }).click();
  await expect(phone.getByRole('heading', { name: /Station 1/ })).toBeVisible();
  return phone;
}

/** Makes a quiz of the demo's list, without stations. */
export async function newQuiz(page: Page, name: string): Promise<void> {
  await go(page, 'Quizzes');
  await page.getByRole('button', { name: 'New quiz' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill(name);
  await choose(page, 'List', 'Trees of Quillan Creek');
  await page.getByRole('button', { name: 'Create quiz' }).click();
  await page
    .getByRole('dialog', { name: /Add stations/ })
    .getByRole('button', { name: 'Cancel' })
    .click();
}

/** Adds a station at a tree, with what is asked unless it is changed. */
export async function addStation(page: Page, tree: string): Promise<void> {
  await page.getByRole('button', { name: 'Add station', exact: true }).click();
  await choose(page, 'Tree', tree);
  await page.getByRole('dialog').getByRole('button', { name: 'Add station' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
}

/** Schedules a sitting of the quiz shown, and goes to it. */
export async function schedule(page: Page, section: string): Promise<void> {
  await page.getByRole('button', { name: 'Schedule sitting' }).click();
  await choose(page, 'Class', section);
  await page.getByRole('dialog').getByRole('button', { name: 'Schedule sitting' }).click();
}

/** Says of every unfair station of a draft that it was shown in lab, once all are judged. */
export async function giveReasons(page: Page): Promise<void> {
  // The quiz has stations too and stays drawn for a moment, so that what only a draft shows must be there first.
  await expect(page.getByRole('region', { name: 'Day and handling' })).toBeVisible();
  const stations = page.getByRole('region', { name: 'Stations' });
  await expect(stations.locator('.verdict').first()).toBeVisible();
  await expect(stations.getByText('Checking…')).toHaveCount(0);
  const asked = stations.getByRole('combobox', { name: /^Why station \d+ is used$/ });
  for (let i = 0; i < (await asked.count()); i += 1) {
    await asked.nth(i).click();
    await page.locator('.ant-select-dropdown:visible').getByText('Shown in lab').click();
    await expect(stations.getByRole('textbox', { name: /^Note for station/ })).toHaveCount(i + 1);
  }
}

/** The id of whatever has a name (or a tag) among what an address lists. */
async function idOf(page: Page, path: string, name: string): Promise<string> {
  const rows = await ask<readonly { readonly id: string; readonly name?: string; readonly tag?: string }[]>(
    page,
    'GET',
    path,
  );
  const found = rows.find((r) => (r.name ?? r.tag) === name);
  if (!found) throw new Error(`${path} has no ${name}`);
  return found.id;
}

interface Scheduled {
  readonly id: string;
  readonly version: number;
  readonly stations: readonly { readonly id: string; readonly version: number }[];
}

/**
 * A quiz of one station at a tree of its own, with an open sitting, which is then shown. It comes by requests; other tests make
 * theirs by hand. @returns its join code.
 */
export async function openQuiz(page: Page, name: string, section: string, tree: string): Promise<string> {
  const list = await idOf(page, '/api/lists', 'Trees of Quillan Creek');
  const shown = { material: ['tree', 'twig', 'leaf'], distance: 'hand' };
  const quiz = await ask<{ id: string }>(page, 'POST', '/api/quizzes', { name, list });
  await ask(page, 'POST', `/api/quizzes/${quiz.id}/stations`, {
    individual: await idOf(page, '/api/trees', tree),
    asks: [
      { kind: 'common', points: 2 },
      { kind: 'sureness', points: 0 },
    ],
    ...shown,
  });
  const draft = await ask<Scheduled>(page, 'POST', `/api/quizzes/${quiz.id}/sittings`, {
    section: await idOf(page, '/api/sections', section),
    on: '2026-10-01',
    handling: ['look', 'lens', 'touch'],
  });
  const sitting = `/api/sittings/${draft.id}`;
  for (const s of draft.stations)
    await ask(
      page,
      'PUT',
      `/api/sitting-stations/${s.id}`,
      { ...shown, reason: 'shown_in_lab', reasonNote: null },
      s.version,
    );
  const { version } = await ask<Scheduled>(page, 'GET', sitting);
  const { code } = await ask<{ code: string }>(page, 'POST', `${sitting}/state`, { to: 'open' }, version);
  await page.goto(`/quizzes/${quiz.id}/sittings/${draft.id}`);
  await expect(page.getByLabel('Join code').last()).toHaveText(code);
  return code;
}

/** Closes the open sitting shown, so that it holds back no results of other sittings at the same trees. */
export async function closeSitting(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Close sitting' }).click();
  await expect(page.getByRole('button', { name: 'Grade sitting' })).toBeVisible();
}

interface ListedQuiz {
  readonly id: string;
  readonly name: string;
  readonly sittings: readonly { readonly id: string; readonly state: string }[];
}

/** Sees to it that the demo's third quiz is graded, whether or not another test did. @returns the address of its sitting. */
export async function gradeSecondLook(page: Page): Promise<string> {
  const quizzes = await ask<readonly ListedQuiz[]>(page, 'GET', '/api/quizzes');
  const quiz = quizzes.find((q) => q.name === 'Second look, Ledger Loop');
  const sitting = quiz?.sittings[0];
  if (!quiz || !sitting) throw new Error('The demo has no third quiz');
  if (sitting.state === 'closed') await ask(page, 'POST', `/api/sittings/${sitting.id}/grading-runs`);
  return `/quizzes/${quiz.id}/sittings/${sitting.id}`;
}
