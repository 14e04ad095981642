import { rackWords as say } from '../../ui/words/screens/rack';
import Link from '../../ui/Link';
import { day } from '../../ui/format';
import type { Had } from '../../live';

/** The database is empty, and was not: nothing takes its place before the person has said what does. */
export function Lost({ had }: { had: Had }) {
  return (
    <section className="mx-auto w-full max-w-3xl px-4 py-12 sm:px-8">
      <h1>{say.whatWasHereIsGone}</h1>
      <p className="mt-3 max-w-[60ch] text-lg">{say.hungHereOnABrowser(had.tools, day(had.at))}</p>
      <p className="mt-5">
        <Link href="/data" className="btn btn-primary px-7 text-lg">
          {say.bringInACopy}
        </Link>
      </p>
    </section>
  );
}
