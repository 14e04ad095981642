'use client';

import { useSearchParams } from 'next/navigation';
import { useSettings, useSettledStandings } from '../../live';
import { EdgeChoice } from '../../ui/EdgeChoice';
import { angleLink } from '../../ui/links';
import { angleWords as say } from '../../ui/words/angleByPhoneWords';
import { AngleByPhone } from './AngleByPhone';

/** The angle finder: for the edge that the address names, else the choice of one. */
export function AngleScreen() {
  const params = useSearchParams();
  const needs = useSettledStandings()?.needs;
  const settings = useSettings();
  if (!needs || !settings) return null;
  const own = needs.filter(({ tool }) => tool.id === params.get('tool'));
  const chosen = own.find(({ zone }) => zone.id === params.get('zone')) ?? own[0];
  if (chosen) {
    const { tool, zone } = chosen;
    return <AngleByPhone key={`${tool.id}/${zone.id}`} need={chosen} settings={settings} />;
  }
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{say.whichEdge}</h1>
      <EdgeChoice edges={needs} hrefOf={angleLink} />
    </div>
  );
}
