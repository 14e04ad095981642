import type { ToolForm } from '../../domain/kinds';
import type { Zone, ZoneFacet } from '../../domain/tool';
import type {
  AbrasiveForm,
  Carbide,
  Contour,
  FaceState,
  HeldWay,
  LubricantKind,
  Motion,
  StepTask,
  StropBacking,
  StropForm,
} from '../../domain/terms';
import type { Steadiness } from '../wear';
import type { Practice } from './practice';
import type { AbrasiveFamily, StropSurface } from '../../domain/families';

/** A stretch of the edge (mm from the tool's heel). */
export interface Stretch {
  startMm: number;
  endMm: number;
}

/** The face that a touch-up works, and the steel behind it. Angles per side. */
export interface WorkingFace {
  toolForm: ToolForm;
  contour: Contour;
  /** Where the zone begins, from the tool's heel. */
  startMm: number;
  edgeLengthMm: number;
  /** Angle at the apex: of the micro-bevel where there is one, else of the bevel. */
  angleDeg: number;
  faceWidthMm: number;
  /** Half angle of the face behind the worked one; 0 for parallel stock. */
  behindAngleDeg: number;
  /** Radius of a convex edge's arc; null where the face is flat. */
  arcRadiusMm: number | null;
  hold: Steadiness;
  /** Whether it is a stretch for fine work, that nothing hard may strike. */
  isFine: boolean;
  /** Whether it is a micro-bevel. */
  isMicroBevel: boolean;
  /** Whether the bevel runs flat to the apex and serves as its own guide. */
  zeroGround: boolean;
  /** A steeper facet along a stretch; null where there is none. */
  facet: ZoneFacet | null;
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
  widthMm: number;
  /** How far the face has worn hollow. */
  dishMm: number;
  state: FaceState;
  /** The lubricant to use on it; null where it has to be one that is not at hand. */
  lubricant: LubricantKind | null;
  /** Water that it soaks up before a use, where it is used with water. */
  soakMl: number;
  /** How the person holds it; null as is usual. */
  held: HeldWay | null;
}

/** One strop at hand, with the size of the compound on it. */
export interface LadderStrop {
  kind: 'strop';
  id: string;
  name: string;
  form: StropForm;
  surface: StropSurface;
  backing: StropBacking;
  sizeUm: number;
  lengthMm: number;
  /** How far it gives way under the edge, in the middle of its length. */
  sagMm: number;
  /** Whether compound is on it: it takes rounding back as well as burr. */
  loaded: boolean;
}

export type LadderAbrasive = LadderStone | LadderStrop;

/** The edge as it is. */
export interface EdgeCondition {
  apexRadiusUm: number;
  /** Depth of the deepest damage to be ground out; 0 for none. */
  damageDepthMm: number;
  /** Where damage is ground out on a chopping tool; the whole zone where nothing is said. */
  damageStretch?: Stretch | null;
  /** Radius the edge had when last finished; guessed from the target when unknown. */
  keenRadiusUm?: number;
}

/** The two things that end a ladder. */
export interface EdgeTarget {
  apexRadiusUm: number;
  /** Size of the last stone, at most; by the apex where nothing is said. Strops do not count. */
  finishSizeUm?: number;
}

/** What a person says of their own ladder; ids of abrasives at hand. */
export interface OwnLadder {
  leftOut: readonly string[];
  required: readonly string[];
  /** The stone to begin with; null where the plan chooses. */
  startsWith: string | null;
  /** Exactly these, coarse to fine; null where the plan chooses. */
  sequence: readonly string[] | null;
}

export const NO_WISHES: OwnLadder = {
  leftOut: [],
  required: [],
  startsWith: null,
  sequence: null,
};

/** Something worth a word at a step. */
export type StepNote =
  | { kind: 'long jump'; ratio: number; costsMinutes: number | null; stoneUm: number | null }
  | { kind: 'short jump'; ratio: number }
  | { kind: 'wipe between'; from: LubricantKind; to: LubricantKind }
  | { kind: 'bench job' }
  | { kind: 'close it lightly'; strokesPerSide: number; forceN: number }
  | { kind: 'hollow stone'; angleDeg: number }
  | { kind: 'sagging strop'; angleDeg: number }
  | { kind: 'may skate' }
  | { kind: 'may score' };

