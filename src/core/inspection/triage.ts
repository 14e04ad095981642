import type { DamageWay } from '../../domain/terms';
import type { EdgeJob, LeftDamage } from '../jobs';
import {
  damageBand,
  edgeTarget,
  findLadder,
  openDamageWays,
  takesBand,
  usualDamageWay,
  workingFace,
  type WorkingFace,
} from '../ladder';
import { PRIORS } from '../priors';

export interface Triage {
  /** What is done about the damage; null where there is none. */
  way: DamageWay | null;
  /** What is left because mending it would take too long here; null where nothing is. */
  left: LeftDamage | null;
}

/** From the way that takes most to the one that takes nothing. */
const HEAVIEST_FIRST: readonly DamageWay[] = ['whole face', 'narrow band', 'leave it'];

/**
 * What is done about an edge's damage: as the person chose; else the usual way, and where that takes longer than
 * its limit (half an hour at the bench, ten minutes away from it) the next lighter one, at last none.
 */
export function triage(job: EdgeJob): Triage {
  const { tool, zone, damageDepthMm, damageWay, where } = job;
  if (damageDepthMm === 0) return { way: null, left: null };
  const face = workingFace(tool, zone);
  if (damageWay) {
    const isOpen = openDamageWays(face).includes(damageWay);
    return { way: isOpen ? damageWay : 'whole face', left: null };
  }
  const usual = preferredWay(face, damageDepthMm, where);
  if (usual === 'leave it') return { way: usual, left: null };
  const { bench, away } = LIMIT_MINUTES;
  const limit = where === 'bench' ? bench : away;
  const open = openDamageWays(face);
  const lighter = HEAVIEST_FIRST.slice(HEAVIEST_FIRST.indexOf(usual)).filter((way) =>
    open.includes(way),
  );
  const way = lighter.find((each) => each === 'leave it' || minutesOf(job, face, each) <= limit)!;
  return { way, left: way === 'leave it' ? elsewhere(job, face, usual) : null };
}

const LIMIT_MINUTES = { bench: PRIORS.benchMinutes.value, away: PRIORS.awayMinutes.value };

/** The usual way; a band that runs over most of a bevel is a new angle, and the whole face comes first. */
function preferredWay(face: WorkingFace, depthMm: number, where: EdgeJob['where']): DamageWay {
  const usual = usualDamageWay({ face, depthMm, where });
  return usual === 'narrow band' && isNewAngle(face, depthMm) ? 'whole face' : usual;
}

/** Whether a narrow band past damage so deep would be so wide that it is a new angle; never on a micro-bevel. */
export function isNewAngle(face: WorkingFace, depthMm: number): boolean {
  if (face.isMicroBevel || !takesBand(face)) return false;
  return damageBand(face, depthMm).widthMm > PRIORS.newAngleShare.value * face.faceWidthMm;
}

/** Minutes of the damage alone; infinite where nothing at hand works it. */
function minutesOf(job: EdgeJob, face: WorkingFace, damageWay: DamageWay): number {
  const ladder = ladderFor(job, face, damageWay, job.abrasives);
  if (ladder.outcome !== 'planned') return Infinity;
  const without = ladderFor(job, face, 'leave it', job.abrasives);
  return ladder.minutes - without.minutes;
}

/** Where it would be mended: with everything that is owned, at the bench. */
function elsewhere(job: EdgeJob, face: WorkingFace, way: DamageWay): LeftDamage | null {
  const atHome = job.where === 'field';
  const ladder = ladderFor(
    { ...job, where: 'bench' },
    face,
    way,
    atHome ? job.owned : job.abrasives,
  );
  const [first] = ladder.steps;
  if (!first) return null;
  const { name } = first.abrasive;
  return { depthMm: job.damageDepthMm, minutes: first.minutes, name, atHome };
}

function ladderFor(
  job: EdgeJob,
  face: WorkingFace,
  damageWay: DamageWay,
  abrasives: EdgeJob['abrasives'],
) {
  const { tool, zone, where, damageDepthMm, damageStretch, apexRadiusUm, hand } = job;
  return findLadder({
    zone: face,
    condition: { apexRadiusUm, damageDepthMm, damageStretch },
    target: edgeTarget(tool, zone, where),
    abrasives,
    damageWay,
    pace: hand.pace,
    calibration: hand.learned,
    missingStone: false,
  });
}
