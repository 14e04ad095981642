'use client';

import { nanoid } from 'nanoid';
import Link from '../../ui/Link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { notice } from '../../ui/notice';
import {
  adviseAngle,
  damageChoices,
  damageToMend,
  edgeJobOf,
  edgeWord,
  judgeEdge,
  latestChecks,
  seenApex,
  type EdgeVerdict,
  type ZoneState,
} from '../../core';
import { useBench, useStore, type ToolLog } from '../../live';
import { newRecord } from '../../domain/newRecord';
import type { Finding, Inspection as Look, Observation } from '../../domain/session';
import { NO_CHECKS } from '../../domain/observation';
import type { Settings } from '../../domain/settings';
import { tasksOf, type TaskId } from '../../domain/tasks';
import type { DamageWay, Job } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { USUAL_WORK } from '../../domain/usualWork';
import { DiagnosisPanel } from '../../ui/DiagnosisPanel';
import { jobLink } from '../../ui/jobAddress';
import { AngleAdvisor } from './AngleAdvisor';
import { Checks } from './Checks';
import { FindingEditor } from './FindingEditor';
import { StripWalk } from './StripWalk';
import { TestsByPlace } from './TestsByPlace';
import { VerdictPanel } from './VerdictPanel';

/** The one action that a verdict leads to. */
const PLAN_THE_JOB: Record<Job, string> = {
  'touch-up': 'Plan the touch-up',
  hone: 'Plan the honing',
  thin: 'Plan the thinning',
  angle: 'Plan the new angle',
  spine: 'Plan the work on the spine',
};

