import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import { rockwellHardness, vickersHardness, workingSteel } from '../wear';
import { calibrate } from './calibrate';
import { reachedTarget } from './learnFromLog';
import { OBSERVATION_SD, PRIOR_SD } from './learnedHand';

/** Hardness as the log narrows it. */
export interface LearnedHardness {
  lowHrc: number;
  highHrc: number;
  /** Steps on stones that stand behind it. */
  steps: number;
}

/** A range narrower than this (HRC) says no less than the log would. */
const KNOWN_HRC = 2;
/** Fewer steps than this say nothing that a file would not. */
const LEAST_STEPS = 2;

/**
 * What the strokes say of a steel whose hardness is a range: strokes go with hardness, so a tool
 * that took more of them than planned, beside what the same hand takes on its other tools, is the
 * harder. The range is 16–84 % of the estimate, never wider than what was known; null where it is
 * known already, or the log is too short. Steps that ended short of their target do not count.
 */
export function hardnessFromLog(input: {
  tool: Tool;
  tools: readonly Tool[];
  sessions: readonly LoggedSession[];
}): LearnedHardness | null {
  const { tool, tools, sessions } = input;
  const {
    rangeHrc: [lowHrc, highHrc],
  } = workingSteel(tool.steel);
  const own = stoneRatios([tool], sessions);
  if (highHrc - lowHrc <= KNOWN_HRC || own.length < LEAST_STEPS) return null;
  const others = stoneRatios(
    tools.filter(({ id }) => id !== tool.id),
    sessions,
  );
  const hand = calibrate({ priorSd: PRIOR_SD, observationSd: OBSERVATION_SD, ratios: others });

  const lnHv = (hardnessHrc: number): number => Math.log(vickersHardness({ hardnessHrc }));
  const middleLn = (lnHv(lowHrc) + lnHv(highHrc)) / 2;
  const { factor, sdLn } = calibrate({
    priorSd: (lnHv(highHrc) - lnHv(lowHrc)) / 2,
    observationSd: OBSERVATION_SD,
    ratios: own.map((ratio) => ratio / hand.factor),
  });
  const at = (ln: number): number =>
    Math.min(highHrc, Math.max(lowHrc, rockwellHardness({ hardnessHv: Math.exp(ln) })));
  const centre = middleLn + Math.log(factor);
  return { lowHrc: at(centre - sdLn), highHrc: at(centre + sdLn), steps: own.length };
}

/** The tool with its range of hardness narrowed by the log, for planning with; not for keeping. */
export function withLearnedHardness(
  tool: Tool,
  tools: readonly Tool[],
  sessions: readonly LoggedSession[],
): Tool {
  const learned = hardnessFromLog({ tool, tools, sessions });
  if (!learned) return tool;
  const steel = {
    ...tool.steel,
    hardnessLowHrc: learned.lowHrc,
    hardnessHighHrc: learned.highHrc,
  };
  return { ...tool, steel };
}

/**
 * Strokes done over strokes planned by the model, of every stone step of these tools' touch-ups that
 * reached its target.
 */
function stoneRatios(tools: readonly Tool[], sessions: readonly LoggedSession[]): number[] {
  const ids = new Set(tools.map(({ id }) => id));
  return sessions
    .filter(({ job, finishedAt }) => job === 'touch-up' && finishedAt !== null)
    .filter((session) => ids.has(session.toolId) && reachedTarget(session))
    .flatMap(({ steps }) => steps.filter(({ kind, finishedAt }) => kind === 'stone' && finishedAt))
    .filter(({ left, right, plannedPerSide }) => left + right > 0 && plannedPerSide > 0)
    .map(
      ({ left, right, plannedPerSide, learnedFactor }) =>
        ((left + right) / (2 * plannedPerSide)) * learnedFactor,
    );
}
