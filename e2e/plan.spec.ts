import type { Page } from '@playwright/test';
import { askedOnLeaving, expect, leaveStep, open, startTouchUp, test } from './fixtures';

/** Counts what is planned of the step at hand, on both sides, in tens. */
async function workStep(page: Page): Promise<void> {
  for (let side = 0; side < 2; side += 1) {
    await page.getByRole('button', { name: '+10' }).click();
    await page.getByRole('button', { name: 'Turn it over' }).click();
  }
}

test('two edges of a machete in one sitting: each thing is taken up once', async ({ page }) => {
  await open(page, '/inspect?tool=bracken');
  await page.getByRole('button', { name: 'tears paper' }).click();
  await page.getByRole('button', { name: 'Save the look' }).click();
  await expect(page.getByText(/is saved/i).first()).toBeVisible();
  await open(page, '/touch-up?tool=bracken');
  const sitting = page.getByRole('region', { name: 'In one sitting' });
  await sitting.getByRole('checkbox', { name: /stretch too/ }).check();
  await expect(sitting.getByRole('status')).toHaveText(/^2 edges in one sitting: .* min/);
  const first = (await page.getByRole('heading', { level: 1 }).innerText()).split(', ')[1]!;
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByTestId('count')).toHaveText('0');

  const seen = new Set<string>();
  for (let turn = 0; turn < 12; turn += 1) {
    if (!page.url().includes('/touch-up/guide')) break;
    const name = await page.getByRole('heading', { level: 1 }).innerText();
    seen.add(name);
    await workStep(page);
    const next = page.getByRole('button', { name: /^(Next step|Finish)$/ });
    const isLast = (await next.innerText()) === 'Finish';
    const before = page.url();
    await leaveStep(page, isLast ? 'Finish' : 'Next step');
    if (isLast) {
      await page.getByRole('button', { name: 'slices printer paper' }).click();
      await page.getByRole('button', { name: 'Write it into the log' }).click();
      await page.waitForURL((url) => url.href !== before);
      if (page.url().includes('/touch-up/guide')) {
        await expect(page.getByTestId('count')).toBeVisible();
      }
    }
  }
  await expect(page.getByRole('heading', { level: 1, name: 'Then put it away' })).toBeVisible();
  expect([...seen].some((name) => name.includes(first))).toBe(true);
  expect(seen.size).toBe(2);
});

