import { FEW_DAYS } from './days';
import { dayAfter, expect, open, standLater, test } from './fixtures';

for (const { why, day, zone } of FEW_DAYS) {
  test.describe(why, () => {
    test.use({ day, timezoneId: zone });

    test('the sample stands as on its own day, and its trip is lived through', async ({ page }) => {
      await open(page, '/');
      await expect(page.getByText(/^9 tools need work, \d+ min in all\.$/)).toBeVisible();
      await expect(page.getByText('in 4 days', { exact: true }).first()).toBeVisible();
      const begins = await dayAfter(page, 4, { weekday: 'long' });
      await expect(page.getByText(`Tarrow Ness, 5 days from ${begins}`)).toBeVisible();

      await open(page, '/log');
      const newest = await dayAfter(page, -29);
      await expect(page.getByRole('row').nth(1)).toContainText(newest);

      await open(page, '/care');
      const today = await dayAfter(page, 0, { day: 'numeric', month: 'short' });
      await expect(page.getByText(`today, ${today}`)).toBeVisible();

      await open(page, '/trip');
      for (const each of [0, 1, 2, 3, 4]) {
        const head = await dayAfter(page, 4 + each, { weekday: 'short', day: 'numeric' });
        await expect(page.getByRole('columnheader', { name: head })).toBeVisible();
      }
      await standLater(page, 6, 19);
      await open(page, '/trip');
      const third = await dayAfter(page, 0, { weekday: 'short', day: 'numeric' });
      await expect(page.getByRole('heading', { name: `Tonight, ${third}` })).toBeVisible();
    });
  });
}
