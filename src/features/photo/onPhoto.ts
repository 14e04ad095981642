import type { PhotoPoint } from '../../core/measure';
import { PRIORS } from '../../core/priors';

/** How much larger than the photo the loupe shows it. */
export const ENLARGED = 4;

/** Where a pointer is on the photo (px of the photo); null while it is not drawn. */
export function onPhoto(
  stage: SVGGraphicsElement,
  pointer: { clientX: number; clientY: number },
): PhotoPoint | null {
  const matrix = stage.getScreenCTM();
  if (!matrix) return null;
  const { x, y } = new DOMPoint(pointer.clientX, pointer.clientY).matrixTransform(matrix.inverse());
  return { x, y };
}

/** The same for a tap, with what it may be off by: on a small picture of a large photo that is many of its pixels. */
export function tapOnPhoto(stage: SVGGraphicsElement, tap: MouseEvent): PhotoPoint | null {
  const at = onPhoto(stage, tap);
  const screenPx = isByFinger(tap) ? PRIORS.fingerPx.value : PRIORS.pointerPx.value;
  return at && { ...at, offPx: offPx(stage, screenPx) };
}

/** A point that was set under the loupe: it is off by less. */
export function underLoupe(stage: SVGGraphicsElement, { x, y }: PhotoPoint): PhotoPoint {
  return { x, y, offPx: offPx(stage, PRIORS.loupePx.value / ENLARGED) };
}

function isByFinger(tap: MouseEvent): boolean {
  return tap instanceof PointerEvent
    ? tap.pointerType === 'touch'
    : matchMedia('(pointer: coarse)').matches;
}

/** So many pixels of the screen in those of the photo, as large as it is shown now; never less than a tap's own. */
function offPx(stage: SVGGraphicsElement, screenPx: number): number {
  const shown = (stage.getScreenCTM()?.a ?? 1) * (window.visualViewport?.scale ?? 1);
  return Math.max(PRIORS.tapPx.value, screenPx / shown);
}
