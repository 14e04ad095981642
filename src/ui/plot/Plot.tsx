'use client';

import type { PointerEvent, ReactNode } from 'react';
import { useWidth } from '../useWidth';

/** Where a chart's values are drawn within its picture (px). */
export interface Frame {
  left: number;
  right: number;
  top: number;
  bottom: number;
  width: number;
  height: number;
}

/** Room around the values (px), for labels. */
export interface Margin {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

type Range = [number, number];

/**
 * The ground of a chart: as wide as its place, with a scale each way. `x` and `y` make the scales from the range
 * that they have, left to right and bottom to top; the children are drawn on them.
 */
export function Plot<X, Y>(props: {
  height: number;
  margin: Margin;
  /** What it shows, in words; null where the words stand beside it, or its marks are walked one by one. */
  label: string | null;
  x: (range: Range, frame: Frame) => X;
  y: (range: Range, frame: Frame) => Y;
  children: (drawn: { x: X; y: Y; frame: Frame }) => ReactNode;
  fontSize?: number;
  /** Its width before it is measured. */
  firstWidth?: number;
  /** Hears the place across (px) of a finger that is set down or drawn over it, with the scale to read it by. */
  onScrub?: (px: number, x: X) => void;
  className?: string;
}) {
  const { height, margin, label, fontSize = 14, firstWidth = 560, onScrub, className = '' } = props;
  const [ref, width] = useWidth<SVGSVGElement>(firstWidth);
  const frame = {
    left: margin.left,
    right: width - margin.right,
    top: margin.top,
    bottom: height - margin.bottom,
    width,
    height,
  };
  const x = props.x([frame.left, frame.right], frame);
  const y = props.y([frame.bottom, frame.top], frame);
  const scrub = onScrub && {
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      onScrub(placeAcross(event, width), x);
    },
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      if (event.buttons > 0) onScrub(placeAcross(event, width), x);
    },
  };
  return (
    <svg
      ref={ref}
      className={`figures block w-full ${onScrub ? 'touch-none' : ''} ${className}`}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      fontSize={fontSize}
      fill="var(--ink)"
      {...(label !== null && { role: 'img', 'aria-label': label })}
      {...scrub}
    >
      {props.children({ x, y, frame })}
    </svg>
  );
}

function placeAcross(event: PointerEvent<SVGSVGElement>, width: number): number {
  const box = event.currentTarget.getBoundingClientRect();
  return box.width > 0 ? ((event.clientX - box.left) * width) / box.width : 0;
}
