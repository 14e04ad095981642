'use client';

import { kitWords as say } from './words/kitWords';
import { sum } from 'd3-array';
import type { KitItem, KitSolution, KitStep } from '../../core/kit';
import type { Shelf } from '../../core/ladder';
import { grams, placeMm } from '../../ui/format';
import { ThingDrawing } from '../../ui/things/ThingDrawing';
import { useWidth } from '../../ui/useWidth';
import { stepWords } from './words/kitVerdicts';
import type { Helper } from '../../domain/shelf';
import type { CarryPlace } from '../../domain/terms';
import { HelperDrawing } from '../../ui/things/HelperDrawing';
import { drawable, helperShape, MATS, onMat } from './things';

/** A wide mat shows a belt whole; a narrow one cuts it with an open end. */
const WIDE_PX = 640;
const PX_PER_MM = { wide: 0.95, narrow: 0.85 };

/** How a thing on a mat stands to the next lighter and the next heavier kit. */
type Ghost = 'comes' | 'leaves' | null;

/** The kit laid out to scale where it goes: every thing from its own measures, its grams beside it. */
export function Mats(props: {
  solution: KitSolution;
  carried: ReadonlySet<number>;
  /** Where a thing goes on this trip. */
  placeOf: (item: number) => CarryPlace;
  shelf: Shelf;
  helpers: readonly Helper[];
  lighter: KitStep | null;
  heavier: KitStep | null;
  chosen: number | null;
  onChoose: (item: number) => void;
}) {
  const { solution, carried, placeOf, shelf, lighter, heavier } = props;
  const [ref, width] = useWidth<HTMLDivElement>(1000);
  const isWide = width >= WIDE_PX;
  const pxPerMm = isWide ? PX_PER_MM.wide : PX_PER_MM.narrow;
  const placed = (index: number): KitItem => ({
    ...solution.items[index]!,
    place: placeOf(index),
  });
  const shown = [
    ...[...carried].map((index) => ({ item: placed(index), index })),
    ...(heavier?.comes ?? [])
      .filter((index) => !carried.has(index))
      .map((index) => ({ item: placed(index), index })),
    ...solution.anyway.map((item) => ({ item, index: null })),
  ];
  return (
    <div ref={ref} className="grid gap-3">
      {MATS.map(([place, name]) => {
        const own = onMat(shown, place, shelf);
        const weight = sum(own, ({ item, index }) =>
          index !== null && carried.has(index) ? item.massG : 0,
        );
        return (
          <section key={place} aria-label={name} className="bg-base-200">
            <div className="flex items-baseline justify-between px-3 pt-1">
              <h2>{name}</h2>
              <span className="sign text-xl">{grams(weight)}</span>
            </div>
            <ul className="flex flex-wrap items-end gap-x-8 gap-y-3 px-3 py-2">
              {own.length === 0 && <li className="py-3 text-soft">{say.nothing}</li>}
              {own.map(({ item, index }) => (
                <Thing
                  key={item.id}
                  {...props}
                  item={item}
                  index={index}
                  pxPerMm={pxPerMm}
                  mostPx={Math.min(width - 40, 860)}
                  ghost={ghostOf(index, lighter, heavier)}
                  step={ghostOf(index, lighter, heavier) === 'comes' ? heavier : lighter}
                />
              ))}
            </ul>
            <MatRule width={width} pxPerMm={pxPerMm} />
          </section>
        );
      })}
    </div>
  );
}

function ghostOf(index: number | null, lighter: KitStep | null, heavier: KitStep | null): Ghost {
  if (index === null) return null;
  if (heavier?.comes.includes(index)) return 'comes';
  return lighter?.leaves.includes(index) ? 'leaves' : null;
}

function Thing(props: {
  solution: KitSolution;
  shelf: Shelf;
  helpers: readonly Helper[];
  item: KitItem;
  index: number | null;
  pxPerMm: number;
  mostPx: number;
  ghost: Ghost;
  step: KitStep | null;
  chosen: number | null;
  onChoose: (item: number) => void;
}) {
  const { solution, shelf, helpers, item, index, pxPerMm, mostPx, ghost, step, chosen, onChoose } =
    props;
  const thing = drawable(shelf, item.id);
  const mass = index === null ? say.carriedAnyway0G : grams(item.massG);
  const isHeld = index !== null && solution.held.includes(index);
  const isChosen = index !== null && index === chosen;
  const outline =
    ghost === 'comes'
      ? 'outline-2 outline-dashed outline-ink opacity-70'
      : ghost === 'leaves'
        ? 'outline-2 outline-dotted outline-ink'
        : '';
  const words = (
    <>
      <b>{item.name}</b>
      <span className="figures block text-[0.92rem]">{isHeld ? say.massHeldIn(mass) : mass}</span>
      {ghost && step && (
        <span className="block text-[0.92rem] font-semibold">
          {ghost === 'comes' ? say.oneStepHeavier : say.oneStepLighterLeavesIt}:{' '}
          {stepWords(solution, step)}
        </span>
      )}
    </>
  );
  const drawing = (
    <span className={`block w-fit ${outline} ${outline ? 'outline-offset-4' : ''}`}>
      {thing ? (
        <ThingDrawing thing={thing} pxPerMm={pxPerMm} mostPx={mostPx} />
      ) : (
        <HelperDrawing shape={helperShape(shelf, helpers, item.id)} pxPerMm={pxPerMm} />
      )}
    </span>
  );
  return (
    <li className="max-w-full">
      {index === null ? (
        <div className="py-1">
          {drawing}
          <span className="mt-1 block max-w-64 leading-tight">{words}</span>
        </div>
      ) : (
        <button
          type="button"
          aria-pressed={isChosen}
          className={`min-h-12 cursor-pointer px-1 py-1 text-left ${isChosen ? 'outline-3 outline-ink' : 'hover:bg-base-300'}`}
          onClick={() => onChoose(index)}
        >
          {drawing}
          <span className="mt-1 block max-w-64 leading-tight">{words}</span>
        </button>
      )}
    </li>
  );
}

/** Millimetres along the foot of a mat. */
function MatRule({ width, pxPerMm }: { width: number; pxPerMm: number }) {
  const tens = Math.floor((width - 30) / (10 * pxPerMm));
  return (
    <svg width={width} height={22} aria-hidden className="block text-soft">
      {Array.from({ length: tens + 1 }, (_, i) => (
        <line
          key={i}
          x1={12 + i * 10 * pxPerMm}
          x2={12 + i * 10 * pxPerMm}
          y1={22}
          y2={i % 10 === 0 ? 10 : 17}
          stroke="var(--ink)"
          strokeWidth={i % 10 === 0 ? 1.4 : 0.8}
        />
      ))}
      {Array.from({ length: Math.floor(tens / 10) }, (_, i) => (
        <text
          key={i}
          x={12 + (i + 1) * 100 * pxPerMm - 4}
          y={12}
          textAnchor="end"
          fontSize={12}
          fill="var(--ink)"
        >
          {placeMm((i + 1) * 100)}
        </text>
      ))}
    </svg>
  );
}
