'use client';

import { guideWords as say } from './words/guideWords';
import { Said } from '../../ui/Term';
import { stepTrouble, stuckCauses, type StuckCause } from '../../core/touchUp';
import type { SessionStep } from '../../domain/session';
import { stuckWords } from './words/stuckWords';

/**
 * Said once in a step, beside the count and never over it: a step that takes too long or a test that
 * got worse, with its likely causes, each with its sign and its own way out.
 */
export function Stuck(props: {
  step: SessionStep;
  /** Whether it was said in this step already. */
  isSaid: boolean;
  onSaid: () => void;
  onLook: () => void;
  onOther: () => void;
  onNext: () => void;
}) {
  const { step, isSaid, onSaid, onLook, onOther, onNext } = props;
  const isStuck = stepTrouble(step).some(({ kind }) => kind !== 'sides apart');
  if (!isStuck || isSaid) return null;
  const mend = ({ kind }: StuckCause): void => {
    onSaid();
    if (kind === 'not at the apex') onLook();
    if (kind === 'past it already') onNext();
    if (kind === 'too fine') onOther();
  };
  return (
    <section aria-label={say.whyItMayBeStuck} className="border-l-4 border-blaze pl-4">
      <h2>{say.takesTooLong}</h2>
      <ul>
        {stuckCauses(step).map((cause) => {
          const words = stuckWords(cause, step.kind === 'strop');
          return (
            <li
              key={cause.kind}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1"
            >
              <span className="min-w-0 flex-1 basis-56">
                <b>{words.cause}.</b> <Said>{words.sign}</Said>
              </span>
              <button type="button" className="btn btn-outline" onClick={() => mend(cause)}>
                {words.remedy}
              </button>
            </li>
          );
        })}
      </ul>
      <button type="button" className="btn btn-ghost mt-1" onClick={onSaid}>
        {say.carryOnButton}
      </button>
    </section>
  );
}
