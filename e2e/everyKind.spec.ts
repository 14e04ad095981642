import { expect, open, test } from './fixtures';

/** Kinds of tools, as the dialog names them, with what their inspection looks at. */
const KINDS = [
  { kind: 'Scandi knife', checks: ['Handle', 'Blade'] },
  { kind: 'Convex knife', checks: ['Handle', 'Blade'] },
  { kind: 'Flat or sabre knife', checks: ['Handle', 'Blade'] },
  { kind: 'Fillet knife', checks: ['Handle', 'Blade'] },
  { kind: 'Skinning knife', checks: ['Handle', 'Blade'] },
  { kind: 'Parer', checks: ['Handle', 'Blade'] },
  { kind: 'Recurve hook', checks: ['Handle', 'Blade'] },
  { kind: 'Hatchet', checks: ['Head', 'Haft', 'Blade and eye'] },
  { kind: 'Felling axe', checks: ['Head', 'Haft', 'Blade and eye'] },
  { kind: 'Tomahawk, bolted bit', checks: ['Bit and its bolts', 'Haft', 'Blade and eye'] },
  { kind: 'Machete', checks: ['Handle', 'Blade'] },
];

for (const { kind, checks } of KINDS) {
  test(`a ${kind.toLowerCase()} hangs from usual values, is judged and planned`, async ({
    page,
  }) => {
    await open(page, '/');
    await page.getByRole('button', { name: 'Hang a tool' }).click();
    await page.getByLabel('What it is').selectOption(kind);
    await page.getByLabel('What you call it').fill('Newcomer');
    await page.getByRole('button', { name: 'Hang it' }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Newcomer' })).toBeVisible();
    await expect(
      page.getByRole('img', { name: /^Section, bevel: [\d.]+° per side/ }),
    ).toBeVisible();
    await expect(page.getByText('not yet: usual for its kind')).toBeVisible();

    await page.getByRole('link', { name: 'Inspect it' }).click();
    await expect(page.getByTestId('verdict')).toHaveText('Leave alone');
    for (const check of checks) {
      await expect(page.getByRole('group', { name: check, exact: true })).toBeVisible();
    }
    await page.getByRole('button', { name: 'slides on a nail' }).click();
    await expect(page.getByTestId('verdict')).toHaveText(/stone|strop/i);
    await page.getByRole('button', { name: 'Plan the touch-up' }).click();
    await expect(page.getByRole('region', { name: 'Steps' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Start the touch-up' })).toBeEnabled();
  });
}
