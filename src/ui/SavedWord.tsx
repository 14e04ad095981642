import { SAVED_WORDS } from './words/savedWords';

/** How far what was done has come, in the one word for it everywhere. */
export function SavedWord({ word }: { word: keyof typeof SAVED_WORDS }) {
  return (
    <p
      className={`w-20 ${word === 'not saved' ? 'font-bold underline decoration-wavy' : ''}`}
      data-testid="saved"
    >
      {SAVED_WORDS[word]}
    </p>
  );
}
