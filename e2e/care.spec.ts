import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import { expect, open, test, untilStored } from './fixtures';

test('care is done with one tap and taken back, put off with a reason, and set to another interval', async ({
  page,
}) => {
  await open(page, '/care');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('before Tarrow Ness');
  await expect(page.getByText('Stop use: Knap.')).toBeVisible();
  const due = page.getByRole('list', { name: 'Due' });
  const scrub = due.getByRole('listitem').filter({ hasText: 'Wash and scrub ceramic rod' });
  await scrub.getByRole('button', { name: 'Wash and scrub ceramic rod: done' }).click();
  await expect(due.getByText('Loaded or glazed', { exact: false })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(scrub.getByText('Loaded or glazed', { exact: false })).toBeVisible();
  const wax = due.getByRole('listitem').filter({ hasText: 'Wax Bracken’s sheath' });
  await wax.getByRole('button', { name: /^Wax Bracken’s sheath \d/ }).click();
  await wax.getByLabel('Note, or why it can wait').fill('no wax in the house');
  await wax.getByRole('button', { name: 'a month' }).click();
  await expect(page.getByText(/Put off until .*: no wax in the house\./)).toBeVisible();
  await untilStored(page);
  await page.reload();
  const later = page.getByRole('list', { name: 'Later' });
  const put = later.getByRole('listitem').filter({ hasText: 'Wax Bracken’s sheath' });
  await expect(put).toBeVisible();
  await put.getByRole('button', { name: /^Wax Bracken’s sheath \d/ }).click();
  await put.getByLabel(/^Every so many days/).fill('400');
  await put.getByRole('button', { name: 'Set it' }).click();
  await expect(put.getByText(/every 400 days, as you set it/)).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into a calendar' }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('open-trail-care.ics');
  const calendar = new ICAL.Component(ICAL.parse(readFileSync(await file.path(), 'utf8')));
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  const waxing = events.find(({ summary }) => summary.startsWith('Wax Bracken’s sheath'))!;
  expect(waxing.startDate.isDate).toBe(true);
  expect(events.length).toBeGreaterThan(10);
});

test('what is done stands with its peg until it is taken back, several blades as one', async ({
  page,
}) => {
  await open(page, '/care');
  const due = page.getByRole('list', { name: 'Due' });
  const film = due.getByRole('listitem').filter({ hasText: 'Film of oil, wax or fat on 3 blades' });
  await expect(film).toContainText('Crook, Knap, and Wren');
  const count = await due.getByRole('listitem').count();
  await film.getByRole('button', { name: /^Film .*: done$/ }).click();
  const done = page.getByRole('list', { name: 'Done just now' });
  await expect(done).toContainText('Film of oil, wax or fat on 3 blades');
  await expect(due.getByRole('listitem')).toHaveCount(count - 1);
  await done.getByRole('button', { name: /^Undo/ }).click();
  await expect(film).toBeVisible();
  await expect(done).toHaveCount(0);
  // A spent compound: by use, at the person's own interval.
  const load = due.getByRole('listitem').filter({ hasText: 'Load denim on a board' });
  await expect(load).toContainText(
    /\d+ passes of 90, as you set it, \d+ days of \d+; you make \d+ a week\./,
  );
  await load.getByRole('button', { name: 'Load denim on a board: done' }).click();
  await expect(load).toHaveCount(0);
  await open(page, '/shelf');
  await expect(page.getByText(/3 µm crayon; loaded .*, 0 strokes since/)).toBeVisible();
});

test('a note goes with what is done, and an edge that wedges has its plan', async ({ page }) => {
  await open(page, '/care');
  const due = page.getByRole('list', { name: 'Due' });
  await expect(due.getByRole('link', { name: 'Plan it' })).toBeVisible();
  const wax = due.getByRole('listitem').filter({ hasText: 'Wax Bracken’s sheath' });
  await wax.getByRole('button', { name: /^Wax Bracken’s sheath \d/ }).click();
  await wax.getByLabel('Note, or why it can wait').fill('beeswax and tallow');
  await wax.getByRole('button', { name: 'Done, with this note' }).click();
  await expect(wax).toHaveCount(0);
});

test('what is used up says how many lie by, and they are counted as it is changed', async ({
  page,
}) => {
  await open(page, '/care');
  const later = page.getByRole('list', { name: 'Later' });
  const face = later.getByRole('listitem').filter({ hasText: 'A fresh face for denim on a board' });
  await expect(face).toContainText(/strokes of 300; you make \d+ a week\. 2 fresh left\./);
  await face.getByRole('button', { name: /^A fresh face for denim on a board \d/ }).click();
  await expect(face.getByLabel('Fresh ones left after this')).toHaveValue('1');
  await face.getByLabel('Fresh ones left after this').fill('6');
  await face.getByRole('button', { name: 'Done, with this note' }).click();
  await expect(page.getByRole('list', { name: 'Done just now' })).toContainText('A fresh face');
  await open(page, '/shelf');
  await expect(page.getByText(/6 fresh left/)).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('the holes are for thumbs, and the rule stands beside the list', async ({ page }) => {
    await open(page, '/care');
    const hole = page.getByRole('button', { name: /: done$/ }).first();
    const box = (await hole.boundingBox())!;
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(48);
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(360);
    await hole.tap();
    await expect(page.getByRole('list', { name: 'Done just now' })).toBeVisible();
  });
});

test('the gate on the rack and the list before a trip say what care says', async ({ page }) => {
  await open(page, '/');
  const gate = page.getByRole('region', { name: 'Before Tarrow Ness' }).first();
  await expect(gate.getByRole('row', { name: /^flatten stones/ })).toBeVisible();
  await open(page, '/trip');
  await expect(page.getByText('Wash and scrub ceramic rod').first()).toBeVisible();
});
