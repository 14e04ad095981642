import { chromium, type Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchOptions, ORIGIN } from './browser';
import { expect, open, SCREENS, test, waitUntilPlanned, watch } from './fixtures';

/** Resolves when the service worker holds the whole application and controls the page. */
async function waitUntilKept(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    if (navigator.serviceWorker.controller) return;
    await new Promise((resolve) =>
      navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
    );
  });
}

test('works without a network on the second visit, every screen and the worker', async () => {
  const profile = mkdtempSync(join(tmpdir(), 'open-trail-'));
  const options = { ...launchOptions, baseURL: ORIGIN, serviceWorkers: 'allow' } as const;
  try {
    const first = await chromium.launchPersistentContext(profile, options);
    await open(first.pages()[0]!, '/');
    await waitUntilKept(first.pages()[0]!);
    await first.close();

    const second = await chromium.launchPersistentContext(profile, { ...options, offline: true });
    const { problems } = watch(second);
    const page = second.pages()[0]!;
    await open(page, '/');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness');
    for (const screen of ['Inspect', 'Shelf', 'Touch-up', 'Log', 'Data', 'Kit']) {
      await page.getByRole('link', { name: screen, exact: true }).click();
      // A title may give way to what the screen has found: the way in the bar says where one is.
      await expect(page.getByRole('link', { name: screen, exact: true })).toHaveAttribute(
        'aria-current',
        'page',
      );
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    }
    await waitUntilPlanned(page);
    for (const path of SCREENS) await open(page, path);
    await open(page, '/trip');
    await expect(page.getByText('2000 runs;')).toBeVisible();
    await page.goto('/touch-up?tool=wren');
    await page.getByRole('button', { name: 'Start the touch-up' }).click();
    await page.getByTestId('count').click();
    await expect(page.getByTestId('count')).toHaveText('1');
    await page.goto('/measure/photo?tool=wren');
    await page.getByRole('button', { name: 'Try a made-up photo' }).click();
    await expect(page.getByTestId('photo')).toBeVisible();
    expect(problems).toEqual([]);
    await second.close();
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
});

test('can be installed', async ({ page }) => {
  await open(page, '/');
  const href = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = await (await page.request.get(href!)).json();
  expect(manifest).toMatchObject({ name: 'Open Trail', display: 'standalone', start_url: '/' });
  for (const { src } of manifest.icons) {
    expect((await page.request.get(src)).ok()).toBe(true);
  }
});
