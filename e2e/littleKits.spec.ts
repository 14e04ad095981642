import type { Page } from '@playwright/test';
import { expect, open, test, untilStored, leaveStep } from './fixtures';
import { hangTool, startEmpty } from './layOut';

/** A person of little: an empty rack, one tool, and what is on the shelf. */

async function hang(page: Page, kind: string): Promise<string> {
  await startEmpty(page);
  return hangTool(page, kind, 'Lone');
}

async function addStone(page: Page, name: string, grade: { natural: string } | { um: string }) {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Add to stones, files and papers' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name', { exact: true }).fill(name);
  if ('um' in grade) {
    await dialog.getByLabel('Graded in').selectOption('micron');
    await dialog.getByLabel('Number on it').fill(grade.um);
  } else {
    await dialog.getByLabel('Graded in').selectOption('natural');
    await dialog.getByLabel(/^Which/).selectOption(grade.natural);
  }
  await dialog.getByRole('button', { name: 'Save' }).click();
  // What it adds to the edges stands in a row of its own, as soon as that is known.
  await expect(page.getByRole('row', { name: new RegExp(`^Edit ${name}`) })).toBeVisible();
}

async function planAt(page: Page, toolId: string, test: string): Promise<void> {
  await open(page, `/touch-up?tool=${toolId}`);
  const choice = page.getByRole('button', { name: test });
  const folded = page.getByRole('button', { name: /^now/ });
  await expect(choice.or(folded).first()).toBeVisible();
  if (!(await choice.isVisible())) await folded.click();
  await choice.click();
}

test('with nothing on the shelf nothing is at hand, and it says so', async ({ page }) => {
  const id = await hang(page, 'Hatchet');
  await planAt(page, id, 'tears paper');
  await expect(
    page.getByRole('heading', { name: 'Nothing at hand works this edge.' }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeDisabled();
});

test('one coarse stone is enough to start: it says what it ends at and what would go further', async ({
  page,
}) => {
  const id = await hang(page, 'Skinning knife');
  await addStone(page, 'one plate', { um: '60' });
  await planAt(page, id, 'slides on a nail');
  // It passes the test that its work asks for, and is coarser than that work likes.
  await expect(page.getByText(/^Ends at about 1\.3 µm: .*coarser stone/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByTestId('count')).toHaveText('0');
});

/** Strokes a side of the first step, as the plan says them. */
async function planned(page: Page): Promise<number> {
  const text = await page
    .getByRole('region', { name: 'Steps' })
    .getByText(/^about \d+/)
    .first()
    .innerText();
  return Number(/about (\d+)/.exec(text)![1]);
}

test('three sessions at a third of the plan teach the fourth, and its range narrows', async ({
  page,
}) => {
  const id = await hang(page, 'Flat or sabre knife');
  await addStone(page, 'one plate', { um: '25' });
  await planAt(page, id, 'slides on a nail');
  const first = await planned(page);
  await expect(page.getByText('usual values, until your own log narrows them')).toBeVisible();
  for (let session = 1; session <= 3; session += 1) {
    await planAt(page, id, 'slides on a nail');
    await page.getByRole('button', { name: 'Start the touch-up' }).click();
    const count = page.getByTestId('count');
    await expect(count).toHaveText('0');
    for (const turn of [true, false]) {
      for (let i = 0; i < Math.round(first / 3); i += 1) await page.keyboard.press('Space');
      await expect(count).toHaveText(String(Math.round(first / 3)));
      if (turn) await page.getByRole('button', { name: 'Turn it over' }).click();
    }
    await leaveStep(page, 'Finish');
    await page.getByRole('button', { name: 'push-cuts newsprint' }).click();
    await page.getByRole('button', { name: 'Write it into the log' }).click();
    await expect(page).toHaveURL(/\/log\/entry/);
    await untilStored(page);
  }
  await planAt(page, id, 'slides on a nail');
  const fourth = await planned(page);
  expect(fourth / first).toBeLessThan(0.55);
  expect(fourth / first).toBeGreaterThan(0.3);
  await expect(page.getByText(/^Learned from your log: one plate from 3 steps/)).toBeVisible();

  await open(page, '/log/taught');
  const row = page.getByRole('main').getByRole('listitem').filter({ hasText: 'one plate' });
  await expect(row).toContainText('3 sessions');
  await row.getByRole('button', { name: 'Forget one plate' }).click();
  await expect(row).toContainText('none yet');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toContainText('3 sessions');
});

test('a planned session that was not done clears no chip and teaches nothing', async ({ page }) => {
  await open(page, '/touch-up?tool=old-hob');
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await leaveStep(page);
  await leaveStep(page, 'Finish');
  await expect(page.getByLabel(/^Chip \d+ mm from the heel/)).toBeChecked();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await open(page, '/inspect?tool=old-hob');
  await expect(page.getByRole('button', { name: 'Chip at 92, 0.25 mm' })).toBeVisible();
});
