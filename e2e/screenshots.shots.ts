import type { Page } from '@playwright/test';
import { expect, open, startTouchUp, test, waitUntilPlanned } from './fixtures';
import { lay, startEmpty } from './layOut';
import { choose, tapPhoto, truth } from './madeUpPhoto';

const FOLDER = 'docs/screenshots';
const PHONE = { width: 360, height: 740 };

async function shoot(page: Page, name: string): Promise<void> {
  await page.waitForTimeout(400);
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
}

/** Strokes on both sides of the first step, so that the guide shows work under way. */
async function workABit(page: Page): Promise<void> {
  const count = page.getByTestId('count');
  for (let i = 0; i < 36; i += 1) await count.click();
  await page.getByRole('button', { name: 'Turn it over' }).click();
  for (let i = 0; i < 34; i += 1) await count.click();
}

for (const [name, path] of [
  ['rack', '/'],
  ['inspect', '/inspect?tool=old-hob'],
  ['tool', '/tool?id=plover'],
  ['trip', '/trip'],
  ['shelf', '/shelf'],
  ['plan', '/touch-up?tool=old-hob'],
  ['care', '/care'],
  ['log', '/log'],
  ['taught', '/log/taught'],
  ['words', '/words?word=burr'],
  ['lab', '/lab?tool=wren&strokes=80'],
] as const) {
  test(name, async ({ page }) => {
    await open(page, path);
    if (name === 'trip') await expect(page.getByText('2000 runs;')).toBeVisible();
    if (name === 'log') await expect(page.getByTestId('time-brush')).toBeVisible();
    if (name === 'lab')
      await expect(page.getByRole('heading', { name: /^With a wobble/ })).toBeVisible();
    if (name === 'tool')
      await expect(page.getByRole('link', { name: 'Plan a touch-up' })).toBeVisible();
    await shoot(page, name);
  });
}

test('kit', async ({ page }) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  await expect(page.getByText('Out there, closing strops and all:')).toContainText(/\d min \(/);
  await shoot(page, 'kit');
  await page.getByRole('button', { name: 'Pack this kit' }).click();
  await page.getByRole('link', { name: 'Field card and packing list' }).click();
  await expect(page.getByRole('region', { name: 'Side 2' })).toBeVisible();
  await shoot(page, 'card');
});

test('guide', async ({ page }) => {
  await startTouchUp(page, 'tern');
  await workABit(page);
  await shoot(page, 'guide');
  await page.setViewportSize(PHONE);
  await page.evaluate(() => localStorage.setItem('open-trail-theme', 'ember'));
  await page.reload();
  await shoot(page, 'guide-phone-ember');
});

test('photo', async ({ page }) => {
  await open(page, '/measure/photo?tool=wren');
  await page.getByRole('button', { name: 'Try a made-up photo' }).click();
  for (let i = 0; i < 6; i += 1) await tapPhoto(page, truth.rimAt(1.05 * i));
  await choose(page, 'edge');
  for (const end of [truth.edge[0]!, truth.edge.at(-1)!]) await tapPhoto(page, end);
  await choose(page, 'bevel');
  for (const y of [0, 7]) await tapPhoto(page, truth.toPx({ x: 30, y }));
  await choose(page, 'outline');
  for (const i of [0, 55, 100, 140, 199, 215, 235, 250]) await tapPhoto(page, truth.outline[i]!);
  await choose(page, 'chip');
  await tapPhoto(page, truth.toPx({ x: 52, y: 0.5 }));
  await page.getByRole('button', { name: 'Look for glints' }).click();
  await expect(page.getByRole('region', { name: 'On the edge' })).toBeVisible();
  await page.evaluate(() => window.scrollTo(0, 0));
  await shoot(page, 'photo');
});

test('lay out, and the first answer', async ({ page }) => {
  await startEmpty(page);
  await page.goto('/lay-out');
  for (const [tool, word] of [
    ['Felling axe', 'blunt'],
    ['Hatchet', 'I do not know'],
    ['Machete', 'blunt'],
    ['Scandi knife', 'tired'],
    ['Parer', 'works'],
  ] as const) {
    await lay(page, tool);
    if (tool === 'Parer') await lay(page, tool);
    await page.getByRole('button', { name: word, exact: true }).click();
  }
  for (const thing of ['Mill file', 'Medium plate', 'Trouser belt']) await lay(page, thing);
  await shoot(page, 'lay-out');
  await page.setViewportSize(PHONE);
  await page.getByRole('button', { name: 'See what to do' }).last().click();
  await expect(page.getByRole('heading', { name: /^One measure helps most/ })).toBeVisible();
  await page.waitForTimeout(9500);
  await shoot(page, 'first-answer-phone');
});

test('rack on a phone', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await open(page, '/');
  await shoot(page, 'rack-phone');
});
