import { asksForWork, type EdgeNeed } from '../inspection';
import type { DoneLine } from './doneOnTrip';
import { heaviestRung } from './heaviestRung';
import { NAMED_FROM, type OutDay } from './maintenance';
import type { RungOut } from './types';

/** An evening's work on one edge. */
export interface TonightLine {
  edgeId: string;
  toolId: string;
  zoneId: string;
  /** What the edge needs as it was last seen; null where only its day makes it likely. */
  need: EdgeNeed | null;
  rung: RungOut;
  /** 1 for what is needed already. */
  chance: number;
  minutes: number;
}

/**
 * What tonight asks for: edges that need work as they were last seen, damage noted today among it, with what
 * is at hand; then what the day will likely bring the others to. An edge stands once, and not when it was
 * worked today. The first are the most urgent.
 */
export function tonightLines(
  needs: readonly EdgeNeed[],
  day: OutDay | null,
  done: readonly Pick<DoneLine, 'toolId' | 'zoneId'>[],
): TonightLine[] {
  const isDone = (edge: { toolId: string; zoneId: string }): boolean =>
    done.some(({ toolId, zoneId }) => toolId === edge.toolId && zoneId === edge.zoneId);
  const known = needs
    // Thinning takes steel, time and a bench: it waits for home.
    .filter((need) => need.plan?.outcome === 'planned' && need.job !== 'thin' && asksForWork(need))
    .map((need): TonightLine => ({
      edgeId: `${need.tool.id}/${need.zone.id}`,
      toolId: need.tool.id,
      zoneId: need.zone.id,
      need,
      rung: heaviestRung(need.plan!.steps.map(({ abrasive }) => abrasive)),
      chance: 1,
      minutes: need.plan!.minutes,
    }))
    .filter((line) => !isDone(line));
  const likely = (day?.evening ?? [])
    .filter(
      ({ edgeId, chance }) => chance >= NAMED_FROM && !known.some((own) => own.edgeId === edgeId),
    )
    .map((line): TonightLine => ({ ...line, need: null }))
    .filter((line) => !isDone(line));
  return [...known, ...likely];
}
