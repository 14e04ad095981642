'use client';

import { useRecords, useSettings, useSettledStandings } from '../../live';
import { AskedEdge } from '../../ui/AskedEdge';
import { coachLink } from '../../ui/links';
import { coachWords as say } from './words';
import { HoldCoach } from './HoldCoach';

/** The hold coach: for the edge that the address names, else the choice of one. */
export function HoldScreen() {
  const needs = useSettledStandings()?.needs;
  const settings = useSettings();
  const practices = useRecords('practices');
  if (!needs || !settings || !practices) return null;
  return (
    <AskedEdge edges={needs} title={say.whichEdge} hrefOf={coachLink}>
      {(need) => <HoldCoach need={need} person={settings.person} practices={practices} />}
    </AskedEdge>
  );
}
