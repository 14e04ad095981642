'use client';

import { guideWords as say } from './words/guideWords';
import { useMemo, useState } from 'react';
import { adviseAngle, type AngleAdvice, type SymptomId } from '../../core/inspection';
import { toolForm } from '../../core/ladder';
import { gramsFromApex, KEEN_UP_TO } from '../../core/sharpness';
import { placeProgress, stepSeries, testTrend, type TestTrend } from '../../core/touchUp';
import { useTester, useToolLog, useZoneState } from '../../live';
import type { EdgeTest, Session, SessionStep } from '../../domain/session';
import { passedTest, readGrams } from '../../domain/observation';
import { tasksOf } from '../../domain/tasks';
import type { Tool, Zone } from '../../domain/tool';
import { ActionRow } from '../../ui/ActionRow';
import { DiagnosisPanel } from '../../ui/DiagnosisPanel';
import { um } from '../../ui/format';
import { TestChoice } from '../../ui/ObservationFields';
import { disagreementWords } from '../../ui/words/testWords';
import { GramsField } from '../../ui/GramsField';
import { PlaceChoice } from '../../ui/PlaceChoice';
import { PlaceProgressChart } from '../../ui/PlaceProgressChart';
import { StropCurve } from '../../ui/StropCurve';

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
  const isAxe = toolForm(tool.kind) === 'axe';
  const [place, setPlace] = useState<EdgeTest['place']>('whole');
  const byTester = useTester();
  const read = {
    ...session,
    before: byTester(session.before),
    steps: session.steps.map((each) => byTester(each)),
  };
  const trend = testTrend(read);
  const places = placeProgress(read);
  const step = session.steps[session.stepIndex]!;
  const latest = step.tests.at(-1);
  const disagree = disagreementWords(step.tests);
  const series = step.kind === 'strop' ? stepSeries(session, session.stepIndex) : null;
  const isThere = latest !== undefined && trend !== null && isKeenEnough(trend, zone);
  return (
    <>
      <section className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-5 px-4 py-6 sm:px-8">
        <h2>{say.testIt}</h2>
        <PlaceChoice tests={step.tests} isAxe={isAxe} chosen={place} onChoose={setPlace} />
        <TestChoice
          legend={say.theFinestTestItPasses}
          chosen={latest?.place === place ? latest.test : null}
          onChoose={(test) => onTest(passedTest(test, place))}
        />
        <GramsField
          expectedG={expectedG(session)}
          onGrams={(grams) => onTest(readGrams(grams, place))}
        />
        {/* On a strop the curve alone speaks. */}
        {!series && (
          <p role="status" className="text-lg">
            {latest && trend ? testVerdict(trend, zone) : say.wipeItFirstFromSpine}
          </p>
        )}
        {disagree && <p role="status">{disagree}</p>}
        {latest && (!series || places.length > 1) && (
          <PlaceProgressChart lines={places} targetUm={zone.targetApexUm} isAxe={isAxe} />
        )}
        {series && <StropCurve {...series} />}
        {latest && !series && (trend?.change === 'same' || trend?.change === 'worse') && (
          <DiagnosisPanel
            tool={tool}
            zone={zone}
            seen={{ tests: [latest], findings: session.before.findings }}
            coinThicknessMm={coinThicknessMm}
            advice={advice}
            noticed={noticedSymptoms(trend.change, step)}
          />
        )}
      </section>
      <TestRow isThere={isThere} onBack={onBack} onFinish={onFinish} />
    </>
  );
}

/** What the edge should about read by the plan of its step, for the simulated tester. */
function expectedG({ steps, stepIndex }: Session): number {
  return gramsFromApex({ apexRadiusUm: steps[stepIndex]!.plannedApexUm });
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

/** At the thumb: to stop there, where it passes, or to go on. */
function TestRow(props: { isThere: boolean; onBack: () => void; onFinish: () => void }) {
  const { isThere, onBack, onFinish } = props;
  return (
    <ActionRow says={isThere && say.itMeetsItsTargetStop}>
      <button
        type="button"
        className={`btn ${isThere ? 'btn-outline' : 'btn-neutral'}`}
        onClick={onBack}
      >
        {say.goOnWithThisStep}
      </button>
      <button
        type="button"
        className={`btn ${isThere ? 'btn-primary' : 'btn-outline'}`}
        onClick={onFinish}
      >
        {say.finishHere}
      </button>
    </ActionRow>
  );
}

/** Whether the newest reading passes what the work asks for. */
function isKeenEnough({ newest }: TestTrend, { targetApexUm }: Zone): boolean {
  return newest.apexRadiusUm <= targetApexUm * KEEN_UP_TO;
}

/** What the newest reading says, beside the one before and the target. */
function testVerdict(trend: TestTrend, zone: Zone): string {
  const { newest, change } = trend;
  const { targetApexUm } = zone;
  const { apexRadiusUm, lowUm, highUm } = newest;
  const about = say.apexAbout(apexRadiusUm, um(lowUm).replace(' µm', ''), highUm);
  if (isKeenEnough(trend, zone)) {
    return say.apexMeetsTarget(about, targetApexUm);
  }
  if (change === 'worse') return say.worseThanBefore(about);
  if (change === 'same') {
    return say.noBetterThanBeforeBeyond(about);
  }
  return say.apexAgainstTarget(about, targetApexUm, change ? say.improvingCarryOn : say.carryOn);
}

/** What a test without gain tells by itself: on a strop, whether it got worse or stayed. */
function noticedSymptoms(change: 'same' | 'worse', { kind }: SessionStep): SymptomId[] {
  if (kind !== 'strop') return [];
  return [change === 'worse' ? 'worse-after-strop' : 'no-change-strop'];
}
