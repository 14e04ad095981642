import { spokenText } from '../../ui/words/closedWords';
import { shortKindName } from '../../ui/words/kindName';
import { UsualThingDrawing, usualThingSizeMm } from '../../ui/things/UsualThingDrawing';
import { placeMm } from '../../ui/format';
import { useWidth } from '../../ui/useWidth';
import { layOut } from '../../ui/words/layOutWords';
import { sentence } from '../../ui/format';
import { drawnTool, ToolDrawing, toolSizeMm } from './LaidDrawing';
import type { Ground, Laid } from './laid';

const PADDING_PX = 14;
const RULE_PX = 26;
const WIDE_PX = 700;

/** Everything that was laid, to one scale, with a rule along the foot; the last one in brackets. */
export function GroundDrawing(props: { ground: Ground; onChoose: (key: string) => void }) {
  const { ground, onChoose } = props;
  const [ref, width] = useWidth<HTMLDivElement>(360);
  const height = width >= WIDE_PX ? 230 : 176;
  const pieces = ground.laid.map((own) => ({ own, ...sizeOf(own) }));
  const { pxPerMm, placed } = groundLayout(
    pieces.map(({ own, widthMm, heightMm }) => ({ key: own.key, widthMm, heightMm })),
    width - 2 * PADDING_PX,
    height - RULE_PX - 2 * PADDING_PX,
  );
  return (
    <div ref={ref} className="relative bg-base-200 sm:mx-8" style={{ height }}>
      {pieces.length === 0 && <p className="p-4 text-soft">{layOut.bare}</p>}
      {pieces.map(({ own, widthMm, heightMm }, i) => {
        const isLast = own.key === ground.lastKey;
        return (
          <button
            key={own.key}
            type="button"
            aria-label={layOut.lies(nameOf(own))}
            aria-pressed={isLast}
            className={`absolute cursor-pointer ${isLast ? 'corner-brackets' : ''}`}
            style={{
              left: PADDING_PX + placed[i]!.x,
              top: PADDING_PX + placed[i]!.y,
              width: widthMm * pxPerMm,
              height: Math.max(12, heightMm * pxPerMm),
            }}
            onClick={() => onChoose(own.key)}
          >
            <Piece own={own} pxPerMm={pxPerMm} />
          </button>
        );
      })}
      <Rule width={width} pxPerMm={pxPerMm} />
    </div>
  );
}

export function nameOf(own: Laid): string {
  if (own.is === 'thing') return sentence(spokenText(own.thing));
  return own.name.trim() || sentence(shortKindName(own.kind));
}

function sizeOf(own: Laid): { widthMm: number; heightMm: number } {
  if (own.is === 'thing') return usualThingSizeMm(own.thing);
  const { widthMm, heightMm } = toolSizeMm(drawnTool(own));
  return { widthMm, heightMm: heightMm * own.count };
}

function Piece({ own, pxPerMm }: { own: Laid; pxPerMm: number }) {
  if (own.is === 'thing') return <UsualThingDrawing name={own.thing} pxPerMm={pxPerMm} />;
  const tool = drawnTool(own);
  return Array.from({ length: own.count }, (_, i) => (
    <ToolDrawing key={i} tool={tool} pxPerMm={pxPerMm} word={own.word ?? 'unknown'} />
  ));
}

/** Marks no closer than this (px). */
const LEAST_BETWEEN_PX = 74;

function Rule({ width, pxPerMm }: { width: number; pxPerMm: number }) {
  const every = [50, 100, 200, 500, 1000].find((mm) => mm * pxPerMm >= LEAST_BETWEEN_PX) ?? 2000;
  const marks = Math.floor((width - 2 * PADDING_PX) / (every * pxPerMm));
  return (
    <svg
      className="absolute inset-x-0 bottom-0 w-full"
      height={RULE_PX}
      viewBox={`0 0 ${width} ${RULE_PX}`}
      aria-hidden
    >
      <path
        d={`M${PADDING_PX},${RULE_PX - 1}H${width - PADDING_PX}`}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      {Array.from({ length: marks * 4 + 1 }, (_, i) => {
        const x = PADDING_PX + (i * every * pxPerMm) / 4;
        const isMain = i % 4 === 0;
        return (
          <g key={i}>
            <path d={`M${x},${RULE_PX - 1}v${isMain ? -9 : -5}`} stroke="var(--ink)" />
            {isMain && i > 0 && (
              <text
                x={x}
                y={RULE_PX - 12}
                textAnchor={i === marks * 4 ? 'end' : 'middle'}
                fontSize={12.5}
                className="figures"
              >
                {i === marks * 4
                  ? placeMm((i * every) / 4)
                  : placeMm((i * every) / 4).replace(/ .*$/, '')}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

/** A thing that lies on the ground: its size in mm. */
interface Sized {
  key: string;
  widthMm: number;
  heightMm: number;
}

interface Placed {
  key: string;
  /** From the upper left of the ground, in px. */
  x: number;
  y: number;
}

interface GroundLayout {
  pxPerMm: number;
  placed: Placed[];
}

const GAP_PX = 14;
/** A thing is drawn no larger than this, however few lie there (px for each mm). */
const MOST_PX_PER_MM = 0.6;
const LEAST_PX_PER_MM = 0.05;

/**
 * Lays things side by side in rows, all at one scale: the largest at which they fit into `width` by `height` px,
 * found by halving. The order is kept.
 */
export function groundLayout(
  things: readonly Sized[],
  width: number,
  height: number,
): GroundLayout {
  let low = LEAST_PX_PER_MM;
  let high = MOST_PX_PER_MM;
  let best = inRows(things, low, width);
  for (let i = 0; i < 24; i += 1) {
    const pxPerMm = i === 0 ? high : (low + high) / 2;
    const rows = inRows(things, pxPerMm, width);
    if (rows.height <= height && rows.isWithin) {
      best = rows;
      low = pxPerMm;
      if (i === 0) break;
    } else high = pxPerMm;
  }
  return { pxPerMm: best.pxPerMm, placed: best.placed };
}

function inRows(things: readonly Sized[], pxPerMm: number, width: number) {
  const placed: Placed[] = [];
  let [x, y, rowHeight] = [0, 0, 0];
  let isWithin = true;
  for (const { key, widthMm, heightMm } of things) {
    const [w, h] = [widthMm * pxPerMm, heightMm * pxPerMm];
    if (x > 0 && x + w > width) {
      y += rowHeight + GAP_PX;
      [x, rowHeight] = [0, 0];
    }
    if (w > width) isWithin = false;
    placed.push({ key, x, y });
    x += w + GAP_PX;
    rowHeight = Math.max(rowHeight, h);
  }
  return { pxPerMm, placed, height: y + rowHeight, isWithin };
}
