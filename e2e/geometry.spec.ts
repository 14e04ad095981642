import { expect, open, test } from './fixtures';

test('every grind draws its own section, zoomed from the whole blade to the apex', async ({
  page,
}) => {
  await open(page, '/tool?id=heron');
  const section = page.getByRole('img', { name: /^Section, / });
  const drawn = new Set<string>();
  for (const grind of ['Scandi', 'Convex', 'Secondary bevel', 'Hollow']) {
    await page.getByLabel('Grind', { exact: true }).selectOption(grind);
    const outline = async () =>
      (await section.locator('path, polygon').first().getAttribute('d')) ?? grind;
    await expect.poll(async () => drawn.has(await outline())).toBe(false);
    drawn.add(await outline());
    await expect(page.getByText('The arc as four facets, apex first')).toHaveCount(
      grind === 'Convex' ? 1 : 0,
    );
    await expect(page.getByLabel('Hollowed on a wheel of radius')).toHaveCount(
      grind === 'Hollow' ? 1 : 0,
    );
  }
  expect(drawn.size).toBe(4);
  for (const zoom of ['whole blade', 'bevel', 'edge', 'apex']) {
    await page.getByRole('button', { name: zoom, exact: true }).click();
    await expect(page.getByRole('img', { name: `Section, ${zoom}`, exact: false })).toBeVisible();
  }
});

test('a micro-bevel says what it costs before it is set, and the section shows it', async ({
  page,
}) => {
  await open(page, '/tool?id=sprig');
  await expect(page.getByText(/^One of 18° and 0.30 mm would cost .* mm³ of steel/)).toBeVisible();
  await page.getByLabel('Micro-bevel', { exact: true }).check();
  await expect(page.getByText(/^It costs .* mm³ of steel/)).toBeVisible();
  await expect(page.getByText(/^micro-bevel 18° per side, 0.30 mm/)).toBeVisible();
  await page.getByLabel('Its angle, per side').fill('14');
  await expect(
    page.getByRole('alert').filter({ hasText: 'Must be more than the bevel angle' }),
  ).toBeVisible();
  await page.getByLabel('Its angle, per side').fill('20');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Sprig is saved.')).toBeVisible();
  await open(page, '/touch-up?tool=sprig');
  await expect(page.getByText(/^hold 20° per side/).first()).toBeVisible();
});

test('a further zone has its own grind and angle, and its own place on the strip', async ({
  page,
}) => {
  await open(page, '/tool?id=plover');
  await page.getByRole('button', { name: 'Add a stretch' }).click();
  const name = page.getByRole('textbox', { name: 'Name' }).first();
  await expect(name).toHaveValue('stretch 2');
  await name.fill('tip');
  await page.getByLabel('Angle known by').selectOption('Stated');
  await page
    .getByLabel('Bevel angle, per side')
    .or(page.getByLabel('Apex angle, per side'))
    .fill('22');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Plover is saved.')).toBeVisible();
  await open(page, '/inspect?tool=plover');
  await page.getByRole('navigation', { name: 'Stretches' }).getByRole('link').first().click();
  await expect(page.getByRole('heading', { level: 1, name: /^Plover, / })).toBeVisible();
});

test('the growth of an edge is charted from when it was measured', async ({ page }) => {
  await open(page, '/tool?id=wren');
  await expect(page.getByText('Worked face now, by the log')).toBeVisible();
  const chart = page.getByRole('img', { name: /touch-ups? until the worked face reaches/ });
  await expect(chart.getByText('now', { exact: true })).toBeVisible();
  await page.getByLabel('Its face', { exact: true }).fill('0.4');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Wren is saved.')).toBeVisible();
  await expect(page.getByText('Worked face now, by the log')).toHaveCount(0);
});

test('what a steel’s hardness is, the log says where a range was given', async ({ page }) => {
  await open(page, '/tool?id=sprig');
  await expect(
    page.getByText(/^Your log narrows the hardness to [\d.]+ to [\d.]+ HRC/),
  ).toBeVisible();
  await open(page, '/tool?id=wren');
  await expect(page.getByText(/^Your log narrows/)).toHaveCount(0);
});
