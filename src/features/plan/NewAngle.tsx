'use client';

import { LabLink } from '../../ui/LabLink';
import { planWords as say } from './words/planWords';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useMemo, useState } from 'react';
import type { EdgeAim } from '../../core/edge';
import type { JobPlan } from '../../core/jobs';
import { workingFace } from '../../core/ladder';
import type { Tool, Zone } from '../../domain/tool';
import { AngleField } from '../../ui/forms/AngleField';
import { minutes } from '../../ui/format';
import { Choice } from '../../ui/Choice';
import { SelectField } from '../../ui/forms/fields';
import { AIM_GRINDS, jobLink } from '../../ui/jobAddress';

const GRIND_WORDS: Record<EdgeAim['grind'], string> = {
  'as it is': say.theGrindItHas,
  'micro-bevel': say.grindMicroBevel,
  scandi: say.scandiFlatFromTheStock,
  convex: say.grindConvex,
  'secondary-bevel': say.grindSmallBevel,
};

const TURNS = [-3, -2, -1, 1, 2, 3];
/** A new micro-bevel stands so much steeper than its edge, where nothing else is said. */
const MICRO_ABOVE_DEG = 3;

/** Which angle or grind is wanted, each with what it takes; the plan follows from the address. */
export default function NewAngle(props: {
  tool: Tool;
  zone: Zone;
  chosen: EdgeAim | null;
  planAt: (aim: EdgeAim) => JobPlan | null;
}) {
  const { tool, zone, chosen } = props;
  const router = useRouter();
  const presentDeg = workingFace(tool, zone).angleDeg;
  const [aim, setAim] = useState<EdgeAim>(chosen ?? { grind: 'as it is', angleDeg: presentDeg });
  const choose = (next: EdgeAim): void => {
    setAim(next);
    router.replace(jobLink({ toolId: tool.id, zoneId: zone.id, job: 'angle', aim: next }));
  };
  const aims = useMemo(() => turnsOf(zone, presentDeg), [zone, presentDeg]);
  // The choice answers at once; what each would take follows when there is time.
  const planAt = useDeferredValue(props.planAt);
  const took = useMemo(
    () => new Map(aims.map((each) => [keyOf(each), tookWords(planAt(each))])),
    [aims, planAt],
  );
  const whole: EdgeAim = { ...aim, grind: 'as it is' };
  const isMicro = aim.grind === 'micro-bevel';
  const steeper = aim.angleDeg > presentDeg && (isMicro || aim.grind === 'as it is');
  return (
    <section aria-label={say.newAngle} className="mt-3 border-l-4 border-neutral pl-4">
      <Choice
        legend={say.flatterOrSteeper}
        isLegendHidden
        options={aims.map(
          (each) =>
            [
              keyOf(each),
              `${turnWords(each.angleDeg - presentDeg)}: ${took.get(keyOf(each))}`,
            ] as const,
        )}
        chosen={keyOf(aim)}
        onChoose={(key) => choose(aims.find((each) => keyOf(each) === key)!)}
      />
      {steeper && zone.microBevel === null && (
        <Choice
          legend={say.perSide(aim.angleDeg)}
          options={[
            ['micro-bevel', say.asAMicroBevel(tookWords(planAt({ ...aim, grind: 'micro-bevel' })))],
            ['as it is', say.wholeFaceTook(tookWords(planAt(whole)))],
          ]}
          chosen={aim.grind}
          onChoose={(grind) => choose({ ...aim, grind: grind as EdgeAim['grind'] })}
        />
      )}
      <div className="mt-2 grid max-w-2xl gap-4 sm:grid-cols-2">
        <SelectField
          label={say.grind}
          value={aim.grind}
          options={AIM_GRINDS.map((each) => [each, GRIND_WORDS[each]] as const)}
          onChange={(event) => {
            const grind = event.target.value as EdgeAim['grind'];
            const isFlat = grind === 'micro-bevel' && aim.angleDeg <= presentDeg;
            choose({ grind, angleDeg: isFlat ? presentDeg + MICRO_ABOVE_DEG : aim.angleDeg });
          }}
        />
        <AngleField
          label={say.angleAtTheApex}
          valueDeg={aim.angleDeg}
          min={5}
          max={60}
          onValue={(angleDeg) => choose({ ...aim, angleDeg })}
        />
      </div>
      <LabLink toolId={tool.id} zoneId={zone.id} question="angle" />
    </section>
  );
}

/** A few degrees either way: flatter with the grind it has, steeper as a micro-bevel where there is none yet. */
function turnsOf(zone: Zone, presentDeg: number): EdgeAim[] {
  return TURNS.map((turn) => ({
    grind: turn > 0 && zone.microBevel === null ? ('micro-bevel' as const) : ('as it is' as const),
    angleDeg: presentDeg + turn,
  })).filter(({ angleDeg }) => angleDeg >= 5 && angleDeg <= 60);
}

function keyOf({ grind, angleDeg }: EdgeAim): string {
  return `${grind} ${angleDeg}`;
}

function turnWords(turn: number): string {
  return say.turnsBy(Math.abs(turn), turn < 0);
}

/** What an angle takes, in a word or two. */
function tookWords(plan: JobPlan | null): string {
  if (!plan) return say.testItFirst;
  if (plan.outcome === 'planned') return minutes(plan.minutes);
  if (plan.outcome === 'leave alone') return say.asItIs;
  if (plan.noRoom) return say.noRoom;
  return plan.missingStone ? say.withAnotherStone : say.notByHand;
}
