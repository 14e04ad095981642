'use client';

import { useSearchParams } from 'next/navigation';
import { useRecords, useSettings, useSettledStandings } from '../../live';
import { EdgeChoice } from '../../ui/EdgeChoice';
import { coachLink } from '../../ui/links';
import { coachWords as say } from '../../ui/words/holdCoachWords';
import { HoldCoach } from './HoldCoach';

/** The hold coach: for the edge that the address names, else the choice of one. */
export function HoldScreen() {
  const params = useSearchParams();
  const needs = useSettledStandings()?.needs;
  const settings = useSettings();
  const practices = useRecords('practices');
  if (!needs || !settings || !practices) return null;
  const own = needs.filter(({ tool }) => tool.id === params.get('tool'));
  const chosen = own.find(({ zone }) => zone.id === params.get('zone')) ?? own[0];
  if (chosen) {
    const { tool, zone } = chosen;
    return (
      <HoldCoach
        key={`${tool.id}/${zone.id}`}
        need={chosen}
        person={settings.person}
        practices={practices}
      />
    );
  }
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{say.whichEdge}</h1>
      <EdgeChoice edges={needs} hrefOf={coachLink} />
    </div>
  );
}