/** One look at one edge: findings on the strip, tests by place, checks; the verdict beside it. */
export function Inspection(props: {
  zoneState: ZoneState;
  zones: readonly Zone[];
  settings: Settings;
  log: ToolLog;
}) {
  const { zoneState, zones, settings } = props;
  const { sessions, inspections } = props.log;
  const { tool, zone, state } = zoneState;
  const store = useStore();
  const router = useRouter();
  const [seen, setSeen] = useState<Observation>({ tests: [], findings: [...state.findings] });
  const [checks, setChecks] = useState(() => latestChecks(inspections));
  const [selected, setSelected] = useState<number | null>(null);
  const [taskIds, setTaskIds] = useState<TaskId[]>(() =>
    zone.work.length > 0 ? zone.work : [...USUAL_WORK[tool.kind]],
  );
  const [damageWay, setDamageWay] = useState<DamageWay | null>(null);
  const benchFor = useBench();
  const bench = useMemo(() => benchFor?.(tool, 'bench'), [benchFor, tool]);
  const judged = useMemo(() => {
    if (!bench) return null;
    const look = { tool, zone, seen, keenRadiusUm: state.keenUm, bench, damageWay };
    const knownApexUm = state.apex?.apexRadiusUm ?? null;
    const edge = edgeJobOf({ ...look, knownApexUm, sessions });
    return {
      verdict: judgeEdge({ ...look, knownApexUm, checks, history: sessions }),
      choices: edge ? damageChoices(edge) : [],
    };
  }, [bench, tool, zone, seen, checks, sessions, state, damageWay]);
  const advice = useMemo(
    () =>
      adviseAngle({
        tool,
        zone,
        sessions,
        inspections: [...inspections, asLook(seen, zone)],
        tasks: tasksOf(taskIds),
      }),
    [tool, zone, sessions, inspections, seen, taskIds],
  );
  if (!judged) return null;

  const { verdict, choices } = judged;
  const { job } = verdict;
  const setFindings = (findings: Finding[]): void => setSeen({ ...seen, findings });
  const note = async (): Promise<void> => {
    const at = new Date().toISOString();
    const id = nanoid();
    await store.inspections.save({
      ...newRecord(id, at),
      toolId: tool.id,
      zoneId: zone.id,
      at,
      seen,
      checks,
      notes: '',
    });
    void notice('The look is noted; what was found stays on the strip.', {
      action: {
        label: 'Undo',
        onClick: () => void store.inspections.remove(id, new Date().toISOString()),
      },
    });
  };
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 pt-4 pb-8 sm:px-8">
        <div className="flex flex-wrap items-baseline gap-x-5">
          <h1>
            {tool.name}
            {zones.length > 1 && `, ${zone.name}`}
          </h1>
          <p className="text-lg text-soft">
            {wordNow(seen, state.apex?.apexRadiusUm ?? null, tool, zone)}
          </p>
          <nav aria-label="Zones" className="ml-auto flex gap-x-5">
            {zones
              .filter(({ id }) => id !== zone.id)
              .map(({ id, name }) => (
                <Link
                  key={id}
                  href={`/inspect?tool=${tool.id}&zone=${id}`}
                  className="link inline-flex min-h-12 items-center"
                >
                  {name}
                </Link>
              ))}
            <Link href="/inspect" className="link inline-flex min-h-12 items-center">
              Another edge
            </Link>
          </nav>
        </div>
        {zone.noImpacts && (
          <p className="font-semibold">
            No impacts here: this stretch must never hit anything hard. Damage on it counts as
            misuse unless you say otherwise.
          </p>
        )}
        <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[1.5fr_1fr]">
          <div className="min-w-0">
            <StripWalk
              tool={tool}
              zone={zone}
              word={verdictWord(seen, state.apex?.apexRadiusUm ?? null, tool, zone)}
              findings={seen.findings}
              selected={selected}
              onSelect={setSelected}
              onAdd={(found) => {
                setFindings([...seen.findings, found]);
                setSelected(seen.findings.length);
              }}
            />
            {selected !== null && seen.findings[selected] && (
              <FindingEditor
                key={selected}
                finding={seen.findings[selected]}
                zone={zone}
                onChange={(next) =>
                  setFindings(seen.findings.map((f, i) => (i === selected ? next : f)))
                }
                onRemove={() => {
                  setFindings(seen.findings.filter((_, i) => i !== selected));
                  setSelected(null);
                }}
                onDone={() => setSelected(null)}
              />
            )}
            <TestsByPlace
              tool={tool}
              tests={seen.tests}
              onChange={(tests) => setSeen({ ...seen, tests })}
            />
            <Checks tool={tool} checks={checks} onChange={setChecks} />
            <DiagnosisPanel
              tool={tool}
              zone={zone}
              seen={seen}
              coinThicknessMm={settings.coinThicknessMm}
              advice={advice}
            />
          </div>
          <div className="grid min-w-0 content-start gap-8">
            <VerdictPanel verdict={verdict} choices={choices} onDamageWay={setDamageWay} />
            <AngleAdvisor
              tool={tool}
              zone={zone}
              advice={advice}
              taskIds={taskIds}
              onTasks={setTaskIds}
            />
          </div>
        </div>
      </div>
      <div className="sticky bottom-0 mt-auto border-t-2 border-rule bg-base-200">
        <div className="mx-auto flex max-w-[82rem] items-center gap-x-3 px-4 py-2 sm:px-8 sm:py-3">
          <p className="sign hidden text-xl sm:block">{headline(verdict)}</p>
          <button
            type="button"
            className="btn btn-outline px-3 whitespace-nowrap sm:ml-auto sm:px-5"
            onClick={() => void note()}
          >
            Note the look
          </button>
          <button
            type="button"
            className="btn btn-primary flex-1 px-3 whitespace-nowrap sm:flex-none sm:px-7 sm:text-lg"
            disabled={!verdict.plan || verdict.plan.outcome !== 'planned'}
            onClick={() =>
              void note().then(() =>
                router.push(
                  jobLink({
                    toolId: tool.id,
                    zoneId: zone.id,
                    job,
                    damageWay: damageWay ?? undefined,
                  }),
                ),
              )
            }
          >
            {PLAN_THE_JOB[job]}
          </button>
        </div>
      </div>
    </>
  );
}

function headline(verdict: EdgeVerdict): string {
  const { rung } = verdict;
  return rung === 'leave alone' ? 'Leave it alone.' : `${rung[0]!.toUpperCase()}${rung.slice(1)}.`;
}

function verdictWord(seen: Observation, knownUm: number | null, tool: Tool, zone: Zone) {
  const apexUm = seen.tests.length > 0 ? seenApex(seen)!.apexRadiusUm : knownUm;
  return apexUm === null
    ? ('unknown' as const)
    : edgeWord(apexUm / zone.targetApexUm, damageToMend(tool, zone, seen.findings));
}

function wordNow(seen: Observation, knownUm: number | null, tool: Tool, zone: Zone): string {
  const word = verdictWord(seen, knownUm, tool, zone);
  if (word === 'unknown') return 'not tested yet';
  return seen.tests.length > 0 ? `now ${word}` : `${word}, by the last test`;
}

/** The look under way, for advice that follows while it is entered. */
function asLook(seen: Observation, zone: Zone): Look {
  const at = new Date().toISOString();
  return {
    ...newRecord('now', at),
    toolId: '',
    zoneId: zone.id,
    at,
    seen,
    checks: NO_CHECKS,
    notes: '',
  };
}
