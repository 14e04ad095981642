'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import type { Session, SessionStep } from '../../domain/session';
import { COUNT_SCHEMES, SKIP_REASONS, type SkipReason } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { ActionRow } from '../../ui/ActionRow';
import { Choice } from '../../ui/Choice';
import { LimitedNumberField, TextField } from '../../ui/forms/fields';
import { sentence, minutes, um } from '../../ui/format';
import { setOf } from './guideStep';
import { useOwnSet } from './useOwnSet';
import { CUES, useCueChoice } from './useCue';
import { useScheme } from '../../ui/useScheme';
import { earWords } from './words/earWords';
import { BEATS } from './beat';
import type { Counting } from './useCounting';
import { EARS } from './useEar';
import { Alphabet } from '../../ui/Alphabet';
import { useSwaps } from './useSwaps';

/** What is seldom wanted in a step: going back, leaving it out with a reason, a beat to count by. */
export default function StepPanel(props: {
  session: Session;
  tool: Tool;
  zone: Zone;
  pacePerMinute: number;
  counting: Counting;
  onByFeel: (on: boolean) => void;
  onPrevious: () => void;
  onGoOnWith: (steps: SessionStep[]) => void;
  onSkip: (reason: SkipReason) => void;
  onBack: () => void;
}) {
  const { session, tool, zone, pacePerMinute, counting, onPrevious, onSkip, onBack } = props;
  const [scheme, setScheme] = useScheme();
  const step = session.steps[session.stepIndex]!;
  const before = session.steps[session.stepIndex - 1];
  return (
    <>
      <section className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-6 px-4 py-6 sm:px-8">
        <h2>{say.thisStep(step.abrasiveName)}</h2>
        <CountedOrFelt step={step} onByFeel={props.onByFeel} />
        <OwnSetFields usualStrokes={setOf(step)} />
        <Choice
          legend={say.shareStrokesBetweenSides}
          options={COUNT_SCHEMES.map((each) => [each, spoken(each)] as const)}
          chosen={scheme}
          onChoose={setScheme}
        />
        <CountingChoices counting={counting} pacePerMinute={pacePerMinute} />
        <SwapChoice session={session} tool={tool} zone={zone} onGoOnWith={props.onGoOnWith} />
        <Choice
          legend={say.leaveThisStepOutBecause}
          options={SKIP_REASONS.map((reason) => [reason, spoken(reason)] as const)}
          chosen={step.skipped}
          onChoose={onSkip}
        />
        {before && (
          <div>
            <button type="button" className="btn btn-outline" onClick={onPrevious}>
              {say.stepBackTo(before.abrasiveName)}
            </button>
          </div>
        )}
        {step.skipped && (
          <p className="text-soft">{sentence(say.leftOut(spoken(step.skipped)))}.</p>
        )}
      </section>
      <ActionRow>
        <button type="button" className="btn btn-primary" onClick={onBack}>
          {say.goOnWithThisStep}
        </button>
      </ActionRow>
    </>
  );
}

/** What counts beside the hand, a beat or the sound of the stone; and what calls out. */
function CountingChoices(props: { counting: Counting; pacePerMinute: number }) {
  const { counting, pacePerMinute } = props;
  const [cue, setCue] = useCueChoice();
  return (
    <>
      <Choice
        legend={say.countByBeat}
        options={BEATS.map(([value, share]) => [
          value,
          share === 0
            ? spoken(value)
            : say.motionWithPace(spoken(value), Math.round(share * pacePerMinute)),
        ])}
        chosen={counting.beat}
        onChoose={counting.onBeat}
      />
      <div>
        <Choice
          legend={earWords.legend}
          options={EARS.map((each) => [each, earWords.choices[each]] as const)}
          chosen={counting.ear}
          onChoose={counting.onEar}
        />
        <p className="text-[0.92rem] text-soft">{earWords.loud}</p>
      </div>
      <Choice
        legend={say.sideDoneIsCalledBy}
        options={CUES.map((each) => [each, spoken(each)] as const)}
        chosen={cue}
        onChoose={setCue}
      />
    </>
  );
}

/** What a set is called, and its strokes: the button beside the count goes by it. */
function OwnSetFields({ usualStrokes }: { usualStrokes: number }) {
  const [set, setOwn] = useOwnSet(usualStrokes);
  return (
    <div className="grid max-w-md grid-cols-2 gap-4">
      <TextField
        label={say.iCountInA}
        maxLength={16}
        value={set.name}
        onChange={(event) => setOwn({ ...set, name: event.target.value.trim() || 'set' })}
      />
      <LimitedNumberField
        label={say.ofSoManyStrokes}
        min={1}
        max={999}
        value={set.strokes}
        onValue={(strokes) => setOwn({ ...set, strokes: Math.round(strokes) })}
      />
    </div>
  );
}

/** Whether this step goes by strokes, or by a clock without a count. */
function CountedOrFelt(props: { step: SessionStep; onByFeel: (on: boolean) => void }) {
  const { step, onByFeel } = props;
  return (
    <Choice
      legend={say.thisStepHeading}
      options={[
        ['counted', say.byStrokes],
        ['felt', say.byFeelAndClock],
      ]}
      chosen={step.byFeel ? 'felt' : 'counted'}
      onChoose={(way) => onByFeel(way === 'felt')}
    />
  );
}

/** Another thing for the hand in mid-step: the rest is planned anew, and the log keeps both. */
function SwapChoice(props: {
  session: Session;
  tool: Tool;
  zone: Zone;
  onGoOnWith: (steps: SessionStep[]) => void;
}) {
  const { session, tool, zone, onGoOnWith } = props;
  const swaps = useSwaps(session, tool, zone);
  if (!swaps || swaps.length === 0) return null;
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{say.goOnWithAnotherThing}</legend>
      <div className="flex flex-wrap gap-2">
        {swaps.map(({ abrasive, steps, minutes: rest }) => (
          <button
            key={abrasive.id}
            type="button"
            className="btn btn-outline h-auto justify-start py-2 text-left"
            onClick={() => onGoOnWith(steps)}
          >
            <Alphabet abrasive={abrasive} />
            <span>
              {abrasive.name} <span className="figures font-normal">{um(abrasive.sizeUm)}</span>
              <span className="figures block font-normal">
                {steps.length > 1 ? say.minutesThen(rest, steps[1]!.abrasiveName) : minutes(rest)}
              </span>
            </span>
          </button>
        ))}
      </div>
    </fieldset>
  );
}
