import type { EdgeForecast, RungOut, SetAdvice, Spread } from '../../core/trip';
import type { TripTask } from '../../domain/tripTasks';
import { minutes } from '../format';

/** Minutes as a forecast has them: the middle, and two in three. */
export function spreadWords({ low, median, high }: Spread): string {
  return high < 1 ? 'under 1 min' : `${minutes(median)} (${Math.round(low)}–${Math.round(high)})`;
}

/** A chance as people say it: eight times in ten. */
export function chanceWords(chance: number): string {
  if (chance >= 0.97) return 'nearly always';
  // Ten in ten would be more than nearly always.
  const tens = Math.min(9, Math.round(chance * 10));
  if (tens === 0) return 'hardly ever';
  return `${NUMBERS[tens]} ${tens === 1 ? 'time' : 'times'} in ten`;
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

const NEEDS: Record<RungOut, string> = { strop: 'the strop', stone: 'a stone', file: 'the file' };

/** The message of an edge's days: what it will want, when, and how surely. */
export function edgeTitle(
  name: string,
  { days }: EdgeForecast,
  dayName: (day: number) => string,
): string {
  const all = days.flatMap((day) =>
    (['file', 'stone', 'strop'] as const).map((rung) => ({
      day: day.day,
      rung,
      chance: Math.max(day.eveningWork[rung], day.midJob[rung]),
    })),
  );
  const found = (['file', 'stone', 'strop'] as const)
    .map((rung) => all.filter((each) => each.rung === rung).sort((a, b) => b.chance - a.chance)[0]!)
    .find(({ chance }) => chance >= 0.3);
  if (!found) return `${name} needs nothing out there`;
  return `${name} needs ${NEEDS[found.rung]} on ${dayName(found.day)}, ${chanceWords(found.chance)}`;
}

/** What a set that gives up before its work does is best helped with, and what either way costs. */
export function setWords(
  advice: SetAdvice,
  name: string,
  dayName: string,
  task: TripTask | undefined,
): string {
  const { copies, asPlanned, oneMore, oneStopMore, cheaper, oneMoreSaves, swapMinutes, lasts } =
    advice;
  const saved = (way: SetAdvice['oneMore']): string => {
    const dull = 60 * (asPlanned.belowHours - way.belowHours);
    const spent = way.minutes - asPlanned.minutes;
    const work = spent > 0.5 ? `${minutes(spent)} more work` : 'no more work';
    return `${work}, ${minutes(Math.max(0, dull))} less with a dull edge`;
  };
  const counted = task?.counted;
  const many = counted
    ? `about ${Math.max(1, Math.round(lasts.hours * counted.perHour))} ${counted.unit}`
    : `${Math.round(10 * lasts.hours) / 10} h of ${task?.name ?? 'work'}`;
  const swap = `Swap ${name} at about ${minutes(swapMinutes)}; the ${copies} last ${many}. Lay the dull ones apart, for one batch in the evening.`;
  if (!oneMoreSaves) {
    return `${swap} They may be dull before the job ends on ${dayName}: a touch-up in mid-job costs ${saved(oneStopMore)}; one more would save nothing.`;
  }
  const [first, second] =
    cheaper === 'one more'
      ? [`one more saves most (${saved(oneMore)})`, `a touch-up in mid-job: ${saved(oneStopMore)}`]
      : [
          `a touch-up in mid-job costs least (${saved(oneStopMore)})`,
          `one more: ${saved(oneMore)}`,
        ];
  return `${swap} The ${copies} may be dull before the job ends on ${dayName}: ${first}; ${second}.`;
}
