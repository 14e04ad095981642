import { PRIORS, type EdgeCosts, type EdgeForecast, type TripProblem } from '../../core';
import type { TripTask } from '../../domain/tripTasks';
import { deg, minutes, ml, plural, times, um } from '../../ui/format';
import type { WorkingLine } from '../../ui/Working';
import { taskName } from './taskWords';

const CHIPS_FORMULA = `rate × (${deg(PRIORS.chipReferenceDeg.value)}/angle)² × e^((HRC − ${PRIORS.chipReferenceHrc.value})/${PRIORS.chipFoldHrc.value})`;

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
      what: fromDay > 0 ? 'as it was last seen' : 'leaves home at',
      formula: fromDay > 0 ? 'by its last test' : 'the end of its ladder, or its target',
      answer: um(startUm),
    },
    {
      what: 'strop and stone from',
      formula: `${policy.stropAt} and ${policy.stoneAt} × target of ${um(targetUm)}`,
      answer: `${um(policy.stropAt * targetUm)}, ${um(policy.stoneAt * targetUm)}`,
    },
    ...(isSamePrice
      ? priceLines('', eveningCosts)
      : [
          ...priceLines('in mid-job, ', midJobCosts),
          ...priceLines('in the evening, ', eveningCosts),
        ]),
    {
      what: 'a chip, day by day',
      formula: '1 − e^(−chips an hour × hours), over the spread of hours',
      answer: `${edge.days.map(({ chipChance }) => Math.round(10 * chipChance)).join(', ')} in 10`,
    },
    ...(own.copies > 1
      ? [
          {
            what: 'swaps, day by day',
            formula: `of ${own.copies} alike, the next one as each is dull`,
            answer: edge.days.map(({ swaps }) => times(swaps)).join(', '),
          },
        ]
      : []),
    ...(policy.goHomeMm !== null
      ? [
          {
            what: 'gone home by the end',
            formula: `a chip of ${um(1000 * policy.goHomeMm)} or deeper`,
            answer: `${Math.round(10 * (edge.days.at(-1)?.homeChance ?? 0))} in 10`,
          },
        ]
      : []),
    {
      what: 'over the whole trip',
      formula: `${Math.round(edge.strokesPerSide.low)}–${Math.round(edge.strokesPerSide.high)} strokes a side, ${ml(edge.waterMl.median)} of water`,
      answer: plural(Math.round(edge.passes.median), 'pass on compound', 'passes on compound'),
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
      what: `${name}, dulling`,
      formula: `${rate} µm an hour × steel ${times(steel)} × your log ${times(learnedFactor)}`,
      answer: `${um(wear.umPerHour)} an hour`,
    },
    {
      what: `${name}, chips`,
      formula: CHIPS_FORMULA,
      answer: `${times(wear.chipsPerHour)} an hour`,
    },
    {
      what: `${name}, what it needs`,
      formula: `the larger of what the work needs and ${PRIORS.needOverTarget.value} × target`,
      answer: um(needUm),
    },
  ];
}

/** What touch-ups and chips take with the things at hand there and then. */
function priceLines(when: string, { worn, chipped }: EdgeCosts): WorkingLine[] {
  if (worn.length === 0) {
    return [{ what: `${when}a touch-up`, formula: 'nothing at hand works it', answer: 'none' }];
  }
  return [
    ...worn.map((point) => ({
      what: `${when}a touch-up at ${um(point.apexUm)}`,
      formula: `${point.rung}, ${plural(Math.round(point.strokesPerSide), 'stroke')} a side, to ${um(point.endUm)}`,
      answer: minutes(point.minutes),
    })),
    ...chipped.map((point) => ({
      what: `${when}a chip of ${um(1000 * point.chipMm)}`,
      formula: `${point.rung}, ${plural(Math.round(point.strokesPerSide), 'stroke')} a side`,
      answer: minutes(point.minutes),
    })),
  ];
}
