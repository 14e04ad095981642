import type { Page } from '@playwright/test';
import { decode, encode } from 'jpeg-js';
import { readFileSync } from 'node:fs';
import { readZip } from '../src/formats/zipBundle';
import { expect, open, startTouchUp, test } from './fixtures';
import { choose, tapPhoto, truth } from './madeUpPhoto';

async function madeUp(page: Page, tool = 'wren'): Promise<void> {
  await open(page, `/measure/photo?tool=${tool}`);
  await page.getByRole('button', { name: 'Try a made-up photo' }).click();
  await expect(page.getByTestId('photo')).toBeVisible();
}

async function markCoin(page: Page, turns = [0, 1.05, 2.1, 3.14, 4.2, 5.2]): Promise<void> {
  for (const turn of turns) await tapPhoto(page, truth.rimAt(turn));
}

async function markEdge(page: Page): Promise<void> {
  await choose(page, 'edge');
  await tapPhoto(page, truth.edge[0]!);
  await tapPhoto(page, truth.edge.at(-1)!);
}

const figure = (page: Page, name: string) =>
  page
    .getByRole('region', { name: 'What it measures' })
    .getByRole('listitem')
    .filter({ hasText: name });

/** A made-up photo with its scale and its edge, followed along its belly; what it says of the edge. */
async function measuredEdge(page: Page, turns?: number[]): Promise<string> {
  await madeUp(page);
  await markCoin(page, turns);
  await markEdge(page);
  await expect(figure(page, 'edge')).toContainText(/(9[89]|100) mm ± \d/);
  return (await figure(page, 'edge').textContent())!;
}

test('a coin gives the scale; edge, bevel and chip are measured, and go where they belong', async ({
  page,
}) => {
  await madeUp(page);
  await markCoin(page);
  await expect(
    page.getByText(/^Rim found on the photo\. (The coin leans|No lean that could be told)/),
  ).toBeVisible();
  await markEdge(page);
  // The edge is followed along its belly: longer than straight across.
  await expect(figure(page, 'edge')).toContainText(/was 95 mm\s*(9[89]|10[0-2]) mm ± \d/);
  await choose(page, 'bevel');
  await tapPhoto(page, truth.toPx({ x: 30, y: 0 }));
  await tapPhoto(page, truth.toPx({ x: 30, y: 7 }));
  await expect(figure(page, 'bevel, as seen')).toContainText(/[67]\.\d+ mm ±/);
  await choose(page, 'chip');
  await tapPhoto(page, truth.toPx({ x: 52, y: 0.5 }));
  await expect(figure(page, 'chip')).toContainText(/[01]\.\d+ mm ± .*from the heel/);
  // Arrow keys move the point last tapped: the chip grows by six pixels.
  const before = await figure(page, 'chip').innerText();
  await page.getByRole('application').focus();
  for (let i = 0; i < 6; i += 1) await page.keyboard.press('ArrowUp');
  await expect(figure(page, 'chip')).not.toHaveText(before);
  await page.getByRole('button', { name: 'chip, deep: Into a look of today' }).click();
  await expect(page.getByText('It stands in a look of today.')).toBeVisible();
  await open(page, '/tool?id=wren');
  await expect(page.getByRole('img', { name: /chip at (4[89]|5[0-3]) mm/ }).first()).toBeVisible();
});

