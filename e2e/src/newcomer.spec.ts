import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { sendSetUp, setUp, startEmpty } from './emptyServer.ts';
import type { EmptyServer } from './emptyServer.ts';
import { choose, giveReasons, go } from './steps.ts';
import { test } from './window.ts';

const NAMES = `Pinus ponderosa, 1
Pinus contorta, 1
Pinus monticola, 1
Pinus albicaulis, 1
Pinus flexilis, 1
Pseudotsuga menziesii, 2
Abies grandis, 2
Abies lasiocarpa, 2
Picea engelmannii, 2
Picea pungens, 2
Tsuga heterophylla, 3
Tsuga mertensiana, 3
Larix occidentalis, 3
Larix lyallii, 3
Thuja plicata, 3
Juniperus scopulorum, 4
Taxus brevifolia, 4
Populus tremuloides, 4
Populus trichocarpa, 4
Populus angustifolia, 4
Betula papyrifera, 5
Betula occidentalis, 5
Alnus incana, 5
Salix scouleriana, 5
Salix exigua, 5
Acer glabrum, 6
Acer grandidentatum, 6
Quercus gambelii, 6
Prunus virginiana, 6
Prunus emarginata, 6
Amelanchier alnifolia, 7
Crataegus douglasii, 7
Sorbus scopulina, 7
Sambucus cerulea, 7
Rhus glabra, 7
Fraxinus pennsylvanica, 8
Cornus sericea, 8
Frangula purshiana, 8
Celtis reticulata, 8
Ulmus pumila, 8
Elaeagnus angustifolia, 9
Shepherdia argentea, 9`;

const STATIONS = [
  'Abies grandis',
  'Picea engelmannii',
  'Larix occidentalis',
  'Thuja plicata',
  'Acer glabrum',
  'Quercus gambelii',
  'Cornus sericea',
  'Fraxinus pennsylvanica',
  'Populus tremuloides',
  'Sambucus cerulea',
];

/** Trees that are tagged by hand; the others come by the request the form sends. */
const BY_HAND = 2;

interface Tree {
  readonly site: { readonly id: string };
  readonly reach: unknown;
}

/** Tags the trees of the other stations, at the site and within the reach of the first. */
async function tagLikeTheFirst(page: Page, address: string): Promise<void> {
  const read = async <T>(path: string): Promise<T> =>
    (await (await page.request.get(address + path)).json()) as T;
  const [first] = await read<readonly Tree[]>('/api/trees');
  const taxa = await read<readonly { id: string; scientific: string }[]>('/api/taxa');
  for (const [i, name] of STATIONS.entries()) {
    if (i < BY_HAND) continue;
    const tree = {
      tag: `T${i + 1}`,
      site: first?.site.id,
      taxon: taxa.find((t) => t.scientific === name)?.id,
      reach: first?.reach,
    };
    const answer = await page.request.post(`${address}/api/trees`, {
      headers: { Origin: address },
      data: tree,
    });
    expect([tree.tag, answer.status()]).toEqual([tree.tag, 201]);
  }
}

let server: EmptyServer;
test.beforeAll(async () => {
  server = await startEmpty();
});
test.afterAll(() => server.stop());

