import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { expect, open, standLater, test, untilStored, waitUntilPlanned } from './fixtures';

const gramsOf = async (page: Page): Promise<number> =>
  parseInt(await page.getByTestId('kit-grams').innerText(), 10);

/** What is said of the grams, as soon as the screen has followed. */
const expectGrams = (page: Page) => expect.poll(() => gramsOf(page));

test('the frontier is walked by keys and by hand, and its title says what the next grams would buy', async ({
  page,
}) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  const usual = await gramsOf(page);
  const grip = page.getByRole('slider', { name: 'Grams of the kit' });
  await grip.focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('heading', { name: 'Nothing heavier is quicker' })).toBeVisible();
  const most = await gramsOf(page);
  expect(most).toBeGreaterThan(usual);
  await page.keyboard.press('ArrowLeft');
  await expectGrams(page).toBeLessThan(most);
  await expect(page.getByRole('heading', { name: /^The next \d+ g/ })).toBeVisible();
  await page.keyboard.press('Home');
  await expectGrams(page).toBe(0);
  await expect(page.getByRole('heading', { name: 'Unserved' })).toBeVisible();
  const box = (await grip.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 900, box.y + 10, { steps: 5 });
  await page.mouse.up();
  await expectGrams(page).toBe(most);
});

test('a thing is held in, kept out and moved, and the kit is planned anew around it', async ({
  page,
}) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  await page.getByRole('button', { name: /^puck/ }).click();
  await page.getByRole('button', { name: 'Hold in', exact: true }).click();
  const pack = page.getByRole('region', { name: 'In the pack' });
  await expect(pack.getByText(/265 g, held in/)).toBeVisible();
  await expectGrams(page).toBeGreaterThanOrEqual(265);
  await page.getByRole('button', { name: 'Move to base camp' }).click();
  const base = page.getByRole('region', { name: 'At base camp' });
  await expect(base.getByText(/265 g, held in/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep out', exact: true }).click();
  await expect(page.getByText('puck, kept out')).toBeVisible();
  await untilStored(page);
  await page.reload();
  await waitUntilPlanned(page);
  await expect(page.getByText('puck, kept out')).toBeVisible();
  await page.getByText('What is asked of it', { exact: true }).click();
  await page.getByLabel('In all, at most').fill('60');
  await expect(page.getByText('The best within your limits.')).toBeVisible();
  await expectGrams(page).toBeLessThanOrEqual(60);
});

test('fewer tools want no heavier a kit, and a ladder that is too long leaves an edge unserved', async ({
  page,
}) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  const all = await gramsOf(page);
  await page.getByText('What is asked of it', { exact: true }).click();
  await page.getByLabel('Old Hob').uncheck();
  await page.getByLabel('Bracken').uncheck();
  await expect(page.getByText('5 tools')).toBeVisible();
  await expect.poll(() => gramsOf(page)).toBeLessThanOrEqual(all);
  await page.getByLabel('Longest touch-up out there').fill('1');
  await expect(page.getByRole('heading', { name: 'Unserved' })).toBeVisible();
});

