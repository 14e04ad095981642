import { expect, open, startTouchUp, test } from './fixtures';
import { lay, startEmpty } from './layOut';

/** Words that open in place, the search, the names of tabs, and the main job by names alone. */

test('a word opens under its row with picture and sentences, leads on, and gives the focus back', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=old-hob');
  const term = page.getByRole('button', { name: 'inclusive', exact: true }).first();
  await term.click();
  const word = page.getByRole('dialog', { name: 'inclusive angle' });
  await expect(word).toContainText('The whole angle of the edge');
  await expect(word.locator('svg')).toBeVisible();
  await word.getByRole('button', { name: 'angle per side', exact: true }).click();
  const other = page.getByRole('dialog', { name: 'angle per side' });
  await expect(other).toContainText('Less cuts deeper');
  await page.keyboard.press('Escape');
  await expect(other).toBeHidden();
  await expect(term).toBeFocused();
  // By keys alone.
  await page.keyboard.press('Enter');
  await expect(word).toBeVisible();
  await word.getByRole('link', { name: 'All words' }).click();
  await expect(page).toHaveURL(/words\?word=inclusive/);
  await expect(page.getByRole('heading', { level: 3, name: 'inclusive angle' })).toBeVisible();
});

test('a label of a form opens its word and leaves the field as it was', async ({ page }) => {
  await open(page, '/tool?id=wren');
  await page.getByRole('button', { name: 'What is “Hardness, from”?' }).click();
  await expect(page.getByRole('dialog', { name: 'hardness, HRC' })).toBeVisible();
  await expect(page.getByText('Measures changed.')).toHaveCount(0);
});

test('an opened word leaves the start free on a phone', async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await open(page, '/touch-up?tool=old-hob');
  await page.getByRole('button', { name: 'inclusive', exact: true }).first().click();
  const word = (await page.getByRole('dialog', { name: 'inclusive angle' }).boundingBox())!;
  const start = (await page.getByRole('button', { name: 'Start the touch-up' }).boundingBox())!;
  expect(word.x).toBeGreaterThanOrEqual(0);
  expect(word.x + word.width).toBeLessThanOrEqual(360);
  expect(word.y + word.height).toBeLessThanOrEqual(start.y);
});

test('one search finds a doing, a tool, a word and an entry, by keys and by touch', async ({
  page,
}) => {
  await open(page, '/');
  await page.keyboard.press('f');
  const field = page.getByRole('combobox', { name: /^A tool, a thing/ });
  await field.fill('file the axe');
  await expect(page.getByRole('option').first()).toContainText('Touch up Old Hob');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/touch-up\?tool=old-hob/);
  await page.getByRole('button', { name: 'Find' }).click();
  await field.fill('novaculite');
  await page
    .getByRole('option', { name: /novaculite/ })
    .first()
    .click();
  await expect(page).toHaveURL(/words\?word=novaculite|shelf/);
  await page.getByRole('button', { name: 'Find' }).click();
  await field.fill('wren 2026');
  const entry = page.getByRole('group', { name: 'In the log' }).getByRole('option').first();
  await expect(entry).toContainText('2026');
  // The first one empties the field.
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(field).toBeHidden();
});

test('tabs are named by their record, and a move puts the focus on the new heading', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=wren');
  await expect(page).toHaveTitle('Wren, plan · Open Trail');
  await page.keyboard.press('4');
  const trip = page.getByRole('heading', { level: 1, name: /Tarrow Ness/ });
  await expect(trip).toBeFocused();
  await expect(page).toHaveTitle('Tarrow Ness · Open Trail');
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await expect(page).toHaveTitle('Log · Open Trail');
});

test('plan, card and entry are copied as text', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.addInitScript(() => {
    Object.defineProperty(Navigator.prototype, 'share', { value: undefined });
  });
  const copied = async (): Promise<string> => {
    await page.getByRole('button', { name: 'Share or copy' }).click();
    await expect(page.getByText('Copied as text.').last()).toBeVisible();
    return page.evaluate(() => navigator.clipboard.readText());
  };
  await open(page, '/touch-up?tool=old-hob');
  expect(await copied()).toMatch(
    /^Old Hob: about [\d.]+ min.*\n\n1\. .*\nabout \d+.* strokes a side\n/,
  );
  await open(page, '/kit/card?trip=tarrow-ness');
  expect(await copied()).toMatch(/per side[\s\S]*evening:/);
  await open(page, '/log/entry?id=entry-15');
  expect(await copied()).toMatch(/^Wren, \d+ \w+ \d{4}\n\nWork: /);
});

