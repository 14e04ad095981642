'use client';

import { useSettings, useSettledStandings } from '../../live';
import { AskedEdge } from '../../ui/AskedEdge';
import { angleLink } from '../../ui/links';
import { angleWords as say } from './words';
import { AngleByPhone } from './AngleByPhone';

/** The angle finder: for the edge that the address names, else the choice of one. */
export function AngleScreen() {
  const needs = useSettledStandings()?.needs;
  const settings = useSettings();
  if (!needs || !settings) return null;
  return (
    <AskedEdge edges={needs} title={say.whichEdge} hrefOf={angleLink}>
      {(need) => <AngleByPhone need={need} settings={settings} />}
    </AskedEdge>
  );
}