test('from an empty folder a newcomer pastes 42 names, records what is asked for, prints a quiz of ten stations and opens it', async ({
  page,
}) => {
  await sendSetUp(page, server, 'WRONGONE');
  await expect(page.getByRole('alert')).toContainText('not the one shown in the terminal');
  await setUp(page, server);
  await page.getByRole('link', { name: 'Paste the names' }).click();
  await page.getByLabel('Name of the list').fill('Forty-two trees');
  await page.getByLabel('Names').fill(NAMES);
  await page.getByRole('button', { name: 'See what the library knows' }).click();
  const found = page.getByRole('region', { name: 'Names found' });
  await expect(found.getByRole('heading')).toHaveText('0 known, 0 misspelled, 42 new');
  await expect(found.getByRole('row', { name: /Quercus gambelii/ })).toContainText(
    'It will start with what is true of all Quercus',
  );
  await page.getByRole('button', { name: 'Create list of 42' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Forty-two trees' })).toBeVisible();

  // Before anything is typed a pasted maple has its arrangement from what ships.
  await page.getByRole('link', { name: /Acer glabrum/ }).click();
  await expect(page.locator('[data-character="leaf.arrangement"]')).toContainText('from Acer');
  await page.goBack();

  await page.getByRole('link', { name: 'what to record next' }).click();
  const status = page.getByRole('status').filter({ hasText: 'pairs are not told apart' });
  await expect(status).toContainText('of 861');
  const open = async (): Promise<number> =>
    Number(/(\d+)\s+of 861/.exec((await status.textContent()) ?? '')?.[1]);
  const asked = page.getByRole('region', { name: 'Worth recording' });
  await expect(asked.locator('[data-write]').first()).toBeVisible();
  const before = await open();
  expect(before).toBeGreaterThan(0);
  const first = asked.locator('.write-line').first();
  const character = await first.getAttribute('data-character');
  const field = first.locator('[data-write]');
  await field.focus();
  // What is asked for is either a state, picked by its first letter, or a range.
  const isState = (await field.getAttribute('role')) === 'combobox';
  if (isState) {
    const vocabulary = (await (await page.request.get(`${server.address}/api/vocabulary`)).json()) as {
      id: string;
      states: { plain: string }[];
    }[];
    const state = vocabulary.find((c) => c.id === character)?.states[0];
    await field.press(state?.plain.charAt(0) ?? '');
    await expect(first.getByRole('option').first()).toBeVisible();
    await field.press('Enter');
  } else await field.fill('40-60 mm');
  await field.press('Enter');
  await expect(first.getByRole('status')).not.toHaveText('saving');
  await expect(asked.locator(`.write-line`).first()).toBeVisible();
  expect(character).not.toBeNull();

  await page.goto(`${server.address}/classes/sections/new`);
  await page.getByLabel('Name', { exact: true }).fill('Evening');
  await page.getByRole('textbox', { name: 'Term' }).fill('Autumn');
  await choose(page, 'List', 'Forty-two trees');
  await choose(page, 'Site', 'Ash Hollow');
  await choose(page, 'Wording', 'technical');
  await page.getByLabel('Student numbers').fill('1-12');
  await page.getByRole('button', { name: 'Create class' }).click();
  await expect(page.getByRole('region', { name: 'Evening' })).toContainText(
    'technical wording · 12 students',
  );

  await go(page, 'Material');
  for (const [i, species] of STATIONS.slice(0, BY_HAND).entries()) {
    await page.getByRole('button', { name: 'Tag a tree' }).first().click();
    await page.getByRole('textbox', { name: 'Tag' }).fill(`T${i + 1}`);
    await choose(page, 'Site', 'Ash Hollow');
    await choose(page, 'Species', species);
    await page.getByRole('button', { name: 'Tag tree' }).click();
    await expect(page.getByRole('cell', { name: `T${i + 1}`, exact: true })).toBeVisible();
  }
  await tagLikeTheFirst(page, server.address);
  // What came by requests is known to a page that is opened again.
  await page.goto(`${server.address}/quizzes`);
  await page.getByRole('button', { name: 'New quiz' }).click();
  await page.getByRole('dialog').getByLabel('Name').fill('First evening');
  await page.getByRole('button', { name: 'Create quiz' }).click();
  await page.getByRole('button', { name: 'Choose one of each species' }).click();
  await page.getByRole('button', { name: `Add ${STATIONS.length} stations` }).click();
  await expect(page.getByRole('region', { name: 'Stations' }).locator('.quiz-station')).toHaveCount(
    STATIONS.length,
  );
  await page.getByRole('button', { name: 'Schedule sitting' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Schedule sitting' }).click();
  await expect(page).toHaveURL(/sittings\/[0-9a-f-]+/);
  await giveReasons(page);
  await page.getByRole('button', { name: 'Open sitting' }).click();
  await expect(page.getByLabel('Join code').last()).toHaveText(/^[a-z]+ [a-z]+ \d{3}$/);
  const id = /sittings\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';
  await page.goto(`${server.address}/print/sittings/${id}/cards`);
  await expect(page.locator('.card')).toHaveCount(10);
  expect((await page.pdf({ format: 'Letter' })).length).toBeGreaterThan(10_000);
});