test('the theme turns from day to ember to sun, and stays', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('button', { name: 'Ember theme, for the dark' }).click();
  await page.getByRole('button', { name: 'Sun theme, for strong light' }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'sun');
  await expect(page.getByRole('button', { name: 'Day theme' })).toBeVisible();
});

test('the main job is done by names alone: lay out, what to do, count, test, log', async ({
  page,
}) => {
  await startEmpty(page);
  await page.getByRole('link', { name: 'Lay out what you have' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'Lay out what you have' }),
  ).toBeFocused();
  await lay(page, 'Hatchet');
  await page
    .getByRole('group', { name: 'Hatchet: how does it cut?' })
    .getByRole('button', { name: 'blunt' })
    .click();
  await lay(page, 'Medium plate');
  await expect(
    page.getByRole('status').filter({ hasText: '1 tool, 1 thing laid out' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'See what to do with the hatchet' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Medium plate' })).toBeFocused();
  await expect(page.getByRole('listitem').filter({ hasText: 'a side' })).toContainText('until');
  await page.getByRole('button', { name: /^Start, / }).click();
  await page.getByRole('button', { name: /^Count a stroke/ }).click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page
    .getByRole('group', { name: 'The finest test it passes now' })
    .getByRole('button', { name: 'shaves, both ways' })
    .click();
  await expect(page.getByRole('status').filter({ hasText: 'it meets its target' })).toBeVisible();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Hatchet' })).toBeVisible();
  await expect(page).toHaveURL(/log\/entry/);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('what ends a step or goes on stands in the lower third, under no notice', async ({
    page,
  }) => {
    await startTouchUp(page, 'wren');
    await page.getByRole('button', { name: 'Test', exact: true }).tap();
    await page.getByRole('button', { name: 'shaves, both ways' }).tap();
    for (const name of ['Go on with this step', 'Finish here']) {
      const box = (await page.getByRole('button', { name }).boundingBox())!;
      expect(box.height).toBeGreaterThanOrEqual(48);
      expect(box.y).toBeGreaterThan((2 / 3) * 740);
    }
    await page.getByRole('button', { name: 'Finish here' }).tap();
    const box = (await page.getByRole('button', { name: 'Write it into the log' }).boundingBox())!;
    expect(box.y).toBeGreaterThan((2 / 3) * 740);
  });

  test('a notice stands above the bar at the thumb', async ({ page }) => {
    await open(page, '/tool?id=wren');
    await page.getByRole('button', { name: 'Measures and steel of the tool' }).tap();
    await page.getByLabel('Blade width').fill('31');
    await page.getByRole('button', { name: 'Save', exact: true }).tap();
    await page.getByLabel('Blade width').fill('32');
    const notice = page.getByRole('listitem').filter({ hasText: 'Wren is saved.' });
    await expect(notice).toBeVisible();
    const bar = (await page.getByRole('button', { name: 'Save', exact: true }).boundingBox())!;
    await expect
      .poll(async () => {
        const box = (await notice.boundingBox())!;
        return box.y + box.height <= bar.y;
      })
      .toBe(true);
  });

  test('a tool opens with what matters in one height, the rest folded', async ({ page }) => {
    await open(page, '/tool?id=wren');
    await expect(page.getByRole('button', { name: 'Section, and how to hold it' })).toBeVisible();
    const tall = await page.evaluate(() => document.documentElement.scrollHeight);
    expect(tall).toBeLessThan(1.6 * 740);
    await page.getByRole('button', { name: 'Section, and how to hold it' }).tap();
    await expect(page.getByRole('img', { name: /^Section, bevel/ })).toBeVisible();
  });

  test('a chip is told by taps alone', async ({ page }) => {
    await open(page, '/tool?id=wren');
    await page.getByRole('button', { name: 'Say how it cuts now' }).tap();
    const note = page.getByRole('region', { name: 'How it cuts now' });
    await note.getByRole('checkbox', { name: 'There is a chip' }).check();
    await note.getByRole('button', { name: '0.4 mm' }).tap();
    const before = await note.getByRole('slider').getAttribute('aria-valuetext');
    await note.getByRole('button', { name: '5 mm nearer to the tip' }).tap();
    await expect(note.getByRole('slider')).not.toHaveAttribute('aria-valuetext', before!);
    await note.getByRole('button', { name: 'Save it' }).tap();
    await expect(page.getByText('Saved on the strip.')).toBeVisible();
  });
});
