'use client';

import { useSettledStandings } from '../../live';
import { AskedEdge } from '../../ui/AskedEdge';
import { labLink } from '../../ui/labLink';
import { labWords as say } from '../../ui/words/labWords';
import { EdgeLab } from './EdgeLab';

/** The edge lab: for the edge that the address names, else the choice of one. */
export function LabScreen() {
  const needs = useSettledStandings()?.needs;
  if (!needs) return null;
  return (
    <AskedEdge
      edges={needs}
      title={say.lab}
      line={say.whichEdge}
      hrefOf={(toolId, zoneId) => labLink({ toolId, zoneId })}
    >
      {(need) => <EdgeLab need={need} />}
    </AskedEdge>
  );
}
