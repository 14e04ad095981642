import { writeFileSync } from 'node:fs';
import type { Page, TestInfo } from '@playwright/test';
import { longLog } from '../demo/longLog';
import { writeBundle } from '../src/formats/bundle';
import { expect, open, test, untilStored, waitUntilPlanned } from './fixtures';

/** A rack of forty tools with ten touch-ups each. */
async function hangForty(page: Page, info: TestInfo): Promise<void> {
  const file = info.outputPath('forty.json');
  const records = longLog({ tools: 40, sessions: 400 });
  writeFileSync(file, writeBundle(records, '2026-11-23T08:00:00.000Z'));
  await open(page, '/data');
  await page.getByLabel('File to import').setInputFiles(file);
  await expect(page.getByRole('heading', { name: 'forty.json is brought in' })).toBeVisible();
}

test('forty tools go on a trip, into a kit and through care', async ({ page }, info) => {
  await hangForty(page, info);
  await open(page, '/trip');
  await page.getByRole('button', { name: 'A new trip' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Next trip');
  const grid = page.getByRole('button', { name: /: no work/ });
  await expect.poll(() => grid.count()).toBeGreaterThan(60);

  // Work for one of the axes; the forecast follows.
  await page.getByRole('button', { name: 'chop', exact: true }).click();
  await page
    .getByRole('button', { name: /^Old Hob( \d)?, .*: no work/ })
    .first()
    .focus();
  await page.keyboard.press('4');
  await expect(page.getByText('2000 runs;')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('region', { name: 'Out there' })).toContainText('Old Hob');
  const before = page.getByRole('region', { name: 'Before you go' });
  const lines = before.getByRole('link', { name: /^Plan / });
  await expect.poll(() => lines.count()).toBeGreaterThan(12);
  await untilStored(page);

  await open(page, '/kit');
  await waitUntilPlanned(page);
  await expect(page.getByText('Not proven yet')).toHaveCount(0);
  await expect(page.getByRole('slider', { name: 'Grams of the kit' })).toBeVisible();
  await page.getByRole('button', { name: 'Pack this kit' }).click();
  await expect(page.getByRole('region', { name: 'Packing' })).toBeVisible();
  await untilStored(page);

  await open(page, '/care');
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/\d+ things before/);
  const due = page.getByRole('list', { name: 'Due' }).getByRole('listitem');
  await expect(
    due.filter({ hasText: /Film of oil, wax or fat on \d+ blades/ }).first(),
  ).toBeVisible();
  // What is done in one go stands once, however many it is done for.
  expect(await due.count()).toBeLessThan(60);

  await open(page, '/');
  await expect(page.getByRole('region', { name: /^Before / }).first()).toContainText('edges');
  const width = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(1280);
});

test('forty tools in the lab: one is chosen, and answers', async ({ page }, info) => {
  await hangForty(page, info);
  await open(page, '/lab');
  const edges = page.locator('main').getByRole('link');
  await expect.poll(() => edges.count()).toBeGreaterThanOrEqual(40);
  await edges.nth(30).click();
  await expect(page.getByRole('heading', { level: 1, name: /^With a wobble of/ })).toBeVisible();
  await page
    .getByRole('navigation', { name: 'Questions' })
    .getByRole('button', { name: /^Over the years\?/ })
    .click();
  await expect(page.getByRole('table', { name: 'The years in figures' })).toBeVisible();
});
