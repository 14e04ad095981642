'use client';

import { touchUpLink } from '../../ui/links';
import { planWords as say } from './words/planWords';
import { EdgeStands } from '../../ui/EdgeStands';
import Link from '../../ui/Link';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import {
  useEdgeNeeds,
  useRecords,
  useSettings,
  useSettledStandings,
  useSpotOf,
  useStandings,
  useToolLog,
} from '../../live';
import { readJob } from '../../ui/jobAddress';
import { workWithMinutes } from '../../ui/words/needWords';
import { PlanFor } from './PlanFor';

/** The plan of a touch-up; without a tool in the address, the choice of one. */
export function PlanScreen() {
  const params = useSearchParams();
  const needs = useSettledStandings()?.needs;
  const settings = useSettings();
  const spotOf = useSpotOf();
  const address = useMemo(() => readJob(params), [params]);
  const toolId = params.get('tool') ?? '';
  const log = useToolLog(toolId);
  const own = useMemo(() => needs?.filter(({ tool }) => tool.id === toolId) ?? [], [needs, toolId]);
  if (!needs || !settings || !log || !spotOf) return null;

  const need = own.find(({ zone }) => zone.id === params.get('zone')) ?? own[0];
  if (!need) return <ChooseEdge />;
  return (
    <PlanFor
      key={`${need.tool.id}/${need.zone.id}`}
      address={address}
      spot={address.spot ?? spotOf(need.tool.id).spot}
      need={{ ...need, sessions: log.sessions }}
      edges={needs}
      settings={settings}
    />
  );
}

function ChooseEdge() {
  const needs = useEdgeNeeds() ?? [];
  const tools = useRecords('tools') ?? [];
  const underWay = useStandings()?.underWay ?? [];
  return (
    <div className="mx-auto w-full max-w-3xl px-4 py-6 sm:px-8">
      <h1>{say.touchUp}</h1>
      {underWay.length > 0 && (
        <section className="mt-4">
          <h2>{say.underWay}</h2>
          <ul>
            {underWay.map((session) => (
              <li key={session.id} className="border-b border-rule">
                <Link
                  href={`/touch-up/guide?session=${session.id}`}
                  className="flex min-h-14 items-center gap-4 hover:underline"
                >
                  <span className="sign text-xl">
                    {tools.find(({ id }) => id === session.toolId)?.name ?? say.aToolTakenDown}
                  </span>
                  <span>
                    {say.stepBegun(session.stepIndex + 1, session.steps.length, session.startedAt)}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section className="mt-6">
        <h2>{say.whichEdge}</h2>
        {needs.length === 0 && (
          <p className="mt-2">
            {say.nothingHangsOnTheRack}{' '}
            <Link href="/lay-out" className="link">
              {say.layOutWhatYouHave}
            </Link>
          </p>
        )}
        <ul className="mt-1">
          {needs.map((need) => (
            <li key={`${need.tool.id}/${need.zone.id}`} className="border-b border-rule">
              <Link
                href={touchUpLink(need)}
                className="flex min-h-14 flex-wrap items-center gap-x-4 hover:underline"
              >
                <span className="sign text-xl">{need.tool.name}</span>
                {need.tool.zones.length > 1 && <span>{need.zone.name}</span>}
                <span className="ml-auto">
                  <EdgeStands {...need} />
                </span>
                <span className="figures w-full pb-1 sm:w-56 sm:pb-0 sm:text-right">
                  {workWithMinutes(need)}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
