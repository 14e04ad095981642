import { least } from 'd3-array';
import { workingFace, type HelpfulStone, type LadderAbrasive, type LadderStone } from '../ladder';
import { FILE_LIMIT_HRC } from '../wear';
import type { EdgeJob } from './edgeJob';
import type { JobPlan } from './jobPlan';

/** What has to be saved (share of the minutes) for a stone to be worth waiting for. */
const WORTH_WAITING = 0.5;

const grinder = (change: Partial<LadderStone>): LadderStone => ({
  kind: 'stone',
  id: 'candidate-grinder',
  name: 'coarse diamond',
  family: 'diamond',
  form: 'plate',
  sizeUm: 120,
  lengthMm: 150,
  widthMm: 50,
  dishMm: 0,
  state: 'normal',
  lubricant: 'dry',
  soakMl: 0,
  held: null,
  ...change,
});

/**
 * What would grind a face much sooner than the things at hand: one that is owned and lies elsewhere, a file where
 * one bites, a coarse diamond; null where none halves the minutes.
 */
export function helpfulGrinder(
  job: EdgeJob,
  present: JobPlan,
  planWith: (abrasives: readonly LadderAbrasive[]) => JobPlan,
): HelpfulStone | null {
  const { toolForm, hardnessHrc, contour } = workingFace(job.tool, job.zone);
  const atHand = new Set(job.abrasives.map(({ id }) => id));
  const elsewhere = job.owned.filter(
    (abrasive): abrasive is LadderStone => abrasive.kind === 'stone' && !atHand.has(abrasive.id),
  );
  const bites = hardnessHrc <= FILE_LIMIT_HRC && toolForm !== 'knife';
  const file = grinder({
    id: 'candidate-file',
    family: 'file',
    form: 'file',
    sizeUm: 100,
    lengthMm: 250,
  });
  const hollow = contour === 'recurve' ? ({ form: 'rod', widthMm: 8 } as const) : {};
  const ways = [
    ...elsewhere.map((stone) => ({ stone, owned: stone.name as string | null })),
    ...(bites ? [{ stone: file, owned: null }] : []),
    { stone: grinder(hollow), owned: null },
  ].flatMap(({ stone, owned }) => {
    const plan = planWith([...job.abrasives, stone]);
    return plan.outcome === 'planned' ? [{ stone, owned, minutes: plan.minutes }] : [];
  });
  const mostMinutes = present.outcome === 'planned' ? WORTH_WAITING * present.minutes : Infinity;
  const helping = ways.filter(({ minutes }) => minutes <= mostMinutes);
  // What is owned already comes first; then the quickest.
  const owned = helping.filter((way) => way.owned !== null);
  const best = least(owned.length > 0 ? owned : helping, ({ minutes }) => minutes);
  if (!best) return null;
  const { stone, minutes } = best;
  const savesMinutes = present.outcome === 'planned' ? present.minutes - minutes : null;
  return { sizeUm: stone.sizeUm, family: stone.family, owned: best.owned, savesMinutes, minutes };
}
