import type { EdgeAim } from '../core/edge';
import { SPINE_WORKS, type SpineWork } from '../core/jobs';
import { DAMAGE_WAYS, JOBS, SPOTS, type DamageWay, type Job, type Spot } from '../domain/terms';

/** A job as it stands in the address of its plan. */
export interface JobAddress {
  job: Job;
  /** Which work on a spine; the lightest that will do where it is null. */
  spineWork: SpineWork | null;
  /** Which angle or grind, of a job that changes it; null where none is named. */
  aim: EdgeAim | null;
  /** What is to be done about damage; the usual way where it is null. */
  damageWay: DamageWay | null;
  /** Where it is worked; where the tool is by itself where null. */
  spot: Spot | null;
  /** The trip whose things are at hand there; the tool's own where null. */
  tripId: string | null;
}

export const AIM_GRINDS = [
  'as it is',
  'micro-bevel',
  'scandi',
  'convex',
  'secondary-bevel',
] as const;

/** Where a job on one zone, or on the tool's spine, is planned. */
export function jobLink(input: {
  toolId: string;
  zoneId: string;
  job: Job;
  spineWork?: SpineWork;
  aim?: EdgeAim;
  damageWay?: DamageWay;
  spot?: Spot;
  tripId?: string;
}): string {
  const { toolId, zoneId, job, spineWork, aim, damageWay, spot, tripId } = input;
  const query = new URLSearchParams({ tool: toolId, zone: zoneId });
  if (job !== 'touch-up') query.set('job', job);
  if (spineWork) query.set('work', spineWork);
  if (aim) {
    query.set('grind', aim.grind);
    query.set('angle', String(aim.angleDeg));
  }
  if (damageWay) query.set('damage', damageWay);
  if (spot) query.set('at', spot);
  if (tripId) query.set('trip', tripId);
  return `/touch-up?${query.toString()}`;
}

/** The job that an address asks for: a touch-up where it names none, or none that there is. */
export function readJob(query: { get(name: string): string | null }): JobAddress {
  const works = Object.values(SPINE_WORKS).flat() as SpineWork[];
  const grind = AIM_GRINDS.find((each) => each === query.get('grind'));
  const angleDeg = Number(query.get('angle') ?? NaN);
  return {
    job: JOBS.find((job) => job === query.get('job')) ?? 'touch-up',
    spineWork: works.find((work) => work === query.get('work')) ?? null,
    damageWay: DAMAGE_WAYS.find((way) => way === query.get('damage')) ?? null,
    spot: SPOTS.find((spot) => spot === query.get('at')) ?? null,
    tripId: query.get('trip'),
    aim: grind && angleDeg >= 5 && angleDeg <= 60 ? { grind, angleDeg } : null,
  };
}
