'use client';

import { logWords as say } from './words';
import { compareDesc } from 'date-fns';
import { useMemo, useState } from 'react';
import type { Tool } from '../../domain/tool';
import { useLooks } from '../../live';
import { day } from '../../ui/format';
import { plural } from '../../ui/words/plural';
import Link from '../../ui/Link';
import { edgeNames } from '../../ui/words/edgeNames';
import { seenInWords } from '../../ui/words/seenWords';

/** So many looks are listed at a time. */
const PAGE = 30;

/** Every look and test between touch-ups, newest first: each leads to where it can be put right or struck out. */
export function LooksList({ tools }: { tools: readonly Tool[] }) {
  const [shown, setShown] = useState(PAGE);
  const looks = useLooks();
  const sorted = useMemo(() => [...(looks ?? [])].sort((a, b) => compareDesc(a.at, b.at)), [looks]);
  if (sorted.length === 0) return null;
  const nameOf = edgeNames(tools);
  return (
    <details className="mt-6 border-y border-rule">
      <summary className="min-h-12 cursor-pointer py-3">
        <b>{say.looksAndTests}</b>{' '}
        <span className="text-soft">{say.looksBetweenTouchUps(sorted.length)}</span>
      </summary>
      <ul>
        {sorted.slice(0, shown).map((look) => (
          <li key={look.id} className="border-t border-rule">
            <Link
              href={`/log/look?id=${look.id}`}
              className="flex min-h-12 flex-wrap items-center gap-x-4 hover:underline"
            >
              <span className="figures w-28">{day(look.at)}</span>
              <b>{nameOf(look)}</b>
              <span>{seenInWords(look.seen)}</span>
            </Link>
          </li>
        ))}
      </ul>
      {sorted.length > shown && (
        <button type="button" className="link min-h-12" onClick={() => setShown(shown + PAGE)}>
          {plural(sorted.length - shown, say.moreLook)}
        </button>
      )}
    </details>
  );
}
