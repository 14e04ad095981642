'use client';

import Link from 'next/link';
import { useRef, useState } from 'react';
import {
  advance,
  damageToMend,
  edgeWord,
  toolForm,
  worstStretch,
  type GuideEvent,
} from '../../core';
import type { LiveRecord } from '../../live';
import { stepItems } from '../../ui/ruler/stepItems';
import type { Session, SessionStep } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { Tool, Zone } from '../../domain/tool';
import type { Stretch } from '../../ui/edge-strip/EdgeStrip';
import { minutes, plural } from '../../ui/format';
import { MicronRuler } from '../../ui/ruler/MicronRuler';
import { Counter } from './Counter';
import { FinishPanel } from './FinishPanel';
import { GuideAside } from './GuideAside';
import { TestPanel } from './TestPanel';
import { useGuideKeys } from './useGuideKeys';

/** A guide event before its moment is known. */
export type GuideAction = GuideEvent extends infer E
  ? E extends unknown
    ? Omit<E, 'at'>
    : never
  : never;

/** One step a screen: the count large, the signs beside it, the next hand movement below. */
export function Guide(props: {
  session: Session;
  change: LiveRecord<Session>['change'];
  tool: Tool;
  zone: Zone;
  settings: Settings;
}) {
  const { session, change, tool, zone, settings } = props;
  const [panel, setPanel] = useState<'count' | 'test' | 'finish'>('count');
  const step = session.steps[session.stepIndex]!;
  const isLast = session.stepIndex === session.steps.length - 1;
  const isAxe = toolForm(tool.kind) === 'axe';

  const act = (action: GuideAction): void => {
    const event = { ...action, at: new Date().toISOString() } as GuideEvent;
    void change((present) => advance(present, event));
  };
  // After a press on any button the space bar counts again: the counter takes the focus.
  const counter = useRef<HTMLButtonElement>(null);
  const press = (action: GuideAction): void => {
    act(action);
    counter.current?.focus({ preventScroll: true });
  };
  const goOn = (): void => {
    if (isLast) setPanel('finish');
    else press({ type: 'next step', from: session.stepIndex });
  };
  useGuideKeys(panel === 'count', {
    stroke: () => act({ type: 'stroke' }),
    takeBack: () => act({ type: 'take back' }),
    turnOver: () => act({ type: 'turn over' }),
    pause: () => act({ type: session.pausedAt ? 'resume' : 'pause' }),
    nextStep: goOn,
    previousStep: () => act({ type: 'previous step', from: session.stepIndex }),
  });
  return (
    <div className="flex min-h-dvh flex-1 flex-col">
      <header className="bg-neutral text-neutral-content">
        <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-5 px-4 py-1 sm:px-8">
          <h1 className="!text-[1.35rem]">
            {tool.name}
            {session.job === 'spine' ? ', spine' : tool.zones.length > 1 && `, ${zone.name}`}
          </h1>
          <p className="order-last w-full sm:order-none sm:w-auto">
            step {session.stepIndex + 1} of {session.steps.length}, {step.abrasiveName}, to{' '}
            {step.task}
          </p>
          <p className="figures ml-auto">{minutesLeft(session)} left</p>
          <Link href="/" className="inline-flex min-h-12 items-center underline underline-offset-4">
            Leave<span className="hidden sm:inline">, it is kept</span>
          </Link>
        </div>
      </header>
      <div className="mx-auto hidden w-full max-w-[82rem] px-8 sm:block">
        <MicronRuler
          title={`Ladder, at step ${session.stepIndex + 1} of ${plural(session.steps.length, 'step')}`}
          items={stepItems(session.steps)}
          walk={{ steps: session.steps, current: session.stepIndex }}
        />
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
              paused={session.pausedAt !== null}
              isAxe={isAxe}
              byFeel={tool.schools.counting === 'by feel'}
              zone={zone}
              edgeLengthMm={tool.edgeLengthMm}
              stretches={[stretchBefore(session, tool, zone)]}
              onStroke={() => act({ type: 'stroke' })}
            />
            <GuideAside
              step={step}
              isFirst={session.stepIndex === 0}
              tool={tool}
              zone={zone}
              coinThicknessMm={settings.coinThicknessMm}
            />
          </div>
          <div className="sticky bottom-0 border-t-2 border-rule bg-base-200">
            <div className="mx-auto grid max-w-[82rem] grid-cols-4 gap-2 px-3 py-2 sm:flex sm:flex-wrap sm:px-8 sm:py-3">
              <Action label="Back one" onClick={() => press({ type: 'take back' })} />
              <Action
                label={session.pausedAt ? 'Go on' : 'Pause'}
                onClick={() => press({ type: session.pausedAt ? 'resume' : 'pause' })}
              />
              <Action
                label="Test"
                disabled={session.job === 'spine'}
                onClick={() => setPanel('test')}
              />
              <Action
                label="Step back"
                disabled={session.stepIndex === 0}
                onClick={() => press({ type: 'previous step', from: session.stepIndex })}
              />
              {[5, 10].map((count) => (
                <Action
                  key={count}
                  label={`+${count}`}
                  onClick={() => press({ type: 'stroke', count })}
                />
              ))}
              <div className="col-span-2 grid sm:block">
                <Action
                  label={`One set, ${setOf(step)}`}
                  onClick={() => press({ type: 'stroke', count: setOf(step) })}
                />
              </div>
              <button
                type="button"
                className="btn btn-neutral col-span-2 px-6 text-lg sm:ml-auto"
                onClick={() => press({ type: 'turn over' })}
              >
                Turn it over
              </button>
              <button
                type="button"
                className="btn btn-primary col-span-2 px-6 text-lg"
                onClick={goOn}
              >
                {isLast ? 'Finish' : 'Next step'}
              </button>
            </div>
          </div>
        </>
      )}
    </div>
  );
}

/** One set: the strokes of a side in a section, or a fifth of them where there is but one. */
function setOf({ plannedPerSide, sections }: SessionStep): number {
  return Math.max(1, Math.round(plannedPerSide / (sections > 1 ? sections : 5)));
}

/** The edge as it was when the touch-up began. */
function stretchBefore({ before }: Session, tool: Tool, zone: Zone): Stretch {
  const depthMm = damageToMend(tool, zone, before.findings);
  const word =
    before.tests.length > 0
      ? edgeWord(worstStretch(before.tests).apexRadiusUm / zone.targetApexUm, depthMm)
      : 'tired';
  return {
    name: zone.name,
    startMm: zone.startMm,
    endMm: zone.endMm,
    word,
    findings: before.findings,
  };
}

function Action(props: { label: string; disabled?: boolean; onClick: () => void }) {
  return (
    <button
      type="button"
      className="btn btn-outline px-1 text-[0.95rem] whitespace-nowrap sm:px-5 sm:text-[1.02rem]"
      disabled={props.disabled}
      onClick={props.onClick}
    >
      {props.label}
    </button>
  );
}

/** Planned minutes of what is still to do, this step in proportion to its strokes. */
function minutesLeft(session: Session): string {
  const left = session.steps.slice(session.stepIndex).reduce((sum, step, i) => {
    const done = i === 0 ? (step.left + step.right) / (2 * Math.max(1, step.plannedPerSide)) : 0;
    return sum + step.plannedMinutes * Math.max(0, 1 - done);
  }, 0);
  return minutes(left);
}
