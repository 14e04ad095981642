import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { launchOptions, ORIGIN } from './browser';
import { expect, open, startTouchUp, test, untilStored, watch, leaveStep } from './fixtures';

test('from a tool on the rack to a logged touch-up that outlives the browser', async () => {
  const profile = mkdtempSync(join(tmpdir(), 'open-trail-'));
  const options = { ...launchOptions, baseURL: ORIGIN, viewport: { width: 1280, height: 800 } };
  try {
    const first = await chromium.launchPersistentContext(profile, options);
    const { problems } = watch(first);
    const page = first.pages()[0]!;
    await open(page, '/');
    await expect(page.getByText('sample tools of the Tarrow Ness path crew')).toBeVisible();
    await page.locator('a[href="/touch-up?tool=wren&zone=edge"]:visible').click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Wren');
    await page.getByRole('button', { name: /^where/ }).click();
    await page.getByRole('button', { name: /^At camp: / }).click();
    await page.getByText('Signs, cautions and working of step 1').click();
    await page.getByText('Show working').first().click();
    await expect(page.getByText('mm³/(N·m)').first()).toBeVisible();
    await page.getByRole('button', { name: 'Start the touch-up' }).click();

    const count = page.getByTestId('count');
    await count.click();
    await page.keyboard.press('Space');
    for (let i = 0; i < 6; i += 1) await count.click();
    await expect(count).toHaveText('8');
    await page.getByRole('button', { name: 'Back one' }).click();
    await expect(count).toHaveText('7');
    await page.getByRole('button', { name: 'Turn it over' }).click();
    await expect(count).toHaveText('0');
    await expect(page.getByText('7 strokes more on the left')).toBeVisible();
    for (let i = 0; i < 7; i += 1) await count.click();
    await expect(page.getByText('left side stands at 7: even')).toBeVisible();
    await leaveStep(page);
    await expect(page.getByText('step 2 of 2')).toBeVisible();
    await count.click();
    await page.getByRole('button', { name: 'Test', exact: true }).click();
    await page.getByRole('button', { name: 'push-cuts newsprint' }).click();
    // On a strop its curve alone speaks.
    await expect(
      page.getByRole('heading', { name: /more, at other counts, for a verdict$/ }),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Finish here' }).click();
    await page.getByLabel(/What to watch/).fill('Burr gone at the tip too.');
    await page.getByRole('link', { name: /^Leave/ }).click();
    await page.getByRole('link', { name: 'Touch-up', exact: true }).click();
    await page.getByRole('link', { name: /step 2 of 2/ }).click();
    await leaveStep(page, 'Finish');
    await expect(page.getByLabel(/What to watch/)).toHaveValue('Burr gone at the tip too.');
    await page.getByRole('button', { name: 'Write it into the log' }).click();
    await expect(page).toHaveURL(/\/log\/entry/);
    await expect(page.getByRole('heading', { name: 'After: push-cuts newsprint' })).toBeVisible();
    expect(problems).toEqual([]);
    await first.close();

    const second = await chromium.launchPersistentContext(profile, options);
    const later = second.pages()[0]!;
    await open(later, '/log');
    await expect(later.getByText(/^39 entries/)).toBeVisible();
    await later.getByLabel('Search, in notes too').fill('tip too');
    await expect(later.getByText(/^1 entry of /)).toBeVisible();
    await later.getByRole('row').nth(1).getByRole('link').click();
    await expect(later.getByRole('cell', { name: '7', exact: true })).toHaveCount(2);
    await open(later, '/');
    await expect(later.getByText('8 tools need work')).toBeVisible();
    await second.close();
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
});

test('goes on in the same step after the tab is closed', async ({ page, context }) => {
  await startTouchUp(page, 'old-hob');
  const count = page.getByTestId('count');
  for (let i = 0; i < 5; i += 1) await count.click();
  await leaveStep(page);
  for (let i = 0; i < 3; i += 1) await count.click();
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  await untilStored(page);
  await page.close();

  const again = await context.newPage();
  await open(again, '/touch-up');
  await again.getByRole('link', { name: /Old Hob step 2 of 2/ }).click();
  await expect(again.getByTestId('count')).toHaveText('3');
  await expect(again.getByText('paused')).toBeVisible();
  await again.getByRole('button', { name: 'This step' }).click();
  await again.getByRole('button', { name: /^Step back to/ }).click();
  await expect(again.getByTestId('count')).toHaveText('5');
  await untilStored(again);
  await again.reload();
  await expect(again.getByTestId('count')).toHaveText('5');
});

test('adds up the strokes of two tabs', async ({ page, context }) => {
  await startTouchUp(page, 'wren');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByTestId('count')).toHaveText('0');
  for (let i = 0; i < 4; i += 1) {
    await page.getByTestId('count').click();
    await other.getByTestId('count').click();
  }
  await expect(page.getByTestId('count')).toHaveText('8');
  await expect(other.getByTestId('count')).toHaveText('8');
});

test('an edge that passes is left alone, and a chip is ground out', async ({ page }) => {
  await open(page, '/touch-up?tool=wren');
  await page.getByRole('button', { name: /^now/ }).click();
  await page.getByRole('button', { name: 'pops hair' }).click();
  await expect(page.getByText('leave it alone').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeDisabled();
  await page.getByLabel('There is a chip').check();
  await page.getByRole('button', { name: '0.2 mm' }).click();
  await expect(page.getByText('to grind out damage')).toBeVisible();
});

test('a test without gain leads to its cause and a remedy for this tool', async ({ page }) => {
  await startTouchUp(page, 'wren');
  await page.getByTestId('count').click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'slides on a nail' }).click();
  await page.getByText('What else do you see or feel?').click();
  await page.getByLabel('ink gone only at the apex').check();
  await expect(page.getByText(/1°: the spine .* mm down, .* of your coin/)).toBeVisible();
});

test('on a strop no symptom is named: its curve alone speaks', async ({ page }) => {
  await startTouchUp(page, 'plover');
  await page.getByTestId('count').click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await expect(page.getByRole('heading', { name: /for a verdict$/ })).toBeVisible();
  await expect(page.getByText('What it tells you')).toHaveCount(0);
});
