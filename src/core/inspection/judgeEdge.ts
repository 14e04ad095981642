import type { Finding, Observation, Session, ToolChecks } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import {
  honedApexUm,
  hones,
  planThinning,
  thinningNeed,
  type JobPlan,
  type ThinningNeed,
} from '../jobs';
import {
  KEEN_UP_TO,
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
import { edgeWord, seenApex } from './edgeState';
import { beyondTouchUp } from './beyondTouchUp';
import { stopReasons } from './stopUse';

/** The interventions, lightest first. */
export const RUNGS = [
  'leave alone',
  'hone',
  'strop',
  'fine stone',
  'medium stone',
  'coarse stone or file',
  'thin',
  'professional',
  'stop use',
] as const;
export type Rung = (typeof RUNGS)[number];

/** What one rung would do for this edge. */
export interface RungOutlook {
  rung: Rung;
  reaches: boolean;
  /** Minutes to the target; null where it does not reach it. */
  minutes: number | null;
  /** Steel ground away, both sides. */
  steelMm3: number;
  why: string;
}

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

/** A turned edge shallower than this is set straight by a hone. */
const HONEABLE_MM = 0.1;

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
  const ladders = new Map<Rung, LadderPlan>();
  const outlooks = [
    leaveAlone(zone, condition),
    hone(input, condition),
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

interface Condition {
  apexUm: number;
  /** Deepest chip, roll or crookedness that is to be ground out. */
  depthMm: number;
  /** Whether the edge is only turned: rolled or burred, and nothing broken out. */
  turned: boolean;
}

function damageOf(findings: readonly Finding[]): { depthMm: number; turned: boolean } {
  const open = findings.filter(({ leftOnPurpose }) => !leftOnPurpose);
  const broken = open.filter(({ kind }) => kind === 'chip' || kind === 'out-of-true');
  const rolled = open.filter(({ kind }) => kind === 'roll');
  const deepest = (some: readonly Finding[]): number =>
    Math.max(0, ...some.map(({ depthMm }) => depthMm));
  return {
    depthMm: Math.max(deepest(broken), deepest(rolled)),
    turned: rolled.length > 0 && broken.length === 0 && deepest(rolled) <= HONEABLE_MM,
  };
}

function apexOf({ seen, knownApexUm }: Judged): number | null {
  return seenApex(seen)?.apexRadiusUm ?? knownApexUm;
}

function leaveAlone(zone: Zone, { apexUm, depthMm }: Condition): RungOutlook {
  const reaches = edgeWord(apexUm / zone.targetApexUm, depthMm) === 'keen';
  return outlook(
    'leave alone',
    reaches,
    reaches ? 0 : null,
    0,
    'it does not do what its work asks for',
  );
}

function hone(input: Judged, { apexUm, turned }: Condition): RungOutlook {
  const { zone, seen, keenRadiusUm, abrasives } = input;
  const atHand = hones(abrasives).length > 0;
  const reaches = atHand && honeReaches({ zone, findings: seen.findings, apexUm, keenRadiusUm });
  const why = !turned
    ? 'the edge is not merely turned'
    : atHand
      ? 'the apex is rounded as well as turned'
      : 'no smooth steel or fine ceramic rod is at hand';
  return outlook('hone', reaches, reaches ? 1 : null, 0, why);
}

/** Whether a hone is enough: it lays a turned edge straight; the turned part goes, rounding stays. */
export function honeReaches(input: {
  zone: Zone;
  findings: readonly Finding[];
  apexUm: number;
  keenRadiusUm: number | null;
}): boolean {
  const { zone, findings, apexUm, keenRadiusUm } = input;
  const { targetApexUm: targetUm } = zone;
  const afterUm = honedApexUm({ apexUm, keenUm: keenRadiusUm, targetUm });
  return damageOf(findings).turned && afterUm <= KEEN_UP_TO * targetUm;
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

function ladderOutlook(rung: Rung, plan: LadderPlan): RungOutlook {
  if (plan.outcome === 'leave alone') return outlook(rung, true, 0, 0, '');
  const reaches = plan.outcome === 'planned';
  const steelMm3 = plan.steps.reduce((sum, step) => sum + step.volumeMm3, 0);
  const why = reaches
    ? `it would take ${plan.minutes > 119 ? `${Math.round(plan.minutes / 60)} hours` : `${Math.ceil(plan.minutes)} min`}`
    : rung === 'strop'
      ? 'stropping alone does not bring it back'
      : 'nothing of that size at hand brings it to its target';
  return outlook(rung, reaches, reaches ? plan.minutes : null, steelMm3, why);
}

function thinOutlook(plan: JobPlan): RungOutlook {
  const steelMm3 = plan.steps.reduce((sum, step) => sum + step.volumeMm3, 0);
  const minutes = plan.outcome === 'planned' ? plan.minutes : null;
  return outlook('thin', true, minutes, steelMm3, '');
}

function outlook(
  rung: Rung,
  reaches: boolean,
  minutes: number | null,
  steelMm3: number,
  why: string,
): RungOutlook {
  return { rung, reaches, minutes, steelMm3, why };
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
