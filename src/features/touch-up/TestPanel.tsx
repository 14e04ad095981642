'use client';

import { useMemo } from 'react';
import {
  adviseAngle,
  stepSeries,
  worstStretch,
  type AngleAdvice,
  type SymptomId,
} from '../../core';
import { useZoneState, useToolLog } from '../../live';
import type { EdgeTest, Session } from '../../domain/session';
import { passedTest, readGrams } from '../../domain/observation';
import { tasksOf } from '../../domain/tasks';
import type { Tool, Zone } from '../../domain/tool';
import { DiagnosisPanel } from '../../ui/DiagnosisPanel';
import { um } from '../../ui/format';
import { TestChoice } from '../../ui/ObservationFields';
import { StropCurve } from '../../ui/StropCurve';
import { GramsField } from './GramsField';

/** A test in mid-step: what it passes now, against what its work asks for. */
export default function TestPanel(props: {
  session: Session;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  onTest: (reading: EdgeTest) => void;
  onBack: () => void;
  onFinish: () => void;
}) {
  const { session, tool, zone, coinThicknessMm, onTest, onBack, onFinish } = props;
  const advice = useAdvice(tool, zone);
  const readings = [
    ...session.before.tests,
    ...session.steps.slice(0, session.stepIndex + 1).flatMap(({ tests }) => tests),
  ];
  const step = session.steps[session.stepIndex]!;
  const latest = step.tests.at(-1);
  const series = step.kind === 'strop' ? stepSeries(session, session.stepIndex) : null;
  return (
    <section className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-5 px-4 py-6 sm:px-8">
      <h2>Test it</h2>
      <TestChoice
        legend="The finest test it passes now"
        chosen={latest?.test ?? null}
        onChoose={(test) => onTest(passedTest(test))}
      />
      <GramsField onGrams={(grams) => onTest(readGrams(grams))} />
      <p role="status" className="text-lg">
        {latest ? testVerdict(readings, zone) : 'Wipe it first, from spine toward edge.'}
      </p>
      {series && <StropCurve {...series} />}
      {latest && !improved(readings) && (
        <DiagnosisPanel
          tool={tool}
          zone={zone}
          seen={{ tests: [latest], findings: session.before.findings }}
          coinThicknessMm={coinThicknessMm}
          advice={advice}
          noticed={noticedSymptoms(readings, session)}
        />
      )}
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn btn-neutral" onClick={onBack}>
          Go on with this step
        </button>
        <button type="button" className="btn btn-primary" onClick={onFinish}>
          Finish here
        </button>
      </div>
    </section>
  );
}

/** What the log says of the angle: the diagnosis answers in the same degrees. */
function useAdvice(tool: Tool, zone: Zone): AngleAdvice | undefined {
  const known = useZoneState(tool.id, zone.id);
  const log = useToolLog(tool.id);
  return useMemo(
    () =>
      known && log
        ? adviseAngle({
            ...known,
            ...log,
            tasks: tasksOf(known.zone.work),
          })
        : undefined,
    [known, log],
  );
}

/** What the newest reading says, beside the one before and the target. */
function testVerdict(readings: readonly EdgeTest[], zone: Zone): string {
  const newest = readings.at(-1)!;
  const radius = worstStretch([newest]).apexRadiusUm;
  if (radius <= zone.targetApexUm * 1.25) {
    return `About ${um(radius)}: it does what its work asks for (${um(zone.targetApexUm)}). Stop there.`;
  }
  if (!improved(readings)) {
    return `About ${um(radius)}, no better than before. Ink the edge and look before you go on.`;
  }
  return `About ${um(radius)}; its work asks for ${um(zone.targetApexUm)}. Improving: carry on.`;
}

/** Whether the newest reading is finer than the one before it, where there is one. */
function improved(readings: readonly EdgeTest[]): boolean {
  const [before, newest] = readings.slice(-2);
  if (!before || !newest) return true;
  return worstStretch([newest]).apexRadiusUm < worstStretch([before]).apexRadiusUm;
}

/** What a test without gain tells by itself: on a strop, whether it got worse or stayed. */
function noticedSymptoms(readings: readonly EdgeTest[], session: Session): SymptomId[] {
  if (session.steps[session.stepIndex]!.kind !== 'strop') return [];
  const [before, newest] = readings.slice(-2);
  const worse = worstStretch([newest!]).apexRadiusUm > worstStretch([before!]).apexRadiusUm;
  return [worse ? 'worse-after-strop' : 'no-change-strop'];
}
