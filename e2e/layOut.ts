import { expect, type Page } from '@playwright/test';

/** Starts with nothing, from the rack with the sample crew's tools. */
export async function startEmpty(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start empty' }).click();
  await expect(page.getByRole('link', { name: 'Lay out what you have' })).toBeVisible();
}

/** Lays one more of a kind of tool, or of a thing, on the ground. */
export async function lay(page: Page, what: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${what}(, \\d+ on your ground)?$`) }).click();
}

/** Hangs one tool under its own name; its page is open afterwards. Returns its id. */
export async function hangTool(page: Page, kind: string, name: string): Promise<string> {
  await page.goto('/lay-out');
  await lay(page, kind);
  await page.getByRole('button', { name: /per side$/ }).click();
  await page.getByLabel('What you call it (optional)').fill(name);
  await page.getByRole('button', { name: /^See what to do/ }).click();
  await page.getByRole('link', { name: 'Its measures' }).click();
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  return new URL(page.url()).searchParams.get('id')!;
}
