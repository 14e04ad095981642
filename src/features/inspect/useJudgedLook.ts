'use client';

import { useMemo } from 'react';
import {
  adviseAngle,
  damageChoices,
  damageToMend,
  edgeJobOf,
  edgeWord,
  judgeEdge,
  type AngleAdvice,
  type DamageChoice,
  type EdgeVerdict,
  type EdgeWord,
  type ZoneState,
} from '../../core/inspection';
import { seenApex } from '../../core/sharpness';
import { NO_CHECKS } from '../../domain/observation';
import { newRecord } from '../../domain/newRecord';
import type { Inspection, Observation, ToolChecks } from '../../domain/session';
import { tasksOf, type TaskId } from '../../domain/tasks';
import type { DamageWay } from '../../domain/terms';
import { useBench, useTester, type ToolLog } from '../../live';
import { stampNow } from '../../domain/clock';

/** A look under way: what was seen and checked, how the chip is to be met, what work the edge does. */
export interface LookUnderWay {
  seen: Observation;
  checks: ToolChecks;
  damageWay: DamageWay | null;
  taskIds: readonly TaskId[];
}

export interface JudgedLook {
  word: EdgeWord | 'unknown';
  verdict: EdgeVerdict;
  choices: DamageChoice[];
  advice: AngleAdvice;
}

/** What the look under way comes to, with the bench and the log; null while they are read. */
export function useJudgedLook(
  { tool, zone, state }: ZoneState,
  { sessions, inspections }: ToolLog,
  { seen: read, checks, damageWay, taskIds }: LookUnderWay,
): JudgedLook | null {
  const byTester = useTester();
  const seen = useMemo(() => byTester(read), [byTester, read]);
  const benchFor = useBench();
  const bench = useMemo(() => benchFor?.(tool), [benchFor, tool]);
  const knownApexUm = state.apex?.apexRadiusUm ?? null;
  const judged = useMemo(() => {
    if (!bench) return null;
    const look = { tool, zone, seen, keenRadiusUm: state.keenUm, bench, damageWay, knownApexUm };
    const edge = edgeJobOf({ ...look, sessions });
    return {
      verdict: judgeEdge({ ...look, checks, history: sessions }),
      choices: edge ? damageChoices(edge) : [],
    };
  }, [bench, tool, zone, seen, checks, sessions, state, damageWay, knownApexUm]);
  const advice = useMemo(
    () =>
      adviseAngle({
        tool,
        zone,
        sessions,
        inspections: [...inspections, asInspection(seen, zone.id)],
        tasks: tasksOf(taskIds),
      }),
    [tool, zone, sessions, inspections, seen, taskIds],
  );
  if (!judged) return null;

  const apexUm = seen.tests.length > 0 ? seenApex(seen)!.apexRadiusUm : knownApexUm;
  const word =
    apexUm === null
      ? 'unknown'
      : edgeWord(apexUm, zone.targetApexUm, damageToMend(tool, zone, seen.findings));
  return { ...judged, advice, word };
}

/** The look as it would stand in the log, for advice that follows while it is entered. */
function asInspection(seen: Observation, zoneId: string): Inspection {
  const at = stampNow();
  const looked = {
    toolId: '',
    zoneId,
    tripId: null,
    at,
    seen,
    lookedAlong: true,
    checks: NO_CHECKS,
    notes: '',
  };
  return { ...newRecord('now', at), ...looked };
}
