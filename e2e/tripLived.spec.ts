import { expect, open, standLater, test, untilStored, waitUntilPlanned } from './fixtures';

test('a trip is packed, left for, worked with a chip, told in the evening, and come back from', async ({
  page,
}) => {
  // Before it: a kit is packed, the gate stands, and nothing is asked on return yet.
  await open(page, '/kit?trip=tarrow-ness');
  await waitUntilPlanned(page);
  await page.getByRole('button', { name: 'Pack this kit' }).click();
  const packing = page.getByRole('region', { name: 'Packing' });
  for (const box of await packing.getByRole('checkbox').all()) await box.check();
  await expect(packing.getByRole('heading', { name: /^Packed: \d+ g/ })).toBeVisible();
  const belt = await packing.getByRole('group', { name: /^On the belt/ }).innerText();
  await open(page, '/kit/card?trip=tarrow-ness');
  await expect(page.getByText('as promised on leaving').first()).toBeVisible();
  await expect(page.locator('.card-row').filter({ hasText: 'Tern' })).toContainText('keen');
  await open(page, '/');
  await expect(page.getByRole('region', { name: 'Before Tarrow Ness' })).toBeVisible();
  await open(page, '/trip/back?trip=tarrow-ness');
  await expect(page.getByText('looked through when it is over')).toBeVisible();

  // The third day, at work: the rack opens on today, with what is on the belt, in the pack, at camp.
  await open(page, '/');
  await standLater(page, 6, 15);
  await open(page, '/');
  const title = page.getByRole('heading', { level: 1 });
  await expect(title).toHaveText(/^(Tonight \d|Tonight under|Nothing tonight)/);
  await expect(page.getByText(/day 3 of 5/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Before Tarrow Ness' })).toHaveCount(0);
  const have = page.getByRole('region', { name: 'What I have' });
  const first = belt.split('\n').find((line) => /paper|plate|rod/.test(line))!;
  await expect(have.getByRole('button', { name: /^belt/ })).toContainText(first.split(',')[0]!);
  await open(page, '/care');
  await expect(title).not.toContainText('before Tarrow Ness');

  // A plan by its bare address is made with what is at camp; each place says its minutes.
  await open(page, '/touch-up?tool=wren');
  const where = page.getByRole('button', { name: /^where/ });
  await expect(where).toContainText('at camp');
  await where.click();
  await expect(page.getByRole('button', { name: /^In mid-job: / })).toBeVisible();
  await page.getByRole('button', { name: /^At the bench: / }).click();
  await expect(where).toContainText('at the bench');

  // Begun from the belt, the guide swaps for what hangs there, and for nothing out of the pack.
  await open(page, '/touch-up?tool=bracken&zone=chop&at=belt');
  await page.getByRole('button', { name: /^Start/ }).click();
  await page.getByRole('button', { name: 'This step' }).click();
  const swaps = page.getByRole('group', { name: /^Go on with another thing/ });
  await expect(swaps.getByRole('button').first()).toBeVisible();
  const offered = await swaps.innerText();
  for (const thing of ['puck', 'mill file']) expect(offered).not.toContain(thing);
  await untilStored(page);

  // A chip is noted, and stands in tonight.
  await open(page, '/inspect?tool=old-hob');
  await page.getByTestId('strip').click({ position: { x: 500, y: 30 } });
  await page.getByRole('button', { name: '0.8 mm', exact: true }).click();
  await page.getByRole('button', { name: 'misuse' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Save the look' }).click();
  await open(page, '/');
  await expect(page.getByRole('region', { name: 'Seen today' })).toContainText('Old Hob');
  await expect(page.getByRole('link', { name: /^Plan Old Hob/ }).first()).toBeVisible();

  // In the evening the day's hours are told in a tap.
  await page.getByRole('button', { name: /^Today’s hours/ }).click();
  await page.getByRole('button', { name: 'As planned' }).click();
  await expect(page.getByRole('button', { name: /^Today’s hours told/ })).toBeVisible();
  await open(page, '/trip');
  await expect(page.getByRole('region', { name: 'Tonight' })).toContainText('Old Hob');

  // Back home: what was looked at stays where it was left, and the hours of untold days are asked.
  await standLater(page, 3, 18);
  await open(page, '/');
  await page.getByRole('link', { name: /^Back from Tarrow Ness/ }).click();
  await expect(title).toHaveText('Back from Tarrow Ness');
  await page.getByText('Tern', { exact: true }).click();
  await page.getByRole('button', { name: 'tears paper' }).click();
  await expect(page.getByText(/^[12] of 8 edges looked at/)).toBeVisible();
  const count = await page.getByText(/of 8 edges looked at/).innerText();
  await untilStored(page);
  await page.reload();
  await expect(page.getByText(count)).toBeVisible();
  await page.getByLabel('Old Hob, chop').fill('2');
  await page.getByRole('button', { name: 'Save it all' }).click();
  await expect(page.getByText('Looked through on return.')).toBeVisible();

  // What got wet asks for its film here and in care, until the one or the other says that it is on.
  const film = page.getByRole('button', { name: /^Film of oil, wax or fat .*: done/ });
  await expect(film).toBeVisible();
  await film.click();
  await expect(film).toHaveCount(0);
  await open(page, '/care');
  await expect(page.getByText('Back from wet or salt')).toHaveCount(0);
  await open(page, '/');
  await expect(page.getByRole('link', { name: /^Back from Tarrow Ness/ })).toHaveCount(0);
});
