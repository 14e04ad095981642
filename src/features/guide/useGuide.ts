'use client';

import { useLayoutEffect, useState, type RefObject, useEffect, useRef } from 'react';
import { advance, setsOf, type GuideEvent, gateAt } from '../../core/touchUp';
import type { Session } from '../../domain/session';
import type { Settings } from '../../domain/settings';
import type { LiveRecord } from '../../live';
import type { GuideAction } from './guideAction';
import type { PanelName } from './GuidePanel';
import { useCounting, type Counting } from './useCounting';
import { useScheme } from '../../ui/useScheme';
import { stampNow } from '../../domain/clock';
import type { CountScheme } from '../../domain/terms';
import { useSittingTurn } from './useSittingTurn';
import { SHORTCUTS_KEY, usePreference } from '../../ui/preferences';

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

/** Whether the tool turns over by itself: all that is not counted a side, or along the edge, at a time. */
function turnsByItself(scheme: CountScheme): boolean {
  return scheme !== 'a side at a time' && scheme !== 'heel to toe and back';
}

/** A tick is kept so often: what a lost phone takes along is no more than this. */
const EVERY_MS = 5000;

/** Calls `tick` at a steady pace while the clock runs. */
function useClock(runs: boolean, tick: () => void): void {
  const latest = useRef(tick);
  useEffect(() => {
    latest.current = tick;
  });
  useEffect(() => {
    if (!runs) return;
    const timer = setInterval(() => latest.current(), EVERY_MS);
    return () => clearInterval(timer);
  }, [runs]);
}

/** Keeps the screen lit while wet hands are at the stone; asked for anew when the page comes back. */
function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async (): Promise<void> => {
      if (gone || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (gone) await lock.release();
      } catch {
        // A browser that saves its battery says no; the guide works with a dark screen too.
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}

/** The way to the next step: asked once where something is to be asked, and without a question. */
function useLeaving(
  session: Session,
  show: (panel: PanelName) => void,
  press: (action: GuideAction) => void,
): { goOn: () => void; leave: () => void } {
  const turn = useSittingTurn();
  const [askedAt, setAskedAt] = useState<number | null>(null);
  const { stepIndex, steps } = session;
  const leave = (): void => {
    if (stepIndex === steps.length - 1) return show('finish');
    show('count');
    const action = { type: 'next step', from: stepIndex } as const;
    press(action);
    void turn(advance(session, { ...action, at: stampNow() }));
  };
  const goOn = (): void => {
    if (askedAt === stepIndex || !gateAt(session)) return leave();
    setAskedAt(stepIndex);
    show('leave');
  };
  return { goOn, leave };
}

interface GuideKeys {
  stroke: () => void;
  takeBack: () => void;
  turnOver: () => void;
  pause: () => void;
  nextStep: () => void;
  previousStep: () => void;
  look: () => void;
}

const KEYS: Record<string, keyof GuideKeys> = {
  ' ': 'stroke',
  z: 'takeBack',
  t: 'turnOver',
  p: 'pause',
  n: 'nextStep',
  b: 'previousStep',
  i: 'look',
};

/** Keys of the guide. The space bar always counts; on a focused control it keeps its own meaning. */
function useGuideKeys(active: boolean, keys: GuideKeys): void {
  const latest = useRef(keys);
  const [singleKeys] = usePreference(SHORTCUTS_KEY, 'on');
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      const name = KEYS[event.key.toLowerCase()];
      const target = event.target as HTMLElement;
      if (!name || target.closest('input, textarea, select, dialog')) return;
      if (name === 'stroke' && target.closest('button, a, summary')) return;
      if (name !== 'stroke' && singleKeys !== 'on') return;
      event.preventDefault();
      latest.current[name]();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [active, singleKeys]);
}
