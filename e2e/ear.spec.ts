import type { Page } from '@playwright/test';
import { resolve } from 'node:path';
import { makeRecording } from '../src/instruments/recordings';
import { listeningTo } from './browser';
import { writeWav } from './fakeMicrophone';
import { expect, hide, startTouchUp, test } from './fixtures';
import { watchStreams } from './watchStreams';

/** A minute of strokes, one a second, that the browser plays as its microphone. */
const PER_MINUTE = 60;
const SAMPLE_RATE_HZ = 48_000;
const FILE = resolve('test-results', 'microphone', 'strokes.wav');
writeWav(
  FILE,
  makeRecording({
    seconds: 60,
    sampleRateHz: SAMPLE_RATE_HZ,
    perMinute: PER_MINUTE,
    motion: 'single',
    overHissDb: 20,
    surroundings: 'birds',
    seed: 77,
  }).samples,
  SAMPLE_RATE_HZ,
);

test.use({ launchOptions: listeningTo(`--use-file-for-fake-audio-capture=${FILE}`) });

const counted = async (page: Page): Promise<number> =>
  Number(await page.getByTestId('count').innerText());

/** Turns the ear on, and goes back to the count. */
async function listen(page: Page, by: string): Promise<void> {
  await startTouchUp(page, 'wren');
  await page.getByRole('button', { name: 'This step' }).click();
  await page
    .getByRole('group', { name: /^Count by the sound/ })
    .getByRole('button', { name: by })
    .click();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
}

test('the guide counts what its microphone hears, at the pace of the strokes', async ({ page }) => {
  await listen(page, 'by the microphone');
  await expect.poll(() => counted(page)).toBeGreaterThanOrEqual(5);
  const [from, began] = [await counted(page), Date.now()];
  await expect(page.getByText(/^By ear: strokes, about \d+ a minute\.$/)).toBeVisible();
  await expect.poll(() => counted(page)).toBeGreaterThanOrEqual(from + 20);
  const perMinute = (60_000 * ((await counted(page)) - from)) / (Date.now() - began);
  expect(Math.abs(perMinute / PER_MINUTE - 1)).toBeLessThan(0.15);
  // Paused, it does not listen: the light of the microphone is out.
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText(/^By ear: not listening now/)).toBeVisible();
});

test('the microphone is shut as soon as the page is hidden, and listens again when it is back', async ({
  page,
}) => {
  const streams = await watchStreams(page);
  await listen(page, 'by the microphone');
  await expect.poll(streams).toEqual(['live']);
  await hide(page);
  await expect.poll(streams).toEqual(['ended']);
  await expect(page.getByText(/^By ear: not listening now/)).toBeVisible();
  await hide(page, false);
  await expect.poll(streams).toEqual(['ended', 'live']);
});

test('a simulated hand counts too, and a tap within it is not counted twice', async ({ page }) => {
  await listen(page, 'try a simulated hand');
  await expect.poll(() => counted(page)).toBeGreaterThanOrEqual(3);
  // Just after one was heard, a tap stands for the next.
  const before = await counted(page);
  await expect.poll(() => counted(page), { intervals: [20], timeout: 5000 }).toBe(before + 1);
  const tapped = Date.now();
  await page.getByTestId('count').click();
  expect(await counted(page)).toBe(before + 2);
  // The one after that counts again; two came and one was the tap’s.
  await expect.poll(() => counted(page), { intervals: [20], timeout: 6000 }).toBe(before + 3);
  expect(Date.now() - tapped).toBeGreaterThan(1500);
});
