import { rackWords as say } from '../../ui/words/screens/rack';
import Link from '../../ui/Link';
import { day } from '../../ui/format';
import { attempt } from '../../ui/attempt';
import type { Copies } from '../../live';

/** Says when the last copy outside the browser was made, where that is too long ago; a tap makes one. */
export function CopyDue({ copies }: { copies: Copies }) {
  if (!copies.isDue) return null;
  const { last, since, hand } = copies;
  return (
    <section
      aria-label={say.copyDue}
      className="mx-auto flex w-full max-w-[82rem] flex-wrap items-center gap-x-4 border-b border-rule px-4 py-1 sm:px-8"
    >
      <p>{last ? say.theLastCopyOutsideThis(day(last.at), since) : say.thereIsNoCopyOf}</p>
      <button type="button" className="btn btn-outline" onClick={() => attempt(hand('share'))}>
        {say.makeACopy}
      </button>
      <Link href="/data" className="link inline-flex min-h-12 items-center">
        {say.keepCopiesByThemselves}
      </Link>
    </section>
  );
}
