import { ChevronLeft, ChevronRight } from 'lucide-react';
import { photoWords as say } from '../../ui/words/photoWords';

/** Which point is taken up, and the ways to the one before and after; room for it where there is no other yet. */
export function PointWalk(props: { at: number; of: number; onWalk: (by: -1 | 1) => void }) {
  const { at, of, onWalk } = props;
  if (of < 2) return <div className="min-h-12" />;
  return (
    <div className="flex min-h-12 shrink-0 items-center self-end sm:self-start">
      <button
        type="button"
        className="btn btn-ghost min-w-11 px-2"
        aria-label={say.pointBefore}
        disabled={at === 0}
        onClick={() => onWalk(-1)}
      >
        <ChevronLeft aria-hidden />
      </button>
      <span className="number min-w-14 text-center">{say.pointOf(at + 1, of)}</span>
      <button
        type="button"
        className="btn btn-ghost min-w-11 px-2"
        aria-label={say.pointAfter}
        disabled={at === of - 1}
        onClick={() => onWalk(1)}
      >
        <ChevronRight aria-hidden />
      </button>
    </div>
  );
}
