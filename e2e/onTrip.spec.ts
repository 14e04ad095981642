import type { Page } from '@playwright/test';
import { expect, open, standLater, test, untilStored } from './fixtures';

/** The clock of the browser on a day of the sample's trip, which begins in four days. */
async function standOnDay(page: Page, day: number, hour: number): Promise<void> {
  await open(page, '/trip');
  await standLater(page, 4 + day, hour);
}

test('on the trip days it opens on tonight, and an evening that is done changes what is ahead', async ({
  page,
}) => {
  await standOnDay(page, 2, 19);
  await open(page, '/trip');
  const tonight = page.getByRole('region', { name: 'Tonight' });
  await expect(tonight.getByRole('heading', { name: /^Tonight, \w+ \d+/ })).toBeVisible();
  await expect(page.getByText('2000 runs;')).toBeVisible();
  const line = tonight.getByRole('link', { name: /^Plan Wren/ }).first();
  await line.click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Wren');
  // Out there only what is carried is planned with.
  await expect(page).toHaveURL(/at=camp/);
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByTestId('count')).toHaveText('0');
  await page.getByRole('button', { name: '+10' }).click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'push-cuts newsprint' }).click();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await expect(page.getByText(/on Tarrow Ness/)).toBeVisible();
  await open(page, '/trip');
  await expect(tonight.getByText(/Wren done/)).toBeVisible();
  await expect(tonight.getByRole('link', { name: /^Plan Wren/ })).toHaveCount(0);
  await tonight.getByRole('link', { name: /^Wren, done in/ }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
});

test('back home the tools are looked through, with what was used, and it can be taken back', async ({
  page,
}) => {
  await standOnDay(page, 6, 18);
  await open(page, '/trip');
  await page.getByRole('link', { name: 'Look the tools through' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Back from Tarrow Ness');
  await page.getByText('Tern', { exact: true }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await page.getByText('Old Hob', { exact: true }).click();
  const hob = page.getByRole('listitem').filter({ hasText: 'Old Hob' });
  await hob.getByLabel('There is a chip').check();
  await hob.getByRole('button', { name: 'normal work' }).click();
  await expect(page.getByText('2 of 8 edges looked at')).toBeVisible();
  await page.getByLabel(/^pocket plate/).check();
  await page.getByRole('button', { name: 'Save it all' }).click();
  await expect(page).toHaveURL(/\/trip$/);
  await expect(page.getByText('Looked through on return.')).toBeVisible();
  await expect(page.getByText(/1 of \d+ things that went along were used\./)).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Look the tools through' })).toBeVisible();
});

test('people carry tools, a rule keeps one at home, and own work goes on the brush', async ({
  page,
}) => {
  await open(page, '/trip');
  await page.getByText('The trip', { exact: true }).click();
  await page.getByLabel('People, with commas between').fill('Marl, Fenn, Ash');
  await page.getByLabel('Name', { exact: true }).focus();
  await page.getByLabel('Who carries Wren').selectOption('Ash');
  await expect(page.getByRole('button', { name: /^Wren/ }).first()).toContainText('Ash');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Tern' })
    .getByLabel('a rule forbids it there')
    .check();
  await page.getByLabel('The rule about Tern').fill('no fish knives on the reserve');
  await expect(page.getByRole('button', { name: /^Tern, \w+ \d+:/ })).toHaveCount(0);
  await page.getByLabel('A name for it').fill('peel bark');
  await page.getByLabel('As hard on the edge as').selectOption('carve-green');
  await page.getByRole('button', { name: 'Add to the brush' }).click();
  await page.getByRole('button', { name: 'peel bark', exact: true }).click();
  const cell = page
    .getByRole('button', { name: /^Crook, Tue \d+|^Crook, \w+ \d+: no work/ })
    .first();
  await cell.focus();
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: /^Crook, .*peel bark 2/ })).toBeVisible();
  await untilStored(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Crook, .*peel bark 2/ })).toBeVisible();
});

test('work is counted by number, by a rule that can be corrected, and a stroke is taken back', async ({
  page,
}) => {
  await open(page, '/trip');
  await page.getByRole('button', { name: 'chop', exact: true }).click();
  await page.getByRole('button', { name: /^Old Hob, \w+ \d+: chop 4/ }).focus();
  await page.getByRole('button', { name: 'By posts' }).click();
  await expect(page.getByRole('button', { name: /^Old Hob, .*chop 4 \(8 posts\)/ })).toBeVisible();
  await page.getByRole('button', { name: /^More chop for Old Hob/ }).click();
  await expect(page.getByRole('button', { name: /chop 4½ \(9 posts\)/ })).toBeVisible();
  await page.getByLabel('posts an hour').fill('3');
  await expect(page.getByRole('button', { name: /chop 3 \(9 posts\)/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /chop 4½ \(9 posts\)/ })).toBeVisible();
});

test('every figure of an edge opens its working, and a trip that was put away comes back', async ({
  page,
}) => {
  await open(page, '/trip');
  await expect(page.getByText('2000 runs;')).toBeVisible();
  await page.getByRole('button', { name: /^Old Hob felling/ }).click();
  const hob = page.getByRole('region', { name: 'Old Hob through the trip' });
  await hob.getByText('Show working', { exact: true }).click();
  await expect(hob.getByRole('row', { name: /^chop, dulling 1.2 µm an hour/ })).toBeVisible();
  await expect(page.getByText(/Learned from \d+ spell/)).toBeVisible();
  const heading = page.getByRole('heading', { level: 1 });
  const choice = page.getByLabel('Which trip').last();
  await choice.selectOption('osier-cut');
  await expect(heading).toHaveText('Osier Cut, 3 days');
  await expect(page.getByRole('heading', { name: 'Out there, by the log' })).toBeVisible();
  await page.getByRole('button', { name: 'Put it away' }).last().click();
  await expect(heading).toHaveText('Tarrow Ness, 5 days');
  await choice.selectOption('osier-cut');
  await page.getByRole('button', { name: 'Bring it back' }).last().click();
  await expect(page.getByRole('button', { name: 'Put it away' }).last()).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('a cell is taken up, and the stepper under the thumb paints it', async ({ page }) => {
    await open(page, '/trip');
    await page.getByRole('button', { name: 'chop', exact: true }).tap();
    await page.getByRole('button', { name: /^Old Hob, \w+ \d+: limb 1/ }).tap();
    const more = page.getByRole('button', { name: /^More chop for Old Hob/ });
    await more.tap();
    await more.tap();
    await expect(page.getByRole('button', { name: /^Old Hob, .*limb 1, chop 1/ })).toBeVisible();
    const box = (await more.boundingBox())!;
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(48);
    expect(box.y).toBeGreaterThan(740 / 2);
    // The chart of the chosen tool stands under its own row.
    const chart = (await page.getByRole('heading', { name: /^Old Hob/ }).boundingBox())!;
    const row = (await page.getByRole('button', { name: /^Old Hob, .*chop 1/ }).boundingBox())!;
    expect(chart.y).toBeGreaterThan(row.y);
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(360);
  });
});
