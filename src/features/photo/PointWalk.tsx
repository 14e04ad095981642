import { ChevronLeft, ChevronRight, Plus } from 'lucide-react';
import { photoWords as say } from './words';
import type { Photo } from './usePhoto';

/**
 * Which point is taken up, the ways to the one before and after, and one more between where a line leads through
 * them; room for it where there is no other yet.
 */
export function PointWalk({ photo }: { photo: Photo }) {
  const { marks, mark, at, walk, between, lines } = photo;
  const of = marks[mark].length;
  if (of < 2) return <div className="min-h-12" />;
  return (
    <div className="flex min-h-12 shrink-0 items-center self-end sm:self-start">
      <button
        type="button"
        className="btn btn-ghost min-w-11 px-2"
        aria-label={say.pointBefore}
        disabled={at === 0}
        onClick={() => walk(-1)}
      >
        <ChevronLeft aria-hidden />
      </button>
      <span className="number min-w-14 text-center">{say.pointOf(at + 1, of)}</span>
      <button
        type="button"
        className="btn btn-ghost min-w-11 px-2"
        aria-label={say.pointAfter}
        disabled={at === of - 1}
        onClick={() => walk(1)}
      >
        <ChevronRight aria-hidden />
      </button>
      {between && (
        <button
          type="button"
          className="btn btn-ghost gap-1 px-2"
          aria-label={say.oneBetween}
          onClick={() => between(lines)}
        >
          <Plus aria-hidden className="size-5" />
          {say.between}
        </button>
      )}
    </div>
  );
}
