import type { SharpnessTest } from '../../domain/terms';

/** Apex radius (µm) at the centre of each test (prior). */
export const TEST_CENTRE_UM: Record<SharpnessTest, number> = {
  'pops-hair': 0.2,
  shaves: 0.5,
  'push-cuts-newsprint': 1,
  'slices-paper': 2,
  'tears-paper': 4,
  'slides-on-nail': 8,
  blunt: 15,
};