test('other ways stand side by side with the plan, and one is taken', async ({ page }) => {
  await open(page, '/touch-up?tool=old-hob');
  await page.getByText('What if', { exact: true }).click();
  await expect(page.getByRole('row', { name: /^As planned/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take: Polished' }).click();
  await expect(page.getByRole('button', { name: 'Take: Toothy' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take: Polished' })).toHaveCount(0);
});

test('an arc is blended in passes, flatter one by one, and ink across it names the facet', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=plover');
  await page.getByRole('button', { name: /^now/ }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await page.getByLabel(/Blend the whole arc/).check();
  await expect(page.getByText('to blend the arc')).toHaveCount(3);
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await page.getByRole('button', { name: '+10' }).click();
  await page.keyboard.press('i');
  await page.getByRole('button', { name: 'still there at the shoulder' }).click();
  await expect(page.getByText(/^Work that facet: [\d.]+° per side\./)).toBeVisible();
});

test('a clamped knife is worked with the stone in the hand', async ({ page }) => {
  await open(page, '/tool?id=tern');
  await page.getByText('Schools', { exact: true }).click();
  await page
    .getByLabel('What moves', { exact: true })
    .selectOption('the stone over a clamped tool');
  await page.getByRole('button', { name: 'Save' }).click();
  await open(page, '/touch-up?tool=tern');
  await expect(page.getByText(/lift the back end [\d.]+ mm/).first()).toBeVisible();
});

test('coins come with both neighbours, and water with its millilitres', async ({ page }) => {
  await open(page, '/touch-up?tool=wren');
  await expect(page.getByText(/\d coins? \(\d: [\d.]+° low/).first()).toBeVisible();
  await expect(page.getByText(/water \d+ ml/).first()).toBeVisible();
});

test('strokes go out and back, or by the clock, and the burr’s way off is kept', async ({
  page,
}) => {
  await startTouchUp(page, 'old-hob');
  await page.getByRole('button', { name: 'This step' }).click();
  await page.getByRole('button', { name: 'out and back' }).click();
  await page.getByRole('button', { name: 'a tone and a buzz' }).click();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await expect(page.getByText(/the next goes out/)).toBeVisible();
  await page.keyboard.press(' ');
  await expect(page.getByText(/the next goes back/)).toBeVisible();
  await page.keyboard.press('i');
  await page.getByRole('button', { name: 'feather strokes, steeper' }).click();
  await expect(page.getByText(/^Two feather-light strokes a side/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on with this step' }).click();

  await page.getByRole('button', { name: 'This step' }).click();
  await page.getByRole('button', { name: 'by feel: a clock, no count' }).click();
  await page.getByRole('button', { name: /^Start the clock/ }).click();
  await expect
    .poll(async () => Number(await page.getByTestId('seconds').innerText()))
    .toBeGreaterThan(1);
});

test('a stuck step is said once, with its likely causes, each with its way out', async ({
  page,
}) => {
  await startTouchUp(page, 'plover');
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: '+10' }).click();
  const stuck = page.getByRole('region', { name: 'Why it may be stuck' });
  await expect(stuck).toBeVisible();
  await stuck.getByRole('button', { name: 'Ink it and look' }).click();
  await page.getByRole('button', { name: 'gone, to the very edge' }).click();
  await page.getByRole('button', { name: 'Go on with this step' }).click();
  await expect(stuck).toBeHidden();
});

test('work since and corrected counts: the log learns how long a finish lasts', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=old-hob');
  await page.getByRole('button', { name: /^now/ }).click();
  await page.getByLabel('Work since, if you know it').fill('6');
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await page.getByRole('button', { name: '+10' }).click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'slices printer paper' }).click();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await page.getByText('Correct what was written down').click();
  await page.getByLabel('Left').first().fill('44');
  await page.getByText('It passed, after:').click();
  await page.getByRole('button', { name: 'shaves, both ways' }).click();
  // What was in the hand, and at which angle, can be put right too.
  const hand = page.getByLabel('In the hand').first();
  await hand.selectOption({ label: 'fine plate' });
  await page.getByLabel('Angle, per side').first().fill('24');
  await page.getByRole('button', { name: 'Save the correction' }).click();
  await expect(page.getByRole('cell', { name: '44', exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: /After: shaves/ })).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'The entry is corrected.' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(page.getByRole('heading', { name: /After: slices/ })).toBeVisible();
  await open(page, '/tool?id=old-hob');
  await expect(page.getByRole('heading', { name: 'How long a finish lasts here' })).toBeVisible();
});

test('an axe with chips: file, stone and strop, and its log', async ({ page }) => {
  await open(page, '/tool?id=old-hob');
  await page.getByText('Schools', { exact: true }).click();
  await page.getByLabel('Strop after the stones', { exact: true }).selectOption('always');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Old Hob is saved.')).toBeVisible();
  await open(page, '/inspect?tool=old-hob');
  await page.getByRole('button', { name: 'tears paper' }).click();
  await page.getByRole('button', { name: 'Plan the touch-up' }).click();
  await page.getByRole('button', { name: /^Narrow band/ }).click();
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByText(/step 1 of 3, mill file, to grind out damage/)).toBeVisible();
  await expect(page.getByText(/eye protection|goggles|eyes/i).first()).toBeVisible();
  for (let step = 0; step < 2; step += 1) {
    await workStep(page);
    await leaveStep(page);
  }
  await expect(page.getByText(/step 3 of 3, .*to strop/)).toBeVisible();
  await workStep(page);
  await leaveStep(page, 'Finish');
  await page.getByRole('button', { name: 'slices printer paper' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByRole('row', { name: /mill file/ })).toContainText('10');
});

test('a scandi is worked at its micro-bevel, and a machete section by section', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=wren');
  await expect(page.getByText(/hold 15° per side/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByRole('figure').getByText('15° per side')).toBeVisible();

  await startTouchUp(page, 'bracken');
  await expect(page.getByText(/Section 1 of 2, .*a little over the next/)).toBeVisible();
  await page.getByRole('button', { name: /^Set of/ }).click();
  await expect(page.getByText(/Section 2 of 2/)).toBeVisible();
});

test.describe('on a stump', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('from the rack to the log on a stump, one thumb on a small phone, within eight taps', async ({
    page,
  }) => {
    await open(page, '/');
    let taps = 0;
    const tap = async (target: ReturnType<Page['getByRole']>): Promise<void> => {
      taps += 1;
      const box = await target.boundingBox();
      expect(Math.min(box!.width, box!.height)).toBeGreaterThanOrEqual(40);
      await target.tap();
    };
    await tap(
      page.getByRole('link', { name: /Touch it up|Plan the touch-up|Strop|Touch up/i }).first(),
    );
    await tap(page.getByRole('button', { name: 'Start the touch-up' }));
    await expect(page.getByTestId('count')).toHaveText('0');
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(360);
    while ((await page.getByRole('button', { name: 'Next step' }).count()) > 0) {
      await workStep(page);
      const before = await page.getByText(/^step \d+ of \d+/).innerText();
      await tap(page.getByRole('button', { name: 'Next step' }));
      const through = await askedOnLeaving(page, before);
      if (through) await tap(through);
    }
    await workStep(page);
    await tap(page.getByRole('button', { name: 'Finish', exact: true }));
    await tap(page.getByRole('button', { name: 'shaves, both ways' }));
    await tap(page.getByRole('button', { name: 'Write it into the log' }));
    await expect(page).toHaveURL(/\/log\/entry/);
    // The first stone is asked about once.
    expect(taps).toBeLessThanOrEqual(9);
  });
});
