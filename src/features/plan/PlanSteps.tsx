import { spoken } from '../../ui/words/closedWords';
import { planWords as say } from './words/planWords';
import { Said } from '../../ui/Term';
import { isSpineTask, type HeldWay } from '../../domain/terms';
import { heldStep, stepHold } from '../../core/hold';
import type { JobPlan } from '../../core/jobs';
import { edgeSections, openHeldWays, type LadderStep, type WorkingFace } from '../../core/ladder';
import { forceInWords } from '../../core/wear';
import type { Tool, Zone } from '../../domain/tool';
import { Alphabet } from '../../ui/Alphabet';
import { countSpan, minutesSpan, ml, newtons, sentence, spanMm, um } from '../../ui/format';
import { schoolWords } from '../../ui/schoolWords';
import { holdLine } from '../../ui/words/holdWords';
import { stepWords } from '../../ui/words/stepWords';
import { Working } from '../../ui/Working';
import { stepCautions } from '../../ui/words/cautions';
import { fromEnds, handWords, HELD_WORDS, passWords, spineHold } from '../../ui/words/handWords';
import { LeftOut } from './LeftOut';
import { endWords } from './PlanBar';
import { stepWorking } from './stepWorking';

interface StepsProps {
  plan: JobPlan;
  face: WorkingFace;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  onHeld: (id: string, way: HeldWay) => void;
}

/** One line a step, where there is room for it. */
const STEP_COLUMNS = 'md:grid-cols-[minmax(13rem,1.5fr)_1.2fr_1.5fr_1.1fr_0.9fr_1.4fr]';

/** The steps of a plan, one line each, ending in a short sign; signs, cautions and working open. */
export function PlanSteps(props: StepsProps) {
  const { plan, zone } = props;
  return (
    <section aria-label={say.steps} className="mt-3">
      <div
        aria-hidden
        className={`hidden gap-x-6 text-[0.92rem] text-soft md:grid ${STEP_COLUMNS}`}
      >
        <span>{say.step}</span>
        <span>{say.strokesHeading}</span>
        <span>{say.motionAndForce}</span>
        <span>{say.hold}</span>
        <span>{say.time}</span>
        <span>{say.doneWhen}</span>
      </div>
      <h2 className="sr-only">{say.steps}</h2>
      <ol className="border-b border-rule">
        {plan.steps.map((step, i) => (
          <Step
            key={`${i} ${step.task} ${step.abrasive.id}`}
            {...props}
            step={step}
            number={i + 1}
          />
        ))}
      </ol>
      <PlanEnd plan={plan} zone={zone} />
    </section>
  );
}

function Step(props: StepsProps & { step: LadderStep; number: number }) {
  const { step, number, face } = props;
  const { doneWhen, warnings } = stepWords(step, face.toolForm === 'axe');
  const hold = stepHold(heldStep(step), props);
  return (
    <li className="border-t border-rule py-2">
      <div className={`figures grid grid-cols-2 items-baseline gap-x-6 gap-y-1 ${STEP_COLUMNS}`}>
        <h3 className="col-span-2 flex items-baseline gap-2 !text-[1.15rem] md:col-span-1">
          <Alphabet abrasive={step.abrasive} />
          <span>
            {number}. {sentence(step.abrasive.name)}{' '}
            <span className="font-normal text-soft">{um(step.abrasive.sizeUm)}</span>
            <span className="block text-[0.92rem] font-normal text-soft">
              {step.facet
                ? say.toTaskByFacet(spoken(step.task), step.facet.number, step.facet.of)
                : say.toTask(spoken(step.task))}
            </span>
          </span>
        </h3>
        <p>
          <b>
            {say.about(
              countSpan(step.strokesPerSide, step.strokesPerSideLow, step.strokesPerSideHigh),
            )}
          </b>{' '}
          {fromEnds(step.task) ? say.fromEachEnd : say.aSideUnit}
          {step.passStrokes !== null && (
            <span className="block text-[0.92rem]">
              {say.heelToToe(passWords(step.strokesPerSide / step.passStrokes))}
            </span>
          )}
          {step.stretch && step.stretch.strokesPerSide < step.strokesPerSide && (
            <span className="block text-[0.92rem]">
              {say.ofThemFrom(
                step.stretch.strokesPerSide,
                spanMm(step.stretch.startMm, step.stretch.endMm),
              )}
            </span>
          )}
        </p>
        <p className="text-[0.95rem]">
          <Said>
            {`${handWords(step)}, ${spoken(forceInWords(step))}, ${newtons(step.forceN)}, ${spoken(step.lubricant)}${step.waterMl > 0 ? ` ${ml(step.waterMl)}` : ''}`}
          </Said>
          <HeldChoice {...props} />
        </p>
        <p className="text-[0.95rem]">
          <Said>{hold ? holdLine(hold) : spineHold(step.task)}</Said>
        </p>
        <p>
          <b>{minutesSpan(step)}</b>
        </p>
        <p className="text-[0.95rem]">
          <span className="sr-only md:hidden">{say.doneWhenSign} </span>
          <Said>{doneWhen[0]!}</Said>
        </p>
      </div>
      {warnings.map((warning) => (
        <p key={warning} className="field-error">
          <Said>{warning}</Said>
        </p>
      ))}
      <MoreOfStep {...props} />
    </li>
  );
}

