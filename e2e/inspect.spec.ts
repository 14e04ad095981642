import { expect, open, test, leaveStep } from './fixtures';

test('a machete is walked, judged while it is looked at, and led to its touch-up', async ({
  page,
}) => {
  await open(page, '/inspect?tool=bracken&zone=fine');
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toHaveText('Leave alone');
  const strip = page.getByTestId('strip');
  await strip.click({ position: { x: 300, y: 30 } });
  await page.getByRole('button', { name: '0.8 mm', exact: true }).click();
  await page.getByRole('button', { name: 'misuse' }).click();
  await expect(verdict).toHaveText('Coarse stone or file');
  await expect(page.getByText(/^Not medium stone: /)).toBeVisible();
  await expect(
    page.getByText('Chips from a stone, a nail, prying', { exact: true }).first(),
  ).toBeVisible();
  await page.getByLabel('Left on purpose').check();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(verdict).toHaveText('Leave alone');

  await page.getByRole('button', { name: 'glint', exact: true }).click();
  await page.getByRole('button', { name: 'Put it there' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(verdict).toHaveText(/stone/i);
  await page.getByRole('button', { name: 'Plan the touch-up' }).click();
  await expect(page).toHaveURL(/touch-up/);
  await expect(page.getByRole('heading', { level: 1, name: /Bracken/ })).toBeVisible();
  await page.goto('/inspect?tool=bracken&zone=fine');
  await expect(page.getByRole('button', { name: /^Glint at 55/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Chip at .*, left$/ })).toBeVisible();
});

test('a full look at a machete takes few taps', async ({ page }) => {
  await open(page, '/inspect?tool=bracken&zone=chop');
  let taps = 0;
  const tap = async (name: string): Promise<void> => {
    taps += 1;
    await page.getByRole('button', { name, exact: true }).click();
  };
  await page.getByTestId('strip').click({ position: { x: 500, y: 30 } });
  await tap('0.2 mm');
  await tap('Done');
  for (const place of ['heel', 'middle', 'tip']) {
    await tap(place);
    await tap('tears paper');
  }
  await page.getByRole('group', { name: 'Blade' }).getByRole('button', { name: 'sound' }).click();
  await page.getByRole('group', { name: 'Handle' }).getByRole('button', { name: 'sound' }).click();
  await tap('Save the look');
  await expect(page.getByText('The look is saved')).toBeVisible();
  expect(taps + 3).toBeLessThan(15);
});

test('a cracked haft stops everything until it is mended', async ({ page }) => {
  await open(page, '/');
  await expect(page.getByText('Stop: the haft or handle is cracked').first()).toBeVisible();
  await open(page, '/touch-up?tool=knap');
  await expect(page.getByRole('heading', { name: /^Stop ?: the haft/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeDisabled();
  await page.getByRole('link', { name: /It has been mended/ }).click();
  await expect(page.getByTestId('verdict')).toHaveText('Stop use');
  await page.getByRole('group', { name: 'Haft' }).getByRole('button', { name: 'sound' }).click();
  await expect(page.getByTestId('verdict')).not.toHaveText('Stop use');
  await page.getByRole('button', { name: 'Save the look' }).click();
  await expect(page.getByText('The look is saved')).toBeVisible();
  await open(page, '/touch-up?tool=knap');
  await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeEnabled();
});

test('a symptom leads to its cause and a remedy in the measures of this tool', async ({ page }) => {
  await open(page, '/inspect?tool=plover');
  await page.getByText('What else do you see or feel?').click();
  await page.getByLabel('ink gone only at the apex').check();
  await expect(page.getByText(/Held too high: .*°: the spine [\d.]+ mm down/)).toBeVisible();
  await page.getByRole('button', { name: 'ink left', exact: true }).click();
  await page.getByRole('button', { name: 'At the tip' }).click();
  await expect(page.getByRole('button', { name: 'Ink left at tip' })).toBeVisible();
  await expect(page.getByText(/Held too low: .*°: the spine [\d.]+ mm up/)).toBeVisible();
});

test('the adviser starts from the work and prices each angle', async ({ page }) => {
  await open(page, '/inspect?tool=plover');
  const adviser = page.getByRole('region', { name: 'Angle' });
  await adviser.getByText(/^For which work/).click();
  await adviser.getByLabel('splitting').check();
  await expect(adviser.getByRole('heading', { name: /^Angle: up 3°/ })).toBeVisible();
  await expect(adviser.getByRole('columnheader')).toHaveText([
    'Per side',
    'Thick at 0.25 mm',
    'Wear, as chips',
    'Bite',
    'To grind away',
  ]);
  await adviser.getByLabel('splitting').uncheck();
  await page.getByTestId('strip').click({ position: { x: 200, y: 30 } });
  await page.getByRole('button', { name: '0.2 mm', exact: true }).click();
  await page.getByRole('button', { name: 'normal work' }).click();
  await expect(adviser.getByRole('heading', { name: /^Angle: up/ })).toBeVisible();
});

test('a finding that no work removes stays on the strip', async ({ page }) => {
  await open(page, '/inspect?tool=plover');
  await page.getByTestId('strip').click({ position: { x: 200, y: 30 } });
  await page.getByLabel('Left on purpose').check();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Plan the touch-up' }).click();
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await page.getByTestId('count').click();
  await leaveStep(page, 'Finish');
  await expect(page.getByLabel(/^Chip \d+ mm from the heel/)).toBeChecked();
  await page.getByRole('button', { name: 'shaves, both ways' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await open(page, '/inspect?tool=plover');
  await expect(page.getByRole('button', { name: /^Chip at .*, left$/ })).toBeVisible();
});
