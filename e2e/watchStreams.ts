import type { Page } from '@playwright/test';

/** Watches every stream that a page is given; returns what tells of each of their tracks whether its light is on. */
export async function watchStreams(page: Page): Promise<() => Promise<string[]>> {
  await page.addInitScript(() => {
    const given: MediaStream[] = [];
    Object.assign(window, { given });
    const ask = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
    navigator.mediaDevices.getUserMedia = async (wanted) => {
      const stream = await ask(wanted);
      given.push(stream);
      return stream;
    };
  });
  return () =>
    page.evaluate(() =>
      (window as unknown as { given: MediaStream[] }).given.flatMap((stream) =>
        stream.getTracks().map(({ readyState }) => readyState),
      ),
    );
}
