import type { Cover } from '../../domain/terms';
import type { TouchUpEvent } from '../trip';
import { kitFrontier, type FrontierPoint, type KitFrontier } from './kitFrontier';
import { paretoLadders, type KitLabel } from './paretoLadders';
import type { KitItem, KitProblem } from './types';

/** A need with all ways to serve it; of a cover, the things that do it, in no time. */
export interface SolvedNeed {
  id: string;
  name: string;
  /** The edge in its state, or what else is covered. */
  kind: { edgeId: string; event: TouchUpEvent; fromBelt: boolean } | { cover: Cover };
  count: number;
  /** How often of these it comes in each evening, by day. */
  perEvening: readonly number[];
  labels: KitLabel[];
}

/** Whether a need has to be met from the belt. */
export function isFromBelt({ kind }: Pick<SolvedNeed, 'kind'>): boolean {
  return 'edgeId' in kind && kind.fromBelt;
}

/** Everything that can be said of the kits of a problem, without planning an edge again. */
export interface KitSolution {
  /** Things that weigh something; ways and kits name them by their index. */
  items: KitItem[];
  /** Things that are carried anyway, and count nothing. */
  anyway: KitItem[];
  needs: SolvedNeed[];
  /** Indices of what is held in. */
  held: number[];
  keptOut: number[];
  /** Grams that the belt takes, and what hangs there whatever else does. */
  belt: { mostG: number; always: number[] };
  points: FrontierPoint[];
  proven: boolean;
}

/** Weights are whole milligrams to the search: 0.1 g and 0.2 g are as much as 0.3 g. */
const MG_PER_G = 1000;
const wholeMg = (massG: number): number => Math.max(1, Math.round(MG_PER_G * massG));

/** Planning the ways of the needs is so much of the work. */
const WAYS_SHARE = 0.5;

/**
 * All kits of a problem of which none is lighter and as quick as another, with the ways that each need
 * has. `onSolution` hears of what is found so far, and of the share done.
 */
export function solveKit(
  problem: KitProblem,
  onSolution: (solution: KitSolution | null, share: number) => void = () => {},
): KitSolution {
  const items = problem.items.filter(({ massG }) => massG > 0);
  const anyway = problem.items.filter(({ massG }) => massG === 0);
  const counted = new Map(items.map(({ id }, i) => [id, i]));
  const present = new Set(problem.items.map(({ id }) => id));
  const onBelt = new Set(
    problem.items.filter(({ hangs }) => hangs !== 'never').map(({ id }) => id),
  );
  const indicesOf = (ids: readonly string[]): number[] =>
    ids.flatMap((id) => counted.get(id) ?? []);
  const keptOut = indicesOf(problem.keptOut);
  const held = indicesOf(problem.heldIn).filter((i) => !keptOut.includes(i));
  const edges = problem.needs.map((need, i): SolvedNeed => {
    const { id, edgeId, name, event, fromBelt, count, perEvening } = need;
    const isAllowed = (itemId: string): boolean =>
      present.has(itemId) && (!fromBelt || onBelt.has(itemId));
    const labels = paretoLadders(problem, need, counted, isAllowed);
    onSolution(null, (WAYS_SHARE * (i + 1)) / problem.needs.length);
    return { id, name, kind: { edgeId, event, fromBelt }, count, perEvening, labels };
  });
  const covers = problem.covers.map(({ cover, itemIds }): SolvedNeed => ({
    id: cover,
    name: cover,
    kind: { cover },
    count: 1,
    perEvening: [],
    labels: itemIds
      .filter((id) => present.has(id))
      .map((id) => ({
        items: indicesOf([id]),
        minutes: 0,
        waterMl: 0,
        things: [id],
      })),
  }));
  const needs = [...edges, ...covers];
  const always = items.flatMap(({ hangs }, i) => (hangs === 'always' ? [i] : []));
  const belt = { mostG: problem.beltMostG, always };
  const solution = ({ points, proven }: KitFrontier): KitSolution => ({
    items,
    anyway,
    needs,
    held,
    keptOut,
    belt,
    points: points.map((point) => ({ ...point, grams: point.grams / MG_PER_G })),
    proven,
  });
  const frontier = kitFrontier({
    needs: needs.map((need) => ({ ...need, fromBelt: isFromBelt(need) })),
    belt: { mostMass: MG_PER_G * belt.mostG, always },
    held,
    keptOut,
    masses: items.map(({ massG }) => wholeMg(massG)),
    onPoints: (found, share) => onSolution(solution(found), WAYS_SHARE + (1 - WAYS_SHARE) * share),
  });
  return solution(frontier);
}
