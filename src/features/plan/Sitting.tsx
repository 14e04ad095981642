'use client';

import { planWords as say } from './words/planWords';
import { sum } from 'd3-array';
import type { JobPlan } from '../../core/jobs';
import { CHANGEOVER_MINUTES } from '../../core/ladder';
import { sittingOrder } from '../../core/touchUp';
import { edgeName } from '../../domain/edgeName';
import type { Tool, Zone } from '../../domain/tool';
import { minutes } from '../../ui/format';
import { SittingTurns, THIS, type SittingEdge, type Turn } from './SittingTurns';
import { inTurn, type OtherEdge } from './useSitting';

/** Edges in one sitting, of this tool and of others: which come along, in what order, and what that saves. */
export default function Sitting(props: {
  plan: JobPlan;
  tool: Tool;
  zone: Zone;
  others: readonly OtherEdge[];
  /** Keys of the edges that come along, in their order. */
  taken: readonly string[];
  onTake: (keys: string[]) => void;
  coinThicknessMm: number;
}) {
  const { plan, tool, zone, others, taken, onTake, coinThicknessMm } = props;
  if (others.length === 0) return null;
  const along = inTurn(others, taken);
  const edges: SittingEdge[] = [
    { id: THIS, tool, zone, plan },
    ...along.map((other) => ({
      id: other.key,
      tool: other.need.tool,
      zone: other.need.zone,
      plan: other.plan,
    })),
  ];
  const turns = turnsOf(edges);
  const together = sum(edges, (edge) => edge.plan.minutes);
  const saved = (sum(edges, (edge) => edge.plan.steps.length) - turns.length) * CHANGEOVER_MINUTES;
  return (
    <section className="mt-6" aria-label={say.inOneSitting}>
      <h2>
        <span role="status">{titleOf(edges.length, together, saved)}</span>
      </h2>
      <div className="mt-1 flex flex-wrap gap-x-8">
        {others.map(({ key, need, plan: own }) => (
          <label key={key} className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={taken.includes(key)}
              onChange={(event) =>
                onTake(
                  event.target.checked ? [...taken, key] : taken.filter((other) => other !== key),
                )
              }
            />
            <span>
              {say.edgeToo(
                need.tool.id === tool.id ? need.zone.name : edgeName(need.tool, need.zone),
                <span className="figures">{minutes(own.minutes)}</span>,
              )}
            </span>
          </label>
        ))}
      </div>
      {along.length > 0 && (
        <SittingTurns
          turns={turns}
          coinThicknessMm={coinThicknessMm}
          onBefore={(key, above) => onTake(movedBefore(taken, key, above))}
        />
      )}
    </section>
  );
}

function titleOf(count: number, together: number, saved: number): string {
  if (count === 1) return say.inOneSittingTakeOthers;
  return say.edgesInOneSitting(count, together - saved, saved);
}

function movedBefore(keys: readonly string[], key: string, before: string): string[] {
  return keys
    .filter((each) => each !== key)
    .flatMap((each) => (each === before ? [key, each] : [each]));
}

/** The order of a sitting by what is in the hand: each thing with the edges that it goes over. */
function turnsOf(edges: readonly SittingEdge[]): Turn[] {
  const order = sittingOrder(
    edges.map(({ id, plan }) => ({
      id,
      steps: plan.steps.map(({ abrasive: { id: itemId, sizeUm, kind } }) => ({
        itemId,
        sizeUm,
        kind,
      })),
    })),
  );
  const turns: Turn[] = [];
  for (const { id, step: at } of order) {
    const edge = edges.find((each) => each.id === id)!;
    const step = edge.plan.steps[at]!;
    const last = turns.at(-1);
    if (last?.step.abrasive.id === step.abrasive.id) last.rows.push({ edge, step });
    else turns.push({ step, rows: [{ edge, step }] });
  }
  return turns;
}
