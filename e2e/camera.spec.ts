import { resolve } from 'node:path';
import { paintPhoto, TRIED_SCENE } from '../src/instruments/paintedPhoto';
import { listeningTo } from './browser';
import { writeMovie } from './fakeCamera';
import { expect, hide, open, test } from './fixtures';
import { watchStreams } from './watchStreams';

const truth = paintPhoto({ ...TRIED_SCENE, widthPx: 1280, heightPx: 720, pxPerMm: 5 });
const FILE = resolve('test-results', 'camera', 'knife.mjpeg');
writeMovie(FILE, truth.raster);

test.use({ launchOptions: listeningTo(`--use-file-for-fake-video-capture=${FILE}`) });

test('what the camera shows is taken, and measured like any photo; its light goes out', async ({
  page,
}) => {
  const streams = await watchStreams(page);
  await open(page, '/measure/photo?tool=wren');
  await page.getByRole('button', { name: 'Camera', exact: true }).click();
  await expect(page.getByLabel('What the camera shows')).toBeVisible();
  await page.waitForFunction(() => (document.querySelector('video')?.videoWidth ?? 0) > 0);
  await page.getByRole('button', { name: 'Take the photo' }).click();
  const stage = page.getByTestId('photo');
  await expect(stage).toBeVisible();
  expect(await streams()).toEqual(['ended']);
  const tap = async ({ x, y }: { x: number; y: number }): Promise<void> => {
    await stage.scrollIntoViewIfNeeded();
    const { width } = (await stage.boundingBox())!;
    await stage.click({ position: { x: (x * width) / 1280, y: (y * width) / 1280 } });
  };
  for (const turn of [0, 1.05, 2.1, 3.14, 4.2, 5.2]) await tap(truth.rimAt(turn));
  await page.getByRole('button', { name: 'edge', exact: true }).click();
  await tap(truth.edge[0]!);
  await tap(truth.edge.at(-1)!);
  await expect(page.getByRole('region', { name: 'What it measures' })).toContainText(
    /edge, was 95 mm\s*(9[5-9]|10[0-2]) mm ± \d/,
  );
});

test('the camera is shut when the page is hidden, left or told to', async ({ page }) => {
  const streams = await watchStreams(page);
  await open(page, '/measure/photo?tool=wren');
  const camera = page.getByRole('button', { name: 'Camera', exact: true });
  await camera.click();
  await expect.poll(streams).toEqual(['live']);
  await page.getByRole('button', { name: 'Close the camera' }).click();
  await expect.poll(streams).toEqual(['ended']);
  await camera.click();
  await expect.poll(streams).toEqual(['ended', 'live']);
  await hide(page);
  await expect.poll(streams).toEqual(['ended', 'ended']);
});

test('a camera that another program holds is told, and a file goes instead', async ({ page }) => {
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () =>
      Promise.reject(new DOMException('Could not start video source', 'NotReadableError'));
  });
  await open(page, '/measure/photo?tool=wren');
  await page.getByRole('button', { name: 'Camera', exact: true }).click();
  await expect(
    page.getByText('Another program holds the camera. Choose a file instead.'),
  ).toBeVisible();
  await page.getByLabel('From a file').setInputFiles('docs/screenshots/rack.png');
  await expect(page.getByTestId('photo')).toBeVisible();
});
