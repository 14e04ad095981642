'use client';

import { stoneClass } from '../../core/abrasive';
import { ratio } from '../format';
import { useWidth } from '../useWidth';
import { hopsOf, type WalkStep } from './hops';
import { MAJOR_UM, MINOR_UM, placeLabels, rulerScale } from './layout';

/** Something that sits on the ruler at its particle size. */
export interface RulerItem {
  id: string;
  name: string;
  sizeUm: number;
  shape: 'stone' | 'file' | 'strop';
  /** Faint: on the shelf but not in play. */
  faint?: boolean;
}

/** A walk along the ruler: steps in the order of use, with the one that is being done. */
export interface RulerWalk {
  steps: readonly WalkStep[];
  current?: number;
}

const MARGIN = 22;
const ROW_PX = 22;

/**
 * A logarithmic rule in µm, coarse to fine, with abrasives on it and a ladder as hops along it, the
 * jump ratio written on each.
 */
// eslint-disable-next-line max-lines-per-function -- one drawing: rule, marks, hops and labels on one scale
export function MicronRuler(props: {
  items: readonly RulerItem[];
  walk?: RulerWalk;
  title: string;
  onPick?: (id: string) => void;
  pickedId?: string | null;
}) {
  const { items, walk, title, onPick, pickedId } = props;
  const [ref, width] = useWidth<SVGSVGElement>(960);
  const x = rulerScale(width, MARGIN);
  const labels = placeLabels(
    items.map(({ id, name, sizeUm }) => ({ id, text: name, x: x(sizeUm) })),
    width,
  );
  const rows = Math.max(0, ...labels.map(({ row }) => row + 1));
  const lineY = walk ? 92 : 30;
  const labelsY = lineY + 58;
  const height = labelsY + rows * ROW_PX + 4;
  return (
    <svg
      ref={ref}
      className="block w-full"
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role={onPick ? 'group' : 'img'}
      aria-label={title}
    >
      <line
        x1={MARGIN}
        x2={width - MARGIN}
        y1={lineY}
        y2={lineY}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <Marks x={x} y={lineY} narrow={width < 560} />
      {walk && <Hops walk={walk} x={x} y={lineY} />}
      {labels.map((label) => (
        <path
          key={label.id}
          d={`M${label.x},${lineY + 34}V${labelsY + label.row * ROW_PX - 14}H${label.textX}`}
          fill="none"
          stroke="var(--rule)"
        />
      ))}
      {labels.map((label) => {
        const item = items.find(({ id }) => id === label.id)!;
        return (
          <g
            key={label.id}
            opacity={item.faint ? 0.72 : 1}
            {...(onPick && {
              role: 'button',
              tabIndex: 0,
              'aria-label': `${item.name}, ${item.sizeUm} µm`,
              'aria-pressed': pickedId === item.id,
              className: 'cursor-pointer',
              onClick: () => onPick(item.id),
              onKeyDown: (event: React.KeyboardEvent) => {
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                onPick(item.id);
              },
            })}
          >
            <ItemMark item={item} x={label.x} y={lineY} picked={pickedId === item.id} />
            <text
              className="sign"
              x={label.textX}
              y={labelsY + label.row * ROW_PX}
              textAnchor="middle"
              fontSize={15}
              fontWeight={item.faint ? 480 : 680}
              stroke="var(--color-base-100)"
              strokeWidth={5}
              paintOrder="stroke"
            >
              {item.name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function Marks({ x, y, narrow }: { x: (um: number) => number; y: number; narrow: boolean }) {
  const figures = narrow ? MAJOR_UM.filter((_, i) => i % 2 === 1 || i === 0) : MAJOR_UM;
  return (
    <g stroke="var(--ink)">
      {MINOR_UM.map((um) => (
        <line key={um} x1={x(um)} x2={x(um)} y1={y} y2={y + 6} strokeWidth={0.8} />
      ))}
      {MAJOR_UM.map((um) => (
        <line key={um} x1={x(um)} x2={x(um)} y1={y} y2={y + 12} strokeWidth={1.4} />
      ))}
      {figures.map((um, i) => (
        <text
          key={um}
          className="figures"
          x={x(um)}
          y={y + 28}
          textAnchor="middle"
          fontSize={14}
          stroke="none"
        >
          {i === figures.length - 1 ? `${um} µm` : um}
        </text>
      ))}
    </g>
  );
}

function ItemMark(props: { item: RulerItem; x: number; y: number; picked: boolean }) {
  const { item, x, y, picked } = props;
  const { shape, sizeUm } = item;
  const fill = picked ? 'var(--blaze)' : 'var(--color-base-100)';
  const common = { fill, stroke: 'var(--ink)', strokeWidth: 2 };
  switch (shape) {
    case 'stone':
      return (
        <g>
          <rect x={x - 6} y={y - 6} width={12} height={12} {...common} />
          {stoneClass(sizeUm) !== 'fine' && (
            <path
              d={
                stoneClass(sizeUm) === 'coarse'
                  ? `M${x - 6},${y - 6}h12v12h-12Z`
                  : `M${x - 6},${y - 6}v12h12Z`
              }
              fill={picked ? 'var(--blaze)' : 'var(--ink)'}
            />
          )}
        </g>
      );
    case 'file':
      return (
        <path
          d={`M${x - 7},${y + 6}L${x},${y - 8}L${x + 7},${y + 6}Z`}
          {...common}
          fill={picked ? 'var(--blaze)' : 'var(--ink)'}
        />
      );
    case 'strop':
      return <circle cx={x} cy={y} r={5.5} {...common} />;
  }
}

function Hops({ walk, x, y }: { walk: RulerWalk; x: (um: number) => number; y: number }) {
  const { steps, current } = walk;
  return (
    <g fill="none">
      {hopsOf(steps).map(({ fromUm, toUm, step }) => {
        const from = x(fromUm);
        const to = x(toUm);
        const rise = Math.min(66, 20 + 0.22 * Math.abs(to - from));
        const done = current === undefined || step <= current;
        return (
          <g key={step}>
            <path
              d={`M${from},${y - 9}Q${(from + to) / 2},${y - 9 - 1.6 * rise} ${to},${y - 9}`}
              stroke={done ? 'var(--ink)' : 'var(--steel)'}
              strokeWidth={2.4}
              strokeDasharray={done ? undefined : '7 5'}
            />
            <text
              className="figures"
              x={(from + to) / 2}
              y={y - 15 - 0.8 * rise}
              textAnchor="middle"
              fontSize={14}
            >
              {ratio(fromUm / toUm)}
            </text>
          </g>
        );
      })}
      {current !== undefined && steps[current] !== undefined && (
        <circle
          cx={x(steps[current].sizeUm)}
          cy={y}
          r={11}
          stroke="var(--blaze)"
          strokeWidth={3.5}
        />
      )}
    </g>
  );
}
