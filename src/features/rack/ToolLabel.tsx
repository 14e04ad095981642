'use client';

import { guideLink, toolLink, touchUpLink } from '../../ui/links';
import { spoken } from '../../ui/words/closedWords';
import { kindName } from '../../ui/words/kindName';
import { rackWords as say } from './words';
import Link from '../../ui/Link';
import { asksForWork, bluntestWord, type EdgeNeed } from '../../core/inspection';
import type { Tool } from '../../domain/tool';
import { EdgeStrip, type Stretch } from '../../ui/edge-strip/EdgeStrip';
import { useUnderWay } from '../../live';
import { sentence } from '../../ui/format';
import { jobLink } from '../../ui/jobAddress';
import { underWayWords } from '../../ui/words/underWay';
import { workWithMinutes } from '../../ui/words/needWords';

/** Name, strip, state and needed work of one tool, under its silhouette. */
export function ToolLabel({ tool, needs }: { tool: Tool; needs: readonly EdgeNeed[] }) {
  const own = needs.filter((need) => need.tool.id === tool.id);
  const underWay = useUnderWay(tool.id);
  const stopped = own.some(({ beyond }) => beyond === 'stop use');
  const word = bluntestWord(own.map(({ state }) => state.word));
  const firstBlade = needs.find((need) => need.tool.id === tool.handleOf);
  return (
    <div className="min-w-0">
      <h2 className="text-[1.25rem]">
        <Link
          href={toolLink(tool.id)}
          className="inline-block py-1 hover:underline pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center"
        >
          {tool.name}
        </Link>
      </h2>
      <p className="-mt-1 mb-2 text-[0.95rem] text-soft">
        {say.toolInShort(kindName(tool.kind), tool.count, firstBlade?.tool.name ?? null)}
      </p>
      <EdgeStrip edgeLengthMm={tool.edgeLengthMm} stretches={stretches(tool, own)} />
      <p>
        {stopped ? (
          <span className="sign battened tracking-wide whitespace-nowrap uppercase">
            {say.stopUse}
          </span>
        ) : (
          <span className="sign tracking-wide uppercase">
            {word === 'unknown' ? say.notTested : spoken(word)}
          </span>
        )}
      </p>
      <ul>
        {!stopped &&
          underWay.slice(0, 1).map((session) => (
            <li key={session.id}>
              <Link
                href={guideLink(session.id)}
                className="inline-block py-1 font-semibold underline underline-offset-4 pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center"
              >
                {sentence(underWayWords(session))}
              </Link>
            </li>
          ))}
        {own.map((need) => (
          <li key={need.zone.id}>
            <Link
              href={touchUpLink(need)}
              className={`inline-block py-1 hover:underline pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center pointer-coarse:gap-1 ${asksForWork(need) ? 'underline decoration-1 underline-offset-4' : ''}`}
            >
              {tool.zones.length > 1 && <span className="text-soft">{need.zone.name}: </span>}
              {workWithMinutes(need)}
              {need.zone.noImpacts && <b className="font-semibold">{say.noImpacts}</b>}
            </Link>
          </li>
        ))}
        {!stopped && own[0]?.hookSpent && <HookSpent tool={tool} zoneId={own[0].zone.id} />}
      </ul>
    </div>
  );
}

/** The hook of a spine can be raised no more: the way to file it anew. */
function HookSpent({ tool, zoneId }: { tool: Tool; zoneId: string }) {
  return (
    <li>
      <Link
        href={jobLink({ toolId: tool.id, zoneId, job: 'spine', spineWork: 'file it anew' })}
        className="inline-block py-1 underline decoration-1 pointer-coarse:inline-flex pointer-coarse:min-h-12 pointer-coarse:items-center underline-offset-4"
      >
        {say.spineTheHookIsSpent}
      </Link>
    </li>
  );
}

function stretches(tool: Tool, needs: readonly EdgeNeed[]): Stretch[] {
  return tool.zones.map((zone) => {
    // A zone that was added a moment ago is not judged yet.
    const state = needs.find((need) => need.zone.id === zone.id)?.state;
    return {
      name: zone.name,
      startMm: zone.startMm,
      endMm: zone.endMm,
      word: state?.word ?? 'unknown',
      findings: state?.findings ?? [],
    };
  });
}
