import { LEAST_WORK, type Trip, type TripWork } from '../../domain/trip';

/** Hours of one day that a cell holds. */
export const DAY_HOURS = 8;
/** Hours are painted in halves. */
const PAINT_STEP_HOURS = 0.5;

type Cell = Pick<TripWork, 'toolId' | 'day'>;

/** The work of one tool on one day. */
export function workIn({ work }: Pick<Trip, 'work'>, { toolId, day }: Cell): TripWork[] {
  return work.filter((job) => job.toolId === toolId && job.day === day);
}

/** With so many hours of a task in a cell, in the place of what the task had there; none at 0. */
export function withHours(trip: Trip, cell: Cell, taskId: string, hours: number): Trip {
  const others = otherWork(trip, cell, taskId);
  const rounded = Math.round(Math.min(DAY_HOURS, hours) / PAINT_STEP_HOURS) * PAINT_STEP_HOURS;
  const job: TripWork = { ...cell, taskId, hours: rounded, counted: null };
  return { ...trip, work: rounded > 0 ? [...others, job] : others };
}

/** With so many things in a cell, of which so many make an hour; none at 0. */
export function withCount(
  trip: Trip,
  cell: Cell,
  taskId: string,
  counted: { amount: number; perHour: number },
): Trip {
  const { amount, perHour } = counted;
  const hours = Math.min(24, Math.max(LEAST_WORK, amount / perHour));
  const job: TripWork = { ...cell, taskId, hours, counted };
  return {
    ...trip,
    work: amount > 0 ? [...otherWork(trip, cell, taskId), job] : otherWork(trip, cell, taskId),
  };
}

/** The work of a trip without one task of one cell. */
function otherWork({ work }: Trip, cell: Cell, taskId: string): TripWork[] {
  return work.filter(
    (job) => !(job.toolId === cell.toolId && job.day === cell.day && job.taskId === taskId),
  );
}

/** With an hour more of a task in a cell. */
export function withHourMore(trip: Trip, cell: Cell, taskId: string): Trip {
  const present = workIn(trip, cell).find((job) => job.taskId === taskId);
  return withHours(trip, cell, taskId, (present?.hours ?? 0) + 1);
}

/** With nothing in a cell. */
export function rubbedOut(trip: Trip, cell: Cell): Trip {
  return {
    ...trip,
    work: trip.work.filter((job) => !(job.toolId === cell.toolId && job.day === cell.day)),
  };
}

/** With the work of one day on the next one too, for every tool, in the place of what was there. */
export function dayCopiedOn(trip: Trip, day: number): Trip {
  if (day + 1 >= trip.days) return trip;
  const copied = trip.work
    .filter((job) => job.day === day)
    .map((job) => ({ ...job, day: day + 1 }));
  return { ...trip, work: [...trip.work.filter((job) => job.day !== day + 1), ...copied] };
}
