'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import type { Ref } from 'react';
import { edgeSections } from '../../core/ladder';
import {
  balance,
  handInSets,
  inkDue,
  nextWay,
  sectionUnder,
  stepTrouble,
} from '../../core/touchUp';
import type { SessionStep } from '../../domain/session';
import { isSpineTask, type CountScheme, type Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { EdgeStrip, type Stretch } from '../../ui/edge-strip/EdgeStrip';
import { placeMm, spanMm } from '../../ui/format';
import { plural } from '../../ui/words/plural';
import { troubleWords } from './words/troubleWords';
import { sideHasIts } from './guideStep';
import { passWords, sideWords } from '../../ui/words/handWords';
import { GuideHold } from './GuideHold';

/** The count, as large as the screen allows; the whole of it is the button. */
export function Counter(props: {
  step: SessionStep;
  side: Side;
  paused: boolean;
  isAxe: boolean;
  /** How strokes are shared, and those of each set where the tool turns over by itself. */
  scheme: CountScheme;
  sets?: readonly number[];
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  /** Whether the person was told already why the step may be stuck. */
  isStuckSaid: boolean;
  stretches: readonly Stretch[];
  onStroke: () => void;
  ref: Ref<HTMLButtonElement>;
}) {
  const { step, side, paused, isAxe, scheme, sets, tool, zone, stretches } = props;
  const { isStuckSaid } = props;
  const { onStroke, ref } = props;
  const { edgeLengthMm } = tool;
  const count = step[side];
  const other = side === 'left' ? 'right' : 'left';
  return (
    <button
      ref={ref}
      type="button"
      className="flex min-h-[40dvh] cursor-pointer flex-col justify-center self-start py-2 text-left select-none lg:sticky lg:top-0 lg:min-h-[calc(100dvh-19rem)]"
      aria-label={say.countAStrokeSide(spoken(side), count)}
      onClick={onStroke}
    >
      <span className="block lg:hidden">
        <GuideHold {...props} />
        <span className="block">
          {say.doneWhen} {step.doneWhen[0]}
        </span>
      </span>
      <span className="sign text-2xl uppercase">
        {paused ? say.pausedAt(sideWords(step, side, isAxe)) : sideWords(step, side, isAxe)}
      </span>
      <span className="flex w-full flex-wrap items-end gap-x-8">
        <span
          className="sign figures block min-w-[1.1em] text-[clamp(6rem,20vh,8.5rem)] sm:text-[clamp(8.5rem,30vh,15rem)] leading-none font-[800]"
          data-testid="count"
        >
          {count}
        </span>
        <span className="max-w-[22rem] pb-4 text-xl">
          <Planned step={step} />
          {sets && (
            <span className="figures block font-semibold">{setWords(sets, step, scheme)}</span>
          )}
          <span className="figures block">
            {say.sideStandsAt(spoken(other))} <b>{step[other]}</b>
            {balanceWords(step)}
          </span>
        </span>
      </span>
      <Calls step={step} side={side} isStuckSaid={isStuckSaid} sayTurn={!sets} />
      {!isSpineTask(step.task) && (
        <EdgeStrip
          edgeLengthMm={edgeLengthMm}
          stretches={stretches}
          worked={[workedStretch(step, count, zone, scheme)]}
          ends={['heel', `${isAxe ? 'toe' : 'tip'}, ${placeMm(edgeLengthMm)}`]}
        />
      )}
      <span className="text-soft">
        {say.tapForEachStroke(placeWords(step, count, zone, scheme))}
      </span>
    </button>
  );
}

/** What is planned a side: strokes with their range, and as passes where a stone moves over the tool. */
function Planned({ step }: { step: SessionStep }) {
  const { plannedPerSide, plannedPerSideLow, plannedPerSideHigh, passStrokes } = step;
  return (
    <span className="block">
      {say.ofAbout} <b className="figures text-[1.3em]">{plannedPerSide}</b>{' '}
      {say.aSide(motionWord(step))}{' '}
      <span className="figures">
        ({plannedPerSideLow}–{plannedPerSideHigh})
      </span>
      {passStrokes !== null && (
        <span className="figures block font-semibold">
          {say.heelToToeOfEach(passWords(plannedPerSide / passStrokes), passStrokes)}
        </span>
      )}
    </span>
  );
}

/** What the count calls out: trouble, a side that has its strokes, ink that is due. */
function Calls(props: { step: SessionStep; side: Side; isStuckSaid: boolean; sayTurn: boolean }) {
  const { step, side, isStuckSaid, sayTurn } = props;
  const troubles = stepTrouble(step).filter(({ kind }) => kind === 'sides apart' || !isStuckSaid);
  return (
    <>
      {troubles.map((trouble) => (
        <span key={trouble.kind} role="status" className="field-error block">
          {troubleWords(trouble)}
        </span>
      ))}
      {sayTurn && sideHasIts(step, side) && (
        <span role="status" className="block font-semibold">
          {say.thisSideHasItsStrokes}
        </span>
      )}
      {inkDue(step) && (
        <span role="status" className="block font-semibold">
          {say.inkItAndLookDo}
        </span>
      )}
    </>
  );
}

/** Where along the edge the hand is: a stretch with an angle of its own first, then by sections. */
function placeWords(step: SessionStep, count: number, zone: Zone, scheme: CountScheme): string {
  const { stretch } = step;
  if (stretch && stretch.strokesPerSide < step.plannedPerSide) {
    return count < stretch.strokesPerSide
      ? say.stretchFirst(
          stretch.strokesPerSide,
          spanMm(stretch.startMm, stretch.endMm),
          stretch.angleDeg,
        )
      : say.restOfEdgeNow(step.angleDeg);
  }
  if (step.sections === 1) return '';
  const { startMm, endMm } = workedStretch(step, count, zone, scheme);
  const section = sectionUnder(step, count, scheme) + 1;
  return say.sectionOfEdge(section, step.sections, spanMm(startMm, endMm));
}

function workedStretch(step: SessionStep, count: number, zone: Zone, scheme: CountScheme) {
  if (step.stretch && count < step.stretch.strokesPerSide) return step.stretch;
  return edgeSections(zone, step.sections)[sectionUnder(step, count, scheme)]!;
}

function motionWord({ motion }: SessionStep): string {
  return motion === 'circles' ? 'circles' : motion === 'sweeps' ? 'strokes' : 'scrubs';
}

/** Where the hand is in its sets: set 2 of 7, 4 of 6 done; past the plan it goes on as it went. */
function setWords(sets: readonly number[], step: SessionStep, scheme: CountScheme): string {
  const hand = handInSets(sets, step);
  if (!hand) return '';
  const left = hand.size - hand.done;
  const way = nextWay(hand.done, scheme);
  return say.setThenTurnOver(hand.set + 1, sets.length, left, way && spoken(way));
}

function balanceWords(step: SessionStep): string {
  const more = balance(step);
  if (more === 0) return say.even;
  return say.moreOnTheSide(
    plural(Math.abs(more), motionWord(step).slice(0, -1)),
    more > 0 ? 'left' : 'right',
  );
}
