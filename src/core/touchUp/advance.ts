import type { EdgeTest, Finding, Session, SessionStep } from '../../domain/session';
import { isWorked } from '../../domain/observation';
import type { DeburrWay, InkSeen, Side, SkipReason } from '../../domain/terms';
import { handInSets } from './scheme';
import { NOT_FELT } from './startSession';

/** What the hand or the person does in the guide; `at` is the moment, ISO 8601. */
export type GuideEvent = { at: string } & (
  | {
      type: 'stroke';
      count?: number;
      /** Where the tool turns over by itself: strokes of each set. */
      sets?: readonly number[];
    }
  | { type: 'take back' }
  | { type: 'turn over' }
  | { type: 'next step'; from: number }
  | { type: 'skip step'; from: number; reason: SkipReason }
  | { type: 'go on with'; from: number; steps: SessionStep[] }
  | { type: 'previous step'; from: number }
  | { type: 'tick' }
  /** From here on by a clock, without a count; or by strokes again. */
  | { type: 'by feel'; on: boolean }
  | { type: 'side done' }
  | { type: 'glint'; seen: boolean }
  | { type: 'pause' }
  | { type: 'resume' }
  | { type: 'test'; reading: EdgeTest }
  | { type: 'ink'; seen: InkSeen }
  | { type: 'burr'; side: Side; felt: boolean[] }
  | { type: 'deburr'; way: DeburrWay | null }
  | { type: 'note'; notes: string }
  | { type: 'finish'; findings: Finding[]; notes: string }
);

/** A longer gap between two events is a rest, and counts no more than this. */
const LONGEST_GAP_SECONDS = 20;

/**
 * The session after one event. A finished session stays as it is; strokes resume a paused one. A
 * change of step names the step it was made on, so that a double tap or a second tab skips none.
 * Pure, so that the same events give the same record in every tab.
 */
// eslint-disable-next-line max-lines-per-function -- a table of events, a few lines each
export function advance(session: Session, event: GuideEvent): Session {
  if (session.finishedAt !== null) return session;
  const working = { ...session, updatedAt: event.at };
  switch (event.type) {
    case 'stroke':
      return turned(
        onStep({ ...working, pausedAt: null }, (step) => ({
          ...step,
          [session.side]: step[session.side] + (event.count ?? 1),
          activeSeconds: step.activeSeconds + gapSeconds(session, event.at),
        })),
        event.sets,
      );
    case 'take back':
      return onStep(working, (step) => ({
        ...step,
        [session.side]: Math.max(0, step[session.side] - 1),
      }));
    case 'turn over':
      return { ...working, side: session.side === 'left' ? 'right' : 'left' };
    case 'next step':
      if (event.from !== session.stepIndex) return session;
      if (session.stepIndex >= session.steps.length - 1) return session;
      return onward(onStep(working, (step) => ({ ...step, skipped: null, finishedAt: event.at })));
    case 'skip step': {
      if (event.from !== session.stepIndex) return session;
      const { at, reason } = event;
      return onward(onStep(working, (step) => ({ ...step, skipped: reason, finishedAt: at })));
    }
    case 'go on with':
      return event.from === session.stepIndex
        ? goneOnWith(working, event.steps, event.at)
        : session;
    case 'previous step':
      if (event.from !== session.stepIndex || session.stepIndex === 0) return session;
      return { ...working, stepIndex: session.stepIndex - 1, side: 'left' };
    case 'tick':
      return timed(session, event.at);
    case 'by feel':
      return {
        ...onStep(working, (step) => ({ ...step, byFeel: event.on ? NOT_FELT : null })),
        pausedAt: event.on ? event.at : null,
      };
    case 'side done':
      return sideDone(session, event.at);
    case 'glint':
      return onStep(working, (step) => {
        const strokes = step.left + step.right;
        const others = step.glints.filter((look) => look.strokes !== strokes);
        return { ...step, glints: [...others, { strokes, seen: event.seen }] };
      });
    case 'pause':
      return { ...working, pausedAt: event.at };
    case 'resume':
      return { ...working, pausedAt: null };
    case 'test':
      return onStep(working, (step) => ({
        ...step,
        tests: [...step.tests, { ...event.reading, strokes: step.left + step.right }],
      }));
    case 'ink':
      return onStep(working, (step) => {
        const strokes = step.left + step.right;
        const others = step.inkChecks.filter((check) => check.strokes !== strokes);
        return { ...step, inkChecks: [...others, { strokes, seen: event.seen }] };
      });
    case 'burr': {
      const { side, felt } = event;
      return onStep(working, (step) => {
        const strokes = step.left + step.right;
        // The same walk, gone on with: it stands once.
        const others = step.burrWalks.filter((w) => w.strokes !== strokes || w.side !== side);
        return { ...step, burrWalks: [...others, { strokes, side, felt }] };
      });
    }
    case 'deburr':
      return onStep(working, (step) => ({ ...step, deburred: event.way }));
    case 'note':
      return { ...working, notes: event.notes };
    case 'finish':
      return {
        ...onStep(working, (step) => ({ ...step, finishedAt: event.at })),
        finishedAt: event.at,
        pausedAt: null,
        after: { tests: latestTests(session.steps), findings: event.findings },
        notes: event.notes,
      };
  }
}

