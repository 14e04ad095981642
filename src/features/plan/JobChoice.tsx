'use client';

import { spoken } from '../../ui/words/closedWords';
import { planWords as say } from './words/planWords';
import Link from '../../ui/Link';
import { SPINE_WORKS, spineWorkDue } from '../../core/jobs';
import { sentence } from '../../ui/format';
import { jobLink, type JobAddress } from '../../ui/jobAddress';
import type { LoggedNeed } from './loggedNeed';
import { JOB_WORDS } from './jobWords';

/** What can be done to this edge, and to the tool's spine; the lightest that will do is marked. */
export function JobChoice({ need, chosen }: { need: LoggedNeed; chosen: JobAddress }) {
  const { tool, zone, sessions } = need;
  const edge = { toolId: tool.id, zoneId: zone.id };
  const due = spineWorkDue(tool, sessions);
  const spineWork = chosen.spineWork ?? due;
  const choices = [
    ...(['touch-up', 'hone', 'upkeep', 'thin', 'angle'] as const).map((job) => ({
      text: JOB_WORDS[job].choose,
      href: jobLink({ ...edge, job }),
      chosen: chosen.job === job,
      due: need.plan !== null && need.job === job,
    })),
    ...SPINE_WORKS[tool.spine.use].map((work) => ({
      text: say.spine(spoken(work)),
      href: jobLink({ ...edge, job: 'spine', spineWork: work }),
      chosen: chosen.job === 'spine' && spineWork === work,
      due: false,
    })),
  ];
  return (
    <nav aria-label={say.whichJob} className="flex flex-wrap gap-2">
      {choices.map(({ text, href, chosen: isChosen, due: isDue }) => (
        <Link
          key={href}
          href={href}
          aria-current={isChosen ? 'true' : undefined}
          className={`btn min-h-12 px-3 ${isChosen ? 'btn-neutral' : 'btn-outline'}`}
        >
          {sentence(isDue ? say.theLightest(text) : text)}
        </Link>
      ))}
    </nav>
  );
}
