import { Said } from '../../../ui/Term';
import { heldStep, stepHold } from '../../../core/hold';
import type { JobPlan } from '../../../core/jobs';
import { toolForm, type LadderStep } from '../../../core/ladder';
import type { Tool, Zone } from '../../../domain/tool';
import { useShelf } from '../../../live';
import { Alphabet } from '../../../ui/Alphabet';
import { deg, sentence } from '../../../ui/format';
import { HoldDrawing } from '../../../ui/section/HoldDrawing';
import { ThingDrawing } from '../../../ui/things/ThingDrawing';
import { firstAnswer } from '../words/firstAnswerWords';
import { fromEnds } from '../../../ui/words/handWords';
import { stepWords } from '../../../ui/words/stepWords';

/** One row a step: its mark, the thing, the sign that ends it, strokes; below, how it is held. */
export function AnswerSteps(props: { plan: JobPlan; tool: Tool; zone: Zone; coinMm: number }) {
  const { plan, tool, zone, coinMm } = props;
  const first = plan.steps[0]!;
  const hold = stepHold(heldStep(first), { tool, zone, coinThicknessMm: coinMm });
  return (
    <>
      <ol className="mt-2 border-t-2 border-ink">
        {plan.steps.map((step, i) => (
          <Row key={`${i} ${step.abrasive.id}`} step={step} isAxe={toolForm(tool.kind) === 'axe'} />
        ))}
      </ol>
      {hold && (
        <div className="grid items-center gap-x-6 border-b-2 border-ink py-1 sm:grid-cols-[12rem_1fr]">
          <p className="figures hidden sm:block">
            <b className="sign text-4xl">{deg(hold.angleDeg)}</b> <Said>{firstAnswer.perSide}</Said>
          </p>
          <HoldDrawing tool={tool} zone={zone} hold={hold} coinThicknessMm={coinMm} />
        </div>
      )}
    </>
  );
}

function Row({ step, isAxe }: { step: LadderStep; isAxe: boolean }) {
  const { abrasive, strokesPerSide, task } = step;
  return (
    <li className="flex items-center gap-3 border-b border-rule py-1.5">
      <Alphabet abrasive={abrasive} />
      <span className="hidden w-24 shrink-0 sm:block">
        <Picture itemId={abrasive.id.split('/')[0]!} />
      </span>
      <span className="min-w-0 flex-1 leading-tight">
        <b className="sign text-lg">{sentence(abrasive.name)}</b>
        <span className="block text-[0.92rem] text-soft">
          <Said>{firstAnswer.until(stepWords(step, isAxe).doneWhen[0]!)}</Said>
        </span>
      </span>
      <span className="figures text-right whitespace-nowrap">
        <b className="sign text-3xl">{strokesPerSide}</b>{' '}
        {fromEnds(task) ? firstAnswer.fromEachEnd : firstAnswer.aSide}
      </span>
    </li>
  );
}

const PICTURE_PX = 92;

function Picture({ itemId }: { itemId: string }) {
  const shelf = useShelf();
  const thing = [...(shelf?.abrasives ?? []), ...(shelf?.strops ?? [])].find(
    ({ id }) => id === itemId,
  );
  if (!thing) return null;
  return <ThingDrawing thing={thing} pxPerMm={0.4} mostPx={PICTURE_PX} />;
}
