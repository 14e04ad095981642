'use client';

import { planWords as say } from './words/planWords';
import { heldStep, stepHold } from '../../core/hold';
import type { JobPlan } from '../../core/jobs';
import type { LadderStep } from '../../core/ladder';
import { edgeName } from '../../domain/edgeName';
import type { Tool, Zone } from '../../domain/tool';
import { minutes, sentence } from '../../ui/format';
import { LyingSilhouette } from '../../ui/silhouette/Silhouette';
import { toolOutline } from '../../ui/silhouette/outline';
import { heldAt, holdHeadline } from '../../ui/words/holdWords';

/** Width of a tool on the cord, in pixels. */
const TOOL_PX = 92;

/** The edge that was chosen, among the keys of those that come along. */
export const THIS = 'this';

export interface SittingEdge {
  id: string;
  tool: Tool;
  zone: Zone;
  plan: JobPlan;
}

/** One thing in the hand, with the edges that it goes over. */
export interface Turn {
  step: LadderStep;
  rows: { edge: SittingEdge; step: LadderStep }[];
}

/** The turns of a sitting by what is in the hand, each edge with what changes of its hold; then it is put away. */
export function SittingTurns(props: {
  turns: readonly Turn[];
  coinThicknessMm: number;
  /** One edge takes its turn before another. */
  onBefore: (key: string, before: string) => void;
}) {
  const { turns, coinThicknessMm, onBefore } = props;
  return (
    <ol className="mt-2 grid gap-x-8 gap-y-4 md:grid-cols-2 lg:grid-cols-3">
      {turns.map(({ step, rows }, i) => (
        <li key={i} className="border-t-2 border-neutral pt-1">
          <h3>
            {step.waterMl > 0 ? say.stoneWetOnce(step.abrasive.name) : sentence(step.abrasive.name)}
          </h3>
          {rows.map(({ edge, step: own }, row) => (
            <Row
              key={`${edge.id} ${own.task}`}
              edge={edge}
              step={own}
              coinThicknessMm={coinThicknessMm}
              onEarlier={
                row > 0 && canChange(rows[row - 1]!.edge, edge)
                  ? () => onBefore(edge.id, rows[row - 1]!.edge.id)
                  : null
              }
            />
          ))}
        </li>
      ))}
      <li className="border-t-2 border-neutral pt-1">
        <h3>{say.thenPutItAway}</h3>
        <p>{say.putAwayInShort}</p>
      </li>
    </ol>
  );
}

/** One edge on one thing: drawn, with its strokes and the hold that changes. */
function Row(props: {
  edge: SittingEdge;
  step: LadderStep;
  coinThicknessMm: number;
  /** Takes its turn before the edge above it; null where it cannot. */
  onEarlier: (() => void) | null;
}) {
  const { edge, step, coinThicknessMm, onEarlier } = props;
  const { tool, zone } = edge;
  const hold = stepHold(heldStep(step), { tool, zone, coinThicknessMm });
  return (
    <div className="flex items-center gap-3 border-b border-rule py-1">
      <span className="w-24 shrink-0">
        <LyingSilhouette tool={tool} scale={TOOL_PX / toolOutline(tool).lengthMm} />
      </span>
      <span className="figures min-w-0 leading-tight">
        {say.edgeStrokesASide(<b>{edgeName(tool, zone)}</b>, step.strokesPerSide)}
        {hold && (
          <span className="block text-[0.95rem]">
            {heldAt(hold)}, {holdHeadline(hold.guide).toLowerCase()}
          </span>
        )}
      </span>
      <span className="figures ml-auto text-right whitespace-nowrap">
        {minutes(step.minutes)}
        {onEarlier && (
          <button
            type="button"
            className="link block min-h-12"
            aria-label={say.edgeEarlier(edgeName(tool, zone))}
            onClick={onEarlier}
          >
            {say.earlier}
          </button>
        )}
      </span>
    </div>
  );
}

/** The chosen edge opens the sitting: the others may change their places behind it. */
function canChange(above: SittingEdge, edge: SittingEdge): boolean {
  return above.id !== THIS && edge.id !== THIS && above.id !== edge.id;
}
