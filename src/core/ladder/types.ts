import type {
  AbrasiveFamily,
  AbrasiveForm,
  Carbide,
  Contour,
  FaceState,
  LubricantKind,
  Motion,
  StepTask,
  StropBacking,
  StropSurface,
} from '../../domain/terms';
import type { Hold } from '../wear';
import type { Practice } from './practice';

/** The face that a touch-up works, and the steel behind it. Angles per side. */
export interface WorkingFace {
  toolForm: 'knife' | 'axe' | 'machete';
  contour: Contour;
  edgeLengthMm: number;
  /** Angle at the apex: of the micro-bevel where there is one, else of the bevel. */
  angleDeg: number;
  faceWidthMm: number;
  /** Half angle of the face behind the worked one; 0 for parallel stock. */
  behindAngleDeg: number;
  /** Radius of a convex edge's arc; null where the face is flat. */
  arcRadiusMm: number | null;
  hold: Hold;
  hardnessHrc: number;
  carbide: Carbide;
  stainless: boolean;
  /** How the keeper works. */
  practice: Practice;
}

/** One abrasive surface at hand. */
export interface LadderStone {
  kind: 'stone';
  id: string;
  name: string;
  family: AbrasiveFamily;
  form: AbrasiveForm;
  sizeUm: number;
  lengthMm: number;
  /** How far the face has worn hollow. */
  dishMm: number;
  state: FaceState;
  /** The lubricant to use on it; null where it has to be one that is not at hand. */
  lubricant: LubricantKind | null;
}

/** One strop at hand, with the size of the compound on it. */
export interface LadderStrop {
  kind: 'strop';
  id: string;
  name: string;
  surface: StropSurface;
  backing: StropBacking;
  sizeUm: number;
  lengthMm: number;
}

export type LadderAbrasive = LadderStone | LadderStrop;

/** The edge as it is. */
export interface EdgeCondition {
  apexRadiusUm: number;
  /** Depth of the deepest damage to be ground out; 0 for none. */
  damageDepthMm: number;
  /** Radius the edge had when last finished; guessed from the target when unknown. */
  keenRadiusUm?: number;
}

export interface EdgeTarget {
  apexRadiusUm: number;
}

/** What one rung asks of the hand. */
export interface LadderStep {
  abrasive: LadderAbrasive;
  task: StepTask;
  /** Size of the step before divided by this one's; null on the first. */
  jumpRatio: number | null;
  angleDeg: number;
  motion: Motion;
  direction: 'edge leading' | 'edge trailing' | 'both ways';
  lubricant: LubricantKind;
  forceN: number;
  strokeLengthMm: number;
  /** Stretches that the edge is worked in, heel to tip. */
  sections: number;
  strokesPerSide: number;
  strokesPerSideLow: number;
  strokesPerSideHigh: number;
  minutes: number;
  /** Width of the face that the strokes touch (mm). */
  contactWidthMm: number;
  /** 0 where strokes are counted and not computed. */
  volumeMm3: number;
  wearRate: number;
  /** Apex radius when this step is finished. */
  apexRadiusUm: number;
  doneWhen: string[];
  warnings: string[];
}

export interface LadderPlan {
  outcome: 'leave alone' | 'planned' | 'out of reach';
  steps: LadderStep[];
  minutes: number;
  apexRadiusUm: number;
  /** The stone not at hand that would save most, when it saves a minute or more. */
  missingStone: { sizeUm: number; savesMinutes: number } | null;
  /** Abrasives that were not considered, and why. */
  leftOut: { id: string; name: string; reason: string }[];
}
