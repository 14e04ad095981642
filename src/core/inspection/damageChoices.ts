import type { DamageWay } from '../../domain/terms';
import { zoneLeft, type EdgeJob, type JobPlan } from '../jobs';
import { openDamageWays, workingFace } from '../ladder';
import { apexRecessionMm } from '../wear';
import { planTouchUp } from './planTouchUp';
import { isNewAngle, triage } from './triage';
import { steelPace } from './recession';

/** One way of dealing with damage, priced. */
export interface DamageChoice {
  way: DamageWay;
  /** Whether it is the usual one for this tool in this place. */
  usual: boolean;
  /** Whether it is a band so wide that it is a new angle. */
  isNewAngle: boolean;
  /** The whole touch-up. */
  plan: JobPlan;
  /** Minutes and steel (mm³, both sides) beyond a touch-up that leaves the damage. */
  minutesMore: number;
  minutesMoreLow: number;
  minutesMoreHigh: number;
  steelMm3: number;
  /** How far the apex moves back (mm). */
  recessionMm: number;
  /** The facet that it leaves; null for none. */
  facet: { widthMm: number; angleDeg: number } | null;
  /** Touch-ups until what is left has worn out, and years of them where the log has a pace; null where it goes now. */
  wornOut: { touchUps: number; years: number | null } | null;
}

/** The ways open to an edge with damage, each with its price; none where there is no damage. */
export function damageChoices(edge: EdgeJob): DamageChoice[] {
  const { tool, zone, damageDepthMm } = edge;
  if (damageDepthMm === 0) return [];
  const face = workingFace(tool, zone);
  const usual = triage({ ...edge, damageWay: null }).way;
  const left = planTouchUp({ ...edge, damageWay: 'leave it' });
  return openDamageWays(face).map((way): DamageChoice => {
    const plan = way === 'leave it' ? left : planTouchUp({ ...edge, damageWay: way });
    const facet = way === 'narrow band' ? (zoneLeft(plan.steps)?.facet ?? null) : null;
    return {
      way,
      usual: way === usual,
      isNewAngle: way === 'narrow band' && isNewAngle(face, damageDepthMm),
      plan,
      minutesMore: Math.max(0, plan.minutes - left.minutes),
      minutesMoreLow: Math.max(0, plan.minutesLow - left.minutesLow),
      minutesMoreHigh: Math.max(0, plan.minutesHigh - left.minutesHigh),
      steelMm3: way === 'leave it' ? 0 : (plan.steps[0]?.volumeMm3 ?? 0),
      recessionMm: way === 'leave it' ? 0 : damageDepthMm,
      facet: facet && { widthMm: facet.faceWidthMm, angleDeg: facet.angleDeg },
      wornOut: way === 'leave it' ? wornOut(edge, face.angleDeg) : null,
    };
  });
}

/** d / the recession of one touch-up: by the log, else by what this one would take. */
function wornOut(edge: EdgeJob, angleDeg: number): NonNullable<DamageChoice['wornOut']> {
  const { tool, zone, sessions, damageDepthMm, apexRadiusUm } = edge;
  const pace = steelPace(tool, zone, sessions);
  const own = apexRecessionMm({ apexRadiusUm, damageDepthMm: 0, angleDeg });
  const eachMm = pace.touchUps > 0 ? pace.everydayMm : own;
  const touchUps = Math.max(1, Math.ceil(damageDepthMm / eachMm));
  return { touchUps, years: pace.touchUpsPerYear > 0 ? touchUps / pace.touchUpsPerYear : null };
}
