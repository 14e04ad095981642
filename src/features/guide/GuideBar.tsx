import { guideWords as words } from '../../ui/words/screens/guide';
import { ActionBar } from '../../ui/ActionBar';
import type { Ref } from 'react';
import type { Session, SessionStep } from '../../domain/session';
import { FeelButton } from './FeelButton';
import type { GuideAction } from './guideAction';
import { sentence } from '../../ui/format';
import { setOf } from './guideStep';
import { useOwnSet } from './useOwnSet';

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
        <Action label={words.thisStep2} onClick={onStep} />
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
        label={passStrokes ? words.onePass : words.setOf(sentence(set.name), set.strokes)}
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
