import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { contrastOf, longestRun, readPdf } from './pdf.ts';
import type { ReadPdf, Word } from './pdf.ts';
import { go, holdBack, picture, signInAsOwner } from './steps.ts';
import { test } from './window.ts';

const text = (page: readonly Word[]): string => page.map((w) => w.text).join(' ');
const MM = 72 / 25.4;

/** Waits until all that is known is drawn. */
const drawn = (page: Page): Promise<unknown> =>
  page.evaluate(() => new Promise((go) => requestAnimationFrame(() => requestAnimationFrame(go))));

async function printed(page: Page): Promise<ReadPdf> {
  await expect(page.locator('p.no-print.quiet')).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  // The last step of fitting a page ends with a frame.
  await drawn(page);
  return readPdf(await page.pdf({ format: 'Letter', preferCSSPageSize: true }));
}

/** The printed length of the scale bar beside its words, mm. */
function barOf(pdf: ReadPdf, page: number): number {
  const words = pdf.pages[page - 1] ?? [];
  const at = words.findIndex((w, i) => /^(in|ft|cm|mm);$/.test(w.text) && words[i + 1]?.text === 'leaf,');
  const number = words[at - 1];
  if (!number) throw new Error(`No scale bar on page ${page}`);
  const dpi = 600;
  const grey = pdf.drawn(page, dpi);
  const px = (pt: number): number => Math.round((pt * dpi) / 72);
  let best = { length: 0, from: 0, y: 0 };
  for (let y = px(number.top); y <= px(number.bottom) + px(2); y += 1) {
    const run = longestRun(grey, y, 0, px(number.left));
    if (run.length > best.length) best = { ...run, y };
  }
  // The marks at its ends have a width of their own: the bar goes from the middle of one to the middle of the other.
  const mark = longestRun(grey, best.y - px(1.2), best.from - 4, best.from + px(3));
  expect(mark.length).toBeGreaterThan(0);
  return ((best.length - mark.length) / dpi) * 25.4;
}

test('a list of twelve is a booklet: contents and twelve pages, no block split, nothing left hanging', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Classes');
  await page.getByRole('link', { name: 'First trees, youth group' }).first().click();
  const booklet = page.getByRole('link', { name: 'a booklet' });
  await expect(booklet).toBeVisible();
  // Nothing is drawn, and nothing said to be, until the place is known whose seasons and map a page shows.
  const release = await holdBack(page, '/api/sightings');
  let read = 0;
  page.on('response', (r) => (read += /\/api\/species\/[^/]+$/.test(r.url()) ? 1 : 0));
  await page.reload();
  await booklet.click();
  await expect.poll(() => read).toBe(12);
  await drawn(page);
  await expect(page.locator('main').getByRole('status')).toHaveText('Reading…');
  await expect(page.locator('.species-sheet')).toHaveCount(0);
  release();
  for (const audience of ['young people', 'general readers', 'technical wording']) {
    await page.getByLabel(audience).click();
    await expect(page.getByLabel(audience)).toBeChecked();
    const pdf = await printed(page);
    try {
      const names = await page
        .locator('.species-sheet')
        .evaluateAll((all) => all.map((a) => (a as HTMLElement).dataset['species'] ?? ''));
      expect(names).toHaveLength(12);
      expect(pdf.pages).toHaveLength(13);
      for (const [i, name] of names.entries()) {
        const words = text(pdf.pages[i + 1] ?? []);
        const order = [
          name,
          'What to look at',
          'Look-alikes',
          'Jan',
          `First trees, youth group, page ${i + 1}`,
        ];
        for (const block of order) expect(`${name}: ${words}`).toContain(block);
        // The year and the foot stand below everything else: no column runs into them.
        const of = (word: string) => (pdf.pages[i + 1] ?? []).filter((w) => w.text === word);
        const year = of('Jan').at(-1)?.top ?? 0;
        const foot = of('First').at(-1)?.top ?? 0;
        const between = (pdf.pages[i + 1] ?? []).filter((w) => w.top > year + 30 && w.bottom < foot - 26);
        expect([name, between.map((w) => w.text)]).toEqual([name, []]);
      }
    } finally {
      pdf.close();
    }
  }
});

test('one species on one page: scale bar true to a hundredth, cautions there, legible in grey at seven tenths', async ({
  page,
}) => {
  await signInAsOwner(page);
  await go(page, 'Species');
  await page.getByRole('link', { name: 'Prunus virginiana' }).click();
  await page.getByRole('link', { name: 'Print species sheet' }).click();
  const pdf = await printed(page);
  try {
    expect(pdf.pages).toHaveLength(1);
    const words = pdf.pages[0] ?? [];
    expect(text(words)).toContain('Caution: poisonous.');
    const bar = Number(await page.locator('[data-bar]').getAttribute('data-bar'));
    const measured = barOf(pdf, 1);
    expect(Math.abs(measured - bar) / bar).toBeLessThan(0.01);
    const dpi = 300 * 0.7;
    const grey = pdf.drawn(1, dpi);
    for (const w of words) {
      const { dark, light } = contrastOf(grey, w, dpi);
      // Dark on light, and seven tenths of its height still taller than five points.
      expect([w.text, dark < 110, light > 190]).toEqual([w.text, true, true]);
      expect([w.text, (w.bottom - w.top) * 0.7 > 5]).toEqual([w.text, true]);
    }
    // Everything stands within the margins of a letter page.
    expect(Math.min(...words.map((w) => w.left))).toBeGreaterThan(10 * MM);
    expect(Math.max(...words.map((w) => w.right))).toBeLessThan(612 - 10 * MM);
    await page.setViewportSize({ width: 900, height: 1150 });
    await picture(page, 'species-sheet');
  } finally {
    pdf.close();
  }
});