test('a kit is packed mat by mat, and is what a touch-up on the trip is planned with', async ({
  page,
}) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  await page.getByRole('slider', { name: 'Grams of the kit' }).focus();
  await page.keyboard.press('End');
  await page.getByRole('button', { name: /^bench water stone/ }).click();
  await page.getByRole('button', { name: 'In the vehicle' }).click();
  await expect(page.getByText(/In the vehicle beside it, not carried:/)).toBeVisible();
  await page.getByRole('button', { name: 'Pack this kit' }).click();
  const packing = page.getByRole('region', { name: 'Packing' });
  await expect(packing.getByRole('heading', { name: /^0 of \d+ things packed/ })).toBeVisible();
  await expect(packing.getByRole('group', { name: /^In the vehicle/ })).toContainText(
    'bench water stone',
  );
  await expect(page.getByText('This is the kit that goes along.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Pack this kit' })).toHaveCount(0);
  const [packed] = (
    await packing
      .getByLabel(/^(diamond rod|mill file|puck|pocket plate)/)
      .first()
      .locator('xpath=ancestor::label')
      .innerText()
  ).split(/,| \d/);
  await packing
    .getByLabel(/^(diamond rod|mill file|puck|pocket plate)/)
    .first()
    .check();
  await expect(packing.getByRole('heading', { name: /^1 of \d+ things packed/ })).toBeVisible();
  await untilStored(page);
  await standLater(page, 6, 19);
  await open(page, '/touch-up?tool=bracken&zone=chop&at=camp');
  await expect(page.getByText(new RegExp(packed!.trim(), 'i')).first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'Steps' }).getByText(/ceramic rod/)).toHaveCount(0);
  await open(page, '/trip');
  const unticked = page.getByText(/^Not ticked while packing, so not counted on: /);
  await expect(unticked).toContainText('paper strips');
  await expect(unticked).not.toContainText(packed!.trim());
  await page.getByRole('link', { name: 'Tick what is here' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Kit for Tarrow Ness');
  await page.getByRole('button', { name: 'Unpack, and choose anew' }).click();
  await expect(packing).toHaveCount(0);
});

