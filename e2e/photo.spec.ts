import type { Page } from '@playwright/test';
import { expect, open, test } from './fixtures';

/** Taps the photo at a place of it (px of the photo). */
async function tap(page: Page, x: number, y: number): Promise<void> {
  const stage = page.getByTestId('photo');
  await stage.scrollIntoViewIfNeeded();
  const box = (await stage.boundingBox())!;
  const scale = box.width / 1500;
  await stage.click({ position: { x: x * scale, y: y * scale } });
}

const choose = (page: Page, mark: string) =>
  page
    .getByRole('group', { name: 'What is marked' })
    .getByRole('button', { name: mark, exact: true })
    .click();

/** The made-up photo: twelve pixels a millimetre, heel of the edge here, coin there. */
const EDGE = { x: 180, y: 620 };
const COIN = { x: 380, y: 820, r: 144 };

async function markCoin(page: Page): Promise<void> {
  for (let i = 0; i < 6; i += 1) {
    const turn = (2 * Math.PI * i) / 6;
    await tap(page, COIN.x + COIN.r * Math.cos(turn), COIN.y + COIN.r * Math.sin(turn));
  }
}

const figure = (page: Page, name: string) =>
  page
    .getByRole('region', { name: 'What it measures' })
    .getByRole('listitem')
    .filter({ hasText: name });

test('a coin gives the scale; edge, bevel and chip are measured, and go where they belong', async ({
  page,
}) => {
  await open(page, '/measure/photo?tool=wren');
  await page.getByRole('button', { name: 'Try a made-up photo' }).click();
  await markCoin(page);
  await expect(page.getByText(/^The coin leans .*: allowed for\.$/)).toBeVisible();
  await choose(page, 'edge');
  await tap(page, EDGE.x, EDGE.y);
  await tap(page, EDGE.x + 95 * 12, EDGE.y);
  await expect(figure(page, 'edge')).toContainText(/9[45](\.\d)? mm ± \d/);
  await choose(page, 'bevel');
  await tap(page, EDGE.x + 240, EDGE.y);
  await tap(page, EDGE.x + 240, EDGE.y - 7 * 12);
  await expect(figure(page, 'bevel, as seen')).toContainText(/7\.\d+ mm ±|6\.9\d mm ±/);
  await choose(page, 'chip');
  await tap(page, EDGE.x + 52 * 12, EDGE.y - 6);
  await expect(figure(page, 'chip')).toContainText(/0\.\d+ mm ± .*from the heel/);
  // Arrow keys move the point last tapped: the chip grows by three of twelve pixels.
  const before = await figure(page, 'chip').innerText();
  await page.getByRole('application').focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowUp');
  await expect(figure(page, 'chip')).not.toHaveText(before);
  await page.getByRole('button', { name: 'chip, deep: Into a look of today' }).click();
  await expect(page.getByText('The chip stands in a look of today.')).toBeVisible();
  await open(page, '/tool?id=wren');
  await expect(page.getByRole('img', { name: /chip at 5[123] mm/ }).first()).toBeVisible();
});

test('a picture of one’s own is measured; what is none is refused in words', async ({ page }) => {
  await open(page, '/measure/photo?tool=wren');
  const input = page.getByLabel('Take or choose a photo');
  await input.setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no'),
  });
  await expect(page.getByText(/could not be read as a picture/)).toBeVisible();
  await input.setInputFiles('docs/screenshots/rack.png');
  await expect(page.getByTestId('photo')).toBeVisible();
  await tap(page, 300, 300);
  await page.getByRole('button', { name: 'Undo tap' }).click();
  await expect(page.getByRole('button', { name: 'Undo tap' })).toBeDisabled();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('three taps on a coin say that tilt cannot be seen', async ({ page }) => {
    await open(page, '/measure/photo?tool=wren');
    await page.getByRole('button', { name: 'Try a made-up photo' }).click();
    for (const turn of [0, 2, 4])
      await tap(page, COIN.x + COIN.r * Math.cos(turn), COIN.y + COIN.r * Math.sin(turn));
    await expect(page.getByText(/^Tilt cannot be seen by so few taps/)).toBeVisible();
  });
});
