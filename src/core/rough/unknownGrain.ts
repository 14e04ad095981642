import type { Abrasive } from '../../domain/shelf';
import type { RoughEdge } from './unknowns';

/** A span (coarsest over finest) up to which a grain is known as far as a fingertip tells it. */
const FELT_SPAN = 5;

/** Faces whose grain was guessed: they hold a wide span of µm in place of a grade. */
export function unknownGrainOf(abrasives: readonly Abrasive[]): RoughEdge['unknownGrain'] {
  return abrasives.flatMap(({ id, faces }) =>
    faces.flatMap((face) => {
      const { scale, finestUm, coarsestUm } = face.grade;
      if (scale !== 'range' || finestUm === null || coarsestUm === null) return [];
      if (coarsestUm / finestUm <= FELT_SPAN) return [];
      return [{ itemId: id, surfaceId: `${id}/${face.id}`, finestUm, coarsestUm }];
    }),
  );
}
