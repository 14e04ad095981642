import {
  test as base,
  expect,
  type BrowserContext,
  type Locator,
  type Page,
} from '@playwright/test';
import { differenceInCalendarDays } from 'date-fns';
import { STATED_DAY, standAt } from '../src/testing/statedDay';
import { ORIGIN } from './browser';

/**
 * Every test stands on a stated day and listens to its browser: no error in the console, not one
 * request to elsewhere.
 */

interface Watch {
  problems: string[];
}

export function watch(context: BrowserContext): Watch {
  const problems: string[] = [];
  context.on('request', (request) => {
    const url = request.url();
    if (!url.startsWith(ORIGIN) && !/^(data|blob):/.test(url)) problems.push(`request to ${url}`);
  });
  context.on('console', (message) => {
    if (message.type() === 'error')
      problems.push(`console: ${message.text()} ${message.location().url}`);
  });
  context.on('weberror', (error) => problems.push(`error: ${error.error().message}`));
  return { problems };
}

export const test = base.extend<{ day: string; standing: void; watched: Watch }>({
  /** The moment at which the browser's clock stands when the test begins. */
  day: [STATED_DAY, { option: true }],
  standing: [
    async ({ context, day }, use) => {
      // A page that is opened later stands later by what has passed.
      await standLaterBy(context, Date.parse(day) - Date.now());
      await use();
    },
    { auto: true },
  ],
  watched: [
    async ({ context }, use) => {
      const watched = watch(context);
      await use(watched);
      expect(watched.problems).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

export const SCREENS = [
  '/',
  '/tool?id=wren',
  '/inspect',
  '/inspect?tool=old-hob',
  '/shelf',
  '/touch-up',
  '/touch-up?tool=old-hob',
  '/touch-up?tool=crook&job=thin',
  '/touch-up?tool=wren&job=upkeep',
  '/touch-up?tool=bracken&job=spine',
  '/touch-up?tool=plover&job=angle&grind=as+it+is&angle=20',
  '/trip',
  '/trip/back?trip=osier-cut',
  '/kit',
  '/kit/card?trip=tarrow-ness',
  '/care',
  '/log',
  '/log/entry?id=entry-15',
  '/log/answers',
  '/log/compare?a=entry-15&b=entry-1',
  '/log/taught',
  '/log/write',
  '/data',
  '/data/bin',
  '/lay-out',
  '/touch-up/first?tool=wren',
  '/lab',
  '/lab?tool=wren&ask=low-high',
  '/lab?tool=wren&ask=wear',
  '/lab?tool=old-hob&ask=steps',
  '/words?word=burr',
  '/measure/angle?tool=wren',
  '/measure/hold?tool=wren',
  '/measure/photo?tool=wren',
];

/** Opens a screen and waits until it shows its heading; what the one before has changed is on the disk by then. */
export async function open(page: Page, path: string): Promise<void> {
  if (page.url().startsWith(ORIGIN)) await untilStored(page);
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

/** Takes back what the notice with these words tells of: of several, the newest covers the others. */
export async function undo(page: Page, words: string): Promise<void> {
  const told = page.getByRole('listitem').filter({ hasText: words });
  await told.getByRole('button', { name: 'Undo' }).click();
}

/**
 * Waits until everything that was changed so far is on the disk: screens show a change at once, and
 * a page that is left in the same instant takes it along. Reads wait for the writes before them.
 */
export async function untilStored(page: Page): Promise<void> {
  await page.evaluate(async () => {
    const all = await indexedDB.databases();
    if (!all.some(({ name }) => name === 'open-trail')) return;
    await new Promise<void>((resolve, reject) => {
      const request = indexedDB.open('open-trail');
      request.onerror = () => reject(request.error);
      request.onsuccess = () => {
        const database = request.result;
        const stores = [...database.objectStoreNames];
        const transaction = database.transaction(stores);
        transaction.oncomplete = () => {
          database.close();
          resolve();
        };
        transaction.objectStore(stores[0]!).count();
      };
    });
  });
}

/** Plans a touch-up of a zone and starts it; returns when the counter stands at 0. */
export async function startTouchUp(page: Page, tool: string): Promise<void> {
  await open(page, `/touch-up?tool=${tool}`);
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByTestId('count')).toHaveText('0');
}

/** Presses the way to the next step, or to the end, and answers the question that may be asked before. */
export async function leaveStep(
  page: Page,
  name: 'Next step' | 'Finish' = 'Next step',
): Promise<void> {
  const before = await stepWords(page).innerText();
  await page.getByRole('button', { name, exact: true }).click();
  const asked = await askedOnLeaving(page, before);
  if (asked) await asked.click();
}

function stepWords(page: Page): Locator {
  return page.getByText(/^step \d+ of \d+/).first();
}

/** Waits until the step is left or a question is asked before it is: the answer that leaves it all the same. */
export async function askedOnLeaving(page: Page, before: string): Promise<Locator | null> {
  const asked = page.getByRole('button', { name: /^(Leave it all the same|All there)/ });
  const finish = page.getByRole('heading', { name: 'Finish', exact: true });
  await expect
    .poll(
      async () =>
        (await asked.isVisible()) ||
        (await finish.isVisible()) ||
        !(await stepWords(page).isVisible()) ||
        (await stepWords(page).innerText()) !== before,
    )
    .toBe(true);
  return (await asked.isVisible()) ? asked : null;
}

export async function waitUntilPlanned(page: Page): Promise<void> {
  await expect(page.getByTestId('kit-grams')).toBeVisible();
}

/** Pages that are opened from now on stand so much later. */
const standLaterBy = (context: BrowserContext, laterMs: number): Promise<unknown> =>
  context.addInitScript(`(${standAt})(Date.now() + ${laterMs})`);

/**
 * Pages that are opened from now on stand at an hour so many days after the day on which this one stands.
 * (Playwright's own clock moves `performance.now` along with the date, and timers fail after 24 days.)
 */
export async function standLater(page: Page, days: number, hour: number): Promise<void> {
  const laterMs = await page.evaluate(
    ([later, hours]) => {
      const then = new Date();
      then.setDate(then.getDate() + later);
      return then.setHours(hours, 5, 0, 0) - Date.now();
    },
    [days, hour] as const,
  );
  await standLaterBy(page.context(), laterMs);
}

/** A day so many days after the page's own, as the application writes it. */
export const dayAfter = (
  page: Page,
  days: number,
  shape: Intl.DateTimeFormatOptions = { day: 'numeric', month: 'short', year: 'numeric' },
): Promise<string> =>
  page.evaluate(
    ([later, given]) => {
      const then = new Date();
      then.setDate(then.getDate() + later);
      return then.toLocaleDateString('en-GB', given);
    },
    [days, shape] as const,
  );

/** The same as a field for days takes it: 2026-10-24. */
export const fieldDayAfter = (page: Page, days: number): Promise<string> =>
  page.evaluate((later) => {
    const then = new Date();
    then.setDate(then.getDate() + later);
    return then.toLocaleDateString('sv-SE');
  }, days);

/** A day of the sample as its script writes it, on the page's own clock. */
export function sampleDay(page: Page, written: string): Promise<string> {
  return dayAfter(page, differenceInCalendarDays(written, '2026-11-23'));
}

/** Says that the page is hidden, as a browser does when another tab or program comes before it; or in front again. */
export async function hide(page: Page, hidden = true): Promise<void> {
  await page.evaluate((value) => {
    Object.defineProperty(document, 'hidden', { configurable: true, value });
    document.dispatchEvent(new Event('visibilitychange'));
  }, hidden);
}
