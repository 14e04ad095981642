import { uiPartsWords as say } from './words/partsWords';

/** Says that what stands here was left half done, and offers to begin anew; nothing where it was not. */
export function LeftHere({ at, onAnew }: { at: string | null; onAnew: () => void }) {
  if (at === null) return null;
  return (
    <p role="status" className="flex flex-wrap items-center gap-x-4 bg-base-200 px-3">
      <span>{say.asYouLeftIt(at)}</span>
      <button type="button" className="link min-h-12" onClick={onAnew}>
        {say.startAnew}
      </button>
    </p>
  );
}
