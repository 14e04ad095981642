'use client';

import { sum } from 'd3-array';
import {
  CHANGEOVER_MINUTES,
  heldStep,
  sittingOrder,
  stepHold,
  type JobPlan,
  type LadderStep,
} from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Tool, Zone } from '../../domain/tool';
import { minutes, plural, sentence } from '../../ui/format';
import { LyingSilhouette } from '../../ui/silhouette/Silhouette';
import { toolOutline } from '../../ui/silhouette/outline';
import { heldAt, holdHeadline } from '../../ui/words/holdWords';
import type { OtherEdge } from './useSitting';

/** Width of a tool on the cord, in pixels. */
const TOOL_PX = 92;

interface SittingEdge {
  id: string;
  tool: Tool;
  zone: Zone;
  plan: JobPlan;
}

/** Edges in one sitting, of this tool and of others: which come along, in what order, and what that saves. */
export default function Sitting(props: {
  plan: JobPlan;
  tool: Tool;
  zone: Zone;
  others: readonly OtherEdge[];
  /** Keys of the edges that come along. */
  taken: readonly string[];
  onTake: (keys: string[]) => void;
  coinThicknessMm: number;
}) {
  const { plan, tool, zone, others, taken, onTake, coinThicknessMm } = props;
  if (others.length === 0) return null;
  const along = others.filter(({ key }) => taken.includes(key));
  const edges: SittingEdge[] = [
    { id: 'this', tool, zone, plan },
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
    <section className="mt-6" aria-label="In one sitting">
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
            {need.tool.id === tool.id ? need.zone.name : edgeName(need.tool, need.zone)} too,{' '}
            <span className="figures">{minutes(own.minutes)}</span>
          </label>
        ))}
      </div>
      {along.length > 0 && (
        <ol className="mt-2 grid gap-x-8 gap-y-4 md:grid-cols-2 lg:grid-cols-3">
          {turns.map(({ step, rows }, i) => (
            <li key={i} className="border-t-2 border-neutral pt-1">
              <h3>
                {sentence(step.abrasive.name)}
                {step.waterMl > 0 && ', wet once'}
              </h3>
              {rows.map(({ edge, step: own }) => (
                <Row
                  key={`${edge.id} ${own.task}`}
                  edge={edge}
                  step={own}
                  coinThicknessMm={coinThicknessMm}
                />
              ))}
            </li>
          ))}
          <li className="border-t-2 border-neutral pt-1">
            <h3>Then put it away</h3>
            <p>Wash, dry, wax, sheath: a tap each when the last edge is done.</p>
          </li>
        </ol>
      )}
    </section>
  );
}

function titleOf(count: number, together: number, saved: number): string {
  if (count === 1) return 'In one sitting: take others along';
  const less = saved > 0 ? `, ${minutes(saved)} less than one by one` : '';
  return `${plural(count, 'edge')} in one sitting: ${minutes(together - saved)}${less}`;
}

/** One edge on one thing: drawn, with its strokes and the hold that changes. */
function Row(props: { edge: SittingEdge; step: LadderStep; coinThicknessMm: number }) {
  const { edge, step, coinThicknessMm } = props;
  const { tool, zone } = edge;
  const hold = stepHold(heldStep(step), { tool, zone, coinThicknessMm });
  return (
    <div className="flex items-center gap-3 border-b border-rule py-1">
      <span className="w-24 shrink-0">
        <LyingSilhouette tool={tool} scale={TOOL_PX / toolOutline(tool).lengthMm} />
      </span>
      <span className="figures min-w-0 leading-tight">
        <b>{edgeName(tool, zone)}</b>, {step.strokesPerSide} a side
        {hold && (
          <span className="block text-[0.95rem]">
            {heldAt(hold)}, {holdHeadline(hold.guide).toLowerCase()}
          </span>
        )}
      </span>
      <span className="figures ml-auto">{minutes(step.minutes)}</span>
    </div>
  );
}

interface Turn {
  step: LadderStep;
  rows: { edge: SittingEdge; step: LadderStep }[];
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
