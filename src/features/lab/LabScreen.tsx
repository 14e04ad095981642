'use client';

import { useSearchParams } from 'next/navigation';
import { useSettledStandings } from '../../live';
import { EdgeChoice } from '../../ui/EdgeChoice';
import Link from '../../ui/Link';
import { labWords as say } from '../../ui/words/labWords';
import { layOut } from '../../ui/words/layOutWords';
import { labLink } from '../../ui/labLink';
import { EdgeLab } from './EdgeLab';

/** The edge lab: for the edge that the address names, else the choice of one. */
export function LabScreen() {
  const params = useSearchParams();
  const needs = useSettledStandings()?.needs;
  if (!needs) return null;
  const own = needs.filter(({ tool }) => tool.id === params.get('tool'));
  const chosen = own.find(({ zone }) => zone.id === params.get('zone')) ?? own[0];
  if (chosen) return <EdgeLab key={`${chosen.tool.id}/${chosen.zone.id}`} need={chosen} />;
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{say.lab}</h1>
      <p className="mt-1 text-lg text-soft">{say.whichEdge}</p>
      {needs.length === 0 && (
        <p className="mt-4">
          {say.nothingHangs}{' '}
          <Link href="/lay-out" className="link">
            {layOut.title}
          </Link>
        </p>
      )}
      <EdgeChoice edges={needs} hrefOf={(toolId, zoneId) => labLink({ toolId, zoneId })} />
    </div>
  );
}
