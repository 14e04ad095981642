'use client';

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
      <h2>The burr off</h2>
      <p className="max-w-[60ch]">
        Feel across, from spine to edge, never along it: a wire edge cuts.
      </p>
      <Choice
        legend="Taken off by"
        options={DEBURR_WAYS.map((way) => [way, way] as const)}
        chosen={step.deburred}
        onChoose={onDeburred}
        onClear={() => onDeburred(null)}
      />
      {step.deburred && hold && (
        <p role="status" className="max-w-[60ch]">
          {WORDS[step.deburred](`${deg(steepDeg)} per side. ${holdInShort(hold.guide)}`)}
        </p>
      )}
    </section>
  );
}

const WORDS: Record<DeburrWay, (steep: string) => string> = {
  'ever lighter strokes': () =>
    'Alternate 4, 3, 2 and 1 a side at the same angle, each round lighter, the last with the tool’s own weight.',
  'feather strokes, steeper': (steep) =>
    `Two feather-light strokes a side, edge leading, at ${steep}. They keep the tooth of this stone and leave a narrow micro-bevel.`,
  'light reverse strokes': () =>
    'Three or four strokes a side, edge trailing, with no more than the tool’s own weight.',
  'left for the strop': () =>
    'Leave it standing: the strop breaks it. If it scores the leather, come back and take it off here.',
  'drawn through soft wood': () =>
    'Draw the edge once along its length through soft wood, then two light strokes a side.',
};
