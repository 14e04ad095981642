/** @jest-environment node */
import { visibleTexts } from '../../testing/visibleTexts';

/** What the interface does not say; `terms.md` has the words that it says instead. */
const NOT_SAID: readonly RegExp[] = [
  /\bzones?\b/i,
  /\brear\b/i,
  /\bspine up\b/i,
  /\b(struck|strike \w+ \w*\s?out|strike it out)\b/i,
  /\brub(bed)? (it )?out\b/i,
  /\blay in\b/i,
  /\btake up\b/i,
  /\bfor nothing\b/i,
  /\bworn out after\b/i,
  /\bnote it\b|\bis noted\b|\bnot noted\b|\blast noted\b/i,
  /\bwork asks for\b|\basked for\b/i,
  /\bwants\b/i,
  /\brecurve hook\b/i,
  /\boff the shelf\b/i,
  /\b0 days ago\b/i,
  /\b(is|are|was|were) kept\b/i,
];

/** Texts that say one of these of something else. */
const OTHERWISE: readonly RegExp[] = [
  /files are kept for axes/, // a tool reserved for a purpose
  /^asked for$/, // a kit that was asked for: a word of the code
  /kept with the step/,
];

const texts = visibleTexts(['src/ui', 'src/features']);

it('reads the interface: a text in each of its screens', () => {
  expect(texts.length).toBeGreaterThan(1000);
  for (const screen of ['rack', 'inspect', 'guide', 'trip', 'kit', 'log', 'care', 'data']) {
    expect(texts.some(({ file }) => file.includes(`features/${screen}/`))).toBe(true);
  }
});

it('has one name for one thing', () => {
  const found = texts
    .filter(({ text }) => NOT_SAID.some((word) => word.test(text)))
    .filter(({ text }) => !OTHERWISE.some((word) => word.test(text)))
    .map(({ text, file, line }) => `${file}:${line} ${text}`);
  expect(found).toEqual([]);
});
