'use client';

import { useId } from 'react';
import { gradeSizeUm } from '../../core/abrasive';
import type { Abrasive, Strop } from '../../domain/shelf';
import { thingOutline } from './thingOutline';

/**
 * A thing of the shelf from above, at `pxPerMm`, from its own measures; faces are told by their scratch
 * pattern, and two of them share it by a slant. Longer ones are cut at `mostPx` with an open end.
 */
export function ThingDrawing(props: {
  thing: Pick<Abrasive, 'form' | 'lengthMm' | 'widthMm' | 'faces'> | StropShape;
  pxPerMm: number;
  mostPx: number;
}) {
  const { thing, pxPerMm, mostPx } = props;
  const id = useId();
  const { outline, lengthPx, widthPx, heightPx } = thingOutline(
    { form: thing.form, lengthMm: thing.lengthMm, widthMm: thing.widthMm ?? USUAL_STROP_WIDTH_MM },
    pxPerMm,
    mostPx,
  );
  const sizes = 'faces' in thing ? thing.faces.map(({ grade }) => gradeSizeUm(grade)) : [];
  return (
    <svg
      width={widthPx + 2}
      height={heightPx + 2}
      viewBox={`-1 -1 ${widthPx + 2} ${heightPx + 2}`}
      aria-hidden
      className="block shrink-0"
    >
      <defs>
        {sizes.map((sizeUm, i) => (
          <Scratches key={i} id={`${id}${i}`} sizeUm={sizeUm} />
        ))}
        <clipPath id={`${id}clip`}>
          <path d={outline} />
        </clipPath>
      </defs>
      <path d={outline} fill={'faces' in thing ? 'var(--color-base-200)' : 'var(--rail)'} />
      <g clipPath={`url(#${id}clip)`}>
        {sizes.map((_, i) => (
          <path
            key={i}
            d={facePath(i, sizes.length, lengthPx, heightPx)}
            fill={`url(#${id}${i})`}
            stroke={sizes.length > 1 ? 'var(--ink)' : 'none'}
            strokeWidth={0.6}
          />
        ))}
      </g>
      <path d={outline} fill="none" stroke="var(--ink)" strokeWidth={1.2} />
    </svg>
  );
}

type StropShape = Pick<Strop, 'form' | 'lengthMm' | 'widthMm'>;

/** Width of a strop that nobody measured, for the drawing alone. */
export const USUAL_STROP_WIDTH_MM = 40;

/** The pattern that tells a particle size. */
export function Scratches({ id, sizeUm }: { id: string; sizeUm: number }) {
  const { gapPx, weightPx } = scratches(sizeUm);
  return (
    <pattern
      id={id}
      width={gapPx}
      height={gapPx}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(62)"
    >
      <rect width={weightPx} height={gapPx} fill="var(--ink)" />
    </pattern>
  );
}

/** The part of a two-sided thing that a face is shown on. */
function facePath(index: number, count: number, lengthPx: number, heightPx: number): string {
  if (count === 1) return `M0,0H${lengthPx}V${heightPx}H0Z`;
  const top = lengthPx * 0.58;
  const foot = lengthPx * 0.42;
  return index === 0
    ? `M0,0H${top}L${foot},${heightPx}H0Z`
    : `M${top},0H${lengthPx}V${heightPx}H${foot}Z`;
}

/** How the scratches of a surface are drawn: closer and finer as its particles are. */
function scratches(sizeUm: number): { gapPx: number; weightPx: number } {
  return { gapPx: Math.max(1.6, 1.15 * sizeUm ** 0.55), weightPx: 0.36 * sizeUm ** 0.38 };
}
