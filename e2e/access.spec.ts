import { readdirSync } from 'node:fs';
import { dirname } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, open, SCREENS, startTouchUp, test, waitUntilPlanned } from './fixtures';

const AXE_TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

const WIDTHS = { wide: { width: 1280, height: 800 }, phone: { width: 360, height: 740 } };

/** A theme changes colours alone: the other rules are checked by day. */
const OF_COLOUR = ['color-contrast', 'link-in-text-block'];
const THEMES = ['ember', 'sun', 'day'] as const;

test('every page of the application is among those that are checked', () => {
  const pages = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith('page.tsx'))
    .map((path) => `/${dirname(path) === '.' ? '' : dirname(path)}`);
  const checked = new Set([...SCREENS, ...IN_MID_WORK].map((path) => path.split('?')[0]));
  expect(pages.filter((path) => !checked.has(path))).toEqual([]);
});

/** Pages that want a touch-up or a look first: reached by doing one. */
const IN_MID_WORK = ['/touch-up/guide', '/touch-up/after', '/log/look'];

for (const [name, viewport] of Object.entries(WIDTHS)) {
  test(`no screen breaks an accessibility rule by day, by the fire and in the sun, ${name}`, async ({
    page,
  }) => {
    await page.setViewportSize(viewport);
    const findings: string[] = [];
    const note = async (what: string, runOnly: string[]): Promise<void> => {
      // In one pass, as no screen holds a frame; what is in order is not listed.
      const axe = new AxeBuilder({ page }).setLegacyMode(true);
      const { violations } = await axe.options({ runOnly, resultTypes: ['violations'] }).analyze();
      for (const { id, nodes } of violations) {
        findings.push(`${what}: ${id} at ${nodes.map((n) => n.target.join(' ')).join(', ')}`);
      }
    };
    const check = async (what: string): Promise<void> => {
      // What a bar half covers comes out from under it as one scrolls: no fault of the thing beneath.
      await page.addStyleTag({ content: '.sticky { position: static !important; }' });
      await note(what, AXE_TAGS);
      for (const theme of THEMES) {
        await page.evaluate((own) => (document.documentElement.dataset.theme = own), theme);
        if (theme === 'day') continue;
        await note(`${what}, ${theme}`, OF_COLOUR);
      }
    };
    for (const path of SCREENS) {
      await open(page, path);
      if (path === '/kit') await waitUntilPlanned(page);
      await check(path);
    }
    await checkInMidWork(page, check);
    expect(findings).toEqual([]);
  });
}

/** The guide in mid-step and its panels, what comes after, a look, and what opens over a screen. */
async function checkInMidWork(page: Page, check: (what: string) => Promise<void>): Promise<void> {
  await startTouchUp(page, 'wren');
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Space');
  await check('guide');
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await check('test in the guide');
  await page.getByRole('button', { name: 'Finish here' }).click();
  await check('finish');
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/log\/entry/);
  const session = new URL(page.url()).searchParams.get('id')!;
  await open(page, `/touch-up/after?session=${session}`);
  await check('after work');
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Edit pocket plate' }).click();
  await check('dialog');
  await page.keyboard.press('Escape');
  await page.keyboard.press('f');
  await page.getByRole('combobox', { name: /^A tool, a thing/ }).fill('burr');
  await expect(page.getByRole('option').first()).toBeVisible();
  await check('search');
  await page.keyboard.press('Escape');
  await open(page, '/tool?id=wren');
  const fold = page.getByRole('button', { name: 'Section, and how to hold it' });
  if (await fold.isVisible()) await fold.click();
  await page.getByRole('button', { name: 'Apex radius' }).first().click();
  await expect(page.getByRole('dialog', { name: /radius/ })).toBeVisible();
  await check('a word');
}

test('a touch-up can be done from the keyboard alone', async ({ page }) => {
  await open(page, '/');
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { level: 1, name: 'Touch-up' })).toBeVisible();
  const focusOn = async (name: RegExp): Promise<void> => {
    for (let i = 0; i < 60; i += 1) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(() => {
        const element = document.activeElement!;
        return element.getAttribute('aria-label') ?? element.textContent ?? '';
      });
      if (name.test(label)) return;
    }
    throw new Error(`${name} cannot be reached by Tab`);
  };
  await focusOn(/^Wren/);
  await page.keyboard.press('Enter');
  await focusOn(/^Start the touch-up/);
  await page.keyboard.press('Enter');
  const count = page.getByTestId('count');
  await expect(count).toHaveText('0');
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Space');
  await page.keyboard.press('z');
  await expect(count).toHaveText('4');
  await page.keyboard.press('t');
  await expect(page.getByText('right side up')).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByText('paused')).toBeVisible();
  await page.keyboard.press('n');
  // The first stone asks before it is left.
  await focusOn(/^Leave it all the same/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('step 2 of 2')).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByText('step 1 of 2')).toBeVisible();
  // A press belongs to the step it was made on: a second one waits until the next step stands.
  await page.keyboard.press('n');
  await expect(page.getByText('step 2 of 2')).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Finish' })).toBeVisible();
  await focusOn(/^shaves/);
  await page.keyboard.press('Enter');
  await focusOn(/^Write it into the log/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/log\/entry/);
});

