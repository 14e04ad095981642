import { test as base, type Page } from '@playwright/test';
import { expect, open, SCREENS, startTouchUp, test, untilStored } from './fixtures';

/** Writes a grade that no scale knows into the first stone on the shelf, past every check. */
async function spoilAStone(page: Page): Promise<string> {
  return page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const request = indexedDB.open('open-trail');
        request.onerror = () => reject(request.error);
        request.onsuccess = () => {
          const transaction = request.result.transaction('abrasives', 'readwrite');
          const shelf = transaction.objectStore('abrasives');
          let name = '';
          shelf.getAll().onsuccess = ({ target }) => {
            const [stone] = (target as IDBRequest).result;
            name = stone.name;
            const spoilt = { ...stone.faces[0].grade, scale: 'cami', number: 30000 };
            shelf.put({ ...stone, faces: [{ ...stone.faces[0], grade: spoilt }] });
          };
          transaction.oncomplete = () => {
            request.result.close();
            resolve(name);
          };
        };
      }),
  );
}

test('a stone with an impossible grade takes no screen down, and is set aside', async ({
  page,
}) => {
  await open(page, '/');
  const name = await spoilAStone(page);
  for (const path of SCREENS) await open(page, path);
  await open(page, '/shelf');
  const told = page.getByText(`${name} cannot be used`);
  await expect(told).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export it' }).click();
  expect((await download).suggestedFilename()).toMatch(/\.json$/);
  await page.getByRole('button', { name: 'Set it aside' }).click();
  await expect(told).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(told).toBeVisible();

  await page.getByText('Open and mend it').click();
  const text = page.getByLabel('The record as it is stored');
  const keep = page.getByRole('button', { name: 'Save it mended' });
  const stored = await text.inputValue();
  await text.fill(stored.replace('30000', '"many"'));
  await expect(page.getByText(/^Line \d+, faces\[0\]\.grade\.number: must be a/)).toBeVisible();
  await expect(keep).toBeDisabled();
  await text.fill(stored.replace('30000', '800'));
  await keep.click();
  await expect(told).toBeHidden();
  await expect(page.getByRole('button', { name: `Edit ${name}` })).toBeVisible();
});

base('a count that finds no room is told of, and kept at the second try', async ({ page }) => {
  await startTouchUp(page, 'wren');
  await untilStored(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    Object.assign(window, { makeRoom: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
  });
  await page.getByRole('button', { name: /^\+5/ }).click();
  await expect(page.getByText('There is no room left to save this.')).toBeVisible();
  await page.evaluate(() => (window as unknown as { makeRoom: () => void }).makeRoom());
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByTestId('count')).toHaveText('5');
  await untilStored(page);
  await page.reload();
  await expect(page.getByTestId('count')).toHaveText('5');
});

base('a screen that cannot be drawn says so, and the others go on', async ({ page }) => {
  await open(page, '/data');
  await page.evaluate(() => {
    const { log } = Math;
    Object.assign(window, { mend: () => (Math.log = log) });
    Math.log = () => {
      throw new Error('No logarithms today');
    };
  });
  const signposts = page.getByRole('navigation', { name: 'Screens' });
  await signposts.getByRole('link', { name: 'Shelf' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('This screen could not be drawn');
  await expect(page.getByText('No logarithms today. Nothing is lost')).toBeVisible();
  await signposts.getByRole('link', { name: 'Data' }).click();
  await expect(heading).toHaveText('Data');
  await signposts.getByRole('link', { name: 'Shelf' }).click();
  await expect(heading).toHaveText('This screen could not be drawn');
  await page.evaluate(() => (window as unknown as { mend: () => void }).mend());
  await page.getByRole('button', { name: 'Draw it again' }).click();
  await expect(heading).toHaveText('Shelf');
});

base(
  'edges that cannot be judged leave no empty screen: it is said, and the rest goes on',
  async ({ page }) => {
    await open(page, '/data');
    const line = { id: 'odd', toolId: 'wren', zoneId: 'edge', job: 'touch-up', finishedAt: 'x' };
    const write = (odd: object | null): Promise<void> =>
      page.evaluate(
        (given) =>
          new Promise<void>((resolve, reject) => {
            const request = indexedDB.open('open-trail');
            request.onerror = () => reject(request.error);
            request.onsuccess = () => {
              const database = request.result;
              const transaction = database.transaction(['sessionLines', 'snapshot'], 'readwrite');
              transaction.objectStore('snapshot').clear();
              const lines = transaction.objectStore('sessionLines');
              if (given) lines.put(given);
              else lines.delete('odd');
              transaction.oncomplete = () => {
                database.close();
                resolve();
              };
            };
          }),
        odd,
      );
    await write(line);
    await page.goto('/');
    const heading = page.getByRole('heading', { level: 1 });
    await expect(heading).toHaveText('This screen could not be drawn');
    await page.getByRole('link', { name: 'Data', exact: true }).click();
    await expect(heading).toHaveText('Data');
    await write(null);
    await page.goto('/');
    await expect(heading).toContainText('Tarrow Ness');
  },
);
