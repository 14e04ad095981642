'use client';

import { guideWords as say } from './words/guideWords';
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import { isWorked } from '../../domain/observation';
import type { Session, SessionStep } from '../../domain/session';
import { contactOf, wantsBurr, shearingDeg, stepHold, inkAnswer } from '../../core/hold';
import { ActionRow } from '../../ui/ActionRow';
import { BurrWalk } from './BurrWalk';
const GuidePictures = dynamic(() => import('./GuidePictures'), { ssr: false });
import { spoken } from '../../ui/words/closedWords';
import { DEBURR_WAYS, type DeburrWay, INK_SEEN, type InkSeen, type Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { holdInShort } from '../../ui/words/holdWords';
import { INK_WORDS, inkWords } from '../../ui/words/inkWords';

/** What a look in mid-step can tell: whether the strokes reach the edge, where a burr stands, and how it
 * comes off. */
export default function LookPanel(
  props: ComponentProps<typeof InkCheck> &
    ComponentProps<typeof BurrWalk> &
    ComponentProps<typeof Deburr> & { session: Session; onBack: () => void },
) {
  const { session } = props;
  const isTouched = session.steps.some(isWorked);
  return (
    <>
      <div className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-8 px-4 py-6 sm:px-8">
        <InkCheck {...props} />
        {props.step.kind === 'stone' && wantsBurr(contactOf(props.step)) && (
          <>
            <BurrWalk {...props} />
            <Deburr {...props} />
          </>
        )}
        {!isTouched && <GuidePictures session={session} tool={props.tool} stage="before" />}
      </div>
      <ActionRow>
        <button type="button" className="btn btn-primary" onClick={props.onBack}>
          {say.goOnWithThisStep}
        </button>
      </ActionRow>
    </>
  );
}

/** How the burr of a step is taken off: each way with what it asks of the hand. */
function Deburr(props: {
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
      <p className="max-w-[60ch]">{say.feelAcrossTheEdge}</p>
      <Choice
        legend={say.takenOffBy}
        options={DEBURR_WAYS.map((way) => [way, spoken(way)] as const)}
        chosen={step.deburred}
        onChoose={onDeburred}
        onClear={() => onDeburred(null)}
      />
      {step.deburred && hold && (
        <p role="status" className="max-w-[60ch]">
          {WORDS[step.deburred](say.perSide(steepDeg, holdInShort(hold.guide)))}
        </p>
      )}
    </section>
  );
}

const WORDS: Record<DeburrWay, (steep: string) => string> = {
  'ever lighter strokes': () => say.alternate432And,
  'feather strokes, steeper': (steep) => say.shearOffBySteepStrokes(steep),
  'light reverse strokes': () => say.trailingStrokesTakeItOff,
  'left for the strop': () => say.leaveItStandingTheStrop,
  'drawn through soft wood': () => say.drawTheEdgeOnceAlong,
};

/** Ink on the bevel, a few strokes, and a look: where it has gone, and how far to change the hold. */
function InkCheck(props: {
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
      <p className="max-w-[60ch]">{say.inkAndLook(done, spares)}</p>
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
