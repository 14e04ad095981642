'use client';

import { inspectWords as say } from './words/inspectWords';
import { useRouter } from 'next/navigation';
import { heldStep, stepHold } from '../../core/hold';
import type { EdgeVerdict, ZoneState } from '../../core/inspection';
import { toolForm } from '../../core/ladder';
import { finding } from '../../domain/observation';
import type { Finding, Observation, ToolChecks } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { TaskId } from '../../domain/tasks';
import type { DamageWay } from '../../domain/terms';
import type { Zone, Tool } from '../../domain/tool';
import { KINDS } from '../../domain/kinds';
import { edgeName } from '../../domain/edgeName';
import { useDraftState, type DraftState, type ToolLog } from '../../live';
import { DiagnosisPanel } from '../../ui/DiagnosisPanel';
import { LeftHere } from '../../ui/LeftHere';
import { jobLink } from '../../ui/jobAddress';
import { findingNotes } from '../../ui/words/findingNotes';
import { seenInWords } from '../../ui/words/seenWords';
import { holdLine } from '../../ui/words/holdWords';
import { AngleAdvisor } from './AngleAdvisor';
import { FoundOnStrip } from './FoundOnStrip';
import { InspectionBar } from './InspectionBar';
import { InspectionHead } from './InspectionHead';
import { TestsByPlace } from './TestsByPlace';
import { useJudgedLook, type JudgedLook } from './useJudgedLook';
import { useNoteLook } from './useNoteLook';
import { VerdictPanel } from './VerdictPanel';
import { spoken } from '../../ui/words/closedWords';
import { Choice } from '../../ui/Choice';

/** A look as far as it has come. */
interface Look {
  seen: Observation;
  checks: ToolChecks;
  taskIds: TaskId[];
  damageWay: DamageWay | null;
}

/** The look at an edge as it was left, or a new one: all that is known stands on the strip. */
function useLook({ tool, zone, state, checks }: ZoneState): DraftState<Look> {
  return useDraftState<Look>(
    'look',
    `${tool.id}/${zone.id}`,
    {
      seen: { tests: [], findings: [...state.findings] },
      checks,
      taskIds: zone.work.length > 0 ? zone.work : [...KINDS[tool.kind].work],
      damageWay: null,
    },
    {
      title: (look) => say.lookingAt(edgeName(tool, zone), seenInWords(look.seen)),
      href: `/inspect?tool=${tool.id}&zone=${zone.id}`,
    },
  );
}

/** One look at one edge: findings on the strip, tests by place, checks; the verdict beside it. */
export function Inspection(props: {
  zoneState: ZoneState;
  zones: readonly Zone[];
  settings: Settings;
  log: ToolLog;
}) {
  const { zoneState, zones, settings, log } = props;
  const { tool, zone } = zoneState;
  const router = useRouter();
  const noteLook = useNoteLook();
  const left = useLook(zoneState);
  const look = left.value;
  const { seen, checks, taskIds, damageWay } = look;
  const change = (part: Partial<Look>): void => left.change({ ...look, ...part });
  const setSeen = (next: Observation): void => change({ seen: next });
  const judged = useJudgedLook(zoneState, log, { seen, checks, damageWay, taskIds });
  if (!judged) return null;

  const { word, verdict, choices, advice } = judged;
  const note = async (): Promise<void> => {
    await noteLook({ toolId: tool.id, zoneId: zone.id, seen, checks });
    left.done();
  };
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
        <LeftHere at={left.leftAt} onAnew={left.startAnew} />
        <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[1.5fr_1fr]">
          <div className="min-w-0">
            <LookFields
              zoneState={zoneState}
              settings={settings}
              word={word}
              advice={advice}
              seen={seen}
              onSeen={setSeen}
              checks={checks}
              onChecks={(next) => change({ checks: next })}
            />
          </div>
          <div className="grid min-w-0 content-start gap-8">
            <VerdictPanel
              verdict={verdict}
              choices={choices}
              hold={holdOf(verdict, zoneState, settings)}
              notes={findingNotes(seen.findings).map(({ remedy }) => remedy)}
              onDamageWay={(way) => change({ damageWay: way })}
            />
            <AngleAdvisor
              tool={tool}
              zone={zone}
              advice={advice}
              taskIds={taskIds}
              onTasks={(next) => change({ taskIds: next })}
            />
          </div>
        </div>
      </div>
      <InspectionBar verdict={verdict} onNote={() => void note()} onPlan={() => void plan()} />
    </>
  );
}

