import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { MADE_UP_ORIGIN } from './browser';
import { madeUp } from '../scripts/madeUpLanguage.cjs';
import { SCREENS } from './fixtures';

/**
 * The interface in a language that nobody speaks: what is left of English was not among the words, and what
 * runs over its place has no room for a longer language. `scripts/madeUpLanguage.cjs` makes it.
 */

test.use({ baseURL: MADE_UP_ORIGIN });

/** Fields of records in which a person writes, or that stand as they were said at the time. */
const WRITTEN = /^(name|notes|person|people|carriers?|abrasiveName|doneWhen|warnings)$/;

/** Words that are the person's own, not the interface's: what the sample's records say in such fields. */
const OWN = new Set<string>();
JSON.parse(readFileSync('demo/tarrow-ness.json', 'utf8'), function (this: unknown, key, value) {
  const texts = WRITTEN.test(key) ? [value].flat().filter((own) => typeof own === 'string') : [];
  for (const text of texts as string[]) {
    for (const word of text.match(/\p{L}+/gu) ?? []) OWN.add(word.toLowerCase());
  }
  return value as unknown;
});

/** Dates, units and names of formats are written by standards. */
const STANDARD =
  /^(jan|feb|mar|apr|may|jun|jul|aug|sept?|oct|nov|dec)\w*$|^(mon|tues?|wed(nes)?|thu(rs)?|fri|satur|sat|sun)(day)?$|^(min|per|ago|days?|weeks?|months?|years?|hours?|minutes?|seconds?|in|now|today|yesterday|tomorrow|last|next|and|am|pm|alt|open|trail|json|csv|svg|png|fepa|cami|jis)$/i;

/** Texts that are seen or read aloud, in plain letters alone. */
async function englishOn(page: Page): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const holder = walker.currentNode.parentElement!;
      if (holder.closest('script, style, [hidden], next-route-announcer')) continue;
      found.push(walker.currentNode.nodeValue ?? '');
    }
    for (const element of document.querySelectorAll<HTMLElement>(
      '[aria-label], [title], [placeholder]',
    )) {
      for (const name of ['aria-label', 'title', 'placeholder']) {
        found.push(element.getAttribute(name) ?? '');
      }
    }
    return found;
  });
  return texts.flatMap((text) =>
    (text.match(/\p{L}{3,}/gu) ?? []).filter(
      (word) =>
        /[aeiou]/i.test(word) &&
        !/[áéíóúý]/i.test(word) &&
        !OWN.has(word.toLowerCase()) &&
        !STANDARD.test(word),
    ),
  );
}

/** Opens everything that is folded on a page. */
async function unfold(page: Page): Promise<void> {
  await page.evaluate(() => {
    for (const folded of document.querySelectorAll('details')) folded.open = true;
  });
}

for (const viewport of [
  { width: 360, height: 740 },
  { width: 1280, height: 800 },
]) {
  test(`no English is left on any screen, and nothing runs over its place, ${viewport.width} px`, async ({
    page,
  }) => {
    await page.setViewportSize(viewport);
    const left = new Map<string, Set<string>>();
    const wide: string[] = [];
    const read = async (path: string): Promise<void> => {
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await unfold(page);
      for (const word of await englishOn(page)) {
        left.set(word, (left.get(word) ?? new Set()).add(path));
      }
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      if (over > 0) wide.push(`${path} by ${over} px`);
    };
    for (const path of SCREENS) {
      await page.goto(path);
      await read(path);
    }
    await page.goto('/touch-up?tool=wren');
    await page.getByRole('button', { name: madeUp('Start the touch-up') }).click();
    await expect(page.getByTestId('count')).toHaveText('0');
    await read('the guide');
    expect([...left].map(([word, paths]) => `${word}: ${[...paths].join(' ')}`)).toEqual([]);
    expect(wide).toEqual([]);
  });
}
