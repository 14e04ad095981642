import { spoken } from '../../ui/words/closedWords';
import { tripWords as say } from './words';
import { PRIORS } from '../../core/priors';
import type { EdgeCosts, EdgeForecast, TripProblem } from '../../core/trip';
import type { TripTask } from '../../domain/tripTasks';
import { deg, minutes, ml, times, um } from '../../ui/format';
import { plural } from '../../ui/words/plural';
import type { WorkingLine } from '../../ui/Working';
import { taskName } from './taskWords';

const CHIPS_FORMULA = say.rateAngleEHrc(
  deg(PRIORS.chipReferenceDeg.value),
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
      formula: say.andTargetOf(policy.stropAt, policy.stoneAt, um(targetUm)),
      answer: `${um(policy.stropAt * targetUm)}, ${um(policy.stoneAt * targetUm)}`,
    },
    ...(isSamePrice
      ? priceLines('', eveningCosts)
      : [...priceLines(say.inMidJob, midJobCosts), ...priceLines(say.inTheEvening, eveningCosts)]),
    {
      what: say.aChipDayByDay,
      formula: say.n1EChipsAnHour,
      answer: say.in10(edge.days.map(({ chipChance }) => Math.round(10 * chipChance)).join(', ')),
    },
    ...(own.copies > 1
      ? [
          {
            what: say.swapsDayByDay,
            formula: say.ofAlikeTheNextOne(own.copies),
            answer: edge.days.map(({ swaps }) => times(swaps)).join(', '),
          },
        ]
      : []),
    ...(policy.goHomeMm !== null
      ? [
          {
            what: say.goneHomeByTheEnd,
            formula: say.aChipOfOrDeeper(um(1000 * policy.goHomeMm)),
            answer: say.in102(Math.round(10 * (edge.days.at(-1)?.homeChance ?? 0))),
          },
        ]
      : []),
    {
      what: say.overTheWholeTrip,
      formula: say.strokesASideOfWater(
        Math.round(edge.strokesPerSide.low),
        Math.round(edge.strokesPerSide.high),
        ml(edge.waterMl.median),
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
      formula: say.mAnHourSteelYour(rate, times(steel), times(learnedFactor)),
      answer: say.anHour(um(wear.umPerHour)),
    },
    {
      what: say.chips(name),
      formula: CHIPS_FORMULA,
      answer: say.anHour2(times(wear.chipsPerHour)),
    },
    {
      what: say.whatItNeeds(name),
      formula: say.theLargerOfWhatThe(PRIORS.needOverTarget.value),
      answer: um(needUm),
    },
  ];
}

/** What touch-ups and chips take with the things at hand there and then. */
function priceLines(when: string, { worn, chipped }: EdgeCosts): WorkingLine[] {
  if (worn.length === 0) {
    return [{ what: say.aTouchUp(when), formula: say.nothingAtHandWorksIt, answer: say.noneWord }];
  }
  return [
    ...worn.map((point) => ({
      what: say.aTouchUpAt(when, um(point.apexUm)),
      formula: say.aSideTo(spoken(point.rung), Math.round(point.strokesPerSide), um(point.endUm)),
      answer: minutes(point.minutes),
    })),
    ...chipped.map((point) => ({
      what: say.aChipOf(when, um(1000 * point.chipMm)),
      formula: say.aSide(spoken(point.rung), Math.round(point.strokesPerSide)),
      answer: minutes(point.minutes),
    })),
  ];
}
