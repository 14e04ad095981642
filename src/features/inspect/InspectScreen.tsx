'use client';

import { inspectWords as say } from '../../ui/words/screens/inspect';
import Link from '../../ui/Link';
import { useSearchParams } from 'next/navigation';
import { useSettings, useSettledStandings, useToolLog } from '../../live';
import { EdgeStands } from '../../ui/EdgeStands';
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
        <ul className="mt-3">
          {states.map(({ tool, zone, state, stops }) => (
            <li key={`${tool.id}/${zone.id}`} className="border-b border-rule">
              <Link
                href={`/inspect?tool=${tool.id}&zone=${zone.id}`}
                className="flex min-h-14 flex-wrap items-center gap-x-4 hover:underline"
              >
                <span className="sign text-xl">{tool.name}</span>
                {tool.zones.length > 1 && <span>{zone.name}</span>}
                <span className="ml-auto">
                  <EdgeStands state={state} stops={stops} />
                </span>
              </Link>
            </li>
          ))}
        </ul>
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
