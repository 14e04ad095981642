import type { Inspection, Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import type { LadderAbrasive, LadderPlan } from '../ladder';
import type { Pace } from '../wear';
import { beyondTouchUp, type Beyond } from './beyondTouchUp';
import { latestChecks, stopReasons } from './stopUse';
import { honeReaches } from './judgeEdge';
import { planEdge } from './planEdge';
import { edgeState, type EdgeState, type EdgeWord } from './edgeState';

/** One zone of one tool with how it stands. */
export interface ZoneState {
  tool: Tool;
  zone: Zone;
  state: EdgeState;
  /** Why the tool must not be used; empty for a sound one. */
  stops: string[];
  beyond: Beyond;
}

/** A zone with the work it asks for; no plan where it has never been tested. */
export interface EdgeNeed extends ZoneState {
  plan: LadderPlan | null;
  /** The edge is merely turned: a few strokes on a hone are enough. */
  honeEnough: boolean;
}

const URGENCY: readonly EdgeWord[] = ['blunt', 'tired', 'works', 'unknown', 'keen'];

/** How every zone of every tool stands, in the order of the tools. */
export function zoneStates(input: {
  tools: readonly Tool[];
  sessions: readonly Session[];
  inspections: readonly Inspection[];
}): ZoneState[] {
  return input.tools.flatMap((tool) => {
    const sessions = input.sessions.filter((s) => s.toolId === tool.id);
    const inspections = input.inspections.filter((i) => i.toolId === tool.id);
    const checks = latestChecks(inspections);
    return tool.zones.map((zone) => {
      const state = edgeState({ zone, sessions, inspections });
      const { damageDepthMm } = state;
      return {
        tool,
        zone,
        state,
        stops: stopReasons(checks),
        beyond: beyondTouchUp({ tool, zone, checks, damageDepthMm }),
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
    .map((zoneState): EdgeNeed => {
      const { tool, zone, state } = zoneState;
      const plan =
        state.apex && (zoneState.beyond === null || zoneState.beyond === 'thin')
          ? planEdge({
              tool,
              zone,
              apexRadiusUm: state.apex.apexRadiusUm,
              damageDepthMm: state.damageDepthMm,
              keenRadiusUm: state.keenUm,
              abrasives,
              pace,
            })
          : null;
      const honeEnough =
        state.apex !== null &&
        honeReaches({
          zone,
          findings: state.findings,
          apexUm: state.apex.apexRadiusUm,
          keenRadiusUm: state.keenUm,
        });
      return { ...zoneState, plan, honeEnough };
    })
    .sort(
      (a, b) =>
        Number(b.stops.length > 0) - Number(a.stops.length > 0) ||
        URGENCY.indexOf(a.state.word) - URGENCY.indexOf(b.state.word) ||
        (b.plan?.minutes ?? 0) - (a.plan?.minutes ?? 0) ||
        a.tool.name.localeCompare(b.tool.name),
    );
}

/** The bluntest word among a tool's zones: what its label on the rack says. */
export function worstWord(words: readonly EdgeWord[]): EdgeWord {
  return URGENCY.find((word) => words.includes(word)) ?? 'unknown';
}
