import { expect, leaveStep, open, test } from './fixtures';
import { hangTool } from './layOut';

test('a chipped axe is ground to another angle stage by stage, and its next touch-up is held so', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=old-hob&job=angle');
  await page.getByRole('button', { name: /^3° flatter: \d+ min/ }).click();
  const stages = page.getByRole('region', { name: 'Stages' }).getByRole('listitem');
  await expect(stages.first()).toContainText('Chips out');
  await expect(page.getByText(/^The tool then keeps 22° per side/)).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^The section as planned: 22° per side/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Start: chips out' }).click();
  const steps = await page.getByText(/^step 1 of \d+/).innerText();
  const count = Number(/of (\d+)/.exec(steps)![1]);
  expect(count).toBeGreaterThan(5);
  for (let step = 1; step <= count; step += 1) {
    await page.getByTestId('count').click();
    await leaveStep(page, step < count ? 'Next step' : 'Finish');
  }
  await page.getByRole('button', { name: 'slices printer paper' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByText(/^New angle /)).toBeVisible();
  await open(page, '/touch-up?tool=old-hob');
  await expect(page.getByText('22° per side, 44° inclusive')).toBeVisible();
  await page.getByRole('button', { name: /^now/ }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await expect(page.getByText(/^hold 22° per side: lift the back end/).first()).toBeVisible();
  await expect(page.getByText('to blend the facet')).toHaveCount(0);
});

test('left after its chips are out, a new angle leaves the old one with the band’s facet', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=old-hob&job=angle&grind=as+it+is&angle=22');
  await page.getByRole('button', { name: 'Start: chips out' }).click();
  await page.getByTestId('count').click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await open(page, '/tool?id=old-hob');
  await expect(page.getByLabel('Apex angle, per side')).toHaveValue('25');
  await expect(page.getByText(/^A facet of .* at 28° per side/)).toBeVisible();
});

test('a machete is ground to convex, and its page stands', async ({ page }) => {
  await open(page, '/touch-up?tool=bracken&zone=chop&job=angle&grind=convex&angle=22');
  await expect(page.getByText(/^hold 3\.\d° per side/)).toBeVisible();
  await open(page, '/tool?id=bracken');
  await page.getByLabel('Grind').first().selectOption('convex');
  await expect(page.getByText('The arc as four facets, apex first')).toBeVisible();
});

test('by feel with gloves: a clock, one large button, and nothing is counted', async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await open(page, '/touch-up?tool=old-hob');
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await page.getByRole('button', { name: 'This step' }).click();
  await page.getByRole('button', { name: 'by feel: a clock, no count' }).click();
  const start = page.getByRole('button', { name: /^Start the clock/ });
  const box = (await start.boundingBox())!;
  expect(box.height).toBeGreaterThan(100);
  expect(box.y + box.height).toBeLessThanOrEqual(740);
  await start.click();
  await expect
    .poll(async () => Number(await page.getByTestId('seconds').innerText()))
    .toBeGreaterThan(1);
  await page.getByRole('button', { name: /^This side done/ }).click();
  await expect(page.getByText(/^left done, \d+ s/)).toBeVisible();
  await page.getByRole('button', { name: /^This side done/ }).click();
  await page.getByRole('button', { name: /^Both sides done: go on/ }).click();
  // The first stone has its gate by feel, too; what comes next waits for the hand, and counts again.
  await page.getByRole('button', { name: 'all along' }).click();
  await page.getByRole('button', { name: 'gone to the edge' }).click();
  await page.getByRole('button', { name: 'none', exact: true }).click();
  await page.getByRole('button', { name: 'All there: next step' }).click();
  await expect(page.getByText(/^step 2 of 2/)).toBeVisible();
  await expect(page.getByTestId('count')).toHaveText('0');
});

