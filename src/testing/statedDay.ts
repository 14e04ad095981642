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
  globalThis.Date = new Proxy(Real, {
    construct: (target, given: [], caller) =>
      Reflect.construct(target, given.length > 0 ? given : [target.now() + aheadMs], caller),
    apply: (target) => new target(target.now() + aheadMs).toString(),
    get: (target, key, receiver) =>
      key === 'now' ? () => target.now() + aheadMs : Reflect.get(target, key, receiver),
  });
}
