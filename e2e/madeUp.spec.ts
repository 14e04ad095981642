import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { ABRASIVE_FAMILIES, STROP_SURFACES } from '../src/domain/families';
import { KINDS } from '../src/domain/kinds';
import { SCHOOLS } from '../src/domain/schools';
import { TASKS } from '../src/domain/tasks';
import * as TERMS from '../src/domain/terms';
import { TRIP_TASKS } from '../src/domain/tripTasks';
import { USUAL_THINGS } from '../src/domain/usualThings';
import { MADE_UP_ORIGIN } from './browser';
import { SCREENS } from './fixtures';

/**
 * The interface in a language that nobody speaks: what is left of English was not among the words, and what
 * runs over its place has no room for a longer language. `scripts/madeUpLanguage.cjs` makes it.
 */

test.use({ baseURL: MADE_UP_ORIGIN, viewport: { width: 360, height: 740 } });

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

/** The closed lists of the field stand in the records themselves: their words are written by the domain. */
for (const list of [
  ...Object.values(TERMS).filter((list): list is never => Array.isArray(list)),
  ...Object.values(SCHOOLS),
  Object.values(KINDS).map(({ name }) => name),
  TASKS.map(({ name }) => name),
  TRIP_TASKS.map(({ name }) => name),
  USUAL_THINGS.map(({ name }) => name),
  ['keen', 'works', 'tired', 'blunt', 'edge leading', 'edge trailing', 'light', 'medium', 'firm'],
  ['sound', 'cracked', 'tight', 'loose', 'true', 'slightly bent', 'badly bent', 'overheated'],
  STROP_SURFACES,
  ABRASIVE_FAMILIES,
  [
    'passes',
    'raisings',
    'thinnings',
    'field',
    'bench',
    'everybody',
    'tools',
    'sessions',
    'camera',
    'clear',
  ],
  [
    'two hands',
    'leave alone',
    'hone',
    'strop',
    'file',
    'thin',
    'mid-job',
    'evening',
    'if it chips',
  ],
]) {
  for (const word of list.join(' ').match(/\p{L}+/gu) ?? []) OWN.add(word.toLowerCase());
}

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

test('no English is left on any screen, and nothing runs over its place', async ({ page }) => {
  test.setTimeout(240_000);
  const left = new Map<string, Set<string>>();
  const wide: string[] = [];
  for (const path of SCREENS) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    for (const word of await englishOn(page)) {
      left.set(word, (left.get(word) ?? new Set()).add(path));
    }
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    if (over > 0) wide.push(`${path} by ${over} px`);
  }
  expect([...left].map(([word, paths]) => `${word}: ${[...paths].join(' ')}`)).toEqual([]);
  expect(wide).toEqual([]);
});
