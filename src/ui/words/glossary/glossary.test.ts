import fc from 'fast-check';
import { GLOSSARY, WORD_IDS } from './glossary';
import { piecesOf, WORD_FORMS, wordIn } from './wordForms';

const forms = Object.values(WORD_FORMS).flat();

it('every form leads to one word, and no form to two', () => {
  const lower = forms.map((form) => form.toLowerCase());
  expect(new Set(lower).size).toBe(lower.length);
  for (const id of WORD_IDS) for (const form of WORD_FORMS[id]) expect(wordIn(form)).toBe(id);
});

it('a sentence in pieces is the sentence, and each word opens once', () => {
  const words = fc.array(fc.oneof(fc.constantFrom<string>(...forms), fc.string({ maxLength: 8 })));
  fc.assert(
    fc.property(words, (list) => {
      const sentence = list.join(' ');
      const pieces = piecesOf(sentence);
      expect(pieces.map(({ text }) => text).join('')).toBe(sentence);
      const opened = pieces.flatMap(({ word }) => (word ? [word] : []));
      expect(new Set(opened).size).toBe(opened.length);
    }),
  );
});

it('the longest form counts, and no word within another', () => {
  expect(piecesOf('the radius of the apex').find(({ word }) => word)?.word).toBe('apex-radius');
  expect(wordIn('microchips and shipments')).toBeNull();
  expect(wordIn('4.2 N, light')).toBe('force');
  expect(wordIn('n of 4')).toBeNull();
});

it('is said in short sentences, and leads on to words that there are', () => {
  for (const id of WORD_IDS) {
    const { says, line, next } = GLOSSARY[id];
    expect(line.length).toBeLessThanOrEqual(48);
    const sentences = says.split(/(?<=\.)\s/);
    expect(sentences.length).toBeLessThanOrEqual(6);
    for (const sentence of sentences) expect(sentence.split(' ').length).toBeLessThanOrEqual(26);
    for (const other of next) expect(GLOSSARY[other]).toBeDefined();
    expect(next).not.toContain(id);
  }
});