/** Why an abrasive is not in play. */
export type UnfitReason =
  | { kind: 'too short'; toolForm: WorkingFace['toolForm']; needsMm: number }
  | { kind: 'hard strop on a hollow edge' }
  | { kind: 'hanging strop on hard steel' }
  | { kind: 'removes nothing' }
  | { kind: 'scrapes' }
  | { kind: 'no lubricant' }
  | { kind: 'flat stone on a hollow edge' }
  | { kind: 'file skates'; limitHrc: number }
  | { kind: 'file on a knife' }
  | { kind: 'cuts' }
  | { kind: 'needed and not at hand' }
  | { kind: 'left out by you' };

/** What the model alone counts of a step, and in which state: what a log's step is held against later. */
interface StepBaseline {
  /** Over both sides, before they are made whole. */
  strokes: number;
  minutes: number;
  hardnessHrc: number;
  /** Radius of the apex before it; null where scratches are to go. */
  apexUm: number | null;
}

/** What one rung asks of the hand. */
export interface LadderStep {
  abrasive: LadderAbrasive;
  task: StepTask;
  /** Size of the step before divided by this one's; null on the first. */
  jumpRatio: number | null;
  angleDeg: number;
  /** The part of the strokes that goes to a stretch at an angle of its own; null for none. */
  stretch: (Stretch & { angleDeg: number; strokesPerSide: number }) | null;
  /** Which of an arc's facets is worked, apex first; null where none is. */
  facet: { number: number; of: number } | null;
  /** What the zone measures once this step is done; null where its measures stay. */
  zoneAfter: Zone | null;
  /** How tool and abrasive meet. */
  held: HeldWay;
  /** Strokes of one pass from heel to toe, where a stone moves over the tool; null where it does not. */
  passStrokes: number | null;
  motion: Motion;
  direction: 'edge leading' | 'edge trailing' | 'both ways';
  lubricant: LubricantKind;
  /** Water for this step: what the stone soaks up, and a splash. */
  waterMl: number;
  forceN: number;
  strokeLengthMm: number;
  /** Stretches that the edge is worked in, heel to tip. */
  sections: number;
  strokesPerSide: number;
  strokesPerSideLow: number;
  strokesPerSideHigh: number;
  minutes: number;
  minutesLow: number;
  minutesHigh: number;
  /** The same by the model alone; null where a rule counts the strokes. */
  baseline: StepBaseline | null;
  /** What the log has taught of this abrasive, as it is in the strokes. */
  learnedFactor: number;
  /** The person's own steps behind the range. */
  learnedSteps: number;
  /** Whether those were made with the thing itself, or with others of its family. */
  learnedFrom: 'itself' | 'its family';
  /** What the hand's practised wobble makes of the strokes beside that. */
  heldFactor: number;
  /** Width of the face that the strokes touch (mm). */
  contactWidthMm: number;
  /** 0 where strokes are counted and not computed. */
  volumeMm3: number;
  wearRate: number;
  /** Apex radius when this step is finished. */
  apexRadiusUm: number;
  notes: StepNote[];
}

/** A stone that would help: owned but elsewhere, or not owned. */
export interface HelpfulStone {
  sizeUm: number;
  /** Name of the owned thing; null where none of that size is owned. */
  owned: string | null;
  family: AbrasiveFamily;
  /** Minutes saved; null where it makes the target reachable at all. */
  savesMinutes: number | null;
  /** Minutes of the job with it; the closing strop of a ladder comes on top. */
  minutes: number;
}

export interface Ladder {
  outcome: 'leave alone' | 'planned' | 'out of reach';
  steps: LadderStep[];
  minutes: number;
  minutesLow: number;
  minutesHigh: number;
  apexRadiusUm: number;
  /** Whether its end is short of what was asked for. */
  shortOf: { apex: boolean; finish: boolean };
  /** The quickest way, where another was chosen for its finer first stone or by the person. */
  quickest: { minutes: number; names: string[] } | null;
  /** For every first stone its quickest ladder. */
  firstStones: { id: string; sizeUm: number; minutes: number; steelMm3: number }[];
  /** Whether what the person asked for could not be walked, so that the plan chose. */
  wishesFailed: boolean;
  /** The stone that would save most, when it saves a minute or more. */
  missingStone: HelpfulStone | null;
  /** Abrasives that were not considered, and why. */
  leftOut: { id: string; name: string; reason: UnfitReason }[];
}
