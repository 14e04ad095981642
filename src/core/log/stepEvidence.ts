import type { LoggedSession, LoggedStep } from '../../domain/loggedSession';
import type { Look, PaceEvidence, StrokesEvidence } from '../evidence';
import { PRIORS } from '../priors';
import { readingApexUm, upperEdgeUm, worstStretch } from '../sharpness';
import type { Pace } from '../wear';
import { reachedTarget } from './finished';
import type { FamilyOf } from './forgotten';
import { combined, type StateLn } from './stateBefore';

/** A count this near the plan (ln) is the plan's, and not the hand's own end. */
const AS_PLANNED_LN = 0.1;
/** A test is of the end of a step where no more than this share of its strokes came after it. */
const END_SHARE = 0.9;
/** Fewer strokes than this say little about pace. */
const LEAST_TIMED_STROKES = 10;
/** Turning the tool over and looking are in the time; hands are not faster than this (a minute). */
const FASTEST_PER_MINUTE = 300;

/** What was read of a session once stays read: a log is asked again and again. */
const known = new WeakMap<LoggedSession, { forecast: string; read: StrokesEvidence[] }>();

/**
 * What a session's steps say of strokes. No evidence: steps without a baseline (usual counts, closing,
 * deburring), left out, without any look; an apex restored that nobody had tested before, or that passed already.
 */
export function strokesEvidence(
  session: LoggedSession,
  familyOf: FamilyOf,
  forecast?: StateLn,
): StrokesEvidence[] {
  const found = known.get(session);
  const key = forecast ? JSON.stringify(forecast) : '';
  if (
    found &&
    found.forecast === key &&
    found.read.every((own) => familyOf(own.itemId) === own.family)
  )
    return found.read;
  const read = readStrokes(session, familyOf, forecast);
  if (read.length > 0) known.set(session, { forecast: key, read });
  return read;
}

function readStrokes(
  session: LoggedSession,
  familyOf: FamilyOf,
  forecast: StateLn | undefined,
): StrokesEvidence[] {
  return session.steps.flatMap((step, i): StrokesEvidence[] => {
    const { baseline, itemId, left, right, skipped } = step;
    const family = familyOf(itemId);
    // By feel nothing was counted: it teaches minutes alone.
    if (
      step.byFeel ||
      !baseline ||
      baseline.strokes <= 0 ||
      left + right === 0 ||
      skipped !== null ||
      !family
    )
      return [];
    const restores = i === 0 || baseline.apexUm !== null;
    const apex = restores ? apexOf(session, step, forecast) : null;
    if (restores && !apex) return [];
    const looks = restores ? looksOf(session, step) : endOf(session, step);
    if (looks.length === 0) return [];
    return [
      {
        what: 'strokes',
        at: session.finishedAt!,
        sessionId: session.id,
        stepIndex: i,
        toolId: session.toolId,
        itemId,
        family,
        person: session.person,
        predicted: baseline.strokes * (apex?.times ?? 1),
        hardnessHrc: baseline.hardnessHrc,
        // Strokes that restore an apex go as its radius squared: what was unsure of it is unsure of them.
        sdLn: Math.hypot(PRIORS.stepSdLn.value, apex?.strokesSdLn ?? 0),
        looks,
        apex:
          step.kind === 'stone' && apex
            ? {
                beforeUm: apex.beforeUm,
                finishUm: step.plannedApexUm,
                upperUm: goalUm(session, step),
              }
            : null,
      },
    ];
  });
}

/** Strokes go as the radius to this power: on a strop they are those of a burr that wears off. */
function powerOf({ kind }: LoggedStep): number {
  return kind === 'strop' ? 1 : PRIORS.strokesPower.value;
}

/**
 * The apex before a step that restores it, by its tests and by what its work was to do: its radius, what it
 * is unsure by in strokes, and how many times the strokes that were planned for it; null where nobody had tested
 * it, or it passed already.
 */
