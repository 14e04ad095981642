import { max, sum } from 'd3-array';
import type { Tool, Zone } from '../../domain/tool';
import { dullingFactor, type LearnedDulling } from '../evidence';
import { workingFace } from '../ladder';
import { PRIORS } from '../priors';
import { edgeWear } from '../wear';
import { workBefore, type WorkLog } from './workEvidence';

/** How round an edge was, as ln r and its spread. */
export interface StateLn {
  meanLn: number;
  sdLn: number;
}

/**
 * How round an edge was to be before each session by the work since its last finish, at the rates that the
 * tests of all its work have told: by id of the session; none where nothing tells of that work.
 */
export function forecastsBefore(
  tool: Tool,
  zone: Zone,
  log: WorkLog,
  dulling: LearnedDulling,
): Map<string, StateLn> {
  const face = workingFace(tool, zone);
  return new Map(
    workBefore(tool, zone, log).map(({ sessionId, startUm, work }) => {
      const parts = work.map(({ task, hours }) => {
        const { factor, sdLn } = dullingFactor(dulling, tool.id, task.id);
        return { grownUm: hours * edgeWear(task, face).umPerHour * factor, sdLn };
      });
      const grownUm = sum(parts, (part) => part.grownUm);
      const share = grownUm / (startUm + grownUm);
      const rateSd = max(parts, ({ sdLn }) => sdLn)!;
      const workSd = Math.hypot(rateSd, PRIORS.daySdLn.value, PRIORS.hoursSdLn.value);
      const sdLn = Math.hypot(share * workSd, (1 - share) * PRIORS.testSdLn.value);
      return [sessionId, { meanLn: Math.log(startUm + grownUm), sdLn }];
    }),
  );
}

/** Two accounts of one state, weighed by their inverse variance. */
export function combined(seen: StateLn, forecast: StateLn | undefined): StateLn {
  if (!forecast) return seen;
  const [a, b] = [1 / seen.sdLn ** 2, 1 / forecast.sdLn ** 2];
  return {
    meanLn: (a * seen.meanLn + b * forecast.meanLn) / (a + b),
    sdLn: 1 / Math.sqrt(a + b),
  };
}
