import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import { PRIORS } from '../../core/priors';
import type { EdgeCosts, EdgeForecast, TripProblem } from '../../core/trip';
import type { TripTask } from '../../domain/tripTasks';
import { minutes, times, um } from '../../ui/format';
import { plural } from '../../ui/words/plural';
import type { WorkingLine } from '../../ui/Working';
import { taskName } from './taskWords';

const CHIPS_FORMULA = say.chipRateByAngleAndHardness(
  PRIORS.chipReferenceDeg.value,
  PRIORS.chipReferenceHrc.value,
  PRIORS.chipFoldHrc.value,
);

/** What the figures of one edge follow from: rates, need, policy and the price of a touch-up. */
export function edgeWorking(
  edge: EdgeForecast,
  problem: TripProblem,
  tasks: readonly TripTask[],
): WorkingLine[] {
  const own = problem.edges.find(({ id }) => id === edge.id)!;
  const { work, targetUm, startUm, midJobCosts, eveningCosts, fromDay } = own;
  const { policy } = problem;
  // They come through a message: what was one table is two of the same figures.
  const isSamePrice = JSON.stringify(midJobCosts) === JSON.stringify(eveningCosts);
  const kinds = work.filter(
    ({ taskId }, i) => work.findIndex((job) => job.taskId === taskId) === i,
  );
  return [
    ...kinds.flatMap((job) => taskLines(job, tasks)),
    {
      what: fromDay > 0 ? say.asItWasLastSeen : say.leavesHomeAt,
      formula: fromDay > 0 ? say.byItsLastTest : say.theEndOfItsLadder,
      answer: um(startUm),
    },
    {
      what: say.stropAndStoneFrom,
      formula: say.andTargetOf(policy.stropAt, policy.stoneAt, targetUm),
      answer: `${um(policy.stropAt * targetUm)}, ${um(policy.stoneAt * targetUm)}`,
    },
    ...(isSamePrice
      ? priceLines('', eveningCosts)
      : [...priceLines(say.inMidJob, midJobCosts), ...priceLines(say.inTheEvening, eveningCosts)]),
    {
      what: say.aChipDayByDay,
      formula: say.n1EChipsAnHour,
      answer: say.chancesInTen(
        edge.days.map(({ chipChance }) => Math.round(10 * chipChance)).join(', '),
      ),
    },
    ...(own.copies > 1
      ? [
          {
            what: say.swapsDayByDay,
            formula: say.swappedAsDull(own.copies),
            answer: edge.days.map(({ swaps }) => times(swaps)).join(', '),
          },
        ]
      : []),
    ...(policy.goHomeMm !== null
      ? [
          {
            what: say.goneHomeByTheEnd,
            formula: say.aChipOfOrDeeper(1000 * policy.goHomeMm),
            answer: say.chanceInTen(Math.round(10 * (edge.days.at(-1)?.homeChance ?? 0))),
          },
        ]
      : []),
    {
      what: say.overTheWholeTrip,
      formula: say.strokesAndWater(
        Math.round(edge.strokesPerSide.low),
        Math.round(edge.strokesPerSide.high),
        edge.waterMl.median,
      ),
      answer: plural(Math.round(edge.passes.median), say.passOnCompound, say.passesOnCompound),
    },
  ];
}

/** What one kind of work does to the edge, and asks of it. */
function taskLines(
  { taskId, wear, learnedFactor, needUm }: TripProblem['edges'][number]['work'][number],
  tasks: readonly TripTask[],
): WorkingLine[] {
  const name = taskName(tasks, taskId);
  const rate = tasks.find(({ id }) => id === taskId)?.dullingUmPerHour ?? 0;
  const steel = rate > 0 ? wear.umPerHour / (rate * learnedFactor) : 1;
  return [
    {
      what: say.dulling(name),
      formula: say.dullingRate(rate, steel, learnedFactor),
      answer: say.anHour(wear.umPerHour),
    },
    {
      what: say.chips(name),
      formula: CHIPS_FORMULA,
      answer: say.timesAnHour(wear.chipsPerHour),
    },
    {
      what: say.whatItNeeds(name),
      formula: say.largerOfNeedAndTarget(PRIORS.needOverTarget.value),
      answer: um(needUm),
    },
  ];
}

/** What touch-ups and chips take with the things at hand there and then. */
function priceLines(when: string, { worn, chipped }: EdgeCosts): WorkingLine[] {
  if (worn.length === 0) {
    return [
      { what: say.aTouchUp(when), formula: say.nothingAtHandWorksIt, answer: say.noneOfThem },
    ];
  }
  return [
    ...worn.map((point) => ({
      what: say.aTouchUpAt(when, point.apexUm),
      formula: say.rungWithEnd(spoken(point.rung), Math.round(point.strokesPerSide), point.endUm),
      answer: minutes(point.minutes),
    })),
    ...chipped.map((point) => ({
      what: say.aChipOf(when, 1000 * point.chipMm),
      formula: say.rungWithStrokes(spoken(point.rung), Math.round(point.strokesPerSide)),
      answer: minutes(point.minutes),
    })),
  ];
}
