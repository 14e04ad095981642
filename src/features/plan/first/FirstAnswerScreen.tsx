'use client';

import { firstAnswerLink, toolLink, touchUpLink } from '../../../ui/links';
import { TabTitle } from '../../../ui/TabTitle';
import { titles } from '../../../ui/words/titleWords';
import { ActionBar } from '../../../ui/ActionBar';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useMemo } from 'react';
import type { EdgeNeed } from '../../../core/inspection';
import { roughPlan, unknownGrainOf } from '../../../core/rough';
import { edgeName } from '../../../domain/edgeName';
import type { Settings } from '../../../domain/settings';
import {
  useBench,
  useSettings,
  useSettledStandings,
  useShelf,
  useSpotOf,
  useToolLog,
} from '../../../live';
import Link from '../../../ui/Link';
import { readJob } from '../../../ui/jobAddress';
import { StopUse } from '../../../ui/StopUse';
import { EdgeStands } from '../../../ui/EdgeStands';
import { doingWords, firstAnswer } from '../words/firstAnswerWords';

import type { LoggedNeed } from '../loggedNeed';
import { firstWishes } from '../PlanFor';
import { useStart } from '../useStart';
import { AnswerSteps } from './AnswerSteps';
import { AskedMeasure } from './AskedMeasure';
import { NothingWorks } from '../NothingWorks';
import { RoughTime } from './RoughTime';

/** The first answer for a tool: what to do with it, in which order, about how long, and what would make that surer. */
export function FirstAnswerScreen() {
  const params = useSearchParams();
  const router = useRouter();
  const needs = useSettledStandings()?.needs;
  const settings = useSettings();
  const toolId = params.get('tool') ?? '';
  const log = useToolLog(toolId);
  const need = needs?.find(({ tool }) => tool.id === toolId);
  const isGone = needs !== undefined && !need;
  useEffect(() => {
    if (isGone) router.replace('/touch-up');
  }, [isGone, router]);
  if (!needs || !need || !settings || !log) return null;
  const of = (params.get('of') ?? toolId).split(',');
  return (
    <FirstAnswer
      key={toolId}
      need={{ ...need, sessions: log.sessions }}
      needs={needs}
      of={of}
      settings={settings}
    />
  );
}

function FirstAnswer(props: {
  need: LoggedNeed;
  needs: readonly EdgeNeed[];
  of: readonly string[];
  settings: Settings;
}) {
  const { need, of, settings } = props;
  const { tool, zone, state, stops } = need;
  const rough = useRoughPlan(need);
  const spotOf = useSpotOf();
  const address = readJob(new URLSearchParams());
  const spot = spotOf?.(tool.id).spot ?? 'bench';
  const start = useStart(need, address, firstWishes(need, address, spot));
  if (!rough) return null;
  const { plan, edge, open } = rough;
  const best = open[0];
  return (
    <>
      <div className="mx-auto w-full max-w-3xl flex-1 px-4 pb-4 sm:px-8">
        <p className="flex flex-wrap items-baseline gap-x-4 pt-2">
          <b className="sign text-xl">{edgeName(tool, zone)}</b>
          <span className="text-soft">
            {of.length > 1 && firstAnswer.place(of.indexOf(tool.id), of.length)}
          </span>
        </p>
        <TabTitle>{titles.first(edgeName(tool, zone))}</TabTitle>
        <h1>{doingWords(plan)}</h1>
        <p className="mt-1 flex items-center gap-3">
          {state.word === 'unknown' ? firstAnswer.untested : <EdgeStands {...need} />}
        </p>
        {stops.length > 0 ? (
          <StopUse toolId={tool.id} stops={stops} />
        ) : (
          <>
            {plan.outcome === 'planned' && (
              <AnswerSteps plan={plan} tool={tool} zone={zone} coinMm={settings.coinThicknessMm} />
            )}
            {plan.outcome === 'leave alone' && <p className="mt-3">{firstAnswer.nothing}</p>}
            {plan.outcome === 'out of reach' && <NothingWorks plan={plan} />}
            {plan.outcome === 'planned' && <RoughTime rough={rough} />}
            {best && plan.outcome !== 'out of reach' && (
              <AskedMeasure
                key={best.measure.kind}
                open={best}
                need={need}
                coinMm={settings.coinThicknessMm}
              />
            )}
            <p className="mt-2 flex flex-wrap gap-x-6">
              <Link href={touchUpLink(need)} className="link inline-flex min-h-12 items-center">
                {firstAnswer.details}
              </Link>
              <Link href={toolLink(tool.id)} className="link inline-flex min-h-12 items-center">
                {firstAnswer.measures}
              </Link>
            </p>
          </>
        )}
      </div>
      <AnswerBar
        {...props}
        startWords={plan.outcome === 'planned' ? firstAnswer.start(plan) : null}
        onStart={() => void start(plan, edge, [])}
      />
    </>
  );
}

/** The next of the tools that are gone through, and the start. */
function AnswerBar(props: {
  need: LoggedNeed;
  needs: readonly EdgeNeed[];
  of: readonly string[];
  startWords: string | null;
  onStart: () => void;
}) {
  const { need, needs, of, startWords, onStart } = props;
  const nextId = of[of.indexOf(need.tool.id) + 1];
  const next = needs.find(({ tool }) => tool.id === nextId)?.tool;
  return (
    <ActionBar>
      <div className="mx-auto flex max-w-3xl items-center gap-3 px-4 py-2 sm:px-8">
        {next && (
          <Link
            href={firstAnswerLink(next.id, of)}
            className="btn btn-outline h-auto max-w-40 leading-tight"
          >
            {firstAnswer.next(next.name)}
          </Link>
        )}
        {startWords && need.stops.length === 0 && (
          <button type="button" className="btn btn-primary flex-1 text-lg" onClick={onStart}>
            {startWords}
          </button>
        )}
      </div>
    </ActionBar>
  );
}

/** The plan from what is known of an edge; undefined while the shelf is read. */
function useRoughPlan({ tool, zone, state, sessions }: LoggedNeed) {
  const benchFor = useBench();
  const shelf = useShelf();
  return useMemo(
    () =>
      benchFor &&
      shelf &&
      roughPlan({
        tool,
        zone,
        seen: { tests: [...state.tests], findings: [...state.findings] },
        knownApexUm: null,
        keenRadiusUm: state.keenUm,
        sessions,
        bench: benchFor(tool),
        isLookedAlong: state.isLookedAlong,
        unknownGrain: unknownGrainOf(shelf.abrasives),
      }),
    [benchFor, shelf, tool, zone, state, sessions],
  );
}
