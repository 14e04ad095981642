import type { Page } from '@playwright/test';
import { expect, leaveStep, startTouchUp, test, untilStored } from './fixtures';

/** So many strokes on the side that is up, then a reading of the force tester. */
async function readAfter(page: Page, tens: number, grams: number): Promise<void> {
  for (let i = 0; i < tens; i += 1) await page.getByRole('button', { name: '+10' }).click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByLabel('Or grams, on a tester').fill(String(grams));
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Or grams, on a tester')).toHaveValue('');
}

/** A test that the edge passes, and the end of the touch-up. */
async function finishShaving(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'shaves, both ways' }).click();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
}

test('grams on a strop are one curve, that says where the best was and stays in the log', async ({
  page,
}) => {
  await startTouchUp(page, 'plover');
  await readAfter(page, 1, 190);
  const title = page.getByRole('heading', { level: 3 });
  await expect(title).toContainText(/3 readings more, at other counts/);
  for (const grams of [140, 132, 150, 175, 205]) {
    await page.getByRole('button', { name: 'Go on with this step' }).click();
    await readAfter(page, 1, grams);
  }
  await expect(title).toContainText(/^Past it by \d+ strokes: best at about \d+ strokes/);
  await page.getByText('The readings', { exact: true }).click();
  // The title is that of all readings as soon as the last one stands among them.
  await expect(page.getByRole('cell', { name: '205' })).toBeVisible();
  const said = await title.innerText();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await expect(page.getByRole('heading', { level: 3 })).toHaveText(said);
});

test('a series goes over two surfaces, a stone between: each has its own curve, and the second goes past its best', async ({
  page,
}) => {
  await startTouchUp(page, 'plover');
  const title = page.getByRole('heading', { level: 3 });
  await readAfter(page, 1, 420);
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await readAfter(page, 1, 390);
  await expect(title).toContainText(/2 readings more, at other counts/);
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await page.getByRole('button', { name: 'This step' }).click();
  await page
    .getByRole('group', { name: /planned anew/ })
    .getByRole('button', { name: /then trouser belt/ })
    .first()
    .click();
  await expect(page.getByText(/^step 2 of 3/)).toBeVisible();
  await page.getByRole('button', { name: '+10' }).click();
  await leaveStep(page);
  await expect(page.getByText(/^step 3 of 3, trouser belt/)).toBeVisible();
  // What was read on the first says nothing of this one.
  await readAfter(page, 1, 360);
  await expect(title).toContainText(/4 readings more, at other counts/);
  for (const grams of [260, 240, 275, 320, 370]) {
    await page.getByRole('button', { name: 'Go on with this step' }).click();
    await readAfter(page, 1, grams);
  }
  await expect(title).toContainText(/^Past it by \d+ strokes: best at about \d+ strokes/);
  const said = await title.innerText();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await expect(title).toHaveCount(2);
  await expect(title.last()).toHaveText(said);
});

test('ink is asked for after a few strokes, and its answer is a lift in millimetres', async ({
  page,
}) => {
  await startTouchUp(page, 'tern');
  await expect(page.getByText('Ink it and look')).toBeHidden();
  await page.getByRole('button', { name: '+10' }).click();
  await expect(page.getByText('Ink it and look')).toBeVisible();
  await page.keyboard.press('i');
  await page.getByRole('button', { name: 'still there at the edge' }).click();
  await expect(
    page.getByText(/^Raise the spine by [\d.]+ mm, [\d.]+°; then ink again/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'gone at the edge alone' }).click();
  await expect(page.getByText(/^Lower the spine by/)).toBeVisible();
  await page.getByRole('button', { name: 'gone, to the very edge' }).click();
  await expect(page.getByText('It reaches the edge: hold it so.')).toBeVisible();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await expect(page.getByText('Ink it and look')).toBeHidden();
  await untilStored(page);
  await page.reload();
  await expect(page.getByTestId('count')).toHaveText('10');
  await expect(page.getByText('Ink it and look')).toBeHidden();
});

test('a step is left out with its reason, which the log keeps', async ({ page }) => {
  await startTouchUp(page, 'tern');
  const first = await page.getByText(/^step 1 of 3/).innerText();
  await page.getByRole('button', { name: 'This step' }).click();
  await page.getByRole('button', { name: 'the thing is not at hand' }).click();
  await expect(page.getByText(/^step 2 of 3/)).not.toHaveText(first);
  await page.getByRole('button', { name: '+10' }).click();
  await finishShaving(page);
  await expect(page.getByText('left out: the thing is not at hand')).toBeVisible();
});

