import { array, boolean, number, object, string, type InferType } from 'yup';
import { measure, name, oneOf, oneOfOrNull, recordFields, text } from './fields';
import {
  ABRASIVE_FAMILIES,
  ABRASIVE_FORMS,
  FACE_STATES,
  LUBRICANT_KINDS,
  NAMED_GRADES,
  PLACES,
  SCALE_LIMITS,
  SCALES,
  STROP_BACKINGS,
  STROP_SURFACES,
  type NumberedScale,
} from './terms';

/** What every thing on the shelf has: a weight and a place where it lives. */
const carriedFields = {
  massG: measure(0, 10_000),
  place: oneOf(PLACES),
  /** Carried whether or not it is wanted for edges, like the trouser belt: counts 0 g. */
  carriedAnyway: boolean().required(),
};

/** What is wrong with a number outside its scale, and what to do. */
function outsideScale(scale: NumberedScale, least: number, most: number): string {
  if (scale === 'micron') return `must be from ${least} to ${most} µm`;
  return `must be from ${least} to ${most} on this scale: check which scale it is, or give its size as µm or as a span of µm`;
}

/** A size as it is printed on the thing: a number, a name, or a range where nothing is known. */
export const gradeSchema = object({
  scale: oneOf(SCALES),
  number: number().min(0.05).max(15_000).nullable().defined(),
  named: oneOfOrNull(NAMED_GRADES),
  finestUm: number().min(0.05).max(2000).nullable().defined(),
  coarsestUm: number().min(0.05).max(2000).nullable().defined(),
})
  .noUnknown()
  .test('fits-scale', (grade, context) => {
    const refuse = (field: string, message: string) =>
      context.createError({ path: `${context.path}.${field}`, message });
    if (grade.scale === 'natural') {
      return grade.named !== null || refuse('named', 'choose what kind of stone or file it is');
    }
    if (grade.scale === 'range') {
      if (grade.finestUm === null) return refuse('finestUm', 'enter the finest size, in µm');
      if (grade.coarsestUm === null) return refuse('coarsestUm', 'enter the coarsest size, in µm');
      return (
        grade.finestUm <= grade.coarsestUm ||
        refuse('coarsestUm', 'the coarsest size must not be below the finest')
      );
    }
    if (grade.number === null) return refuse('number', 'enter the number printed on it');
    const [least, most] = SCALE_LIMITS[grade.scale];
    return (
      (grade.number >= least && grade.number <= most) ||
      refuse('number', outsideScale(grade.scale, least, most))
    );
  });

export type ShelfGrade = InferType<typeof gradeSchema>;

/** One working face of a stone, file or paper. */
const faceSchema = object({
  id: string().min(1).max(64).required(),
  name: name(),
  family: oneOf(ABRASIVE_FAMILIES),
  grade: gradeSchema.required(),
  state: oneOf(FACE_STATES),
}).noUnknown();

export type Face = InferType<typeof faceSchema>;

/** A stone, plate, file, rod, puck or set of papers; two-sided ones have two faces. */
export const abrasiveSchema = object({
  ...recordFields,
  ...carriedFields,
  name: name(),
  form: oneOf(ABRASIVE_FORMS),
  lengthMm: measure(10, 400),
  widthMm: measure(3, 200),
  /** What may be put on it; a stone once used with oil stays an oil stone. */
  lubricants: array(oneOf(LUBRICANT_KINDS)).min(1, '${path} must name at least one').required(),
  /** How far its face has worn hollow. */
  dishMm: measure(0, 10),
  faces: array(faceSchema.required()).min(1).max(2).required(),
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

export const stropSchema = object({
  ...recordFields,
  ...carriedFields,
  name: name(),
  surface: oneOf(STROP_SURFACES),
  backing: oneOf(STROP_BACKINGS),
  lengthMm: measure(30, 1500),
  /** The compound it is used with; null when bare. */
  compoundId: string().max(64).nullable().defined(),
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
