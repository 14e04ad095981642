'use client';

import { timesWords } from '../../ui/words/counted';
import { spoken } from '../../ui/words/closedWords';
import { toolWords as say } from './words/toolWords';
import Link from '../../ui/Link';
import { raisingsLeft, SPINE_WORKS, spineWorkDue } from '../../core/jobs';
import { useToolLog } from '../../live';
import type { Tool } from '../../domain/tool';
import { sentence } from '../../ui/format';
import { jobLink } from '../../ui/jobAddress';

/** What the spine wants next, by the log, and the way to each work on it. */
export function SpineWork({ tool, use }: { tool: Tool; use: Tool['spine']['use'] }) {
  const sessions = useToolLog(tool.id)?.sessions;
  if (!sessions) return null;
  const asChosen = { ...tool, spine: { ...tool.spine, use } };
  const due = spineWorkDue(asChosen, sessions);
  const left = raisingsLeft(asChosen, sessions);
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p>
        {say.knucklesFaceTheEdge(
          use === 'square scraper'
            ? say.aCrispSquareSpineStrop
            : left > 0
              ? say.hookCanBeRaised(timesWords(left))
              : say.fileSpineFirst,
        )}
      </p>
      {SPINE_WORKS[use].map((work) => (
        <Link
          key={work}
          href={jobLink({
            toolId: tool.id,
            zoneId: tool.zones[0]!.id,
            job: 'spine',
            spineWork: work,
          })}
          className={`btn ${work === due ? 'btn-neutral' : 'btn-outline'}`}
        >
          {sentence(spoken(work))}
        </Link>
      ))}
    </div>
  );
}
