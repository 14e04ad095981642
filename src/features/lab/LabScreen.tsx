'use client';

import { useSearchParams } from 'next/navigation';
import { useSettledStandings } from '../../live';
import { EdgeStands } from '../../ui/EdgeStands';
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
      <ul className="mt-3">
        {needs.map(({ tool, zone, state, stops }) => (
          <li key={`${tool.id}/${zone.id}`} className="border-b border-rule">
            <Link
              href={labLink({ toolId: tool.id, zoneId: zone.id })}
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
