import { test as base, type BrowserContext, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { expect, open, standLater, startTouchUp, test, untilStored } from './fixtures';
import { hangTool, startEmpty } from './layOut';

/** Another tab asks for the database, as one with a newer version does: every open tab lets go of it. */
async function newerVersionAsksFor(context: BrowserContext): Promise<Page> {
  const other = await context.newPage();
  await other.goto('/favicon.ico');
  await other.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open('open-trail', 99);
        // It thinks better of it, so that this build can be opened again.
        request.onupgradeneeded = () => request.transaction!.abort();
        request.onerror = (event) => {
          event.preventDefault();
          resolve();
        };
      }),
  );
  return other;
}

const saved = (page: Page) => page.getByTestId('saved');

test('a guide whose database another tab has shut goes on, says so, and all of it is saved on return', async ({
  page,
  context,
}) => {
  await startTouchUp(page, 'wren');
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Space');
  await expect(saved(page)).toHaveText('saved');
  await newerVersionAsksFor(context);
  await page.bringToFront();
  for (let i = 0; i < 12; i += 1) await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText('17');
  await expect(saved(page)).toHaveText('not saved');
  const told = page.getByRole('alert', { name: 'Not saved' });
  await expect(told).toContainText('Not saved: 1 record.');
  await expect(told).toContainText('waits on this device until the page is opened again');
  const file = page.waitForEvent('download');
  await told.getByRole('button', { name: 'Save as a file' }).click();
  expect((await file).suggestedFilename()).toBe('open-trail-not-saved.json');
  await page.reload();
  await expect(page.getByTestId('count')).toHaveText('17');
  await expect(saved(page)).toHaveText('saved');
  await expect(told).toHaveCount(0);
});

test('a trip that is painted while the database is shut is painted on return', async ({
  page,
  context,
}) => {
  await open(page, '/trip');
  await page.getByRole('button', { name: 'chop', exact: true }).click();
  const cell = page.getByRole('button', { name: /^Old Hob, \w+ \d+: / }).first();
  await cell.focus();
  await newerVersionAsksFor(context);
  await page.bringToFront();
  await cell.press('5');
  await expect(saved(page)).toHaveText('not saved');
  await page.reload();
  await expect(cell).toHaveAttribute('aria-label', /chop 5/);
  await expect(saved(page)).toHaveText('saved');
});

base(
  'what is changed while the whole database is removed comes back, and the loss is told',
  async ({ page }) => {
    await hangOwn(page, 'Alder');
    await page.evaluate(
      () =>
        new Promise<void>((resolve) => {
          indexedDB.deleteDatabase('open-trail').onsuccess = () => resolve();
        }),
    );
    await page.getByLabel('Blade width').fill('31');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('alert', { name: 'Not saved' })).toBeVisible();
    await expect(page.getByText('Alder is saved.')).toHaveCount(0);
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Alder');
    await expect(page.getByLabel('Blade width')).toHaveValue('31');
  },
);

test('an import whose database is asked for meanwhile has all of it or nothing', async ({
  page,
  context,
}) => {
  await open(page, '/data');
  const touchUps = page.getByRole('row', { name: /^touch-ups \d/ });
  await expect(touchUps).toContainText('38');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export everything' }).click();
  const path = (await (await download).path())!;
  await page.getByRole('button', { name: 'Remove everything' }).click();
  await expect(touchUps).toContainText('0');
  await page.getByLabel('File to import').setInputFiles(path);
  await newerVersionAsksFor(context);
  await page.reload();
  await expect(touchUps).toHaveText(/touch-ups\s*(0|38)$/);
});

