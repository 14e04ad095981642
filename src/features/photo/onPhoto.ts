import type { PhotoPoint } from '../../core';

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
