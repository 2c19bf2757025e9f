import { test as base } from '@playwright/test';
import type { Browser, BrowserContextOptions, Page, ViewportSize, WorkerInfo } from '@playwright/test';

type Settings = WorkerInfo['project']['use'];

const DESK: ViewportSize = { width: 1280, height: 800 };
/** The phone of a student. */
export const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true } as const;
/**
 * What the window shows between two tasks: a picture that comes with the headers of the application's pages. A page without them, or
 * of another origin, would get a process of its own, and the next page again.
 */
const BETWEEN = '/mark.svg';

/** Whether a task has opened no page yet. */
export const isUnused = (page: Page): boolean => page.url() === 'about:blank' || page.url().endsWith(BETWEEN);

/** Leaves a page as a new one is: no cookie, nothing kept, no other page, no route, and the size it came with. */
export async function clear(page: Page, size: ViewportSize = DESK): Promise<void> {
  const context = page.context();
  for (const other of context.pages()) if (other !== page) await other.close();
  page.removeAllListeners();
  await page.unrouteAll();
  await context.setOffline(false);
  await page.setViewportSize(size);
  const origins = new Set([new URL(page.url()).origin]);
  await page.goto(BETWEEN);
  origins.add(new URL(page.url()).origin);
  await context.clearCookies();
  const browser = await context.newCDPSession(page);
  for (const origin of origins)
    await browser.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await browser.detach();
}

async function open(browser: Browser, device: BrowserContextOptions, settings: Settings): Promise<Page> {
  const { actionTimeout, baseURL, navigationTimeout } = settings;
  const context = await browser.newContext({ ...device, ...(baseURL === undefined ? {} : { baseURL }) });
  context.setDefaultTimeout(actionTimeout ?? 0);
  context.setDefaultNavigationTimeout(navigationTimeout ?? 0);
  const page = await context.newPage();
  await page.goto(BETWEEN);
  return page;
}

/**
 * Whether a phone keeps the application, so that it opens without a network. Keeping it again for each student is a sixth of what a
 * task with phones takes, so only those that reload without a network ask for it.
 */
export type Keeping = 'keeps nothing' | 'keeps the application';

interface Phones {
  readonly take: (keeping: Keeping) => Promise<Page>;
  readonly putBack: (phone: Page, keeping: Keeping) => Promise<void>;
}

interface OfATask {
  /** Gives the task another phone, of a student who has used none before. */
  readonly newPhone: (keeping?: Keeping) => Promise<Page>;
}

interface OfAProcess {
  readonly window: Page;
  readonly phones: Phones;
}

/**
 * The test of all tasks. A browser takes more to open a window and to read the application's scripts in it than most tasks take, so
 * every task of a process gets the same one, cleared after the task before; its phones likewise. After a failure the process is
 * another, with windows of its own.
 */
export const test = base.extend<OfATask, OfAProcess>({
  window: [
    async ({ browser }, use, info) => {
      const page = await open(browser, { viewport: DESK }, info.project.use);
      await use(page);
      await page.context().close();
    },
    { scope: 'worker' },
  ],
  page: async ({ window }, use) => {
    await use(window);
    await clear(window);
  },
  phones: [
    async ({ browser }, use, info) => {
      const idle: Readonly<Record<Keeping, Page[]>> = { 'keeps nothing': [], 'keeps the application': [] };
      const device = (keeping: Keeping): BrowserContextOptions => ({
        ...PHONE,
        serviceWorkers: keeping === 'keeps nothing' ? 'block' : 'allow',
      });
      await use({
        take: async (keeping) =>
          idle[keeping].pop() ?? (await open(browser, device(keeping), info.project.use)),
        putBack: async (phone, keeping) => {
          await clear(phone, PHONE.viewport);
          idle[keeping].push(phone);
        },
      });
    },
    { scope: 'worker' },
  ],
  newPhone: async ({ phones }, use) => {
    const used: (readonly [Page, Keeping])[] = [];
    await use(async (keeping = 'keeps nothing') => {
      const phone = await phones.take(keeping);
      used.push([phone, keeping]);
      return phone;
    });
    for (const [phone, keeping] of used) await phones.putBack(phone, keeping);
  },
});