function apexOf({ before, targetApexUm }: LoggedSession, step: LoggedStep, forecast?: StateLn) {
  if (before.tests.length === 0) return null;
  const { apexRadiusUm, sdLn } = worstStretch(before.tests);
  // Of damage its depth says how long it takes.
  if (step.task === 'grind out damage') return { beforeUm: apexRadiusUm, strokesSdLn: 0, times: 1 };
  if (targetApexUm !== null && apexRadiusUm <= upperEdgeUm(targetApexUm)) return null;
  const state = combined({ meanLn: Math.log(apexRadiusUm), sdLn }, forecast);
  const power = powerOf(step);
  const assumedUm = step.baseline?.apexUm ?? apexRadiusUm;
  return {
    beforeUm: Math.exp(state.meanLn),
    strokesSdLn: power * state.sdLn,
    times: Math.exp(power * (state.meanLn - Math.log(assumedUm))),
  };
}

/** The bluntest apex (µm) that passes the test that a step is to end at. */
function goalUm({ targetApexUm }: LoggedSession, { plannedApexUm }: LoggedStep): number {
  return upperEdgeUm(Math.max(plannedApexUm, targetApexUm ?? 0));
}

/** Every look at the apex while it was restored, in their order. */
function looksOf(session: LoggedSession, step: LoggedStep): Look[] {
  const end = step.left + step.right;
  const upperUm = goalUm(session, step);
  const all: Look[] = [
    // Ink that is gone says how it was held; ink that is left, that the apex has not been met.
    ...step.inkChecks
      .filter(({ seen }) => seen === 'left at the edge')
      .map(({ strokes }): Look => ({ count: strokes, says: 'no', by: 'sign' })),
    ...step.burrWalks.map(({ strokes, felt }): Look => ({
      count: strokes,
      says: felt.every(Boolean) ? 'yes' : 'no',
      by: 'sign',
    })),
    ...step.glints
      .filter(({ seen }) => seen)
      .map(({ strokes }): Look => ({ count: strokes, says: 'no', by: 'sign' })),
    ...step.tests
      .filter(({ strokes }) => strokes !== null && strokes > 0)
      .map((reading): Look => ({
        count: reading.strokes!,
        says: readingApexUm(reading) <= upperUm ? 'yes' : 'no',
        by: 'test',
      })),
  ]
    .filter(({ count }) => count > 0 && count <= end)
    .sort((a, b) => a.count - b.count);
  // What follows the first yes says nothing of what was needed: a strop can go past its best.
  const firstYes = all.findIndex(({ says }) => says === 'yes');
  const looks = firstYes < 0 ? all : all.slice(0, firstYes + 1);
  const last = looks.at(-1);
  if (!last) return [];
  // The hand ended it where it thought best, and the test agrees. A sign that was first asked for there
  // may have shown long before.
  const isOwnEnd = last.says === 'yes' && last.by === 'test' && last.count >= END_SHARE * end;
  if (looks.length === 1 && isOwnEnd && isOwn(step))
    return [{ count: end, says: 'done', by: 'test' }];
  // Stopped after a look that said no, and never there: its end says no as well.
  const isStopped = last.says === 'no' && last.count < end && reachedTarget(session) === false;
  return isStopped ? [...looks, { count: end, says: 'no', by: last.by }] : looks;
}

/** Where scratches go no test tells: only an end of the hand's own, in a session that reached its target. */
function endOf(session: LoggedSession, step: LoggedStep): Look[] {
  const isSeen = isOwn(step) && step.finishedAt !== null && reachedTarget(session) === true;
  return isSeen ? [{ count: step.left + step.right, says: 'done', by: 'sign' }] : [];
}

/** Whether a step ended by the hand's own judgement, and not by the plan's count. */
function isOwn({ left, right, plannedPerSide }: LoggedStep): boolean {
  return (
    plannedPerSide > 0 && Math.abs(Math.log((left + right) / (2 * plannedPerSide))) > AS_PLANNED_LN
  );
}

/** What a session's timed steps say of the hand's pace, beside that of the settings. */
export function paceEvidence(session: LoggedSession, pace: Pace): PaceEvidence[] {
  return session.steps
    .filter(
      ({ left, right, activeSeconds }) => left + right >= LEAST_TIMED_STROKES && activeSeconds > 0,
    )
    .map(({ left, right, activeSeconds, motion }) => ({
      what: 'pace',
      at: session.finishedAt!,
      toolId: session.toolId,
      person: session.person,
      motion,
      predicted: pace[motion],
      hardnessHrc: null,
      sdLn: PRIORS.paceStepSdLn.value,
      seen: Math.min(FASTEST_PER_MINUTE, ((left + right) * 60) / activeSeconds),
    }));
}
