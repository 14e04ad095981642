import loadHighs from 'highs';
import { standings } from '../src/core/inspection';
import {
  kitFrontier,
  limitedKit,
  needsOfForecast,
  kitProblem,
  NO_LIMITS,
  solveKit,
  type KitSolution,
} from '../src/core/kit';
import { forecastTrip, tripProblem } from '../src/core/trip';
import { sampleRecords } from '../demo/records';
import { defaultSettings } from '../src/core/defaultSettings';
import { loggedSession } from '../src/domain/loggedSession';
import { solveBy } from '../src/workers/solveBy';
import { millisecondsEach } from './millisecondsEach';

/** The frontier of kits against trying every set, against a programme for each of its points, and a greedy chooser. */

const { tools, sessions, inspections, helpers } = sampleRecords;
const judged = standings({
  tools,
  inspections,
  shelf: sampleRecords,
  sessions: sessions.map(loggedSession),
  settings: defaultSettings('2026-01-01T00:00:00.000Z'),
});
const trip = sampleRecords.trips[0]!;
const zones = judged.states.filter(({ tool }) => trip.toolIds.includes(tool.id));
const forecast = forecastTrip(
  tripProblem({ trip, zones, shelf: sampleRecords, hand: judged.hand, runs: 1000, seed: 1 }),
);
const problem = kitProblem({
  needs: needsOfForecast(forecast, zones, true),
  shelf: sampleRecords,
  helpers,
  wishes: trip.kit,
  hand: judged.hand,
  minutesPerTouchUp: trip.minutesPerTouchUp,
});

/** The same ways to serve needs, with so many things in all: copies that weigh a little more each. */
function withItems(solution: KitSolution, count: number): KitSolution {
  const { items, needs } = solution;
  const copies = Math.ceil(count / items.length);
  const more = Array.from({ length: copies }, (_, c) =>
    items.map((item, i) => ({
      ...item,
      id: `${item.id} ${c}`,
      massG: item.massG * (1 + 0.07 * c) + (i % 3) * c,
    })),
  ).flat();
  const offset = items.length;
  return {
    ...solution,
    items: more.slice(0, count),
    needs: needs.map((need) => ({
      ...need,
      labels: Array.from({ length: copies }, (_, c) =>
        need.labels.map((label) => ({
          ...label,
          items: label.items.map((i) => i + c * offset),
          minutes: label.minutes * (1 - 0.06 * c),
        })),
      )
        .flat()
        .filter((label) => label.items.every((i) => i < count)),
    })),
  };
}

const asFrontier = ({ needs, items, held, keptOut }: KitSolution) =>
  kitFrontier({ needs, masses: items.map(({ massG }) => massG), held, keptOut });

/** Cost of a set, as bits. */
function costOf({ needs }: KitSolution, bits: number): number {
  return needs.reduce((sum, { count, labels }) => {
    const way = labels.find(({ items }) => items.every((i) => bits & (1 << i)));
    return sum + count * (way?.minutes ?? 180);
  }, 0);
}

function exhaustive(solution: KitSolution): number {
  const best = new Map<number, number>();
  for (let bits = 0; bits < 2 ** solution.items.length; bits += 1) {
    const grams = solution.items.reduce(
      (sum, { massG }, i) => sum + (bits & (1 << i) ? massG : 0),
      0,
    );
    best.set(grams, Math.min(best.get(grams) ?? Infinity, costOf(solution, bits)));
  }
  let least = Infinity;
  return [...best]
    .sort(([a], [b]) => a - b)
    .filter(([, cost]) => {
      const better = cost < least - 1e-4;
      least = Math.min(least, cost);
      return better;
    }).length;
}

/** What most choosers do: the thing that saves most a gram, again and again, up to some grams. */
function greedy(solution: KitSolution, grams: number): number {
  let bits = 0;
  let left = grams;
  for (;;) {
    const now = costOf(solution, bits);
    const gains = solution.items.map(({ massG }, i) =>
      bits & (1 << i) || massG > left ? -1 : (now - costOf(solution, bits | (1 << i))) / massG,
    );
    const most = Math.max(...gains);
    if (most <= 0) return now;
    const next = gains.indexOf(most);
    bits |= 1 << next;
    left -= solution.items[next]!.massG;
  }
}

async function run(): Promise<void> {
  const solution = solveKit(problem);
  const wholeMs = millisecondsEach(() => solveKit(problem), 3);
  const { points } = asFrontier(solution);
  console.log(`Kits of ${solution.items.length} things for ${solution.needs.length} needs`);
  console.log(`  ways, places and all ${points.length} points      ${wholeMs.toFixed(0)} ms`);
  const frontierMs = millisecondsEach(() => asFrontier(solution), 5);
  const solve = solveBy(await loadHighs());
  const programmeMs = millisecondsEach(() => {
    for (const { grams, minutes } of points) {
      const kit = limitedKit(solution, { ...NO_LIMITS, grams }, 1e5, solve)!;
      const bits = kit.reduce((sum, i) => sum | (1 << i), 0);
      if (Math.abs(costOf(solution, bits) - minutes) > 0.01) throw new Error('the two disagree');
    }
  }, 1);
  console.log(`  frontier, branch and bound            ${frontierMs.toFixed(1)} ms`);
  console.log(`  a programme for each point            ${programmeMs.toFixed(0)} ms`);
  console.log(
    `  ratio                                 ${(programmeMs / frontierMs).toFixed(0)} times`,
  );

  const small = withItems(solution, 16);
  const smallMs = millisecondsEach(() => asFrontier(small), 5);
  let found = 0;
  const everySetMs = millisecondsEach(() => (found = exhaustive(small)), 1);
  if (found !== asFrontier(small).points.length) throw new Error('trying every set disagrees');
  console.log(`  of 16 things, every set tried         ${everySetMs.toFixed(0)} ms`);
  console.log(`  ratio                                 ${(everySetMs / smallMs).toFixed(0)} times`);

  const wastes = points.map(({ grams, minutes }) => greedy(solution, grams) - minutes);
  console.log(
    `  a greedy chooser wastes               ${Math.max(...wastes).toFixed(1)} min at worst, ${(wastes.reduce((a, b) => a + b, 0) / wastes.length).toFixed(1)} on average`,
  );

  const large = withItems(solution, 40);
  const largeMs = millisecondsEach(() => asFrontier(large), 1);
  console.log(
    `  of 40 things, all ${asFrontier(large).points.length} points             ${largeMs.toFixed(0)} ms`,
  );
}

void run();
