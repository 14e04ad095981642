import { readFileSync } from 'node:fs';
import { expect, open, test } from './fixtures';
import { hangTool } from './layOut';

test('a new tool hangs, is measured, and its section follows', async ({ page }) => {
  await hangTool(page, 'Scandi knife', 'Sprig');
  await page.getByLabel('Angle known by').selectOption('face-width');
  await page.getByLabel('Bevel face').fill('7');
  await expect(page.getByLabel('Bevel angle, per side')).toHaveValue('12.37');
  await expect(page.getByRole('img', { name: /Section, bevel: 12.4° per side/ })).toBeVisible();
  await expect(page.getByText('dashed: as it is')).toBeVisible();
  await page.getByLabel('Bevel face').fill('1');
  await expect(page.getByText('The face must be more than half of the thickness')).toBeVisible();
  await page.getByLabel('Bevel face').fill('6.5');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Sprig is saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Bevel angle, per side')).toHaveValue('13.34');
});

test('a measure outside its limits is refused in place and nothing typed is lost', async ({
  page,
}) => {
  await open(page, '/tool?id=wren');
  await page.getByLabel('Blade width').fill('900');
  await page.getByLabel('Notes').fill('Measured by lamplight.');
  await expect(page.getByRole('alert').filter({ hasText: 'Must be at most 200' })).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByLabel('Blade width')).toHaveValue('900');
  await expect(page.getByLabel('Notes')).toHaveValue('Measured by lamplight.');
  await page.getByLabel('Blade width').fill('26');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Wren is saved.')).toBeVisible();
});

test('the angle finder weighs methods, and the wedge prints at its true size', async ({ page }) => {
  await open(page, '/tool?id=plover');
  await page.getByText('Angle finder').click();
  const method = (name: string) =>
    page.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) });
  await method('Spine lift').getByRole('textbox').fill('7.4');
  await method('Wedge').getByLabel('Height').fill('20');
  await method('Wedge').getByLabel('Base').fill('80');
  await expect(page.getByText('the methods agree')).toBeVisible();
  await method('Bevel height').getByLabel('Height').fill('1');
  await method('Bevel height').getByLabel('Thickness at the shoulder').fill('2');
  await expect(page.getByText('the methods do not agree')).toBeVisible();
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download to print (SVG)' }).click(),
  ]);
  const print = await page.context().newPage();
  await print.setContent(readFileSync((await svg.path())!, 'utf8'));
  const ruler = await print
    .locator('#check-ruler')
    .evaluate((r) => r.getBoundingClientRect().width);
  expect(ruler).toBeCloseTo((50 / 25.4) * 96, 1);
  const base = await print.locator('#wedge').evaluate((w) => w.getBoundingClientRect().width);
  expect(base).toBeCloseTo((80 / 25.4) * 96, 1);
});

test('a measure that is used while it is typed is refused in place too', async ({ page }) => {
  await open(page, '/kit');
  await page.getByText('What is asked of it', { exact: true }).click();
  await page.getByLabel('Longest touch-up out there').fill('999');
  await expect(page.getByText('Must be from 1 to 240')).toBeVisible();
  await expect(page.getByLabel('Longest touch-up out there')).toHaveValue('999');
});

test('a note on how it cuts changes the rack at once, in every tab', async ({ page, context }) => {
  await open(page, '/');
  const other = await context.newPage();
  await open(other, '/tool?id=plover');
  await other.getByRole('button', { name: 'Say how it cuts now' }).click();
  const note = other.getByRole('region', { name: 'How it cuts now' });
  await note.getByRole('button', { name: 'shaves, both ways' }).click();
  await other.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByText('8 tools need work')).toBeVisible();
  await other.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('9 tools need work')).toBeVisible();
});

test('a tool that is taken down comes back by Undo', async ({ page }) => {
  await open(page, '/tool?id=plover');
  await page.getByRole('button', { name: 'Take this tool down' }).click();
  await expect(page.getByRole('link', { name: 'Plover' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Plover' }).first()).toBeVisible();
});

test('the shelf takes a stone in any scale and converts grades', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Add to stones, files and papers' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Graded in').selectOption('fepa-p');
  await dialog.getByLabel('Number on it').fill('');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog.getByText('Enter the number printed on it')).toBeVisible();
  await dialog.getByLabel('Name').fill('paper strips P800');
  await dialog.getByLabel('Number on it').fill('800');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /^Edit paper strips P800/ })).toContainText('22');
  await page.getByLabel('Scale').selectOption('jis');
  await page.getByLabel('Number on it').fill('1000');
  await expect(page.getByText('12 µm', { exact: true })).toBeVisible();
  await page.getByLabel('Number on it').fill('99999');
  await expect(page.getByText('The number must be from 240 to 12000')).toBeVisible();
});

test('a picture is scaled down, kept, and removed with an undo', async ({ page }) => {
  await open(page, '/tool?id=tern');
  const add = (name: string, buffer: Buffer, mimeType: string) =>
    page.getByLabel('Picture from a file').setInputFiles({ name, mimeType, buffer });
  await add('notes.txt', Buffer.from('no picture'), 'text/plain');
  await expect(page.getByText('notes.txt is not a picture')).toBeVisible();
  const big = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 2600;
    canvas.height = 1300;
    canvas.getContext('2d')!.fillRect(0, 0, 900, 900);
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  await add('bench.png', Buffer.from(big, 'base64'), 'image/png');
  const picture = page.getByRole('img', { name: /^Tern, \d/ });
  await expect(picture).toBeVisible();
  await expect(picture).toHaveJSProperty('naturalWidth', 1280);
  await page.reload();
  await expect(picture).toBeVisible();
  await page.getByRole('button', { name: /^Remove the picture/ }).click();
  await expect(picture).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(picture).toBeVisible();
});

test('a school changes the plan, and says what it costs', async ({ page }) => {
  await open(page, '/tool?id=wren');
  await page.locator('summary', { hasText: 'Schools' }).click();
  await page.getByRole('button', { name: 'What it costs: Pressure on stones' }).click();
  await expect(page.getByText(/^Light throughout: .* strokes a side/)).toBeVisible();
  await page.getByLabel('Motion on stones', { exact: true }).selectOption('circles');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Wren is saved.')).toBeVisible();
  await open(page, '/touch-up?tool=wren');
  await expect(page.getByText(/^Circles, both ways/).first()).toBeVisible();
});
