'use client';

import dynamic from 'next/dynamic';
import { useRef, type RefObject } from 'react';
import { toolForm } from '../../core/ladder';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { Tool, Zone } from '../../domain/tool';
import type { LiveRecord } from '../../live';
import { Counter } from './Counter';
import { GuideAside } from './GuideAside';
import { GuideBar } from './GuideBar';
import { GuideHead } from './GuideHead';
import { GuidePanel } from './GuidePanel';
import { stretchBefore } from './guideStep';
import { earHears, earLost, earWords as say } from './words/earWords';
import type { EarState } from './useEar';
import { useGuide, type GuideInHand } from './useGuide';
import { useScheme } from '../../ui/useScheme';

const LadderWalked = dynamic(() => import('./LadderWalked'), { ssr: false });
const FeelClock = dynamic(() => import('./FeelClock').then((m) => m.FeelClock), { ssr: false });
const Stuck = dynamic(() => import('./Stuck').then((m) => m.Stuck), { ssr: false });

interface GuideProps {
  live: LiveRecord<Session>;
  session: Session;
  tool: Tool;
  zone: Zone;
  settings: Settings;
}

/** One step a screen: the count large, the signs beside it, the next hand movement below. */
export function Guide(props: GuideProps) {
  const { live, session, tool, zone, settings } = props;
  const counter = useRef<HTMLButtonElement>(null);
  const guide = useGuide(props, counter);
  const { panel } = guide;
  return (
    <div className="flex min-h-dvh flex-1 flex-col">
      <GuideHead session={session} tool={tool} zone={zone} saved={live.saved} />
      <div className="mx-auto hidden min-h-24 w-full max-w-[82rem] px-8 sm:block">
        <LadderWalked session={session} />
      </div>
      {panel === 'count' ? (
        <Counting {...props} guide={guide} counter={counter} />
      ) : (
        <GuidePanel
          panel={panel}
          session={session}
          tool={tool}
          zone={zone}
          settings={settings}
          act={guide.act}
          show={guide.show}
          counting={guide.counting}
          onLeave={guide.leave}
        />
      )}
    </div>
  );
}

/** The count with what stands beside it, and the buttons below. */
function Counting(
  props: GuideProps & { guide: GuideInHand; counter: RefObject<HTMLButtonElement | null> },
) {
  const { session, tool, zone, settings, guide, counter } = props;
  const { act, show, goOn, isStuckSaid } = guide;
  const { coinThicknessMm } = settings;
  const step = session.steps[session.stepIndex]!;
  const [scheme] = useScheme();
  return (
    <>
      {guide.counting.ear !== 'off' && <EarLine state={guide.counting.earState} />}
      <div className="mx-auto grid w-full max-w-[82rem] flex-1 gap-x-10 px-4 sm:px-8 lg:grid-cols-[1.7fr_1fr]">
        {step.byFeel ? (
          <FeelClock
            session={session}
            tool={tool}
            zone={zone}
            coinThicknessMm={coinThicknessMm}
            pacePerMinute={settings.strokesPerMinute[step.motion]}
          />
        ) : (
          <Counter
            ref={counter}
            step={step}
            side={session.side}
            paused={session.pausedAt !== null}
            isAxe={toolForm(tool.kind) === 'axe'}
            scheme={scheme}
            sets={guide.sets}
            isStuckSaid={isStuckSaid}
            tool={tool}
            zone={zone}
            coinThicknessMm={coinThicknessMm}
            stretches={[stretchBefore(session, tool, zone)]}
            onStroke={guide.counting.tap}
          />
        )}
        <div>
          <Stuck
            step={step}
            isSaid={isStuckSaid}
            onSaid={guide.onStuckSaid}
            onLook={() => show('look')}
            onOther={() => show('step')}
            onNext={goOn}
          />
          <GuideAside
            step={step}
            side={session.side}
            isFirst={session.stepIndex === 0}
            tool={tool}
            zone={zone}
            coinThicknessMm={coinThicknessMm}
          />
        </div>
      </div>
      <GuideBar
        session={session}
        feelButton={counter}
        act={act}
        press={guide.press}
        onPause={guide.pause}
        onTest={() => show('test')}
        onLook={() => show('look')}
        onStep={() => show('step')}
        onNext={goOn}
      />
    </>
  );
}

/** What the ear hears, or why it does not. */
function EarLine({ state }: { state: EarState }) {
  const words = !state ? say.asking : 'lost' in state ? earLost(state.lost) : earHears(state.heard);
  return (
    <p role="status" className="mx-auto min-h-7 w-full max-w-[82rem] px-4 sm:px-8">
      {words}
    </p>
  );
}
