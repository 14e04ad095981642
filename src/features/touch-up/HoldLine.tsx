import { holdGuide, toolForm } from '../../core';
import { isSpineTask } from '../../domain/terms';
import type { SessionStep } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { holdInShort, MEASURED_AT_MM } from '../../ui/words/holdWords';
import { handWords } from './handWords';

/** On a phone, with the count: how it is held, how the hand moves, and when the step is done. */
export function HoldLine(props: {
  step: SessionStep;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}) {
  const { step, tool, zone, coinThicknessMm } = props;
  const stoneInHand = toolForm(tool.kind) !== 'knife';
  const angleDeg = step.stretch?.angleDeg ?? step.angleDeg;
  const hold = holdGuide({
    ...{ tool, zone, angleDeg, coinThicknessMm, stoneInHand },
    stoneLengthMm: MEASURED_AT_MM,
  });
  return (
    <span className="block lg:hidden">
      {!isSpineTask(step.task) && (
        <span className="sign figures block text-[1.4rem]">{holdInShort(hold)}</span>
      )}
      <span className="block font-semibold">{handWords(step)}</span>
      <span className="block">Done when {step.doneWhen[0]}</span>
    </span>
  );
}
