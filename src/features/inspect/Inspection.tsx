'use client';

import { nanoid } from 'nanoid';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import {
  abrasivesAtHand,
  edgeWord,
  damageToMend,
  jobOfRung,
  judgeEdge,
  latestChecks,
  worstStretch,
  type EdgeVerdict,
  type Shelf,
  type ZoneState,
} from '../../core';
import { useStore } from '../../data';
import { newRecord } from '../../domain/newRecord';
import {
  NO_CHECKS,
  type Finding,
  type Inspection as Look,
  type Observation,
} from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { Job } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
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
  spine: 'Plan the work on the spine',
};

/** One look at one edge: findings on the strip, tests by place, checks; the verdict beside it. */
export function Inspection(props: {
  zoneState: ZoneState;
  zones: readonly Zone[];
  shelf: Shelf;
  settings: Settings;
  inspections: readonly Look[];
}) {
  const { zoneState, zones, shelf, settings, inspections } = props;
  const { tool, zone, state, sessions } = zoneState;
  const store = useStore();
  const router = useRouter();
  const [seen, setSeen] = useState<Observation>({ tests: [], findings: [...state.findings] });
  const [checks, setChecks] = useState(() => latestChecks(inspections));
  const [selected, setSelected] = useState<number | null>(null);
  const abrasives = useMemo(() => abrasivesAtHand(shelf, tool.schools), [shelf, tool]);
  const verdict = useMemo(
    () =>
      judgeEdge({
        tool,
        zone,
        seen,
        checks,
        history: sessions,
        knownApexUm: state.apex?.apexRadiusUm ?? null,
        keenRadiusUm: state.keenUm,
        abrasives,
        pace: settings.strokesPerMinute,
      }),
    [tool, zone, seen, checks, sessions, state, abrasives, settings],
  );

  const job = jobOfRung(verdict.rung) ?? 'touch-up';
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
    toast('The look is noted; what was found stays on the strip.', {
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
            {wordNow(seen, state.apex?.apexRadiusUm ?? null, zone)}
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
        <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[1.5fr_1fr]">
          <div className="min-w-0">
            <StripWalk
              tool={tool}
              zone={zone}
              word={verdictWord(seen, state.apex?.apexRadiusUm ?? null, zone)}
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
            />
          </div>
          <div className="grid min-w-0 content-start gap-8">
            <VerdictPanel verdict={verdict} />
            <AngleAdvisor
              tool={tool}
              zone={zone}
              sessions={sessions}
              inspections={[...inspections, asLook(seen, zone)]}
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
                router.push(jobLink({ toolId: tool.id, zoneId: zone.id, job })),
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

function verdictWord(seen: Observation, knownUm: number | null, zone: Zone) {
  const apexUm = seen.tests.length > 0 ? worstStretch(seen.tests).apexRadiusUm : knownUm;
  return apexUm === null
    ? ('unknown' as const)
    : edgeWord(apexUm / zone.targetApexUm, damageToMend(seen.findings));
}

function wordNow(seen: Observation, knownUm: number | null, zone: Zone): string {
  const word = verdictWord(seen, knownUm, zone);
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
