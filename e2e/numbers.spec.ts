import type { Page } from '@playwright/test';
import { expect, open, test } from './fixtures';

/** Minutes as a screen says them: `3 min`, `under 1 min`, `2 h`. */
const minutesIn = (text: string): string | null =>
  /(under 1 min|[\d.]+ min|\d+ h)/.exec(text.toLowerCase())?.[1] ?? null;

interface Line {
  tool: string;
  zone: string;
  state: string;
  says: string;
}

/** Every edge as the list of touch-ups has it. */
async function listed(page: Page): Promise<Line[]> {
  await open(page, '/touch-up');
  const links = page.getByRole('main').locator('li a[href*="tool="]');
  await expect(links.first()).toBeVisible();
  const lines: Line[] = [];
  for (const link of await links.all()) {
    const query = new URL((await link.getAttribute('href'))!, 'http://here').searchParams;
    const [state, says] = (await link.locator('span').allInnerTexts()).slice(-2);
    lines.push({
      tool: query.get('tool')!,
      zone: query.get('zone')!,
      state: state!.toLowerCase(),
      says: says!,
    });
  }
  return lines;
}

test('rack, list, plan and verdict say the same of every edge', async ({ page }) => {
  const edges = await listed(page);
  expect(edges).toHaveLength(10);

  await open(page, '/');
  for (const { tool, zone, says } of edges) {
    const minutes = minutesIn(says);
    const onRack = page.locator(`a[href*="tool=${tool}&zone=${zone}"]:visible`).first();
    const words = await onRack.innerText();
    expect([tool, zone, minutesIn(words)]).toEqual([tool, zone, minutes]);
    expect(words).toContain(says);
  }

  for (const { tool, zone, state, says } of edges) {
    const minutes = minutesIn(says);
    await open(page, `/inspect?tool=${tool}&zone=${zone}`);
    const verdict = page.getByRole('region', { name: 'Verdict' });
    const rung = (await page.getByTestId('verdict').innerText()).toLowerCase();
    if (state === 'stop use') {
      expect(rung).toBe('stop use');
      await expect(page.getByRole('button', { name: 'Plan the touch-up' })).toBeDisabled();
      await open(page, `/touch-up?tool=${tool}&zone=${zone}`);
      await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeDisabled();
      continue;
    }
    if (rung === 'professional') {
      expect(says).toBe('To a smith');
      continue;
    }
    expect(says === 'Leave it').toBe(rung === 'leave alone');
    if (minutes === null) continue;
    const row = verdict.locator('tr').filter({ hasText: new RegExp(`^${rung}`, 'i') });
    if (rung !== 'thin') expect(minutesIn(await row.last().innerText())).toBe(minutes);
    await expect(page.getByText(new RegExp(`^(now )?${state}`)).first()).toBeVisible();
    await page.getByRole('button', { name: /^Plan the/ }).click();
    await expect(page.getByRole('region', { name: 'Steps' })).toBeVisible();
    const headline = await page
      .getByText(/^(About \d|Under 1 min)/)
      .last()
      .innerText();
    expect([tool, minutesIn(headline)]).toEqual([tool, minutes]);
  }
});

test('what a trip wants before it is the same on the rack, on the trip and in care', async ({
  page,
}) => {
  await open(page, '/');
  const gate = page.getByRole('region', { name: 'Before Tarrow Ness' }).first();
  const onRack = minutesIn(await gate.getByText(/^about \d/).innerText());
  await open(page, '/trip');
  const before = page.getByRole('region', { name: /^Before you go/ });
  await expect(before.getByText(`about ${onRack}`)).toBeVisible();
  // Each edge of the list takes as long as its own plan says, and care what its line there says.
  const lines = await before.getByRole('link', { name: /^Plan / }).all();
  expect(lines.length).toBeGreaterThan(6);
  const said: { name: string; minutes: string; href: string }[] = [];
  for (const line of lines) {
    const [, name, minutes] = /^Plan (.*), (.*)$/.exec((await line.getAttribute('aria-label'))!)!;
    said.push({ name: name!, minutes: minutes!, href: (await line.getAttribute('href'))! });
  }
  const acts = await before.getByRole('button', { name: /, \d+ min: done$/ }).all();
  const careMinutes = await Promise.all(
    acts.map(async (act) => minutesIn((await act.getAttribute('aria-label'))!)!),
  );
  for (const { name, minutes, href } of said.filter((each) => each.href.includes('touch-up'))) {
    await open(page, href);
    const headline = page.getByText(/^(About \d|Under 1 min)/).last();
    expect([name, minutesIn(await headline.innerText())]).toEqual([name, minutesIn(minutes)]);
  }
  const care = careMinutes.reduce((sum, minutes) => sum + parseInt(minutes, 10), 0);
  await open(page, '/care');
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    ` before Tarrow Ness, ${care} min`,
  );
});

test('a stopped tool can be started nowhere, not even from a session under way', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=old-hob');
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(page.getByTestId('count')).toHaveText('0');
  const guide = page.url();
  await open(page, '/inspect?tool=old-hob');
  await page.getByRole('group', { name: 'Haft' }).getByRole('button', { name: 'cracked' }).click();
  await page.getByRole('button', { name: 'Save the look' }).click();
  await expect(page.getByText('The look is saved')).toBeVisible();
  await page.goto(guide);
  await expect(page.getByRole('heading', { name: /^Stop ?: the haft/ })).toBeVisible();
  await expect(page.getByTestId('count')).toHaveCount(0);
  await open(page, '/touch-up');
  await expect(page.getByRole('link', { name: /Old Hob.*stop use/i })).toHaveAttribute(
    'href',
    /^\/inspect/,
  );
});

test.describe('where decimals have a comma', () => {
  test.use({ locale: 'de-DE' });

  test('an angle of 12,5 is twelve and a half, in the field, the drawing and the log', async ({
    page,
  }) => {
    await open(page, '/tool?id=wren');
    await page.getByLabel('Angle known by').selectOption('stated');
    await page.getByLabel('Bevel angle, per side').fill('12,5');
    await expect(page.getByRole('img', { name: /Section, bevel: 12,5° per side/ })).toBeVisible();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Wren is saved.')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Bevel angle, per side')).toHaveValue('12,5');
  });
});
