import {
  dullingFactor,
  PRIORS,
  type EdgeCosts,
  type EdgeForecast,
  type LearnedDulling,
  type TripProblem,
} from '../../core';
import type { TripTask } from '../../domain/tripTasks';
import { minutes, ml, mm, plural, times, um } from '../../ui/format';
import { Working, type WorkingLine } from '../../ui/Working';
import { taskName } from './taskWords';

/** What the figures of one edge follow from: rates, need, policy and the price of a touch-up. */
// eslint-disable-next-line max-lines-per-function -- a list of lines, read from top to bottom
export function EdgeWorking(props: {
  edge: EdgeForecast;
  problem: TripProblem;
  tasks: readonly TripTask[];
  dulling: LearnedDulling;
}) {
  const { edge, problem, tasks, dulling } = props;
  const own = problem.edges.find(({ id }) => id === edge.id)!;
  const { work, targetUm, startUm, midJobCosts, eveningCosts, fromDay } = own;
  const { policy } = problem;
  // They come through a message: what was one table is two of the same figures.
  const isSamePrice = JSON.stringify(midJobCosts) === JSON.stringify(eveningCosts);
  const kinds = work.filter(
    ({ taskId }, i) => work.findIndex((job) => job.taskId === taskId) === i,
  );
  const lines: WorkingLine[] = [
    ...kinds.flatMap(({ taskId, wear, learnedFactor, needUm }) => {
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
          formula: 'rate × (20°/angle)² × e^((HRC − 58)/6)',
          answer: `${times(wear.chipsPerHour)} an hour`,
        },
        {
          what: `${name} asks for`,
          formula: 'the larger of what the work needs and 1.5 × target',
          answer: um(needUm),
        },
      ];
    }),
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
  const { sdLn, spells } = dullingFactor(dulling, own.toolId, kinds[0]?.taskId ?? '');
  return (
    <Working lines={lines}>
      <p className="mt-2 max-w-[70ch] text-[0.95rem]">
        {spells > 0
          ? `Learned from ${plural(spells, 'spell')} of work in your log`
          : 'Usual rates: no spell of work in your log says otherwise yet'}
        ; two in three of such tools within a factor of {times(Math.exp(sdLn))}. Days differ by
        {factorOf('daySdLn')}, hours by {factorOf('hoursSdLn')}, effort by {factorOf('effortSdLn')}.
        Chips are log-normal, {mm(PRIORS.chipMedianMm.value)} in the middle. The same{' '}
        {plural(problem.runs, 'run')} of chance for every change that you make.
      </p>
    </Working>
  );
}

/** A spread of the model as the factor that two in three lie within. */
function factorOf(name: 'daySdLn' | 'hoursSdLn' | 'effortSdLn'): string {
  return times(Math.exp(PRIORS[name].value));
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
