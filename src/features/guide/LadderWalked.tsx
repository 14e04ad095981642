'use client';

import { guideWords as say } from './words/guideWords';
import type { Session } from '../../domain/session';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { stepItems } from '../../ui/ruler/stepItems';

/** The whole ladder, with the step under the hand. */
export default function LadderWalked({ session }: { session: Session }) {
  const { steps, stepIndex } = session;
  return (
    <MicronRuler
      title={say.ladderAtStep(stepIndex + 1, steps.length)}
      items={stepItems(steps)}
      walk={{ steps, current: stepIndex }}
    />
  );
}
