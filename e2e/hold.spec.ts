import { recordHold } from '../src/instruments/recordedHold';
import { emulatedSensors } from './emulatedSensors';
import { expect, hide, open, test, undo } from './fixtures';

test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

test('a set on a lath zeroes, begins and ends by itself, and says what it does to the edge', async ({
  page,
}) => {
  await open(page, '/measure/hold?tool=wren');
  await expect(page.getByText('Never on a bare edge:')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Your wobble, set by set' })).toBeVisible();
  await page.getByRole('button', { name: 'Try a simulated hand' }).click();
  await expect(page.getByRole('heading', { name: 'Lay it flat on the stone' })).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Lift to 15°, and go/ })).toBeVisible();
  await expect(page.getByTestId('set-count')).toBeVisible();
  // Nobody taps: it ends as it lies still.
  await expect(page.getByRole('heading', { name: /^Wobble \d\.?\d?° in 2\d strokes/ })).toBeVisible(
    {
      timeout: 60_000,
    },
  );
  await expect(page.getByRole('row', { name: /^mean 15/ })).toContainText('asked 15°');
  await expect(page.getByRole('heading', { name: /^So Wren ends 3\d.*°, not 30°$/ })).toBeVisible();
  await expect(page.getByText('A simulated hand is not saved.')).toBeVisible();
  await page.getByRole('link', { name: 'In the lab' }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: /^With a wobble of .* Wren/ }),
  ).toBeVisible();
});

test('what was practised can be forgotten, and taken back', async ({ page }) => {
  await open(page, '/measure/hold?tool=wren');
  await expect(page.getByText(/for your hands, from 8 sets\./)).toBeVisible();
  await page.getByRole('button', { name: 'Forget all sets' }).click();
  await expect(page.getByText(/until you practise: the usual one\./)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/for your hands, from 8 sets\./)).toBeVisible();
});

test('without sensors the coach says so', async ({ page }) => {
  await open(page, '/measure/hold?tool=wren');
  await page.getByRole('button', { name: 'Begin with this phone' }).click();
  await expect(page.getByText(/^No motion sensors answer on this device\./)).toBeVisible();
});

test('a set on the sensors of the device itself is studied, saved and learned from', async ({
  page,
}) => {
  await open(page, '/measure/hold?tool=wren');
  await expect(page.getByText(/for your hands, from 8 sets\./)).toBeVisible();
  const scene = { angleDeg: 15, wobbleDeg: 1.5, driftDeg: 0, backSteeperDeg: 3 };
  const { readings } = recordHold({ ...scene, strokes: 16, perMinute: 50, seed: 21 });
  const play = await emulatedSensors(page);
  await page.getByRole('button', { name: 'Begin with this phone' }).click();
  // Nobody taps: it begins by its third stroke, and ends as it lies still.
  const played = play(readings);
  await expect(page.getByRole('heading', { name: /^Lift to 15°, and go/ })).toBeVisible();
  await expect(page.getByTestId('set-count')).toBeVisible();
  await played;
  // Directions are told: the device gives acceleration and turning.
  await expect(
    page.getByRole('heading', {
      name: /^Wobble \d.*° in 1[2-8] strokes.* steeper on the way back$/,
    }),
  ).toBeVisible();
  // It is saved as it ends, and can be left out.
  await expect(page.getByText('The set is saved.')).toBeVisible();
  await expect(page.getByText(/for your hands, from 9 sets\./)).toBeVisible();
  await page.getByRole('button', { name: 'Leave this set out' }).click();
  await expect(page.getByText(/for your hands, from 8 sets\./)).toBeVisible();
  await undo(page, 'The set is left out.');
  await expect(page.getByText(/for your hands, from 9 sets\./)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/for your hands, from 9 sets\./)).toBeVisible();
});

test('a set is let go of as soon as the page is hidden', async ({ page }) => {
  await open(page, '/measure/hold?tool=wren');
  await page.getByRole('button', { name: 'Try a simulated hand' }).click();
  await expect(page.getByRole('heading', { name: 'Lay it flat on the stone' })).toBeVisible();
  await hide(page);
  await expect(page.getByRole('button', { name: 'Try a simulated hand' })).toBeVisible();
});

test('a set that is cut short in the middle is as good as its strokes', async ({ page }) => {
  await open(page, '/measure/hold?tool=wren');
  await page.getByRole('button', { name: 'Try a simulated hand' }).click();
  await expect(page.getByTestId('set-count')).toHaveText(/^([6-9]|\d\d)$/);
  await hide(page);
  await expect(page.getByRole('heading', { name: /in \d+ strokes/ })).toBeVisible();
});
