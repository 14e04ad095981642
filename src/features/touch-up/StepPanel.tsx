'use client';

import type { Session } from '../../domain/session';
import { SKIP_REASONS, type SkipReason } from '../../domain/terms';
import { Choice } from '../../ui/Choice';
import { sentence } from '../../ui/format';
import { BEATS, type Beat } from './beat';

/** What is seldom wanted in a step: going back, leaving it out with a reason, a beat to count by. */
export default function StepPanel(props: {
  session: Session;
  pacePerMinute: number;
  beat: Beat;
  onBeat: (beat: Beat) => void;
  onPrevious: () => void;
  onSkip: (reason: SkipReason) => void;
  onBack: () => void;
}) {
  const { session, pacePerMinute, beat, onBeat, onPrevious, onSkip, onBack } = props;
  const step = session.steps[session.stepIndex]!;
  const before = session.steps[session.stepIndex - 1];
  return (
    <section className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-6 px-4 py-6 sm:px-8">
      <h2>This step: {step.abrasiveName}</h2>
      <Choice
        legend="Count by a beat: each click is a stroke, until you pause"
        options={BEATS.map(([value, share]) => [
          value,
          share === 0 ? value : `${value}, ${Math.round(share * pacePerMinute)} a minute`,
        ])}
        chosen={beat}
        onChoose={onBeat}
      />
      <Choice
        legend="Leave this step out, because"
        options={SKIP_REASONS.map((reason) => [reason, reason] as const)}
        chosen={step.skipped}
        onChoose={onSkip}
      />
      {before && (
        <div>
          <button type="button" className="btn btn-outline" onClick={onPrevious}>
            Step back to {before.abrasiveName}
          </button>
        </div>
      )}
      {step.skipped && <p className="text-soft">{sentence(`left out: ${step.skipped}`)}.</p>}
      <div>
        <button type="button" className="btn btn-neutral" onClick={onBack}>
          Go on with this step
        </button>
      </div>
    </section>
  );
}
