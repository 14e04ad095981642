import type { CDPSession, Page } from '@playwright/test';
import { expect, open, test } from './fixtures';

test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

/** Holds the browser's own sensor at a tilt, trembling a little, until it is told otherwise. */
async function held(page: Page): Promise<(betaDeg: number) => Promise<void>> {
  const cdp: CDPSession = await page.context().newCDPSession(page);
  let timer: ReturnType<typeof setInterval> | undefined;
  page.on('close', () => clearInterval(timer));
  return async (betaDeg) => {
    clearInterval(timer);
    let step = 0;
    timer = setInterval(() => {
      step += 1;
      const beta = betaDeg + 0.05 * Math.sin(step);
      cdp
        .send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta, gamma: 0 })
        .catch(() => clearInterval(timer));
    }, 60);
  };
}

const start = (page: Page, name: string) => page.getByRole('button', { name }).click();
const tap = async (page: Page, name: string | RegExp): Promise<void> => {
  const button = page.getByRole('button', { name });
  await expect(button).toBeEnabled();
  await button.click();
};

test('a simulated phone finds an angle, turned end for end too, and the tool keeps it with its ±', async ({
  page,
}) => {
  await open(page, '/measure/angle?tool=plover');
  await start(page, 'Try a simulated phone');
  await tap(page, 'Zero here');
  await expect(page.getByText('Now stand the blade on its edge')).toBeVisible();
  await expect(page.getByText(/on the upper face, less .* half taper/)).toBeVisible();
  await tap(page, 'Turn end for end');
  await tap(page, 'Zero here');
  await expect(page.getByText(/^Turned end for end: /)).toBeVisible();
  await expect(page.getByText(/^still for 2 s/)).toBeVisible();
  await tap(page, /^Keep \d/);
  await expect(page.getByText(/Plover now stands at .* per side, by the phone\./)).toBeVisible();
  await page.goto('/tool?id=plover');
  await page.getByRole('button', { name: 'Section, and how to hold it' }).click();
  await expect(page.getByRole('row', { name: /tilt of a phone, ± 0\.\d°/ })).toBeVisible();
});

test('the sensor of the device itself is read, and its zero and taper are heeded', async ({
  page,
}) => {
  const hold = await held(page);
  await open(page, '/measure/angle?tool=wren');
  await start(page, 'Use this phone’s level');
  await hold(2);
  await tap(page, 'Zero here');
  await hold(19);
  // Wren’s faces are parallel: 19° less the 2° of the stone.
  await expect(page.getByText(/^still for 2 s/)).toBeVisible();
  await tap(page, /^Keep 17°$|^Keep 17\.0°$|^Keep 16\.9°$|^Keep 17\.1°$/);
  await expect(page.getByText(/Wren now stands at 1[67]/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^Until now 15°, face width/)).toBeVisible();
});

test('without a level the screen says so, and names what goes without', async ({ page }) => {
  await open(page, '/measure/angle?tool=wren');
  await start(page, 'Use this phone’s level');
  await expect(page.getByText('No level answers on this device.')).toBeVisible();
  await page.getByRole('link', { name: /printed wedge/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Wren');
});
