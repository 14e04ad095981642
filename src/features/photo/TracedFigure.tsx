import type { EdgeNeed } from '../../core/inspection';
import { tracedOutline, type PhotoPoint, type Rim } from '../../core/measure';
import type { TracedOutline } from '../../domain/tool';
import { LyingSilhouette } from '../../ui/silhouette/Silhouette';
import { photoWords as say } from './words';
import type { Marks, TracedLines } from './photoMeasures';
import type { PhotoKeeps } from './usePhotoKeeps';

/** How large the silhouette is drawn, px to the mm of its length at most. */
const DRAWN_PX = 200;

/** The tool's own silhouette as it would hang: kept by a tap, or left for the one that its measures draw. */
export function TracedFigure(props: {
  marks: Marks;
  lines: TracedLines;
  rim: Rim;
  coinDiameterMm: number;
  need: EdgeNeed;
  keeps: PhotoKeeps;
}) {
  const { marks, lines, rim, coinDiameterMm, need, keeps } = props;
  const { tool } = need;
  const edge = lines.edge ?? marks.edge;
  if (!lines.outline) return null;
  if (edge.length < 2) return <li>{say.outlineNeedsEdge}</li>;
  const [a, b] = marks.neck;
  const traced = tracedOutline({
    outline: lines.outline,
    heel: edge[0]!,
    tip: edge.at(-1)!,
    neck: a && b ? ([a, b] as [PhotoPoint, PhotoPoint]) : null,
    rim,
    coinDiameterMm,
    kind: tool.kind,
  });
  if (!traced) return <li role="alert">{say.outlineIsNone}</li>;
  return <Traced tool={tool} traced={traced} isAll={!b} keeps={keeps} />;
}

function Traced(props: {
  tool: EdgeNeed['tool'];
  traced: TracedOutline;
  isAll: boolean;
  keeps: PhotoKeeps;
}) {
  const { tool, traced, isAll, keeps } = props;
  return (
    <li className="flex items-center gap-x-4 border-b border-rule py-1">
      <div className="min-w-0 flex-1">
        {say.silhouette}
        <LyingSilhouette
          tool={{ ...tool, traced }}
          scale={DRAWN_PX / Math.max(1, traced.lengthMm)}
        />
        {isAll && <span className="text-[0.92rem] text-soft">{say.allSteel}</span>}
      </div>
      <button
        type="button"
        className="link min-h-12 max-w-36 text-right"
        aria-label={`${say.silhouette}: ${say.keepSilhouette}`}
        onClick={() => void keeps.silhouette(traced)}
      >
        {say.keepSilhouette}
      </button>
    </li>
  );
}