test('a form that is saved in two tabs joins what both have changed, and asks where both changed the same', async ({
  page,
  context,
}) => {
  await open(page, '/tool?id=wren');
  const other = await context.newPage();
  await other.addInitScript(() => {
    BroadcastChannel.prototype.addEventListener = () => {};
  });
  await open(other, '/tool?id=wren');
  const save = (tab: Page) => tab.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByLabel('Blade width').fill('31');
  await save(page);
  await expect(page.getByText('Wren is saved.')).toBeVisible();
  await other.getByLabel('Notes').fill('Measured twice.');
  await save(other);
  await expect(other.getByText('Wren is saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Blade width')).toHaveValue('31');
  await expect(page.getByLabel('Notes')).toHaveValue('Measured twice.');

  await page.getByLabel('Edge length').fill('99');
  await save(page);
  await expect(page.getByText('Wren is saved.')).toBeVisible();
  await other.getByLabel('Edge length').fill('97');
  await save(other);
  const dialog = other.getByRole('dialog', { name: 'Changed in two places' });
  await expect(dialog).toContainText('edge length');
  // Closed, it has chosen neither, and is asked again.
  await other.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await other
    .getByRole('alert', { name: 'Not saved' })
    .getByRole('button', { name: 'Try again' })
    .click();
  await dialog.getByLabel(/saved meanwhile: 99/).check();
  await dialog.getByRole('button', { name: 'Save these' }).click();
  await expect(dialog).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel('Edge length')).toHaveValue('99');
});

test('a change is in the history of its tool, and any line of it is taken back', async ({
  page,
}) => {
  await open(page, '/tool?id=wren');
  await page.getByLabel('Blade width').fill('31');
  await page.getByLabel('Notes').fill('By lamplight.');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Wren is saved.')).toBeVisible();
  await page.getByText('Changes', { exact: true }).click();
  await expect(page.getByText(/^blade width: 2\d mm → 31 mm$/)).toBeVisible();
  await page.getByRole('button', { name: 'Take back: blade width' }).click();
  await expect(page.getByRole('textbox', { name: 'Blade width' })).not.toHaveValue('31');
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('By lamplight.');
});

test('a tool that is taken down hangs in the bin with its log, and comes back whole', async ({
  page,
}) => {
  await open(page, '/tool?id=wren');
  await page.getByRole('button', { name: 'Take this tool down' }).click();
  await expect(page.getByText('Wren is taken down.')).toBeVisible();
  await open(page, '/data/bin');
  await page.getByRole('button', { name: 'Put back Wren' }).click();
  await expect(page.getByText('Nothing hangs in it.')).toBeVisible();
  await open(page, '/tool?id=wren');
  await expect(page.getByRole('heading', { name: 'Last worked on' })).toBeVisible();
  await page.getByRole('button', { name: 'Take this tool down' }).click();
  await open(page, '/data/bin');
  await page.getByRole('button', { name: 'Empty the bin, 1 thing' }).click();
  await expect(page.getByText('Nothing hangs in it.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Put back Wren' })).toBeVisible();
});

