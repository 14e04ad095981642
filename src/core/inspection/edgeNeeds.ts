import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection, Observation, ToolChecks } from '../../domain/session';
import { handleId } from '../../domain/sharedHandle';
import type { Tool, Zone } from '../../domain/tool';
import { grouped } from '../grouped';
import { raisingsLeft, thinningNeed, type ThinningNeed } from '../jobs';
import type { Lessons } from '../evidence';
import { withHardness } from '../log';
import { byUsualTester, type TesterScale } from '../sharpness';
import { beyondTouchUp, type Beyond } from './beyondTouchUp';
import type { Bench } from './bench';
import { edgeJobOf } from './edgeJobOf';
import { edgeState, type EdgeState, type EdgeWord } from './edgeState';
import { lightestJob, type LightestJob } from './lightestJob';
import { zoneNow } from './recession';
import { checksOf, stopReasons, type StopReason } from './stopUse';

/** One zone of one tool with how it stands. */
export interface ZoneState {
  /** The tool as plans take it: its range of hardness narrowed by the log. Not for keeping. */
  tool: Tool;
  /** The zone as its touch-ups have left it since it was measured. Not for keeping. */
  zone: Zone;
  state: EdgeState;
  /** What was last found of the whole tool. */
  checks: ToolChecks;
  /** Why the tool must not be used; empty for a sound one. */
  stops: StopReason[];
  thinning: ThinningNeed | null;
  beyond: Beyond;
}

/** A zone with the work it asks for; the plan is null where it has never been tested, or is beyond any job. */
export interface EdgeNeed extends ZoneState, LightestJob {
  /** Whether the tool's burnished hook can be raised no more: it waits for the file. */
  hookSpent: boolean;
}

const URGENCY: readonly EdgeWord[] = ['blunt', 'tired', 'works', 'unknown', 'keen'];

/** How every zone of every tool stands, in the order of the tools. */
export function zoneStates(input: {
  tools: readonly Tool[];
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
  /** By tool, where the log has narrowed it; as it is stated where nothing is said. */
  hardness?: Lessons['hardness'];
  /** The person's own force tester; the usual one where none is known. */
  tester?: TesterScale | null;
}): ZoneState[] {
  const { hardness } = input;
  const sessionsOf = grouped(input.sessions, toolIdOf);
  const inspectionsOf = grouped(input.inspections, toolIdOf);
  const handles = new Map(input.tools.map((tool) => [tool.id, handleId(tool)]));
  const looksAtHandle = grouped(input.inspections, ({ toolId }) => handles.get(toolId) ?? toolId);
  return input.tools.flatMap((kept) => {
    const tool = withHardness(kept, hardness?.get(kept.id) ?? null);
    const sessions = sessionsOf.get(tool.id) ?? [];
    const inspections = inspectionsOf.get(tool.id) ?? [];
    const checks = checksOf(tool.id, looksAtHandle.get(handleId(tool)) ?? []);
    return tool.zones.map((measured) => {
      const zone = zoneNow(tool, measured, sessions);
      const state = edgeState({ ...input, tool, zone, sessions, inspections });
      const { damageDepthMm } = state;
      const thinning = thinningNeed(tool, zone, sessions, state.findings);
      return {
        tool,
        zone,
        state,
        checks,
        stops: stopReasons(checks),
        thinning,
        beyond: beyondTouchUp({ checks, damageDepthMm, thinning }),
      };
    });
  });
}

const toolIdOf = ({ toolId }: { toolId: string }): string => toolId;

/** The work that each zone asks for, most urgent first. */
export function edgeNeeds(input: {
  states: readonly ZoneState[];
  sessions: readonly LoggedSession[];
  /** What is at hand for the keeper of a tool: the keeper's lubricants come first. */
  benchOf: (tool: Tool) => Bench;
  tester?: TesterScale | null;
}): EdgeNeed[] {
  const { tester = null } = input;
  const sessionsOf = grouped(input.sessions, toolIdOf);
  return input.states
    .map((zoneState) => {
      const { tool } = zoneState;
      const seen = byUsualTester(seenLast(zoneState.state), tester);
      return edgeNeed(zoneState, seen, sessionsOf.get(tool.id) ?? [], input.benchOf(tool));
    })
    .sort(byUrgency);
}

/** The most urgent first: tools to stop using, then by state, then by minutes, then by name. */
export function byUrgency(a: EdgeNeed, b: EdgeNeed): number {
  return (
    Number(b.stops.length > 0) - Number(a.stops.length > 0) ||
    URGENCY.indexOf(a.state.word) - URGENCY.indexOf(b.state.word) ||
    (b.plan?.minutes ?? 0) - (a.plan?.minutes ?? 0) ||
    a.tool.name.localeCompare(b.tool.name)
  );
}

/** The work that one zone asks for at one bench, by its tool's own log. */
function edgeNeed(
  zoneState: ZoneState,
  seen: Observation,
  sessions: readonly LoggedSession[],
  bench: Bench,
): EdgeNeed {
  const { tool, state, beyond } = zoneState;
  const { findings, keenUm } = state;
  const edge = edgeJobOf({
    ...zoneState,
    seen,
    knownApexUm: null,
    keenRadiusUm: keenUm,
    sessions,
    bench,
  });
  const lightest: LightestJob = edge
    ? lightestJob(edge, findings, beyond)
    : { job: beyond === 'thin' ? 'thin' : 'touch-up', plan: null };
  const hookSpent = tool.spine.use === 'burnished hook' && raisingsLeft(tool, sessions) === 0;
  return { ...zoneState, ...lightest, hookSpent };
}

function seenLast({ tests, findings }: EdgeState): Observation {
  return { tests: [...tests], findings: [...findings] };
}

/** The bluntest word among a tool's zones: what its label on the rack says. */
export function bluntestWord(words: readonly EdgeWord[]): EdgeWord {
  return URGENCY.find((word) => words.includes(word)) ?? 'unknown';
}
