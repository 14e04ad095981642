import { spoken } from '../../../ui/words/closedWords';
import { logAnswersWords as say } from '../../../ui/words/screens/logAnswers';
import type { HoldByInk, SideBalance } from '../../../core';
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
      title={say.ofTheStrokesOnThe(
        better ? say.yourSidesHaveEvenedOut : say.yourSidesAreNoMore,
        percent(then),
        percent(now),
      )}
      behind={say.fromOfTwentyStrokesAnd(steps)}
    >
      <p className="mt-1">
        {say.oneStepStraysFromA(percent(offNow), percent(offThen))}{' '}
        {lean && say.youStillFavourTheSide(spoken(lean))}
      </p>
    </Answer>
  );
}

/** Whether the angle is held, by what ink told. */
export function HoldAnswer({ hold }: { hold: HoldByInk }) {
  const { then, now, fault, looks } = hold;
  return (
    <Answer
      title={say.inkWasGoneToThe(percent(now), percent(then))}
      behind={say.fromAtInkInThe(looks)}
    >
      {fault && <p className="mt-1">{say.whereItWasNotIt(INK_WORDS[fault])}</p>}
    </Answer>
  );
}
