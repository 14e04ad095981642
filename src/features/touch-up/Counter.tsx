'use client';

import type { Ref } from 'react';
import { balance, handInSets, inkDue, stepTrouble } from '../../core';
import type { SessionStep } from '../../domain/session';
import { isSpineTask, type Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { EdgeStrip, type Stretch } from '../../ui/edge-strip/EdgeStrip';
import { deg, minutes, placeMm, plural, spanMm } from '../../ui/format';
import { troubleWords } from '../../ui/words/troubleWords';
import { sideWords } from './handWords';
import { HoldLine } from './HoldLine';

/** The count, as large as the screen allows; the whole of it is the button. */
export function Counter(props: {
  step: SessionStep;
  side: Side;
  paused: boolean;
  isAxe: boolean;
  /** The keeper goes by feel: time is shown in the place of the range of strokes. */
  byFeel: boolean;
  /** Strokes of each set, where the sides change set by set. */
  sets?: readonly number[];
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  stretches: readonly Stretch[];
  onStroke: () => void;
  ref: Ref<HTMLButtonElement>;
}) {
  const { step, side, paused, isAxe, byFeel, sets, tool, zone, stretches, onStroke, ref } = props;
  const { edgeLengthMm } = tool;
  const count = step[side];
  const other = side === 'left' ? 'right' : 'left';
  return (
    <button
      ref={ref}
      type="button"
      className="flex min-h-[40dvh] cursor-pointer flex-col justify-center self-start py-2 text-left select-none lg:sticky lg:top-0 lg:min-h-[calc(100dvh-19rem)]"
      aria-label={`Count a stroke: ${side} side, ${count}`}
      onClick={onStroke}
    >
      <HoldLine {...props} />
      <span className="sign text-2xl uppercase">
        {sideWords(step, side, isAxe)}
        {paused && ', paused'}
      </span>
      <span className="flex w-full flex-wrap items-end gap-x-8">
        <span
          className="sign figures block min-w-[1.1em] text-[clamp(6rem,20vh,8.5rem)] sm:text-[clamp(8.5rem,30vh,15rem)] leading-none font-[800]"
          data-testid="count"
        >
          {count}
        </span>
        <span className="max-w-[22rem] pb-4 text-xl">
          <span className="block">
            {byFeel ? (
              <>
                by feel, about <b className="figures">{minutes(step.plannedMinutes)}</b>;{' '}
                {minutes(step.activeSeconds / 60)} so far
              </>
            ) : (
              <>
                of about <b className="figures text-[1.3em]">{step.plannedPerSide}</b>{' '}
                {motionWord(step)} a side{' '}
                <span className="figures">
                  ({step.plannedPerSideLow}–{step.plannedPerSideHigh})
                </span>
              </>
            )}
          </span>
          {sets && <span className="figures block font-semibold">{setWords(sets, step)}</span>}
          <span className="figures block">
            {other} side stands at <b>{step[other]}</b>
            {balanceWords(step)}
          </span>
        </span>
      </span>
      {stepTrouble(step).map((trouble) => (
        <span key={trouble.kind} role="status" className="field-error block">
          {troubleWords(trouble)}
        </span>
      ))}
      {!sets && !byFeel && sideHasIts(step, side) && (
        <span role="status" className="block font-semibold">
          This side has its strokes: turn it over.
        </span>
      )}
      {inkDue(step) && (
        <span role="status" className="block font-semibold">
          Ink it and look: do the strokes reach the edge?
        </span>
      )}
      {!isSpineTask(step.task) && (
        <EdgeStrip
          edgeLengthMm={edgeLengthMm}
          stretches={stretches}
          worked={[workedStretch(step, count, zone)]}
          ends={['heel', `${isAxe ? 'toe' : 'tip'}, ${placeMm(edgeLengthMm)}`]}
        />
      )}
      <span className="text-soft">
        {placeWords(step, count)}
        Tap anywhere here, or the space bar, for each stroke.
      </span>
    </button>
  );
}

/** The section under the hand: each in turn gets its share of the strokes. */
function sectionOf(step: SessionStep, count: number): number {
  const perSection = Math.max(1, Math.ceil(step.plannedPerSide / step.sections));
  return Math.min(step.sections, Math.floor(count / perSection) + 1);
}

/** Where along the edge the hand is: a stretch with an angle of its own first, then by sections. */
function placeWords(step: SessionStep, count: number): string {
  const { stretch } = step;
  if (stretch && stretch.strokesPerSide < step.plannedPerSide) {
    return count < stretch.strokesPerSide
      ? `First ${stretch.strokesPerSide} a side from ${spanMm(stretch.startMm, stretch.endMm)}, at ${deg(stretch.angleDeg)} per side. `
      : `Now the rest of the edge, at ${deg(step.angleDeg)} per side. `;
  }
  return step.sections > 1 ? `Section ${sectionOf(step, count)} of ${step.sections}. ` : '';
}

function workedStretch(step: SessionStep, count: number, zone: Zone) {
  if (step.stretch && count < step.stretch.strokesPerSide) return step.stretch;
  const lengthMm = (zone.endMm - zone.startMm) / step.sections;
  const startMm = zone.startMm + (sectionOf(step, count) - 1) * lengthMm;
  return { startMm, endMm: startMm + lengthMm };
}

function motionWord({ motion }: SessionStep): string {
  return motion === 'circles' ? 'circles' : motion === 'sweeps' ? 'strokes' : 'scrubs';
}

/** Whether this side has what was planned for it, and the other has not. */
function sideHasIts(step: SessionStep, side: Side): boolean {
  const other = side === 'left' ? 'right' : 'left';
  return step[side] >= step.plannedPerSide && step[other] < step.plannedPerSide;
}

/** Where the hand is in its sets: set 2 of 7, 4 of 6 done. */
function setWords(sets: readonly number[], step: SessionStep): string {
  const hand = handInSets(sets, step);
  if (!hand) return 'all sets done';
  return `set ${hand.set + 1} of ${sets.length}: ${hand.size - hand.done} more, then turn over`;
}

function balanceWords(step: SessionStep): string {
  const more = balance(step);
  if (more === 0) return ': even';
  return `: ${plural(Math.abs(more), motionWord(step).slice(0, -1))} more on the ${more > 0 ? 'left' : 'right'}`;
}
