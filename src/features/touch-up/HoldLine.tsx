import { holdGuide, stoneInHand } from '../../core';
import { isSpineTask } from '../../domain/terms';
import type { SessionStep } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { holdInShort, MEASURED_AT_MM } from '../../ui/words/holdWords';
import { handWords } from './handWords';

interface Held {
  step: SessionStep;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}

/** On a phone, with the count: how it is held, how the hand moves, and when the step is done. */
export function HoldLine(props: Held) {
  const { step } = props;
  return (
    <span className="block lg:hidden">
      {!isSpineTask(step.task) && (
        <span className="sign figures block text-[1.4rem]">{holdWords(props)}</span>
      )}
      <span className="block font-semibold">{handWords(step)}</span>
      <span className="block">Done when {step.doneWhen[0]}</span>
    </span>
  );
}

/** How the angle of a step on the edge is held. */
function holdWords({ step, tool, zone, coinThicknessMm }: Held): string {
  const angleDeg = step.stretch?.angleDeg ?? step.angleDeg;
  const hold = { tool, zone, angleDeg, coinThicknessMm, stoneInHand: stoneInHand(tool) };
  return holdInShort(holdGuide({ ...hold, stoneLengthMm: MEASURED_AT_MM }));
}
