import { flowNetwork, SOURCE, TARGET, type FlowArc } from './flowNetwork';
import { LinearProgramme, type Terms } from './linearProgramme';
import type { KitProblem, SolveLp } from './types';

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
  private readonly unservedVariables: string[];

  constructor(
    private readonly problem: KitProblem,
    private readonly solve: SolveLp,
  ) {
    this.itemVariables = problem.items.map((_, i) => this.base.binary(`x${i}`));
    this.unservedVariables = problem.needs.map((need, i) =>
      this.addNeed(flowNetwork(problem, need, i), i),
    );
  }

  /**
   * The lightest kit: fewest unserved needs, then grams, then number of items, then id, so that
   * the answer is unique. Items in `forbidden` stay at home.
   */
  lightest(forbidden: ReadonlySet<string> = new Set()): LightestKit {
    const programme = this.withForbidden(forbidden);
    const { unserved } = this.lightestGrams(programme);
    if (unserved.length === this.problem.needs.length) return { itemIds: [], unserved };
    this.minimise(programme, this.each(this.itemVariables, 1));
    for (let end = this.itemVariables.length; end > 0; end -= RANKED_AT_ONCE) {
      this.minimise(programme, this.idRank(Math.max(0, end - RANKED_AT_ONCE), end));
    }
    return this.read(programme);
  }

  /** Fewest unserved needs, then grams, without the tie-breaks: enough to say what an item is worth. */
  lightestWithout(itemId: string): { grams: number; unserved: number[] } {
    return this.lightestGrams(this.withForbidden(new Set([itemId])));
  }

  private lightestGrams(programme: LinearProgramme): { grams: number; unserved: number[] } {
    this.minimise(programme, this.each(this.unservedVariables, 1));
    this.minimise(programme, this.masses());
    const { itemIds, unserved } = this.read(programme);
    const grams = this.problem.items
      .filter(({ id }) => itemIds.includes(id))
      .reduce((sum, { massG }) => sum + massG, 0);
    return { grams, unserved };
  }

  private addNeed(arcs: FlowArc[], index: number): string {
    const { base, problem } = this;
    const unserved = base.binary(`u${index}`);
    for (const arc of arcs) base.binary(arc.name);
    const nodes = new Set(arcs.flatMap(({ from, to }) => [from, to]));
    const leaving = (node: string): Terms =>
      arcs.filter(({ from }) => from === node).map(({ name }) => [1, name]);
    const entering = (node: string): Terms =>
      arcs.filter(({ to }) => to === node).map(({ name }) => [-1, name]);
    base.constrain([...leaving(SOURCE), [1, unserved]], '=', 1);
    for (const node of nodes) {
      if (node !== SOURCE && node !== TARGET) {
        base.constrain([...leaving(node), ...entering(node)], '=', 0);
      }
    }
    base.constrain(
      arcs.map(({ name, minutes }) => [minutes, name]),
      '<=',
      problem.minutesPerTouchUp,
    );
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
    return unserved;
  }

  private withForbidden(forbidden: ReadonlySet<string>): LinearProgramme {
    const programme = this.base.copy();
    for (const id of forbidden) programme.constrain([[1, this.variableOf(id)]], '=', 0);
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

  private read(programme: LinearProgramme): LightestKit {
    const on = (name: string): boolean => Math.round(programme.values[name] ?? 0) === 1;
    return {
      itemIds: this.problem.items.filter((_, i) => on(`x${i}`)).map(({ id }) => id),
      unserved: this.problem.needs.map((_, i) => i).filter((i) => on(`u${i}`)),
    };
  }

  private each(variables: string[], coefficient: number): Terms {
    return variables.map((name) => [coefficient, name]);
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
