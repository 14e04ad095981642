import { guideWords } from './words/guideWords';
import { stepHold } from '../../core/hold';
import type { SessionStep } from '../../domain/session';
import type { Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { heldAt, holdHeadline, holdInShort, neighbourWords } from '../../ui/words/holdWords';
import { handWords } from '../../ui/words/handWords';

interface Held {
  step: SessionStep;
  /** The side in hand: its own strokes say whether a stretch with an angle of its own is done. */
  side: Side;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}

/** With the count: how it is held, and how the hand moves. */
export function GuideHold(props: Held) {
  const { step, side } = props;
  const hold = stepHold(step, props, step[side]);
  const guide = hold?.guide;
  const others = guide?.way === 'lift the spine' ? neighbourWords(guide.coins) : '';
  return (
    <span className="block">
      {guide && (
        <span className="figures block">
          {guide.way === 'tilt the stone' ? (
            guideWords.tiltBehindTheEdge(
              <span className="sign text-[1.4rem]">{holdHeadline(guide)}</span>,
              guide.leverMm,
            )
          ) : (
            <span className="sign text-[1.4rem]">{holdInShort(guide)}</span>
          )}
        </span>
      )}
      <span className="block">
        <b>{handWords(step)}</b>
        {step.held === 'braced' && guideWords.toolBraced}
        {hold && <span className="figures text-[0.95rem]">, {heldAt(hold)}</span>}
        {others && <span className="figures text-[0.95rem]">{guideWords.coins(others)}</span>}
      </span>
    </span>
  );
}
