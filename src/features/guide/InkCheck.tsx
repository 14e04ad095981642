'use client';

import { diagnose, holdGuide, stoneInHand, type SymptomId } from '../../core';
import type { SessionStep } from '../../domain/session';
import { INK_SEEN, type InkSeen } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { plural } from '../../ui/format';
import { MEASURED_AT_MM } from '../../ui/words/holdWords';
import { facetAnswer, INK_WORDS, inkAnswer } from '../../ui/words/inkWords';

/** What a sight says of the hold. */
const SYMPTOM: Record<InkSeen, SymptomId | null> = {
  'gone to the edge': null,
  'left at the edge': 'ink-at-edge',
  'gone at the edge alone': 'ink-gone-apex',
  'left in the middle': null,
  'left at the shoulder': null,
};

/** Ink on the bevel, a few strokes, and a look: where it has gone, and how far to change the hold. */
export function InkCheck(props: {
  step: SessionStep;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  onSeen: (seen: InkSeen) => void;
}) {
  const { step, tool, zone, coinThicknessMm, onSeen } = props;
  const done = step.left + step.right;
  const last = step.inkChecks.at(-1);
  const seen = last && last.strokes === done ? last.seen : null;
  const symptom = seen && SYMPTOM[seen];
  const [found = null] = symptom
    ? diagnose({ symptomIds: [symptom], tool, zone, coinThicknessMm })
    : [];
  const facetDeg = seen && missedFacetDeg(seen, zone);
  const held = stoneInHand(tool) ? 'the rear of the stone' : 'the spine';
  return (
    <section className="grid gap-4">
      <h2>Ink it and look</h2>
      <p className="max-w-[60ch]">
        Draw a marker along the bevel up to the edge, take two or three strokes, wipe, and look
        across the light. After {plural(done, 'stroke')}, both sides together, the ink is
      </p>
      <Choice
        legend="Where the ink is"
        isLegendHidden
        options={seenOn(zone).map((each) => [each, INK_WORDS[each]] as const)}
        chosen={seen}
        onChoose={onSeen}
      />
      {seen && (
        <p role="status" className="sign text-2xl">
          {facetDeg === null
            ? inkAnswer(seen, held, found)
            : facetAnswer(
                facetDeg,
                holdGuide({
                  tool,
                  zone,
                  coinThicknessMm,
                  angleDeg: facetDeg,
                  stoneInHand: stoneInHand(tool),
                  stoneLengthMm: MEASURED_AT_MM,
                }),
              )}
        </p>
      )}
      {step.inkChecks.length > 1 && (
        <ul className="text-soft">
          {step.inkChecks.map((check, i) => (
            <li key={i}>
              after {plural(check.strokes, 'stroke')}: {INK_WORDS[check.seen]}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What can be seen on a bevel: only an arc has a middle and a shoulder of its own. */
function seenOn({ grind }: Zone): readonly InkSeen[] {
  return grind === 'convex' ? INK_SEEN : INK_SEEN.slice(0, 3);
}

/** Angle of the facet that was missed on an arc, between its cheek and its apex; null for any other sight. */
function missedFacetDeg(seen: InkSeen, { primaryAngleDeg, bevelAngleDeg }: Zone): number | null {
  const share = FACET_SHARE[seen];
  return share === undefined ? null : primaryAngleDeg + share * (bevelAngleDeg - primaryAngleDeg);
}

/** Where on the turn from cheek to apex a facet lies. */
const FACET_SHARE: Partial<Record<InkSeen, number>> = {
  'left in the middle': 0.5,
  'left at the shoulder': 0.125,
};
