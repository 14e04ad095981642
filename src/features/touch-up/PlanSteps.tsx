import { forceInWords, KEEN_UP_TO, type LadderPlan, type WorkingFace } from '../../core';
import { isSpineTask } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { deg, minutes, newtons, plural, sentence, um } from '../../ui/format';
import { schoolWords } from '../../ui/schoolWords';
import { Working } from '../../ui/Working';
import { stepCautions } from './cautions';
import { fromEnds, handWords } from './handWords';
import { LeftOut } from './LeftOut';
import { stepWorking } from './stepWorking';

/** The steps of a ladder: strokes, minutes, hand, lubricant, signs, cautions and the working. */
export function PlanSteps(props: { plan: LadderPlan; face: WorkingFace; tool: Tool; zone: Zone }) {
  const { plan, face, tool, zone } = props;
  return (
    <ol className="grid content-start gap-5">
      {plan.steps.map((step, i) => (
        <li key={`${step.task} ${step.abrasive.id}`} className="border-t-2 border-ink pt-2">
          <h2>
            {i + 1}. {sentence(step.abrasive.name)}{' '}
            <span className="text-[0.8em] font-normal text-soft">to {step.task}</span>
          </h2>
          <dl className="figures mt-1 grid grid-cols-2 gap-x-8 gap-y-1 sm:grid-cols-4">
            <Item label={fromEnds(step.task) ? 'Strokes from each end' : 'Strokes per side'} large>
              {step.strokesPerSideLow}–{step.strokesPerSideHigh}
            </Item>
            <Item label="Time" large>
              {minutes(step.minutes)}
            </Item>
            <Item label="Force" large>
              {sentence(forceInWords(step))}
              <span className="text-[0.7em] font-normal"> {newtons(step.forceN)}</span>
            </Item>
            <Item label="Lubricant" large>
              {sentence(step.lubricant)}
            </Item>
          </dl>
          <p className="mt-1">
            {handWords(step)}
            {step.sections > 1 && `, in ${step.sections} sections heel to tip`}
            {isSpineTask(step.task) ? '.' : `; hold ${deg(step.angleDeg)} per side.`}
          </p>
          <p>
            <b>Done when</b> {step.doneWhen.join('; ')}.
          </p>
          {schoolWords(tool, zone, step).map((words) => (
            <p key={words}>{words}</p>
          ))}
          {step.warnings.map((warning) => (
            <p key={warning} className="field-error">
              {warning}
            </p>
          ))}
          <ul className="mt-1 text-soft">
            {stepCautions(
              {
                kind: step.abrasive.kind,
                form: step.abrasive.kind === 'stone' ? step.abrasive.form : null,
                task: step.task,
                direction: step.direction,
              },
              face.toolForm,
              i === 0,
            ).map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
          <Working lines={stepWorking(step, face)} />
        </li>
      ))}
      <li className="list-none border-t-2 border-ink pt-2">
        <PlanEnd plan={plan} zone={zone} />
      </li>
    </ol>
  );
}

/** Where the steps lead, how sure that is, and what would have helped. */
function PlanEnd({ plan, zone }: { plan: LadderPlan; zone: Zone }) {
  const onSpine = plan.steps.every(({ task }) => isSpineTask(task));
  return (
    <>
      <p>
        Ranges are twice and half the estimate until your own log narrows them.
        {!onSpine && ` Ends at an apex of about ${um(plan.apexRadiusUm)}.`}
      </p>
      {!onSpine && plan.apexRadiusUm > KEEN_UP_TO * zone.targetApexUm && (
        <p className="field-error">
          Its work asks for {um(zone.targetApexUm)}: this alone will not bring it there.
        </p>
      )}
      {plan.missingStone && (
        <p>
          The stone that you lack most here: {um(plan.missingStone.sizeUm)}, it would save about{' '}
          {minutes(plan.missingStone.savesMinutes)}.
        </p>
      )}
      {plan.leftOut.length > 0 && (
        <details className="mt-1">
          <summary className="inline-flex min-h-12 cursor-pointer items-center underline underline-offset-4">
            {plural(plan.leftOut.length, 'thing')} on the shelf left out
          </summary>
          <LeftOut plan={plan} />
        </details>
      )}
    </>
  );
}

function Item(props: { label: string; large?: boolean; children: React.ReactNode }) {
  return (
    <div>
      <dt className="text-[0.92rem] text-soft">{props.label}</dt>
      <dd className={props.large ? 'sign text-2xl' : ''}>{props.children}</dd>
    </div>
  );
}
