import type { EdgeWord } from '../../core/inspection';
import { KINDS, type ToolKind } from '../../domain/kinds';
import { typicalTool } from '../../domain/typicalTools';
import { toolOutline } from '../../ui/silhouette/outline';
import type { LaidTool } from './laid';

type Drawn = Parameters<typeof toolOutline>[0];

/** The edge of a tool on the ground, told by the shape and weight of its line. */
const EDGE_LINES: Record<EdgeWord, { widthPx: number; dash: string }> = {
  keen: { widthPx: 1.4, dash: '' },
  works: { widthPx: 2, dash: '3 1.5' },
  tired: { widthPx: 3.2, dash: '6 3' },
  blunt: { widthPx: 5, dash: '' },
  unknown: { widthPx: 2.4, dash: '0.1 5' },
};

/** A tool as it is drawn before it has a record. */
export function drawnTool(own: Pick<LaidTool, 'kind' | 'edgeLengthMm'>): Drawn {
  const usual = typicalTool(own.kind, '');
  return { ...usual, edgeLengthMm: own.edgeLengthMm ?? usual.edgeLengthMm };
}

/** The same with no more of its handle than tells it apart, for a small picture. */
export function shortened(kind: ToolKind): Drawn {
  const usual = drawnTool({ kind, edgeLengthMm: null });
  const most = KINDS[kind].form === 'axe' ? Math.max(110, 1.3 * usual.bladeWidthMm) : 70;
  const { outline } = usual;
  return {
    ...usual,
    outline: { ...outline, handleLengthMm: Math.min(outline.handleLengthMm, most) },
  };
}

export function toolSizeMm(tool: Drawn): { widthMm: number; heightMm: number } {
  const { widthMm, lengthMm } = toolOutline(tool);
  return { widthMm: lengthMm, heightMm: widthMm };
}

/** A tool lying on its side, handle or head to the left, edge down, in a drawing of its own. */
export function ToolDrawing(props: { tool: Drawn; pxPerMm: number; word: EdgeWord }) {
  const { tool, pxPerMm, word } = props;
  const outline = toolOutline(tool);
  const { widthMm, heightMm } = toolSizeMm(tool);
  const { widthPx, dash } = EDGE_LINES[word];
  const isNamed = tool.kind !== 'some-axe' && tool.kind !== 'some-knife';
  const border = {
    stroke: 'var(--ink)',
    strokeWidth: 1.1,
    strokeDasharray: isNamed ? undefined : '4 3',
    vectorEffect: 'non-scaling-stroke' as const,
  };
  return (
    <svg
      width={widthMm * pxPerMm}
      height={heightMm * pxPerMm}
      viewBox={`-4 -4 ${widthMm + 8} ${heightMm + 8}`}
      aria-hidden
      className="block overflow-visible"
    >
      <g transform="matrix(0 1 1 0 0 0)">
        <path d={outline.handle} fill={isNamed ? 'var(--wood)' : 'none'} {...border} />
        <path d={outline.blade} fill={isNamed ? 'var(--steel)' : 'none'} {...border} />
        <path
          d={outline.edge}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={widthPx}
          strokeDasharray={dash || undefined}
          strokeLinecap={word === 'unknown' ? 'round' : 'butt'}
          vectorEffect="non-scaling-stroke"
        />
      </g>
    </svg>
  );
}
