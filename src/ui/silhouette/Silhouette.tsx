'use client';

import { useId } from 'react';
import type { Tool } from '../../domain/tool';
import { toolOutline } from './outline';

/**
 * A tool drawn from its measures, hanging from a point at (0, 0), `scale` pixels to the mm. Rotated
 * by a quarter turn it lies with the handle to the left. Zones of the edge are told by the weight of
 * its line.
 */
export function Silhouette({ tool, scale }: { tool: Tool; scale: number }) {
  const outline = toolOutline(tool);
  const clipId = useId();
  return (
    <g transform={`scale(${scale})`}>
      <path d={outline.handle} fill="var(--wood)" />
      <path d={outline.blade} fill="var(--steel)" />
      {tool.zones.map((zone, i) => {
        const from = outline.edgeTopMm + zone.startMm;
        const to = i === tool.zones.length - 1 ? outline.lengthMm : outline.edgeTopMm + zone.endMm;
        return (
          <g key={zone.id}>
            <clipPath id={`${clipId}${i}`}>
              <rect x={-20} y={from - (i === 0 ? 20 : 0)} width={400} height={to - from + 20} />
            </clipPath>
            <path
              d={outline.edge}
              clipPath={`url(#${clipId}${i})`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={(i % 2 === 0 ? 1.6 : 3.4) / scale}
              strokeLinecap="round"
            />
          </g>
        );
      })}
    </g>
  );
}

/** A tool lying on its back, edge up, in a drawing of its own at a common scale. */
export function LyingSilhouette({ tool, scale }: { tool: Tool; scale: number }) {
  const { widthMm, lengthMm } = toolOutline(tool);
  const width = Math.ceil(lengthMm * scale);
  const height = Math.ceil(widthMm * scale) + 2;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <g transform={`translate(0 ${height - 1}) rotate(-90) scale(1 1)`}>
        <Silhouette tool={tool} scale={scale} />
      </g>
    </svg>
  );
}
