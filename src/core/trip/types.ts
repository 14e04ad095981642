import type { EventCounts } from './events';
import type { EdgeWear } from '../wear';

/** What an edge is brought back by, the lightest first. */
export const RUNGS_OUT = ['strop', 'stone', 'file'] as const;
export type RungOut = (typeof RUNGS_OUT)[number];

/** A touch-up out there of an edge as round as this, as it was planned once. */
export interface CostPoint {
  apexUm: number;
  chipMm: number;
  rung: RungOut;
  minutes: number;
  strokesPerSide: number;
  waterMl: number;
  /** Passes over compound, both sides. */
  passes: number;
  endUm: number;
}

/** What touch-ups of one edge cost; empty where nothing carried works it. */
export interface EdgeCosts {
  /** Without a chip, keen to blunt. */
  worn: CostPoint[];
  /** With a chip, shallow to deep, on an edge that is tired. */
  chipped: CostPoint[];
  /** Radius that its ladder ends at. */
  finishUm: number;
}

/** One job of one edge on one day. */
export interface EdgeWork {
  day: number;
  taskId: string;
  hours: number;
  wear: EdgeWear;
  /** What the person's log teaches of this work, as a factor that is in the wear. */
  learnedFactor: number;
  /** Radius at which this work no longer goes. */
  needUm: number;
}

/** One edge that travels, with its work. */
export interface TripEdge {
  id: string;
  toolId: string;
  zoneId: string;
  targetUm: number;
  startUm: number;
  /** The chip that it has already (mm); 0 for none. */
  startChipMm: number;
  /** Knives alike that are swapped as each dulls. */
  copies: number;
  /** Spread (sd of ln) of how fast this very tool dulls. */
  toolSdLn: number;
  /** The first day whose work is still ahead of it. */
  fromDay: number;
  work: EdgeWork[];
  /** With what is at hand in the middle of a job, and in the evening. */
  midJobCosts: EdgeCosts;
  eveningCosts: EdgeCosts;
}

/** How the person works out there. */
export interface TripPolicy {
  stropAt: number;
  stoneAt: number;
  repairMm: number;
  /** A chip so deep sends the tool home; null where none does. */
  goHomeMm: number | null;
  /** Whether there is light to grind chips out by in the evening; else a stop in mid-job does it. */
  chipsInEvening: boolean;
  midJobStops: number;
}

export interface TripProblem {
  days: number;
  edges: TripEdge[];
  policy: TripPolicy;
  runs: number;
  seed: number;
}

/** 16, 50 and 84 % of all runs, and the mean. */
export interface Spread {
  low: number;
  median: number;
  high: number;
  mean: number;
}

/** Share of runs in which each rung comes. */
export type Chances = Record<RungOut, number>;

/** One edge on one day. */
export interface EdgeDay {
  day: number;
  hours: number;
  /** The apex (µm) at quarters of an hour of work, from the first stroke to the last. */
  course: { hour: number; apex: Spread }[];
  /** The apex in the evening, before and after what is done then. */
  evening: Spread;
  overnight: Spread;
  midJob: Chances;
  eveningWork: Chances;
  /** Share of runs with a chip on this day. */
  chipChance: number;
  /** Hours of work below what the work needs. */
  belowHours: Spread;
  /** Share of runs in which it has gone home by this evening, and the hours that are lost by it. */
  homeChance: number;
  lostHours: number;
  midJobMinutes: Spread;
  eveningMinutes: Spread;
  /** Mean minutes of each rung when it comes; 0 for one that never does. */
  midJobMinutesBy: Record<RungOut, number>;
  eveningMinutesBy: Record<RungOut, number>;
  swaps: number;
}

export interface EdgeForecast {
  id: string;
  toolId: string;
  zoneId: string;
  days: EdgeDay[];
  strokesPerSide: Spread;
  waterMl: Spread;
  passes: Spread;
  /** How often it is touched up (mean), by what it is brought back from: over the trip, and evening by evening. */
  events: { midJob: EventCounts; evening: EventCounts; evenings: EventCounts[] };
}

export interface TripForecast {
  runs: number;
  edges: EdgeForecast[];
  /** Over the whole trip, evenings and mid-job, all edges together. */
  minutes: Spread;
  /** By day, all edges together. */
  eveningMinutes: Spread[];
  midJobMinutes: Spread[];
  waterMl: Spread[];
}
