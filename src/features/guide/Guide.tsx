'use client';

import dynamic from 'next/dynamic';
import { useLayoutEffect, useRef, useState } from 'react';
import { advance, setsOf, toolForm, type GuideEvent } from '../../core';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { Tool, Zone } from '../../domain/tool';
import type { LiveRecord } from '../../live';
import { Counter } from './Counter';
import { GuideAside } from './GuideAside';
import { GuideBar } from './GuideBar';
import { GuideHead } from './GuideHead';
import type { GuideAction } from './guideAction';
import { beatMs, type Beat } from './beat';
import { sideHasIts, stretchBefore } from './guideStep';
import { Stuck } from './Stuck';
import { useAwake } from './useAwake';
import { useBeat } from './useBeat';
import { useCue } from './useCue';
import { useClock } from './useClock';
import { useGuideKeys } from './useGuideKeys';
import { turnsByItself, useScheme } from './useScheme';
import { useSittingTurn } from './useSittingTurn';

const LadderWalked = dynamic(() => import('./LadderWalked'), { ssr: false });
const LookPanel = dynamic(() => import('./LookPanel'), { ssr: false });
const StepPanel = dynamic(() => import('./StepPanel'), { ssr: false });
const TestPanel = dynamic(() => import('./TestPanel'), { ssr: false });
const FinishPanel = dynamic(() => import('./FinishPanel'), { ssr: false });

