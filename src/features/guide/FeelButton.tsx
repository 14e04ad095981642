import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from '../../ui/words/screens/guide';
import type { Ref } from 'react';
import type { Session } from '../../domain/session';
import type { Side } from '../../domain/terms';

/** By feel: the one large button at the thumb. It starts the clock, ends a side, and goes on when both are done. */
export function FeelButton(props: {
  session: Session;
  onStart: () => void;
  onSideDone: () => void;
  onNext: () => void;
  ref: Ref<HTMLButtonElement>;
}) {
  const { session, onStart, onSideDone, onNext, ref } = props;
  const { side, pausedAt } = session;
  const felt = session.steps[session.stepIndex]!.byFeel!;
  const other: Side = side === 'left' ? 'right' : 'left';
  const isDone = felt.leftDone && felt.rightDone;
  const running = pausedAt === null;
  return (
    <button
      ref={ref}
      type="button"
      className="btn btn-neutral h-auto flex-col text-3xl"
      style={{ minHeight: '17dvh' }}
      onClick={isDone ? onNext : running ? onSideDone : onStart}
    >
      <span className="sign">
        {isDone ? say.bothSidesDoneGoOn : running ? say.thisSideDone : say.startTheClock}
      </span>
      <span className="text-lg font-normal">
        {nextWords(isDone, running, felt[`${other}Done`], other)}
      </span>
    </button>
  );
}

function nextWords(isDone: boolean, running: boolean, isOtherDone: boolean, other: Side): string {
  if (isDone) return say.testItFirstIfYou;
  if (!running) return say.nothingIsCountedOnlyThe;
  return isOtherDone ? say.thenBothSidesAreDone : say.thenTurnItOver(spoken(other));
}
