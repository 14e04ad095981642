import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import { rockwellHardness, vickersHardness, workingSteel } from '../wear';
import { calibrate, ratioSum, type RatioSum } from './calibrate';
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
 * What the strokes say of steels whose hardness is a range: strokes go with hardness, so a tool that
 * took more of them than planned, beside what the same hand takes on its other tools, is the harder.
 * The range is 16–84 % of the estimate, never wider than what was known; null where it is known
 * already, or the log is too short. Steps that ended short of their target do not count. The log is
 * walked once, however many tools are asked for.
 */
export function hardnessFromLog(log: {
  tools: readonly Tool[];
  sessions: readonly LoggedSession[];
}): (tool: Tool) => LearnedHardness | null {
  const sums = stoneRatios(log.sessions);
  const ofTool = ({ id }: Tool): RatioSum => sums.get(id) ?? { count: 0, sumLn: 0 };
  const known = log.tools.map(ofTool);
  const count = known.reduce((sum, own) => sum + own.count, 0);
  const sumLn = known.reduce((sum, own) => sum + own.sumLn, 0);

  return (tool) => {
    const [lowHrc, highHrc] = workingSteel(tool.steel).rangeHrc;
    const own = ofTool(tool);
    if (highHrc - lowHrc <= KNOWN_HRC || own.count < LEAST_STEPS) return null;
    const isKnown = log.tools.some(({ id }) => id === tool.id);
    const others = isKnown
      ? { count: count - own.count, sumLn: sumLn - own.sumLn }
      : { count, sumLn };
    const hand = calibrate({ priorSd: PRIOR_SD, observationSd: OBSERVATION_SD, ratios: others });
    const lnHv = (hardnessHrc: number): number => Math.log(vickersHardness({ hardnessHrc }));
    const middleLn = (lnHv(lowHrc) + lnHv(highHrc)) / 2;
    const { factor, sdLn } = calibrate({
      priorSd: (lnHv(highHrc) - lnHv(lowHrc)) / 2,
      observationSd: OBSERVATION_SD,
      ratios: { count: own.count, sumLn: own.sumLn - own.count * Math.log(hand.factor) },
    });
    const at = (ln: number): number =>
      Math.min(highHrc, Math.max(lowHrc, rockwellHardness({ hardnessHv: Math.exp(ln) })));
    const centre = middleLn + Math.log(factor);
    return { lowHrc: at(centre - sdLn), highHrc: at(centre + sdLn), steps: own.count };
  };
}

/** The tool with its range of hardness narrowed by the log, for planning with; not for keeping. */
export function withHardness(tool: Tool, learned: LearnedHardness | null): Tool {
  if (!learned) return tool;
  const steel = {
    ...tool.steel,
    hardnessLowHrc: learned.lowHrc,
    hardnessHighHrc: learned.highHrc,
  };
  return { ...tool, steel };
}

/**
 * By tool: strokes done over strokes planned by the model, of every stone step of its touch-ups that
 * reached its target.
 */
function stoneRatios(sessions: readonly LoggedSession[]): Map<string, RatioSum> {
  const ratios = new Map<string, number[]>();
  for (const session of sessions) {
    if (session.job !== 'touch-up' || session.finishedAt === null || !reachedTarget(session))
      continue;
    const own = ratios.get(session.toolId) ?? [];
    ratios.set(session.toolId, own);
    for (const { kind, finishedAt, left, right, plannedPerSide, learnedFactor } of session.steps) {
      if (kind !== 'stone' || !finishedAt || left + right === 0 || plannedPerSide === 0) continue;
      own.push(((left + right) / (2 * plannedPerSide)) * learnedFactor);
    }
  }
  return new Map([...ratios].map(([toolId, own]) => [toolId, ratioSum(own)]));
}
