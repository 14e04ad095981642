'use client';

import { spoken } from '../../ui/words/closedWords';
import { kindName } from '../../ui/words/kindName';
import { toolWords as say } from './words/toolWords';
import { SideScroll } from '../../ui/SideScroll';
import { TabTitle } from '../../ui/TabTitle';
import { Said } from '../../ui/Term';
import Link from '../../ui/Link';
import { useState } from 'react';
import { useZoneStates } from '../../live';
import { workingSteel } from '../../core/wear';
import type { Steel, Tool } from '../../domain/tool';
import { EdgeStrip } from '../../ui/edge-strip/EdgeStrip';
import { placeMm, sentence } from '../../ui/format';
import { StopUse } from '../../ui/StopUse';
import { toolOutline } from '../../ui/silhouette/outline';
import { LyingSilhouette } from '../../ui/silhouette/Silhouette';
import { NoteEdge } from './NoteEdge';

/** Class and hardness, as far as they are known. */
function steelInWords(steel: Steel): string {
  const [low, high] = workingSteel(steel).rangeHrc;
  const hardness = low === high ? `${low} HRC` : say.toHrc(low, high);
  return `${say.steelOfClass(spoken(steel.steelClass))}, ${hardness}`;
}

/** The tool as it lies on the bench, its edge below, and what can be done next. */
export function ToolHead({ tool }: { tool: Tool }) {
  const judged = useZoneStates();
  const states = judged?.filter(({ tool: { id } }) => id === tool.id) ?? [];
  const stops = states[0]?.stops ?? [];
  const [noting, setNoting] = useState(false);
  const outline = toolOutline(tool);
  const scale = Math.min(560 / outline.lengthMm, 96 / outline.widthMm, 1.5);
  const stretches = tool.zones.map((zone) => {
    const state = states.find((s) => s.zone.id === zone.id)?.state;
    return {
      name: zone.name,
      startMm: zone.startMm,
      endMm: zone.endMm,
      word: state?.word ?? ('unknown' as const),
      findings: state?.findings ?? [],
    };
  });
  return (
    <div className="mx-auto w-full max-w-[82rem] px-4 pt-5 sm:px-8">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <TabTitle>{tool.name}</TabTitle>
        <h1>{tool.name}</h1>
        <p className="text-lg text-soft">
          <Said>{`${kindName(tool.kind)}, ${steelInWords(tool.steel)}`}</Said>
        </p>
        <div className="ml-auto flex flex-wrap gap-3">
          <button type="button" className="btn btn-outline" onClick={() => setNoting(!noting)}>
            {say.sayHowItCutsNow}
          </button>
          <Link href={`/inspect?tool=${tool.id}`} className="btn btn-outline">
            {say.inspectIt}
          </Link>
          {stops.length === 0 && (
            <Link
              href={`/touch-up?tool=${tool.id}`}
              // Nothing is begun on a tool of which it is not known whether it may be used.
              className={`btn btn-primary ${judged ? '' : 'invisible'}`}
            >
              {say.planATouchUp}
            </Link>
          )}
        </div>
      </div>
      {stops.length > 0 && <StopUse toolId={tool.id} stops={stops} />}
      {noting && <NoteEdge tool={tool} onDone={() => setNoting(false)} />}
      <div className="grid items-end gap-x-12 gap-y-2 py-4 lg:grid-cols-2">
        <SideScroll label={say.theToolToScale}>
          <LyingSilhouette tool={tool} scale={scale} />
        </SideScroll>
        <div>
          <EdgeStrip
            edgeLengthMm={tool.edgeLengthMm}
            stretches={stretches}
            ends={['heel', placeMm(tool.edgeLengthMm)]}
          />
          <p>
            {!judged && '\u00a0'}
            {(judged ? stretches : [])
              .map(({ name, word }) =>
                sentence(`${name}: ${word === 'unknown' ? say.notTested : spoken(word)}`),
              )
              .join(' · ')}
          </p>
        </div>
      </div>
    </div>
  );
}
