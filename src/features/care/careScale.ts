import { careWords as say } from './words';
import { millisecondsInDay as DAY_MS } from 'date-fns/constants';

/** Where the rule of time puts a day: what is over above today, the next trip across as a gate, the rest below. */

/** What is longer over than this, or farther off, stands at the end of the rule (days). */
const MOST_OVER = 365;
const FARTHEST = 3 * 365;

/** Places on the page (px) that the rule is held to. */
export interface RuleFrame {
  top: number;
  today: number;
  bottom: number;
  /** The gate, and the trip's first and last day (ms); null without a trip. */
  gate: { top: number; bottom: number; startsMs: number; endsMs: number } | null;
}

/** The place (px) of a moment; days count by their logarithm, so that near ones stand apart. */
export function rulePlace(frame: RuleFrame, nowMs: number, atMs: number): number {
  const { top, today, bottom, gate } = frame;
  if (atMs <= nowMs) return today - (today - top) * share(nowMs - atMs, MOST_OVER);
  if (!gate) return today + (bottom - today) * share(atMs - nowMs, FARTHEST);
  if (atMs <= gate.startsMs) {
    const days = Math.max(1, (gate.startsMs - nowMs) / DAY_MS);
    return today + (gate.top - today) * share(atMs - nowMs, days);
  }
  if (atMs <= gate.endsMs) {
    const through = (atMs - gate.startsMs) / Math.max(1, gate.endsMs - gate.startsMs);
    return gate.top + (gate.bottom - gate.top) * through;
  }
  return gate.bottom + (bottom - gate.bottom) * share(atMs - gate.endsMs, FARTHEST);
}

function share(ms: number, mostDays: number): number {
  return Math.min(1, Math.log1p(ms / DAY_MS) / Math.log1p(mostDays));
}

const OVER_TICKS = [
  [7, say.n1Week],
  [30, say.n1Month],
  [91, say.n3Months],
  [182, say.n6Months],
] as const;
const AHEAD_DAYS = [1, 3, 7, 14, 30, 61, 122, 243, 365, 730];
/** Ticks nearer than this (px) would lie on each other. */
const LEAST_APART = 17;
/** Today's own words stand so far (px) above its line. */
const TODAY_WORDS = 11;

/** The ticks of the rule, each where there is room for its words. */
export function ruleTicks(
  frame: RuleFrame,
  nowMs: number,
  dayWords: (ms: number, days: number) => string,
): { y: number; words: string }[] {
  const from = frame.gate ? Math.max(nowMs, frame.gate.endsMs) : nowMs;
  const wanted = [
    ...OVER_TICKS.map(([days, words]) => ({ ms: nowMs - days * DAY_MS, words })),
    ...(frame.gate && frame.gate.startsMs > nowMs
      ? AHEAD_DAYS.map((days) => nowMs + days * DAY_MS)
          .filter((ms) => ms < frame.gate!.startsMs)
          .map((ms) => ({ ms, words: dayWords(ms, (ms - nowMs) / DAY_MS) }))
      : []),
    ...AHEAD_DAYS.map((days) => {
      const ms = from + days * DAY_MS;
      return { ms, words: dayWords(ms, (ms - nowMs) / DAY_MS) };
    }),
  ];
  const taken = [
    frame.today,
    frame.today - TODAY_WORDS,
    ...(frame.gate ? [frame.gate.top, frame.gate.bottom] : []),
  ];
  const ticks: { y: number; words: string }[] = [];
  for (const { ms, words } of wanted) {
    const y = rulePlace(frame, nowMs, ms);
    if (taken.some((other) => Math.abs(other - y) < LEAST_APART)) continue;
    taken.push(y);
    ticks.push({ y, words });
  }
  return ticks;
}
