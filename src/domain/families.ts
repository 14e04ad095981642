/** Everything that is known of a family of abrasive: one row adds one. */
export interface Family {
  /** Relative bite, over silicon carbide's (prior); 0 where nothing is ground away. */
  bite: number;
  /** What it does to an edge: grind it, lay it straight, or scrape it. */
  does: 'grinds' | 'straightens' | 'scrapes';
  /** Whether its grain is harder than the carbides of any steel. */
  harderThanCarbides: boolean;
  /** Whether its body holds oil in its pores for good. */
  isPorous: boolean;
  /** Whether its face wears hollow, soaks up water before a use, is scored by too much pressure. */
  wearsHollow: boolean;
  soaks: boolean;
  isSoft: boolean;
  /** Whether it is pushed with the weight of the arms, and skates on steel past a limit of hardness. */
  isFile: boolean;
}

const GRINDS: Family = {
  bite: 1,
  does: 'grinds',
  harderThanCarbides: false,
  isPorous: false,
  wearsHollow: false,
  soaks: false,
  isSoft: false,
  isFile: false,
};
/** A bonded or natural stone: porous, and worn hollow by use. */
const stone = (bite: number): Family => ({ ...GRINDS, bite, isPorous: true, wearsHollow: true });

const ABRASIVES = {
  file: { ...GRINDS, bite: 8, isFile: true },
  diamond: { ...GRINDS, bite: 1.6, harderThanCarbides: true },
  cbn: { ...GRINDS, bite: 1.4, harderThanCarbides: true },
  sic: stone(1),
  'water-stone': { ...stone(1), soaks: true, isSoft: true },
  ceramic: { ...GRINDS, bite: 0.8 },
  alumina: stone(0.7),
  garnet: { ...stone(0.35), wearsHollow: false },
  novaculite: stone(0.3),
  'smooth-steel': { ...GRINDS, bite: 0, does: 'straightens' },
  'grooved-steel': { ...GRINDS, bite: 0.3 },
  'carbide-cutter': { ...GRINDS, bite: 0, does: 'scrapes' },
} as const satisfies Record<string, Family>;

/** Strop surfaces, which carry their compound: bite of that, the same way. */
const SURFACES = {
  leather: { ...GRINDS, bite: 0.3 },
  cloth: { ...GRINDS, bite: 0.4 },
  wood: { ...GRINDS, bite: 0.4 },
  cardboard: { ...GRINDS, bite: 0.4 },
} as const satisfies Record<string, Family>;

export type AbrasiveFamily = keyof typeof ABRASIVES;
export type StropSurface = keyof typeof SURFACES;

/** What cuts: the abrasive grain, or the strop surface that carries the compound. */
export const ABRASIVE_FAMILIES = Object.keys(ABRASIVES) as readonly AbrasiveFamily[];
export const STROP_SURFACES = Object.keys(SURFACES) as readonly StropSurface[];
export const FAMILIES: Readonly<Record<AbrasiveFamily | StropSurface, Family>> = {
  ...ABRASIVES,
  ...SURFACES,
};
