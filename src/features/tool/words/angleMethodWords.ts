import type { AngleMethodId } from '../../../core/edge/index';

/** One way to find an angle by hand: what it is called, what to do, and what each measure is. */
export const ANGLE_METHOD_WORDS: Record<
  AngleMethodId,
  { name: string; how: string; measures: readonly string[] }
> = {
  face: {
    name: 'Bevel face',
    how: 'Measure the ground face from shoulder to edge, and the thickness at the shoulder.',
    measures: ['face', 'thickness at the shoulder'],
  },
  height: {
    name: 'Bevel height',
    how: 'Measure from the edge straight up the blade to the shoulder, and the thickness there.',
    measures: ['height', 'thickness at the shoulder'],
  },
  behind: {
    name: 'Thickness behind the edge',
    how: 'Close a calliper on the bevel a known way behind the edge.',
    measures: ['thickness', 'behind the edge'],
  },
  lift: {
    name: 'Spine lift',
    how: 'Ink the bevel and lift the spine until the ink goes right to the edge; measure the gap under it.',
    measures: ['gap under the spine'],
  },
  coins: {
    name: 'Coin stack',
    how: 'Stack coins under the spine until the ink goes right to the edge.',
    measures: ['coins', 'one coin'],
  },
  fold: {
    name: 'Paper fold',
    how: 'Fold a square corner in half, again and again, and lay the blade’s face on the wedge.',
    measures: ['folds'],
  },
  wedge: {
    name: 'Wedge',
    how: 'Lay the blade’s face on a wedge that meets the bevel; measure the wedge.',
    measures: ['height', 'base'],
  },
  stone: {
    name: 'Stone over the tool',
    how: 'Brace the tool, lay the stone on its cheek and lift the back end of the stone until the dark line at the edge closes.',
    measures: ['back end of the stone up', 'edge to that end'],
  },
};
