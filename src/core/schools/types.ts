/** What a tool's own answer to a question costs beside the next touch-up. */
export type SchoolNote =
  | { kind: 'no drift' }
  | {
      kind: 'ground flat';
      lagMm: number;
      touchUps: number;
      /** Null where nothing at hand does it. */
      price: { minutes: number; steelMm3: number } | null;
    }
  | {
      kind: 'drifts';
      steeperDeg: number;
      behindMm: number;
      flatMm: number;
      driftedMm: number;
    }
  | { kind: 'straight to its end' }
  | { kind: 'handle lifted'; turnDeg: number; handleRiseMm: number }
  | { kind: 'wrist flat'; turnDeg: number; missedDeg: number }
  | { kind: 'range after'; sessions: number; factor: number; byFeel: boolean }
  | { kind: 'does not grow' }
  | { kind: 'thinned each time'; growthMm: number }
  | { kind: 'left to thicken'; touchUps: number; shoulderThicknessMm: number }
  | { kind: 'thinning due now' }
  | { kind: 'thinned when due'; growthMm: number; touchUps: number; minutes: number | null };
