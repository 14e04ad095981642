import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

/**
 * Holds the first load of every page within its budget: all scripts that the page itself names,
 * gzipped, but for the one of browsers without modules, which no other fetches. What a page can do
 * without at first is loaded when it is asked for.
 */
const BUDGET_KB = { default: 257, index: 238, trip: 277, 'touch-up': 280, 'touch-up/guide': 224 };
const PAGES = [
  'index',
  'tool',
  'trip',
  'inspect',
  'touch-up',
  'touch-up/guide',
  'kit',
  'shelf',
  'log',
  'log/entry',
  'log/answers',
  'log/compare',
  'log/taught',
  'care',
  'log/write',
  'data',
];

const known = new Map();
function gzippedBytes(file) {
  if (!known.has(file)) known.set(file, gzipSync(readFileSync(file)).length);
  return known.get(file);
}

let over = 0;
for (const page of PAGES) {
  const html = join('.next/server/app', `${page}.html`);
  if (!existsSync(html)) throw new Error(`${html} is missing: build first`);
  const scripts = new Set(
    [
      ...readFileSync(html, 'utf8').matchAll(
        /<script(?![^>]*noModule)[^>]+src="\/_next\/(static\/[^"?]+\.js)/g,
      ),
    ].map(([, path]) => path),
  );
  const bytes = [...scripts].reduce((sum, path) => sum + gzippedBytes(join('.next', path)), 0);
  const kb = bytes / 1000;
  const budget = BUDGET_KB[page] ?? BUDGET_KB.default;
  const isOver = kb > budget;
  over += isOver ? 1 : 0;
  console.log(
    `${isOver ? 'over ' : 'within'} ${page.padEnd(16)} ${kb.toFixed(0).padStart(4)} of ${budget} kB`,
  );
}
process.exitCode = over > 0 ? 1 : 0;
