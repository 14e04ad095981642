import type { Observation, Session, ToolChecks } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { planThinning, thinningNeed, type ThinningNeed } from '../jobs';
import {
  LADDER_RUNGS,
  ladderAtRung,
  LONGEST_MINUTES,
  workingFace,
  type LadderAbrasive,
  type LadderPlan,
  type RungProblem,
  type WorkingFace,
} from '../ladder';
import type { Pace } from '../wear';
import { seenApex } from './edgeState';
import { beyondTouchUp } from './beyondTouchUp';
import {
  damageOf,
  honeOutlook,
  ladderOutlook,
  leaveAlone,
  outlook,
  thinOutlook,
  type Condition,
  type Rung,
  type RungOutlook,
} from './rungOutlooks';
import { stopReasons } from './stopUse';

export interface EdgeVerdict {
  rung: Rung;
  reason: string;
  whyNotLighter: string | null;
  heavierWastes: string | null;
  outlooks: RungOutlook[];
  plan: LadderPlan | null;
}

const THINNING_REASONS: Record<ThinningNeed, string> = {
  'face past its limit':
    'The worked face is past its limit: lay the stone lower and move the shoulders back.',
  'bevel drifted':
    'Touch-ups have rounded the flat bevel: grind it flat again while little has to go, or let it drift.',
};

export interface Judged {
  tool: Tool;
  zone: Zone;
  seen: Observation;
  checks: ToolChecks;
  /** The log, for what has grown over many touch-ups. */
  history: readonly Session[];
  /** Radius before this look, where it holds no test; null where nothing is known. */
  knownApexUm: number | null;
  keenRadiusUm: number | null;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}

/**
 * The lightest intervention that brings an edge to what its work asks for: minutes for each rung,
 * why the lighter one fails, what the heavier one would waste. Stop-use comes first and cannot be
 * overridden. The verdict never gets lighter when damage grows.
 */
export function judgeEdge(input: Judged): EdgeVerdict {
  const damage = damageOf(input.seen.findings);
  const apexUm = apexOf(input);
  const { tool, zone, checks, history } = input;
  const thinning = thinningNeed(tool, zone, history);
  const beyond = beyondTouchUp({ checks, thinning, damageDepthMm: damage.depthMm });
  if (beyond === 'stop use') {
    return decided(
      'stop use',
      `Stop: ${stopReasons(checks).join(', ')}. Do not use or sharpen it; replace it or take it to a professional.`,
    );
  }
  if (beyond === 'professional') {
    return decided(
      'professional',
      'A bad bend, overheated steel or damage this deep is beyond a touch-up: send it to a smith.',
    );
  }
  if (apexUm === null && damage.depthMm === 0 && !thinning) {
    return decided('leave alone', 'Test it first: without a test there is nothing to judge.');
  }

  const face = workingFace(tool, zone);
  const condition = { ...damage, apexUm: apexUm ?? zone.targetApexUm };
  const problem = rungProblem(input, face, condition);
  const honing = honeOutlook(input, condition);
  const ladders = new Map<Rung, LadderPlan | null>([['hone', honing.plan]]);
  const outlooks = [
    leaveAlone(zone, condition),
    honing.outlook,
    ...LADDER_RUNGS.map((rung) => {
      const plan = ladderAtRung(problem, rung);
      ladders.set(rung, plan);
      return ladderOutlook(rung, plan);
    }),
  ];
  if (thinning) {
    const plan = planThinning({
      ...input,
      sessions: history,
      apexRadiusUm: condition.apexUm,
      damageDepthMm: condition.depthMm,
    });
    ladders.set('thin', plan);
    outlooks.push(thinOutlook(plan));
    return explained(outlooks, outlooks.length - 1, plan, thinning);
  }
  outlooks.push(outlook('thin', false, null, 0, 'the shoulders are not past their limit'));
  const chosen = lightest(outlooks.slice(0, -1));
  if (chosen < 0) {
    return { ...decided('professional', 'Nothing at hand reaches its target.'), outlooks };
  }
  return explained(outlooks, chosen, ladders.get(outlooks[chosen]!.rung) ?? null, null);
}

function apexOf({ seen, knownApexUm }: Judged): number | null {
  return seenApex(seen)?.apexRadiusUm ?? knownApexUm;
}

function rungProblem(
  { zone, keenRadiusUm, abrasives, pace }: Judged,
  face: WorkingFace,
  { apexUm, depthMm }: Condition,
): RungProblem {
  return {
    face,
    condition: {
      // A damaged edge is never taken for a sharp one, whatever its other stretches pass.
      apexRadiusUm: depthMm > 0 ? Math.max(apexUm, zone.targetApexUm) : apexUm,
      damageDepthMm: depthMm,
      keenRadiusUm: keenRadiusUm ?? undefined,
    },
    targetApexUm: zone.targetApexUm,
    abrasives,
    pace,
  };
}

/** The first rung that reaches the target within half an hour, else the heaviest that reaches it. */
function lightest(outlooks: readonly RungOutlook[]): number {
  const quick = outlooks.findIndex(
    ({ reaches, minutes }) => reaches && minutes! <= LONGEST_MINUTES,
  );
  return quick >= 0 ? quick : outlooks.findLastIndex(({ reaches }) => reaches);
}

function explained(
  outlooks: RungOutlook[],
  chosen: number,
  plan: LadderPlan | null,
  thinning: ThinningNeed | null,
): EdgeVerdict {
  const { rung, minutes, steelMm3 } = outlooks[chosen]!;
  const lighter = outlooks[chosen - 1];
  const heavier = outlooks.slice(chosen + 1).find((o) => o.reaches && o.minutes !== null);
  const moreMm3 = heavier ? heavier.steelMm3 - steelMm3 : 0;
  const moreMinutes = heavier ? heavier.minutes! - (minutes ?? 0) : 0;
  return {
    rung,
    reason: thinning
      ? THINNING_REASONS[thinning]
      : rung === 'leave alone'
        ? 'It does what its work asks for. Every grind takes steel that never comes back.'
        : `The lightest thing that brings it to its target, in about ${Math.max(1, Math.ceil(minutes!))} min.`,
    whyNotLighter: thinning
      ? 'Nothing lighter moves the shoulders: touch-ups at the edge’s own angle only widen it.'
      : lighter
        ? `Not ${lighter.rung}: ${lighter.why}.`
        : null,
    heavierWastes:
      heavier && (moreMm3 > 0.01 || moreMinutes > 0.5)
        ? `A ${heavier.rung} would take ${moreMm3 > 0.01 ? `${moreMm3.toPrecision(2)} mm³ more steel` : 'no less steel'}${moreMinutes > 0.5 ? ` and ${Math.ceil(moreMinutes)} min more` : ''}.`
        : null,
    outlooks,
    plan,
  };
}

function decided(rung: Rung, reason: string): EdgeVerdict {
  return { rung, reason, whyNotLighter: null, heavierWastes: null, outlooks: [], plan: null };
}
