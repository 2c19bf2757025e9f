import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { readPdf } from './pdf.ts';
import { accessibility, ask, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

interface Taxon {
  readonly id: string;
  readonly scientific: string;
  readonly common: string | null;
}
interface Sitting {
  readonly id: string;
  readonly quiz: string;
  readonly version: number;
  readonly people: readonly { readonly student: string; readonly code: string }[];
  readonly stations: readonly {
    readonly id: string;
    readonly version: number;
    readonly material: readonly string[];
    readonly distance: string;
  }[];
}

const STATIONS = 30;
const SIZE = 24;
/** The number of the first student. */
const FIRST = 401;
const POINTS = 2;

/** A quiz of thirty stations at new trees of thirty species, each asking the scientific and the common name. */
async function quizOf(page: Page, species: readonly Taxon[], list: string, site: string): Promise<string> {
  const quiz = await ask<{ id: string; version: number }>(page, 'POST', '/api/quizzes', {
    name: 'Written walk',
    list,
  });
  for (const [i, s] of species.entries()) {
    const tree = await ask<{ id: string }>(page, 'POST', '/api/trees', {
      site,
      tag: `W${String(i + 1).padStart(2, '0')}`,
      taxon: s.id,
      reach: { form: 'hand', bark: 'hand', twig: 'hand', leaf: 'hand', fruit: 'hand' },
    });
    await ask(page, 'POST', `/api/quizzes/${quiz.id}/stations`, {
      individual: tree.id,
      asks: [
        { kind: 'scientific', points: POINTS },
        { kind: 'common', points: POINTS },
      ],
    });
  }
  return quiz.id;
}

/** An open sitting of a new section of 24. */
async function sittingOf(page: Page, quiz: string, list: string, site: string): Promise<Sitting> {
  const section = await ask<{ id: string }>(page, 'POST', '/api/sections', {
    name: `Section ${FIRST}`,
    term: 'Fall 2026',
    list,
    site,
    level: 'general',
    students: Array.from({ length: SIZE }, (_, i) => ({ code: String(FIRST + i) })),
  });
  const draft = await ask<Sitting>(page, 'POST', `/api/quizzes/${quiz}/sittings`, {
    section: section.id,
    on: '2026-10-01',
    handling: ['look'],
  });
  for (const s of draft.stations)
    await ask(
      page,
      'PUT',
      `/api/sitting-stations/${s.id}`,
      { material: s.material, distance: s.distance, reason: 'shown_in_lab', reasonNote: null },
      s.version,
    );
  const { version } = await ask<Sitting>(page, 'GET', `/api/sittings/${draft.id}`);
  await ask(page, 'POST', `/api/sittings/${draft.id}/state`, { to: 'open' }, version);
  return ask<Sitting>(page, 'GET', `/api/sittings/${draft.id}`);
}

/** What stands on a line of a sheet, both names alike. */
type OnLine = 'right' | 'misspelled' | 'blank' | { readonly species: number };

/** Numbers that are the same in every run. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

/** What a student wrote: mostly right, some lines misspelled, blank or another species. */
function sheetOf(next: () => number): OnLine[] {
  return Array.from({ length: STATIONS }, (_, i): OnLine => {
    const x = next();
    if (x < 0.8) return 'right';
    if (x < 0.85) return 'misspelled';
    if (x < 0.9) return 'blank';
    // Never a neighbor of the line, so that no honest sheet looks shifted by chance of the seed.
    return { species: (i + 3 + Math.floor(next() * 20)) % STATIONS };
  });
}

/** Letters come at once, as from a fast hand; every other key is pressed. */
const LETTERS = 'letters ';

/** Keys that enter a line. */
const keysOf = (line: OnLine, letters: readonly string[]): readonly string[] => {
  if (line === 'right') return ['Enter'];
  if (line === 'misspelled') return ['/', '/'];
  if (line === 'blank') return ['-', '-'];
  const typed = [`${LETTERS}${letters[line.species] ?? ''}`, 'Enter'];
  return [...typed, ...typed];
};

/** The total that whoever read the sheet wrote on it in pencil; a misspelled name earns all here. */
const pencilled = (sheet: readonly OnLine[]): number =>
  sheet.filter((l) => l === 'right' || l === 'misspelled').length * 2 * POINTS;

/** The fewest letters that begin one name of a species and no other name of the list; four at least, so that no initials are meant. */
function lettersOf(s: Taxon, list: readonly Taxon[]): string {
  const names = list.flatMap((m) =>
    [m.scientific, m.common ?? m.scientific].map((n) => [m.id, n.toLowerCase()] as const),
  );
  for (let n = 4; ; n += 1)
    for (const name of [s.common ?? s.scientific, s.scientific]) {
      const start = name.toLowerCase().slice(0, n);
      if (names.every(([id, other]) => id === s.id || !other.startsWith(start))) return start;
      if (n > name.length) return name.toLowerCase();
    }
}

async function press(page: Page, keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    if (key.startsWith(LETTERS)) await page.keyboard.insertText(key.slice(LETTERS.length));
    else await page.keyboard.press(key);
  }
}

/** Sheets entered from the first key to the last; the tests of the server enter two whole classes by the same requests. */
const TYPED = 6;

