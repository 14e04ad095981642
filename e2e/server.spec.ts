import { expect, open, test } from './fixtures';

const forecast = '/api/plan/forecast';

test('a weak device leaves forecasts to the server, and does them itself where that is out of reach', async ({
  page,
  context,
}) => {
  await open(page, '/data');
  await page.getByRole('button', { name: 'on the server of this page' }).click();
  const asked: number[] = [];
  page.on('response', (answer) => {
    if (answer.url().endsWith(forecast)) asked.push(answer.status());
  });
  await page.goto('/trip');
  await expect(page.getByText('2000 runs;')).toBeVisible({ timeout: 30_000 });
  await expect.poll(() => asked).toContain(200);
  await context.route(`**${forecast}`, (route) => route.fulfill({ status: 429, body: '{}' }));
  await page.getByRole('button', { name: /^Old Hob, \w+ \d+: chop 4/ }).focus();
  await page.keyboard.press('1');
  await expect(page.getByText('200 runs, more to come')).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('2000 runs;')).toBeVisible({ timeout: 30_000 });
});

test('a kit is planned on the server, too', async ({ page }) => {
  await open(page, '/data');
  await page.getByRole('button', { name: 'on the server of this page' }).click();
  const answered = page.waitForResponse((answer) => answer.url().endsWith('/api/plan/kit'));
  await page.goto('/kit');
  expect((await answered).status()).toBe(200);
  await expect(page.getByTestId('kit-grams')).toBeVisible({ timeout: 30_000 });
});

test('a request that is no plan is refused in words, and one that is too long is not read', async ({
  request,
}) => {
  const odd = await request.post(forecast, { data: { days: 0 } });
  expect(odd.status()).toBe(400);
  expect(await odd.json()).toMatchObject({ field: expect.any(String) });
  const text = await request.post(forecast, {
    data: 'not json',
    headers: { 'Content-Type': 'text/plain' },
  });
  expect(text.status()).toBe(400);
  expect((await request.get(forecast)).status()).toBe(405);
  const huge = await request.post(forecast, { data: `"${'x'.repeat(2_100_000)}"` });
  expect(huge.status()).toBe(413);
});
