import { guideWords as words, guideWords as say } from './words/guideWords';
import { ActionBar } from '../../ui/ActionBar';
import type { Ref } from 'react';
import type { Session, SessionStep } from '../../domain/session';
import type { GuideAction } from './guideAction';
import { setOf } from './guideStep';
import { useOwnSet } from './useOwnSet';
import { spoken } from '../../ui/words/closedWords';
import type { Side } from '../../domain/terms';

/** Everything the hand can say to the guide beside a single stroke. */
export function GuideBar(props: {
  session: Session;
  /** By feel its one large button takes the place of the count. */
  feelButton: Ref<HTMLButtonElement>;
  act: (action: GuideAction) => void;
  press: (action: GuideAction) => void;
  onPause: () => void;
  onTest: () => void;
  onLook: () => void;
  onStep: () => void;
  onNext: () => void;
}) {
  const { session, feelButton, act, press, onPause, onTest, onLook, onStep, onNext } = props;
  const step = session.steps[session.stepIndex]!;
  const isLast = session.stepIndex === session.steps.length - 1;
  const paused = session.pausedAt !== null;
  const byFeel = step.byFeel !== null;
  return (
    <ActionBar>
      {byFeel && (
        <div className="mx-auto grid max-w-[82rem] px-3 pt-2 sm:px-8">
          <FeelButton
            ref={feelButton}
            session={session}
            onStart={() => act({ type: 'resume' })}
            onSideDone={() => act({ type: 'side done' })}
            onNext={onNext}
          />
        </div>
      )}
      <div className="mx-auto grid max-w-[82rem] grid-cols-4 gap-2 px-3 py-2 sm:flex sm:flex-wrap sm:px-8 sm:py-3">
        {!byFeel && <Action label={words.backOne} onClick={() => press({ type: 'take back' })} />}
        <Action
          label={paused ? (byFeel ? words.start : words.goOn) : words.pause}
          onClick={onPause}
        />
        <Action label={words.test} disabled={session.job === 'spine'} onClick={onTest} />
        <Action label={words.look} disabled={session.job === 'spine'} onClick={onLook} />
        {!byFeel && <Counts step={step} press={press} />}
        <Action label={words.thisStepHeading} onClick={onStep} />
        {!byFeel && (
          <button
            type="button"
            className="btn btn-neutral col-span-2 px-6 text-lg sm:ml-auto"
            onClick={() => press({ type: 'turn over' })}
          >
            {words.turnItOver}
          </button>
        )}
        {!byFeel && (
          <button
            type="button"
            className="btn btn-primary col-span-2 px-6 text-lg"
            onClick={onNext}
          >
            {isLast ? words.finish : words.nextStep}
          </button>
        )}
      </div>
    </ActionBar>
  );
}

/** Several strokes at once: five, ten, a set of one's own or a pass. */
function Counts(props: { step: SessionStep; press: (action: GuideAction) => void }) {
  const { step, press } = props;
  const [set] = useOwnSet(setOf(step));
  const { passStrokes } = step;
  return (
    <>
      {[5, 10].map((count) => (
        <Action key={count} label={`+${count}`} onClick={() => press({ type: 'stroke', count })} />
      ))}
      <Action
        label={passStrokes ? words.onePass : words.setOf(set.name, set.strokes)}
        onClick={() => press({ type: 'stroke', count: passStrokes ?? set.strokes })}
      />
    </>
  );
}

function Action(props: { label: string; disabled?: boolean; onClick: () => void }) {
  return (
    <button
      type="button"
      className="btn btn-outline px-1 text-[0.95rem] whitespace-nowrap sm:px-5 sm:text-[1.02rem]"
      disabled={props.disabled}
      onClick={props.onClick}
    >
      {props.label}
    </button>
  );
}

/** By feel: the one large button at the thumb. It starts the clock, ends a side, and goes on when both are done. */
function FeelButton(props: {
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
  if (isDone) return say.mayTestFirst;
  if (!running) return say.onlyTimeIsCounted;
  return isOtherDone ? say.thenBothSidesAreDone : say.thenTurnItOver(spoken(other));
}
