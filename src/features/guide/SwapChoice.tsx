'use client';

import { guideWords as say } from '../../ui/words/screens/guide';
import type { Session, SessionStep } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { Alphabet } from '../../ui/Alphabet';
import { minutes, um } from '../../ui/format';
import { useSwaps } from './useSwaps';

/** Another thing for the hand in mid-step: the rest is planned anew, and the log keeps both. */
export function SwapChoice(props: {
  session: Session;
  tool: Tool;
  zone: Zone;
  onGoOnWith: (steps: SessionStep[]) => void;
}) {
  const { session, tool, zone, onGoOnWith } = props;
  const swaps = useSwaps(session, tool, zone);
  if (!swaps || swaps.length === 0) return null;
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{say.goOnWithAnotherThing}</legend>
      <div className="flex flex-wrap gap-2">
        {swaps.map(({ abrasive, steps, minutes: rest }) => (
          <button
            key={abrasive.id}
            type="button"
            className="btn btn-outline h-auto justify-start py-2 text-left"
            onClick={() => onGoOnWith(steps)}
          >
            <Alphabet abrasive={abrasive} />
            <span>
              {abrasive.name} <span className="figures font-normal">{um(abrasive.sizeUm)}</span>
              <span className="figures block font-normal">
                {minutes(rest)}
                {steps.length > 1 && say.then(steps[1]!.abrasiveName)}
              </span>
            </span>
          </button>
        ))}
      </div>
    </fieldset>
  );
}
