import { flowNetwork, slowestWay, SOURCE, TARGET, type FlowArc } from './flowNetwork';
import { LinearProgramme, type Terms } from './linearProgramme';
import { honeWays, quickestWay } from './needWays';
import type { KitNeed, KitProblem, SolveLp } from './types';

/** Items carried, by id, and the indices of needs that go unserved. */
export interface LightestKit {
  itemIds: string[];
  unserved: number[];
}

/** Items ranked per solve when ties are broken by id: 2^16 is exact within the solver's tolerance. */
const RANKED_AT_ONCE = 16;

/** The mixed-integer programme of a kit problem: built once, solved with several objectives. */
export class KitProgramme {
  private readonly base = new LinearProgramme();
  private readonly itemVariables: string[];

  constructor(
    private readonly problem: KitProblem,
    private readonly solve: SolveLp,
  ) {
    this.itemVariables = problem.items.map((_, i) => this.base.binary(`x${i}`));
    problem.needs.forEach((need, i) =>
      this.addNeed([...flowNetwork(problem, need, i), ...honeArcs(problem, need, i)], i),
    );
  }

  /**
   * The lightest kit: fewest unserved needs, then grams, then number of items, then id, so that
   * the answer is unique.
   */
  lightest(): LightestKit {
    const unserved = unservable(this.problem);
    const programme = this.serving(unserved);
    this.minimise(programme, this.masses());
    this.minimise(
      programme,
      this.itemVariables.map((name) => [1, name]),
    );
    for (let end = this.itemVariables.length; end > 0; end -= RANKED_AT_ONCE) {
      this.minimise(programme, this.idRank(Math.max(0, end - RANKED_AT_ONCE), end));
    }
    return { itemIds: this.carried(programme), unserved };
  }

  /** Grams and unserved needs of the best kit without one item, tie-breaks left aside. */
  lightestWithout(itemId: string): { grams: number; unserved: number[] } {
    const unserved = unservable(this.problem, itemId);
    const programme = this.serving(unserved);
    programme.constrain([[1, this.variableOf(itemId)]], '=', 0);
    this.minimise(programme, this.masses());
    const carried = this.carried(programme);
    const grams = this.problem.items
      .filter(({ id }) => carried.includes(id))
      .reduce((sum, { massG }) => sum + massG, 0);
    return { grams, unserved };
  }

  /** One unit of flow from the present edge to the target through each need's ladder graph. */
  private addNeed(arcs: FlowArc[], index: number): void {
    const { base, problem } = this;
    const nodes = new Set(arcs.flatMap(({ from, to }) => [from, to]));
    const leaving = (node: string): Terms =>
      arcs.filter(({ from }) => from === node).map(({ name }) => [1, name]);
    const entering = (node: string): Terms =>
      arcs.filter(({ to }) => to === node).map(({ name }) => [-1, name]);
    base.constrain([...leaving(SOURCE), [1, base.binary(`u${index}`)]], '=', 1);
    for (const node of nodes) {
      if (node !== SOURCE && node !== TARGET) {
        base.constrain([...leaving(node), ...entering(node)], '=', 0);
      }
    }
    if (slowestWay(arcs) > problem.minutesPerTouchUp) {
      // Flows are whole by themselves, but a limit on minutes would let them split.
      for (const arc of arcs) base.binary(arc.name);
      base.constrain(
        arcs.map(({ name, minutes }) => [minutes, name]),
        '<=',
        problem.minutesPerTouchUp,
      );
    }
    for (const { abrasive, needsAll, needsOneOf } of problem.abrasives) {
      const used: Terms = arcs
        .filter(({ abrasiveId }) => abrasiveId === abrasive.id)
        .map(({ name }) => [1, name]);
      if (used.length === 0) continue;
      for (const id of needsAll) base.constrain([...used, [-1, this.variableOf(id)]], '<=', 0);
      if (needsOneOf) {
        const carried: Terms = needsOneOf.map((id) => [-1, this.variableOf(id)]);
        base.constrain([...used, ...carried], '<=', 0);
      }
    }
  }

  /** The programme in which every need is served but the given ones. */
  private serving(unserved: readonly number[]): LinearProgramme {
    const programme = this.base.copy();
    this.problem.needs.forEach((_, i) =>
      programme.constrain([[1, `u${i}`]], '=', unserved.includes(i) ? 1 : 0),
    );
    return programme;
  }

  /** Solves for `objective` and keeps its best value as a constraint for the next objective. */
  private minimise(programme: LinearProgramme, objective: Terms): void {
    const values = this.solve(programme.text(objective));
    if (!values) throw new Error('the kit programme has no solution');
    programme.values = values;
    const best = objective.reduce((sum, [k, name]) => sum + k * Math.round(values[name] ?? 0), 0);
    // Every coefficient is a whole number, so half a unit separates this value from the next.
    programme.constrain(objective, '<=', best + 0.5);
  }

  private carried(programme: LinearProgramme): string[] {
    return this.problem.items
      .filter((_, i) => Math.round(programme.values[`x${i}`] ?? 0) === 1)
      .map(({ id }) => id);
  }

  /** Masses in whole tenths of a gram. */
  private masses(): Terms {
    return this.problem.items.map(({ massG }, i) => [Math.round(massG * 10), `x${i}`]);
  }

  /** Weights that prefer the lower ids among the items from `start` to `end` in order of id. */
  private idRank(start: number, end: number): Terms {
    const order = this.problem.items
      .map(({ id }, i) => ({ id, variable: `x${i}` }))
      .sort((a, b) => (a.id < b.id ? -1 : 1))
      .slice(start, end);
    return order.map(({ variable }, rank) => [2 ** rank, variable]);
  }

  private variableOf(itemId: string): string {
    const index = this.problem.items.findIndex(({ id }) => id === itemId);
    if (index < 0) throw new RangeError(`items must hold ${itemId}, which an abrasive needs`);
    return `x${index}`;
  }
}

/** A hone takes a turned edge to its target in one go. */
function honeArcs(problem: KitProblem, need: KitNeed, index: number): FlowArc[] {
  return honeWays(problem, need)
    .filter(({ minutes }) => minutes <= problem.minutesPerTouchUp)
    .map(({ things, minutes }, i) => ({
      name: `h${index}_${i}`,
      from: SOURCE,
      to: TARGET,
      minutes,
      abrasiveId: things[0]!.id,
    }));
}

/** Needs that go unserved even with everything but `withoutId` carried: no kit can do better. */
function unservable(problem: KitProblem, withoutId?: string): number[] {
  const abrasives = problem.abrasives.filter(
    ({ needsAll, needsOneOf }) =>
      !needsAll.includes(withoutId!) &&
      (needsOneOf === null || needsOneOf.some((id) => id !== withoutId)),
  );
  return problem.needs.flatMap((need, i) => {
    const way = quickestWay({ ...problem, abrasives }, need);
    return way && way.minutes <= problem.minutesPerTouchUp ? [] : [i];
  });
}
