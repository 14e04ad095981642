/**
 * The moment at which tests stand, ISO 8601, and the zone in which they stand there. The sample is made for
 * that day; `npm run any-day` names others.
 */
export const STATED_DAY = process.env.STATED_DAY ?? '2026-11-23T10:00:00.000Z';
export const STATED_ZONE = process.env.STATED_ZONE ?? 'UTC';

/** Moves the clock of a page or of a test so that it reads this moment now; it runs on from there. */
export function standAt(momentMs: number): void {
  const Real = Date;
  const aheadMs = momentMs - Real.now();
  // A class, as making a day through a proxy takes ten times as long.
  globalThis.Date = class extends Real {
    constructor(...given: number[]) {
      if (given.length === 0) super(Real.now() + aheadMs);
      else super(...(given as [number]));
    }
    static override now(): number {
      return Real.now() + aheadMs;
    }
    static override [Symbol.hasInstance](value: unknown): boolean {
      return value instanceof Real;
    }
  } as DateConstructor;
}
