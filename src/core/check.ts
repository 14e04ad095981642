/** Input guards of the core: every refusal names the field, the allowed range and what came instead. */

/** Returns `value` when it is a finite number in [min, max]; throws a `RangeError` naming `field` otherwise. */
export function inRange(value: number, field: string, min: number, max: number): number {
  if (!Number.isFinite(value) || value < min || value > max) {
    throw new RangeError(`${field} must be from ${show(min)} to ${show(max)}, got ${value}`);
  }
  return value;
}

/** Returns `value` when it is finite and above zero; throws a `RangeError` naming `field` otherwise. */
export function positive(value: number, field: string): number {
  if (!Number.isFinite(value) || value <= 0) {
    throw new RangeError(`${field} must be more than 0, got ${value}`);
  }
  return value;
}

/** Returns `value` when it is finite and zero or more; throws a `RangeError` naming `field` otherwise. */
export function notNegative(value: number, field: string): number {
  if (!Number.isFinite(value) || value < 0) {
    throw new RangeError(`${field} must be 0 or more, got ${value}`);
  }
  return value;
}

/** An apex, bevel or micro-bevel angle per side: 5 to 60 degrees. */
export function edgeAngle(value: number, field: string): number {
  return inRange(value, field, 5, 60);
}

/** An angle per side that a tool or a stone is held at, flatter than any edge where steel behind it is worked. */
export function heldAngle(value: number, field: string): number {
  return inRange(value, field, 0.1, 60);
}

/** The half angle of the faces behind a bevel: 0 up to, but not including, the bevel's own angle. */
export function faceAngle(value: number, field: string, bevelAngleDeg: number): number {
  if (!Number.isFinite(value) || value < 0 || value >= bevelAngleDeg) {
    throw new RangeError(
      `${field} must be from 0 to less than ${show(bevelAngleDeg)} (the bevel angle), got ${value}`,
    );
  }
  return value;
}

function show(limit: number): string {
  return String(Math.round(limit * 1000) / 1000);
}
