import { counted } from '../../ui/words/counted';
import { kitWords as say } from './words/kitWords';
import { useMemo, useState } from 'react';
import {
  bestTrade,
  carrying,
  kitTotals,
  nextKit,
  oneStep,
  shownPoints,
  type Carrying,
  type FrontierPoint,
  type KitSolution,
  type KitStep,
} from '../../core/kit';
import type { Trip } from '../../domain/trip';
import { stepTitle } from './words/kitVerdicts';
import { isSameKit, packedItems, packedKit } from './packing';
import type { ShownKits } from './useKits';

/** The kit that is looked at: where it lies on the frontier, what it holds and leaves, and the steps from it. */
export interface ChosenKit {
  points: readonly FrontierPoint[];
  at: number;
  carried: ReadonlySet<number>;
  /** The same with what of it hangs on the belt. */
  kit: Carrying;
  totals: ReturnType<typeof kitTotals>;
  /** How many needs go unserved, in words. */
  serves: string;
  title: string;
  lighter: KitStep | null;
  heavier: KitStep | null;
  /** As things that go along. */
  along: Trip['carried'];
  /** Which kit it is: the one that goes along, the best within the limits, or one that was asked for. */
  is: 'packed' | 'within limits' | 'asked for';
  isPacked: boolean;
  /** Asks for the kit of so many grams; null for the one that stands by itself. */
  ask: (grams: number | null) => void;
}

/** Until another is asked for, the kit is the one that is packed, the best within the limits, or the best trade. */
export function useChosenKit(trip: Trip, solution: KitSolution, kits: ShownKits): ChosenKit {
  const points = useMemo(() => shownPoints(solution.points), [solution]);
  const [wanted, ask] = useState<number | null>(null);
  const packed = packedItems(solution, trip.carried);
  const own = wanted === null ? (packed ?? kits.within) : null;
  const { gramsPerMinute, vehicle } = trip.kit;
  const gramsOf = (items: readonly number[]): number => kitTotals(solution, new Set(items)).grams;
  const at = placeOn(points, gramsPerMinute, wanted ?? (own && gramsOf(own)));
  const carried = new Set(own ?? points[at]?.items ?? []);
  const kit = carrying(solution, carried);
  const totals = kitTotals(solution, carried);
  const isOnFrontier = own === null || isSameKit(own, points[at]?.items ?? []);
  const step = (way: 'lighter' | 'heavier'): KitStep | null =>
    isOnFrontier ? (oneStep(points, at, way) ?? nextKit(points, at, way)) : null;
  const heavier = step('heavier');
  return {
    points,
    at,
    carried,
    kit,
    totals,
    serves:
      totals.unserved.length === 0
        ? say.noEdgeUnserved
        : say.needsUnserved(counted.need(totals.unserved.length)),
    title: stepTitle(solution, heavier ?? nextKit(points, at, 'heavier')),
    lighter: step('lighter'),
    heavier,
    along: packedKit(solution, kit, vehicle),
    is: own === null ? 'asked for' : packed !== null ? 'packed' : 'within limits',
    isPacked: packed !== null,
    ask,
  };
}

/** The heaviest kit of the frontier within so many grams; the best trade where none are named. */
function placeOn(points: readonly FrontierPoint[], gramsPerMinute: number, grams: number | null) {
  if (grams === null) return bestTrade(points, gramsPerMinute);
  return Math.max(
    0,
    points.findLastIndex((point) => point.grams <= grams),
  );
}
