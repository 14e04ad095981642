import AxeBuilder from '@axe-core/playwright';
import { expect, open, SCREENS, startTouchUp, test, waitUntilPlanned } from './fixtures';

const AXE_TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

for (const theme of ['day', 'ember']) {
  test(`no screen breaks an accessibility rule by ${theme}`, async ({ page }) => {
    test.setTimeout(420_000);
    await page.addInitScript((t) => localStorage.setItem('open-trail-theme', t), theme);
    const findings: string[] = [];
    const check = async (name: string): Promise<void> => {
      const { violations } = await new AxeBuilder({ page }).withTags(AXE_TAGS).analyze();
      for (const { id, nodes } of violations) {
        findings.push(`${name}: ${id} at ${nodes.map((n) => n.target.join(' ')).join(', ')}`);
      }
    };
    for (const path of SCREENS) {
      await open(page, path);
      if (path === '/kit') await waitUntilPlanned(page);
      await check(path);
    }
    await startTouchUp(page, 'wren');
    await check('guide');
    await page.getByRole('button', { name: 'Test', exact: true }).click();
    await check('test in the guide');
    await page.getByRole('button', { name: 'Finish here' }).click();
    await check('finish');
    await open(page, '/shelf');
    await page.getByRole('button', { name: 'Edit pocket plate' }).click();
    await check('dialog');
    expect(findings).toEqual([]);
  });
}

test('a touch-up can be done from the keyboard alone', async ({ page }) => {
  await open(page, '/');
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { level: 1, name: 'Touch-up' })).toBeVisible();
  const focusOn = async (name: RegExp): Promise<void> => {
    for (let i = 0; i < 60; i += 1) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(() => {
        const element = document.activeElement!;
        return element.getAttribute('aria-label') ?? element.textContent ?? '';
      });
      if (name.test(label)) return;
    }
    throw new Error(`${name} cannot be reached by Tab`);
  };
  await focusOn(/^Wren/);
  await page.keyboard.press('Enter');
  await focusOn(/^Start the touch-up/);
  await page.keyboard.press('Enter');
  const count = page.getByTestId('count');
  await expect(count).toHaveText('0');
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Space');
  await page.keyboard.press('z');
  await expect(count).toHaveText('4');
  await page.keyboard.press('t');
  await expect(page.getByText('right side up')).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByText('paused')).toBeVisible();
  await page.keyboard.press('n');
  // The first stone asks before it is left.
  await focusOn(/^Leave it all the same/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('step 2 of 2')).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByText('step 1 of 2')).toBeVisible();
  // A press belongs to the step it was made on: a second one waits until the next step stands.
  await page.keyboard.press('n');
  await expect(page.getByText('step 2 of 2')).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Finish' })).toBeVisible();
  await focusOn(/^shaves/);
  await page.keyboard.press('Enter');
  await focusOn(/^Write it into the log/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/log\/entry/);
});

test('single keys can be switched off', async ({ page }) => {
  await open(page, '/');
  await page.keyboard.press('?');
  await page.getByLabel('Single keys work outside of fields').uncheck();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tarrow Ness');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true, isMobile: true });

  test('no screen is wider than the phone', async ({ page }) => {
    const wide: string[] = [];
    for (const path of SCREENS) {
      await open(page, path);
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      if (over > 0) wide.push(`${path} by ${over} px`);
    }
    expect(wide).toEqual([]);
  });

  test('the posts for outdoors stand, the rest hang on one more', async ({ page }) => {
    await open(page, '/');
    const posts = page.getByRole('navigation', { name: 'Screens' });
    await expect(posts.getByRole('link')).toHaveText([
      'Rack',
      'Inspect',
      'Touch-up',
      'Trip',
      'Kit',
    ]);
    await posts.getByText('More').tap();
    await posts.getByRole('link', { name: 'Log' }).tap();
    await expect(page.getByText(/^38 entries, /)).toBeVisible();
    await expect(posts.getByRole('link', { name: 'Data' })).toBeHidden();
    const head = await page.locator('header').boundingBox();
    expect(head!.height).toBeLessThanOrEqual(100);
  });

  test('the count takes most of the screen and every tap', async ({ page }) => {
    await startTouchUp(page, 'wren');
    const counter = page.getByRole('button', { name: /^Count a stroke/ });
    const box = (await counter.boundingBox())!;
    expect(box.height * box.width).toBeGreaterThan(0.4 * 360 * 740);
    for (let i = 0; i < 12; i += 1) await counter.tap({ position: { x: 40 + i * 10, y: 60 } });
    await expect(page.getByTestId('count')).toHaveText('12');
    for (const name of ['Back one', 'Pause', 'Test', 'Turn it over', 'Next step']) {
      const button = (await page.getByRole('button', { name, exact: true }).boundingBox())!;
      expect(button.height).toBeGreaterThanOrEqual(48);
      expect(button.y + button.height).toBeLessThanOrEqual(740);
    }
  });
});
