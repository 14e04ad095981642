import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { longLog } from '../demo/longLog';
import { writeBundle } from '../src/formats/bundle';
import { isZip, readZip } from '../src/formats/zipBundle';
import { expect, open, test, untilStored } from './fixtures';

async function exported(page: Page): Promise<{ text: string; records: Record<string, unknown[]> }> {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export everything' }).click();
  const bytes = readFileSync((await (await download).path())!);
  const text = isZip(bytes) ? plain(bytes) : bytes.toString('utf8');
  return { text, records: JSON.parse(text).records };
}

/** The plain data file of a ZIP. */
function plain(zip: Uint8Array): string {
  const reading = readZip(zip);
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  return writeBundle(reading.bundle.records, reading.bundle.exportedAt);
}

async function importText(page: Page, name: string, text: string): Promise<void> {
  await page.getByLabel('File to import').setInputFiles({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
}

test('export, wipe and import give the same data back', async ({ page }) => {
  await open(page, '/data');
  const before = await exported(page);
  expect(before.records.sessions).toHaveLength(38);
  await page.getByRole('button', { name: 'Remove everything' }).click();
  await expect(page.getByRole('row', { name: /^tools/ })).toContainText('0');
  await importText(page, 'mine.json', before.text);
  await expect(page.getByText('mine.json is brought in')).toBeVisible();
  const after = await exported(page);
  const { settings, ...records } = before.records;
  expect(after.records).toMatchObject(records);
  expect(after.records.settings).toHaveLength(settings!.length);
});

test('a corrupt file is refused with its line and changes nothing', async ({ page }) => {
  await open(page, '/data');
  const before = await exported(page);
  const lines = before.text.split('\n');
  const line = lines.findIndex((l) => l.includes('"bevelAngleDeg": 25'));
  lines[line] = lines[line]!.replace('25', '95');
  await importText(page, 'bad angle.json', lines.join('\n'));
  const alert = page.getByRole('alert').filter({ hasText: 'bad angle.json' });
  await expect(alert).toContainText('nothing has changed');
  await expect(alert).toContainText(`Line ${line + 1}, tools[`);
  await expect(alert).toContainText('bevelAngleDeg: must be at most 60');

  await importText(page, 'cut off.json', before.text.slice(0, 4000));
  await expect(page.getByRole('alert').filter({ hasText: 'cut off.json' })).toContainText(
    'is not whole JSON',
  );
  await importText(page, 'other.json', '{"format": "something else"}');
  await expect(page.getByRole('alert').filter({ hasText: 'other.json' })).toContainText(
    'this is not an Open Trail file',
  );
  expect((await exported(page)).records).toEqual(before.records);
});

test('starting empty can be undone', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('button', { name: 'Start empty' }).click();
  await expect(page.getByRole('heading', { name: 'Lay out what you have' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness');
  await page.getByRole('button', { name: 'Start empty' }).click();
  await expect(page.getByRole('heading', { name: 'Lay out what you have' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Lay out what you have' })).toBeVisible();
});

test('the sample notice stands on the rack alone, until it is dismissed', async ({ page }) => {
  const notice = page.getByRole('complementary', { name: 'Sample data' });
  await open(page, '/shelf');
  await expect(notice).toBeHidden();
  await open(page, '/');
  await expect(notice).toBeVisible();
  await page.getByRole('button', { name: 'Dismiss this notice' }).click();
  await expect(notice).toBeHidden();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness');
  await expect(notice).toBeHidden();
});

test('a long log comes in with progress, can be stopped, and is taken back without later work', async ({
  page,
}) => {
  const text = writeBundle(longLog({ tools: 12, sessions: 1500 }), '2026-11-23T08:00:00.000Z');
  const touchUps = page.getByRole('row', { name: /^touch-ups \d+$/ });
  await open(page, '/data');
  await expect(touchUps).toContainText('38');
  await importText(page, 'years.json', text);
  await expect(page.getByRole('progressbar')).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('years.json is not brought in')).toBeVisible();
  await page.reload();
  await expect(touchUps).toContainText('38');

  await importText(page, 'years.json', text);
  await expect(page.getByRole('heading', { name: 'years.json is brought in' })).toBeVisible();
  await expect(touchUps).toContainText('1538');
  const other = await page.context().newPage();
  await open(other, '/log');
  await expect(other.getByText(/^1538 entries/)).toBeVisible();
  const drawn = await other.getByRole('row').count();
  expect(drawn).toBeLessThan(120);
  await other.getByLabel('Search, in notes too').fill('gorse');
  await open(other, '/tool?id=wren');
  const form = other.getByRole('group', { name: 'Tool', exact: true });
  await form.getByLabel('Name', { exact: true }).fill('Wren the second');
  await other.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(other.getByText('Wren the second is saved.')).toBeVisible();
  await untilStored(other);

  await page.getByRole('button', { name: 'Take the import back' }).click();
  await expect(page.getByText(/^(Taken back|The import is taken back)/)).toBeVisible();
  await expect(touchUps).toContainText('38');
  await open(other, '/');
  await expect(other.getByRole('link', { name: 'Wren the second' }).first()).toBeVisible();
});

test('inches, ounces and pounds-force are shown and typed everywhere at once, and kept metric', async ({
  page,
}) => {
  await open(page, '/data');
  await page.getByRole('button', { name: 'inches, ounces, pounds-force' }).click();
  await expect(page.getByLabel('Thickness of your coin')).toHaveValue('0.0917');
  await open(page, '/tool?id=wren');
  const width = page.getByLabel('Blade width');
  await expect(width).toHaveValue(/^(0|1)\.\d+$/);
  await width.fill('1 1/4');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Wren is saved.')).toBeVisible();
  await open(page, '/touch-up?tool=wren');
  await expect(page.getByText(/ lbf/).first()).toBeAttached();
  await expect(page.getByText(/Lift the spine .* in$/).first()).toBeVisible();
  await open(page, '/shelf');
  await expect(page.getByText(/ oz$/).first()).toBeVisible();
  await open(page, '/data');
  const { records } = await exported(page);
  const wren = (records.tools as { id: string; bladeWidthMm: number }[]).find(
    ({ id }) => id === 'wren',
  );
  expect(wren!.bladeWidthMm).toBeCloseTo(31.75, 6);
  await page.getByRole('button', { name: 'mm, g, N' }).click();
  await expect(page.getByLabel('Thickness of your coin')).toHaveValue('2.33');
});

test('a file in other units shows its report and its way back all the same', async ({ page }) => {
  await open(page, '/data');
  await page.getByRole('button', { name: 'inches, ounces, pounds-force' }).click();
  await untilStored(page);
  const imperial = await exported(page);
  await page.getByRole('button', { name: 'mm, g, N' }).click();
  await untilStored(page);
  const file = JSON.parse(imperial.text);
  file.records.settings[0].updatedAt = '2090-01-01T00:00:00.000Z';
  await importText(page, 'inches.json', JSON.stringify(file));
  await expect(page.getByText('inches.json is brought in')).toBeVisible();
  const inches = page.getByRole('button', { name: 'inches, ounces, pounds-force' });
  await expect(inches).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Take the import back' }).click();
  await expect(inches).toHaveAttribute('aria-pressed', 'false');
});
