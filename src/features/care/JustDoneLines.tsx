import { careWords as say } from '../../ui/words/screens/care';
import { PegHole } from './CareLine';
import type { CareActs } from '../../live';

/** What was done while the screen stands: the peg in its hole, and the way to take it out again. */
export function JustDoneLines({ acts }: { acts: CareActs }) {
  if (acts.justDone.length === 0) return null;
  return (
    <ul className="mt-3" aria-label={say.doneJustNow}>
      {acts.justDone.map((done, i) => (
        <li
          key={`${done.title} ${i}`}
          className="flex items-center gap-3 border-b border-rule text-soft"
        >
          <span className="grid size-12 place-items-center">
            <PegHole isFilled />
          </span>
          <b className="grow">{done.title}</b>
          {say.done2}
          <button
            type="button"
            className="link min-h-12 px-2"
            aria-label={say.undo(done.title)}
            onClick={() => void acts.undo(done)}
          >
            {say.undo2}
          </button>
        </li>
      ))}
    </ul>
  );
}
