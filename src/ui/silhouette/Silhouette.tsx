import type { Tool } from '../../domain/tool';
import { toolOutline } from './outline';

/**
 * A tool drawn from its measures, hanging from a point at (0, 0), `scale` pixels to the mm. Rotated
 * by a quarter turn it lies with the handle to the left.
 */
export function Silhouette({ tool, scale }: { tool: Tool; scale: number }) {
  const outline = toolOutline(tool);
  return (
    <g transform={`scale(${scale})`}>
      <path d={outline.handle} fill="var(--wood)" />
      <path d={outline.blade} fill="var(--steel)" />
      <path
        d={outline.edge}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6 / scale}
        strokeLinecap="round"
      />
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
