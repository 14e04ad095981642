/** How far what was done has come, in the one word for it everywhere. */
export function SavedWord({ word }: { word: 'saved' | 'saving' | 'not saved' }) {
  return (
    <p
      className={`w-20 ${word === 'not saved' ? 'font-bold underline decoration-wavy' : ''}`}
      data-testid="saved"
    >
      {word}
    </p>
  );
}