test('sheets are typed with one hand, and a planted fault is found by the total, the second entry or the shift check, none is invented', async ({
  page,
}) => {
  await signInAsOwner(page);
  const lists = await ask<{ id: string; name: string }[]>(page, 'GET', '/api/lists');
  const list = lists.find((l) => l.name === 'Trees of Quillan Creek')?.id ?? '';
  const { members } = await ask<{ members: (Taxon & { rank: string })[] }>(page, 'GET', `/api/lists/${list}`);
  const sites = await ask<{ id: string }[]>(page, 'GET', '/api/sites');
  const site = sites[0]?.id ?? '';
  const named = members.filter(
    (m) => m.rank === 'species' && m.common !== null && !/[×.]/.test(m.scientific),
  );
  const species = named.slice(0, STATIONS);
  expect(species).toHaveLength(STATIONS);
  const quiz = await quizOf(page, species, list, site);
  const letters = species.map((s) => lettersOf(s, members));

  const sitting = await sittingOf(page, quiz, list, site);
  const second = await ask<{ sheets: { student: string }[] }>(
    page,
    'PUT',
    `/api/sittings/${sitting.id}/second-entries`,
    { share: 1 },
  );
  expect(second.sheets).toHaveLength(SIZE);
  const next = numbers(FIRST);
  const typed = sitting.people.slice(0, TYPED);
  const truth = new Map(typed.map((p) => [p.student, sheetOf(next)]));
  const [, total, shifted, differs, alike] = typed;
  if (!shifted || !total || !differs || !alike) throw new Error('Too few sheets');

  const planted = [`shift ${shifted.code}`, `total ${total.code}`, `second ${differs.code}`];
  // A student who left out station 12 and wrote on from there one line too low.
  const off = truth.get(shifted.student) ?? [];
  for (let i = STATIONS - 1; i >= 12; i -= 1) off[i] = { species: i - 1 };
  off[11] = 'blank';
  // Staff take a wrong name for right, and write down another species than stands there.
  const slips = new Map<string, OnLine[]>();
  const overlooked = [...(truth.get(total.student) ?? [])];
  overlooked[6] = overlooked[6] === 'right' ? 'blank' : 'right';
  slips.set(total.student, overlooked);
  (truth.get(differs.student) ?? [])[8] = { species: 20 };
  const other = [...(truth.get(differs.student) ?? [])];
  other[8] = { species: 25 };
  slips.set(differs.student, other);

  const found: string[] = [];
  await page.goto(`/quizzes/${sitting.quiz}/sittings/${sitting.id}/sheets/${typed[0]?.student ?? ''}`);
  for (const p of typed) {
    await expect(page.getByRole('heading', { level: 1, name: `Sheet of number ${p.code}` })).toBeVisible();
    const stands = truth.get(p.student) ?? [];
    await press(
      page,
      (slips.get(p.student) ?? stands).flatMap((l) => keysOf(l, letters)),
    );
    const panel = page.getByRole('region', { name: 'Running total' });
    await expect(panel).toContainText('All entered');
    // The total settles once the last entry is there.
    await expect(page.locator('.sheet')).not.toHaveAttribute('data-sending', 'yes');
    const shown = Number(((await panel.locator('b').textContent()) ?? '').trim());
    if (shown !== pencilled(stands)) found.push(`total ${p.code}`);
    if (await page.getByRole('region', { name: 'Lines that look off' }).isVisible())
      found.push(`shift ${p.code}`);
    if (p === shifted) {
      const faults = await accessibility(page).analyze();
      expect(faults.violations.map((v) => v.id)).toEqual([]);
      await page.getByRole('button', { name: /^Move lines 13 to 30/ }).click();
      await expect(page.getByText('The sheet as written is kept.')).toBeVisible();
      await page.locator('#entry').focus();
    }
    await page.keyboard.press('Enter');
  }

  for (const s of [differs, alike]) {
    await page.goto(`/quizzes/${sitting.quiz}/sittings/${sitting.id}/second/${s.student}`);
    await expect(page.locator('#entry')).toBeFocused();
    // Nothing of the first entry is shown.
    await expect(page.locator('.sheet td.right')).toHaveCount(0);
    await expect(page.locator('.sheet')).not.toContainText('left blank');
    await press(
      page,
      (truth.get(s.student) ?? []).flatMap((l) => keysOf(l, letters)),
    );
    await page.getByRole('button', { name: 'Save second entry' }).click();
    await expect(page.getByRole('list', { name: 'Sheets entered twice' })).toBeVisible();
  }
  const seconds = await ask<{ sheets: { code: string; differences: unknown[] }[] }>(
    page,
    'GET',
    `/api/sittings/${sitting.id}/second-entries`,
  );
  for (const s of seconds.sheets) if (s.differences.length > 0) found.push(`second ${s.code}`);
  expect([...found].sort()).toEqual([...planted].sort());
  await picture(page, 'paper');

  // The answer sheets of thirty stations: a page for each student, room for a pencil, starts of their own.
  await page.goto(`/print/sittings/${sitting.id}/answer-sheets`);
  await expect(page.locator('.answer-sheet')).toHaveCount(SIZE + 2);
  const pdf = readPdf(await page.pdf({ preferCSSPageSize: true }));
  try {
    expect(pdf.pages).toHaveLength(SIZE + 2);
    const words = pdf.pages[0] ?? [];
    const text = words.map((w) => w.text).join(' ');
    expect(text).toContain('Written walk');
    expect(text).toContain(`Number ${FIRST}`);
    expect(text).toContain('Start at station 1');
    for (const s of species) expect(text).not.toContain(s.scientific);
    const tops = ['1', '2', '3'].map(
      (n) => words.find((w) => w.text === n && w.left < 80 && w.top > 90)?.top ?? 0,
    );
    // Three eighths of an inch between lines, in points.
    expect((tops[1] ?? 0) - (tops[0] ?? 0)).toBeGreaterThanOrEqual(26.9);
    for (const w of words) expect([w.text, w.bottom - w.top >= 9.4]).toEqual([w.text, true]);
    const starts = pdf.pages.map((p) => /station (\d+)/.exec(p.map((w) => w.text).join(' '))?.[1]);
    expect(new Set(starts.filter(Boolean)).size).toBe(SIZE);
  } finally {
    pdf.close();
  }
});
