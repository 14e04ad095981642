import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool, Zone } from '../../domain/tool';
import { steelBudget } from '../edge';
import { recessionsSinceMeasured, steelPace, type SteelPace } from './recession';

/** Steel that a zone has left to sharpen away, at the pace of its log. */
export interface SteelLeft {
  pace: SteelPace;
  /** What each touch-up since the zone was measured took off (mm), oldest first. */
  pastMm: number[];
  leftMm: number;
  touchUps: number;
  years: number;
}

export function steelLeft(tool: Tool, zone: Zone, sessions: readonly LoggedSession[]): SteelLeft {
  const pace = steelPace(tool, zone, sessions);
  const pastMm = recessionsSinceMeasured(tool, zone, sessions).map((r) => r.recessionMm);
  const lostMm = sum(pastMm);
  const budget = steelBudget({
    depthMm: Math.max(0, tool.bladeWidthMm - lostMm),
    reserveMm: tool.reserveMm,
    recessionPerTouchUpMm: pace.recessionMm,
    touchUpsPerYear: pace.touchUpsPerYear,
  });
  return { pace, pastMm, ...budget };
}
