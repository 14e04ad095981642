'use client';

import { WordPicture } from './pictures/WordPicture';
import { Said, WordsLeadTo } from './Term';
import { GLOSSARY } from './words/glossary/glossary';
import type { WordId } from './words/glossary/wordForms';
import { words } from './words/wordsWords';

/** What a word means: its picture, a few sentences, and the words to read on with. */
export function WordBody({ id, onWord }: { id: WordId; onWord: (id: WordId) => void }) {
  const { says, next } = GLOSSARY[id];
  return (
    <WordsLeadTo go={onWord}>
      <WordPicture id={id} className="w-full max-w-md" />
      <p className="mt-2 max-w-[52ch] text-lg">
        <Said apart={id}>{says}</Said>
      </p>
      {next.length > 0 && (
        <p className="mt-1 flex flex-wrap items-center gap-x-4">
          {words.readOn}
          {next.map((other) => (
            <button
              key={other}
              type="button"
              className="link min-h-12 font-semibold"
              onClick={() => onWord(other)}
            >
              {GLOSSARY[other].name}
            </button>
          ))}
        </p>
      )}
    </WordsLeadTo>
  );
}
