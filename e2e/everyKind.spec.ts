import { expect, test } from './fixtures';
import { hangTool } from './layOut';

/** Kinds of tools, as they lie in the tray, with what their inspection looks at. */
const KINDS = [
  { kind: 'Scandi knife', checks: ['Handle', 'Blade'] },
  { kind: 'Convex knife', checks: ['Handle', 'Blade'] },
  { kind: 'Flat or sabre knife', checks: ['Handle', 'Blade'] },
  { kind: 'Fillet knife', checks: ['Handle', 'Blade'] },
  { kind: 'Skinning knife', checks: ['Handle', 'Blade'] },
  { kind: 'Parer', checks: ['Handle', 'Blade'] },
  { kind: 'Recurve knife', checks: ['Handle', 'Blade'] },
  { kind: 'Hatchet', checks: ['Head', 'Haft', 'Blade and eye'] },
  { kind: 'Felling axe', checks: ['Head', 'Haft', 'Blade and eye'] },
  { kind: 'Tomahawk', checks: ['Bit and its bolts', 'Haft', 'Blade and eye'] },
  { kind: 'Machete', checks: ['Handle', 'Blade'] },
  { kind: 'Some axe', checks: ['Head', 'Haft', 'Blade and eye'] },
  { kind: 'Some knife', checks: ['Handle', 'Blade'] },
];

for (const { kind, checks } of KINDS) {
  test(`a ${kind.toLowerCase()} hangs from usual values, is judged and planned`, async ({
    page,
  }) => {
    await hangTool(page, kind, 'Newcomer');
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
