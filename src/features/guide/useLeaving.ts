'use client';

import { useState } from 'react';
import { advance, gateAt } from '../../core';
import type { Session } from '../../domain/session';
import type { GuideAction } from './guideAction';
import type { PanelName } from './GuidePanel';
import { useSittingTurn } from './useSittingTurn';
import { stampNow } from '../../domain/clock';

/** The way to the next step: asked once where something is to be asked, and without a question. */
export function useLeaving(
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
