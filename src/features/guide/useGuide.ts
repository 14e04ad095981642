'use client';

import { useLayoutEffect, useState, type RefObject } from 'react';
import { advance, setsOf, type GuideEvent } from '../../core';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { LiveRecord } from '../../live';
import type { GuideAction } from './guideAction';
import type { PanelName } from './GuidePanel';
import { useAwake } from './useAwake';
import { useClock } from './useClock';
import { useCounting, type Counting } from './useCounting';
import { useGuideKeys } from './useGuideKeys';
import { useScheme } from '../../ui/useScheme';
import { turnsByItself } from './turnsByItself';
import { useLeaving } from './useLeaving';
import { stampNow } from '../../domain/clock';

/** What the guide does for the hand: acts on the session, by touch, by keys, by its beat and its clock. */
export interface GuideInHand {
  panel: PanelName;
  show: (panel: PanelName) => void;
  /** Sets that turn by themselves; nothing where the tool is turned over by hand. */
  sets: number[] | undefined;
  act: (action: GuideAction) => void;
  /** Acts, and gives the focus back to the counter, so that the space bar counts again. */
  press: (action: GuideAction) => void;
  /** To the next step, asking first where something is to be asked. */
  goOn: () => void;
  leave: () => void;
  pause: () => void;
  /** What a stuck step may want has been said at this step. */
  isStuckSaid: boolean;
  onStuckSaid: () => void;
  counting: Counting;
}

export function useGuide(
  props: { live: LiveRecord<Session>; session: Session; settings: Settings },
  counter: RefObject<HTMLButtonElement | null>,
): GuideInHand {
  const { live, session, settings } = props;
  const [panel, show] = useState<PanelName>('count');
  const step = session.steps[session.stepIndex]!;
  // On a phone a panel may have been scrolled: the next one begins at its head.
  useLayoutEffect(() => {
    window.scrollTo(0, 0);
  }, [panel, session.stepIndex]);
  const [stuckSaidAt, setStuckSaidAt] = useState<number | null>(null);
  const byFeel = step.byFeel !== null;
  const paused = session.pausedAt !== null;

  const [scheme] = useScheme();
  // One whole side is turned over by hand; sets turn by themselves.
  const sets = turnsByItself(scheme) ? setsOf(scheme, step.plannedPerSide) : undefined;
  const act = (action: GuideAction): void => {
    const own = action.type === 'stroke' ? { sets } : {};
    const event = { ...action, ...own, at: stampNow() } as GuideEvent;
    // A refused write shows its own notice, and can be tried again there.
    live.change((present) => advance(present, event)).catch(() => {});
  };
  const press = (action: GuideAction): void => {
    act(action);
    counter.current?.focus({ preventScroll: true });
  };
  const { goOn, leave } = useLeaving(session, show, press);
  const pause = (): void => {
    if (byFeel && !paused) act({ type: 'tick' });
    press({ type: paused ? 'resume' : 'pause' });
  };
  const counts = panel === 'count' && !paused;
  // By feel the same key says that a side is done, or starts the clock.
  const stroke = (): void => act({ type: !byFeel ? 'stroke' : paused ? 'resume' : 'side done' });
  const counting = useCounting({ session, settings }, counts, stroke);
  useAwake();
  useClock(byFeel && counts, () => act({ type: 'tick' }));
  useGuideKeys(panel === 'count', {
    stroke: counting.tap,
    takeBack: () => act({ type: 'take back' }),
    turnOver: () => act({ type: 'turn over' }),
    pause,
    nextStep: goOn,
    previousStep: () => act({ type: 'previous step', from: session.stepIndex }),
    look: () => show('look'),
  });
  const isStuckSaid = stuckSaidAt === session.stepIndex;
  const onStuckSaid = (): void => setStuckSaidAt(session.stepIndex);
  return {
    panel,
    show,
    sets,
    act,
    press,
    goOn,
    leave,
    pause,
    isStuckSaid,
    onStuckSaid,
    counting,
  };
}
