import { shelfAbrasives } from '../core/ladder';
import { PRIORS } from '../core/priors';
import { Draws, namedStream } from '../core/random';
import type { Motion } from '../domain/terms';
import type { Tool } from '../domain/tool';
import { toolOf } from './ladderFixtures';
import { sample } from './sample';

/** What is true of one simulated life, hidden from the application, drawn from the model's own priors. */
export interface Truth {
  tools: readonly Tool[];
  people: readonly string[];
  /** HRC by tool. */
  hardness: Record<string, number>;
  /** Strokes over the model’s, by person, of each thing. */
  effort: Record<string, Record<string, number>>;
  /** Strokes a minute over the settings’, by person and motion. */
  pace: Record<string, Record<Motion, number>>;
  /** Dulling over the model’s at the true hardness, by tool and task. */
  dulling: Record<string, number>;
}

/** Everything on the sample's shelf that cuts or strops, with its family. */
const THINGS: Record<string, string> = Object.fromEntries(
  shelfAbrasives(sample).map(({ abrasive }) => [
    abrasive.id,
    abrasive.kind === 'stone' ? abrasive.family : abrasive.surface,
  ]),
);

export const TASKS = ['carve-dry', 'chop', 'food', 'brush'] as const;
/** Of the set of parers: three that take turns. */
const PARERS = 3;
const WIDE = { hardnessLowHrc: 50, hardnessHighHrc: 62, fileBite: null } as const;
const KNOWN = { hardnessLowHrc: 55, hardnessHighHrc: 57, fileBite: null } as const;

function rack(): Tool[] {
  const of = (kind: Parameters<typeof toolOf>[0], id: string, steel: object): Tool => {
    const tool = toolOf(kind);
    return { ...tool, id, steel: { ...tool.steel, ...steel } };
  };
  return [
    of('convex-knife', 'knife', WIDE),
    of('hatchet', 'hatchet', KNOWN),
    of('flat-knife', 'blade', KNOWN),
    { ...of('parer', 'parer', WIDE), count: PARERS },
  ];
}

/** A truth that hangs on its number alone. */
export function drawTruth(life: number): Truth {
  const draws = new Draws(namedStream('truth', life));
  const tools = rack();
  const people = ['Ard', 'Brill'];
  const half = PRIORS.personSdLn.value;
  const families = new Map(
    [...new Set(Object.values(THINGS))].map((family) => [family, draws.spread(half)]),
  );
  const lean = new Map(Object.keys(THINGS).map((id) => [id, draws.spread(PRIORS.thingSdLn.value)]));
  const byPerson = <T>(make: () => T): Record<string, T> =>
    Object.fromEntries(people.map((person) => [person, make()]));
  return {
    tools,
    people,
    hardness: Object.fromEntries(
      tools.map(({ id, steel: { hardnessLowHrc: low, hardnessHighHrc: high } }) => [
        id,
        low + (high - low) * draws.even(),
      ]),
    ),
    effort: byPerson(() => {
      const own = new Map([...families.keys()].map((family) => [family, draws.spread(half)]));
      return Object.fromEntries(
        Object.entries(THINGS).map(([id, family]) => [
          id,
          families.get(family)! * own.get(family)! * lean.get(id)!,
        ]),
      );
    }),
    pace: byPerson(() => ({
      sweeps: draws.spread(PRIORS.paceSdLn.value),
      'back-and-forth': draws.spread(PRIORS.paceSdLn.value),
      circles: draws.spread(PRIORS.paceSdLn.value),
    })),
    dulling: Object.fromEntries(
      tools.flatMap(({ id }) => {
        const own = draws.spread(PRIORS.dullingSdLn.value);
        return TASKS.map((task) => [
          `${id}/${task}`,
          own * draws.spread(PRIORS.dullingTaskSdLn.value),
        ]);
      }),
    ),
  };
}
