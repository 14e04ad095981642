import { holdGuide, stoneInHand, type HoldGuide } from '../../core';
import { isSpineTask } from '../../domain/terms';
import type { SessionStep } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { holdInShort, MEASURED_AT_MM, neighbourWords } from '../../ui/words/holdWords';
import { handWords } from '../../ui/words/handWords';

interface Held {
  step: SessionStep;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}

/** On a phone, with the count: how it is held, how the hand moves, and when the step is done. */
export function HoldLine(props: Held) {
  const { step } = props;
  const hold = isSpineTask(step.task) ? null : heldBy(props);
  const others = hold?.way === 'lift the spine' ? neighbourWords(hold.coins) : '';
  return (
    <span className="block lg:hidden">
      {hold && <span className="sign figures block text-[1.4rem]">{holdInShort(hold)}</span>}
      <span className="block">
        <b>{handWords(step)}</b>
        {others && <span className="figures text-[0.95rem]">; coins {others}</span>}
      </span>
      <span className="block">Done when {step.doneWhen[0]}</span>
    </span>
  );
}

/** How the angle of a step on the edge is held. */
function heldBy({ step, tool, zone, coinThicknessMm }: Held): HoldGuide {
  const angleDeg = step.stretch?.angleDeg ?? step.angleDeg;
  const hold = { tool, zone, angleDeg, coinThicknessMm, stoneInHand: stoneInHand(tool) };
  return holdGuide({ ...hold, stoneLengthMm: MEASURED_AT_MM });
}
