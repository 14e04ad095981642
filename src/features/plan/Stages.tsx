import { spoken } from '../../ui/words/closedWords';
import { counted } from '../../ui/words/counted';
import { planWords as say } from './words/planWords';
import type { JobPlan } from '../../core/jobs';
import type { LadderStep } from '../../core/ladder';
import type { Zone } from '../../domain/tool';
import { minutes, sentence, spanMm } from '../../ui/format';
import { stagesOf, type Stage } from './stages';

/** The stages of a longer job side by side, each with its minutes; it may be left after any of them. */
export function Stages({ plan, zone }: { plan: JobPlan; zone: Zone }) {
  const stages = stagesOf(plan.steps);
  if (stages.length < 2) return null;
  return (
    <section aria-label={say.stages} className="mt-4">
      <ol className="grid border-y-2 border-rule sm:flex sm:divide-x sm:divide-rule">
        {stages.map((stage, i) => (
          <li
            key={stage.firstStep}
            className={`min-w-0 flex-1 px-3 py-2 ${i === 0 ? 'bg-[var(--lit)]' : ''}`}
          >
            <p className="sign flex items-baseline gap-3 text-xl">
              {sentence(spoken(stage.name))}
              <span className="figures ml-auto text-2xl">{minutes(stage.minutes)}</span>
            </p>
            {stageWords(stage, zone).map((line) => (
              <p key={line} className="figures text-[0.95rem]">
                {line}
              </p>
            ))}
          </li>
        ))}
      </ol>
      <p className="mt-1 text-[0.95rem] text-soft">{say.safeToLeaveAfterAny}</p>
    </section>
  );
}

/** With what, and how much of it. */
function stageWords({ name, steps, firstStep }: Stage, zone: Zone): string[] {
  const [first] = steps;
  const things = [...new Set(steps.map(({ abrasive }) => abrasive.name))].join(say.then);
  const numbers =
    steps.length === 1
      ? say.stepNumber(firstStep)
      : say.stepsFromTo(firstStep, firstStep + steps.length - 1);
  if (name === 'chips out') {
    const { startMm, endMm } = first!.stretch ?? zone;
    return [things, `${strokes(first!)}, ${spanMm(startMm, endMm)}; ${numbers}`];
  }
  if (name === 'arc') return [things, `${counted.facet(steps.length)}, ${numbers}`];
  return [things, steps.length === 1 ? `${strokes(first!)}; ${numbers}` : numbers];
}

function strokes({ strokesPerSide }: LadderStep): string {
  return say.aSide(strokesPerSide);
}