/** One step a screen: the count large, the signs beside it, the next hand movement below. */
export function Guide(props: {
  live: LiveRecord<Session>;
  session: Session;
  tool: Tool;
  zone: Zone;
  settings: Settings;
}) {
  const { live, session, tool, zone, settings } = props;
  const [panel, setPanel] = useState<'count' | 'test' | 'look' | 'step' | 'finish'>('count');
  const step = session.steps[session.stepIndex]!;
  // On a phone a panel may have been scrolled: the next one begins at its head.
  useLayoutEffect(() => {
    window.scrollTo(0, 0);
  }, [panel, session.stepIndex]);
  const [stuckSaidAt, setStuckSaidAt] = useState<number | null>(null);
  const turn = useSittingTurn();
  const byFeel = tool.schools.counting === 'by feel';
  const paused = session.pausedAt !== null;
  const isLast = session.stepIndex === session.steps.length - 1;

  const [scheme] = useScheme();
  // One whole side is turned over by hand; sets turn by themselves.
  const sets = turnsByItself(scheme) ? setsOf(scheme, step.plannedPerSide) : undefined;
  const act = (action: GuideAction): void => {
    const own = action.type === 'stroke' ? { sets } : {};
    const event = { ...action, ...own, at: new Date().toISOString() } as GuideEvent;
    // A refused write shows its own notice, and can be tried again there.
    live.change((present) => advance(present, event)).catch(() => {});
  };
  // After a press on any button the space bar counts again: the counter takes the focus.
  const counter = useRef<HTMLButtonElement>(null);
  const press = (action: GuideAction): void => {
    act(action);
    counter.current?.focus({ preventScroll: true });
  };
  const goOn = (): void => {
    if (isLast) setPanel('finish');
    else {
      const action = { type: 'next step', from: session.stepIndex } as const;
      press(action);
      void turn(advance(session, { ...action, at: new Date().toISOString() }), tool);
    }
  };
  const pause = (): void => {
    if (byFeel && !paused) act({ type: 'tick' });
    press({ type: paused ? 'resume' : 'pause' });
  };
  const [beat, setBeat] = useState<Beat>('no beat');
  const pacePerMinute = settings.strokesPerMinute[step.motion];
  const counts = panel === 'count' && !paused;
  // Minutes a side are strokes at the person's own pace: the clock counts them.
  const timed = scheme === 'minutes a side';
  const pulse = beatMs(timed && beat === 'no beat' ? 'your pace' : beat, pacePerMinute);
  useBeat(counts ? pulse : null, () => act({ type: 'stroke' }), beat !== 'no beat');
  useCue(`${session.stepIndex} ${session.side} ${sideHasIts(step, session.side)}`);
  useAwake();
  useClock(byFeel && !paused && panel === 'count', () => act({ type: 'tick' }));
  useGuideKeys(panel === 'count', {
    stroke: () => act({ type: 'stroke' }),
    takeBack: () => act({ type: 'take back' }),
    turnOver: () => act({ type: 'turn over' }),
    pause,
    nextStep: goOn,
    previousStep: () => act({ type: 'previous step', from: session.stepIndex }),
    look: () => setPanel('look'),
  });
  return (
    <div className="flex min-h-dvh flex-1 flex-col">
      <GuideHead session={session} tool={tool} zone={zone} isKept={live.isKept} />
      <div className="mx-auto hidden min-h-24 w-full max-w-[82rem] px-8 sm:block">
        <LadderWalked session={session} />
      </div>
      {panel === 'test' && (
        <TestPanel
          session={session}
          tool={tool}
          zone={zone}
          coinThicknessMm={settings.coinThicknessMm}
          onTest={(reading) => act({ type: 'test', reading })}
          onBack={() => setPanel('count')}
          onFinish={() => setPanel('finish')}
        />
      )}
      {panel === 'look' && (
        <LookPanel
          step={step}
          worked={session.side}
          tool={tool}
          zone={zone}
          coinThicknessMm={settings.coinThicknessMm}
          onSeen={(seen) => act({ type: 'ink', seen })}
          onFelt={(side, felt) => act({ type: 'burr', side, felt })}
          onDeburred={(way) => act({ type: 'deburr', way })}
          onBack={() => setPanel('count')}
        />
      )}
      {panel === 'step' && (
        <StepPanel
          session={session}
          tool={tool}
          zone={zone}
          pacePerMinute={pacePerMinute}
          beat={beat}
          onBeat={setBeat}
          onPrevious={() => {
            act({ type: 'previous step', from: session.stepIndex });
            setPanel('count');
          }}
          onGoOnWith={(steps) => {
            act({ type: 'go on with', from: session.stepIndex, steps });
            setPanel('count');
          }}
          onSkip={(reason) => {
            act({ type: 'skip step', from: session.stepIndex, reason });
            setPanel(isLast ? 'finish' : 'count');
          }}
          onBack={() => setPanel('count')}
        />
      )}
      {panel === 'finish' && (
        <FinishPanel
          session={session}
          tool={tool}
          zone={zone}
          onTest={(reading) => act({ type: 'test', reading })}
          onNote={(notes) => act({ type: 'note', notes })}
          onBack={() => setPanel('count')}
          onFinish={(findings, notes) => act({ type: 'finish', findings, notes })}
        />
      )}
      {panel === 'count' && (
        <>
          <div className="mx-auto grid w-full max-w-[82rem] flex-1 gap-x-10 px-4 sm:px-8 lg:grid-cols-[1.7fr_1fr]">
            <Counter
              ref={counter}
              step={step}
              side={session.side}
              paused={paused}
              isAxe={toolForm(tool.kind) === 'axe'}
              byFeel={byFeel}
              scheme={scheme}
              sets={sets}
              isStuckSaid={stuckSaidAt === session.stepIndex}
              tool={tool}
              zone={zone}
              coinThicknessMm={settings.coinThicknessMm}
              stretches={[stretchBefore(session, tool, zone)]}
              onStroke={() => act({ type: 'stroke' })}
            />
            <div>
              <Stuck
                step={step}
                isSaid={stuckSaidAt === session.stepIndex}
                onSaid={() => setStuckSaidAt(session.stepIndex)}
                onLook={() => setPanel('look')}
                onOther={() => setPanel('step')}
                onNext={goOn}
              />
              <GuideAside
                step={step}
                isFirst={session.stepIndex === 0}
                tool={tool}
                zone={zone}
                coinThicknessMm={settings.coinThicknessMm}
              />
            </div>
          </div>
          <GuideBar
            session={session}
            byFeel={byFeel}
            press={press}
            onPause={pause}
            onTest={() => setPanel('test')}
            onLook={() => setPanel('look')}
            onStep={() => setPanel('step')}
            onNext={goOn}
          />
        </>
      )}
    </div>
  );
}
