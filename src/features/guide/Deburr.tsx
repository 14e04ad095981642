'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from '../../ui/words/screens/guide';
import { shearingDeg, stepHold } from '../../core';
import type { SessionStep } from '../../domain/session';
import { DEBURR_WAYS, type DeburrWay } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { deg } from '../../ui/format';
import { holdInShort } from '../../ui/words/holdWords';

/** How the burr of a step is taken off: each way with what it asks of the hand. */
export function Deburr(props: {
  step: SessionStep;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  onDeburred: (way: DeburrWay | null) => void;
}) {
  const { step, tool, zone, coinThicknessMm, onDeburred } = props;
  const steepDeg = shearingDeg(step.angleDeg);
  const hold = stepHold(
    { ...step, stretch: null, angleDeg: steepDeg },
    { tool, zone, coinThicknessMm },
  );
  return (
    <section className="grid gap-3">
      <h2>{say.theBurrOff}</h2>
      <p className="max-w-[60ch]">{say.feelAcrossFromSpineTo}</p>
      <Choice
        legend={say.takenOffBy}
        options={DEBURR_WAYS.map((way) => [way, spoken(way)] as const)}
        chosen={step.deburred}
        onChoose={onDeburred}
        onClear={() => onDeburred(null)}
      />
      {step.deburred && hold && (
        <p role="status" className="max-w-[60ch]">
          {WORDS[step.deburred](say.perSide(deg(steepDeg), holdInShort(hold.guide)))}
        </p>
      )}
    </section>
  );
}

const WORDS: Record<DeburrWay, (steep: string) => string> = {
  'ever lighter strokes': () => say.alternate432And,
  'feather strokes, steeper': (steep) => say.twoFeatherLightStrokesA(steep),
  'light reverse strokes': () => say.threeOrFourStrokesA,
  'left for the strop': () => say.leaveItStandingTheStrop,
  'drawn through soft wood': () => say.drawTheEdgeOnceAlong,
};