test('a look that is left half done is offered on the rack, and goes on where it was left', async ({
  page,
}) => {
  await open(page, '/inspect?tool=wren');
  await page.getByTestId('strip').click({ position: { x: 300, y: 30 } });
  await page.getByRole('button', { name: 'Done' }).click();
  await page.goto('/');
  const half = page.getByRole('region', { name: 'Half done' });
  await expect(half.getByRole('link')).toContainText('You were looking at Wren');
  await half.getByRole('link').click();
  await expect(page.getByText(/^As you left it/)).toBeVisible();
  await page.getByRole('button', { name: 'Save the look' }).click();
  await expect(page.getByText('The look is saved')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness');
  await expect(half).toHaveCount(0);
});

/** Folders of the browser's own take the place of the person's: the way to them is the same. */
async function withFolders(page: Page): Promise<void> {
  await page.addInitScript(() => {
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
}

async function hangOwn(page: Page, name: string): Promise<void> {
  await startEmpty(page);
  await hangTool(page, 'Scandi knife', name);
  await untilStored(page);
}

test('copies go to a folder by themselves, and one of them brings back what the browser has lost', async ({
  page,
}) => {
  await withFolders(page);
  await hangOwn(page, 'Alder');
  await open(page, '/data');
  const copies = page.getByRole('region', { name: 'Copies' });
  await expect(copies).toContainText('None was made yet.');
  await copies.getByRole('button', { name: 'Keep copies in a folder' }).click();
  await expect(copies).toContainText('The last one is of');
  // The page is left after a change: another copy stands beside the first.
  await open(page, '/');
  await page
    .getByRole('link', { name: /^Alder/ })
    .first()
    .click();
  await page.getByLabel('Blade width').fill('31');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Alder is saved.')).toBeVisible();
  await page.evaluate(() => {
    Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  const copied = (slot: number): Promise<string> =>
    page.evaluate(async (name) => {
      const folder = await navigator.storage.getDirectory();
      const handle = await folder.getFileHandle(name).catch(() => null);
      return handle ? (await handle.getFile()).text() : '';
    }, `open-trail-copy-${slot}.json`);
  await expect.poll(() => copied(2)).toContain('"bladeWidthMm": 31');
  expect(await copied(1)).not.toContain('"bladeWidthMm": 31');
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        indexedDB.deleteDatabase('open-trail').onsuccess = () => resolve();
      }),
  );
  // Never the sample in its place.
  await open(page, '/');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'What was here is gone from this browser',
  );
  await expect(page.getByText(/^1 tool hung here on/)).toBeVisible();
  await page.getByRole('link', { name: 'Bring in a copy' }).click();
  await page.getByRole('button', { name: 'Bring in the newest copy' }).click();
  await expect(page.getByText('open-trail-copy-2.json is brought in')).toBeVisible();
  await open(page, '/');
  await expect(page.getByRole('link', { name: /Alder/ }).first()).toBeVisible();
});

test('the rack says when no copy was made for a month, and makes one by a tap', async ({
  page,
}) => {
  await hangOwn(page, 'Alder');
  await open(page, '/');
  const due = page.getByRole('region', { name: 'Copy due' });
  await expect(due).toHaveCount(0);
  await standLater(page, 40, 9);
  await open(page, '/');
  await expect(due).toContainText('There is no copy of this outside the browser');
  const download = page.waitForEvent('download');
  await due.getByRole('button', { name: 'Make a copy' }).click();
  expect((await download).suggestedFilename()).toMatch(/^open-trail-.*\.json$/);
  await expect(due).toHaveCount(0);
});

test('a clock that is thirty days behind is told of, and its entries are set right in one act', async ({
  page,
}) => {
  await open(page, '/inspect?tool=wren');
  await page.getByRole('button', { name: 'Save the look' }).click();
  await expect(page.getByText('The look is saved')).toBeVisible();
  await untilStored(page);
  const noteAgain = async (): Promise<void> => {
    await open(page, '/inspect?tool=wren');
    await page.getByRole('button', { name: 'Save the look' }).click();
    await expect(page.getByText('The look is saved')).toBeVisible();
    await untilStored(page);
  };
  await standLater(page, -30, 9);
  await open(page, '/');
  const clock = page.getByRole('region', { name: 'The clock' });
  await expect(clock).toContainText('New entries are dated after it');
  await noteAgain();
  await standLater(page, 31, 9);
  await open(page, '/');
  await expect(clock).toContainText('The clock of this device was behind');
  const first = clock.getByLabel('The first was really on');
  const was = new Date(await first.inputValue());
  was.setDate(was.getDate() + 1);
  await first.fill(was.toISOString().slice(0, 10));
  await clock.getByRole('button', { name: 'Set them right' }).click();
  await expect(page.getByText('1 entry is set right.')).toBeVisible();
  await expect(clock).toHaveCount(0);
});

base('an older build on a database of a newer version says exactly that', async ({ page }) => {
  await open(page, '/');
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open('open-trail', 99);
        request.onsuccess = () => {
          request.result.close();
          resolve();
        };
      }),
  );
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'This data is of a newer version of Open Trail',
  );
  await expect(page.getByText('Nothing of it is lost or changed.', { exact: false })).toBeVisible();
});

base(
  'a storage that is cleared under a guide leaves what is done in the tab, says so, and gives it out as a file',
  async ({ page, context }) => {
    await startTouchUp(page, 'wren');
    await expect(saved(page)).toHaveText('saved');
    const devtools = await context.newCDPSession(page);
    const { origin } = new URL(page.url());
    await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' });
    for (let i = 0; i < 4; i += 1) await page.keyboard.press('Space');
    await expect(page.getByTestId('count')).toHaveText('4');
    await expect(saved(page)).toHaveText('not saved');
    const told = page.getByRole('alert', { name: 'Not saved' });
    await expect(told).toContainText('It waits in this tab only');
    const download = page.waitForEvent('download');
    await told.getByRole('button', { name: 'Save as a file' }).click();
    const path = (await (await download).path())!;
    const { records } = JSON.parse(readFileSync(path, 'utf8'));
    expect(records.sessions[0].steps[0].left + records.sessions[0].steps[0].right).toBe(4);
  },
);
