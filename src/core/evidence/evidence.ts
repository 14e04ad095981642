import type { Motion, WorkUnit } from '../../domain/terms';
import type { AbrasiveFamily, StropSurface } from '../../domain/families';

/** What cuts or strops, by what it is made of. */
export type CutterFamily = AbrasiveFamily | StropSurface;

/**
 * One look at an edge under work, after so many strokes over both sides: did it say that the step was done?
 * `done` is an end of the person's own, unlike the plan and with nothing asked before: the count itself.
 */
export interface Look {
  count: number;
  says: 'yes' | 'no' | 'done';
  /** A sign like a burr all along, or a test of sharpness. */
  by: 'sign' | 'test';
}

/** What the last stone before some work left: its size (µm) and the angle (° per side). */
export interface StoneFinish {
  sizeUm: number;
  angleDeg: number;
}

/** What every entry of the log becomes evidence as: a quantity, what the bare model said of it, what was seen. */
interface Evident {
  /** When it was seen, ISO 8601. */
  at: string;
  toolId: string;
  /** Whose hand it was; null where nobody said. */
  person: string | null;
  /** What the bare model predicted, and the hardness that it assumed; null where that was not noted. */
  predicted: number;
  hardnessHrc: number | null;
  /** Spread (sd of ln) of one such quantity around its factor. */
  sdLn: number;
}

/** How many strokes a step needed, over both sides. */
export interface StrokesEvidence extends Evident {
  what: 'strokes';
  sessionId: string;
  stepIndex: number;
  itemId: string;
  family: CutterFamily;
  looks: readonly Look[];
  /** Radii (µm) before the step, after it, and the upper edge of its target's class; null where scratches go. */
  apex: { beforeUm: number; finishUm: number; upperUm: number } | null;
}

/** How many strokes a minute the hand made; predicted by the person's settings. */
export interface PaceEvidence extends Evident {
  what: 'pace';
  motion: Motion;
  seen: number;
}

/** How round an edge was after work: every test since its last finish. Predicted: growth (µm) by the last test. */
export interface DullingEvidence extends Evident {
  what: 'dulling';
  zoneId: string;
  /** The task that most of the work was; null where it was mixed. */
  taskId: string | null;
  hours: number;
  /** Radius (µm) at its last finish. */
  startUm: number;
  /**
   * Each test: the growth that was predicted until then, and the radius (µm) with its spread; `atLeastUm` where
   * nothing tells beyond that, as of a blunt edge.
   */
  tests: readonly {
    predictedUm: number;
    apexUm: number;
    sdLn: number;
    atLeastUm: number | null;
  }[];
}

/** How much work, or how many days, lay between a finish and how the edge was found next. */
export interface LastingEvidence extends Omit<Evident, 'predicted' | 'hardnessHrc' | 'sdLn'> {
  what: 'lasting';
  zoneId: string;
  /** Days, the person's own unit of work, or hours of one task. */
  unit: WorkUnit | 'days';
  taskId: string | null;
  amount: number;
  /** Radii (µm) after the finish, at the next look, and what the edge's work asks for. */
  startUm: number;
  endUm: number;
  targetUm: number;
  finish: StoneFinish | null;
}

export type Evidence = StrokesEvidence | PaceEvidence | DullingEvidence | LastingEvidence;
