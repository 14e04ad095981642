import { expect, open, test } from './fixtures';

test('a machete is walked, judged while it is looked at, and led to its touch-up', async ({
  page,
}) => {
  await open(page, '/inspect?tool=bracken&zone=fine');
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toHaveText('Leave alone');
  const strip = page.getByTestId('strip');
  await strip.click({ position: { x: 300, y: 30 } });
  await page.getByRole('button', { name: '0.8', exact: true }).click();
  await page.getByRole('button', { name: 'misuse' }).click();
  await expect(verdict).toHaveText('Coarse stone or file');
  await expect(page.getByText(/Not medium stone: it would take/)).toBeVisible();
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
  await tap('0.2');
  await tap('Done');
  for (const place of ['heel', 'middle', 'tip']) {
    await tap(place);
    await tap('tears paper');
  }
  await page.getByRole('group', { name: 'Blade' }).getByRole('button', { name: 'sound' }).click();
  await page.getByRole('group', { name: 'Handle' }).getByRole('button', { name: 'sound' }).click();
  await tap('Note the look');
  await expect(page.getByText('The look is noted')).toBeVisible();
  expect(taps + 3).toBeLessThan(15);
});

test('a cracked haft stops everything until it is mended', async ({ page }) => {
  await open(page, '/');
  await expect(page.getByText('Stop: the haft or handle is cracked').first()).toBeVisible();
  await open(page, '/touch-up?tool=knap');
  await expect(page.getByRole('heading', { name: /^Stop: the haft/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeDisabled();
  await page.getByRole('link', { name: /It has been mended/ }).click();
  await expect(page.getByTestId('verdict')).toHaveText('Stop use');
  await page.getByRole('group', { name: 'Haft' }).getByRole('button', { name: 'sound' }).click();
  await expect(page.getByTestId('verdict')).not.toHaveText('Stop use');
  await page.getByRole('button', { name: 'Note the look' }).click();
  await expect(page.getByText('The look is noted')).toBeVisible();
  await open(page, '/touch-up?tool=knap');
  await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeEnabled();
});
