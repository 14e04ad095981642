import type { HoldByInk, SideBalance } from '../../../core';
import { plural } from '../../../ui/format';
import { INK_WORDS } from '../../../ui/words/inkWords';
import { percent } from '../../../ui/words/logWords';
import { Answer } from './Answer';

/** Whether both sides get the same, then and now. */
export function BalanceAnswer({ balance }: { balance: SideBalance }) {
  const { then, now, offThen, offNow, steps } = balance;
  const better = offNow < offThen;
  const lean = Math.abs(now - 0.5) < 0.01 ? null : now > 0.5 ? 'left' : 'right';
  return (
    <Answer
      title={`${better ? 'Your sides have evened out' : 'Your sides are no more even than they were'}: ${percent(then)} of the strokes on the left at first, ${percent(now)} now.`}
      behind={`From ${plural(steps, 'step')} of twenty strokes and more: the older half against the newer.`}
    >
      <p className="mt-1">
        One step strays {percent(offNow)} from a half in the middle, {percent(offThen)} at first.{' '}
        {lean && `You still favour the ${lean} side.`}
      </p>
    </Answer>
  );
}

/** Whether the angle is held, by what ink told. */
export function HoldAnswer({ hold }: { hold: HoldByInk }) {
  const { then, now, fault, looks } = hold;
  return (
    <Answer
      title={`Ink was gone to the edge ${percent(now)} of the time lately, ${percent(then)} at first.`}
      behind={`From ${plural(looks, 'look')} at ink in the guide: the older half against the newer.`}
    >
      {fault && <p className="mt-1">Where it was not, it was most often {INK_WORDS[fault]}.</p>}
    </Answer>
  );
}
