import type { BrowserContext, Page } from '@playwright/test';
import { expect, open, test, untilStored, waitUntilPlanned } from './fixtures';

/** A tab that hears nothing of what others write, as one that a phone has put to sleep. */
async function asleep(context: BrowserContext, path: string): Promise<Page> {
  const page = await context.newPage();
  await page.addInitScript(() => {
    BroadcastChannel.prototype.addEventListener = () => {};
  });
  await open(page, path);
  return page;
}

test('a trip that is changed in two tabs keeps the work of both, though one has slept', async ({
  page,
  context,
}) => {
  await open(page, '/trip');
  const other = await asleep(context, '/trip');
  const cellOf = (tab: Page, name: RegExp) => tab.getByRole('button', { name });
  await page.getByRole('button', { name: 'chop', exact: true }).click();
  await cellOf(page, /^Old Hob, \w+ \d+: limb 1/).focus();
  await page.keyboard.press('5');
  await expect(cellOf(page, /^Old Hob, \w+ \d+: limb 1, chop 5/)).toBeVisible();
  await untilStored(page);

  await expect(cellOf(other, /^Old Hob, \w+ \d+: limb 1/)).toBeVisible();
  await other.getByRole('button', { name: 'fish', exact: true }).click();
  await cellOf(other, /^Wren, \w+ \d+: /)
    .first()
    .focus();
  await other.keyboard.press('2');
  await expect(cellOf(other, /^Wren, \w+ \d+: .*fish 2/)).toBeVisible();
  await untilStored(other);

  for (const tab of [page, other]) {
    await tab.reload();
    await expect(cellOf(tab, /^Old Hob, \w+ \d+: limb 1, chop 5/)).toBeVisible();
    await expect(cellOf(tab, /^Wren, \w+ \d+: .*fish 2/)).toBeVisible();
  }
});

test('a stroke of the brush that is taken back leaves what another tab has set', async ({
  page,
  context,
}) => {
  await open(page, '/trip');
  await page.getByRole('button', { name: 'chop', exact: true }).click();
  const cell = page.getByRole('button', { name: /^Old Hob, \w+ \d+: limb 1/ });
  await cell.click();
  await page.keyboard.press('5');
  const painted = page.getByRole('button', { name: /^Old Hob, \w+ \d+: limb 1, chop 5/ });
  await expect(painted).toBeVisible();
  const other = await context.newPage();
  await open(other, '/kit');
  await waitUntilPlanned(other);
  await other.getByText('What is asked of it', { exact: true }).click();
  await other.getByLabel('Longest touch-up out there').fill('17');
  await untilStored(other);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(painted).toHaveCount(0);
  await untilStored(page);
  await other.reload();
  await expect(other.getByText(/touch-ups up to 17 min/)).toBeVisible();
});

test('things are ticked in two tabs, and a kit that is unpacked comes back by its undo', async ({
  page,
  context,
}) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  await page.getByRole('button', { name: 'Pack this kit' }).click();
  const packing = (tab: Page) => tab.getByRole('region', { name: 'Packing' });
  await expect(packing(page)).toBeVisible();
  await untilStored(page);
  const other = await asleep(context, '/kit');
  await packing(page).getByRole('checkbox').first().check();
  await untilStored(page);
  await packing(other).getByRole('checkbox').nth(1).check();
  await untilStored(other);
  await other.reload();
  await expect(packing(other).getByRole('heading', { name: /^2 of \d+ things/ })).toBeVisible();
  await page.reload();
  await packing(page).getByRole('button', { name: 'Unpack, and choose anew' }).click();
  await expect(packing(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(packing(page).getByRole('heading', { name: /^2 of \d+ things/ })).toBeVisible();
});

test('care that is done in one tab is done in the other, on the rack too', async ({
  page,
  context,
}) => {
  await open(page, '/care');
  const other = await context.newPage();
  await open(other, '/care');
  const scrub = (tab: Page) =>
    tab
      .getByRole('list', { name: 'Due' })
      .getByRole('button', { name: 'Wash and scrub ceramic rod: done' });
  await expect(scrub(other)).toBeVisible();
  await scrub(page).click();
  await expect(scrub(other)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(scrub(other)).toBeVisible();
});
