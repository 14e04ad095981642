import {
  dayAfter,
  expect,
  fieldDayAfter,
  open,
  sampleDay,
  test,
  undo,
  untilStored,
} from './fixtures';

test('the log is sorted, filtered, opened, annotated, and struck out with an undo', async ({
  page,
}) => {
  await open(page, '/log');
  const days = page.getByRole('row').getByRole('link');
  await expect(page.getByText(/^38 entries, /)).toBeVisible();
  await page.getByRole('button', { name: 'Strokes' }).click();
  const strokes = await page.getByRole('row').locator('td:nth-child(6)').allInnerTexts();
  const numbers = strokes.map(Number);
  expect(numbers).toEqual(
    [...numbers].sort((a, b) => (numbers[0]! > numbers.at(-1)! ? b - a : a - b)),
  );

  await page.getByLabel('Tool', { exact: true }).selectOption('Plover');
  await expect(page.getByText(/^7 entries of 38, /)).toBeVisible();
  await page.getByLabel('Search, in notes too').fill('too long on');
  await expect(days).toHaveCount(1);
  await days.first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Plover' })).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Before: slices printer paper/ })).toBeVisible();
  await page.getByLabel('Note').fill('Stop at ten a side.');
  await page.getByRole('button', { name: 'Save the note' }).click();
  await expect(page.getByRole('button', { name: 'Save the note' })).toHaveCount(0);
  await untilStored(page);
  await page.reload();
  await expect(page.getByLabel('Note')).toHaveValue('Stop at ten a side.');
  await page.getByRole('button', { name: 'Take this entry down' }).click();
  await expect(page.getByText(/^37 entries, /)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^38 entries, /)).toBeVisible();
});

test('what comes into an entry later moves nothing that the hand may be on', async ({ page }) => {
  await open(page, '/log/entry?id=entry-15');
  const note = page.getByLabel('Note');
  const before = await note.boundingBox();
  await expect(page.getByRole('heading', { name: 'Pictures' })).toBeVisible();
  expect(await note.boundingBox()).toEqual(before);
});

test('a thing comes off the shelf and back by an undo', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Edit hard pocket stone' }).click();
  await page.getByRole('button', { name: 'Take it down' }).click();
  await expect(page.getByRole('button', { name: 'Edit hard pocket stone' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Edit hard pocket stone' })).toBeVisible();
  await page.getByLabel('Draw the ladder of').selectOption({ label: 'Wren' });
  await expect(page.getByText(/^Wren: .* then .*; .* min\.$/)).toBeVisible();
});

test('an empty rack teaches the first step, on every screen', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('button', { name: 'Start empty' }).click();
  await expect(page.getByText('Learn on a cheap knife')).toBeVisible();
  await open(page, '/shelf');
  await expect(page.getByText('one medium stone and a strop already go a long way')).toBeVisible();
  for (const path of ['/touch-up', '/inspect', '/kit']) {
    await open(page, path);
    await expect(page.getByRole('link', { name: /Lay out/ })).toBeVisible();
  }
  await open(page, '/log');
  await expect(page.getByRole('link', { name: 'Begin one' })).toBeVisible();
  await open(page, '/data');
  await page.getByRole('button', { name: 'Load the sample crew' }).click();
  await expect(page.getByText('The sample crew hangs on the rack.')).toBeVisible();
  await open(page, '/');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness');
});

test('the theme is kept, and a habit changes every plan', async ({ page }) => {
  await open(page, '/data');
  await page.getByRole('button', { name: 'Ember theme, for the dark' }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'ember');
  await page.getByLabel('Thickness of your coin').fill('9');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Must be at most 5')).toBeVisible();
  await page.getByLabel('Thickness of your coin').fill('1.6');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Plans count with it')).toBeVisible();
  await open(page, '/tool?id=wren');
  await expect(page.getByText(/^3 coins give/)).toBeVisible();
});

test('work done without the guide is written down, counts for the edge, and is taken back', async ({
  page,
}) => {
  await open(page, '/log/write?tool=wren');
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByText('Enter strokes a side or minutes')).toBeVisible();
  await page.getByLabel('Step 1').selectOption({ label: 'fine plate' });
  await page.getByLabel('Strokes').fill('40');
  await page.getByLabel('Time').fill('4');
  await page.getByLabel('Day').fill('2099-01-01');
  await page.getByLabel('It passed, before').selectOption({ label: 'slides on a nail' });
  await page.getByLabel('It passed, after').selectOption({ label: 'push-cuts newsprint' });
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByText('Must not be in the future')).toBeVisible();
  const today = await fieldDayAfter(page, 0);
  await page.getByLabel('Day').fill(today);
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Wren' })).toBeVisible();
  await expect(page.getByText('written down afterwards')).toBeVisible();
  await expect(page.getByRole('row', { name: /fine plate/ })).toContainText('no plan');
  await open(page, '/log');
  await expect(page.getByText(/^39 entries, /)).toBeVisible();
});

test('an entry is put right afterwards: its day, its place, the work since, and taken back', async ({
  page,
}) => {
  await open(page, '/log/entry?id=entry-15');
  await page.getByText('Correct what was written down').click();
  await page.getByLabel('Day', { exact: true }).fill('2099-01-01');
  await page.getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByText('Give a day of the calendar')).toBeVisible();
  await page.getByLabel('Day', { exact: true }).fill(await fieldDayAfter(page, -317));
  await page.getByLabel('Where').selectOption('field');
  await page.getByLabel('Work since the one before').fill('90');
  await page.getByLabel('Counted in').selectOption('splits');
  await page.getByRole('button', { name: 'Save the correction' }).click();
  const corrected = await dayAfter(page, -317);
  await expect(page.getByText(`${corrected}, on the trail`)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/, at the bench/)).toBeVisible();
  await expect(page.getByText(corrected)).toHaveCount(0);
});

test('a picture is kept with an entry', async ({ page }) => {
  await open(page, '/log/entry?id=entry-15');
  await page.getByLabel('Picture from a file').setInputFiles('docs/screenshots/log.png');
  const picture = page.getByRole('img', {
    name: `Wren, after, ${await sampleDay(page, '2026-01-17')}`,
  });
  await expect(picture).toBeVisible();
  await open(page, '/log/entry?id=entry-1');
  await expect(page.getByRole('heading', { name: 'Pictures' })).toBeVisible();
  await expect(picture).toHaveCount(0);
});

test('a look is listed, put right and struck out like a touch-up, and comes back', async ({
  page,
}) => {
  await open(page, '/log');
  await page.getByText('Looks and tests').click();
  const looks = page.getByRole('link', { name: /not tested|paper|shaves|newsprint|nail/ });
  await looks.first().click();
  await expect(page).toHaveURL(/\/log\/look/);
  await page.getByRole('button', { name: 'shaves, both ways' }).click();
  await page.getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByText(/^Looked at on .*: shaves/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it down' }).click();
  await expect(page).toHaveURL(/\/log$/);
  await page.getByText('Looks and tests').click();
  const shaves = page.getByRole('link', { name: /shaves/ });
  await expect(shaves.first()).toBeVisible();
  const others = await shaves.count();
  await undo(page, 'The look is taken down.');
  await expect(shaves).toHaveCount(others + 1);
});
