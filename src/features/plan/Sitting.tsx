'use client';

import { sum } from 'd3-array';
import { CHANGEOVER_MINUTES, sittingOrder, type JobPlan } from '../../core';
import { minutes, sentence } from '../../ui/format';
import type { OtherEdge } from './useSitting';

/** The edges of one tool in one sitting: which come along, in what order, and what that saves. */
export default function Sitting(props: {
  plan: JobPlan;
  zoneName: string;
  others: readonly OtherEdge[];
  /** Ids of the zones that come along. */
  taken: readonly string[];
  onTake: (zoneIds: string[]) => void;
}) {
  const { plan, zoneName, others, taken, onTake } = props;
  if (others.length === 0) return null;
  const along = others.filter(({ need }) => taken.includes(need.zone.id));
  const edges = [
    { id: zoneName, plan },
    ...along.map((other) => ({ id: other.need.zone.name, plan: other.plan })),
  ];
  const turns = turnsOf(edges);
  const together = sum(edges, (edge) => edge.plan.minutes);
  const stepCount = sum(edges, (edge) => edge.plan.steps.length);
  const saved = (stepCount - turns.length) * CHANGEOVER_MINUTES;
  return (
    <section className="mt-6" aria-label="In one sitting">
      <h2>In one sitting</h2>
      <div className="mt-1 flex flex-wrap gap-x-8">
        {others.map(({ need, plan: own }) => (
          <label key={need.zone.id} className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={taken.includes(need.zone.id)}
              onChange={(event) =>
                onTake(
                  event.target.checked
                    ? [...taken, need.zone.id]
                    : taken.filter((id) => id !== need.zone.id),
                )
              }
            />
            {need.zone.name} too, <span className="figures">{minutes(own.minutes)}</span>
          </label>
        ))}
      </div>
      {along.length > 0 && (
        <>
          <ol className="mt-1 max-w-[60ch]">
            {turns.map(({ thing, zones }, i) => (
              <li key={i} className="border-b border-rule py-1">
                <b>{sentence(thing)}:</b> {zones.join(', then ')}
              </li>
            ))}
          </ol>
          <p role="status" className="mt-1">
            {minutes(together - saved)} in all
            {saved > 0 && `, ${minutes(saved)} less than one by one`}: each thing is taken up once.
          </p>
        </>
      )}
    </section>
  );
}

/** The order of a sitting by what is in the hand: each thing with the edges that it goes over. */
function turnsOf(edges: readonly { id: string; plan: JobPlan }[]) {
  const steps = new Map(
    edges.map(({ id, plan }) => [id, plan.steps.map(({ abrasive }) => abrasive)]),
  );
  const order = sittingOrder(
    [...steps].map(([id, things]) => ({
      id,
      steps: things.map(({ id: itemId, sizeUm, kind }) => ({ itemId, sizeUm, kind })),
    })),
  );
  const turns: { thing: string; zones: string[] }[] = [];
  for (const { id, step } of order) {
    const thing = steps.get(id)![step]!.name;
    const last = turns.at(-1);
    if (last?.thing === thing) last.zones.push(id);
    else turns.push({ thing, zones: [id] });
  }
  return turns;
}