/** How tool and thing meet, and the other way where there is one. */
function HeldChoice({ step, face, onHeld }: StepsProps & { step: LadderStep }) {
  if (isSpineTask(step.task) || step.abrasive.kind === 'strop') return null;
  const { abrasive, held } = step;
  const others = openHeldWays(face, abrasive).filter((way) => way !== held);
  return (
    <span className="block">
      <b>{sentence(HELD_WORDS[held])}</b>{' '}
      {others.map((way) => (
        <button
          key={way}
          type="button"
          className="link ml-2 min-h-8 pointer-coarse:min-h-12"
          onClick={() => onHeld(abrasive.id, way)}
        >
          {say.orHeld(HELD_WORDS[way])}
        </button>
      ))}
    </span>
  );
}

/** All signs, the sections, the school, cautions and working of a step. */
function MoreOfStep(props: StepsProps & { step: LadderStep; number: number }) {
  const { step, number, face, tool, zone } = props;
  const { doneWhen } = stepWords(step, face.toolForm === 'axe');
  const cautions = stepCautions(
    {
      kind: step.abrasive.kind,
      form: step.abrasive.kind === 'stone' ? step.abrasive.form : null,
      task: step.task,
      direction: step.direction,
    },
    face.toolForm,
    number === 1,
  );
  return (
    <details>
      <summary className="inline-flex min-h-10 pointer-coarse:min-h-12 cursor-pointer items-center text-[0.95rem] underline underline-offset-4">
        {say.moreOfStep(number)}
      </summary>
      <p>
        <b>{say.doneWhenSign}</b> <Said>{doneWhen.join('; ')}</Said>.
      </p>
      {step.sections > 1 && (
        <p>
          {say.inSectionsHeelToTip(
            step.sections,
            edgeSections(zone, step.sections)
              .map(({ startMm, endMm }) => spanMm(startMm, endMm))
              .join('; '),
          )}
        </p>
      )}
      {schoolWords(tool, zone, step).map((words) => (
        <p key={words}>
          <Said>{words}</Said>
        </p>
      ))}
      <ul className="mt-1 text-soft">
        {cautions.map((caution) => (
          <li key={caution}>
            <Said>{caution}</Said>
          </li>
        ))}
      </ul>
      <Working lines={stepWorking(step, face)} />
    </details>
  );
}

/** Where the steps lead, how sure that is, and what would have helped. */
function PlanEnd({ plan, zone }: { plan: JobPlan; zone: Zone }) {
  const { missingStone, quickest } = plan;
  const short = plan.shortOf.apex || plan.shortOf.finish;
  return (
    <div className="mt-2">
      <p className={short ? 'field-error' : ''}>
        <Said>{endWords(plan, zone)}</Said>
      </p>
      {quickest && quickest.minutes < plan.minutes && (
        <p>{say.quickestLadder(quickest.names.join(say.then), quickest.minutes)}</p>
      )}
      {missingStone && (
        <p>
          {say.missingStone(missingStone.sizeUm, missingStone.owned, missingStone.savesMinutes)}
        </p>
      )}
      {plan.leftOut.length > 0 && (
        <details>
          <summary className="inline-flex min-h-12 cursor-pointer items-center underline underline-offset-4">
            {say.thingsLeftOut(plan.leftOut.length)}
          </summary>
          <LeftOut plan={plan} />
        </details>
      )}
    </div>
  );
}