test('a photo that is half measured is there again, and comes back when it was laid aside', async ({
  page,
}) => {
  const measured = await measuredEdge(page);
  await page.reload();
  await expect(page.getByText(/^As you left it/)).toBeVisible();
  await expect(figure(page, 'edge')).toHaveText(measured);
  await open(page, '/');
  await page
    .getByRole('link', { name: /^You were measuring Wren on a photo: coin, edge marked/ })
    .click();
  await expect(figure(page, 'edge')).toHaveText(measured);
  await page.getByRole('button', { name: 'Another photo' }).click();
  await expect(page.getByRole('button', { name: 'Try a made-up photo' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(figure(page, 'edge')).toHaveText(measured);
  const undoPoint = page.getByRole('button', { name: 'Undo point' });
  await undoPoint.click();
  await expect(figure(page, 'edge')).toHaveCount(0);
  // A tap is taken back on the mark that it was made on, whatever is marked next.
  await tapPhoto(page, truth.edge.at(-1)!);
  await expect(figure(page, 'edge')).toHaveCount(1);
  await choose(page, 'bevel');
  await undoPoint.click();
  await expect(figure(page, 'edge')).toHaveCount(0);
  // What is let go where it belongs is half done no longer.
  await tapPhoto(page, truth.edge.at(-1)!);
  await page.getByRole('button', { name: 'edge: Into the tool' }).click();
  await expect(page.getByText('Kept from the photo.')).toBeVisible();
  await open(page, '/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: /measuring Wren on a photo/ })).toHaveCount(0);
});

test('points are set and moved by the keyboard alone', async ({ page }) => {
  await madeUp(page);
  await choose(page, 'rule');
  const stage = page.getByRole('application');
  await stage.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  for (let i = 0; i < 12; i += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText(/Tilt cannot be seen by so few taps/)).toBeVisible();
  await choose(page, 'spine');
  await stage.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  for (let i = 0; i < 6; i += 1) await page.keyboard.press('Shift+ArrowDown');
  // Half of what was taken for fifty millimetres.
  await expect(figure(page, 'spine, thick')).toContainText(/25(\.0+)? mm ±/);
});

test('any point is taken up again, moved, and its move taken back', async ({ page }) => {
  const measured = await measuredEdge(page, [0, 1.26, 2.51, 3.77, 5.03]);
  await choose(page, 'coin');
  await expect(page.getByText('5 of 5')).toBeVisible();
  await page.getByRole('button', { name: 'The point before' }).click();
  await page.getByRole('application').focus();
  await page.keyboard.press('PageUp');
  await expect(page.getByText('3 of 5')).toBeVisible();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('Shift+ArrowRight');
  await expect(figure(page, 'edge')).not.toHaveText(measured);
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: 'Undo point' }).click();
  await expect(figure(page, 'edge')).toHaveText(measured);
  await expect(page.getByText('3 of 5')).toBeVisible();
});

test('one more point between two leads the line back to the edge, and is taken back', async ({
  page,
}) => {
  const followed = await measuredEdge(page);
  const between = page.getByRole('button', { name: 'One more point between this and the next' });
  await between.click();
  await expect(page.getByText('2 of 3')).toBeVisible();
  await page.getByRole('application').focus();
  // Drawn off the edge the line goes a longer way; drawn back it is what it was.
  for (let i = 0; i < 20; i += 1) await page.keyboard.press('Shift+ArrowDown');
  await expect(figure(page, 'edge')).toContainText(/1(0[3-9]|\d\d) mm ± \d/);
  for (let i = 0; i < 20; i += 1) await page.keyboard.press('Shift+ArrowUp');
  await expect(figure(page, 'edge')).toContainText(/(9[89]|100) mm ± \d/);
  for (let i = 0; i < 41; i += 1) await page.getByRole('button', { name: 'Undo point' }).click();
  await expect(figure(page, 'edge')).toHaveText(followed);
});

test('what no tool can be is said, and cannot be let go', async ({ page }) => {
  await madeUp(page);
  await choose(page, 'rule');
  const { x, y } = truth.edge[0]!;
  for (const point of [truth.edge[0]!, { x: x + 20, y }]) await tapPhoto(page, point);
  await markEdge(page);
  await expect(page.getByText(/^No tool is so large or so small/)).toBeVisible();
  await expect(figure(page, 'edge')).toContainText('mm');
  await expect(page.getByRole('button', { name: 'edge: Into the tool' })).toHaveCount(0);
});

test('bright stretches of the edge are suggested, and those that are taken are findings of one look', async ({
  page,
}) => {
  await madeUp(page);
  await markCoin(page);
  await markEdge(page);
  await page.getByRole('button', { name: 'Look for glints' }).click();
  const keeps = page.getByRole('button', { name: 'glint: Into a look of today' });
  await expect(keeps.first()).toBeVisible();
  expect(await keeps.count()).toBeGreaterThanOrEqual(2);
  await expect(figure(page, 'glint').first()).toContainText(/(5[7-9]|6[0-2]) mm to 6\d mm/);
  const many = await keeps.count();
  // One right after the other: both are findings of one look.
  await keeps.evaluateAll((pegs) => {
    (pegs[0] as HTMLElement).click();
    (pegs.at(-1) as HTMLElement).click();
  });
  await expect(keeps).toHaveCount(many - 2);
  await open(page, '/tool?id=wren');
  await expect(
    page.getByRole('img', { name: /glint at [56]\d mm.*glint at 8\d mm/ }).first(),
  ).toBeVisible();
});

test('the outline of the tool is followed from a few taps, and hangs on the rack until it is taken back', async ({
  page,
}) => {
  // A long way over many screens.
  await open(page, '/');
  const steel = () =>
    page
      .getByRole('listitem')
      .filter({ hasText: 'Wren' })
      .locator('path[fill="var(--steel)"]')
      .first()
      .getAttribute('d');
  const drawn = await steel();
  await madeUp(page);
  await markCoin(page);
  await markEdge(page);
  await choose(page, 'outline');
  for (const i of [0, 55, 100, 140, 199, 215, 235, 250]) await tapPhoto(page, truth.outline[i]!);
  await choose(page, 'neck');
  for (const end of truth.neck) await tapPhoto(page, end);
  await page.getByRole('button', { name: 'silhouette: Onto the rack' }).click();
  await expect(page.getByText('Kept from the photo.')).toBeVisible();
  await open(page, '/');
  await expect.poll(steel).toMatch(/^M[\d.,]+(L[\d.,]+){10,}Z$/);
  const traced = await steel();
  for (const path of ['/trip?trip=tarrow-ness', '/kit/card?trip=tarrow-ness']) {
    await open(page, path);
    await expect(page.locator(`path[d="${traced}"]`).first()).toBeAttached();
  }
  await open(page, '/tool?id=wren');
  await page.getByText('Handle, head, sheath, spine').click();
  await page.getByRole('button', { name: 'Draw it from its measures' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Wren is saved.')).toBeVisible();
  await open(page, '/');
  await expect.poll(steel).toBe(drawn);
});

test('a photo is kept with its scale, before and after stand side by side, and go with their entry', async ({
  page,
}) => {
  // A long way over many screens.
  await madeUp(page, 'plover');
  await markCoin(page);
  await markEdge(page);
  const keep = page.getByRole('region', { name: 'Save the photo' });
  await keep.getByRole('button', { name: /^With the touch-up of .*, before$/ }).click();
  await expect(page.getByText('The picture is saved.')).toHaveCount(1);
  await keep.getByRole('button', { name: /^With the touch-up of .*, after$/ }).click();
  await expect(page.getByText('The picture is saved.')).toHaveCount(2);
  await keep.getByRole('button', { name: 'With the tool' }).click();
  await expect(page.getByText('The picture is saved.')).toHaveCount(3);
  await open(page, '/tool?id=plover');
  const beside = page.getByRole('region', { name: 'Side by side' });
  await expect(beside).toContainText('At one scale, edge to edge.');
  await expect(page.getByRole('link', { name: /^Measure on the picture of/ })).toHaveCount(3);
  await open(page, '/log');
  const row = page.getByRole('row').filter({ hasText: 'Plover' }).first();
  await row.getByRole('link').click();
  await expect(beside.getByRole('img', { name: /before/ })).toBeVisible();
  await expect(beside.getByRole('img', { name: /after/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take this entry down' }).click();
  await expect(page).toHaveURL(/\/log$/);
  await open(page, '/tool?id=plover');
  await expect(page.getByRole('link', { name: /^Measure on the picture of/ })).toHaveCount(1);
  await open(page, '/data/bin');
  await page
    .getByRole('button', { name: /^Put back/ })
    .first()
    .click();
  await expect(page.getByText(/ is back\.$/)).toBeVisible();
  await open(page, '/tool?id=plover');
  await expect(page.getByRole('link', { name: /^Measure on the picture of/ })).toHaveCount(3);
});

test('an edge under the hands is pictured before its first stroke, and the picture is its touch-up’s', async ({
  page,
}) => {
  await startTouchUp(page, 'tern');
  await page.getByRole('button', { name: 'Look', exact: true }).click();
  await page.getByLabel('Picture from a file').setInputFiles('docs/screenshots/log.png');
  await expect(page.getByRole('img', { name: /^Tern, before, / })).toBeVisible();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await page.getByTestId('count').click();
  await page.getByRole('button', { name: 'Look', exact: true }).click();
  // It has been touched: what is seen now is not before.
  await expect(page.getByLabel('Picture from a file')).toHaveCount(0);
  await open(page, '/tool?id=tern');
  await expect(page.getByRole('img', { name: /^Tern, before, / })).toBeVisible();
});

test('pictures travel in a ZIP, upright and without where they were taken, and come back from it', async ({
  page,
}) => {
  await open(page, '/tool?id=tern');
  await page.getByLabel('Picture from a file').setInputFiles({
    name: 'in the woods.jpg',
    mimeType: 'image/jpeg',
    buffer: sidewaysWithPlace(),
  });
  await expect(page.getByRole('img', { name: /^Tern, / })).toBeVisible();
  await open(page, '/data');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export everything' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toMatch(/^open-trail-[\d-]+\.zip$/);
  const bytes = readFileSync((await file.path())!);
  const reading = readZip(bytes);
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  const photo = reading.bundle.records.photos.find(({ entry }) => entry === null);
  const jpeg = Buffer.from(photo!.dataUrl.split(',')[1]!, 'base64');
  expect(jpeg.includes('Exif')).toBe(false);
  expect(jpeg.includes('GPS 51 N')).toBe(false);
  // The camera lay on its side: kept, the picture stands.
  const { width, height } = decode(jpeg);
  expect([width, height]).toEqual([60, 90]);
  await page.getByRole('button', { name: 'Remove everything' }).click();
  await page.getByLabel('File to import').setInputFiles({
    name: 'mine.zip',
    mimeType: 'application/zip',
    buffer: bytes,
  });
  await expect(page.getByText('mine.zip is brought in')).toBeVisible();
  await open(page, '/tool?id=tern');
  await expect(page.getByRole('img', { name: /^Tern, / })).toBeVisible();
  await open(page, '/data');
  await page.getByLabel('File to import').setInputFiles({
    name: 'half.zip',
    mimeType: 'application/zip',
    buffer: bytes.subarray(0, bytes.length / 2),
  });
  await expect(
    page.getByText(/is a ZIP that is cut off or damaged: export it again/),
  ).toBeVisible();
});

/** A JPEG of 90 × 60 px whose camera lay on its side (Exif orientation 6), with a place in it. */
function sidewaysWithPlace(): Buffer {
  const { data } = encode({ width: 90, height: 60, data: Buffer.alloc(4 * 90 * 60, 180) }, 80);
  const tiff = Buffer.from('4d4d002a00000008000101120003000000010006000000000000', 'hex');
  const exif = Buffer.concat([Buffer.from('Exif\0\0'), tiff, Buffer.from('GPS 51 N')]);
  const head = Buffer.from([0xff, 0xe1, 0, exif.length + 2]);
  return Buffer.concat([data.subarray(0, 2), head, exif, data.subarray(2)]);
}

test('what was measured on a picture that is kept goes with it', async ({ page }) => {
  await open(page, '/tool?id=wren');
  await page
    .getByRole('link', { name: /^Measure on the picture of before/ })
    .first()
    .click();
  await expect(page.getByTestId('photo')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save the scale with it' })).toBeDisabled();
  const stage = page.getByTestId('photo');
  const { width, height } = (await stage.boundingBox())!;
  for (const [x, y] of [
    [0.3, 0.4],
    [0.4, 0.4],
    [0.35, 0.5],
  ] as const)
    await stage.click({ position: { x: x * width, y: y * height } });
  await page.getByRole('button', { name: 'Save the scale with it' }).click();
  await expect(page.getByText('The picture has its scale.')).toBeVisible();
});

test('a picture of one’s own is measured; what is none is refused in words', async ({ page }) => {
  await open(page, '/measure/photo?tool=wren');
  const input = page.getByLabel('From a file');
  await input.setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no'),
  });
  await expect(page.getByText(/could not be read as a picture/)).toBeVisible();
  await input.setInputFiles('docs/screenshots/rack.png');
  await expect(page.getByTestId('photo')).toBeVisible();
  await tapPhoto(page, { x: 300, y: 300 });
  await page.getByRole('button', { name: 'Undo point' }).click();
  await expect(page.getByRole('button', { name: 'Undo point' })).toBeDisabled();
});

test('a camera that is kept shut, or is not there, is told', async ({ page }) => {
  await open(page, '/measure/photo?tool=wren');
  await page.getByRole('button', { name: 'Camera', exact: true }).click();
  await expect(
    page.getByText(/^(The browser keeps the camera shut|There is no camera here)/),
  ).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('three taps of a finger are enough where the photo shows the rim; a grip moves the point finely', async ({
    page,
  }) => {
    await madeUp(page);
    await markCoin(page, [0, 2.1, 4.2]);
    await expect(page.getByText(/^Rim found on the photo\./)).toBeVisible();
    await markEdge(page);
    // By a finger's taps alone the ± of the scale would be twelve millimetres.
    await expect(figure(page, 'edge')).toContainText(/9\d mm ± [1-5](\.\d)? mm/);
    await expect(figure(page, 'edge')).toContainText('±');
    const before = await figure(page, 'edge').innerText();
    const grip = (await page.getByTestId('grip').boundingBox())!;
    const from = { x: grip.x + 20, y: grip.y + grip.height - 12 };
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x - 60, from.y - 4, { steps: 4 });
    await page.mouse.up();
    await expect(figure(page, 'edge')).not.toHaveText(before);
    await page.getByRole('button', { name: 'Undo point' }).click();
    await expect(figure(page, 'edge')).toHaveText(before, { useInnerText: true });
  });

  test('a touch that the browser takes away in mid-move leaves its point there, to be taken back', async ({
    page,
  }) => {
    await madeUp(page);
    await markCoin(page, [0, 2.1, 4.2]);
    await markEdge(page);
    await expect(figure(page, 'edge')).toContainText(/(9[89]|100) mm ±/);
    const before = await figure(page, 'edge').innerText();
    const grip = (await page.getByTestId('grip').boundingBox())!;
    const cdp = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchCancel', x: number): Promise<unknown> =>
      cdp.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchCancel' ? [] : [{ x, y: grip.y + grip.height - 12 }],
      });
    await touch('touchStart', grip.x + 20);
    for (const by of [20, 40, 60]) await touch('touchMove', grip.x + 20 - by);
    await touch('touchCancel', 0);
    await expect(figure(page, 'edge')).not.toHaveText(before, { useInnerText: true });
    await page.getByRole('button', { name: 'Undo point' }).click();
    await expect(figure(page, 'edge')).toHaveText(before, { useInnerText: true });
  });
});
