'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import { useEffect, useState } from 'react';
import { inkAnswer, stepHold } from '../../core/hold';
import { toolForm } from '../../core/ladder';
import type { Session, SessionStep } from '../../domain/session';
import type { Side, InkSeen } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { sideWords } from '../../ui/words/handWords';
import { GuideHold } from './GuideHold';
import { PassChart } from './PassChart';
import { deg, mm, sentence } from '../../ui/format';

/** By feel: seconds, the passes at one's own pace, the hold and its signs. */
export function FeelClock(props: {
  session: Session;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
  pacePerMinute: number;
}) {
  const { session, tool, zone, coinThicknessMm, pacePerMinute } = props;
  const { side, pausedAt } = session;
  const step = session.steps[session.stepIndex]!;
  const felt = step.byFeel!;
  const other: Side = side === 'left' ? 'right' : 'left';
  const running = pausedAt === null;
  const seconds = useSeconds(felt[`${side}Seconds`], session.updatedAt, running);
  const usual = usualSeconds(step);
  const isAxe = toolForm(tool.kind) === 'axe';
  return (
    <div className="flex flex-col gap-1 py-1 sm:gap-2 sm:py-2">
      <Seconds session={session} seconds={seconds} usual={usual} isAxe={isAxe} />
      <PassChart
        seconds={seconds}
        usual={usual}
        passSeconds={step.passStrokes && (60 * step.passStrokes) / pacePerMinute}
        otherSeconds={felt[`${other}Done`] ? felt[`${other}Seconds`] : null}
        other={other}
        isAxe={isAxe}
      />
      <GuideHold
        step={step}
        side={side}
        tool={tool}
        zone={zone}
        coinThicknessMm={coinThicknessMm}
      />
      <FeelSigns
        step={step}
        side={side}
        tool={tool}
        zone={zone}
        coinThicknessMm={coinThicknessMm}
      />
      <p>
        <b>{say.doneWhen}</b> {step.doneWhen[0]}
      </p>
    </div>
  );
}

/** The seconds, the largest figure; which side, what the other has, what is usual. */
function Seconds(props: {
  session: Session;
  seconds: number;
  usual: ReturnType<typeof usualSeconds>;
  isAxe: boolean;
}) {
  const { session, seconds, usual, isAxe } = props;
  const { side } = session;
  const step = session.steps[session.stepIndex]!;
  const felt = step.byFeel!;
  const other: Side = side === 'left' ? 'right' : 'left';
  return (
    <div className="flex items-end gap-x-5">
      <p className="sign figures leading-none font-[800]">
        <span className="text-[clamp(4.5rem,14vh,9rem)]" data-testid="seconds">
          {Math.floor(seconds)}
        </span>
        <span className="text-3xl"> s</span>
      </p>
      <div className="pb-2">
        <p className="sign text-xl uppercase">{sideWords(step, side, isAxe)}</p>
        {felt[`${other}Done`] && (
          <p className="figures font-semibold">
            {say.sideDoneAfter(spoken(other), Math.round(felt[`${other}Seconds`]))}
          </p>
        )}
        <p className="figures text-soft">
          {say.usualSecondsASide(Math.round(usual.low), Math.round(usual.high))}
        </p>
      </div>
    </div>
  );
}

/** Seconds a side that the plan and its range stand for. */
function usualSeconds(step: Session['steps'][number]): {
  low: number;
  middle: number;
  high: number;
} {
  const { plannedMinutes, plannedPerSide, plannedPerSideLow, plannedPerSideHigh } = step;
  const middle = 30 * plannedMinutes;
  const per = middle / Math.max(1, plannedPerSide);
  return { low: per * plannedPerSideLow, middle, high: per * plannedPerSideHigh };
}

/** The seconds that are kept, and those since then while the clock runs. */
function useSeconds(kept: number, since: string, running: boolean): number {
  const [now, setNow] = useState(() => Date.parse(since));
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [running]);
  return running ? kept + Math.min(20, Math.max(0, (now - Date.parse(since)) / 1000)) : kept;
}

const SIGHTS: readonly (readonly [seen: InkSeen, words: string])[] = [
  ['gone to the edge', say.allGone],
  ['left at the edge', say.leftAtTheEdge],
  ['gone at the edge alone', say.goneAtTheEdgeOnly],
];

/** What ink looks like when it goes right, and when the hold is too low or too high, with the remedy. */
function FeelSigns(props: {
  step: SessionStep;
  side: Side;
  tool: Tool;
  zone: Zone;
  coinThicknessMm: number;
}) {
  const { step, side } = props;
  const hold = stepHold(step, props, step[side]);
  if (!hold) return null;
  return (
    <ul className="grid grid-cols-3 gap-2" aria-label={say.whatInkSays}>
      {SIGHTS.map(([seen, words]) => {
        const answer = inkAnswer(seen, hold, step, props);
        return (
          <li key={seen} className="leading-tight">
            <InkPatch seen={seen} />
            <span className="figures text-[0.92rem]">
              <b className="block">{sentence(words)}</b>
              {answer.says === 'turn' ? turnWords(answer.turnDeg, answer.byMm) : say.rightSo}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

function turnWords(turnDeg: number, byMm: number | null): string {
  const way = turnDeg > 0 ? 'up' : 'down';
  return byMm === null
    ? `${spoken(way)} ${deg(Math.abs(turnDeg))}`
    : `${spoken(way)} ${mm(Math.abs(byMm))}`;
}

/** A bevel with the edge below: dark where ink is left. */
function InkPatch({ seen }: { seen: InkSeen }) {
  const [y, height] =
    seen === 'left at the edge' ? [17, 9] : seen === 'gone at the edge alone' ? [1, 17] : [0, 0];
  return (
    <svg width={38} height={28} viewBox="0 0 38 28" aria-hidden>
      <rect
        x={1}
        y={1}
        width={36}
        height={26}
        fill="var(--lit)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <path d="M4,24L16,4M14,24L26,4M24,24L34,8" stroke="var(--rule)" strokeWidth={1.5} />
      <rect x={1} y={y} width={36} height={height} fill="var(--ink)" />
      <path d="M1,27h36" stroke="var(--ink)" strokeWidth={3} />
    </svg>
  );
}