test('a beat counts by itself until it is paused', async ({ page }) => {
  await page.clock.install();
  await startTouchUp(page, 'wren');
  await page.getByRole('button', { name: 'This step' }).click();
  await page.getByRole('button', { name: /^faster, \d+ a minute$/ }).click();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await expect(page.getByTestId('count')).toHaveText(/^[2-9]$/);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText(', paused')).toBeVisible();
  const count = await page.getByTestId('count').innerText();
  await page.clock.runFor(5000);
  await expect(page.getByTestId('count')).toHaveText(count);
});

test('the stone is swapped in mid-step: the rest is planned anew, the log keeps both', async ({
  page,
}) => {
  await startTouchUp(page, 'tern');
  await page.getByRole('button', { name: '+10' }).click();
  await page.getByRole('button', { name: 'This step' }).click();
  const swap = page
    .getByRole('group', { name: /planned anew/ })
    .getByRole('button')
    .first();
  const other = (await swap.innerText()).split(/\s+[\d.]+ µm/)[0]!.trim();
  await swap.click();
  await expect(page.getByText(new RegExp(`^step 2 of \\d, ${other}`))).toBeVisible();
  await expect(page.getByTestId('count')).toHaveText('0');
  await page.getByRole('button', { name: '+10' }).click();
  await finishShaving(page);
  await expect(page.getByRole('cell', { name: new RegExp(`^${other} to`) })).toBeVisible();
  await expect(page.getByRole('cell', { name: / to restore the apex/ })).toHaveCount(2);
});

test('a countdown turns the tool over by itself, set by set', async ({ page }) => {
  await startTouchUp(page, 'tern');
  await page.getByRole('button', { name: 'This step' }).click();
  await page.getByRole('button', { name: 'countdown' }).click();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  const set = page.getByText(/^set 1 of \d+: \d+ more, then turn over$/);
  const first = Number(/: (\d+) more/.exec(await set.innerText())![1]);
  expect(first).toBeGreaterThan(3);
  for (let i = 0; i < first; i += 1) await page.keyboard.press('Space');
  await expect(page.getByText(/^right side up/i)).toBeVisible();
  await expect(page.getByTestId('count')).toHaveText('0');
  for (let i = 0; i < first; i += 1) await page.keyboard.press('Space');
  await expect(page.getByText(/^left side up/i)).toBeVisible();
  await expect(page.getByText(new RegExp(`^set 2 of \\d+: ${first - 1} more`))).toBeVisible();
});

test('a burr is walked along the strip until it is continuous, and the log keeps the walk', async ({
  page,
}) => {
  await startTouchUp(page, 'tern');
  await page.getByRole('button', { name: '+10' }).click();
  await page.getByRole('button', { name: 'Look', exact: true }).click();
  await expect(page.getByText('Not felt for yet.')).toBeVisible();
  const parts = page.getByRole('group', { name: 'Where it is felt' }).getByRole('button');
  await expect(parts).toHaveCount(6);
  for (const part of [0, 1, 2, 4]) await parts.nth(part).click();
  await expect(page.getByText('None yet from 75 to 100 mm, 125 to 150 mm')).toBeVisible();
  for (const part of [3, 5]) await parts.nth(part).click();
  await expect(page.getByText(/^Along all of it: turn over/)).toBeVisible();
  await page.getByRole('button', { name: 'left', exact: true }).click();
  await expect(page.getByText('Not felt for yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await finishShaving(page);
  await expect(page.getByText('burr on the right in 6 of 6 parts')).toBeVisible();
});

test('a side that has its strokes says so, until the other has them too', async ({ page }) => {
  await startTouchUp(page, 'tern');
  const said = page.getByText('This side has its strokes: turn it over.');
  const planned = Number(
    /of about (\d+)/.exec(await page.getByText(/of about \d+/).innerText())![1],
  );
  const tens = Math.ceil(planned / 10);
  for (let i = 1; i < tens; i += 1) await page.getByRole('button', { name: '+10' }).click();
  await expect(said).toBeHidden();
  await page.getByRole('button', { name: '+10' }).click();
  await expect(said).toBeVisible();
  await page.getByRole('button', { name: 'Turn it over' }).click();
  await expect(said).toBeHidden();
});
