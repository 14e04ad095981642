import type { Page } from '@playwright/test';
import { expect, open, startTouchUp, test } from './fixtures';

/** Makes the simulated instruments fail in a way. */
async function withFault(page: Page, fault: 'nonsense' | 'silence' | 'drop'): Promise<void> {
  await page.route('**/api/instruments/**', (route) => {
    const url = new URL(route.request().url());
    url.searchParams.set('fault', fault);
    void route.continue({ url: url.href });
  });
}

async function openTest(page: Page): Promise<void> {
  await startTouchUp(page, 'tern');
  await page.getByRole('button', { name: '+10' }).click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
}

test('readings of a tester land in the guide’s field, and three of them make one estimate', async ({
  page,
}) => {
  await openTest(page);
  const field = page.getByLabel('Or grams, on a tester');
  await page.getByRole('button', { name: 'From a simulated tester' }).click();
  await expect(page.getByText('Listening.')).toBeVisible();
  for (const place of ['heel', 'tip']) {
    await page.getByRole('button', { name: new RegExp(`^${place}`) }).click();
    await expect(field).not.toHaveValue('');
    await page.getByRole('button', { name: 'Put it in' }).click();
  }
  await expect(page.getByRole('heading', { level: 3, name: /lags|Every place/ })).toBeVisible();
  await expect(page.getByText(/^About [\d.]+ µm \([\d.]+–[\d.]+ µm\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Let the tester go' }).click();
  await expect(page.getByRole('button', { name: 'From a simulated tester' })).toBeVisible();
});

test('an inspection takes three readings at a place, and the verdict goes by them', async ({
  page,
}) => {
  await open(page, '/inspect?tool=wren');
  await page.getByRole('button', { name: 'tip', exact: true }).click();
  for (const grams of [410, 395, 402]) {
    await page.getByLabel('Or grams, on a tester').fill(String(grams));
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText('Read here: 410 g, 395 g, 402 g.')).toBeVisible();
  await page.getByRole('button', { name: 'Take the last one back' }).click();
  await expect(page.getByText('Read here: 410 g, 395 g.')).toBeVisible();
  await expect(page.getByText('Single readings scatter: take three.')).toBeVisible();
});

test('a scale comes to rest in the weight of a thing', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Edit pocket plate' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Weight').fill('1');
  await dialog.getByRole('button', { name: 'From a simulated scale' }).click();
  await expect(dialog.getByLabel('Weight')).not.toHaveValue('1');
  await dialog.getByRole('button', { name: 'Let the scale go' }).click();
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog).toBeHidden();
});

test('nonsense is left out and told', async ({ page }) => {
  await withFault(page, 'nonsense');
  await openTest(page);
  await page.getByRole('button', { name: 'From a simulated tester' }).click();
  await expect(page.getByText(/line of it made no sense/)).toBeVisible();
  const reading = await page.getByLabel('Or grams, on a tester').inputValue();
  expect(Number(reading)).toBeGreaterThan(20);
});

test('a broken connection says so and is made again by hand', async ({ page }) => {
  await withFault(page, 'drop');
  await openTest(page);
  await page.getByRole('button', { name: 'From a simulated tester' }).click();
  await expect(page.getByText('The connection broke.')).toBeVisible();
  await page.getByRole('button', { name: 'Try again: simulated tester' }).click();
  await expect(page.getByText('Listening.')).toBeVisible();
});

test('where the application’s server cannot be reached one sentence says so, and the reading is typed', async ({
  page,
  watched,
}) => {
  await page.route('**/api/instruments/**', (route) => route.abort());
  await openTest(page);
  await page.getByRole('button', { name: 'From a simulated tester' }).click();
  await expect(page.getByText('server, which cannot be reached: type the reading.')).toBeVisible();
  await page.getByLabel('Or grams, on a tester').fill('150');
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByText(/^About/)).toBeVisible();
  // The browser itself notes in its console what it could not fetch.
  expect(watched.problems.splice(0).join()).toContain('/api/instruments/edge-tester');
});

test('silence is noticed', async ({ page }) => {
  await withFault(page, 'silence');
  await openTest(page);
  await page.getByRole('button', { name: 'From a simulated tester' }).click();
  await expect(page.getByText(/has said nothing for a while/)).toBeVisible({ timeout: 40_000 });
  await page.getByLabel('Or grams, on a tester').fill('150');
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByText(/^About/)).toBeVisible();
});

test('a request for another instrument, or for nonsense, is refused in words', async ({
  request,
}) => {
  const odd = await request.get('/api/instruments/spoon');
  expect(odd.status()).toBe(400);
  expect(await odd.json()).toMatchObject({ field: 'kind' });
  const huge = await request.get('/api/instruments/edge-tester?around=1e9');
  expect(await huge.json()).toMatchObject({ field: 'around' });
});

test('where the microphone is shut the guide says so, and taps count', async ({ page }) => {
  await startTouchUp(page, 'wren');
  await page.getByRole('button', { name: 'This step' }).click();
  await page.getByRole('button', { name: 'by the microphone' }).click();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await expect(page.getByText(/microphone.*Tap the strokes\./)).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText('1');
});
