import { median, sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { SharpnessTest } from '../../domain/terms';
import { grouped } from '../grouped';
import { passedTest, seenApex } from '../sharpness';
import { workMark, type WorkMark } from './workMark';

/** What one job took, in the middle of some entries. */
interface Took {
  strokesPerSide: number;
  minutes: number;
  /** The first of them. */
  from: string;
}

/** The same job then and now: an edge in one state brought to another by the same kind of thing. */
export interface Effort {
  mark: WorkMark;
  before: SharpnessTest;
  after: SharpnessTest;
  then: Took;
  now: Took;
  entries: number;
}

/** Fewer alike entries than this are not held against each other. */
const FEWEST = 4;

/**
 * Strokes and minutes that an edge needed in the older half of its alike touch-ups, against the newer
 * half; the commonest job of the edge. Null where no job came often enough. `work` is oldest first.
 */
export function effortOf(work: readonly LoggedSession[]): Effort | null {
  const jobs = [...grouped(work.flatMap(asJob), ({ key }) => key).values()];
  const common = jobs.reduce<(typeof jobs)[number]>(
    (most, own) => (own.length > most.length ? own : most),
    [],
  );
  if (common.length < FEWEST) return null;
  const half = Math.floor(common.length / 2);
  const { mark, before, after } = common[0]!;
  return {
    mark,
    before,
    after,
    entries: common.length,
    then: took(common.slice(0, half).map(({ session }) => session)),
    now: took(common.slice(-half).map(({ session }) => session)),
  };
}

function asJob(session: LoggedSession) {
  const [from, to] = [seenApex(session.before), seenApex(session.after)];
  if (session.job !== 'touch-up' || !from || !to) return [];
  const mark = workMark(session);
  const [before, after] = [passedTest(from), passedTest(to)];
  return [{ key: `${mark} ${before} ${after}`, mark, before, after, session }];
}

function took(sessions: readonly LoggedSession[]): Took {
  const usual = (of: (step: LoggedSession['steps'][number]) => number) =>
    median(sessions, ({ steps }) => sum(steps, of))!;
  return {
    strokesPerSide: usual(({ left, right }) => (left + right) / 2),
    minutes: usual(({ activeSeconds }) => activeSeconds / 60),
    from: sessions[0]!.startedAt,
  };
}
