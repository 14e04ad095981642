import { expect, test, untilStored } from './fixtures';
import { lay, startEmpty } from './layOut';

/** The first hour: what one has is ticked, and the next screen says what to do. */

test('six tools and three things in at most twenty taps and nothing typed; the next screen says what to do', async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await startEmpty(page);
  await page.getByRole('link', { name: 'Lay out what you have' }).click();
  let taps = 0;
  const tapTray = async (what: string): Promise<void> => {
    taps += 1;
    await lay(page, what);
  };
  const tap = async (name: string | RegExp): Promise<void> => {
    taps += 1;
    await page.getByRole('button', { name, exact: true }).last().click();
  };
  await tapTray('Felling axe');
  await tap('blunt');
  await tapTray('Hatchet');
  await tap('I do not know');
  await tapTray('Machete');
  await tapTray('Scandi knife');
  await tap('tired');
  await tapTray('Parer');
  await tapTray('Parer');
  await tap('Next: what you have to sharpen with');
  await tapTray('Mill file');
  await tapTray('Medium plate');
  await tapTray('Trouser belt');
  await tap('See what to do');
  expect(taps).toBeLessThanOrEqual(20);

  await expect(page.getByText('first of five, because it is the worst')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Medium plate|Mill file/);
  await expect(page.getByRole('heading', { name: /^One measure helps most/ })).toBeVisible();
  await page.getByRole('link', { name: /^Next tool/ }).click();
  await expect(page.getByText('second of five')).toBeVisible();
  await page.getByRole('button', { name: /^Start, / }).click();
  await expect(page.getByTestId('count')).toHaveText('0');
});

test('an answer narrows the span as it was promised, and is told nowhere else otherwise', async ({
  page,
}) => {
  await startEmpty(page);
  await page.getByRole('link', { name: 'Lay out what you have' }).click();
  await lay(page, 'Flat or sabre knife');
  await page.getByRole('button', { name: 'tired' }).click();
  await lay(page, 'Medium plate');
  await page.getByRole('button', { name: /^See what to do/ }).click();
  const time = page.getByRole('img', { name: /^now: / });
  const spans = async (): Promise<string[]> =>
    ((await time.getAttribute('aria-label')) ?? '')
      .split('; ')
      .map((row) => row.replace(/: rough$/, ''));
  const promised = (await spans())[1]!;
  expect(promised).toMatch(/^chip known: /);
  await page.getByRole('button', { name: 'none' }).click();
  await expect.poll(async () => (await spans())[0]).toBe(promised.replace('chip known', 'now'));
  const minutes = await page.getByRole('button', { name: /^Start, / }).textContent();
  await page.getByRole('link', { name: 'The whole plan' }).click();
  await expect(
    page.getByText(new RegExp(`^About ${minutes!.replace('Start, ', '')}`)),
  ).toBeVisible();
});

test('what lies on the ground is there again after the tab was closed, and goes to the rack as one act', async ({
  page,
}) => {
  await startEmpty(page);
  await page.goto('/lay-out');
  await lay(page, 'Hatchet');
  await lay(page, 'Some stone');
  await page.getByRole('button', { name: 'coarse, like sand' }).click();
  await untilStored(page);
  await page.goto('/');
  await page.getByRole('link', { name: /^You were laying out 1 tool, 1 thing/ }).click();
  await expect(page.getByRole('button', { name: 'On your ground: hatchet' })).toBeVisible();
  await page.getByRole('button', { name: /^See what to do with the hatchet/ }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Touch-up');
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Lay out what you have' })).toBeVisible();
});

test('nothing that works an edge says what would do, and leads there', async ({ page }) => {
  await startEmpty(page);
  await page.goto('/lay-out');
  await lay(page, 'Recurve knife');
  await lay(page, 'Medium plate');
  await page.getByRole('button', { name: /^See what to do/ }).click();
  await expect(page.getByText(/^What would do it: a diamond of \d+ µm$/)).toBeVisible();
  await page.getByRole('link', { name: 'Lay out more things' }).click();
  await expect(page.getByRole('heading', { name: 'Lay out what you have' })).toBeVisible();
});
