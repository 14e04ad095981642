import { compareDesc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import type { EdgeTest, Finding, Inspection } from '../../domain/session';
import { isWorked } from '../../domain/observation';
import type { Tool, Zone } from '../../domain/tool';
import {
  byUsualTester,
  KEEN_UP_TO,
  seenApex,
  TEST_CENTRE_UM,
  upperEdgeUm,
  WORKS_UP_TO,
  worstStretch,
  type ApexEstimate,
  type TesterScale,
} from '../sharpness';
import { damageToMend } from './damage';

/** How an edge stands against what its work asks for. */
export type EdgeWord = 'keen' | 'works' | 'tired' | 'blunt' | 'unknown';

/** What is known of a zone's edge from the latest look at it. */
export interface EdgeState {
  word: EdgeWord;
  /** Radius of the worst tested stretch; null when never tested. */
  apex: ApexEstimate | null;
  /** The tests that `apex` comes from. */
  tests: readonly EdgeTest[];
  /** Radius the last finished touch-up left; null when none was tested. */
  keenUm: number | null;
  findings: readonly Finding[];
  /** Whether anybody has looked along it for damage: where not, finding none says nothing. */
  isLookedAlong: boolean;
  /** Depth of the damage that is to be mended; not of what is left to later touch-ups. */
  damageDepthMm: number;
  observedAt: string | null;
}

/** Apex radius over target up to which an edge is tired and not yet blunt. */
const TIRED_UP_TO = 5;
/** Rounder than this (µm) an edge does not even slide on a nail. */
const BLUNT_UM = upperEdgeUm(TEST_CENTRE_UM['slides-on-nail']);
/** Damage from which an edge is no longer said to work, and from which it counts as blunt. */
const NOTABLE_DAMAGE_MM = 0.08;
const HEAVY_DAMAGE_MM = 0.5;

/**
 * State of a zone from its touch-ups and inspections: the latest tests, worst stretch first, and
 * the findings of the latest look. Only finished touch-ups count.
 */
export function edgeState(input: {
  tool: Tool;
  zone: Zone;
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
  /** The person's own force tester: grams are estimated by it, and kept as they were read. */
  tester?: TesterScale | null;
}): EdgeState {
  const { tool, zone, tester = null } = input;
  const finished = input.sessions.filter(
    (s) => s.zoneId === zone.id && s.finishedAt !== null && s.job !== 'spine',
  );
  const looks = [
    ...finished.map((s) => ({
      at: s.finishedAt!,
      seen: s.after,
      touchUp: s.steps.some(isWorked),
      along: true,
    })),
    ...input.inspections
      .filter((i) => i.zoneId === zone.id)
      .map((i) => ({ at: i.at, seen: i.seen, touchUp: false, along: i.lookedAlong })),
  ].sort((a, b) => compareDesc(a.at, b.at));

  const latest = looks[0];
  const tested = looks.find(({ seen }) => seen.tests.length > 0);
  const keen = looks.find(({ seen, touchUp }) => touchUp && seen.tests.length > 0);
  const along = looks.find((look) => look.along);
  const findings = along?.seen.findings ?? [];
  const apex = seenApex(byUsualTester({ tests: tested?.seen.tests ?? [], findings }, tester));
  const damageDepthMm = damageToMend(tool, zone, findings);
  return {
    word: apex ? edgeWord(apex.apexRadiusUm, zone.targetApexUm, damageDepthMm) : 'unknown',
    apex,
    tests: tested?.seen.tests ?? [],
    keenUm: keen ? worstStretch(byUsualTester(keen.seen, tester).tests).apexRadiusUm : null,
    findings,
    isLookedAlong: along !== undefined,
    damageDepthMm,
    observedAt: latest?.at ?? null,
  };
}

/**
 * The one word for an apex (µm) against its target, with damage of a depth (mm). What passes no finer test than
 * "blunt" is blunt, however coarse its work.
 */
export function edgeWord(apexUm: number, targetUm: number, damageDepthMm: number): EdgeWord {
  const ratio = apexUm / targetUm;
  if (apexUm > BLUNT_UM) return 'blunt';
  if (ratio > TIRED_UP_TO || damageDepthMm >= HEAVY_DAMAGE_MM) return 'blunt';
  if (ratio > WORKS_UP_TO || damageDepthMm >= NOTABLE_DAMAGE_MM) return 'tired';
  return ratio > KEEN_UP_TO ? 'works' : 'keen';
}