/** What is seen, tested and checked, and what it tells. */
function LookFields(props: {
  zoneState: ZoneState;
  settings: Settings;
  word: JudgedLook['word'];
  advice: JudgedLook['advice'];
  seen: Observation;
  onSeen: (seen: Observation) => void;
  checks: ToolChecks;
  onChecks: (checks: ToolChecks) => void;
}) {
  const { zoneState, settings, word, advice, seen, onSeen, checks, onChecks } = props;
  const { tool, zone, state } = zoneState;
  return (
    <>
      <FoundOnStrip
        tool={tool}
        zone={zone}
        word={word}
        findings={seen.findings}
        onChange={(findings) => onSeen({ ...seen, findings })}
      />
      <TestsByPlace
        tool={tool}
        tests={seen.tests}
        apexUm={state.apex?.apexRadiusUm ?? null}
        onChange={(tests) => onSeen({ ...seen, tests })}
      />
      <Checks tool={tool} checks={checks} onChange={onChecks} />
      <DiagnosisPanel
        tool={tool}
        zone={zone}
        seen={seen}
        coinThicknessMm={settings.coinThicknessMm}
        advice={advice}
        onWedges={(wedges) =>
          onSeen({ ...seen, findings: withWedges(seen.findings, zone, wedges) })
        }
      />
    </>
  );
}

/** How the first step of the verdict's job is held; null where nothing is worked. */
function holdOf(
  { plan }: EdgeVerdict,
  { tool, zone }: ZoneState,
  { coinThicknessMm }: Settings,
): string | null {
  const [first] = plan?.steps ?? [];
  const hold = first && stepHold(heldStep(first), { tool, zone, coinThicknessMm });
  return hold ? holdLine(hold) : null;
}

/** The findings with, or without, an edge that is sharp and yet cuts poorly. */
function withWedges(findings: readonly Finding[], zone: Zone, wedges: boolean): Finding[] {
  const others = findings.filter(({ kind }) => kind !== 'wedges');
  const middleMm = (zone.startMm + zone.endMm) / 2;
  return wedges ? [...others, finding('wedges', middleMm, 0, { cause: 'unknown' })] : others;
}

/** Looks at the whole tool: head, handle, blade, straightness, temper. */
function Checks(props: { tool: Tool; checks: ToolChecks; onChange: (checks: ToolChecks) => void }) {
  const { tool, checks, onChange } = props;
  const isAxe = toolForm(tool.kind) === 'axe';
  const row = <K extends keyof ToolChecks>(
    key: K,
    legend: string,
    words: readonly NonNullable<ToolChecks[K]>[],
  ) => (
    <Choice
      legend={legend}
      options={words.map((word) => [word as string, spoken(word)] as const)}
      chosen={checks[key] as string | null}
      onChoose={(word) => onChange({ ...checks, [key]: word })}
      onClear={() => onChange({ ...checks, [key]: null })}
    />
  );
  return (
    <section className="mt-6">
      <h2>{say.theWholeTool}</h2>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        {tool.head !== 'tang' &&
          row('head', tool.head === 'bolted bit' ? say.bitAndItsBolts : say.head, [
            'tight',
            'loose',
          ])}
        {row('handle', isAxe ? say.haft : say.handle, ['sound', 'cracked'])}
        {row('blade', isAxe ? say.bladeAndEye : say.blade, ['sound', 'cracked'])}
        {row('straightness', say.straightness, ['true', 'slightly bent', 'badly bent'])}
        {row('temper', say.temper, ['sound', 'overheated'])}
      </div>
    </section>
  );
}
