'use client';

import { LabLink } from '../../ui/LabLink';
import { planWords as say } from './words/planWords';
import { reshapedZone, type EdgeAim } from '../../core/edge';
import { heldStep, stepHold, type Hold } from '../../core/hold';
import { bevelDrift, zoneLeft, type JobPlan } from '../../core/jobs';
import { playedPlan } from '../../core/lab';
import { wedgeFileName, wedgeFor, wedgeSvg } from '../../formats/wedge';
import type { Job } from '../../domain/terms';
import { downloadText } from '../../ui/download';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { ReshapedDrawing } from '../../ui/section/ReshapedDrawing';
import { SectionDrawing } from '../../ui/section/SectionDrawing';
import { BY_SHADOW } from '../../ui/words/holdWords';
import { STOP_USE } from '../../ui/words/stopWords';
import type { LoggedNeed } from './loggedNeed';

const SVG = 'image/svg+xml';

/** Beside the steps: how each angle is held, and the section as it is and as planned. */
export default function PlanAside(props: {
  need: LoggedNeed;
  job: Job;
  aim: EdgeAim | null;
  plan: JobPlan;
  coinThicknessMm: number;
}) {
  const { need, job, aim, plan, coinThicknessMm } = props;
  const { tool, zone } = need;
  const held = { tool, zone, coinThicknessMm };
  const holds = holdsOf(plan, held);
  const played = playedPlan({ zone, steps: plan.steps });
  const cheekWedge = ({ angleDeg }: Hold): string =>
    wedgeSvg(wedgeFor({ ...zone, name: `${tool.name}, ${zone.name}`, angleDeg }));
  return (
    <div
      className={`mt-6 grid content-start gap-x-12 gap-y-4 md:grid-cols-2 ${holds.length > 3 ? 'lg:grid-cols-3' : ''}`}
    >
      {job === 'thin' && <Thinned need={need} plan={plan} />}
      {job === 'angle' && aim && <Reground need={need} aim={aim} plan={plan} />}
      {holds.map(({ hold, steps }) => (
        <div key={steps.join()}>
          {holds.length > 1 && <h3>{stepsInWords(steps)}</h3>}
          <HoldDrawing {...held} hold={hold} />
          {hold.guide.way === 'tilt the stone' && (
            <button
              type="button"
              className="link min-h-12"
              onClick={() => downloadText(`${wedgeFileName(tool.name)}.svg`, cheekWedge(hold), SVG)}
            >
              {say.aWedgeOfToPrint(hold.angleDeg)}
            </button>
          )}
        </div>
      ))}
      {holds.some(({ hold }) => hold.guide.way === 'tilt the stone') && (
        <p>{say.orLayAPrintedWedge(BY_SHADOW)}</p>
      )}
      <div>
        <LabLink toolId={tool.id} zoneId={zone.id} question="wobble" />
        {played.length > 0 && (
          <LabLink
            toolId={tool.id}
            zoneId={zone.id}
            question="steps"
            played={{ steps: played, startUm: null }}
          />
        )}
      </div>
      <p className="text-[0.95rem]">{STOP_USE}</p>
    </div>
  );
}

/** The holds of a plan, each once, with the numbers of the steps that are held so. */
function holdsOf(
  { steps }: JobPlan,
  held: Parameters<typeof stepHold>[1],
): { hold: Hold; steps: number[] }[] {
  const found = new Map<string, { hold: Hold; steps: number[] }>();
  steps.forEach((step, i) => {
    const hold = stepHold(heldStep(step), held);
    if (!hold) return;
    const key = JSON.stringify([hold.angleDeg, hold.thenDeg, hold.rockedToDeg, hold.guide]);
    const known = found.get(key) ?? { hold, steps: [] };
    known.steps.push(i + 1);
    found.set(key, known);
  });
  return [...found.values()];
}

function stepsInWords(numbers: readonly number[]): string {
  return numbers.length === 1 ? say.oneStep(numbers[0]!) : say.stepsOfHold(numbers.map(String));
}

/** The section before and after another angle is ground, and what the tool keeps of it. */
function Reground({ need, aim, plan }: { need: LoggedNeed; aim: EdgeAim; plan: JobPlan }) {
  const { tool, zone } = need;
  const reshaped = reshapedZone({ tool, zone, aim });
  if (!reshaped) return null;
  const facets = plan.steps.filter(({ task }) => task === 'grind a facet of the arc');
  return (
    <section>
      <h3>{facets.length > 0 ? say.arcByFacets : say.asPlanned}</h3>
      <ReshapedDrawing reshaped={reshaped} facets={facets} />
    </section>
  );
}

/** What thinning changes: a bevel that has drifted is flat again, any other face is narrower. */
function Thinned({ need, plan }: { need: LoggedNeed; plan: JobPlan }) {
  const { tool, zone, sessions } = need;
  const { touchUps, lagMm } = bevelDrift(tool, zone, sessions);
  if (touchUps > 0) {
    return <p>{say.bevelLags(touchUps, Math.round(1000 * lagMm))}</p>;
  }
  const zoneAfter = zoneLeft(plan.steps);
  if (!zoneAfter) return null;
  return (
    <section>
      {need.thinning === null && <p className="mb-3">{say.notDueTheWorkedFace}</p>}
      <h3>{say.plannedAndPresent}</h3>
      <SectionDrawing tool={tool} zone={zoneAfter} asItIs={zone} apexRadiusUm={plan.apexRadiusUm} />
    </section>
  );
}
