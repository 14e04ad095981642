import type { Inspection, Session } from '../../domain/session';
import type { Job } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { byHand, hones, planHoning, planThinning, thinningNeed, type ThinningNeed } from '../jobs';
import type { LadderAbrasive, LadderPlan } from '../ladder';
import { withLearnedHardness } from '../learn';
import type { Pace } from '../wear';
import { beyondTouchUp, type Beyond } from './beyondTouchUp';
import { latestChecks, stopReasons } from './stopUse';
import { honeReaches } from './rungOutlooks';
import { planEdge } from './planEdge';
import { zoneNow } from './recession';
import { edgeState, type EdgeState, type EdgeWord } from './edgeState';

/** One zone of one tool with how it stands. */
export interface ZoneState {
  /** The tool as plans take it: its range of hardness narrowed by the log. Not for keeping. */
  tool: Tool;
  /** The zone as its touch-ups have left it since it was measured. Not for keeping. */
  zone: Zone;
  state: EdgeState;
  /** Why the tool must not be used; empty for a sound one. */
  stops: string[];
  thinning: ThinningNeed | null;
  beyond: Beyond;
  /** The tool's own log. */
  sessions: Session[];
}

/** A zone with the work it asks for. */
export interface EdgeNeed extends ZoneState {
  /** The lightest job that will do. */
  job: Job;
  /** Its plan; null where the edge has never been tested, or is beyond any job. */
  plan: LadderPlan | null;
}

const URGENCY: readonly EdgeWord[] = ['blunt', 'tired', 'works', 'unknown', 'keen'];

/** How every zone of every tool stands, in the order of the tools. */
export function zoneStates(input: {
  tools: readonly Tool[];
  sessions: readonly Session[];
  inspections: readonly Inspection[];
}): ZoneState[] {
  return input.tools.flatMap((kept) => {
    const tool = withLearnedHardness(kept, input.tools, input.sessions);
    const sessions = input.sessions.filter((s) => s.toolId === tool.id);
    const inspections = input.inspections.filter((i) => i.toolId === tool.id);
    const checks = latestChecks(inspections);
    return tool.zones.map((measured) => {
      const zone = zoneNow(tool, measured, sessions);
      const state = edgeState({ zone, sessions, inspections });
      const { damageDepthMm } = state;
      const thinning = thinningNeed(tool, zone, sessions);
      return {
        tool,
        zone,
        state,
        stops: stopReasons(checks),
        thinning,
        beyond: beyondTouchUp({ checks, damageDepthMm, thinning }),
        sessions,
      };
    });
  });
}

/** The work that each zone asks for, most urgent first: tools to stop using,
 * then by state, then by minutes, then by name. */
export function edgeNeeds(input: {
  states: readonly ZoneState[];
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}): EdgeNeed[] {
  const { states, abrasives, pace } = input;
  return states
    .map((zoneState) => ({ ...zoneState, ...lightestJob(zoneState, abrasives, pace) }))
    .sort(
      (a, b) =>
        Number(b.stops.length > 0) - Number(a.stops.length > 0) ||
        URGENCY.indexOf(a.state.word) - URGENCY.indexOf(b.state.word) ||
        (b.plan?.minutes ?? 0) - (a.plan?.minutes ?? 0) ||
        a.tool.name.localeCompare(b.tool.name),
    );
}

function lightestJob(
  zoneState: ZoneState,
  abrasives: readonly LadderAbrasive[],
  pace: Pace,
): Pick<EdgeNeed, 'job' | 'plan'> {
  const { zone, state, beyond } = zoneState;
  const { apex, keenUm: keenRadiusUm, findings, damageDepthMm } = state;
  if (!apex || beyond === 'stop use' || beyond === 'professional') {
    return { job: beyond === 'thin' ? 'thin' : 'touch-up', plan: null };
  }
  const { apexRadiusUm: apexUm } = apex;
  const edge = { ...zoneState, apexRadiusUm: apexUm, damageDepthMm, keenRadiusUm, abrasives, pace };
  if (beyond === 'thin') return { job: 'thin', plan: byHand(planThinning(edge)) };
  const isKeen = state.word === 'keen';
  if (
    !isKeen &&
    hones(abrasives).length > 0 &&
    honeReaches({ zone, findings, apexUm, keenRadiusUm })
  ) {
    return { job: 'hone', plan: planHoning(edge) };
  }
  return { job: 'touch-up', plan: byHand(planEdge(edge)) };
}

/** The bluntest word among a tool's zones: what its label on the rack says. */
export function worstWord(words: readonly EdgeWord[]): EdgeWord {
  return URGENCY.find((word) => words.includes(word)) ?? 'unknown';
}
