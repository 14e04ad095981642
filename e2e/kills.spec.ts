import { chromium, test as base, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { longLog } from '../demo/longLog';
import { writeBundle } from '../src/formats/bundle';
import { launchOptions, ORIGIN } from './browser';
import { expect, open, startTouchUp } from './fixtures';

/** Browsers that are killed in each kind of work; more of them by KILLS=20. */
const KILLS = Number(process.env.KILLS ?? 1);
/** Work goes on for up to so long (ms) before the kill. */
const LONGEST_MS = 2500;

/** One browser of its own that dies at a random moment, and comes back on what it has left behind. */
async function killedDuring(
  begin: (page: Page) => Promise<void>,
  /** Works on until it is killed, and calls `saved` with whatever the screen says is saved. */
  work: (page: Page, saved: (what: string) => void) => Promise<void>,
  after: (page: Page, saved: string | null) => Promise<void>,
  waitMs: number,
): Promise<void> {
  const profile = mkdtempSync(join(tmpdir(), 'open-trail-'));
  const options = { ...launchOptions, baseURL: ORIGIN, viewport: { width: 1280, height: 800 } };
  try {
    const first = await chromium.launchPersistentContext(profile, options);
    const page = first.pages()[0]!;
    await begin(page);
    let saved: string | null = null;
    const working = work(page, (what) => (saved = what)).catch(() => {});
    await new Promise((resolve) => setTimeout(resolve, waitMs));
    execFileSync('pkill', ['-9', '-f', profile]);
    await working;
    const second: BrowserContext = await chromium.launchPersistentContext(profile, options);
    await after(second.pages()[0]!, saved);
    await second.close();
  } finally {
    // A browser that was killed may still be letting go of its files.
    rmSync(profile, { recursive: true, force: true, maxRetries: 10, retryDelay: 300 });
  }
}

const times = Array.from({ length: KILLS }, (_, i) => i + 1);
const someTime = (least = 100): number => least + Math.random() * LONGEST_MS;

base.describe('a browser that is killed', () => {
  for (const i of times) {
    base(`while strokes are counted loses none that was shown as saved, ${i}`, async () => {
      let guide = '';
      await killedDuring(
        async (page) => {
          await startTouchUp(page, 'wren');
          guide = page.url();
        },
        async (page, saved) => {
          for (;;) {
            await page.keyboard.press('Space');
            const shown = await page.evaluate(() => ({
              count: document.querySelector('[data-testid=count]')!.textContent,
              word: document.querySelector('[data-testid=saved]')!.textContent,
            }));
            if (shown.word === 'saved') saved(shown.count);
          }
        },
        async (page, saved) => {
          await page.goto(guide);
          await expect(page.getByTestId('count')).toBeVisible();
          expect(Number(await page.getByTestId('count').innerText())).toBeGreaterThanOrEqual(
            Number(saved ?? 0),
          );
        },
        someTime(),
      );
    });

    base(`while a trip is painted loses no hour that was shown as saved, ${i}`, async () => {
      const cell = (page: Page) =>
        page.getByRole('button', { name: /^Old Hob, \w+ \d+: / }).first();
      const hoursOf = (label: string | null): number =>
        Number(/chop ([\d.]+)/.exec(label ?? '')?.[1] ?? 0);
      await killedDuring(
        async (page) => {
          await open(page, '/trip');
          await page.getByRole('button', { name: 'chop', exact: true }).click();
          await cell(page).focus();
        },
        async (page, saved) => {
          const own = (await cell(page).elementHandle())!;
          // Every tap is an hour more.
          for (;;) {
            await cell(page).click();
            const shown = await own.evaluate((element) => ({
              label: element.getAttribute('aria-label'),
              word: document.querySelector('[data-testid=saved]')!.textContent,
            }));
            if (shown.word === 'saved') saved(String(hoursOf(shown.label)));
          }
        },
        async (page, saved) => {
          await open(page, '/trip');
          await expect(cell(page)).toBeVisible();
          const now = hoursOf(await cell(page).getAttribute('aria-label'));
          expect(now).toBeGreaterThanOrEqual(Number(saved ?? 0));
        },
        someTime(),
      );
    });

    base(`as a look is noted loses none that was said to be noted, ${i}`, async () => {
      await killedDuring(
        async (page) => {
          await open(page, '/inspect?tool=old-hob');
          await page.getByTestId('strip').click({ position: { x: 500, y: 30 } });
          await page.getByRole('button', { name: '0.8 mm', exact: true }).click();
          await page.getByRole('button', { name: 'Done' }).click();
        },
        async (page, saved) => {
          await page.getByRole('button', { name: 'Save the look' }).click();
          await page.getByText('The look is saved').waitFor();
          saved('noted');
        },
        async (page, saved) => {
          await open(page, '/inspect?tool=old-hob');
          const chips = page.getByRole('button', { name: /0\.8 mm/ }).first();
          if (saved) await expect(chips).toBeVisible();
        },
        someTime(0) / 3,
      );
    });

    base(`as a form is saved loses none that was said to be saved, ${i}`, async () => {
      await killedDuring(
        async (page) => {
          await open(page, '/tool?id=wren');
          await page.getByLabel('Blade width').fill('31');
        },
        async (page, saved) => {
          await page.getByRole('button', { name: 'Save', exact: true }).click();
          await page.getByText('Wren is saved.').waitFor();
          saved('31');
        },
        async (page, saved) => {
          await open(page, '/tool?id=wren');
          // Saved or not, what was typed is there.
          await expect(page.getByLabel('Blade width')).toHaveValue(saved ? '31' : /^\d+$/);
        },
        someTime(0) / 3,
      );
    });

    base(`as a file comes in has all of it or nothing, ${i}`, async () => {
      const records = longLog({ tools: 8, sessions: 600 });
      const text = writeBundle(records, '2026-11-25T10:00:00.000Z');
      const count = async (page: Page): Promise<number> =>
        Number((await page.getByRole('row', { name: /^touch-ups/ }).innerText()).match(/\d+$/)![0]);
      let before = 0;
      await killedDuring(
        async (page) => {
          await open(page, '/data');
          await expect(page.getByRole('row', { name: /^touch-ups \d/ })).toBeVisible();
          before = await count(page);
        },
        async (page, saved) => {
          await page.getByLabel('File to import').setInputFiles({
            name: 'years.json',
            mimeType: 'application/json',
            buffer: Buffer.from(text),
          });
          await page.getByText('years.json is brought in').waitFor();
          saved('in');
        },
        async (page, saved) => {
          await open(page, '/data');
          await expect(page.getByRole('row', { name: /^touch-ups \d/ })).toBeVisible();
          const now = await count(page);
          expect([before, before + records.sessions.length]).toContain(now);
          if (saved) expect(now).toBe(before + records.sessions.length);
        },
        someTime(300) * 2,
      );
    });
  }
});
