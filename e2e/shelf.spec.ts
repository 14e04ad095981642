import { readFile, writeFile } from 'node:fs/promises';
import { expect, open, test } from './fixtures';

test('a strop keeps its form, its two faces and its sag, drawn as an angle', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Edit paddle strop' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('Works 9 of 10 edges')).toBeVisible();
  await dialog.getByRole('button', { name: 'It has a second face' }).click();
  await dialog.getByLabel('Compound on it').selectOption({ label: '3 µm crayon' });
  await dialog.getByText('Width, sag, what is left').click();
  await dialog.getByLabel('Sags by').fill('6');
  await expect(dialog.getByRole('img', { name: /steeper at the apex/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /Edit paddle strop/ })).toContainText(
    'other face leather, 3 µm crayon; sags by 6 mm',
  );
});

test('a stone says what it reaches, is made fresh, and stays an oil stone', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Edit puck' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/Not Crook: a flat stone/)).toBeVisible();
  await dialog.getByText('Wear, water, what it goes with').click();
  await expect(dialog.getByText(/strokes in \d+ touch-ups/)).toBeVisible();
  await dialog.getByRole('button', { name: 'It is cleaned or flattened now' }).click();
  await expect(dialog.getByText(/Last cleaned or flattened .*: no stroke/)).toBeVisible();
  await dialog.getByLabel('Oil or fat was on it').check();
  await expect(dialog.getByText('It stays an oil stone')).toBeVisible();
  await dialog.getByRole('button', { name: 'Save' }).click();
  const row = page.getByRole('row', { name: /Edit puck/ });
  await expect(row).toContainText('an oil stone');
  await expect(row).not.toContainText('water');
});

test('helpers are kept, and a natural stone goes in by its density', async ({ page }) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'Add to helpers' }).click();
  let dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('folded wedge');
  await dialog.getByLabel('Kind').selectOption('wedge');
  await expect(dialog.getByLabel('see the angle')).toBeChecked();
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /folded wedge/ })).toContainText(
    'wedge; see the angle',
  );

  await page.getByRole('button', { name: 'Edit hard pocket stone' }).click();
  dialog = page.getByRole('dialog');
  await dialog.getByLabel('Graded in').selectOption('density');
  await dialog.getByRole('button', { name: /By its weight and measures 2\.43/ }).click();
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /hard pocket stone/ })).toContainText('2.43 g/ml');
});

test('what each thing adds is counted, and what another would bring', async ({ page }) => {
  await open(page, '/shelf');
  const adds = page.getByRole('region', { name: 'What each thing adds' });
  await expect(adds.getByRole('row', { name: /trouser belt/ })).toBeVisible();
  await adds.getByRole('button', { name: 'a chip of 0.25 mm in each' }).click();
  await expect(adds.getByRole('row', { name: /mill file .*min/ })).toBeVisible();
  const brings = adds.getByRole('region', { name: 'What would it bring?' });
  await expect(brings.getByRole('status')).toContainText(/^A 25 µm diamond plate would/);
  await brings.getByLabel('Size').fill('120');
  await brings.getByLabel('Form').selectOption('rod');
  await expect(brings.getByRole('status')).toContainText(/^A 120 µm diamond rod would/);
});

test('the shelf goes out as a table and a stranger’s table comes in, with undo', async ({
  page,
}, testInfo) => {
  await open(page, '/shelf');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const text = await readFile((await (await saved).path())!, 'utf8');
  expect(text.split('\n')[0]).toContain('what,name,form');
  expect(text).toContain('F 120');

  const file = testInfo.outputPath('stones.csv');
  const take = async (csv: string) => {
    await writeFile(file, csv);
    await page.getByLabel('Table to take in').setInputFiles(file);
  };
  await take('Dings;Grit;Weight\nnew plate;1000;48\n');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('Line 2')).toBeVisible();
  await expect(dialog.getByRole('button', { name: /Take in/ })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Cancel' }).click();

  await take('Dings;Grit;Weight\nnew plate;25 µm;48\npuck;F 120;270\n');
  await expect(dialog.getByText('name: must not be empty').first()).toBeVisible();
  await dialog.getByLabel('Name').selectOption({ label: 'Dings' });
  await expect(dialog.getByRole('row', { name: /new plate .* a new stone/ })).toBeVisible();
  await expect(dialog.getByRole('row', { name: /puck .* changes the stone/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Take in 2 things' }).click();
  await expect(page.getByRole('button', { name: 'Edit new plate' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Edit puck/ })).toContainText('270 g');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Edit new plate' })).toHaveCount(0);
  await expect(page.getByRole('row', { name: /Edit puck/ })).toContainText('265 g');
});
