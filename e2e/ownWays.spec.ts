import { expect, open, test, leaveStep } from './fixtures';

test('a chip three ways: each with its minutes, and a facet that the tool knows of', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=old-hob');
  const chip = page.getByRole('region', { name: 'The chip' });
  await expect(chip.getByRole('button', { name: 'Narrow band' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(chip.getByText(/^gone after about \d+ touch-ups/)).toBeVisible();
  const headline = page.getByText(/^About .* min/).last();
  const band = await headline.innerText();
  await chip.getByRole('button', { name: 'Whole face' }).click();
  await expect(headline).not.toHaveText(band);
  await chip.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByText('to grind out damage')).toHaveCount(0);
  await chip.getByRole('button', { name: 'Narrow band' }).click();
  await expect(headline).toHaveText(band);

  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await expect(
    page.getByText(/^First \d+ a side from 62 to 110 mm, at 28° per side/),
  ).toBeVisible();
  for (let i = 0; i < 5; i += 1) await page.getByTestId('count').click();
  await leaveStep(page);
  await page.getByTestId('count').click();
  await leaveStep(page, 'Finish');
  await page.getByRole('button', { name: 'slices printer paper' }).click();
  await page.getByRole('button', { name: 'Keep it as a micro-bevel' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page).toHaveURL(/\/log\/entry/);
  await open(page, '/tool?id=old-hob');
  await expect(page.getByText(/^A facet of 1\.46 mm at 28° per side, kept/)).toBeVisible();
  await open(page, '/touch-up?tool=old-hob');
  await page.getByRole('button', { name: /^now/ }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await expect(page.getByText(/hold 28° per side/).first()).toBeVisible();
});

test('a facet to be blended is worked off by the next touch-up', async ({ page }) => {
  await open(page, '/touch-up?tool=wren');
  await page.getByRole('button', { name: /^now/ }).click();
  await page.getByLabel('There is a chip').check();
  await page
    .getByRole('region', { name: 'The chip' })
    .getByRole('button', { name: 'Narrow band' })
    .click();
  await page.getByRole('button', { name: 'Start the touch-up' }).click();
  await page.getByTestId('count').click();
  await page.getByRole('button', { name: 'Test', exact: true }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await page.getByRole('button', { name: 'Finish here' }).click();
  await expect(page.getByRole('button', { name: 'Blend it next time' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByText('The facet is saved with its stretch.')).toBeVisible();
  await open(page, '/touch-up?tool=wren');
  await expect(page.getByText('to blend the facet')).toBeVisible();
});

test('a person’s own ladder: in, out, first and only, with what it costs', async ({ page }) => {
  await open(page, '/touch-up?tool=wren');
  const ladder = page.getByRole('region', { name: 'The ladder' });
  await ladder.getByText('Choose your own: take a stone in or out').click();
  const toggle = (name: RegExp) => ladder.getByRole('button', { name });
  await expect(toggle(/^pocket plate, medium/)).toContainText(/^.*in: /);
  await toggle(/^pocket plate, medium/).click();
  await expect(toggle(/^pocket plate, medium/)).toHaveAttribute('aria-pressed', 'true');
  await expect(ladder.getByRole('heading')).toHaveText(/^Your own ladder: /);
  await expect(page.getByRole('heading', { name: /^\d\. Pocket plate, medium/ })).toBeVisible();

  await toggle(/^pocket plate, medium/).click();
  await ladder.getByLabel('Begin with').selectOption('pocket plate, coarse');
  await expect(page.getByRole('heading', { name: /^1\. Pocket plate, coarse/ })).toBeVisible();
  await ladder.getByRole('button', { name: 'Back to the plan’s own' }).click();
  await expect(ladder.getByRole('heading')).toHaveText(/^The ladder/);

  await ladder.getByRole('button', { name: 'Only these, in this order' }).click();
  await toggle(/^pocket plate, medium/).click();
  await expect(page.getByRole('heading', { name: /^\d\. Pocket plate, medium/ })).toBeVisible();
});

test('what an edge must do is chosen by work or by test, and the plan follows', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=bracken&zone=chop');
  await page.getByRole('button', { name: /^for/ }).click();
  await expect(page.getByRole('checkbox', { name: 'clearing brush' })).toBeChecked();
  await page
    .getByRole('group', { name: 'By a test' })
    .getByRole('button', { name: 'shaves' })
    .click();
  await expect(page.getByRole('checkbox', { name: 'clearing brush' })).not.toBeChecked();
  await expect(page.getByText(/target 0\.5 µm|Short of its target, 0\.5 µm/).first()).toBeVisible();
});

test('an angle is changed as a job, typed per side or inclusive, and kept with the log', async ({
  page,
}) => {
  await open(page, '/touch-up?tool=plover&job=angle');
  await expect(page.getByText('Name the angle: the plan follows.')).toBeVisible();
  await page.getByRole('button', { name: /^1° steeper: / }).click();
  // Steeper begins with a micro-bevel; here the whole face is wanted.
  await page.getByRole('button', { name: /^the whole face: / }).click();
  await expect(page.getByText(/^to grind a facet of the arc/).first()).toBeVisible();
  await page.getByRole('button', { name: 'type it inclusive' }).click();
  await page.getByLabel('Angle at the apex, inclusive').fill('39');
  await expect(page.getByText('per side 19.5°')).toBeVisible();
  await expect(page.getByText(/^hold 19.5° per side/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Start: arc' }).click();
  const steps = await page.getByText(/^step 1 of \d/).innerText();
  const count = Number(/of (\d)/.exec(steps)![1]);
  for (let step = 1; step <= count; step += 1) {
    await page.getByTestId('count').click();
    await leaveStep(page, step < count ? 'Next step' : 'Finish');
  }
  await page.getByRole('button', { name: 'shaves, both ways' }).click();
  await page.getByRole('button', { name: 'Write it into the log' }).click();
  await expect(page.getByText(/^New angle /)).toBeVisible();
  await open(page, '/tool?id=plover');
  await expect(page.getByLabel('Apex angle, inclusive')).toHaveValue('39');
  await expect(page.getByText('per side 19.5°')).toBeVisible();
});

test('a zone that must not be struck says so on rack, look and plan', async ({ page }) => {
  await open(page, '/');
  await expect(page.getByText(', no impacts').first()).toBeVisible();
  await open(page, '/inspect?tool=bracken&zone=fine');
  await expect(page.getByText(/^No impacts here: .*counts as misuse/)).toBeVisible();
  await page.getByTestId('strip').click({ position: { x: 200, y: 30 } });
  await expect(page.getByRole('button', { name: 'misuse' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await open(page, '/touch-up?tool=bracken&zone=fine');
  await expect(page.getByText(/^No impacts here/)).toBeVisible();
});
