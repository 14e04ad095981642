'use client';

import { useMemo } from 'react';
import { planJob } from '../../core/inspection';
import { NO_WISHES, toolForm, workingFace, type LadderAbrasive } from '../../core/ladder';
import { findingsLeft, plannedSteps } from '../../core/touchUp';
import type { Session, SessionStep } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { useBench, useTester, useToolLog } from '../../live';
import { stepWords } from '../../ui/words/stepWords';

/** A session holds no more steps than this. */
const MOST_STEPS = 20;

/** A thing at hand that the work could go on with, and the steps from there on. */
export interface Swap {
  abrasive: LadderAbrasive;
  steps: SessionStep[];
  minutes: number;
  /** Whether the edge comes out short of what it should be. */
  isShort: boolean;
}

/**
 * What a touch-up could go on with in the place of the thing under the hand, each with the rest planned
 * anew from the last test, the quickest first, and of what falls short only where nothing reaches; undefined while the shelf is read, none for other jobs.
 */
export function useSwaps(session: Session, tool: Tool, zone: Zone): Swap[] | undefined {
  const benchFor = useBench();
  const byTester = useTester();
  const log = useToolLog(tool.id);
  return useMemo(() => {
    if (session.job !== 'touch-up') return [];
    if (!benchFor || !log) return undefined;
    const { steps, stepIndex, before, damageWay, where, spot, tripId } = session;
    const present = steps[stepIndex]!;
    const at = spot ?? (where === 'bench' ? 'bench' : 'camp');
    const bench = benchFor(tool, { spot: at, tripId });
    const tested = steps.slice(0, stepIndex + 1).findLast(({ tests }) => tests.length > 0);
    // In the middle of the first step, untested, the edge counts as what it was before.
    const seen = byTester(
      tested || stepIndex > 0
        ? {
            tests: tested?.tests.slice(-1) ?? before.tests,
            findings: findingsLeft(session, workingFace(tool, zone).angleDeg),
          }
        : before,
    );
    const others = bench.abrasives.filter(({ id }) => id !== present.itemId);
    const swaps = others.flatMap((abrasive): Swap[] => {
      const wish =
        abrasive.kind === 'stone' ? { startsWith: abrasive.id } : { sequence: [abrasive.id] };
      const plan = planJob({
        job: 'touch-up',
        spineWork: null,
        aim: null,
        tool,
        zone,
        seen,
        bench,
        damageWay,
        knownApexUm: null,
        keenRadiusUm: null,
        sessions: log.sessions,
        ownLadder: { ...NO_WISHES, leftOut: [present.itemId], ...wish },
      });
      if (plan?.outcome !== 'planned' || plan.wishesFailed) return [];
      if (stepIndex + 1 + plan.steps.length > MOST_STEPS) return [];
      const isAxe = toolForm(tool.kind) === 'axe';
      const rest = plannedSteps(plan, (step) => stepWords(step, isAxe));
      return [{ abrasive, steps: rest, minutes: plan.minutes, isShort: plan.shortOf.apex }];
    });
    const reaching = swaps.filter(({ isShort }) => !isShort);
    return (reaching.length > 0 ? reaching : swaps).sort((a, b) => a.minutes - b.minutes);
  }, [session, tool, zone, benchFor, byTester, log]);
}
