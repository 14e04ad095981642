/** Particle size (µm) up to which a stone is fine, and beyond which it is coarse. */
const FINE_UP_TO_UM = 12;
const COARSE_FROM_UM = 40;

export type StoneClass = 'fine' | 'medium' | 'coarse';

/** What a stone is called by its particle size (µm). */
export function stoneClass(sizeUm: number): StoneClass {
  if (sizeUm <= FINE_UP_TO_UM) return 'fine';
  return sizeUm > COARSE_FROM_UM ? 'coarse' : 'medium';
}
