import type { Page } from '@playwright/test';
import { paintPhoto, TRIED_SCENE } from '../src/instruments/paintedPhoto';

/** What the made-up photo shows, without its noise: where everything lies is the same. */
export const truth = paintPhoto({ ...TRIED_SCENE, noise: 0 });

/** Taps the photo at a place of it (px of the photo). */
export async function tapPhoto(page: Page, { x, y }: { x: number; y: number }): Promise<void> {
  const stage = page.getByTestId('photo');
  await stage.scrollIntoViewIfNeeded();
  const box = (await stage.boundingBox())!;
  const scale = box.width / TRIED_SCENE.widthPx;
  await stage.click({ position: { x: x * scale, y: y * scale } });
}

/** What is marked next. */
export function choose(page: Page, mark: string): Promise<void> {
  return page
    .getByRole('group', { name: 'What is marked' })
    .getByRole('button', { name: mark, exact: true })
    .click();
}
