import { forceInWords, type LadderPlan, type LadderStep, type WorkingFace } from '../../core';
import type { Tool, Zone } from '../../domain/tool';
import {
  deg,
  fineMm,
  minutes,
  newtons,
  plural,
  ratio,
  sentence,
  spoken,
  um,
} from '../../ui/format';
import { schoolWords } from '../../ui/schoolWords';
import { Working, type WorkingLine } from '../../ui/Working';
import { stepCautions } from './cautions';

/** The steps of a ladder: strokes, minutes, hand, lubricant, signs, cautions and the working. */
export function PlanSteps(props: { plan: LadderPlan; face: WorkingFace; tool: Tool; zone: Zone }) {
  const { plan, face, tool, zone } = props;
  return (
    <ol className="grid gap-5">
      {plan.steps.map((step, i) => (
        <li key={step.abrasive.id} className="border-t-2 border-ink pt-2">
          <h2>
            {i + 1}. {sentence(step.abrasive.name)}{' '}
            <span className="text-[0.8em] font-normal text-soft">to {step.task}</span>
          </h2>
          <dl className="figures mt-1 grid grid-cols-2 gap-x-8 gap-y-1 sm:grid-cols-4">
            <Item label="Strokes per side" large>
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
            {sentence(spoken(step.motion))}, {step.direction}
            {step.sections > 1 && `, in ${step.sections} sections heel to tip`}; hold{' '}
            {deg(step.angleDeg)} per side.
          </p>
          <p>
            <b>Done when</b> {step.doneWhen.join('; ')}.
          </p>
          {schoolWords(tool, zone, step.abrasive.kind).map((words) => (
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
                form: step.abrasive.kind === 'stone' ? step.abrasive.form : undefined,
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
        <p>
          Ranges are twice and half the estimate until your own log narrows them. Ends at an apex of
          about {um(plan.apexRadiusUm)}.
        </p>
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
            <ul className="text-soft">
              {plan.leftOut.map(({ id, name, reason }) => (
                <li key={id}>
                  {name}: {reason}
                </li>
              ))}
            </ul>
          </details>
        )}
      </li>
    </ol>
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

function stepWorking(step: LadderStep, face: WorkingFace): WorkingLine[] {
  const lines: WorkingLine[] = [];
  if (step.jumpRatio !== null) {
    lines.push({
      what: 'Jump',
      formula: 'size of the step before ÷ size of this one',
      answer: ratio(step.jumpRatio),
    });
  }
  if (step.task === 'strop') {
    lines.push({
      what: 'Strokes',
      formula:
        'until the target, or until rounding outweighs the burr still coming off, whichever is first',
      answer: `${step.strokesPerSide} a side`,
    });
    return lines;
  }
  lines.push(
    {
      what: 'Worked face',
      formula: `${face.toolForm}, ${deg(face.angleDeg)} per side, over ${Math.round(face.edgeLengthMm)} mm of edge`,
      answer: fineMm(face.faceWidthMm),
    },
    {
      what: 'Steel to remove',
      formula: 'both sides: length × worked width × shift of the face',
      answer: `${step.volumeMm3.toPrecision(2)} mm³`,
    },
    {
      what: 'Wear rate',
      formula: `${um(step.abrasive.sizeUm)} on ${face.hardnessHrc} HRC, ${face.carbide} in carbides`,
      answer: `${step.wearRate.toPrecision(2)} mm³/(N·m)`,
    },
    {
      what: 'Strokes',
      formula: `steel ÷ (wear rate × ${newtons(step.forceN)} × ${(step.strokeLengthMm / 1000).toFixed(3)} m), half on each side`,
      answer: `${step.strokesPerSide} a side`,
    },
  );
  return lines;
}
