import { number, object, type InferType } from 'yup';
import { oneOf, oneOfOrNull } from './fields';
import {
  DENSITY_LIMITS,
  MOST_MESH,
  NAMED_GRADES,
  SCALE_LIMITS,
  SCALES,
  type NumberedScale,
} from './terms';

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
    if (grade.scale === 'density') {
      const [loosest, densest] = DENSITY_LIMITS;
      return (
        (grade.number !== null && grade.number >= loosest && grade.number <= densest) ||
        refuse('number', `must be a density from ${loosest} to ${densest} g/ml`)
      );
    }
    if (grade.number === null) return refuse('number', 'enter the number printed on it');
    const [least, table] = SCALE_LIMITS[grade.scale];
    const most = grade.scale === 'mesh' ? MOST_MESH : table;
    return (
      (grade.number >= least && grade.number <= most) ||
      refuse('number', outsideScale(grade.scale, least, most))
    );
  });

export type ShelfGrade = InferType<typeof gradeSchema>;
