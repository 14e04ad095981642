'use client';

import { diagnose, toolForm, type SymptomId } from '../../core';
import type { SessionStep } from '../../domain/session';
import { INK_SEEN, type InkSeen } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { plural } from '../../ui/format';
import { INK_WORDS, inkAnswer } from '../../ui/words/inkWords';

/** What a sight says of the hold. */
const SYMPTOM: Record<InkSeen, SymptomId | null> = {
  'gone to the edge': null,
  'left at the edge': 'ink-at-edge',
  'gone at the edge alone': 'ink-gone-apex',
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
  const held = toolForm(tool.kind) === 'knife' ? 'the spine' : 'the rear of the stone';
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
        options={INK_SEEN.map((each) => [each, INK_WORDS[each]] as const)}
        chosen={seen}
        onChoose={onSeen}
      />
      {seen && (
        <p role="status" className="sign text-2xl">
          {inkAnswer(seen, held, found)}
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
