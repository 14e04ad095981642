import { readFileSync, writeFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { longLog } from '../demo/longLog';
import { writeBundle } from '../src/formats/bundle';
import { expect, fieldDayAfter, open, sampleDay, test, untilStored } from './fixtures';

const status = (page: Page): Locator => page.getByRole('status').filter({ hasText: /entr/ });

async function openLog(page: Page): Promise<void> {
  await open(page, '/log');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Plans come closer');
  await expect(page.getByTestId('time-brush')).toBeVisible();
}

test('the brush filters the entries by drag and by keys, and is let go', async ({ page }) => {
  await openLog(page);
  await expect(status(page)).toHaveText(/^38 entries, /);
  const box = (await page.getByTestId('time-brush').boundingBox())!;
  const y = box.y + 30;
  await page.mouse.move(box.x + 0.7 * box.width, y);
  await page.mouse.down();
  await page.mouse.move(box.x + 0.8 * box.width, y, { steps: 4 });
  await page.mouse.move(box.x + 0.9 * box.width, y, { steps: 4 });
  await page.mouse.up();
  const from = page.getByRole('slider', { name: 'Entries from' });
  const until = page.getByRole('slider', { name: 'Entries until' });
  /** The entries of the brushed days, once the words have come up with both grips. */
  const brushed = async (): Promise<number> => {
    const days = await Promise.all(
      [from, until].map((grip) => grip.getAttribute('aria-valuetext')),
    );
    await expect(status(page)).toContainText(days.join(' to '));
    return Number(/(\d+) entries of 38/.exec(await status(page).innerText())![1]);
  };
  const dragged = await brushed();
  expect(dragged).toBeGreaterThan(2);
  expect(dragged).toBeLessThan(25);
  // The grips answer to keys: a month to the left takes in no fewer.
  const before = await from.getAttribute('aria-valuetext');
  await from.focus();
  for (let i = 0; i < 4; i += 1) await page.keyboard.press('PageDown');
  await expect(from).not.toHaveAttribute('aria-valuetext', before!);
  const wider = await brushed();
  expect(wider).toBeGreaterThan(dragged);
  // It stands again when one comes back from an entry.
  await page.getByRole('row').getByRole('link').first().click();
  await expect(page.getByRole('link', { name: 'Back to the log' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the log' }).click();
  await expect(status(page)).toHaveText(new RegExp(`${wider} entries of 38`));
  await page.getByRole('button', { name: 'All days' }).click();
  await expect(status(page)).toHaveText(/^38 entries, /);
});

test('marks are walked by keys, named, and point at their entry and back', async ({ page }) => {
  await openLog(page);
  const wren = page.getByRole('group', { name: 'Entries of Wren' });
  const last = wren.getByRole('link').last();
  await last.focus();
  await expect(last).toHaveAccessibleName(/^\d+ \w+ \d{4}, strop: 2 µm to 0.5 µm$/);
  await page.keyboard.press('ArrowLeft');
  await expect(wren.getByRole('link', { name: /fine stone: 2 µm to 0.5 µm/ }).last()).toBeFocused();
  await page.keyboard.press('Home');
  await expect(wren.getByRole('link').first()).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Wren' })).toBeVisible();
  await expect(page.getByText(await sampleDay(page, '2025-05-03')).first()).toBeVisible();
  await open(page, '/log');
  await page.getByRole('button', { name: /^Plover lives on the strop/ }).click();
  await page.getByText('Plover as a table').click();
  await expect(page.getByText(/Plover: rounder than asked \d+ of \d+ days\./)).toBeVisible();
  await expect(page.getByRole('row', { name: /strop 2 µm/ }).first()).toBeVisible();
});

test('entries are found by trip, by who carried, by thing, by work and by days', async ({
  page,
}) => {
  await openLog(page);
  await page.getByText('By trip, thing, work or days').click();
  await page.getByLabel('Trip', { exact: true }).selectOption('Stane Bothy');
  await expect(status(page)).toHaveText(/^2 entries of 38/);
  await page.getByLabel('Carried by').selectOption('Fenn');
  await expect(status(page)).toHaveText(/^1 entry of 38/);
  await page.getByRole('button', { name: 'All entries' }).click();
  await page.getByText('By trip, thing, work or days').click();
  await page.getByLabel('Work', { exact: true }).selectOption('hone');
  await expect(status(page)).toHaveText(/^1 entry of 38/);
  await page.getByRole('button', { name: 'All entries' }).click();
  await page.getByText('By trip, thing, work or days').click();
  await page.getByLabel('With').selectOption('mill file');
  await page.getByLabel('From', { exact: true }).fill(await fieldDayAfter(page, -326));
  await expect(status(page)).toHaveText(/: 2 entries of 38/);
});

test('two entries are held against each other', async ({ page }) => {
  await openLog(page);
  await page.getByLabel('Tool', { exact: true }).selectOption('Wren');
  const boxes = page.getByRole('checkbox', { name: /^Compare Wren/ });
  await boxes.nth(1).check();
  await expect(page.getByText('choose another to compare it with')).toBeVisible();
  await boxes.nth(3).check();
  await page.getByRole('link', { name: 'Compare these two' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^The newer one took /);
  await expect(page.getByRole('row', { name: /^Strokes a side/ })).toContainText(/%|the same/);
  await expect(page.getByRole('row', { name: /^After/ })).toContainText('the same');
});

test('what is shown goes out as a table and comes in again on another rack', async ({ page }) => {
  await openLog(page);
  await page.getByLabel('Tool', { exact: true }).selectOption('Wren');
  const [table] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save these 7 entries as CSV' }).click(),
  ]);
  const path = await table.path();
  const text = readFileSync(path, 'utf8');
  expect(text.split('\n')[0]).toMatch(/^entry,started,tool,edge,job/);
  const [season] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save these 7 entries as Markdown' }).click(),
  ]);
  expect(readFileSync(await season.path(), 'utf8')).toContain('## What each edge got');
  const [history] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Wren’s whole history as Markdown' }).click(),
  ]);
  expect(readFileSync(await history.path(), 'utf8')).toMatch(/^# Wren\n/);

  // An entry is struck out; the table does not bring it back, as what is newer here stays.
  await page.getByRole('row').getByRole('link').first().click();
  const [one] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as Markdown' }).click(),
  ]);
  expect(readFileSync(await one.path(), 'utf8')).toMatch(/^# Wren, \d+ \w+ \d{4}\n/);
  await page.getByRole('button', { name: 'Take this entry down' }).click();
  await expect(status(page)).toHaveText(/^6 entries of 37/);
  await untilStored(page);
  const more = text.replaceAll('entry-', 'again-');
  await open(page, '/data');
  await page
    .getByLabel('File to import')
    .setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(more) });
  await expect(page.getByRole('heading', { name: 'log.csv is brought in' })).toBeVisible();
  await expect(page.getByRole('row', { name: 'touch-ups 7 0 0' })).toBeVisible();
  await page.getByRole('button', { name: 'Take the import back' }).click();
  const broken = more.replace('Wren', 'Nobody');
  await page
    .getByLabel('File to import')
    .setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(broken) });
  await expect(page.getByText(/Line 2, tool: “Nobody” hangs on no rack here/)).toBeVisible();
});

