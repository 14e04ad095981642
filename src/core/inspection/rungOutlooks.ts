import type { Finding, Observation } from '../../domain/session';
import type { Job } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { honedApexUm, hones, planHoning, type JobPlan } from '../jobs';
import { KEEN_UP_TO, LADDER_RUNGS, type LadderAbrasive, type LadderPlan } from '../ladder';
import type { Pace } from '../wear';
import { edgeWord } from './edgeState';

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

/** The job that a rung is done as; null where nothing is to be ground. */
export function jobOfRung(rung: Rung): Job | null {
  if (rung === 'hone' || rung === 'thin') return rung;
  return rung === 'strop' || (LADDER_RUNGS as readonly Rung[]).includes(rung) ? 'touch-up' : null;
}

/** A turned edge shallower than this is set straight by a hone. */
const HONEABLE_MM = 0.1;

export interface Condition {
  apexUm: number;
  /** Deepest chip, roll or crookedness that is to be ground out. */
  depthMm: number;
  /** Whether the edge is only turned: rolled or burred, and nothing broken out. */
  turned: boolean;
}

export function damageOf(findings: readonly Finding[]): { depthMm: number; turned: boolean } {
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

export function leaveAlone(zone: Zone, { apexUm, depthMm }: Condition): RungOutlook {
  const reaches = edgeWord(apexUm / zone.targetApexUm, depthMm) === 'keen';
  return outlook(
    'leave alone',
    reaches,
    reaches ? 0 : null,
    0,
    'it does not do what its work asks for',
  );
}

/** What a hone would do; `plan` is null where it does not reach the target. */
export function honeOutlook(
  input: {
    tool: Tool;
    zone: Zone;
    seen: Observation;
    keenRadiusUm: number | null;
    abrasives: readonly LadderAbrasive[];
    pace: Pace;
  },
  { apexUm, turned }: Condition,
): { outlook: RungOutlook; plan: LadderPlan | null } {
  const { zone, seen, keenRadiusUm, abrasives } = input;
  const atHand = hones(abrasives).length > 0;
  const reaches = atHand && honeReaches({ zone, findings: seen.findings, apexUm, keenRadiusUm });
  const plan = reaches ? planHoning({ ...input, apexRadiusUm: apexUm }) : null;
  const why = !turned
    ? 'the edge is not merely turned'
    : atHand
      ? 'the apex is rounded as well as turned'
      : 'no smooth steel or fine ceramic rod is at hand';
  return { outlook: outlook('hone', reaches, plan?.minutes ?? null, 0, why), plan };
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

export function ladderOutlook(rung: Rung, plan: LadderPlan): RungOutlook {
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

export function thinOutlook(plan: JobPlan): RungOutlook {
  const steelMm3 = plan.steps.reduce((sum, step) => sum + step.volumeMm3, 0);
  const minutes = plan.outcome === 'planned' ? plan.minutes : null;
  return outlook('thin', true, minutes, steelMm3, '');
}

export function outlook(
  rung: Rung,
  reaches: boolean,
  minutes: number | null,
  steelMm3: number,
  why: string,
): RungOutlook {
  return { rung, reaches, minutes, steelMm3, why };
}
