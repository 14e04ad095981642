import type { EdgeTestKind } from '../../domain/terms';

/** Apex radius (µm) at the centre of each test (prior). */
export const TEST_CENTRE_UM: Record<EdgeTestKind, number> = {
  'pops-hair': 0.2,
  shaves: 0.5,
  'push-cuts-newsprint': 1,
  'slices-paper': 2,
  'tears-paper': 4,
  'slides-on-nail': 8,
  blunt: 15,
  // Soft paper wants teeth as well as a fine apex; a fold forgives.
  'kitchen-paper': 0.7,
  'thin-magazine-paper': 1.4,
  'folded-paper': 3,
};
