import { wobbleDeg, type HeldFigure, type LearnedHold } from '../../core/evidence';
import type { Hand } from '../../core/ladder';
import { SIDES } from '../../domain/terms';
import Link from '../../ui/Link';
import { deg } from '../../ui/format';
import { counted } from '../../ui/words/counted';
import { taughtWords as say } from './words';

/** How this hand holds, by its practised sets: what plans, lift, forecast and lab take of it. */
export function HoldTaught(props: {
  hand: Hand;
  onForget: (what: string, name: string) => Promise<void>;
}) {
  const { hand, onForget } = props;
  const { hold } = hand.learned;
  return (
    <section aria-label={say.hold} className="mt-6">
      <div className="flex items-baseline gap-4 border-b-2 border-ink">
        <h2 className="flex-1">
          {hold ? say.yourHandWobblesBy(hold.wobble.value) : say.yourHoldIsNotKnown}
        </h2>
        {hold && (
          <button
            type="button"
            className="link min-h-12"
            aria-label={say.forgetTheHold}
            onClick={() => void onForget('hold', say.yourHold)}
          >
            {say.forget}
          </button>
        )}
      </div>
      {hold && (
        <ul>
          <Row
            name={say.freehand}
            value={`${deg(hold.wobble.value)} (${deg(hold.wobble.low)}–${deg(hold.wobble.high)})`}
          />
          <Row name={say.onTheBevel} value={deg(wobbleDeg(hold, 'resting on the bevel'))} />
          {SIDES.map((side) => (
            <Row key={side} name={say.hands[side]} value={handWords(hold.hands[side])} />
          ))}
          <Row name={say.backStrokes} value={steeper(hold.backSteeper)} />
        </ul>
      )}
      <p className="mt-1 text-[0.92rem] text-soft">
        {hold ? say.fromSets(counted.set(hold.sets)) : say.practiseIt}{' '}
        <Link href="/measure/hold" className="link">
          {say.toTheCoach}
        </Link>
      </p>
    </section>
  );
}

function handWords(hand: LearnedHold['hands']['left']): string {
  return hand ? say.handIs(hand.wobbleDeg, steeper(hand.steeper)) : say.notTold;
}

function steeper(figure: HeldFigure | null): string {
  if (!figure) return say.notTold;
  const size = deg(Math.abs(figure.value));
  return `${figure.value < 0 ? say.flatterBy(size) : say.steeperBy(size)} ± ${deg(figure.se)}`;
}

function Row({ name, value }: { name: string; value: string }) {
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
      <span className="w-40">{name}</span>
      <b className="figures">{value}</b>
    </li>
  );
}
