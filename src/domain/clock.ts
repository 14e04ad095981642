/**
 * The moment that it is, as entries are dated: what the device's clock says, or, where that ran backwards, just
 * after the newest entry and on from there, so that nothing new counts as older than what is there.
 */
let aheadMs = 0;

export function clockNow(): Date {
  return new Date(Date.now() + aheadMs);
}

/** The same as it is written; ISO 8601. */
export function stampNow(): string {
  return clockNow().toISOString();
}

/** Puts the moment so far (ms) ahead of the device's clock. */
export function setClockAhead(ms: number): void {
  aheadMs = ms;
}
