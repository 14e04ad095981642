import { EdgeStrip } from '../../../ui/edge-strip/EdgeStrip';
import { toolOutline } from '../../../ui/silhouette/outline';
import { LyingSilhouette } from '../../../ui/silhouette/Silhouette';
import { LiftDrawing } from './LiftDrawing';
import type { CardRowData } from './cardSides';

/** The most that a silhouette takes on a card (px): an axe is as high as it is short. */
const SILHOUETTE_PX = { long: 92, high: 20 };

/** One edge on the card: what it is, how it stands, its angle with its lift, and the strokes of its ladder. */
export function CardRow({ row }: { row: CardRowData }) {
  const { tool, zone, state, name, what, stands, angle, hold, steps, watch } = row;
  const { lengthMm, widthMm } = toolOutline(tool);
  const scale = Math.min(SILHOUETTE_PX.long / lengthMm, SILHOUETTE_PX.high / widthMm);
  const zoneMm = zone.endMm - zone.startMm;
  return (
    <article className="card-row">
      <div className="min-w-0">
        <div className="flex items-center justify-between gap-2">
          <h3 className="truncate text-[19px] leading-[1.15]">{name}</h3>
          <LyingSilhouette tool={tool} scale={scale} />
        </div>
        <p className="truncate leading-[1.2]">
          {what}, <b>{stands}</b>
        </p>
        <EdgeStrip
          edgeLengthMm={zoneMm}
          stretches={[
            {
              name: zone.name,
              startMm: 0,
              endMm: zoneMm,
              word: state.word,
              findings: state.findings.map((seen) => ({
                ...seen,
                atMm: seen.atMm - zone.startMm,
              })),
            },
          ]}
        />
      </div>
      <div className="min-w-0">
        <div className="flex items-center gap-2">
          <span className="sign figures text-[32px] leading-none">{angle}</span>
          <span className="leading-tight">
            <span className="whitespace-nowrap">{row.perSide}</span>
            <b className="block whitespace-nowrap">{hold}</b>
          </span>
          <LiftDrawing hold={row.holds} angleDeg={row.angleDeg} />
        </div>
        <div className="flex items-baseline gap-3 leading-[1.2]">
          {steps.length === 0 && <p className="mt-1">Nothing carried works it.</p>}
          {steps.map((step) => (
            <p key={step.name} className="line-clamp-2 min-w-0 leading-[1.1]">
              <b className="figures text-[22px]">{step.strokes}</b> {step.name}
            </p>
          ))}
        </div>
      </div>
      {watch && (
        <p className="col-span-2 truncate leading-[1.2]">
          <b>Watch</b> {watch}
        </p>
      )}
    </article>
  );
}
