import { DATE_LOCALE } from '../locale';
import type { EdgeStory, Effort, LogAnswers, PlansMet } from '../../core/answers';
import { minutes } from '../format';
import { plural } from './plural';

/** What a log has found, in sentences with their numbers. */

const MONTH = new Intl.DateTimeFormat(DATE_LOCALE, { month: 'long', year: 'numeric' });

/** A month as it is said: May 2025. */
export function month(iso: string): string {
  return MONTH.format(new Date(iso));
}

/** The one thing that a log says first. */
export function logTitle(answers: LogAnswers, entries: number, firstAt: string | null): string {
  const { plans, balance } = answers;
  if (plans && Math.abs(plans.first.off - plans.latest.off) >= 0.05) return plansWords(plans);
  if (balance && balance.offThen > 2 * balance.offNow)
    return `Your sides have evened out: ${share(balance.offThen)} apart at first, ${share(balance.offNow)} now`;
  return firstAt === null
    ? 'Log'
    : `${plural(entries, 'entry', 'entries')} since ${month(firstAt)}`;
}

/** How near plans come to what a hand takes. */
export function plansWords({ first, latest }: PlansMet): string {
  const closer = latest.off < first.off;
  return `${closer ? 'Plans come closer' : 'Plans miss by more'}: ${percent(first.off)} off in ${month(first.from)}, ${percent(latest.off)} now`;
}

/** What an edge's log says first, to follow the tool's name. */
export function storyWords(story: EdgeStory): string {
  switch (story.kind) {
    case 'stones trend':
      return story.trend === 'sooner'
        ? `needs a stone sooner each time: after ${then(story.days)} days.`
        : `goes longer each time between stones: ${then(story.days)} days.`;
    case 'lives on the strop':
      return `lives on the strop: ${story.strops} times in a row, no stone for ${plural(story.days, 'day')}.`;
    case 'left alone':
      return `${story.wasThinned ? 'was thinned and then' : 'was'} left alone for ${plural(story.days, 'day')}.`;
    case 'effort':
      return effortWords(story.effort);
    case 'comes back':
      return `comes back to a stone every ${plural(story.medianDays, 'day')}.`;
    case 'so far':
      return `was worked ${times(story.times)}, last ${plural(story.days, 'day')} ago.`;
  }
}

/** Strokes and minutes of alike touch-ups, then and now. */
function effortWords({ then: before, now }: Effort): string {
  const less = now.strokesPerSide < before.strokesPerSide;
  return `takes ${Math.round(now.strokesPerSide)} strokes a side where it took ${Math.round(before.strokesPerSide)}${less ? '' : ': more than before'}; ${minutes(now.minutes)} after ${minutes(before.minutes)}.`;
}

export function percent(value: number): string {
  if (value > 0 && value < 0.005) return 'under 1 %';
  return `${Math.round(100 * value)} %`;
}

/** Distance from a half, as both sides' share of a hundred. */
function share(off: number): string {
  return `${Math.round(50 + 100 * off)} to ${Math.round(50 - 100 * off)}`;
}

function times(count: number): string {
  return count === 1 ? 'once' : `${count} times`;
}

/** The latest few of a row of days: 147, 112, 98, then 35. */
function then(days: readonly number[]): string {
  const shown = days.slice(-5).map(String);
  return shown.length > 1 ? `${shown.slice(0, -1).join(', ')}, then ${shown.at(-1)}` : shown[0]!;
}