/** The clock so far, on the side in hand; it stands while work is paused. */
function timed(session: Session, at: string): Session {
  const seconds = gapSeconds(session, at);
  const { side } = session;
  return onStep({ ...session, updatedAt: at }, (step) => ({
    ...step,
    activeSeconds: step.activeSeconds + seconds,
    byFeel: step.byFeel && {
      ...step.byFeel,
      [`${side}Seconds`]: step.byFeel[`${side}Seconds`] + seconds,
    },
  }));
}

/** The side in hand is done, by feel: the other one follows, and with both done the clock stops. */
function sideDone(session: Session, at: string): Session {
  const felt = session.steps[session.stepIndex]!.byFeel;
  if (!felt) return session;
  const { side } = session;
  const other = side === 'left' ? 'right' : 'left';
  const done = onStep(timed(session, at), (step) => ({
    ...step,
    byFeel: step.byFeel && { ...step.byFeel, [`${side}Done`]: true },
  }));
  return felt[`${other}Done`] ? { ...done, pausedAt: at } : { ...done, side: other };
}

/** With the side up that its sets ask for; as it is without sets, and when all of them are done. */
function turned(session: Session, sets: readonly number[] | undefined): Session {
  const hand = sets && handInSets(sets, session.steps[session.stepIndex]!);
  return hand ? { ...session, side: hand.side } : session;
}

/**
 * Other steps in the place of what is left: what was done at the present one, and at later ones before
 * the hand went back, stands before them.
 */
function goneOnWith(session: Session, steps: readonly SessionStep[], at: string): Session {
  const { stepIndex } = session;
  const present = session.steps[stepIndex]!;
  const walked = session.steps.slice(0, stepIndex);
  const later = session.steps.slice(stepIndex + 1);
  const done = [present, ...later].filter(isWorked).map((step) => ({ ...step, finishedAt: at }));
  const kept = [...walked, ...done];
  return { ...session, steps: [...kept, ...steps], stepIndex: kept.length, side: 'left' };
}

/** At the step after; still at the last one where there is none. */
function onward(session: Session): Session {
  const { stepIndex, steps } = session;
  if (stepIndex === steps.length - 1) return session;
  const next = { ...session, stepIndex: stepIndex + 1, side: 'left' as const };
  // By feel the clock waits for the hand.
  return steps[next.stepIndex]!.byFeel ? { ...next, pausedAt: session.updatedAt } : next;
}

/** Tests of the last step that was tested: what the edge passes at the end. */
function latestTests(steps: readonly SessionStep[]): EdgeTest[] {
  const tests = steps.findLast((step) => step.tests.length > 0)?.tests ?? [];
  return tests.slice(-1).map((reading) => ({ ...reading, strokes: null }));
}

/** How far the sides have drifted apart, as strokes more on the left; negative for the right. */
export function balance(step: Pick<SessionStep, 'left' | 'right'>): number {
  return step.left - step.right;
}

function onStep(session: Session, change: (step: SessionStep) => SessionStep): Session {
  return {
    ...session,
    steps: session.steps.map((step, i) => (i === session.stepIndex ? change(step) : step)),
  };
}

function gapSeconds(session: Session, at: string): number {
  if (session.pausedAt !== null) return 0;
  const seconds = (Date.parse(at) - Date.parse(session.updatedAt)) / 1000;
  return Math.min(LONGEST_GAP_SECONDS, Math.max(0, seconds));
}
