import { spoken } from '../../../ui/words/closedWords';
import { kitCardWords as say } from './words';
import { EdgeStrip } from '../../../ui/edge-strip/EdgeStrip';
import { toolOutline } from '../../../ui/silhouette/outline';
import { LyingSilhouette } from '../../../ui/silhouette/Silhouette';
import { RungMark } from '../../../ui/RungMark';
import type { CardLine, CardRowData } from './cardSides';
import type { HoldGuide } from '../../../core/hold';
import { LIFT, liftShape } from './liftShape';

/** The most that a silhouette takes on a card (px): an axe is as high as it is short. */
const SILHOUETTE_PX = { long: 92, high: 20 };

/** One edge on the card: what it is, how it leaves, its angle with its lift, and what to do when. */
export function CardRow({ row, isShort }: { row: CardRowData; isShort: boolean }) {
  const { tool, zone, word, findings, name, person, what, stands, angle, hold, lines, watch } = row;
  const { lengthMm, widthMm } = toolOutline(tool);
  const scale = Math.min(SILHOUETTE_PX.long / lengthMm, SILHOUETTE_PX.high / widthMm);
  const zoneMm = zone.endMm - zone.startMm;
  return (
    <article className={`card-row ${isShort ? 'card-row-short' : ''}`}>
      <div className="min-w-0">
        <div className="flex items-center justify-between gap-1">
          <h3 className="truncate text-[17px] leading-[1.1]">{name}</h3>
          <b className="shrink-0 leading-[1.1]">{stands}</b>
        </div>
        <p className="truncate leading-[1.15]">
          {what}
          {person && `, ${person}`}
        </p>
        <LyingSilhouette tool={tool} scale={scale} />
        <EdgeStrip
          edgeLengthMm={zoneMm}
          stretches={[
            {
              name: zone.name,
              startMm: 0,
              endMm: zoneMm,
              word,
              findings: findings.map((seen) => ({ ...seen, atMm: seen.atMm - zone.startMm })),
            },
          ]}
        />
      </div>
      <div className="min-w-0">
        <div className="flex items-end justify-between">
          <span className="sign figures text-[26px] leading-none">{angle}</span>
          <LiftDrawing hold={row.holds} angleDeg={row.angleDeg} />
        </div>
        <p className="leading-[1.1]">
          <span className="block">{row.perSide}</span>
          <b>{hold}</b>
        </p>
      </div>
      <dl className="min-w-0 leading-[1.15]">
        {lines.map((line) => (
          <div key={line.when} className="flex gap-1">
            <dt className="w-[4.6em] shrink-0">{spoken(line.when)}</dt>
            <dd className="min-w-0">
              <CardLineWords line={line} />
            </dd>
          </div>
        ))}
        {watch && !isShort && (
          <div className="truncate">
            <dt className="inline font-bold">{say.watch}</dt> <dd className="inline">{watch}</dd>
          </div>
        )}
      </dl>
    </article>
  );
}

function CardLineWords({ line: { rung, steps, words, angle } }: { line: CardLine }) {
  if (!rung) return <b>{words}</b>;
  return (
    <>
      <RungMark rung={rung} chance={1} />{' '}
      {steps.map(({ strokes, name }, i) => (
        <span key={name}>
          {i > 0 && ' → '}
          <b className="figures text-[17px]">{strokes}</b> {name}
        </span>
      ))}{' '}
      {angle}
    </>
  );
}

/** How an angle is held, at its true angle: the blade with the coins under its spine, or the stone over it. */
function LiftDrawing({ hold, angleDeg }: { hold: HoldGuide; angleDeg: number }) {
  const { path, weight, coins } = liftShape(hold, angleDeg);
  return (
    <svg width={LIFT.width} height={LIFT.height} aria-hidden className="ml-auto shrink-0">
      <path d={`M0,${LIFT.base}H${LIFT.width}`} stroke="currentColor" strokeWidth={2.5} />
      {coins.map((coin) => (
        <rect
          key={coin.y}
          {...coin}
          fill="var(--color-base-100)"
          stroke="currentColor"
          strokeWidth={0.8}
        />
      ))}
      <path d={path} stroke="currentColor" strokeWidth={weight} />
    </svg>
  );
}
