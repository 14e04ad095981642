'use client';

import { guideWords as say } from '../../ui/words/screens/guide';
import { inkAnswer, stepHold, wantsBurr } from '../../core';
import type { SessionStep } from '../../domain/session';
import { INK_SEEN, type InkSeen, type Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { INK_WORDS, inkWords } from '../../ui/words/inkWords';

/** Ink on the bevel, a few strokes, and a look: where it has gone, and how far to change the hold. */
export function InkCheck(props: {
  step: SessionStep;
  /** The side that was worked. */
  worked: Side;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  onSeen: (seen: InkSeen) => void;
}) {
  const { step, worked, tool, zone, coinThicknessMm, onSeen } = props;
  const done = step.left + step.right;
  const last = step.inkChecks.at(-1);
  const seen = last && last.strokes === done ? last.seen : null;
  const held = { tool, zone, coinThicknessMm };
  const hold = stepHold(step, held, step[worked]);
  if (!hold) return null;
  const spares = !wantsBurr(hold.contact);
  return (
    <section className="grid gap-4">
      <h2>{say.inkItAndLook}</h2>
      <p className="max-w-[60ch]">
        {say.drawAMarkerAlongThe}
        {spares && say.hereItIsToStay}
        {say.afterBothSidesTogetherThe(done)}
      </p>
      <Choice
        legend={say.whereTheInkIs}
        isLegendHidden
        options={seenOn(zone).map((each) => [each, INK_WORDS[each]] as const)}
        chosen={seen}
        onChoose={onSeen}
      />
      {seen && (
        <p role="status" className="sign text-2xl">
          {inkWords(inkAnswer(seen, hold, step, held), hold.guide, spares)}
        </p>
      )}
      {step.inkChecks.length > 1 && (
        <ul className="text-soft">
          {step.inkChecks.map((check, i) => (
            <li key={i}>{say.after(check.strokes, INK_WORDS[check.seen])}</li>
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