test('each trip has its own kit, and the one that is chosen stays chosen', async ({ page }) => {
  await open(page, '/trip');
  await page.getByRole('button', { name: 'Copy this one' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness, again');
  await page.getByRole('link', { name: 'Its kit' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('Kit for Tarrow Ness, again');
  await waitUntilPlanned(page);
  await page.getByRole('slider', { name: 'Grams of the kit' }).focus();
  await page.keyboard.press('Home');
  await page.getByRole('button', { name: 'Pack this kit' }).click();
  const packing = page.getByRole('region', { name: 'Packing' });
  await expect(packing).toBeVisible();
  await untilStored(page);
  await page.reload();
  await expect(heading).toHaveText('Kit for Tarrow Ness, again');
  await packing.getByRole('link', { name: 'Field card and packing list' }).click();
  await expect(heading).toHaveText('Field card, Tarrow Ness, again');
  await page.getByRole('link', { name: 'Back to the kit' }).click();
  await page.getByLabel('Which trip').selectOption('tarrow-ness');
  await expect(heading).toHaveText('Kit for Tarrow Ness');
  await expect(packing).toHaveCount(0);
});

test('what a kit takes out there is the very figure of the trip with that kit', async ({
  page,
}) => {
  await open(page, '/kit');
  await waitUntilPlanned(page);
  await page.getByRole('slider', { name: 'Grams of the kit' }).focus();
  await page.keyboard.press('ArrowRight');
  const outThere = page.getByText('Out there, closing strops and all:');
  await expect(outThere).toContainText(/\d+ min \(/);
  const said = (await outThere.innerText()).match(/[\d.]+ min \(.*\)/)![0];
  await page.getByRole('button', { name: 'Pack this kit' }).click();
  await expect(page.getByText('This is the kit that goes along.')).toBeVisible();
  await open(page, '/trip');
  await expect(page.getByText(`about ${said}`)).toBeVisible();
});

test('the field card prints on two A5 sides, for everybody and for one person', async ({
  page,
}, info) => {
  await open(page, '/kit/card?trip=tarrow-ness');
  await expect(page.getByRole('region', { name: 'Side 1' })).toContainText('Bracken');
  await expect(page.getByRole('region', { name: 'Side 2' })).toContainText(
    'Crack or loose head: stop.',
  );
  const cut = await page
    .locator('.card-side')
    .evaluateAll((sides) => sides.map((side) => side.scrollHeight - side.clientHeight));
  expect(Math.max(...cut)).toBeLessThanOrEqual(1);
  const path = info.outputPath('card.pdf');
  await page.pdf({ path, preferCSSPageSize: true });
  const pages = execFileSync('grep', ['-ac', '/Type /Page$', path], { encoding: 'utf8' });
  expect(Number(pages)).toBe(2);
  await page.getByLabel('two sides on a sheet of A4').check();
  await page.pdf({ path, preferCSSPageSize: true });
  const sheets = execFileSync('grep', ['-ac', '/Type /Page$', path], { encoding: 'utf8' });
  expect(Number(sheets)).toBe(1);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Side 1 as SVG' }).click();
  expect((await saved).suggestedFilename()).toBe('open-trail-card-1.svg');
  await page.getByLabel('Whose card').selectOption('Fenn');
  await expect(page.getByRole('region', { name: 'Side 1' })).not.toContainText('Bracken');
  await expect(page.getByRole('region', { name: 'Side 1' })).toContainText('Old Hob');
});

test('eleven tools still fit on two sides', async ({ page }, info) => {
  await open(page, '/');
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('open-trail');
        request.onsuccess = () => {
          const transaction = request.result.transaction(['tools', 'trips'], 'readwrite');
          const [tools, trips] = ['tools', 'trips'].map((name) => transaction.objectStore(name));
          tools!.get('wren').onsuccess = ({ target }) => {
            const wren = (target as IDBRequest).result;
            const more = [1, 2, 3, 4].map((i) => `wren-${i}`);
            for (const id of more) tools!.put({ ...wren, id, name: `Wren the ${id}` });
            trips!.get('tarrow-ness').onsuccess = (event) => {
              const trip = (event.target as IDBRequest).result;
              const belt = [
                'pocket-plate',
                'fine-plate',
                'paper-400',
                'paper-1500',
                'crayon-1',
                'belt',
                'water',
                'marker',
              ];
              const carried = belt.map((itemId) => ({
                itemId,
                place: 'pouch',
                packed: true,
                used: null,
              }));
              trips!.put({ ...trip, toolIds: [...trip.toolIds, ...more], carried });
            };
          };
          transaction.oncomplete = () => resolve();
          transaction.onerror = () => reject(transaction.error);
        };
      }),
  );
  // The tools came in behind the application's back: a note on one of them has them all judged anew.
  await open(page, '/tool?id=plover');
  await page.getByRole('button', { name: 'Say how it cuts now' }).click();
  const note = page.getByRole('region', { name: 'How it cuts now' });
  await note.getByRole('button', { name: 'shaves, both ways' }).click();
  await page.getByRole('button', { name: 'Save it' }).click();
  await open(page, '/kit/card?trip=tarrow-ness');
  await expect(page.getByRole('heading', { name: 'Wren the wren-4' })).toBeVisible();
  await expect(page.locator('.card-row')).toHaveCount(12);
  const path = info.outputPath('card.pdf');
  await page.pdf({ path, preferCSSPageSize: true });
  const pages = execFileSync('grep', ['-ac', '/Type /Page$', path], { encoding: 'utf8' });
  expect(Number(pages)).toBe(2);
  const sides = await page.locator('.card-side').evaluateAll((all) =>
    all.map((side) => {
      const last = side.lastElementChild!.getBoundingClientRect();
      return last.bottom - side.getBoundingClientRect().top;
    }),
  );
  // 210 mm at 96 px an inch.
  sides.forEach((height) => expect(height).toBeLessThanOrEqual((210 / 25.4) * 96));
});

test('planning can be stopped and begun again', async ({ page }) => {
  await open(page, '/kit');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText(/^Stopped/)).toBeVisible();
  await page.getByRole('button', { name: 'Plan it again' }).click();
  await waitUntilPlanned(page);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('one step heavier and lighter are two buttons, and nothing is wider than the phone', async ({
    page,
  }) => {
    await open(page, '/kit');
    await waitUntilPlanned(page);
    const usual = await gramsOf(page);
    await page.getByRole('button', { name: /^[\d.]+ g more/ }).tap();
    await expectGrams(page).toBeGreaterThan(usual);
    await page.getByRole('button', { name: /^[\d.]+ g less/ }).tap();
    await expectGrams(page).toBeLessThanOrEqual(usual);
    for (const path of ['/kit', '/kit/card']) {
      await open(page, path);
      const width = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(width).toBeLessThanOrEqual(360);
    }
  });
});
