import { array, boolean, object, type InferType } from 'yup';
import {
  countOrNull,
  identifier,
  identifierOrNull,
  measure,
  measureOrNull,
  name,
  oneOf,
  recordFields,
  text,
  timestampOrNull,
} from './fields';
import { gradeSchema } from './grade';
import {
  ABRASIVE_FORMS,
  COVERS,
  FACE_STATES,
  HELPER_KINDS,
  LUBRICANT_KINDS,
  STROP_BACKINGS,
  STROP_FORMS,
  PLACES,
} from './terms';
import { ABRASIVE_FAMILIES, STROP_SURFACES } from './families';

/** What every thing on the shelf has: a weight, a place where it lives, and what it cost if wanted. */
const carriedFields = {
  massG: measure(0, 10_000),
  place: oneOf(PLACES),
  /** Carried whether or not it is wanted for edges, like the trouser belt: counts 0 g. */
  carriedAnyway: boolean().required(),
  /** In the person's own money; null where it is not kept. */
  price: measureOrNull(0, 100_000),
};

/** Faces of one thing, at most: a three-sided stone or strop. */
export const MOST_FACES = 3;

/** One working face of a stone, file or paper. */
const faceSchema = object({
  id: identifier(),
  name: name(),
  family: oneOf(ABRASIVE_FAMILIES),
  grade: gradeSchema.required(),
  state: oneOf(FACE_STATES),
}).noUnknown();

export type Face = InferType<typeof faceSchema>;

/** A stone, plate, file, rod, puck or set of papers; two- and three-sided ones have so many faces. */
export const abrasiveSchema = object({
  ...recordFields,
  ...carriedFields,
  name: name(),
  form: oneOf(ABRASIVE_FORMS),
  /** Fresh sheets after the present one; null for what is not used up. */
  freshLeft: countOrNull(1000),
  /** When its faces were last cleaned, flattened or replaced; null if unknown. */
  freshAt: timestampOrNull(),
  lengthMm: measure(10, 400),
  widthMm: measure(3, 200),
  thicknessMm: measureOrNull(0.1, 120),
  /** What may be put on it; a stone once used with oil stays an oil stone. */
  lubricants: array(oneOf(LUBRICANT_KINDS)).min(1, '${path} must name at least one').required(),
  /** Whether oil or fat was ever on it: the pores keep it. */
  usedWithOil: boolean().required(),
  /** Water that it soaks up before a use; null for what is usual for its kind. */
  soakMl: measureOrNull(0, 2000),
  /** How far its face has worn hollow. */
  dishMm: measure(0, 10),
  faces: array(faceSchema.required()).min(1).max(MOST_FACES).required(),
  notes: text(),
}).noUnknown();

export type Abrasive = InferType<typeof abrasiveSchema>;

export const compoundSchema = object({
  ...recordFields,
  ...carriedFields,
  name: name(),
  sizeUm: measure(0.05, 20),
  notes: text(),
}).noUnknown();

export type Compound = InferType<typeof compoundSchema>;

/** What lies under the edge: leather or cloth, bare or with compound. */
const stropFace = {
  surface: oneOf(STROP_SURFACES),
  /** The compound it is used with; null when bare. */
  compoundId: identifierOrNull(),
  /** When the compound was last renewed, or the surface replaced; null if unknown. */
  loadedAt: timestampOrNull(),
};

export const stropSchema = object({
  ...recordFields,
  ...carriedFields,
  name: name(),
  /** Fresh faces or stretches after the present one; null for what is not used up. */
  freshLeft: countOrNull(1000),
  form: oneOf(STROP_FORMS),
  ...stropFace,
  backing: oneOf(STROP_BACKINGS),
  lengthMm: measure(30, 1500),
  widthMm: measureOrNull(3, 300),
  /** How far it gives way under the edge, in the middle of its length. */
  sagMm: measure(0, 60),
  /** Its further faces; empty where there is one only. */
  otherFaces: array(object(stropFace).noUnknown().required())
    .max(MOST_FACES - 1)
    .required(),
  notes: text(),
}).noUnknown();

export type Strop = InferType<typeof stropSchema>;

export const lubricantSchema = object({
  ...recordFields,
  ...carriedFields,
  name: name(),
  kind: oneOf(LUBRICANT_KINDS.filter((kind) => kind !== 'dry')),
  notes: text(),
}).noUnknown();

export type Lubricant = InferType<typeof lubricantSchema>;

/** What helps and does not cut: a marker, coins, gloves, a wax, a first-aid pack. */
export const helperSchema = object({
  ...recordFields,
  ...carriedFields,
  name: name(),
  kind: oneOf(HELPER_KINDS),
  /** What it does for a kit; one thing may do several. */
  covers: array(oneOf(COVERS)).required(),
  notes: text(),
}).noUnknown();

export type Helper = InferType<typeof helperSchema>;
