import Link from '../../ui/Link';
import { day, plural } from '../../ui/format';
import { attempt } from '../../ui/attempt';
import type { Copies } from '../../live';

/** Says when the last copy outside the browser was made, where that is too long ago; a tap makes one. */
export function CopyDue({ copies }: { copies: Copies }) {
  if (!copies.isDue) return null;
  const { last, since, hand } = copies;
  return (
    <section
      aria-label="Copy due"
      className="mx-auto flex w-full max-w-[82rem] flex-wrap items-center gap-x-4 border-b border-rule px-4 py-1 sm:px-8"
    >
      <p>
        {last
          ? `The last copy outside this browser is of ${day(last.at)}, ${plural(since, 'entry', 'entries')} ago.`
          : 'There is no copy of this outside the browser, and a browser may be cleared.'}
      </p>
      <button type="button" className="btn btn-outline" onClick={() => attempt(hand('share'))}>
        Make a copy
      </button>
      <Link href="/data" className="link inline-flex min-h-12 items-center">
        Keep copies by themselves
      </Link>
    </section>
  );
}
