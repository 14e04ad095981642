'use client';

import type { Session } from '../../domain/session';
import { plural } from '../../ui/format';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { stepItems } from '../../ui/ruler/stepItems';

/** The whole ladder, with the step under the hand. */
export default function LadderWalked({ session }: { session: Session }) {
  const { steps, stepIndex } = session;
  return (
    <MicronRuler
      title={`Ladder, at step ${stepIndex + 1} of ${plural(steps.length, 'step')}`}
      items={stepItems(steps)}
      walk={{ steps, current: stepIndex }}
    />
  );
}
