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
  const addresses = [page.url()];
  await page.goto(BETWEEN);
  addresses.push(page.url());
  await context.clearCookies();
  const browser = await context.newCDPSession(page);
  for (const { origin } of addresses.map((a) => new URL(a)))
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

interface Phones {
  readonly take: () => Promise<Page>;
  readonly putBack: (phone: Page) => Promise<void>;
}

interface OfATask {
  /** Gives the task another phone, of a student who has used none before. */
  readonly newPhone: () => Promise<Page>;
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
      const idle: Page[] = [];
      await use({
        take: async () => idle.pop() ?? (await open(browser, PHONE, info.project.use)),
        putBack: async (phone) => {
          await clear(phone, PHONE.viewport);
          idle.push(phone);
        },
      });
    },
    { scope: 'worker' },
  ],
  newPhone: async ({ phones }, use) => {
    const used: Page[] = [];
    await use(async () => {
      const phone = await phones.take();
      used.push(phone);
      return phone;
    });
    for (const phone of used) await phones.putBack(phone);
  },
});
