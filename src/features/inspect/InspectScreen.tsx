'use client';

import { inspectWords as say } from './words/inspectWords';
import Link from '../../ui/Link';
import { useSearchParams } from 'next/navigation';
import { useSettings, useSettledStandings, useToolLog } from '../../live';
import { EdgeChoice } from '../../ui/EdgeChoice';
import { Inspection } from './Inspection';

/** An edge walked from heel to tip; without a tool in the address, the choice of one. */
export function InspectScreen() {
  const params = useSearchParams();
  const states = useSettledStandings()?.states;
  const settings = useSettings();
  const log = useToolLog(params.get('tool') ?? '');
  if (!states || !settings || !log) return null;

  const own = states.filter(({ tool }) => tool.id === params.get('tool'));
  const chosen = own.find(({ zone }) => zone.id === params.get('zone')) ?? own[0];
  if (!chosen) {
    return (
      <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
        <h1>{say.inspect}</h1>
        <p className="mt-1 text-lg text-soft">{say.lookAlongTheWholeEdge}</p>
        {states.length === 0 && (
          <p className="mt-4">
            {say.nothingHangsOnTheRack}{' '}
            <Link href="/lay-out" className="link">
              {say.layOutWhatYouHave}
            </Link>
          </p>
        )}
        <EdgeChoice
          edges={states}
          hrefOf={(toolId, zoneId) => `/inspect?tool=${toolId}&zone=${zoneId}`}
        />
      </div>
    );
  }
  const { tool, zone } = chosen;
  return (
    <Inspection
      key={`${tool.id}/${zone.id}`}
      zoneState={chosen}
      zones={own.map((other) => other.zone)}
      settings={settings}
      log={log}
    />
  );
}