test('single keys can be switched off', async ({ page }) => {
  await open(page, '/');
  await page.keyboard.press('?');
  await page.getByLabel('Single keys work outside of fields').uncheck();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('every screen fits a phone and a thumb, and 320 px with text spaced for a reader', async ({
    page,
  }) => {
    const found: string[] = [];
    for (const path of SCREENS) {
      await page.setViewportSize({ width: 360, height: 740 });
      await open(page, path);
      const told = [...(await page.evaluate(lowTargetsAndJumps)), ...(await tooWide(page))];
      await page.setViewportSize({ width: 320, height: 640 });
      // The text spacing of WCAG 1.4.12.
      await page.addStyleTag({
        content:
          '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; }',
      });
      told.push(...(await tooWide(page)));
      found.push(...told.map((words) => `${path}: ${words}`));
    }
    expect(found).toEqual([]);
  });

  test('the posts for outdoors stand, the rest hang on one more', async ({ page }) => {
    await open(page, '/');
    const posts = page.getByRole('navigation', { name: 'Screens' });
    await expect(posts.getByRole('link')).toHaveText([
      'Rack',
      'Inspect',
      'Touch-up',
      'Trip',
      'Kit',
    ]);
    await posts.getByText('More').tap();
    await posts.getByRole('link', { name: 'Log' }).tap();
    await expect(page.getByText(/^38 entries, /)).toBeVisible();
    await expect(posts.getByRole('link', { name: 'Data' })).toBeHidden();
    const head = await page.locator('header').boundingBox();
    expect(head!.height).toBeLessThanOrEqual(100);
  });

  test('the count takes most of the screen and every tap', async ({ page }) => {
    await startTouchUp(page, 'wren');
    const counter = page.getByRole('button', { name: /^Count a stroke/ });
    const box = (await counter.boundingBox())!;
    expect(box.height * box.width).toBeGreaterThan(0.4 * 360 * 740);
    for (let i = 0; i < 12; i += 1) await counter.tap({ position: { x: 40 + i * 10, y: 60 } });
    await expect(page.getByTestId('count')).toHaveText('12');
    for (const name of ['Back one', 'Pause', 'Test', 'Turn it over', 'Next step']) {
      const button = (await page.getByRole('button', { name, exact: true }).boundingBox())!;
      expect(button.height).toBeGreaterThanOrEqual(48);
      expect(button.y + button.height).toBeLessThanOrEqual(740);
    }
  });
});

/** By how much the page is wider than its window; empty where it is not. */
async function tooWide(page: Page): Promise<string[]> {
  const overPx = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  return overPx > 0 ? [`${overPx} px wider than ${page.viewportSize()!.width}`] : [];
}

/** Targets lower than 48 px, but marks of a drawing and words within a sentence; and headings out of order. */
function lowTargetsAndJumps(): string[] {
  const found: string[] = [];
  const asked = 'a, button, summary, input, select, textarea';
  for (const element of document.querySelectorAll<HTMLElement>(asked)) {
    if (element.closest('svg, .term, .sr-only, .word-panel, dialog:not([open])')) continue;
    const room = element.closest('label') ?? element.closest('.input') ?? element;
    const { width, height } = room.getBoundingClientRect();
    if (width === 0 || height === 0 || height >= 47.5) continue;
    if (getComputedStyle(element).visibility === 'hidden') continue;
    found.push(`${Math.round(height)} px: ${element.textContent || element.ariaLabel}`);
  }
  const levels = [...document.querySelectorAll<HTMLElement>('main :is(h1, h2, h3, h4)')]
    .filter((heading) => heading.checkVisibility())
    .map(({ tagName }) => Number(tagName[1]));
  levels.forEach((level, i) => {
    if (i > 0 && level - levels[i - 1]! > 1) found.push(`h${level} after h${levels[i - 1]}`);
  });
  return found;
}
