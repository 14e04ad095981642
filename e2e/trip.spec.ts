import type { Page } from '@playwright/test';
import { expect, open, test, untilStored } from './fixtures';

const cell = (page: Page, name: RegExp) => page.getByRole('button', { name });

test('work is painted by drag and by keys, and the forecast and its lists follow', async ({
  page,
}) => {
  await open(page, '/trip');
  await expect(page.getByText('2000 runs;')).toBeVisible();
  await page.getByRole('button', { name: /^Wren scandi/ }).click();
  await expect(page.getByRole('heading', { name: /^Wren needs/ })).toBeVisible();
  await page.getByText('What if', { exact: true }).click();
  await expect(page.getByRole('row', { name: /^Leave the file at home/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Leave Wren keener/ })).toBeVisible();
  await page.getByRole('button', { name: /^Old Hob felling axe/ }).click();
  for (const way of ['Leave Old Hob keener', 'A micro-bevel on Old Hob', 'Take one more Sprig'])
    await expect(page.getByRole('row', { name: new RegExp(`^${way}`) })).toBeVisible();

  await page.getByRole('button', { name: 'chop', exact: true }).click();
  const first = cell(page, /^Old Hob, \w+ \d+: limb 1/);
  const box = (await first.boundingBox())!;
  await page.mouse.move(box.x + 10, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 62, box.y + 20);
  await page.mouse.up();
  const painted = cell(page, /^Old Hob, \w+ \d+: limb 1, chop 4/);
  await expect(painted).toBeVisible();
  await expect(page.getByText('2000 runs;')).toBeVisible();

  await painted.focus();
  await page.keyboard.press('2');
  await expect(cell(page, /^Old Hob, \w+ \d+: limb 1, chop 2/).first()).toBeFocused();
  await page.keyboard.press('x');
  await expect(cell(page, /^Old Hob, \w+ \d+: no work/).first()).toBeFocused();
  await page.keyboard.press('3');
  await page.keyboard.press('d');
  await expect(cell(page, /^Old Hob, \w+ \d+: chop 3/)).toHaveCount(2);
  await expect(page).toHaveURL(/\/trip$/);
  // What was forecast stroke by stroke, with most edges remembered, is what a new look forecasts.
  await expect(page.getByText('2000 runs;')).toBeVisible();
  const days = page.getByRole('columnheader').filter({ hasText: /\d of 30 min/ });
  const strokeByStroke = await days.allInnerTexts();
  expect(strokeByStroke).toHaveLength(5);
  await untilStored(page);
  await page.reload();
  await expect(cell(page, /^Old Hob, \w+ \d+: chop 3/)).toHaveCount(2);
  await expect(page.getByText('2000 runs;')).toBeVisible();
  expect(await days.allInnerTexts()).toEqual(strokeByStroke);
});

test('a thirsty stone is refused with its sum, an evening that is too short says what to leave', async ({
  page,
}) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Edit bench water stone' }).click();
  await page.getByRole('dialog').getByLabel('Lives in').selectOption('pack');
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
  await open(page, '/trip');
  await page.getByText('The trip', { exact: true }).click();
  await page.getByLabel('Water for stones, a day').fill('50');
  await page.getByLabel('An evening for edges').fill('0');
  await expect(page.getByText(/Too thirsty for the water of a day: .* 90 ml a use/)).toBeVisible();
  await expect(page.getByText(/over the evening\./).first()).toBeVisible();
});

test('a line before leaving starts its job, a trip is copied, put away, and goes into a calendar', async ({
  page,
}) => {
  await open(page, '/trip');
  await expect(page.getByRole('heading', { name: 'Before you go' })).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into a calendar' }).click();
  expect((await saved).suggestedFilename()).toMatch(/\.ics$/);
  await page.getByRole('button', { name: 'Copy this one' }).last().click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness, again');
  await page.getByRole('button', { name: 'Put it away' }).last().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tarrow Ness, 5 days');
  await page.getByRole('link', { name: /^Plan Old Hob/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Old Hob');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('a second tap paints an hour more, and the page stays as wide as the phone', async ({
    page,
  }) => {
    await open(page, '/trip');
    await page.getByRole('button', { name: 'chop', exact: true }).tap();
    await cell(page, /^Old Hob, \w+ \d+: limb 1/).tap();
    await cell(page, /^Old Hob, \w+ \d+: limb 1/).tap();
    await expect(cell(page, /^Old Hob, \w+ \d+: limb 1, chop 1/)).toBeVisible();
    await cell(page, /^Old Hob, \w+ \d+: limb 1/).tap();
    await expect(cell(page, /^Old Hob, \w+ \d+: limb 1, chop 2/)).toBeVisible();
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(360);
  });
});