test('the log answers, with what stands behind each answer', async ({ page }) => {
  await open(page, '/log/answers');
  const said = page.getByRole('heading', { level: 2 });
  for (const answer of [
    /^Wren needs a stone sooner each time/,
    /^Plans come closer/,
    /^Bracken, chopping stretch lasts .* of brush until it is tired/,
    /^Wren chipped at work at 11.5° per side, and not since 15°/,
    /earns its grams best; .* was never used/,
    /loses most steel/,
    /^Your sides have evened out/,
    /^Ink was gone to the edge \d+ % of the time lately/,
    /^Your force tester reads/,
  ])
    await expect(said.filter({ hasText: answer })).toBeVisible();
  await expect(page.getByText(/^From 11 pairs of grams and a test/)).toBeVisible();
  // The tool's own page says the same of its stones and its steel.
  const each = await page.getByRole('row', { name: /^Wren \d+ µm/ }).innerText();
  await open(page, '/tool?id=wren');
  await expect(
    page.getByText(/^Wren needs a stone sooner each time: after [\d, ]+then \d+/),
  ).toBeVisible();
  await expect(page.getByText(`Each takes ${/(\d+) µm/.exec(each)![1]} µm`)).toBeVisible();
});

test('ten thousand entries of forty tools are drawn, brushed and found', async ({
  page,
}, testInfo) => {
  const file = testInfo.outputPath('years.json');
  const years = longLog({ tools: 40, sessions: 10_000 });
  writeFileSync(file, writeBundle(years, '2026-11-23T08:00:00.000Z'));
  await open(page, '/data');
  await page.getByLabel('File to import').setInputFiles(file);
  await expect(page.getByRole('heading', { name: 'years.json is brought in' })).toBeVisible({
    timeout: 180_000,
  });
  await open(page, '/log');
  await expect(page.getByTestId('time-brush')).toBeVisible({ timeout: 60_000 });
  await expect(status(page)).toHaveText(/^10038 entries, /);
  // Six tools until all are asked for, and marks only where there is room.
  const rows = page.getByRole('group', { name: /^Entries of / });
  await expect(rows).toHaveCount(6);
  const marks = rows.first().getByRole('link');
  await expect.poll(() => marks.count()).toBeGreaterThan(20);
  expect(await marks.count()).toBeLessThan(220);
  await page.getByRole('button', { name: 'All 40 tools' }).click();
  await expect(page.getByRole('button', { name: 'Fewer tools' })).toBeVisible();
  const from = page.getByRole('slider', { name: 'Entries from' });
  await from.focus();
  await page.keyboard.press('End');
  await expect(status(page)).toHaveText(/ to .*: \d+ entr(y|ies) of 10038, /);
  await page.getByRole('button', { name: 'All days' }).click();
  await page.getByLabel('Search, in notes too').fill('gorse');
  await expect(status(page)).not.toHaveText(/^10038/);
  expect(await page.getByRole('row').count()).toBeLessThan(120);
  await page.getByRole('button', { name: 'Find' }).click();
  await page.getByRole('dialog').getByRole('combobox').fill('gorse');
  await expect(page.getByRole('option').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await open(page, '/log/answers');
  await expect(page.getByRole('button', { name: /^All \d+ rows$/ }).first()).toBeVisible();
});

test('an empty log answers nothing and says why', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('button', { name: 'Start empty' }).click();
  await expect(page.getByText('Learn on a cheap knife')).toBeVisible();
  await open(page, '/log/answers');
  await expect(page.getByText('Too little is in it yet.')).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('rows, brush and entries fit, and a row is chosen by a tap', async ({ page }) => {
    await openLog(page);
    await page.getByRole('button', { name: /^Tern was thinned/ }).tap();
    await expect(page.getByText('Tern as a table')).toBeVisible();
    const grips = page.getByRole('slider');
    await expect(grips).toHaveCount(2);
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(360);
    await page.getByRole('row').getByRole('link').first().tap();
    await expect(page.getByRole('link', { name: 'Back to the log' })).toBeVisible();
  });
});
