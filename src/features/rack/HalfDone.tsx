import { rackWords as say } from './words';
import { X } from 'lucide-react';
import Link from '../../ui/Link';
import type { HalfDoneThings } from '../../live';

/** What was left half done, each a way to go on with it; nothing where all is done. */
export function HalfDone({ drafts, forget }: HalfDoneThings) {
  if (drafts.length === 0) return null;
  return (
    <section
      aria-label={say.halfDone}
      className="mx-auto w-full max-w-[82rem] border-b border-rule px-4 sm:px-8"
    >
      <ul>
        {drafts.map(({ key, title, href, at }) => (
          <li key={key} className="flex items-center gap-2">
            <Link href={href} className="link inline-flex min-h-12 min-w-0 flex-1 items-center">
              {say.youWere(title, at)}
            </Link>
            <button
              type="button"
              className="btn btn-ghost px-3"
              aria-label={say.forget(title)}
              onClick={() => void forget(key)}
            >
              <X aria-hidden size={20} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
