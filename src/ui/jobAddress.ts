import { SPINE_WORKS, type SpineWork } from '../core';
import { JOBS, type Job } from '../domain/terms';

/** A job as it stands in the address of its plan. */
export interface JobAddress {
  job: Job;
  /** Which work on a spine; the lightest that will do where it is null. */
  spineWork: SpineWork | null;
}

/** Where a job on one zone, or on the tool's spine, is planned. */
export function jobLink(input: {
  toolId: string;
  zoneId: string;
  job: Job;
  spineWork?: SpineWork;
}): string {
  const { toolId, zoneId, job, spineWork } = input;
  const query = new URLSearchParams({ tool: toolId, zone: zoneId });
  if (job !== 'touch-up') query.set('job', job);
  if (spineWork) query.set('work', spineWork);
  return `/touch-up?${query.toString()}`;
}

/** The job that an address asks for: a touch-up where it names none, or none that there is. */
export function readJob(query: { get(name: string): string | null }): JobAddress {
  const works = Object.values(SPINE_WORKS).flat() as SpineWork[];
  return {
    job: JOBS.find((job) => job === query.get('job')) ?? 'touch-up',
    spineWork: works.find((work) => work === query.get('work')) ?? null,
  };
}
