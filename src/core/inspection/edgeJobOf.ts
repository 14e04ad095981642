import type { LoggedSession } from '../../domain/loggedSession';
import type { Observation } from '../../domain/session';
import type { DamageWay } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import type { EdgeJob } from '../jobs';
import { NO_WISHES, type OwnLadder } from '../ladder';
import type { Bench } from './bench';
import { damageOf } from './damage';
import { seenApex } from '../sharpness';

/** An edge as it was seen, with all that its plan depends on. */
export interface SeenEdge {
  tool: Tool;
  zone: Zone;
  seen: Observation;
  /** Radius known from before, where this look holds no test. */
  knownApexUm: number | null;
  /** Radius the last finished touch-up left; null when none was tested. */
  keenRadiusUm: number | null;
  sessions: readonly LoggedSession[];
  bench: Bench;
  damageWay?: DamageWay | null;
  ownLadder?: OwnLadder;
}

/** A seen edge as a job to be planned; null where it has never been tested. */
export function edgeJobOf(input: SeenEdge): EdgeJob | null {
  const { zone, seen, bench, damageWay = null, ownLadder = NO_WISHES } = input;
  const damage = damageOf(seen.findings);
  const apexUm = apexOf(seen, input.knownApexUm);
  if (apexUm === null && damage.depthMm === 0) return null;
  return {
    ...bench,
    tool: input.tool,
    zone,
    sessions: input.sessions,
    // Where nothing but damage was seen, the rest of the edge is taken for sharp.
    apexRadiusUm: apexUm ?? zone.targetApexUm,
    keenRadiusUm: input.keenRadiusUm,
    damageDepthMm: damage.depthMm,
    damageStretch: damage.stretch,
    damageWay,
    ownLadder,
  };
}

/** The apex of a look; without a test in it what was known, or the glint that it shows if that is rounder. */
function apexOf(seen: Observation, knownUm: number | null): number | null {
  const seenUm = seenApex(seen)?.apexRadiusUm ?? null;
  if (seen.tests.length > 0 || knownUm === null) return seenUm;
  return Math.max(knownUm, seenUm ?? 0);
}
