'use client';

import { TEST_CENTRE_UM, worstStretch } from '../../core';
import { passes, type EdgeTest, type Session } from '../../domain/session';
import type { Zone } from '../../domain/tool';
import { um } from '../../ui/format';
import { TestChoice } from '../../ui/ObservationFields';

/** A test in mid-step: what it passes now, against what its work asks for. */
export function TestPanel(props: {
  session: Session;
  zone: Zone;
  onTest: (reading: EdgeTest) => void;
  onBack: () => void;
  onFinish: () => void;
}) {
  const { session, zone, onTest, onBack, onFinish } = props;
  const readings = [
    ...session.before.tests,
    ...session.steps.slice(0, session.stepIndex + 1).flatMap(({ tests }) => tests),
  ];
  const latest = session.steps[session.stepIndex]!.tests.at(-1);
  return (
    <section className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-5 px-4 py-6 sm:px-8">
      <h2>Test it</h2>
      <TestChoice
        legend="The finest test it passes now"
        chosen={latest?.test ?? null}
        onChoose={(test) => onTest(passes(test))}
      />
      <p role="status" className="text-lg">
        {latest ? testVerdict(readings, zone) : 'Wipe it first, from spine toward edge.'}
      </p>
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

/** What the newest reading says, beside the one before and the target. */
function testVerdict(readings: readonly EdgeTest[], zone: Zone): string {
  const newest = readings.at(-1)!;
  const radius = worstStretch([newest]).apexRadiusUm;
  if (radius <= zone.targetApexUm * 1.25) {
    return `About ${um(radius)}: it does what its work asks for (${um(zone.targetApexUm)}). Stop there.`;
  }
  const before = readings.at(-2);
  if (before?.test && newest.test && TEST_CENTRE_UM[newest.test] >= TEST_CENTRE_UM[before.test]) {
    return `About ${um(radius)}, no better than before. Ink the edge: ink left at the very edge means raise the spine a little, ink gone only there means lower it.`;
  }
  return `About ${um(radius)}; its work asks for ${um(zone.targetApexUm)}. Improving: carry on.`;
}
