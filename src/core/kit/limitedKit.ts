import { sum } from 'd3-array';
import { CARRY_PLACES, type CarryPlace } from '../../domain/terms';
import { bestTrade, kitTotals, placeIn, unservedMinutes } from './explainKit';
import { UNSERVED_MINUTES } from './kitFrontier';
import { isFromBelt, type KitSolution, type SolvedNeed } from './solveKit';
import type { SolveLp } from './types';

/** Limits that bind across needs; null where there is none. */
export interface KitLimits {
  grams: number | null;
  placeGrams: Record<CarryPlace, number | null>;
  /** Of every evening by itself (min). */
  eveningMinutes: number | null;
  /** Over the whole trip. */
  waterMl: number | null;
}

export const NO_LIMITS: KitLimits = {
  grams: null,
  placeGrams: { pouch: null, pack: null, 'base-camp': null },
  eveningMinutes: null,
  waterMl: null,
};

/**
 * Whether limits bind: one of grams always does; those of evenings and water where the best trade of the
 * frontier goes over them.
 */
export function limitsBind(
  solution: KitSolution,
  limits: KitLimits,
  gramsPerMinute: number,
): boolean {
  const { grams, placeGrams, eveningMinutes, waterMl } = limits;
  if ([grams, ...Object.values(placeGrams)].some((limit) => limit !== null)) return true;
  const usual = solution.points[bestTrade(solution.points, gramsPerMinute)];
  const totals = kitTotals(solution, new Set(usual?.items));
  const tightest = Math.max(0, ...totals.evenings);
  return tightest > (eveningMinutes ?? Infinity) || totals.waterMl > (waterMl ?? Infinity);
}

/**
 * The best kit within limits, by a mixed-integer programme in two stages: evenings go over theirs as little
 * as can be; of those kits the least grams, and minutes with losses at what a minute is worth (g/min). One
 * binary for each thing, one for each that may hang on the belt, one choice of way for each need, a way only
 * with all of its things. Null where what is held in does not fit. What does not fit stays unserved, at its
 * loss; in its evening it counts as its slowest way, so that leaving it meets no limit.
 */
export function limitedKit(
  solution: KitSolution,
  limits: KitLimits,
  gramsPerMinute: number,
  solve: SolveLp,
): number[] | null {
  const { items, needs, held, keptOut } = solution;
  const programme = new LinearProgramme();
  const carried = items.map((_, i) => programme.binary(`x${i}`));
  const hung = items.map(({ hangs }, i) => (hangs === 'may' ? programme.binary(`h${i}`) : null));
  const onBelt = (i: number): string => hung[i] ?? carried[i]!;
  const cost: Terms = [];
  const water: Terms = [];
  const days = Math.max(0, ...needs.map(({ perEvening }) => perEvening.length));
  const evenings: Terms[] = Array.from({ length: days }, () => []);
  const inEvenings = (need: SolvedNeed, minutes: number, way: string): void =>
    need.perEvening.forEach((count, day) => evenings[day]!.push([count * minutes, way]));
  needs.forEach((need, n) => {
    const unserved = programme.binary(`u${n}`);
    cost.push([need.count * UNSERVED_MINUTES, unserved]);
    inEvenings(need, unservedMinutes(need), unserved);
    const choices: Terms = [[1, unserved]];
    need.labels.forEach((label, l) => {
      const way = programme.binary(`y${n}_${l}`);
      choices.push([1, way]);
      cost.push([need.count * label.minutes, way]);
      inEvenings(need, label.minutes, way);
      water.push([need.count * label.waterMl, way]);
      for (const i of label.items) {
        programme.constrain(atMost(way, isFromBelt(need) ? onBelt(i) : carried[i]!), '<=', 0);
      }
    });
    programme.constrain(choices, '=', 1);
  });
  items.forEach((_, i) => {
    if (hung[i]) programme.constrain(atMost(hung[i], carried[i]!), '<=', 0);
  });
  for (const i of held) programme.constrain([[1, carried[i]!]], '=', 1);
  for (const i of keptOut) programme.constrain([[1, carried[i]!]], '=', 0);
  const within = (terms: Terms, limit: number | null): void => {
    if (limit !== null) programme.constrain(worth(terms), '<=', limit);
  };
  const grams: Terms = items.map(({ massG }, i) => [massG, carried[i]!]);
  within(grams, limits.grams);
  for (const place of CARRY_PLACES)
    within(gramsAt(solution, place, carried, hung), limits.placeGrams[place]);
  beltRows(solution, programme, onBelt);
  within(water, limits.waterMl);
  const over: Terms = [];
  if (limits.eveningMinutes !== null) {
    for (const [day, terms] of evenings.entries()) {
      over.push([1, `o${day}`]);
      within([...terms, [-1, `o${day}`]], limits.eveningMinutes);
    }
    const first = solve(programme.text(over));
    if (!first) return null;
    // The evenings may not go over by more than what is lost in rounding.
    programme.constrain(
      over,
      '<=',
      sum(over, ([k, name]) => k * (first[name] ?? 0)) + SAME_MINUTES,
    );
  }
  const trade = [...grams, ...cost.map(([k, name]): Terms[number] => [gramsPerMinute * k, name])];
  const best = solve(programme.text(worth(trade)));
  if (!best) return null;
  return items.flatMap((_, i) => (Math.round(best[`x${i}`] ?? 0) === 1 ? [i] : []));
}

