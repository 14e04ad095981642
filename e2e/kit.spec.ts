import { expect, open, test, waitUntilPlanned } from './fixtures';

test('the kit is the lightest for the ticked tools, says why, and re-plans', async ({ page }) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  const grams = async (): Promise<number> =>
    parseInt(await page.getByTestId('kit-grams').innerText(), 10);
  const all = await grams();
  await expect(page.getByRole('row', { name: /^Diamond rod/ })).toContainText(/Crook/);
  await page.getByLabel('Old Hob').uncheck();
  await page.getByLabel('Bracken').uncheck();
  await expect(page.getByText('for 5 tools')).toBeVisible({ timeout: 30_000 });
  expect(await grams()).toBeLessThanOrEqual(all);
  await page.reload();
  await expect(page.getByLabel('Old Hob')).not.toBeChecked();

  await page.getByLabel('Ready to grind out').selectOption('0.4');
  await waitUntilPlanned(page);
  await page.getByLabel('Longest touch-up out there').fill('1');
  await expect(page.getByRole('heading', { name: 'Unserved' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/over the limit of 1\./).first()).toBeVisible();
});

test('planning can be stopped and begun again', async ({ page }) => {
  await open(page, '/kit');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Stopped.')).toBeVisible();
  await page.getByRole('button', { name: 'Plan it again' }).click();
  await waitUntilPlanned(page);
});
