import { LEAST_WORK, type Trip, type TripWork } from './trip';

/** Work of one tool at one task, on the days of a trip that nobody has told as they really were. */
export interface UntoldWork {
  toolId: string;
  taskId: string;
  /** As it was planned, day by day. */
  jobs: TripWork[];
  hours: number;
}

/** What was planned on days that were not told, together by tool and task. */
export function untoldWork({ work, toldDays }: Pick<Trip, 'work' | 'toldDays'>): UntoldWork[] {
  const found: UntoldWork[] = [];
  for (const job of work) {
    if (toldDays.includes(job.day)) continue;
    const { toolId, taskId, hours } = job;
    const known = found.find((own) => own.toolId === toolId && own.taskId === taskId);
    if (known) {
      known.hours += hours;
      known.jobs.push(job);
    } else found.push({ toolId, taskId, hours, jobs: [job] });
  }
  return found;
}

/** The trip with so many hours really worked in the place of what was planned, shared out over the days alike. */
export function withToldHours(trip: Trip, { jobs, hours }: UntoldWork, told: number): Trip {
  const isOne = (own: TripWork): boolean =>
    jobs.some(
      ({ toolId, taskId, day }) =>
        own.toolId === toolId && own.taskId === taskId && own.day === day,
    );
  const share = told / hours;
  const real = jobs
    .map((job) => ({ ...job, hours: Math.min(24, job.hours * share), counted: null }))
    .filter((job) => job.hours >= LEAST_WORK);
  return { ...trip, work: [...trip.work.filter((own) => !isOne(own)), ...real] };
}