test('three tools in one sitting: each thing once, then put away by a tap each', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=wren');
  const sitting = page.getByRole('region', { name: 'In one sitting' });
  const others = sitting.getByRole('checkbox');
  await others.nth(0).check();
  await others.nth(1).check();
  await expect(sitting.getByRole('heading', { level: 2 })).toHaveText(/^3 edges in one sitting: /);
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByTestId('count')).toHaveText('0');
  // The edge that was chosen is the one that opens.
  await expect(page.getByRole('heading', { level: 1, name: 'Wren' })).toBeVisible();
  for (let turn = 0; turn < 20 && page.url().includes('/guide'); turn += 1) {
    await page.getByTestId('count').click();
    const isLast = (await page.getByRole('button', { name: 'Finish', exact: true }).count()) > 0;
    if (isLast) {
      await leaveStep(page, 'Finish');
      await page.getByRole('button', { name: 'slices printer paper' }).click();
      const before = page.url();
      await page.getByRole('button', { name: 'Write it into the log' }).click();
      await expect.poll(() => page.url()).not.toBe(before);
    } else await leaveStep(page);
    const away = page.getByRole('heading', { level: 1, name: 'Then put it away' });
    const count = page.getByTestId('count');
    await expect
      .poll(async () => (await away.isVisible()) || (await count.allInnerTexts()).join() === '0')
      .toBe(true);
  }
  await expect(page.getByRole('heading', { level: 1, name: 'Then put it away' })).toBeVisible();
  const dry = page.getByRole('button', { name: /^Dry/ });
  await dry.click();
  await expect(dry).toHaveAttribute('aria-pressed', 'true');
  await dry.click();
  await expect(dry).toHaveAttribute('aria-pressed', 'false');
  await page.getByRole('button', { name: /^Wax/ }).click();
  await expect(page.getByText(/^3 edges in /)).toBeVisible();
});

test('the edges of a sitting change places behind the one that was chosen', async ({ page }) => {
  await open(page, '/touch-up?tool=plover');
  const sitting = page.getByRole('region', { name: 'In one sitting' });
  await sitting.getByRole('checkbox', { name: /^Wren/ }).check();
  await sitting.getByRole('checkbox', { name: /^Tern/ }).check();
  const earlier = page.getByRole('button', { name: 'Tern earlier' });
  const turn = sitting.getByRole('listitem').filter({ has: earlier }).first();
  await expect(turn).toContainText(/Wren, .*Tern, /s);
  await earlier.first().click();
  await expect(sitting.getByRole('button', { name: 'Wren earlier' }).first()).toBeVisible();
  await expect(earlier).toHaveCount(0);
});

test('one edge has one session: the rack and the plan name it, and go on with it', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=plover');
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await page.getByTestId('count').click();
  const guide = page.url();
  await open(page, '/');
  await expect(page.getByRole('link', { name: /^Under way, step 1 of \d/ }).first()).toBeVisible();
  await open(page, '/touch-up?tool=plover');
  await expect(page.getByRole('button', { name: 'Start the touch-up' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Go on with it' }).click();
  await expect(page).toHaveURL(guide);
  await expect(page.getByTestId('count')).toHaveText('1');
});

test('an edge that passes is kept up, and the log says how long that keeps the stone away', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=wren&job=upkeep');
  await expect(page.getByText(/^about 5 \(\d+–\d+\) a side/)).toBeVisible();
  await expect(
    page.getByRole('heading', { name: /is (bare|fresh|grey|shiny|caked)$/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('heading', { name: 'Each strop on this edge: its best count' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Start stropping' }).click();
  for (let i = 0; i < 5; i += 1) await page.getByTestId('count').click();
  await leaveStep(page, 'Finish');
  await page.getByRole('button', { name: 'shaves, both ways' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByText(/^Kept up /)).toBeVisible();
});

test('a plan says how a thing is held, and the other way by a tap', async ({ page }) => {
  await open(page, '/touch-up?tool=tern');
  const first = page.getByRole('region', { name: 'Steps' }).getByRole('listitem').first();
  const other = first.getByRole('button', { name: /^or stone/ });
  const words = (await other.innerText()).replace(/^or /, '');
  await other.click();
  await expect(first).toContainText(words.charAt(0).toUpperCase() + words.slice(1));
});

test('another blade hangs on a handle that is there, and says so on the rack', async ({ page }) => {
  await hangTool(page, 'Scandi knife', 'Wren’s awl');
  await page.getByText('Handle, head, sheath, spine').click();
  await page.getByLabel('Its handle').selectOption('Wren’s: another blade of it');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Wren’s awl is saved.')).toBeVisible();
  await page.getByRole('link', { name: 'Inspect it' }).click();
  await page
    .getByRole('group', { name: 'Handle', exact: true })
    .getByRole('button', { name: 'cracked' })
    .click();
  await page
    .getByRole('button', { name: /^(Write|Save|Note)/ })
    .first()
    .click();
  await expect(
    page.getByText('The look is saved; what was found stays on the strip.'),
  ).toBeVisible();
  await open(page, '/');
  await expect(page.getByText(/on Wren’s handle$/).first()).toBeVisible();
  await open(page, '/touch-up?tool=wren');
  await expect(page.getByText('Stop use.')).toBeVisible();
});
