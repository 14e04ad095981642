import Link from '../../ui/Link';
import { day, plural } from '../../ui/format';
import type { Had } from '../../live';

/** The database is empty, and was not: nothing takes its place before the person has said what does. */
export function Lost({ had }: { had: Had }) {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>What was here is gone from this browser</h1>
      <p className="mt-3 max-w-[60ch] text-lg">
        {plural(had.tools, 'tool')} hung here on {day(had.at)}. A browser that is cleared, or short
        of space, removes what pages have stored; nothing of it was sent anywhere.
      </p>
      <p className="mt-5">
        <Link href="/data" className="btn btn-primary px-7 text-lg">
          Bring in a copy
        </Link>
      </p>
    </section>
  );
}
