import type { Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { workingFace } from '../ladder';
import { TEST_CENTRE_UM } from '../sharpness';
import { sinDeg } from '../trigonometry';
import { damageToMend } from './edgeState';

/** How fast a zone's steel is used up. */
export interface SteelPace {
  /** Mean recession of the apex at a touch-up (mm), and how many of the log stand behind it. */
  recessionMm: number;
  touchUps: number;
  touchUpsPerYear: number;
}

/** Recession of a touch-up where the log shows none yet (prior). */
const USUAL_RECESSION_MM = 0.004;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/**
 * The pace at which touch-ups use a zone up, from its log: each takes the larger of its damage and
 * of the recession r·(1 − sin θ)/sin θ that the rounded apex asked for. Strops alone take none.
 */
export function steelPace(tool: Tool, zone: Zone, sessions: readonly Session[]): SteelPace {
  const { angleDeg } = workingFace(tool, zone);
  const finished = sessions.filter(
    ({ toolId, zoneId, job, finishedAt }) =>
      toolId === tool.id && zoneId === zone.id && job === 'touch-up' && finishedAt !== null,
  );
  const recessions = finished.map(({ steps, before }) => {
    if (steps.every(({ kind }) => kind === 'strop')) return 0;
    const test = before.tests.at(-1)?.test;
    const radiusMm = (test ? TEST_CENTRE_UM[test] : 0) / 1000;
    const rounding = (radiusMm * (1 - sinDeg(angleDeg))) / sinDeg(angleDeg);
    return Math.max(damageToMend(before.findings), rounding);
  });
  const total = recessions.reduce((sum, each) => sum + each, 0);
  const times = finished.map(({ startedAt }) => Date.parse(startedAt));
  const years = (Math.max(...times) - Math.min(...times)) / YEAR_MS;
  return {
    recessionMm: total > 0 ? total / finished.length : USUAL_RECESSION_MM,
    touchUps: finished.length,
    touchUpsPerYear: finished.length > 1 && years > 0 ? (finished.length - 1) / years : 0,
  };
}
