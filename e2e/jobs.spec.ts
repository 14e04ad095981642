import { expect, open, test, leaveStep } from './fixtures';
import type { Page } from '@playwright/test';

/** Goes through the steps of a job that has been planned, a stroke at each, to its last panel. */
async function workThrough(page: Page, start: string, steps: number): Promise<void> {
  await page.getByRole('button', { name: start }).click();
  for (let step = 1; step <= steps; step += 1) {
    await expect(page.getByText(`step ${step} of ${steps}`)).toBeVisible();
    await page.getByTestId('count').click();
    await leaveStep(page, step < steps ? 'Next step' : 'Finish');
  }
  await expect(page.getByRole('heading', { name: 'Finish' })).toBeVisible();
}

async function writeIntoLog(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

test('behind the edge ink is to stay at it, and no burr is asked for; at the apex both turn round', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=crook&job=thin');
  // What a step's row says of its hold is what stands beside the steps, and in the guide.
  const row = page.getByRole('listitem').filter({ hasText: 'to move the shoulders back' });
  const [angle, lift] = (await row.innerText())
    .match(/hold ([\d.]+°) per side: lift the spine ([\d.]+ mm)/)!
    .slice(1);
  const drawn = page.getByRole('figure').filter({ hasText: `Lift the spine ${lift}` });
  await expect(drawn).toContainText(`${angle} per side`);
  await page.getByRole('button', { name: 'Start thinning' }).click();
  await expect(page.getByTestId('count')).toHaveText('0');
  await expect(drawn).toContainText(`${angle} per side`);

  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByText('here it is to stay at the very edge')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Feel for the burr' })).toBeHidden();
  await page.getByText('gone, to the very edge').click();
  await expect(
    page.getByText(/^It grinds the edge itself away\. Lower the spine by/),
  ).toBeVisible();
  await page.getByText('still there at the edge').click();
  await expect(page.getByText('It works behind the edge and spares it: hold it so.')).toBeVisible();
  await page.getByRole('button', { name: 'Go on with this step' }).click();

  await leaveStep(page);
  await page.getByRole('button', { name: 'Look' }).click();
  await expect(page.getByRole('heading', { name: 'Feel for the burr' })).toBeVisible();
  await page.getByText('gone, to the very edge').click();
  await expect(page.getByText('It reaches the edge: hold it so.')).toBeVisible();
  await page.getByText('still there at the edge').click();
  await expect(page.getByText(/^Raise the spine by/)).toBeVisible();
});

test('an edge past its limit is thinned, and the tool has its new measures', async ({ page }) => {
  await open(page, '/inspect?tool=crook');
  await expect(page.getByTestId('verdict')).toHaveText('Thin');
  await page.getByRole('button', { name: 'Plan the thinning' }).click();
  await expect(page.getByRole('heading', { name: /to move the shoulders back$/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'As planned; dashed, as it is' })).toBeVisible();
  await workThrough(page, 'Start thinning', 3);

  await page.getByRole('button', { name: 'push-cuts newsprint' }).click();
  const width = page.getByLabel('Width of the edge bevel');
  const planned = await width.inputValue();
  await width.fill('12');
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByText('Must be at most 10')).toBeVisible();
  await expect(page).toHaveURL(/touch-up\/guide/);
  await width.fill('0.5');
  await writeIntoLog(page);
  await expect(page.getByText(/^Thinned /)).toBeVisible();
  await expect(page.getByText('The new measures are saved.')).toBeVisible();

  await open(page, '/tool?id=crook');
  await expect(page.getByLabel('Its face', { exact: true })).toHaveValue('0.5');
  expect(planned).not.toBe('0.5');
  await open(page, '/inspect?tool=crook');
  await expect(page.getByTestId('verdict')).toHaveText('Leave alone');
});

test('new measures of a thinned edge can be taken back', async ({ page }) => {
  await open(page, '/touch-up?tool=crook&job=thin');
  await workThrough(page, 'Start thinning', 3);
  await writeIntoLog(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await open(page, '/inspect?tool=crook');
  await expect(page.getByTestId('verdict')).toHaveText('Thin');
});

test('an edge that is only turned is laid straight on a hone', async ({ page }) => {
  await open(page, '/');
  await page
    .getByRole('link', { name: /^Hone, 20 a side/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: /to lay a turned edge straight$/ })).toBeVisible();
  await workThrough(page, 'Start honing', 1);
  await page.getByRole('button', { name: 'slices printer paper' }).click();
  await writeIntoLog(page);
  await expect(page.getByText(/^Laid straight /)).toBeVisible();
  await open(page, '/log');
  await page.getByLabel('Search, in notes too').fill('laid straight');
  await expect(page.getByText(/^2 entries of /)).toBeVisible();
});

test('the hook on a spine is raised until the log says to file it anew', async ({ page }) => {
  await open(page, '/tool?id=bracken');
  await expect(page.getByText('the hook can be raised once more')).toBeVisible();
  await page.getByRole('link', { name: 'Raise the hook' }).click();
  await page.getByText('Signs, cautions and working of step 1').click();
  await expect(page.getByText('Knuckles face the sharp edge: cover it.')).toBeVisible();
  await workThrough(page, 'Start on the spine', 1);
  await writeIntoLog(page);
  await expect(page.getByRole('heading', { level: 1, name: 'Bracken, spine' })).toBeVisible();

  await open(page, '/tool?id=bracken');
  await expect(page.getByText(/^File the spine square and stone it/)).toBeVisible();
  await open(page, '/');
  await expect(page.getByText('Spine: the hook is spent, file it anew').first()).toBeVisible();
  await open(page, '/tool?id=bracken');
  await page.getByRole('link', { name: 'File it anew' }).click();
  await expect(page.getByText('from each end').first()).toBeVisible();
  await workThrough(page, 'Start on the spine', 3);
  await writeIntoLog(page);
  await open(page, '/tool?id=bracken');
  await expect(page.getByText('the hook can be raised twice more')).toBeVisible();
});

test('a job that needs what is not at hand says what', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Edit ceramic rod' }).click();
  await page.getByRole('button', { name: 'Take it down' }).click();
  await expect(page.getByRole('button', { name: 'Edit ceramic rod' })).toHaveCount(0);
  await open(page, '/touch-up?tool=sprig&job=hone');
  await expect(
    page.getByText('No smooth steel or fine ceramic rod is at hand.').first(),
  ).toBeVisible();
  await expect(page.getByText(/^puck, .*: it cuts: a turned edge is laid straight/)).toHaveCount(2);
  await expect(page.getByRole('button', { name: 'Start honing' })).toBeDisabled();
});
