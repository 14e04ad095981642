import { array, boolean, lazy, number, object, string } from 'yup';
import type { KitLimits, KitProblem, RackRound } from '../core/kit';
import type { LadderStone } from '../core/ladder';
import { oneOf, oneOfOrNull } from '../domain/fields';
import {
  ABRASIVE_FORMS,
  CARBIDES,
  CARRY_PLACES,
  CONTOURS,
  COVERS,
  FACE_STATES,
  HELD_WAYS,
  LUBRICANT_KINDS,
  MOTIONS,
  STROP_BACKINGS,
  STROP_FORMS,
} from '../domain/terms';
import { ABRASIVE_FAMILIES, STROP_SURFACES } from '../domain/families';
import { SCHOOLS } from '../domain/schools';

const id = string().max(200).required();
const positive = number().positive().required();
const notNegative = number().min(0).required();

/** A kit problem as it crosses into the worker: shape, ranges and size are checked at the border. */

const practiceSchema = object({
  stoneForceLimitN: positive,
  stropForceN: positive,
  stropAboveApexDeg: number().min(-10).max(10).required(),
  moves: oneOf(SCHOOLS.moves),
  motion: oneOfOrNull(MOTIONS),
  direction: oneOfOrNull(['edge leading', 'edge trailing']),
  burr: oneOf(['deburred', 'alternating strokes', 'standing']),
  deburrStrokes: object({ first: notNegative, later: notNegative }).required(),
  carriedBurr: positive,
  leastJump: positive,
  mostJump: positive,
  singleStone: boolean().required(),
  finishShare: positive,
  stropAtEnd: boolean().required(),
});

const faceSchema = object({
  toolForm: oneOf(['knife', 'axe', 'machete']),
  contour: oneOf(CONTOURS),
  startMm: notNegative,
  edgeLengthMm: positive,
  angleDeg: number().min(5).max(60).required(),
  faceWidthMm: positive,
  behindAngleDeg: number().min(0).max(60).required(),
  arcRadiusMm: number().positive().nullable().defined(),
  hold: oneOf(['freehand', 'resting on the bevel', 'guide']),
  isFine: boolean().required(),
  isMicroBevel: boolean().required(),
  zeroGround: boolean().required(),
  facet: object({
    angleDeg: number().min(5).max(60).required(),
    faceWidthMm: positive,
    startMm: notNegative,
    endMm: notNegative,
    kept: boolean().required(),
  })
    .nullable()
    .defined(),
  hardnessHrc: number().min(30).max(68).required(),
  carbide: oneOf(CARBIDES),
  stainless: boolean().required(),
  practice: practiceSchema.required(),
});

const roundNeed = {
  id,
  name: string().required(),
  face: faceSchema.required(),
  condition: object({
    apexRadiusUm: positive,
    damageDepthMm: notNegative,
    damageStretch: object({ startMm: notNegative, endMm: notNegative }).nullable(),
    keenRadiusUm: number().positive(),
  }).required(),
  target: object({ apexRadiusUm: positive, finishSizeUm: positive }).required(),
};

const stoneSchema = object({
  kind: oneOf(['stone']),
  id,
  name: string().required(),
  family: oneOf(ABRASIVE_FAMILIES),
  form: oneOf(ABRASIVE_FORMS),
  sizeUm: positive,
  lengthMm: positive,
  widthMm: positive,
  dishMm: notNegative,
  state: oneOf(FACE_STATES),
  lubricant: oneOfOrNull(LUBRICANT_KINDS),
  soakMl: notNegative,
  held: oneOfOrNull(HELD_WAYS),
});

const stropSchema = object({
  kind: oneOf(['strop']),
  id,
  name: string().required(),
  form: oneOf(STROP_FORMS),
  surface: oneOf(STROP_SURFACES),
  backing: oneOf(STROP_BACKINGS),
  sizeUm: positive,
  lengthMm: positive,
  sagMm: notNegative,
  loaded: boolean().required(),
});

const learnedSchema = object({ factor: positive, sdLn: positive, steps: notNegative });

/** Factors by key: every entry is one. */
const learnedByKey = lazy((value: Record<string, unknown> | undefined) =>
  object(
    Object.fromEntries(Object.keys(value ?? {}).map((key) => [key, learnedSchema.required()])),
  ).required(),
);

const ids = array(id).max(400).required();

const common = {
  abrasives: array(
    object({
      abrasive: lazy((value: { kind?: unknown } | undefined) =>
        value?.kind === 'strop' ? stropSchema.required() : stoneSchema.required(),
      ),
      needsAll: array(id).required(),
      needsOneOf: array(id).nullable().defined(),
    }).required(),
  )
    .max(200)
    .required(),
  hand: object({
    pace: object({ sweeps: positive, 'back-and-forth': positive, circles: positive }).required(),
    learned: object({
      families: learnedByKey,
      things: learnedByKey,
      pace: learnedByKey,
    }).required(),
  }).required(),
};

const roundSchema = object({
  ...common,
  needs: array(object(roundNeed).required()).max(120).required(),
  items: array(object({ id, name: string().required() }).required())
    .max(200)
    .required(),
});

const kitNeed = object({
  ...roundNeed,
  edgeId: id,
  event: oneOf(['strop', 'touch-up', 'blunt', 'chip', 'deep chip']),
  count: positive.max(10_000),
  fromBelt: boolean().required(),
  perEvening: array(notNegative).max(365).required(),
});

const requestSchema = object({
  ...common,
  needs: array(kitNeed.required()).max(1200).required(),
  items: array(
    object({
      id,
      name: string().required(),
      massG: notNegative,
      place: oneOf(CARRY_PLACES),
      hangs: oneOf(['always', 'may', 'never']),
    }).required(),
  )
    .max(400)
    .required(),
  covers: array(object({ cover: oneOf(COVERS), itemIds: ids }).required())
    .max(COVERS.length)
    .required(),
  heldIn: ids,
  keptOut: ids,
  minutesPerTouchUp: number().positive().max(240).required(),
  beltMostG: notNegative.max(100_000),
});

const limit = number().min(0).nullable().defined();

const limitsSchema = object({
  grams: limit,
  eveningMinutes: limit,
  waterMl: limit,
  placeGrams: object({ pouch: limit, pack: limit, 'base-camp': limit }).required(),
});

/** The problem in a message; throws a `ValidationError` that names the field when it is not one. */
export function readKitRequest(message: unknown): KitProblem {
  return requestSchema.validateSync(message, { strict: true }) as unknown as KitProblem;
}

/** What a minute is worth in a message (g/min). */
export function readGramsPerMinute(message: unknown): number {
  return positive.max(1000).validateSync(message, { strict: true });
}

/** The limits in a message, as the problem is read. */
export function readKitLimits(message: unknown): KitLimits {
  return limitsSchema.validateSync(message, { strict: true }) as KitLimits;
}

/** The round of a rack in a message, as the problem is read. */
export function readRackRound(message: unknown): RackRound {
  return roundSchema.validateSync(message, { strict: true }) as unknown as RackRound;
}

/** The stone in a message, as `readKitRequest` reads those of a problem. */
export function readStone(message: unknown): LadderStone {
  return stoneSchema.validateSync(message, { strict: true }) as LadderStone;
}