/** What hangs whatever else does may go over what the belt takes, and then nothing else hangs beside it. */
function beltRows(
  { items, belt }: KitSolution,
  programme: LinearProgramme,
  onBelt: (item: number) => string,
): void {
  const hanging = items.flatMap(({ massG, hangs }, i): Terms =>
    hangs === 'never' ? [] : [[massG, onBelt(i)]],
  );
  const alwaysG = sum(belt.always, (i) => items[i]!.massG);
  if (alwaysG <= belt.mostG) {
    programme.constrain(hanging, '<=', belt.mostG);
    return;
  }
  const over = programme.binary('over');
  programme.constrain([...hanging, [belt.mostG - alwaysG, over]], '<=', belt.mostG);
  items.forEach(({ hangs }, i) => {
    if (hangs === 'may')
      programme.constrain(
        [
          [1, onBelt(i)],
          [1, over],
        ],
        '<=',
        1,
      );
  });
}

/** One binary no greater than another, as terms that stay below zero. */
function atMost(part: string, whole: string): Terms {
  return [
    [1, part],
    [-1, whole],
  ];
}

/** Grams that lie in one place: what hangs on the belt is in the pouch, and nowhere else. */
function gramsAt(
  solution: KitSolution,
  place: CarryPlace,
  carried: readonly string[],
  hung: readonly (string | null)[],
): Terms {
  const nowhere = { carried: new Set<number>(), hung: new Set<number>() };
  return solution.items.flatMap(({ massG, hangs }, i): Terms => {
    const lies = hangs === 'always' ? 'pouch' : placeIn(solution, nowhere, i);
    const own: Terms = lies === place ? [[massG, carried[i]!]] : [];
    const h = hung[i];
    if (!h || (lies === 'pouch') === (place === 'pouch')) return own;
    // Hung, it moves from where it would lie to the pouch.
    if (place === 'pouch') return [...own, [massG, h]];
    return lies === place ? [...own, [-massG, h]] : own;
  });
}

const SAME_MINUTES = 1e-4;

/** Terms that count: a row of zeros is none. */
function worth(terms: Terms): Terms {
  return terms.filter(([k]) => k !== 0);
}

/** A sum of coefficient times variable. */
type Terms = [coefficient: number, variable: string][];

/**
 * A programme of linear constraints over variables that are binary where they are declared so, and
 * otherwise any number from 0 up; written out in LP format.
 */
class LinearProgramme {
  /** Values of the latest solution, by variable. */
  values: Record<string, number> = {};
  private readonly binaries: string[] = [];
  private readonly rows: string[] = [];

  binary(name: string): string {
    this.binaries.push(name);
    return name;
  }

  constrain(terms: Terms, relation: '=' | '<=', bound: number): void {
    if (terms.length > 0) this.rows.push(`${written(terms)} ${relation} ${bound}`);
  }

  copy(): LinearProgramme {
    const twin = new LinearProgramme();
    twin.binaries.push(...this.binaries);
    twin.rows.push(...this.rows);
    return twin;
  }

  /** The programme in LP format, minimising `objective`. */
  text(objective: Terms): string {
    return [
      'Minimize',
      ` obj: ${objective.length > 0 ? written(objective) : `0 ${this.binaries[0]}`}`,
      'Subject To',
      ...this.rows.map((row, i) => ` c${i}: ${row}`),
      'Binary',
      ...this.binaries.map((name) => ` ${name}`),
      'End',
    ].join('\n');
  }
}

function written(terms: Terms): string {
  return terms.map(([k, name]) => `${k < 0 ? '-' : '+'} ${Math.abs(k)} ${name}`).join(' ');
}
