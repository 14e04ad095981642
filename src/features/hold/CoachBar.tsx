import { SIDES, type Side } from '../../domain/terms';
import { ActionBar } from '../../ui/ActionBar';
import { BeginWithPhone } from '../../ui/BeginWithPhone';
import { PressedRow } from '../../ui/PressedRow';
import { coachWords as say } from './words';
import { isWaiting, type HoldSet } from './useHoldSet';

/** How far from the meant angle is on the path (degrees), and how the path narrows. */
export const BANDS_DEG = [3, 2, 1.5, 1];

/** The widest path that asks something of a hand with such a wobble: about four strokes in five lie on it. */
export function bandFor(wobbleDeg: number): number {
  const fits = BANDS_DEG.findLastIndex((bandDeg) => bandDeg >= 1.2 * wobbleDeg);
  return Math.max(0, fits);
}

/** What is chosen before a set. */
interface Beginning {
  hand: Side;
  onHand: (hand: Side) => void;
  /** Which of the paths. */
  band: number;
  onBand: (band: number) => void;
  onBegin: (by: 'device' | 'simulated') => void;
}

/** What can be done at the thumb: before a set, in it nothing but end it, and after it. */
export function CoachBar(props: {
  set: HoldSet;
  isSimulated: boolean;
  begin: Beginning;
  /** Takes the set that was saved out again; null where none was. */
  onLeaveOut: (() => void) | null;
}) {
  const { set, isSimulated, begin, onLeaveOut } = props;
  return (
    <ActionBar>
      <div className="mx-auto grid max-w-2xl grid-cols-2 gap-2 px-4 py-2 sm:px-8">
        {isWaiting(set) && <Begin {...begin} />}
        {!isWaiting(set) && set.phase !== 'done' && (
          <button type="button" className="btn btn-outline col-span-2" onClick={set.end}>
            {say.end}
          </button>
        )}
        {set.phase === 'done' && (
          <>
            {isSimulated ? (
              <p className="self-center">{say.notKept}</p>
            ) : (
              <button
                type="button"
                className="btn btn-outline"
                disabled={!onLeaveOut}
                onClick={() => onLeaveOut?.()}
              >
                {say.leaveOut}
              </button>
            )}
            <button type="button" className="btn btn-primary" onClick={set.again}>
              {say.once}
            </button>
          </>
        )}
      </div>
    </ActionBar>
  );
}

function Begin(props: Beginning) {
  const { hand, onHand, band, onBand, onBegin } = props;
  return (
    <>
      <PressedRow
        label={say.hand}
        options={SIDES.map((side) => [side, say.hands[side]] as const)}
        chosen={hand}
        onChoose={onHand}
        className="col-span-2"
      />
      <div className="col-span-2 flex items-center justify-between gap-2">
        <button
          type="button"
          className="btn btn-outline"
          disabled={band === 0}
          onClick={() => onBand(band - 1)}
        >
          {say.wider}
        </button>
        <span aria-live="polite">{say.path(BANDS_DEG[band]!)}</span>
        <button
          type="button"
          className="btn btn-outline"
          disabled={band === BANDS_DEG.length - 1}
          onClick={() => onBand(band + 1)}
        >
          {say.narrower}
        </button>
      </div>
      <BeginWithPhone device={say.startDevice} simulated={say.startSimulated} onBegin={onBegin} />
    </>
  );
}
