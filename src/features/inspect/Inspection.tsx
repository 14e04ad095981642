'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { latestChecks, type ZoneState } from '../../core';
import type { Observation } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { TaskId } from '../../domain/tasks';
import type { DamageWay } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import { KINDS } from '../../domain/kinds';
import type { ToolLog } from '../../live';
import { DiagnosisPanel } from '../../ui/DiagnosisPanel';
import { jobLink } from '../../ui/jobAddress';
import { AngleAdvisor } from './AngleAdvisor';
import { Checks } from './Checks';
import { FoundOnStrip } from './FoundOnStrip';
import { InspectionBar } from './InspectionBar';
import { InspectionHead } from './InspectionHead';
import { TestsByPlace } from './TestsByPlace';
import { useJudgedLook } from './useJudgedLook';
import { useNoteLook } from './useNoteLook';
import { VerdictPanel } from './VerdictPanel';

/** One look at one edge: findings on the strip, tests by place, checks; the verdict beside it. */
export function Inspection(props: {
  zoneState: ZoneState;
  zones: readonly Zone[];
  settings: Settings;
  log: ToolLog;
}) {
  const { zoneState, zones, settings, log } = props;
  const { tool, zone, state } = zoneState;
  const router = useRouter();
  const noteLook = useNoteLook();
  const [seen, setSeen] = useState<Observation>({ tests: [], findings: [...state.findings] });
  const [checks, setChecks] = useState(() => latestChecks(log.inspections));
  const [taskIds, setTaskIds] = useState<TaskId[]>(() =>
    zone.work.length > 0 ? zone.work : [...KINDS[tool.kind].work],
  );
  const [damageWay, setDamageWay] = useState<DamageWay | null>(null);
  const judged = useJudgedLook(zoneState, log, { seen, checks, damageWay, taskIds });
  if (!judged) return null;

  const { word, verdict, choices, advice } = judged;
  const note = () => noteLook({ toolId: tool.id, zoneId: zone.id, seen, checks });
  const plan = async (): Promise<void> => {
    await note();
    const edge = { toolId: tool.id, zoneId: zone.id };
    router.push(jobLink({ ...edge, job: verdict.job, damageWay: damageWay ?? undefined }));
  };
  return (
    <>
      <div className="mx-auto w-full max-w-[82rem] px-4 pt-4 pb-8 sm:px-8">
        <InspectionHead
          zoneState={zoneState}
          zones={zones}
          word={word}
          isTested={seen.tests.length > 0}
        />
        <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[1.5fr_1fr]">
          <div className="min-w-0">
            <FoundOnStrip
              tool={tool}
              zone={zone}
              word={word}
              findings={seen.findings}
              onChange={(findings) => setSeen({ ...seen, findings })}
            />
            <TestsByPlace
              tool={tool}
              tests={seen.tests}
              apexUm={state.apex?.apexRadiusUm ?? null}
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
      <InspectionBar verdict={verdict} onNote={() => void note()} onPlan={() => void plan()} />
    </>
  );
}
